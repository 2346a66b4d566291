package promedio.core.measure;

import static promedio.core.formula.Formula.number;
import static promedio.core.formula.Formula.valueAt;

import java.util.List;
import promedio.core.course.Placement;
import promedio.core.course.QuantileRule;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Quantile: the value below which a share p of the values lies. Deciles and percentiles are quantiles.
 *
 * <p><b>Definition.</b> [HF] definitions 1 to 9: a position h in the sorted list from n and p, and the value there.
 * <p><b>By hand.</b> 2 4 4 7 9 12 15, p = 0.1 by definition 6: h = 8 · 0.1 = 0.8, held at 1, so 2.
 * <p><b>Source.</b> [HF] in docs/sources.md.
 *
 * @param id {@code decile-3}, {@code percentile-62} or {@code quantile/0.62}
 * @param p the share, above 0 and below 1
 * @param rule the definition
 * @param symbol its symbol
 */
public record Quantile(String id, Exact p, QuantileRule rule, Symbol symbol) implements Fractile {
    /** The kth decile, k from 1 to 9. */
    public static Quantile decile(int k, QuantileRule rule) {
        return new Quantile("decile-" + k, Exact.ratio(k, 10), rule, symbol("D", "decile", k));
    }

    /** The kth percentile, k from 1 to 99. */
    public static Quantile percentile(int k, QuantileRule rule) {
        return new Quantile("percentile-" + k, Exact.ratio(k, 100), rule, symbol("P", "percentile", k));
    }

    /** The quantile of a share, above 0 and below 1. */
    public static Quantile share(Exact p, QuantileRule rule) {
        return new Quantile("quantile/" + p, p, rule, Symbol.of("quantile", Notation.indexed("Q", p.toString())));
    }

    private static Symbol symbol(String letter, String name, int k) {
        return Symbol.of(name + "-" + k, Notation.indexed(letter, Integer.toString(k)));
    }

    @Override
    public String key() {
        return id + "/" + rule.id();
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.POSITION)
                .needing(rule == QuantileRule.HF1 || rule == QuantileRule.HF2 ? List.of() : List.of(Need.COUNTS))
                .from("HF")
                .being(Traits.Known.COMMONPLACE, id.startsWith("decile-"));
    }

    @Override
    public Formula.Named formula(Shape shape) {
        return Shared.formula(key(), shape, () -> methods(shape).get(0).formula());
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Measure.only(symbol, body(rule, p, shape));
    }

    /** The quantile of a sample of some shape. Of proportions, where ranks mean nothing, only definitions 1 and 2. */
    static Formula body(QuantileRule rule, Exact p, Shape shape) {
        if (!shape.relative()) {
            return Quartile.body(rule.place(shape.count(), Symbols.N, p));
        }
        Exact np = shape.count().times(p);
        Formula at = valueAt(number(np));
        boolean averages = rule == QuantileRule.HF2 && np.over(shape.step()).isWhole();
        return averages ? at.plus(valueAt(number(np.plus(shape.step())))).over(number(2)) : at;
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return sample.shape().relative()
                ? Sentence.of("note.quantile.relative", p)
                : note(rule.place(sample.count(), Symbols.N, p), sample);
    }

    static Sentence note(Placement placement, Sample sample) {
        Exact lower = sample.ranking().at(placement.rank());
        if (placement.fraction().signum() == 0) {
            return Sentence.of("note.quantile.at", Ordinal.of(placement.rank()));
        }
        Exact next = placement.rank().plus(Exact.ONE);
        return placement.interpolates()
                ? Sentence.of(
                        "note.quantile.between",
                        placement.rank().plus(placement.fraction()),
                        lower,
                        sample.ranking().at(next))
                : Sentence.of(
                        "note.quantile.average",
                        Ordinal.of(placement.rank()),
                        Ordinal.of(next),
                        lower,
                        sample.ranking().at(next));
    }
}
