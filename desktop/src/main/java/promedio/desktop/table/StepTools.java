package promedio.desktop.table;

import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.sentence.Visible;
import promedio.core.trail.Prepared;
import promedio.core.trail.Recoding;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.table.TableTrail;
import promedio.desktop.text.Words;

/** What a step is made with by hand, between the rows and the line of the step: bands cut, values replaced or named. */
final class StepTools extends VBox {
    private static final int LONGEST = 60;

    private final DeskModel model;
    private final StepBar steps;
    private final Label title = new Label();
    private final HBox head;
    private final BandsPane bands;
    private final ValuesPane values;
    /** The table that it was opened for. */
    private Prepared table;

    StepTools(DeskModel model, StepBar steps) {
        this.model = model;
        this.steps = steps;
        bands = new BandsPane(steps);
        values = new ValuesPane(steps);
        getStyleClass().add("step-tools");
        title.getStyleClass().add("trail-head");
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        Hyperlink close = new Hyperlink(Words.of("tools.close"));
        close.setId("tools-close");
        close.setOnAction(press -> close(true));
        head = new HBox(title, between, close);
        addEventHandler(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                close(true);
                key.consume();
            }
        });
        model.trail().troddenProperty().addListener((property, before, now) -> {
            if (now == null || now.state() != table) {
                close(false);
            }
        });
        close(false);
    }

    private void close(boolean clear) {
        if (isVisible() && clear) {
            steps.put("");
        }
        table = null;
        setVisible(false);
        setManaged(false);
        getChildren().clear();
    }

    private void open(String words, Node tool) {
        title.setText(words);
        getChildren().setAll(head, tool);
        setVisible(true);
        setManaged(true);
    }

    /** Cuts bands of a column. */
    void bands(String column) {
        Prepared now = state();
        String called = now.fresh(Words.of("bands.called", column));
        if (bands.open(now, column, called, model.assignment().card())) {
            table = now;
            open(Words.of("bands.title", Visible.line(column, LONGEST)), bands);
        } else {
            model.say(Words.of("bands.nothing", Visible.line(column, LONGEST)));
        }
    }

    /** Lists the values of a column, to be replaced or named. */
    void values(String column, boolean names) {
        Prepared now = state();
        model.inBackground(
                Lane.WALKING,
                () -> Recoding.of(now, column),
                found -> {
                    table = now;
                    open(Words.of("values.title", Visible.line(column, LONGEST)), values);
                    values.open(found, names);
                },
                () -> {});
    }

    private Prepared state() {
        TableTrail.Trodden trodden = model.trail().troddenProperty().get();
        return trodden.state();
    }
}
