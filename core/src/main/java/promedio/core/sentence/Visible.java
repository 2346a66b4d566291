package promedio.core.sentence;

/**
 * Text from outside, made fit to be shown: what would move the cursor of a terminal, turn the direction of reading or break a
 * line is replaced by a visible sign, so that no name or entry can pretend to be something else.
 */
public final class Visible {
    private static final char REPLACEMENT = '\ufffd';

    private Visible() {}

    /** Whether a character is one that is never shown as it stands. */
    public static boolean isHidden(int character) {
        return Character.isISOControl(character)
                || character >= Character.MIN_SURROGATE && character <= Character.MAX_SURROGATE
                || character == 0x061c
                || character == 0x200e
                || character == 0x200f
                || character >= 0x2028 && character <= 0x202e
                || character >= 0x2066 && character <= 0x2069
                || character == 0xfeff;
    }

    /** One line of text: line ends and tabs become blanks, other hidden characters the replacement sign. */
    public static String line(String text) {
        if (text.codePoints().noneMatch(Visible::isHidden)) {
            return text;
        }
        StringBuilder shown = new StringBuilder(text.length());
        text.codePoints().forEach(character -> {
            if (!isHidden(character)) {
                shown.appendCodePoint(character);
            } else {
                boolean blank = character == '\n' || character == '\r' || character == '\t' || character == 0x2028;
                shown.append(blank ? ' ' : REPLACEMENT);
            }
        });
        return shown.toString();
    }

    /** One line of at most so many characters; of a longer one the beginning and an ellipsis. */
    public static String line(String text, int most) {
        String beginning = text.length() <= 2 * most ? text : text.substring(0, 2 * most);
        String line = line(beginning);
        int characters = line.codePointCount(0, line.length());
        return characters <= most && beginning.length() == text.length()
                ? line
                : line.substring(0, line.offsetByCodePoints(0, Math.min(characters, most - 1))) + "…";
    }

    /** Text that can be kept in a file and comes back as it was: half a surrogate pair, which no encoding has, is replaced. */
    public static String encodable(String text) {
        if (!hasSurrogates(text)
                || text.codePoints()
                        .noneMatch(character ->
                                character >= Character.MIN_SURROGATE && character <= Character.MAX_SURROGATE)) {
            return text;
        }
        StringBuilder kept = new StringBuilder(text.length());
        text.codePoints()
                .forEach(character -> kept.appendCodePoint(
                        character >= Character.MIN_SURROGATE && character <= Character.MAX_SURROGATE
                                ? REPLACEMENT
                                : character));
        return kept.toString();
    }

    private static boolean hasSurrogates(String text) {
        for (int i = 0; i < text.length(); i++) {
            if (Character.isSurrogate(text.charAt(i))) {
                return true;
            }
        }
        return false;
    }

    /** JSON in which hidden characters stand as escapes, so that it can be printed anywhere and says the same. */
    public static String json(String json) {
        if (json.codePoints().noneMatch(Visible::isEscaped)) {
            return json;
        }
        StringBuilder escaped = new StringBuilder(json.length());
        json.codePoints().forEach(character -> {
            if (isEscaped(character)) {
                escaped.append(String.format("\\u%04x", character));
            } else {
                escaped.appendCodePoint(character);
            }
        });
        return escaped.toString();
    }

    /** Below the blank JSON itself has either an escape or, between values, layout. */
    private static boolean isEscaped(int character) {
        boolean surrogate = character >= Character.MIN_SURROGATE && character <= Character.MAX_SURROGATE;
        return character > ' ' && isHidden(character) && !surrogate;
    }
}
