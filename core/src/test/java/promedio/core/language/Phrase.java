package promedio.core.language;

/**
 * A formula and what it means, told twice: as it is written, and as what is worked out of a row by the definition.
 *
 * @param text how it is written
 * @param level how tightly it holds together: an operand that holds less tightly than its place asks for needs brackets
 * @param meaning what it comes to in a row; null for a missing cell
 */
record Phrase(String text, int level, Meaning meaning) {
    static final int CHOICE = 0;
    static final int OR = 1;
    static final int AND = 2;
    static final int NOT = 3;
    static final int COMPARISON = 4;
    static final int JOINED = 5;
    static final int SUM = 6;
    static final int PRODUCT = 7;
    static final int SIGNED = 8;
    static final int POWER = 9;
    static final int PRIMARY = 10;

    /** What a formula comes to in a row. */
    interface Meaning {
        Object in(Sheet sheet, int row);
    }

    /** As an operand, where one must hold together as tightly as this. */
    String in(int asked) {
        return level < asked ? "(" + text + ")" : text;
    }

    /** As what a measure is of: a name, or brackets. */
    String operand() {
        return level == PRIMARY && text.matches("\\w|'[^']*'") && !Character.isDigit(text.charAt(0))
                ? text
                : "(" + text + ")";
    }

    Fraction number(Sheet sheet, int row) {
        return (Fraction) meaning.in(sheet, row);
    }

    String words(Sheet sheet, int row) {
        return (String) meaning.in(sheet, row);
    }

    Boolean truth(Sheet sheet, int row) {
        return (Boolean) meaning.in(sheet, row);
    }
}
