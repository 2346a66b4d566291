package promedio.files.table;

import java.util.List;
import java.util.Optional;

/**
 * What parts cells.
 *
 * @param id the stable id, on the command line and in files: a word, or the character itself
 * @param sign the character; a blank stands for runs of blanks
 */
public record Delimiter(String id, char sign) {
    /** Commas. */
    public static final Delimiter COMMA = new Delimiter("comma", ',');
    /** Semicolons. */
    public static final Delimiter SEMICOLON = new Delimiter("semicolon", ';');
    /** Tabs. */
    public static final Delimiter TAB = new Delimiter("tab", '\t');
    /** Upright lines. */
    public static final Delimiter PIPE = new Delimiter("pipe", '|');
    /** Runs of blanks. */
    public static final Delimiter BLANKS = new Delimiter("space", ' ');
    /** Exclamation marks. */
    public static final Delimiter EXCLAMATION = new Delimiter("exclamation", '!');
    /** Those with a name. */
    public static final List<Delimiter> NAMED = List.of(COMMA, SEMICOLON, TAB, PIPE, BLANKS, EXCLAMATION);

    /** The delimiter of an id or of a character; empty where it can be none. */
    public static Optional<Delimiter> find(String id) {
        Optional<Delimiter> named = NAMED.stream()
                .filter(one -> one.id.equals(id) || id.length() == 1 && id.charAt(0) == one.sign)
                .findFirst();
        boolean sign = id.length() == 1 && "\"\r\n".indexOf(id.charAt(0)) < 0;
        return named.isPresent() || !sign ? named : Optional.of(new Delimiter(id, id.charAt(0)));
    }
}
