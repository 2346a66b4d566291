package promedio.core.sentence;

import java.text.MessageFormat;
import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.function.Function;

/**
 * One sentence for the student: a key of the bundle and the facts that fill its gaps. The facts stay fields, so that a
 * screen may light up what the sentence speaks of; the words come from {@code sentences.properties}.
 *
 * @param key the bundle's key, for instance {@code need.two-values}
 * @param facts what fills {@code {0}}, {@code {1}} … ; shown by {@code toString}, never by a locale's number format
 */
public record Sentence(String key, List<Object> facts) {
    /** A fact is cut here: names and numbers of any length come from outside, a sentence stays one. */
    public static final int LONGEST_FACT = 160;

    private static final char GROUP = '\u202f';
    private static final String BUNDLE = "promedio.core.sentence.sentences";

    /** Copies the facts. */
    public Sentence {
        facts = List.copyOf(facts);
    }

    /** A sentence from its key and its facts. */
    public static Sentence of(String key, Object... facts) {
        return new Sentence(key, List.of(facts));
    }

    /**
     * The sentence in the words of a locale's bundle.
     *
     * @throws java.util.MissingResourceException when the bundle has no such key: a fault of the program
     */
    public String text(Locale locale) {
        return text(locale, Sentence::written);
    }

    /** A fact as it stands in a sentence unless somebody writes it otherwise: whole numbers with spaces between thousands. */
    public static String written(Object fact) {
        return fact instanceof Integer || fact instanceof Long ? grouped(fact.toString()) : fact.toString();
    }

    /** Digits with a narrow space between thousands, and a sign before them as it stands. */
    public static String grouped(String digits) {
        StringBuilder grouped = new StringBuilder(digits);
        for (int i = digits.length() - 3; i > 0 && Character.isDigit(digits.charAt(i - 1)); i -= 3) {
            grouped.insert(i, GROUP);
        }
        return grouped.toString();
    }

    /** The same with facts written in a way of one's own, numbers above all. */
    public String text(Locale locale, Function<Object, String> writing) {
        String pattern = ResourceBundle.getBundle(BUNDLE, locale).getString(key);
        Object[] words = facts.stream()
                .map(fact -> fact instanceof Sentence inner
                        ? inner.text(locale, writing)
                        : Visible.line(writing.apply(fact), LONGEST_FACT))
                .toArray();
        return new MessageFormat(pattern, Locale.ROOT).format(words);
    }

    /** The sentence in English. */
    @Override
    public String toString() {
        return text(Locale.ROOT);
    }
}
