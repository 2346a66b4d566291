package promedio.desktop.entries;

import java.util.function.Consumer;
import javafx.scene.control.TextField;
import promedio.desktop.reading.Pasteboard;

/** A line to type values on. A paste of several lines or columns is handed on whole, since one line would run it together. */
public final class EntryField extends TextField {
    private final Consumer<String> taken;

    EntryField(Consumer<String> taken) {
        this.taken = taken;
        setOnAction(entered -> {
            if (!getText().isBlank()) {
                String text = getText();
                clear();
                taken.accept(text);
            }
        });
    }

    @Override
    public void paste() {
        String text = Pasteboard.text().orElse("");
        if (text.indexOf('\n') >= 0 || text.indexOf('\t') >= 0) {
            String before = getText().isBlank() ? "" : getText() + "\n";
            clear();
            taken.accept(before + text);
        } else {
            super.paste();
        }
    }
}
