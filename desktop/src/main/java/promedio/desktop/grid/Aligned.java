package promedio.desktop.grid;

/** Numbers in a column, with so many blanks behind them that decimal marks stand below each other. */
public final class Aligned {
    private Aligned() {}

    /** How many digits a number has behind its decimal mark. */
    public static int places(char decimalMark, String text) {
        int mark = text.lastIndexOf(decimalMark);
        int end = mark + 1;
        while (end < text.length() && Character.isDigit(text.charAt(end))) {
            end++;
        }
        return mark < 0 ? 0 : end - mark - 1;
    }

    /** A number with so many places, as wide as one with the most of its column. */
    public static String padded(String text, int own, int most) {
        return text + (own == 0 && most > 0 ? "\u2008" : "") + "\u2007".repeat(Math.max(0, most - own));
    }
}
