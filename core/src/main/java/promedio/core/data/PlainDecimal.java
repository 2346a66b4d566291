package promedio.core.data;

/**
 * Reads plain decimals that come back letter by letter from a machine word and a number of places: {@code -12.50}, {@code 0,5};
 * not {@code 007}, {@code +3}, {@code .5}, {@code -0} or {@code 1e3}. One reader serves many cells.
 */
final class PlainDecimal {
    private static final int MOST_DIGITS = 18;

    private long unit;
    private int places;
    private boolean comma;

    /** Reads some characters; false where they are no plain decimal. */
    boolean read(char[] text, int from, int length) {
        int at = length > 0 && text[from] == '-' ? 1 : 0;
        if (length == at || length > MOST_DIGITS + 1) {
            return false;
        }
        long digits = 0;
        int mark = -1;
        for (int i = at; i < length; i++) {
            char character = text[from + i];
            if (character >= '0' && character <= '9') {
                digits = 10 * digits + (character - '0');
            } else if ((character == '.' || character == ',') && mark < 0 && i > at) {
                mark = i;
            } else {
                return false;
            }
        }
        int whole = (mark < 0 ? length : mark) - at;
        boolean leadingZero = whole > 1 && text[from + at] == '0';
        int behind = mark < 0 ? 0 : length - 1 - mark;
        boolean tooLong = whole >= MOST_DIGITS || whole + behind > MOST_DIGITS;
        if (leadingZero || tooLong || mark >= 0 && behind == 0 || at == 1 && digits == 0) {
            return false;
        }
        unit = at == 1 ? -digits : digits;
        places = behind;
        comma = mark >= 0 && text[from + mark] == ',';
        return true;
    }

    /** The number in units of its last place. */
    long unit() {
        return unit;
    }

    /** The places behind the mark. */
    int places() {
        return places;
    }

    /** Whether its mark is a comma. */
    boolean hasComma() {
        return comma;
    }
}
