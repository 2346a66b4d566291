package promedio.desktop.control;

import java.util.List;
import java.util.Optional;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import promedio.core.document.Document;
import promedio.desktop.text.Words;
import promedio.files.document.HtmlText;
import promedio.files.document.TabbedText;

/**
 * Cells on the clipboard as they may be pasted anywhere: none is a formula in another program. Pasted here again they are as they were.
 */
public final class CopiedCells {
    private static String copied = "";
    private static String handed = "";

    private CopiedCells() {}

    /** Puts rows of cells on the clipboard: lines, with tabs between the cells of one, and nothing that would bring a look with it. */
    public static void put(List<List<String>> rows) {
        put(Document.table(rows), false);
    }

    /** The same, and as a table for programs that take one. */
    public static void putTable(List<List<String>> rows) {
        put(Document.table(rows));
    }

    /** A document as text, and for programs that take it with its formulas and tables. */
    public static void put(Document document) {
        put(document, true);
    }

    private static void put(Document document, boolean formatted) {
        copied = TabbedText.asItIs(Words::of).of(document);
        handed = TabbedText.guarded(Words::of).of(document);
        ClipboardContent content = new ClipboardContent();
        content.putString(handed);
        if (formatted) {
            content.putHtml(new HtmlText(Words::of).fragment(document));
        }
        Clipboard.getSystemClipboard().setContent(content);
    }

    /** What was put on the clipboard here as it was before, if a text on it is that. */
    public static Optional<String> asCopied(String text) {
        return text != null && text.equals(handed) ? Optional.of(copied) : Optional.empty();
    }
}
