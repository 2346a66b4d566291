package promedio.desktop.control;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import promedio.core.language.Completion;
import promedio.core.sentence.Visible;

/** How a line of the language that is being written can go on: words to press, the first of them taken by Tab. */
public final class Ways extends FlowPane {
    private static final int LONGEST = 40;

    private final TextField field;
    private final boolean step;
    private final Supplier<Optional<Completion.Known>> names;
    private List<Completion.Way> known = List.of();

    /**
     * Ways for a field.
     *
     * @param step whether a step is written, or else a formula
     * @param names what can be named; empty while nothing can be written
     */
    public Ways(TextField field, boolean step, Supplier<Optional<Completion.Known>> names) {
        this.field = field;
        this.step = step;
        this.names = names;
        getStyleClass().add("ways");
        field.textProperty().addListener((property, before, now) -> show());
        field.caretPositionProperty().addListener((property, before, now) -> show());
        field.focusedProperty().addListener((property, before, now) -> show());
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        show();
    }

    private void key(KeyEvent key) {
        if (key.getCode() == KeyCode.TAB
                && !key.isShiftDown()
                && !known.isEmpty()
                && !field.getText().isBlank()) {
            take(known.get(0));
            key.consume();
        }
    }

    /** Shows them anew, since there is more to be named. */
    public void show() {
        boolean atEnd = field.getCaretPosition() >= field.getLength();
        Optional<Completion.Known> some = field.isFocused() && atEnd ? names.get() : Optional.empty();
        try {
            known = some.map(all -> Completion.of(field.getText(), step, all)).orElse(List.of());
        } catch (RuntimeException none) {
            // Nothing can be offered for a line that cannot be taken apart at all.
            known = List.of();
        }
        getChildren().setAll(known.stream().map(this::link).toList());
        setVisible(!known.isEmpty());
        setManaged(!known.isEmpty());
    }

    private Hyperlink link(Completion.Way way) {
        Hyperlink link = new Hyperlink(Visible.line(way.word(), LONGEST));
        link.setFocusTraversable(false);
        link.getStyleClass().add("way");
        link.setOnMousePressed(press -> {
            take(way);
            press.consume();
        });
        return link;
    }

    private void take(Completion.Way way) {
        field.setText(way.text() + " ");
        field.end();
    }
}
