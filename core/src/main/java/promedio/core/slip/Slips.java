package promedio.core.slip;

import static promedio.core.slip.Slip.Kind.CLASS;
import static promedio.core.slip.Slip.Kind.COLUMN;
import static promedio.core.slip.Slip.Kind.DIVISION;
import static promedio.core.slip.Slip.Kind.ENTRY;
import static promedio.core.slip.Slip.Kind.FORMULA;
import static promedio.core.slip.Slip.Kind.PLACE;
import static promedio.core.slip.Slip.Kind.ROOT;
import static promedio.core.slip.Slip.Kind.SCALE;
import static promedio.core.slip.Slip.Kind.SQUARES;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** All mistakes that are known, a line each: a new one is a method and a line here. */
public final class Slips {
    private static final List<Slip> ALL = Stream.concat(
                    Stream.of(
                            new Slip("no-root", 5, ROOT, Roots::none),
                            new Slip("not-divided", 5, DIVISION, Divisors::none),
                            new Slip("unsorted", 5, PLACE, WrongPositions::unsorted),
                            new Slip("position-for-value", 4, PLACE, WrongPositions::forValue),
                            new Slip("miscounted", 4, DIVISION, Divisors::miscounted),
                            new Slip("brackets-lost", 4, DIVISION, Divisors::bracketsLost),
                            new Slip("cumulative-through", 4, CLASS, ClassSlips::through),
                            new Slip("wrong-L", 4, CLASS, ClassSlips::wrongLower),
                            new Slip("limits-for-boundaries", 4, CLASS, ClassSlips::limits),
                            new Slip("unweighted", 4, COLUMN, Copied::distinctOnly),
                            new Slip("frequencies-as-data", 3, COLUMN, Copied::frequenciesAsData),
                            new Slip("divided-by-classes", 4, DIVISION, Divisors::byRows),
                            new Slip("missing-as-zero", 4, COLUMN, Copied::missingAsZero),
                            new Slip("mean-not-squared", 4, SQUARES, Squares::meanNotSquared),
                            new Slip("correction-omitted", 3, SQUARES, Squares::correctionOmitted),
                            new Slip("correction-undivided", 3, SQUARES, Squares::correctionUndivided),
                            new Slip("square-of-sum", 3, SQUARES, Squares::squareOfSum),
                            new Slip("fx-squared", 3, SQUARES, Squares::fxSquared),
                            new Slip("absolute-for-square", 3, SQUARES, Squares::absolute),
                            new Slip("doubled-for-square", 2, SQUARES, Squares::doubled),
                            new Slip("about-median", 2, SQUARES, Squares::aboutMedian),
                            new Slip("signs-kept", 3, SQUARES, Squares::signsKept),
                            new Slip("root-of-numerator", 3, ROOT, Roots::ofNumerator),
                            new Slip("extra-root", 2, ROOT, Roots::extra),
                            new Slip("factor-dropped", 3, FORMULA, Factors::dropped),
                            new Slip("other-skewness", 4, FORMULA, Coefficients::ofSkewness),
                            new Slip("other-convention", 4, FORMULA, Coefficients::ofKurtosis),
                            new Slip("empirical-swapped", 3, FORMULA, Factors::empirical),
                            new Slip("ends-swapped", 3, PLACE, WrongPositions::endsSwapped),
                            new Slip("lower-middle", 3, PLACE, asked -> WrongPositions.oneMiddle(asked, true)),
                            new Slip("upper-middle", 3, PLACE, asked -> WrongPositions.oneMiddle(asked, false)),
                            new Slip("one-of-modes", 5, PLACE, WrongPositions::oneOfModes),
                            new Slip("frequency-for-mode", 4, PLACE, WrongPositions::frequencyOfMode),
                            new Slip("cumulative-for-frequency", 3, DIVISION, ClassSlips::dividedByCumulative),
                            new Slip("class-midpoint-given", 3, CLASS, ClassSlips::midpoint),
                            new Slip("whole-n", 3, FORMULA, ClassSlips::wholeCount),
                            new Slip("other-width", 3, CLASS, ClassSlips::width),
                            new Slip("neighbours-swapped", 3, CLASS, ClassSlips::neighboursSwapped),
                            new Slip("denominator-sign", 3, FORMULA, ClassSlips::denominatorSign),
                            new Slip("products-not-corrected", 4, SQUARES, PairSlips::uncorrected),
                            new Slip("means-exchanged", 4, FORMULA, PairSlips::meansExchanged),
                            new Slip("complement-forgotten", 5, FORMULA, PairSlips::complementForgotten),
                            new Slip("absolute-for-square", 3, SQUARES, PairSlips::ranksNotSquared),
                            new Slip("normal-for-t", 4, FORMULA, CertaintySlips::normalForT),
                            new Slip("tail-not-halved", 4, FORMULA, CertaintySlips::notHalved),
                            new Slip("one-side-for-both", 4, FORMULA, CertaintySlips::oneSide),
                            new Slip("both-sides-for-one", 3, FORMULA, CertaintySlips::bothSides),
                            new Slip("ends-swapped", 3, FORMULA, CertaintySlips::otherEnd),
                            new Slip("freedom-not-reduced", 3, FORMULA, CertaintySlips::notReduced),
                            new Slip("other-divisor", 5, DIVISION, Divisors::other),
                            new Slip("deviation-for-error", 4, FORMULA, CertaintySlips::deviation),
                            new Slip("root-of-count-forgotten", 3, ROOT, CertaintySlips::rootForgotten),
                            new Slip("not-scaled-back", 4, SCALE, StepDeviation::notBack),
                            new Slip("scaled-once", 3, SCALE, StepDeviation::once),
                            new Slip("shift-in-spread", 2, SCALE, StepDeviation::shifted),
                            new Slip("lower-limits", 4, COLUMN, ClassColumns::lower),
                            new Slip("upper-limits", 3, COLUMN, ClassColumns::upper),
                            new Slip("middle-row", 3, PLACE, ClassColumns::middleRow),
                            new Slip("neighbour-class", 3, CLASS, OtherClass::neighbour),
                            new Slip("frequency-for-density", 4, CLASS, OtherClass::byFrequency),
                            new Slip("sheppard-added", 3, FORMULA, ClassColumns::sheppardAdded),
                            new Slip("not-inverted", 4, DIVISION, OtherMeans::notInverted),
                            new Slip("not-antilogged", 4, FORMULA, OtherMeans::notAntilogged),
                            new Slip("trim-one-end", 3, COLUMN, asked -> OtherMeans.trimmed(asked, true)),
                            new Slip("trim-count-kept", 3, DIVISION, asked -> OtherMeans.trimmed(asked, false)),
                            new Slip("total-included", 3, COLUMN, Copied::totalIncluded),
                            new Slip("cumulative-as-frequency", 3, COLUMN, Copied::cumulative),
                            new Slip("value-dropped", 3, ENTRY, Copied::dropped),
                            new Slip("value-repeated", 2, ENTRY, Copied::repeated),
                            new Slip("digits-swapped", 2, ENTRY, Copied::swapped),
                            new Slip("sign-lost", 2, ENTRY, Copied::signLost),
                            new Slip("point-moved", 2, ENTRY, Copied::pointMoved)),
                    GivenSlips.ALL.stream())
            .toList();

    private Slips() {}

    /** All of them, the commonest first. */
    public static List<Slip> all() {
        return ALL;
    }

    /** What kind of mistake an id stands for. */
    public static Optional<Slip.Kind> kind(String id) {
        return ALL.stream().filter(slip -> slip.id().equals(id)).findFirst().map(Slip::kind);
    }
}
