package promedio.core.measure;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.Divisor;
import promedio.core.course.PositionRule;

/**
 * What a course has to choose for a kind of sample.
 *
 * @param choices what there is to choose
 * @param chosen what a card has chosen
 */
record Rule<T>(List<T> choices, Function<CourseCard, T> chosen) {
    /** Of lists and frequency tables. */
    static final Rule<Divisor> DIVISOR = of(CardKey.DIVISOR);
    /** Of class tables, which may have a divisor of their own. */
    static final Rule<Divisor> GROUPED_DIVISOR =
            new Rule<>(Arrays.asList(Divisor.values()), CourseCard::groupedDivisor);
    /** Of lists and frequency tables. */
    static final Rule<PositionRule> QUARTILES = of(CardKey.QUARTILES);
    /** Of lists and frequency tables. */
    static final Rule<PositionRule> QUANTILES = of(CardKey.QUANTILES);
    /** Quartiles and other quantiles of class tables. */
    static final Rule<PositionRule> GROUPED = of(CardKey.GROUPED_POSITION);

    static <T> Rule<T> of(CardKey<? extends T> key) {
        return new Rule<>(List.copyOf(key.choices()), card -> card.get(key));
    }
}
