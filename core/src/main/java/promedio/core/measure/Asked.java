package promedio.core.measure;

import java.util.Optional;
import promedio.core.course.CourseCard;
import promedio.core.course.PositionRule;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;

/** Keys with an argument: {@code z-score=12.5}, {@code percentile-37}, {@code quantile/0.625/hf7}. */
final class Asked {
    private Asked() {}

    /** The value of a key such as {@code z-score=12.5}; empty when it is none, or no number. */
    static Optional<Exact> value(String key, String id) {
        return key.startsWith(id + "=")
                ? Numerals.POINT.read(key.substring(id.length() + 1)).map(Numerals.Numeral::exact)
                : Optional.empty();
    }

    /** Any decile, percentile or quantile, by the rule behind its last slash or the card's. */
    static Optional<Measure> quantile(String key, Rule<PositionRule> rules, CourseCard card) {
        int slash = key.lastIndexOf('/');
        Optional<PositionRule> named = rules.choices().stream()
                .filter(rule -> slash >= 0 && rule.id().equals(key.substring(slash + 1)))
                .findFirst();
        PositionRule rule = named.orElseGet(() -> rules.chosen().apply(card));
        String id = named.isPresent() ? key.substring(0, slash) : key;
        return ordinal(id, "percentile", 99)
                .map(k -> Fractile.percentile(k, rule))
                .or(() -> ordinal(id, "decile", 9).map(k -> Fractile.decile(k, rule)))
                .or(() -> share(id).map(p -> Fractile.share(p, rule)));
    }

    /** The whole number at the end of a key such as {@code percentile-37}. */
    private static Optional<Integer> ordinal(String key, String family, int most) {
        if (!key.matches(family + "-[1-9][0-9]?")) {
            return Optional.empty();
        }
        int k = Integer.parseInt(key.substring(family.length() + 1));
        return k <= most ? Optional.of(k) : Optional.empty();
    }

    /** The share of a key such as {@code quantile/0.625}: above 0 and below 1. */
    private static Optional<Exact> share(String key) {
        String text = key.startsWith("quantile/") ? key.substring("quantile/".length()) : "";
        return Numerals.POINT
                .read(text)
                .map(Numerals.Numeral::exact)
                .filter(p -> p.signum() > 0 && p.compareTo(Exact.ONE) < 0);
    }
}
