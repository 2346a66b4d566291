package promedio.desktop.reading;

import java.util.Optional;
import javafx.scene.input.Clipboard;
import promedio.desktop.control.CopiedCells;
import promedio.files.html.HtmlTables;

/** What lies on the clipboard, to be read: what was copied here as it was, a table of a web page cell by cell, else the text. */
public final class Pasteboard {
    private Pasteboard() {}

    /** The text to read; empty where there is none. */
    public static Optional<String> text() {
        return text(Clipboard.getSystemClipboard());
    }

    /** The same of another clipboard: what is dragged is one. */
    public static Optional<String> text(Clipboard board) {
        String html = board.hasHtml() ? board.getHtml() : null;
        Optional<String> table = html == null ? Optional.empty() : HtmlTables.text(html);
        String text = board.getString();
        return CopiedCells.asCopied(text).or(() -> table).or(() -> Optional.ofNullable(text));
    }
}
