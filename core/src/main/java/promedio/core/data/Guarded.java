package promedio.core.data;

import promedio.core.number.Numerals;
import promedio.core.sentence.Visible;

/**
 * Cells for other programs. One that is no number and begins as a formula does in programs with tables of cells, be it behind blanks or
 * signs that are not seen, gets an apostrophe in front, so that nothing is computed when it is opened or pasted there.
 */
public final class Guarded {
    private static final String BEGINNINGS = "=+-@\uff1d\uff0b\uff0d\uff20";

    private Guarded() {}

    /** A cell as it is handed out. */
    public static String cell(String cell) {
        return isFormula(cell) ? "'" + cell : cell;
    }

    /** Whether a cell would be computed. */
    public static boolean isFormula(String cell) {
        int begin = 0;
        while (begin < cell.length() && isBlank(cell.charAt(begin))) {
            begin++;
        }
        boolean begins = begin < cell.length() && BEGINNINGS.indexOf(cell.charAt(begin)) >= 0;
        String bare = cell.strip();
        return begins
                && Numerals.POINT.read(bare).isEmpty()
                && Numerals.COMMA.read(bare).isEmpty();
    }

    /** Whether a sign is one that other programs may pass over. */
    private static boolean isBlank(char sign) {
        int type = Character.getType(sign);
        return Character.isWhitespace(sign)
                || type == Character.SPACE_SEPARATOR
                || type == Character.FORMAT
                || Visible.isHidden(sign);
    }
}
