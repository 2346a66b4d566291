package promedio.core.data;

import java.util.Arrays;
import java.util.Optional;
import promedio.core.number.Numerals;

/** What stands between groups of three digits. */
public enum ThousandsMark {
    /** Nothing. */
    NONE("none", ""),
    /** {@code 12,345}. */
    COMMA("comma", ","),
    /** {@code 12.345}. */
    POINT("point", "."),
    /** {@code 12 345}, with any kind of blank. */
    SPACE("space", " \u00a0\u2009\u202f"),
    /** {@code 12'345}. */
    APOSTROPHE("apostrophe", "'\u2019");

    private final String id;
    private final String signs;

    ThousandsMark(String id, String signs) {
        this.id = id;
        this.signs = signs;
    }

    /** The stable id, on the command line and in files. */
    public String id() {
        return id;
    }

    /** The mark with an id; empty where there is none. */
    public static Optional<ThousandsMark> find(String id) {
        return Arrays.stream(values()).filter(mark -> mark.id.equals(id)).findFirst();
    }

    /** Numbers with this between thousands, unless it is the decimal mark itself. */
    public Numerals with(char decimalMark) {
        return new Numerals(decimalMark, sign() == decimalMark ? 0 : sign());
    }

    /** The mark that a sign is one way to write; empty where it is none. */
    static Optional<ThousandsMark> of(char sign) {
        return Arrays.stream(values())
                .filter(mark -> mark.signs.indexOf(sign) >= 0)
                .findFirst();
    }

    /** One sign for all ways to write it; 0 for none. */
    char sign() {
        return signs.isEmpty() ? 0 : signs.charAt(0);
    }

    /** A text with one sign for all ways to write it. */
    String plain(String text) {
        String plain = text;
        for (int i = 1; i < signs.length(); i++) {
            plain = plain.replace(signs.charAt(i), sign());
        }
        return plain;
    }
}
