package promedio.core.slip;

import static promedio.core.slip.Slip.Kind.DIVISION;
import static promedio.core.slip.Slip.Kind.FORMULA;
import static promedio.core.slip.Slip.Kind.SCALE;
import static promedio.core.slip.Slip.Kind.SQUARES;

import java.util.List;
import promedio.core.measure.GivenMeasure;

/** Mistakes with what a question gives in place of data: its measures know what they make of their formulas. */
final class GivenSlips {
    /** All of them, the commonest first. */
    static final List<Slip> ALL = List.of(
            of("mean-of-means", 5, FORMULA),
            of("wrong-kept", 5, FORMULA),
            of("count-kept", 5, DIVISION),
            of("letter-not-counted", 5, DIVISION),
            of("letter-as-nothing", 4, FORMULA),
            of("distances-omitted", 5, SQUARES),
            of("squares-kept", 5, SQUARES),
            of("added-to-spread", 5, SCALE),
            of("factor-not-squared", 5, SCALE),
            of("not-divided", 4, DIVISION),
            of("right-forgotten", 4, FORMULA),
            of("wrong-for-right", 4, FORMULA),
            of("sum-kept", 4, FORMULA),
            of("mean-kept", 4, FORMULA),
            of("difference-squared", 4, SQUARES),
            of("sds-averaged", 4, FORMULA),
            of("mean-not-squared", 4, SQUARES),
            of("correction-omitted", 3, SQUARES),
            of("empirical-swapped", 4, FORMULA),
            of("assumed-mean-not-added", 4, SCALE),
            of("not-added", 4, SCALE),
            of("not-multiplied", 4, SCALE),
            of("spread-kept", 4, SCALE),
            of("quartiles-not-exchanged", 4, FORMULA),
            of("sign-kept", 4, FORMULA),
            of("added-first", 3, SCALE),
            of("factor-squared", 3, SCALE),
            of("shape-multiplied", 3, SCALE),
            of("cv-kept", 3, SCALE),
            of("mean-less-value", 3, FORMULA),
            of("divided-by-variance", 3, DIVISION),
            of("cv-inverted", 2, DIVISION));

    private GivenSlips() {}

    private static Slip of(String id, int commonness, Slip.Kind kind) {
        return new Slip(id, commonness, kind, asked -> made(asked, id));
    }

    private static List<Changed> made(Asked asked, String id) {
        return asked.measure() instanceof GivenMeasure given
                ? given.mistakes().stream()
                        .filter(mistake -> mistake.slip().equals(id))
                        .flatMap(mistake -> asked.value(mistake.formula()).stream())
                        .map(way -> Changed.of(id, way))
                        .toList()
                : List.of();
    }
}
