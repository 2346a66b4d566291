package promedio.desktop.control;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.binding.StringExpression;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.event.EventHandler;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.Text;

/** A tip over a control, made when the pointer first comes there: each is a window of its own, too dear for the start. */
public final class Tip {
    private Tip() {}

    /** Gives a control a tip; a screen reader has it at once. */
    public static void on(Control control, String words) {
        on(control, new ReadOnlyStringWrapper(words));
    }

    /** Gives what is written its whole text as a tip while there is no room for all of it. */
    public static void whenCut(Labeled written) {
        whenCut(written, Optional::empty);
    }

    /**
     * The same of what is written in short, and has more to it.
     *
     * @param all all of it; empty where what is written is all
     */
    public static void whenCut(Labeled written, Supplier<Optional<String>> all) {
        written.addEventFilter(MouseEvent.MOUSE_ENTERED, enter -> {
            boolean cut = written.lookup(".text") instanceof Text shown
                    && !shown.getText().equals(written.getText());
            written.setTooltip(all.get()
                    .or(() -> cut ? Optional.of(written.getText()) : Optional.empty())
                    .map(Tooltip::new)
                    .orElse(null));
        });
    }

    /** Gives a control a tip whose words change. */
    public static void on(Control control, StringExpression words) {
        control.accessibleHelpProperty().bind(words);
        control.addEventFilter(MouseEvent.MOUSE_ENTERED, new EventHandler<>() {
            @Override
            public void handle(MouseEvent enter) {
                control.removeEventFilter(MouseEvent.MOUSE_ENTERED, this);
                Tooltip tip = new Tooltip();
                tip.textProperty().bind(words);
                control.setTooltip(tip);
            }
        });
    }
}
