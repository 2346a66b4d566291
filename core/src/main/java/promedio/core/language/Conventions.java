package promedio.core.language;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.Divisor;
import promedio.core.course.Rounding;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;

/**
 * What a course's card says of measures in formulas. A quantile of sorted values is x₍ₖ₎ + g·(x₍ₖ₊₁₎ − x₍ₖ₎) with k and g that depend
 * on how many there are alone: they are those of the numbers 1 to n, whose quantile is k + g.
 */
final class Conventions {
    private final CourseCard card;
    private final Map<String, Optional<Exact>> known = new HashMap<>();
    private int sampled = -1;
    private Sample ranks;

    Conventions(CourseCard card) {
        this.card = card;
    }

    /** Whether variances are divided by n − 1. */
    boolean dividesByLess() {
        return card.get(CardKey.DIVISOR) == Divisor.SAMPLE;
    }

    HalfRule halves() {
        return card.get(CardKey.ROUNDING) == Rounding.HALF_EVEN ? HalfRule.HALF_EVEN : HalfRule.HALF_UP;
    }

    /** The place of a quantile among n sorted values: k + g; empty where the rule needs more of them. */
    Optional<Exact> place(String measure, int n) {
        return known.computeIfAbsent(measure + "/" + n, key -> {
            if (n != sampled) {
                Decimals.Builder numbers = new Decimals.Builder(n);
                for (int i = 1; i <= n; i++) {
                    numbers.add(i, 0);
                }
                ranks = Sample.list(numbers.build());
                sampled = n;
            }
            return Catalogue.lists()
                    .find(measure, card)
                    .flatMap(found -> found.outcome(Evaluation.of(ranks)).single())
                    .filter(figure -> figure instanceof Exact)
                    .map(figure -> (Exact) figure);
        });
    }
}
