package promedio.desktop.card;

import java.util.ArrayList;
import java.util.List;
import javafx.collections.FXCollections;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Words;

/** The course card opened: every convention with its choices, grouped by subject. */
public final class CardPane extends VBox {
    private static final List<CardKey.Subject> SUBJECTS =
            List.of(CardKey.Subject.CENTRE, CardKey.Subject.POSITION, CardKey.Subject.SPREAD, CardKey.Subject.SHAPE);

    private final DeskModel model;
    private final List<Runnable> refreshers = new ArrayList<>();
    private final Label set = new Label();
    private final Hyperlink back = new Hyperlink(Words.of("card.set.back"));
    private boolean showing;

    /** The card of a desk, closed. */
    public CardPane(DeskModel model) {
        this.model = model;
        getStyleClass().add("card-pane");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                setOpen(false);
                key.consume();
            }
        });
        model.assignmentProperty().addListener((property, before, now) -> refresh());
        StackPane.setAlignment(this, Pos.TOP_RIGHT);
        setOpen(false);
    }

    /** Lays the card out when it is first opened: its many choices would make the window come later. */
    private void build() {
        Label head = new Label(Words.of("card.head"));
        head.getStyleClass().add("card-head");
        Label intro = new Label(Words.of("card.intro"));
        intro.getStyleClass().add("soft");
        Button close = new Button(Words.of("card.close"));
        close.getStyleClass().add("quiet-button");
        close.setId("card-close");
        close.setOnAction(click -> setOpen(false));
        Region spacer = new Region();
        HBox.setHgrow(spacer, javafx.scene.layout.Priority.ALWAYS);
        back.setId("card-put-back");
        back.setOnAction(click -> model.classwork().putCardBack());
        set.getStyleClass().add("card-set");
        set.setWrapText(true);
        HBox setLine = new HBox(set, back);
        setLine.setAlignment(Pos.BASELINE_LEFT);
        refreshers.add(() -> showSet(setLine));
        HBox top = new HBox(new VBox(head, intro, setLine), spacer, close);
        VBox left = new VBox();
        left.getStyleClass().add("card-column");
        for (CardKey.Subject subject : SUBJECTS) {
            left.getChildren().add(group(subject));
        }
        VBox right = new VBox(group(CardKey.Subject.WRITING), group(CardKey.Subject.CLASSES));
        right.getStyleClass().add("card-column");
        HBox groups = new HBox(left, right);
        groups.getStyleClass().add("card-groups");
        getChildren().addAll(top, groups);
        refresh();
    }

    /** Whether the card was set with the assignment, and whether it is as it was set. */
    private void showSet(HBox line) {
        boolean some = model.classwork().tasks().card().isPresent();
        boolean changed = model.classwork().isCardChanged();
        set.setText(Words.of(changed ? "card.set.changed" : "card.set"));
        back.setVisible(changed);
        back.setManaged(changed);
        line.setVisible(some);
        line.setManaged(some);
    }

    /** Opens or closes the card. */
    public void setOpen(boolean open) {
        if (open && getChildren().isEmpty()) {
            build();
        }
        setVisible(open);
        setManaged(open);
        if (open) {
            getChildren().get(1).lookup(".combo-box").requestFocus();
        }
    }

    /** The card folded: a sentence that opens it. */
    public static Button folded(DeskModel model, Runnable open) {
        Button sentence = new Button();
        sentence.getStyleClass().add("card-sentence");
        sentence.setId("card");
        Tip.whenCut(sentence);
        sentence.setOnAction(click -> open.run());
        Runnable show = () -> {
            String said = CardSentence.of(
                    model.assignment().card(),
                    model.sheet().filter(sheet -> sheet.can(Use.MIDPOINTS)).isPresent());
            boolean set = model.classwork().tasks().card().isPresent();
            boolean changed = model.classwork().isCardChanged();
            sentence.setText(set ? Words.of(changed ? "card.set.otherwise" : "card.set.so", said) : said);
        };
        model.assignmentProperty().addListener((property, before, now) -> show.run());
        model.selectedProperty().addListener((property, before, now) -> show.run());
        show.run();
        return sentence;
    }

    private Node group(CardKey.Subject subject) {
        VBox group = new VBox();
        group.getStyleClass().add("card-group");
        Label name = new Label(Words.of("card.subject." + subject));
        name.getStyleClass().add("group-name");
        group.getChildren().add(name);
        CardKey.all().stream().filter(key -> key.subject() == subject).forEach(key -> group.getChildren()
                .add(choice(key)));
        return group;
    }

    private <T> Node choice(CardKey<T> key) {
        Label label = new Label(Words.of(Sentence.of("card." + key.id())));
        label.getStyleClass().add("card-label");
        ComboBox<T> box = new ComboBox<>(FXCollections.observableArrayList(key.choices()));
        box.setId("card-" + key.id());
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(T choice) {
                return choice == null ? "" : Words.of(CourseCard.wordsOf(key, key.idOf(choice)));
            }

            @Override
            public T fromString(String text) {
                throw new IllegalStateException("The choices of the card are not typed.");
            }
        });
        label.setLabelFor(box);
        box.valueProperty().addListener((property, before, choice) -> {
            if (!showing && choice != null) {
                model.choose(key, choice);
            }
        });
        refreshers.add(() -> {
            T chosen = model.assignment().card().get(key);
            if (!box.getItems().contains(chosen)) {
                box.getItems().add(chosen);
            }
            box.setValue(chosen);
        });
        HBox line = new HBox(label, box);
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().add("card-line");
        return line;
    }

    private void refresh() {
        showing = true;
        refreshers.forEach(Runnable::run);
        showing = false;
    }
}
