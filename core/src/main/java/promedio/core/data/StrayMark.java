package promedio.core.data;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.number.Numerals;
import promedio.core.number.Units;

/** Text that is a number but for a stray letter or mark: {@code 17O}, {@code 12;5}, {@code 12 kg}. */
public final class StrayMark {
    private static final Pattern WITH_WORD =
            Pattern.compile("[^\\p{L}0-9]{0,2}([+\\-\u2212]?[0-9][0-9.,]*)\\s*[^0-9.,\\s]{1,8}\\.?");
    private static final Pattern ODD = Pattern.compile("[^0-9.,+\\-\u2212\\s]");
    private static final Pattern GROUPED =
            Pattern.compile("([+\\-\u2212]?[1-9][0-9]{0,2})([., '\u2019\u00a0\u202f])([0-9]{3})");
    private static final int LONGEST = 40;
    private static final Set<String> MISSING_WORDS = Set.of(
            "n/a", "na", "n.a.", "#n/a", "-", "--", "\u2013", "\u2014", ".", "..", "?", "??", "none", "missing", "null",
            "nil", "nan", "unknown");

    private StrayMark() {}

    /** Whether a text is a word with which people say that nothing was measured, such as {@code n/a}. */
    public static boolean isMissingWord(String text) {
        return MISSING_WORDS.contains(text.strip().toLowerCase(Locale.ROOT));
    }

    /**
     * The numbers that a text could mean; none where it is not nearly one. Where a mark may part thousands or be the decimal mark
     * there are two: without it, and with it as the decimal mark.
     */
    public static List<String> readings(String text, Numerals numerals) {
        if (text.length() > LONGEST || text.chars().noneMatch(c -> c >= '0' && c <= '9')) {
            return List.of();
        }
        Set<String> readings = new LinkedHashSet<>();
        Matcher grouped = GROUPED.matcher(text);
        if (grouped.matches()) {
            readings.add(grouped.group(1) + grouped.group(3));
            if (".,".contains(grouped.group(2))) {
                readings.add(grouped.group(1) + numerals.decimalMark() + grouped.group(3));
            }
            return new ArrayList<>(readings);
        }
        if (numerals.isBeyond(text)) {
            return List.of();
        }
        numerals.hint(text).ifPresent(readings::add);
        Matcher word = WITH_WORD.matcher(text);
        if (readings.isEmpty() && word.matches()) {
            read(word.group(1), numerals).ifPresent(readings::add);
        }
        List<Integer> odd =
                ODD.matcher(text).results().map(found -> found.start()).toList();
        if (readings.isEmpty() && odd.size() == 1) {
            String before = text.substring(0, odd.get(0));
            String behind = text.substring(odd.get(0) + 1);
            boolean between = !before.isBlank() && !behind.isBlank();
            read(between ? before.strip() + numerals.decimalMark() + behind.strip() : before + behind, numerals)
                    .ifPresent(readings::add);
        }
        return new ArrayList<>(readings);
    }

    /** Whether a text is a number as people write them: with thousands, a unit behind it, or the other decimal mark. */
    static boolean isWritten(String text) {
        Matcher word = WITH_WORD.matcher(text);
        return GROUPED.matcher(text).matches()
                || Numerals.POINT.read(text).isPresent()
                || Numerals.COMMA.read(text).isPresent()
                || word.matches() && Units.isKnown(text.substring(word.end(1)).strip());
    }

    private static Optional<String> read(String text, Numerals numerals) {
        Numerals other = numerals.decimalMark() == '.' ? Numerals.COMMA : Numerals.POINT;
        return numerals.read(text).or(() -> other.read(text)).map(number -> numerals.write(number.value()));
    }
}
