package promedio.core.language;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.ResourceBundle;

/** Every word of the language with an example: what the help shows, and what a test runs. */
public final class Lexicon {
    private static final String TEXT = "language.lexicon.";

    private Lexicon() {}

    /** What an example is. */
    public enum Kind {
        /** A step. */
        STEP,
        /** A formula, on values of its own. */
        FORMULA,
        /** A formula on the columns of a table. */
        OF_ROWS
    }

    /**
     * A word with an example.
     *
     * @param kind what it is
     * @param example the step or formula
     * @param result what the formula comes to; empty where that depends on a table
     * @param meaning what it is or does
     */
    public record Entry(Kind kind, String example, String result, String meaning) {}

    /** All entries, in their order. */
    public static List<Entry> entries() {
        ResourceBundle bundle = ResourceBundle.getBundle("promedio.core.language.lexicon");
        List<Entry> entries = new ArrayList<>();
        for (Kind kind : Kind.values()) {
            for (int i = 1; bundle.containsKey(TEXT + kind + "." + i); i++) {
                List<String> parts = Arrays.stream(
                                bundle.getString(TEXT + kind + "." + i).split(" \\| ", -1))
                        .map(String::strip)
                        .toList();
                entries.add(new Entry(
                        kind, parts.get(0), parts.size() > 2 ? parts.get(1) : "", parts.get(parts.size() - 1)));
            }
        }
        return List.copyOf(entries);
    }
}
