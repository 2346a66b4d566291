package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import promedio.core.course.Divisor;
import promedio.core.formula.Formula;
import promedio.core.measure.Measure.Dimension;
import promedio.core.measure.Measure.Group;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.GivenName;
import promedio.core.sample.Givens;
import promedio.core.sample.Givens.Item;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;

/**
 * Mean and spread of values of which some were read wrong, were left out, or do not belong: back to the totals, the wrong values taken
 * out, the right ones put in, and on from there.
 *
 * <p><b>By hand.</b> 20 values with the mean 40, 18 read as 8: Σx was 800, is 800 − 8 + 18 = 810, and x̄ = 40.5.
 * <p><b>Source.</b> Common practice.
 */
final class GivenCorrection {
    private static final SampleKind KIND = SampleKind.CORRECTION;
    private static final String OLD = "old";

    private final Givens givens;
    private final GivenBase old;
    private final List<Formula> out = new ArrayList<>();
    private final List<Formula> in = new ArrayList<>();
    private final int more;
    private final Optional<Sentence> why;

    private GivenCorrection(Givens givens) {
        this.givens = givens;
        for (Item item : givens.items()) {
            switch (item.name()) {
                case READ -> {
                    item.figure(0).map(Formula::number).ifPresent(out::add);
                    item.figure(1).map(Formula::number).ifPresent(in::add);
                }
                case LEFT_OUT -> item.figure(0).map(Formula::number).ifPresent(in::add);
                case NOT_BELONGING -> item.figure(0).map(Formula::number).ifPresent(out::add);
                default -> {
                    // What is given of the values as they were.
                }
            }
        }
        this.more = in.size() - out.size();
        this.old = new GivenBase(givens, more == 0 ? "" : OLD, OLD);
        this.why = why();
    }

    static List<Entry> of(Givens givens) {
        return new GivenCorrection(givens).entries();
    }

    private Optional<Sentence> why() {
        if (old.conflict().isPresent()) {
            return old.conflict();
        }
        if (old.count().isEmpty() || old.sum().isEmpty()) {
            return Optional.of(
                    Sentence.of("given.missing", (old.count().isEmpty() ? GivenName.COUNT : GivenName.MEAN).id()));
        }
        Exact left = givens.figure(GivenName.COUNT).orElseThrow().plus(Exact.of(more));
        return left.compareTo(Exact.ONE) < 0
                ? Optional.of(GivenResult.impossible("none-left", left))
                : Optional.empty();
    }

    private List<Entry> entries() {
        List<Entry> entries = new ArrayList<>();
        boolean spread = old.squares().isPresent() || givens.has(GivenName.SD) || givens.has(GivenName.VARIANCE);
        if (why.isPresent()) {
            List.of("count", "sum", "mean")
                    .forEach(key -> entries.add(Entry.one(GivenResult.of(KIND, key, GivenLetters.mean(""))
                            .without(why.get())
                            .made())));
            return entries;
        }
        Formula wasN = old.count().get();
        Formula.Named wasSum = old.sum().get();
        Formula.Named n = more == 0
                ? old.count().get()
                : (more > 0 ? wasN.plus(number(more)) : wasN.minus(number(-more))).named(GivenLetters.count(""));
        Formula.Named sum = corrected(wasSum, false).named(GivenLetters.sum(""));
        Formula.Named mean = sum.over(n).named(GivenLetters.mean(""));
        entries.add(Entry.one(GivenResult.of(KIND, "count", GivenLetters.count(""))
                .in(Group.CENTRE, Dimension.NONE)
                .as(n.body())
                .slip("count-kept", wasN)
                .made()));
        entries.add(Entry.one(
                wrong(GivenResult.of(KIND, "sum", GivenLetters.sum("")).as(sum.body()), wasSum, total -> total)
                        .checked(back(sum), wasSum.symbol(), figureOfSum())
                        .made()));
        entries.add(Entry.one(wrong(
                        GivenResult.of(KIND, "mean", GivenLetters.mean("")).as(sum.over(n)),
                        wasSum,
                        total -> total.over(n))
                .checked(back(n.times(mean)), wasSum.symbol(), figureOfSum())
                .slip("count-kept", sum.over(wasN))
                .slip("sum-kept", wasSum.over(n))
                .made()));
        if (spread) {
            squares(entries, n, sum, mean);
        }
        return entries;
    }

    /** A total with what is wrong taken out and what is right put in. */
    private Formula corrected(Formula total, boolean squared) {
        Formula changed = total;
        for (Formula value : out) {
            changed = changed.minus(squared ? value.squared() : value);
        }
        for (Formula value : in) {
            changed = changed.plus(squared ? value.squared() : value);
        }
        return changed;
    }

    /** The old total out of the new one. */
    private Formula back(Formula sum) {
        Formula changed = sum;
        for (Formula value : in) {
            changed = changed.minus(value);
        }
        for (Formula value : out) {
            changed = changed.plus(value);
        }
        return changed;
    }

    private Exact figureOfSum() {
        return givens.figure(GivenName.SUM).orElseGet(() -> givens.figure(GivenName.COUNT)
                .orElseThrow()
                .times(givens.figure(GivenName.MEAN).orElseThrow()));
    }

    /** What goes wrong with a total, and what comes of it. */
    private GivenResult wrong(GivenResult result, Formula was, UnaryOperator<Formula> from) {
        if (!out.isEmpty() && !in.isEmpty()) {
            Formula kept = in.stream().reduce(was, Formula::plus);
            Formula lost = out.stream().reduce(was, Formula::minus);
            result.slip("wrong-kept", from.apply(kept)).slip("right-forgotten", from.apply(lost));
        }
        Formula exchanged = was;
        for (Formula value : out) {
            exchanged = exchanged.plus(value);
        }
        for (Formula value : in) {
            exchanged = exchanged.minus(value);
        }
        return result.slip("wrong-for-right", from.apply(exchanged));
    }

    /** Σx² is at least (Σx)²/n, also when it is corrected. */
    private Optional<Sentence> tooSmall(Formula squares, Formula least) {
        Figure found = old.figure(squares);
        Figure bound = old.figure(least);
        return found.compare(bound) < 0
                ? Optional.of(GivenResult.impossible("spread", found, bound))
                : Optional.empty();
    }

    private void squares(List<Entry> entries, Formula n, Formula.Named sum, Formula.Named mean) {
        Formula.Named was = old.squares().orElseThrow();
        Formula.Named squares = corrected(was, true).named(GivenLetters.squares(""));
        GivenSpread spread = new GivenSpread(
                KIND, n, sum, squares, mean, tooSmall(squares, sum.squared().over(n)));
        Formula differences = was;
        for (Item item : givens.all(GivenName.READ)) {
            if (item.figure(0).isPresent() && item.figure(1).isPresent()) {
                differences = differences.plus(
                        number(item.figure(1).get().minus(item.figure(0).get())).squared());
            }
        }
        Formula by = differences;
        boolean differ = !givens.all(GivenName.READ).isEmpty();
        GivenResult result = GivenResult.of(KIND, "sum-squares", GivenLetters.squares(""))
                .in(Group.CENTRE, Dimension.SQUARED)
                .as(squares.body());
        entries.add(Entry.one((differ ? result.slip("difference-squared", by) : result).made()));
        Divisor divisor = GivenBase.divisor(givens);
        entries.addAll(spread.entries(List.of(divisor), (more, by1, root) -> {
            GivenSpread.slip(more, root, "squares-kept", spread.variance(divisor, was, sum, mean));
            GivenSpread.slip(
                    more,
                    root,
                    "mean-kept",
                    spread.variance(
                            divisor, squares, old.sum().get(), old.mean().get()));
            if (differ) {
                GivenSpread.slip(more, root, "difference-squared", spread.variance(divisor, by, sum, mean));
            }
            return more;
        }));
    }
}
