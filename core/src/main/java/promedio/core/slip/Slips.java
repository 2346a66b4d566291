package promedio.core.slip;

import java.util.List;

/** All mistakes that are known, a line each: a new one is a method and a line here. */
public final class Slips {
    private static final List<Slip> ALL = List.of(
            new Slip("no-root", 5, Roots::none),
            new Slip("not-divided", 5, Divisors::none),
            new Slip("unsorted", 5, Positions::unsorted),
            new Slip("position-for-value", 4, Positions::forValue),
            new Slip("miscounted", 4, Divisors::miscounted),
            new Slip("brackets-lost", 4, Divisors::bracketsLost),
            new Slip("cumulative-through", 4, ClassSlips::through),
            new Slip("wrong-L", 4, ClassSlips::wrongLower),
            new Slip("limits-for-boundaries", 4, ClassSlips::limits),
            new Slip("unweighted", 4, Copied::distinctOnly),
            new Slip("frequencies-as-data", 3, Copied::frequenciesAsData),
            new Slip("divided-by-classes", 4, Divisors::byRows),
            new Slip("missing-as-zero", 4, Copied::missingAsZero),
            new Slip("mean-not-squared", 4, Squares::meanNotSquared),
            new Slip("correction-omitted", 3, Squares::correctionOmitted),
            new Slip("correction-undivided", 3, Squares::correctionUndivided),
            new Slip("square-of-sum", 3, Squares::squareOfSum),
            new Slip("fx-squared", 3, Squares::fxSquared),
            new Slip("absolute-for-square", 3, Squares::absolute),
            new Slip("doubled-for-square", 2, Squares::doubled),
            new Slip("about-median", 2, Squares::aboutMedian),
            new Slip("signs-kept", 3, Squares::signsKept),
            new Slip("root-of-numerator", 3, Roots::ofNumerator),
            new Slip("extra-root", 2, Roots::extra),
            new Slip("factor-dropped", 3, Factors::dropped),
            new Slip("other-skewness", 4, Coefficients::ofSkewness),
            new Slip("other-convention", 4, Coefficients::ofKurtosis),
            new Slip("empirical-swapped", 3, Factors::empirical),
            new Slip("ends-swapped", 3, Positions::endsSwapped),
            new Slip("lower-middle", 3, asked -> Positions.oneMiddle(asked, true)),
            new Slip("upper-middle", 3, asked -> Positions.oneMiddle(asked, false)),
            new Slip("one-of-modes", 5, Positions::oneOfModes),
            new Slip("frequency-for-mode", 4, Positions::frequencyOfMode),
            new Slip("cumulative-for-frequency", 3, ClassSlips::dividedByCumulative),
            new Slip("class-midpoint-given", 3, ClassSlips::midpoint),
            new Slip("whole-n", 3, ClassSlips::wholeCount),
            new Slip("other-width", 3, ClassSlips::width),
            new Slip("neighbours-swapped", 3, ClassSlips::neighboursSwapped),
            new Slip("denominator-sign", 3, ClassSlips::denominatorSign),
            new Slip("not-scaled-back", 4, StepDeviation::notBack),
            new Slip("scaled-once", 3, StepDeviation::once),
            new Slip("shift-in-spread", 2, StepDeviation::shifted),
            new Slip("lower-limits", 4, ClassColumns::lower),
            new Slip("upper-limits", 3, ClassColumns::upper),
            new Slip("middle-row", 3, ClassColumns::middleRow),
            new Slip("neighbour-class", 3, OtherClass::neighbour),
            new Slip("frequency-for-density", 4, OtherClass::byFrequency),
            new Slip("sheppard-added", 3, ClassColumns::sheppardAdded),
            new Slip("not-inverted", 4, OtherMeans::notInverted),
            new Slip("not-antilogged", 4, OtherMeans::notAntilogged),
            new Slip("trim-one-end", 3, asked -> OtherMeans.trimmed(asked, true)),
            new Slip("trim-count-kept", 3, asked -> OtherMeans.trimmed(asked, false)),
            new Slip("total-included", 3, Copied::totalIncluded),
            new Slip("cumulative-as-frequency", 3, Copied::cumulative),
            new Slip("value-dropped", 3, true, Copied::dropped),
            new Slip("value-repeated", 2, true, Copied::repeated),
            new Slip("digits-swapped", 2, true, Copied::swapped),
            new Slip("sign-lost", 2, true, Copied::signLost),
            new Slip("point-moved", 2, true, Copied::pointMoved));

    private Slips() {}

    /** All of them, the commonest first. */
    public static List<Slip> all() {
        return ALL;
    }
}
