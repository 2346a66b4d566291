package promedio.core.question;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a question holds a mean against: “test whether the mean differs from 50”, “H₀: μ = 50, H₁: μ > 50”.
 *
 * @param value the number
 * @param side empty for both sides, else the end of the key: {@code -greater}, {@code -less}
 */
record Hypothesis(String value, String side) {
    private static final String NUMBER = "([-−]?[0-9]+(?:\\.[0-9]+)?)";
    private static final Pattern SAID = ReadingWords.words("hypothesis", false, NUMBER);
    private static final Pattern GREATER = ReadingWords.words("hypothesis-greater", true);
    private static final Pattern LESS = ReadingWords.words("hypothesis-less", true);

    /** The one that a text tells; empty where it tells none. */
    static Optional<Hypothesis> in(String small) {
        Matcher said = SAID.matcher(small);
        Optional<Hypothesis> found = Optional.empty();
        while (said.find()) {
            String side = side(said.group(1));
            String value = said.group(2).replace('−', '-');
            if (found.isEmpty()) {
                found = Optional.of(new Hypothesis(value, side));
            } else if (found.get().side().isEmpty()) {
                found = Optional.of(new Hypothesis(found.get().value(), side));
            }
        }
        return found;
    }

    private static String side(String way) {
        return GREATER.matcher(way).matches() ? "-greater" : LESS.matcher(way).matches() ? "-less" : "";
    }

    /** Whether a mean that is named at some place is the one held against a number. */
    static boolean at(String small, int place) {
        Matcher said = SAID.matcher(small).region(place, small.length());
        return said.lookingAt();
    }
}
