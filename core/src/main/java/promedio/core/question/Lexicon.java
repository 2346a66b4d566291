package promedio.core.question;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The words by which quantities are asked for, from {@code lexicon.properties}. */
final class Lexicon {
    private static final String NUMBER = "[-−]?[0-9]+(?:\\.[0-9]+)?";
    private static final String ORDINAL =
            "(?:[0-9]{1,2}\\s?(?:st|nd|rd|th)|" + ReadingWords.text("ordinal") + "|[a-z]+ieth)";
    private static final Pattern SEVERAL = Pattern.compile(
            "(?:the )?((?:" + ORDINAL + "(?:\\s*(?:,|and|&|, and)\\s*(?:the )?)?){2,})\\s*(percentile|decile)s?");
    private static final Pattern ONE = Pattern.compile(ORDINAL);
    private static final Pattern DIGITS = Pattern.compile(NUMBER);

    private static final List<String> TENS = List.of(
            "tenth",
            "twentieth",
            "thirtieth",
            "fortieth",
            "fiftieth",
            "sixtieth",
            "seventieth",
            "eightieth",
            "ninetieth");

    static final Lexicon WORDS = new Lexicon(ResourceBundle.getBundle("promedio.core.question.lexicon", Locale.ROOT));

    private final Map<Integer, String> keys = new LinkedHashMap<>();
    private final Pattern all;

    /**
     * A quantity that is named.
     *
     * @param key the measure, or the collective name
     * @param number the number in its name; empty where it has none
     */
    record Name(String key, String number, int from, int to) {}

    private record Way(String key, String pattern, int length) {}

    private Lexicon(ResourceBundle words) {
        List<Way> ways = new ArrayList<>();
        for (String key : words.keySet()) {
            for (String way : words.getString(key).split("\\|", -1)) {
                ways.add(new Way(key, pattern(way.strip()), required(way)));
            }
        }
        ways.sort(Comparator.comparingInt(Way::length).reversed().thenComparing(Way::key));
        StringBuilder pattern = new StringBuilder("(?<![\\p{L}\\p{N}.'])(?:");
        for (int i = 0; i < ways.size(); i++) {
            keys.put(i + 1, ways.get(i).key());
            pattern.append(i == 0 ? "(" : "|(").append(ways.get(i).pattern()).append(')');
        }
        all = Pattern.compile(pattern.append(")(?![\\p{L}\\p{N}\u0304²])").toString());
    }

    /** A way to say it as a pattern: words in brackets may be left out, # is a number. */
    private static String pattern(String way) {
        StringBuilder pattern = new StringBuilder();
        boolean begun = false;
        for (String word : way.split(" ", -1)) {
            boolean optional = word.startsWith("(") && word.endsWith(")");
            String bare = word(optional ? word.substring(1, word.length() - 1) : word);
            if (optional) {
                pattern.append(begun ? "(?:\\s+" + bare + ")?" : "(?:" + bare + "\\s+)?");
            } else {
                pattern.append(begun && !word.equals(",") ? "\\s+" : "").append(bare);
                begun = true;
            }
        }
        return pattern.toString();
    }

    /** How long a way is without the words that may be left out. */
    private static int required(String way) {
        return way.replaceAll("\\([^)]*\\) ?", "").length();
    }

    private static String word(String word) {
        return word.startsWith("#th")
                ? ORDINAL
                : word.indexOf('#') >= 0
                        ? Pattern.quote(word.substring(0, word.indexOf('#')))
                                + NUMBER
                                + "\\s?"
                                + Pattern.quote(word.substring(word.indexOf('#') + 1))
                        : word.equals(",") ? "," : Pattern.quote(word);
    }

    /** The quantities that a text names, in its order; of two that overlap the longer, small letters only. */
    List<Name> names(String text) {
        List<Name> found = new ArrayList<>();
        Matcher several = SEVERAL.matcher(text);
        while (several.find()) {
            ONE.matcher(several.group(1))
                    .results()
                    .map(MatchResult::group)
                    .forEach(
                            one -> found.add(new Name(several.group(2), ordinal(one), several.start(), several.end())));
        }
        List<Name> together = List.copyOf(found);
        Matcher named = all.matcher(text);
        while (named.find()) {
            boolean within = together.stream().anyMatch(one -> one.from() < named.end() && named.start() < one.to());
            if (!within) {
                found.add(new Name(key(named), number(named.group()), named.start(), named.end()));
            }
        }
        found.sort(Comparator.comparingInt(Name::from));
        return found;
    }

    private String key(Matcher named) {
        return keys.entrySet().stream()
                .filter(way -> named.group(way.getKey()) != null)
                .findFirst()
                .orElseThrow()
                .getValue();
    }

    private static String number(String words) {
        Matcher digits = DIGITS.matcher(words);
        String last = "";
        while (digits.find()) {
            last = digits.group();
        }
        if (last.isEmpty()) {
            Matcher ordinal = ONE.matcher(words);
            return ordinal.find() ? ordinal(ordinal.group()) : "";
        }
        return last.replace('−', '-');
    }

    private static String ordinal(String word) {
        Matcher digits = DIGITS.matcher(word);
        if (digits.find()) {
            return digits.group();
        }
        int ten = TENS.indexOf(word);
        List<String> ordinals = ReadingWords.words("ordinal");
        return Integer.toString(ten >= 0 ? (ten + 1) * 10 : Math.max(0, ordinals.indexOf(word)));
    }
}
