package promedio.desktop.text;

import java.text.MessageFormat;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.stream.Collectors;
import promedio.core.document.Phrase;
import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.core.working.FigureText;
import promedio.files.document.PlainInline;

/** The words of the window, from the bundle {@code words.properties}; and those of the core, in the same language. */
public final class Words {
    private static final ResourceBundle BUNDLE =
            ResourceBundle.getBundle("promedio.desktop.text.words", Locale.getDefault());

    private Words() {}

    /** The words for a key, with facts put in. */
    public static String of(String key, Object... facts) {
        String pattern = BUNDLE.getString(key);
        return facts.length == 0 && pattern.indexOf('{') < 0
                ? pattern
                : new MessageFormat(pattern, Locale.ROOT)
                        .format(Arrays.stream(facts).map(Words::shown).toArray());
    }

    /** How large a table is: “12 rows × 1 column”. */
    public static String size(int rows, int columns) {
        return of(
                "reading.size",
                of(rows == 1 ? "reading.rows.one" : "reading.rows.many", rows),
                of(columns == 1 ? "reading.columns.one" : "reading.columns.many", columns));
    }

    /** Facts may come from outside: no hidden character of theirs reaches the screen. */
    private static String shown(Object fact) {
        return Visible.line(Sentence.written(fact));
    }

    /** A sentence of the core. */
    public static String of(Sentence sentence) {
        return sentence.text(Locale.getDefault());
    }

    /** What stands in a line of a document. */
    public static String of(Phrase phrase) {
        return new PlainInline(Words::of).of(phrase);
    }

    /** Sentences of the core, one after the other. */
    public static String of(List<Sentence> sentences) {
        return sentences.stream().map(Words::of).collect(Collectors.joining(" "));
    }

    /** A sentence of the core, its numbers written like all others on the paper. */
    public static String of(Sentence sentence, FigureText text) {
        return sentence.text(
                Locale.getDefault(),
                fact -> fact instanceof Exact exact ? text.carried(exact) : Sentence.written(fact));
    }
}
