package promedio.desktop.control;

import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import promedio.core.data.Guarded;

/**
 * Cells on the clipboard as they may be pasted anywhere: none is a formula in another program. Pasted here again they are as they were.
 */
public final class CopiedCells {
    private static String copied = "";
    private static String handed = "";

    private CopiedCells() {}

    /** Puts cells on the clipboard: lines, with tabs between the cells of one. */
    public static void put(String cells) {
        StringBuilder guarded = new StringBuilder(cells.length());
        int begin = 0;
        for (int at = 0; at <= cells.length(); at++) {
            if (at == cells.length() || cells.charAt(at) == '\t' || cells.charAt(at) == '\n') {
                guarded.append(Guarded.cell(cells.substring(begin, at)));
                if (at < cells.length()) {
                    guarded.append(cells.charAt(at));
                }
                begin = at + 1;
            }
        }
        copied = cells;
        handed = guarded.toString();
        ClipboardContent content = new ClipboardContent();
        content.putString(handed);
        Clipboard.getSystemClipboard().setContent(content);
    }

    /** What a text on the clipboard was before it was put there. */
    public static String asCopied(String text) {
        return text != null && text.equals(handed) ? copied : text;
    }
}
