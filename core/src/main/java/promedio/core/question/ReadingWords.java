package promedio.core.question;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;

/** What is said in questions besides what is asked for, from {@code reading.properties}. */
final class ReadingWords {
    private static final ResourceBundle BUNDLE =
            ResourceBundle.getBundle("promedio.core.question.reading", Locale.ROOT);

    private static final Map<String, Pattern> PATTERNS = new ConcurrentHashMap<>();

    private ReadingWords() {}

    static String text(String key) {
        return BUNDLE.getString(key)
                .replace("(#)", "([0-9]{1,2}|" + number() + ")")
                .replace("#", number());
    }

    private static String number() {
        return BUNDLE.getString("number");
    }

    /** The words of a list. */
    static List<String> words(String key) {
        return Arrays.asList(BUNDLE.getString(key).split("\\|", -1));
    }

    /** A pattern in any case of letters, of whole words. */
    static Pattern words(String key, boolean whole) {
        return PATTERNS.computeIfAbsent(key + whole, any -> {
            String pattern = "(?:" + text(key) + ")";
            return Pattern.compile(
                    whole ? "(?<![\\p{L}\\p{N}])" + pattern + "(?![\\p{L}])" : pattern,
                    Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
        });
    }

    /** The same where {@code @} stands for a number in digits. */
    static Pattern words(String key, boolean whole, String number) {
        return PATTERNS.computeIfAbsent(key + whole + "@", any -> {
            String pattern = "(?:" + BUNDLE.getString(key).replace("@", number) + ")";
            return Pattern.compile(
                    whole ? "(?<![\\p{L}\\p{N}])" + pattern + "(?![\\p{L}\\p{N}])" : pattern,
                    Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
        });
    }

    /** A number in digits or in a word, from 0 to 12. */
    static int number(String text) {
        return Character.isDigit(text.charAt(0))
                ? Integer.parseInt(text)
                : words("number").indexOf(text.toLowerCase(Locale.ROOT));
    }
}
