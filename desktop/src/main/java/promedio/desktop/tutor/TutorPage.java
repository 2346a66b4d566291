package promedio.desktop.tutor;

import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.tutor.Classwork;
import promedio.desktop.text.Words;

/** The pages for the tutor, in the place of the samples’: questions and answers. Escape goes back. */
public final class TutorPage extends VBox {
    private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");

    private final Classwork work;
    private final QuestionsPane questions;
    private final AnswersPane answers;
    private final WorkingsPane workings;

    /** The pages of a desk. */
    public TutorPage(DeskModel model, TutorWays ways) {
        this.work = model.classwork();
        this.questions = new QuestionsPane(model, ways);
        this.answers = new AnswersPane(model, ways);
        this.workings = new WorkingsPane(model, ways);
        getStyleClass().add("tutor-page");
        setId("tutor-page");
        VBox.setVgrow(questions, Priority.ALWAYS);
        VBox.setVgrow(answers, Priority.ALWAYS);
        VBox.setVgrow(workings, Priority.ALWAYS);
        getChildren().addAll(head(), questions, answers, workings);
        work.pageProperty().addListener((property, before, now) -> turn());
        addEventHandler(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                work.leave();
                key.consume();
            }
        });
        turn();
    }

    private HBox head() {
        Label title = new Label(Words.of("tutor.title"));
        title.getStyleClass().add("tutor-title");
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        Button back = new Button(Words.of("tutor.back"));
        back.setId("tutor-back");
        back.getStyleClass().add("quiet-button");
        back.setMinWidth(USE_PREF_SIZE);
        back.setOnAction(press -> work.leave());
        HBox head = new HBox(
                title,
                edge(Classwork.Side.QUESTIONS),
                edge(Classwork.Side.ANSWERS),
                edge(Classwork.Side.WORKINGS),
                between,
                back);
        head.setAlignment(Pos.BOTTOM_LEFT);
        head.getStyleClass().add("tutor-head");
        return head;
    }

    private Node edge(Classwork.Side page) {
        Button edge = new Button(Words.of("tutor." + page));
        edge.getStyleClass().add("edge");
        edge.setId("tutor-" + page);
        edge.setOnAction(press -> work.pageProperty().set(page));
        work.pageProperty().addListener((property, before, now) -> edge.pseudoClassStateChanged(CURRENT, now == page));
        edge.pseudoClassStateChanged(CURRENT, work.pageProperty().get() == page);
        return edge;
    }

    private void turn() {
        Classwork.Side side = work.pageProperty().get();
        show(questions, side == Classwork.Side.QUESTIONS);
        show(answers, side == Classwork.Side.ANSWERS);
        show(workings, side == Classwork.Side.WORKINGS);
    }

    private static void show(Node pane, boolean shown) {
        pane.setVisible(shown);
        pane.setManaged(shown);
    }

    /** Puts the cursor where the work goes on. */
    public void focus() {
        lookupAll(".edge").stream()
                .filter(edge -> edge.getPseudoClassStates().contains(CURRENT))
                .findFirst()
                .ifPresent(Node::requestFocus);
    }
}
