package promedio.core.measure;

import static promedio.core.formula.Formula.number;
import static promedio.core.measure.GivenLetters.given;

import java.util.Optional;
import promedio.core.course.Divisor;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.GivenName;
import promedio.core.sample.Givens;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;

/**
 * n, Σx and Σx² of values that nobody has, as far as they are given or follow from mean and spread: Σx = n·x̄, and Σx² = n(σ² + x̄²), or
 * (n − 1)s² + n·x̄² where the divisor is n − 1.
 */
final class GivenBase {
    private static final int TENTH = 10;

    private final Givens givens;
    private final Divisor divisor;
    private final String index;
    private final Optional<Formula.Named> count;
    private final Optional<Formula.Named> mean;
    private final Optional<Formula.Named> sum;

    /**
     * What is given.
     *
     * @param countIndex what stands beside n
     * @param index what stands beside every other letter
     */
    GivenBase(Givens givens, String countIndex, String index) {
        this.givens = givens;
        this.divisor = divisor(givens);
        this.index = index;
        this.count = givens.figure(GivenName.COUNT).map(n -> given(GivenLetters.count(countIndex), n));
        this.mean = givens.figure(GivenName.MEAN).map(figure -> given(GivenLetters.mean(index), figure));
        this.sum = givens.figure(GivenName.SUM)
                .map(figure -> given(GivenLetters.sum(index), figure))
                .or(() -> count.flatMap(n -> mean.map(x -> n.times(x).named(GivenLetters.sum(index)))))
                .or(this::fromDeviations);
    }

    /** The divisor of a standard deviation that is given. */
    static Divisor divisor(Givens givens) {
        return givens.lessOne() ? Divisor.SAMPLE : Divisor.POPULATION;
    }

    /** Σx = n·A + Σ(x − A). */
    private Optional<Formula.Named> fromDeviations() {
        return count.flatMap(n ->
                assumed().flatMap(a -> deviations().map(d -> n.times(a).plus(d).named(GivenLetters.sum(index)))));
    }

    Optional<Formula.Named> count() {
        return count;
    }

    /** Σx. */
    Optional<Formula.Named> sum() {
        return sum;
    }

    /** The mean as it is given, else from the total. */
    Optional<Formula.Named> mean() {
        return mean.or(() -> sum.flatMap(total -> count.map(n -> total.over(n).named(GivenLetters.mean(index)))));
    }

    /** A. */
    Optional<Formula.Named> assumed() {
        return givens.figure(GivenName.ASSUMED_MEAN).map(a -> given(Mean.ASSUMED, a));
    }

    /** Σ(x − A), under d. */
    Optional<Formula.Named> deviations() {
        return givens.figure(GivenName.SUM_DEVIATIONS)
                .map(d -> given(Symbol.of("sum-deviations", GivenLetters.sumOf(Notation.letter("d"))), d));
    }

    /** Σ(x − A)². */
    Optional<Formula.Named> deviationsSquared() {
        return givens.figure(GivenName.SUM_DEVIATIONS_SQUARED)
                .map(d -> given(
                        Symbol.of(
                                "sum-deviations-squared",
                                GivenLetters.sumOf(Notation.letter("d").raisedTo(2))),
                        d));
    }

    /** The variance that is given, as such or by the standard deviation. */
    Optional<Formula> variance() {
        return givens.figure(GivenName.VARIANCE)
                .<Formula>map(figure -> given(GivenLetters.variance(divisor, index), figure))
                .or(() -> givens.figure(GivenName.SD).map(figure -> given(GivenLetters.sd(divisor, index), figure)
                        .squared()));
    }

    /** Σx². */
    Optional<Formula.Named> squares() {
        return givens.figure(GivenName.SUM_SQUARES)
                .map(figure -> given(GivenLetters.squares(index), figure))
                .or(this::squaresFromSpread)
                .or(this::squaresFromDeviations);
    }

    private Optional<Formula.Named> squaresFromSpread() {
        if (count.isEmpty() || mean().isEmpty() || variance().isEmpty()) {
            return Optional.empty();
        }
        Formula n = count.get();
        Formula square = mean().get().squared();
        Formula of = variance().get();
        Formula body = divisor == Divisor.POPULATION
                ? n.times(of.plus(square))
                : n.minus(number(1)).times(of).plus(n.times(square));
        return Optional.of(body.named(GivenLetters.squares(index)));
    }

    /** Σx² = Σ(x − A)² + 2A·Σ(x − A) + n·A². */
    private Optional<Formula.Named> squaresFromDeviations() {
        if (count.isEmpty()
                || assumed().isEmpty()
                || deviations().isEmpty()
                || deviationsSquared().isEmpty()) {
            return Optional.empty();
        }
        Formula a = assumed().get();
        return Optional.of(deviationsSquared()
                .get()
                .plus(number(2).times(a).times(deviations().get()))
                .plus(count.get().times(a.squared()))
                .named(GivenLetters.squares(index)));
    }

    /** What cannot be, or disagrees; empty where all may be so. */
    Optional<Sentence> conflict() {
        if (givens.figure(GivenName.COUNT)
                .filter(n -> !n.isWhole() || n.signum() <= 0)
                .isPresent()) {
            return impossible("count", givens.figure(GivenName.COUNT).get());
        }
        for (GivenName spread : new GivenName[] {GivenName.SD, GivenName.VARIANCE}) {
            if (givens.figure(spread).filter(figure -> figure.signum() < 0).isPresent()) {
                return impossible("negative", spread.id(), givens.figure(spread).get());
            }
        }
        return means().or(this::sets).or(this::spread).or(this::spreads);
    }

    /** The mean that is given is that of the total, as far as its places go. */
    private Optional<Sentence> means() {
        if (mean.isEmpty() || count.isEmpty() || !givens.has(GivenName.SUM)) {
            return Optional.empty();
        }
        Exact said = givens.figure(GivenName.MEAN).get();
        Exact found = givens.figure(GivenName.SUM)
                .get()
                .over(givens.figure(GivenName.COUNT).get());
        return isRounded(said, found) ? Optional.empty() : impossible("means", said, found);
    }

    /** Whether a figure may be another one, rounded to its places. */
    static boolean isRounded(Exact said, Figure found) {
        Exact unit = Exact.ONE.over(Exact.of(TENTH).power(said.placesInFull().orElse(0)));
        return said.minus(found).abs().times(Exact.of(2)).compare(unit) <= 0;
    }

    /** Σx and Σ(x − A) agree, and so do their squares. */
    private Optional<Sentence> sets() {
        Optional<Formula.Named> other = fromDeviations();
        if (givens.has(GivenName.SUM) && other.isPresent()) {
            Exact said = givens.figure(GivenName.SUM).get();
            if (!said.equals(figure(other.get()))) {
                return impossible("sums", said, figure(other.get()));
            }
        }
        Optional<Formula.Named> squares = squaresFromDeviations();
        if (givens.has(GivenName.SUM_SQUARES) && squares.isPresent()) {
            Exact said = givens.figure(GivenName.SUM_SQUARES).get();
            if (!said.equals(figure(squares.get()))) {
                return impossible("squares", said, figure(squares.get()));
            }
        }
        return Optional.empty();
    }

    /** Σx² is at least (Σx)²/n, whatever the values. */
    private Optional<Sentence> spread() {
        if (count.isEmpty() || sum.isEmpty() || squares().isEmpty()) {
            return Optional.empty();
        }
        Figure least = figure(sum.get().squared().over(count.get()));
        Figure said = figure(squares().get());
        return said.compare(least) < 0 ? impossible("spread", said, least) : Optional.empty();
    }

    /** The standard deviation and the variance that are given agree, and they with Σx² where Σx is no product of a rounded mean. */
    private Optional<Sentence> spreads() {
        Optional<Exact> sd = givens.figure(GivenName.SD);
        Optional<Exact> variance = givens.figure(GivenName.VARIANCE);
        if (sd.isPresent() && variance.isPresent()) {
            Exact square = sd.get().power(2);
            if (!isRounded(variance.get(), square)
                    && !isRounded(sd.get(), variance.get().root())) {
                return impossible("variances", variance.get(), square);
            }
        }
        boolean totals = count.isPresent() && givens.has(GivenName.SUM) && givens.has(GivenName.SUM_SQUARES);
        if (!totals || sd.isEmpty() && variance.isEmpty() || lessOneOfOne()) {
            return Optional.empty();
        }
        Formula n = count.get();
        Formula deviations =
                squares().orElseThrow().minus(sum.orElseThrow().squared().over(n));
        Figure found = figure(deviations.over(divisor == Divisor.POPULATION ? n : n.minus(number(1))));
        if (variance.filter(said -> !isRounded(said, found)).isPresent()) {
            return impossible("variances", variance.get(), found);
        }
        return sd.filter(said -> !isRounded(said, found.root())).isPresent()
                ? impossible("deviations", sd.get(), found.root())
                : Optional.empty();
    }

    private boolean lessOneOfOne() {
        return divisor == Divisor.SAMPLE
                && givens.figure(GivenName.COUNT).filter(Exact.ONE::equals).isPresent();
    }

    /** What a formula of givens comes to. */
    Figure figure(Formula formula) {
        return figure(givens, formula);
    }

    /** What a formula of givens comes to: 0 where it comes to nothing. */
    static Figure figure(Givens givens, Formula formula) {
        return Evaluation.of(Sample.givens(givens)).outcome(formula).single().orElse(Exact.ZERO);
    }

    private static Optional<Sentence> impossible(String what, Object... facts) {
        return Optional.of(GivenResult.impossible(what, facts));
    }
}
