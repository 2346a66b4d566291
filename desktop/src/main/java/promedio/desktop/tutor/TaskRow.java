package promedio.desktop.tutor;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import promedio.core.assignment.Task;
import promedio.core.number.Numerals;
import promedio.desktop.control.Tip;
import promedio.desktop.model.tutor.Classwork;
import promedio.desktop.text.Words;

/** A question: what is asked, in the tutor’s words, to how many places, for how many points. Each is written in its place. */
final class TaskRow extends HBox {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final Classwork work;
    private final Label number = new Label();
    private final Label asked = new Label();
    private final TextField text = field("text");
    private final TextField places = field("places");
    private final TextField tolerance = field("tolerance");
    private final TextField points = field("points");
    private final Hyperlink up = new Hyperlink(Words.of("tutor.question.up"));
    private final Hyperlink away = new Hyperlink(Words.of("tutor.question.away"));
    private Task task;

    TaskRow(Classwork work) {
        this.work = work;
        getStyleClass().add("task-row");
        setAlignment(Pos.BASELINE_LEFT);
        number.getStyleClass().add("task-number");
        asked.getStyleClass().add("task-asked");
        Tip.whenCut(asked);
        HBox.setHgrow(text, Priority.ALWAYS);
        text.setPromptText(Words.of("tutor.question.text.prompt"));
        for (TextField one : new TextField[] {places, tolerance, points}) {
            one.setPromptText(Words.of(one == points ? "tutor.question.points.prompt" : "tutor.question.card"));
        }
        up.setOnAction(press -> work.moveUp(task));
        away.setOnAction(press -> work.drop(task));
        for (Hyperlink link : new Hyperlink[] {up, away}) {
            link.getStyleClass().add("side-away");
            link.setMinWidth(USE_PREF_SIZE);
        }
        getChildren().addAll(number, asked, text, places, tolerance, points, up, away);
    }

    private TextField field(String part) {
        TextField field = new TextField();
        field.getStyleClass().addAll("quiet-field", "task-" + part);
        field.setAccessibleText(Words.of("tutor.question." + part));
        field.setOnAction(enter -> commit());
        field.focusedProperty().addListener((property, before, focused) -> {
            if (!focused) {
                commit();
            }
        });
        return field;
    }

    void show(int at, Task now, String called) {
        if (!now.equals(task)) {
            task = now;
            write(text, now.text());
            write(places, now.places().map(Object::toString).orElse(""));
            write(tolerance, now.tolerance().map(Object::toString).orElse(""));
            write(points, now.points().map(BigDecimal::toPlainString).orElse(""));
        }
        number.setText(at + ".");
        asked.setText(called);
        up.setDisable(at == 1);
        String id = now.question().sheetId() + "-" + now.question().measure();
        setId("task-" + id);
        text.setId("task-text-" + id);
        places.setId("task-places-" + id);
        points.setId("task-points-" + id);
    }

    private static void write(TextField field, String written) {
        field.setText(written);
        field.pseudoClassStateChanged(WRONG, false);
    }

    /** What is written counts; what cannot be read stays marked until it is mended. */
    private void commit() {
        if (task == null) {
            return;
        }
        Optional<Optional<Integer>> asksPlaces = read(places, TaskRow::small);
        Optional<Optional<Integer>> grants = read(tolerance, TaskRow::small);
        Optional<Optional<BigDecimal>> worth = read(points, TaskRow::decimal);
        if (asksPlaces.isPresent() && grants.isPresent() && worth.isPresent()) {
            work.pose(new Task(task.question(), text.getText(), asksPlaces.get(), worth.get(), grants.get()));
        }
    }

    private static Optional<Integer> small(String written) {
        return written.matches("[0-9]|1[0-2]") ? Optional.of(Integer.parseInt(written)) : Optional.empty();
    }

    private static Optional<BigDecimal> decimal(String written) {
        boolean possible = written.matches("[0-9]{1,4}([.,][0-9]{1,2})?");
        return possible && Numerals.POINT.read(written.replace(',', '.')).isPresent()
                ? Optional.of(new BigDecimal(written.replace(',', '.')))
                : Optional.empty();
    }

    /** What a field holds: nothing when it is empty; empty when it cannot be read. */
    private static <T> Optional<Optional<T>> read(TextField field, Function<String, Optional<T>> reading) {
        String written = field.getText().strip();
        Optional<T> value = reading.apply(written);
        boolean wrong = !written.isEmpty() && value.isEmpty();
        field.pseudoClassStateChanged(WRONG, wrong);
        return wrong ? Optional.empty() : Optional.of(value);
    }
}
