package promedio.core.slip;

import java.util.Optional;
import java.util.function.Supplier;
import promedio.core.formula.Formula;
import promedio.core.formula.LineRounding;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;

/**
 * How a figure comes about, as far as a mistake can be worked through line by line. Thousands of them are looked through for the
 * few that lead to an answer: the figure in floating point is known at once, the figure itself is worked out when it is asked for.
 */
public final class Way {
    private static final int PLACES = 12;

    private final double about;
    private final Supplier<Optional<Figure>> exact;
    private final Optional<Supplier<Formula>> formula;
    private final Optional<Sample> sample;
    private final Optional<LineRounding> lines;
    private Optional<Figure> figure = Optional.empty();
    private boolean known;

    private Way(
            double about,
            Supplier<Optional<Figure>> exact,
            Optional<Supplier<Formula>> formula,
            Optional<Sample> sample,
            Optional<LineRounding> lines) {
        this.about = about;
        this.exact = exact;
        this.formula = formula;
        this.sample = sample;
        this.lines = lines;
    }

    /** A figure that comes about in no way that could be worked through. */
    public static Way of(Figure value) {
        return new Way(about(value), () -> Optional.of(value), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** A figure that comes about by a formula. */
    public static Way of(Figure value, Formula formula) {
        return new Way(
                about(value), () -> Optional.of(value), Optional.of(() -> formula), Optional.empty(), Optional.empty());
    }

    /**
     * A figure that is worked out when it is asked for.
     *
     * @param about the figure in floating point
     * @param exact works it out; empty where it has no value after all
     * @param formula the changed computation, made when it is asked for; empty where it is the usual one
     * @param sample the changed sample; empty where it is the usual one
     */
    public static Way of(
            double about,
            Supplier<Optional<Figure>> exact,
            Optional<Supplier<Formula>> formula,
            Optional<Sample> sample) {
        return new Way(about, exact, formula, sample, Optional.empty());
    }

    /** The same with every line rounded. */
    public Way withLines(LineRounding rounding) {
        return new Way(about, exact, formula, sample, Optional.of(rounding));
    }

    /** The same where the sample had been changed before, unless it has no formula of its own. */
    public Way after(Way first) {
        return isKnown() && sample.isEmpty() ? new Way(about, exact, formula, first.sample, lines) : this;
    }

    private static double about(Figure value) {
        return value.toPlaces(PLACES, HalfRule.HALF_UP).doubleValue();
    }

    /** The figure in floating point, good to some ten digits. */
    public double about() {
        return about;
    }

    /** The figure; empty where it has no value. */
    public Optional<Figure> figure() {
        if (!known) {
            figure = exact.get();
            known = true;
        }
        return figure;
    }

    /** The figure of a way that has one. */
    public Figure value() {
        return figure().orElseThrow();
    }

    /** The changed computation; empty where it is the usual one, or none that can be written down. */
    public Optional<Formula> formula() {
        return formula.map(Supplier::get);
    }

    /** How every line is rounded; empty where they are not. */
    public Optional<LineRounding> lines() {
        return lines;
    }

    /** The changed sample; empty where it is the usual one. */
    public Optional<Sample> sample() {
        return sample;
    }

    /** The very same computation and sample, not one that is like it: trees share their parts and are long to compare. */
    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof Way way
                        && Double.compare(about, way.about) == 0
                        && formula.orElse(null) == way.formula.orElse(null)
                        && sample.orElse(null) == way.sample.orElse(null);
    }

    @Override
    public int hashCode() {
        return Double.hashCode(about);
    }

    /** Whether it can be worked through. */
    public boolean isKnown() {
        return formula.isPresent() || sample.isPresent() || lines.isPresent();
    }
}
