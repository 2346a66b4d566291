package promedio.core.pasted;

import java.util.regex.Pattern;

/** Cells that stand between quotation marks on a clipboard, since they go over several lines or hold a mark themselves. */
public final class Quoted {
    private static final Pattern WITHIN = Pattern.compile("[\t\n]+");

    private Quoted() {}

    /**
     * The text with every such cell on one line, without its marks: line ends within are blanks, doubled marks are single. A cell in marks
     * without need stays as it is where no tabs part cells.
     */
    public static String flat(String text) {
        if (text.indexOf('"') < 0) {
            return text;
        }
        String lines = text.replace("\r\n", "\n").replace('\r', '\n');
        boolean tabbed = lines.indexOf('\t') >= 0;
        StringBuilder flat = new StringBuilder(lines.length());
        int at = 0;
        while (at < lines.length()) {
            boolean begins = lines.charAt(at) == '"' && (at == 0 || isEnd(lines, at - 1));
            int end = begins ? closed(lines, at) : -1;
            if (end > 0) {
                String cell = lines.substring(at + 1, end - 1);
                boolean needed = tabbed || cell.indexOf('\n') >= 0;
                String bare = WITHIN.matcher(cell.replace("\"\"", "\"")).replaceAll(" ");
                flat.append(needed ? bare : lines.substring(at, end));
                at = end;
            } else {
                flat.append(lines.charAt(at));
                at++;
            }
        }
        return flat.toString();
    }

    /** Whether a cell ends before a place. */
    private static boolean isEnd(String lines, int at) {
        return at == lines.length() || lines.charAt(at) == '\t' || lines.charAt(at) == '\n';
    }

    /** Where a cell ends that begins with a mark, its last mark included; −1 where it is none. */
    private static int closed(String lines, int from) {
        for (int at = lines.indexOf('"', from + 1); at >= 0; at = lines.indexOf('"', at + 2)) {
            if (at + 1 == lines.length() || lines.charAt(at + 1) != '"') {
                return isEnd(lines, at + 1) ? at + 1 : -1;
            }
        }
        return -1;
    }
}
