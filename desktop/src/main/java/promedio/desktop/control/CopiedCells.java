package promedio.desktop.control;

import java.util.List;
import java.util.Optional;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import promedio.desktop.model.desk.TableText;

/**
 * Cells on the clipboard as they may be pasted anywhere: none is a formula in another program. Pasted here again they are as they were.
 */
public final class CopiedCells {
    private static String copied = "";
    private static String handed = "";

    private CopiedCells() {}

    /** Puts rows of cells on the clipboard: lines, with tabs between the cells of one. */
    public static void put(List<List<String>> rows) {
        put(rows, Optional.empty());
    }

    /** The same, and as a table for programs that take one. */
    public static void putTable(List<List<String>> rows) {
        put(rows, Optional.of("<table>" + TableText.htmlRows(rows) + "</table>"));
    }

    /**
     * The same with a table that shows more than texts.
     *
     * @param html in which no cell is a formula in another program
     */
    public static void put(List<List<String>> rows, Optional<String> html) {
        copied = TableText.tabbed(rows);
        handed = TableText.tabbed(TableText.guarded(rows));
        ClipboardContent content = new ClipboardContent();
        content.putString(handed);
        html.ifPresent(content::putHtml);
        Clipboard.getSystemClipboard().setContent(content);
    }

    /** What was put on the clipboard here as it was before, if a text on it is that. */
    public static Optional<String> asCopied(String text) {
        return text != null && text.equals(handed) ? Optional.of(copied) : Optional.empty();
    }
}
