package promedio.core.pasted;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Cells that stand between quotation marks on a clipboard, since they go over several lines or hold a mark themselves. */
public final class Quoted {
    private static final Pattern CELL = Pattern.compile("(?<![^\t\n])\"((?:[^\"]|\"\")*+)\"(?=\t|\n|\\z)");
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
        return CELL.matcher(lines).replaceAll(found -> {
            String cell = found.group(1);
            boolean needed = tabbed || cell.indexOf('\n') >= 0;
            String bare = WITHIN.matcher(cell.replace("\"\"", "\"")).replaceAll(" ");
            return Matcher.quoteReplacement(needed ? bare : found.group());
        });
    }
}
