package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.course.GroupedPosition;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Quantile of a class table by interpolation: the values of a class are taken as spread evenly over it.
 *
 * <p><b>Definition.</b> L + (pn − F)/f · h in the class whose cumulative frequency is the first to reach pn; other courses
 * take p(n + 1), held at n. The median has p = ½.
 * <p><b>By hand.</b> 0–10: 4, 10–20: 6, 20–30: 2 has n/2 = 6 in 10–20, so the median is 10 + (6 − 4)/6 · 10 = 13.33.
 * <p><b>Undefined</b> when the class is open; with p(n + 1) for proportions.
 * <p><b>Source.</b> [BOOKS] in docs/sources.md.
 *
 * @param id {@code median}, {@code quartile-1}, {@code decile-3}, {@code percentile-62} or {@code quantile/0.62}
 * @param p the share, above 0 and below 1
 * @param rule the position
 * @param symbol its symbol
 */
public record GroupedQuantile(String id, Exact p, GroupedPosition rule, Symbol symbol) implements Fractile {
    /** The median. */
    public static GroupedQuantile median(GroupedPosition rule) {
        return new GroupedQuantile("median", Exact.HALF, rule, Symbol.of("median", Notation.tilde("x")));
    }

    /** Q₁, the median as Q₂, or Q₃. */
    static GroupedQuantile quarter(int quarters, GroupedPosition rule) {
        return quarters == 2
                ? median(rule)
                : new GroupedQuantile(
                        "quartile-" + quarters,
                        Exact.ratio(quarters, 4),
                        rule,
                        Symbol.of("quartile-" + quarters, Notation.indexed("Q", Integer.toString(quarters))));
    }

    /** The kth decile, k from 1 to 9. */
    public static GroupedQuantile decile(int k, GroupedPosition rule) {
        return new GroupedQuantile("decile-" + k, Exact.ratio(k, 10), rule, symbol("D", "decile", k));
    }

    /** The kth percentile, k from 1 to 99. */
    public static GroupedQuantile percentile(int k, GroupedPosition rule) {
        return new GroupedQuantile("percentile-" + k, Exact.ratio(k, 100), rule, symbol("P", "percentile", k));
    }

    /** The quantile of a share, above 0 and below 1. */
    public static GroupedQuantile share(Exact p, GroupedPosition rule) {
        return new GroupedQuantile(
                "quantile/" + p, p, rule, Symbol.of("quantile", Notation.indexed("Q", p.toString())));
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
        return Traits.of(id.equals("median") ? Group.CENTRE : Group.POSITION)
                .needing(needs(rule))
                .from("BOOKS")
                .being(Traits.Known.COMMONPLACE, id.startsWith("decile-"))
                .being(Traits.Known.USUAL, id.equals("median") || id.startsWith("quartile-"));
    }

    static List<Need> needs(GroupedPosition rule) {
        return rule == GroupedPosition.PN1 ? List.of(Need.COUNTS) : List.of();
    }

    @Override
    public Formula.Named formula(Shape shape) {
        return Shared.formula(
                "grouped-" + key(), shape, () -> methods(shape).get(0).formula());
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula position = position(shape).named(Symbol.counting("position", Notation.word("pos")));
        ClassFigures found = ClassFigures.at(position);
        return Measure.only(
                symbol,
                found.lower()
                        .plus(position.minus(found.before())
                                .over(found.frequency())
                                .times(found.width())));
    }

    /** pn, or p(n + 1) held at n. */
    private Formula position(Shape shape) {
        if (rule == GroupedPosition.PN) {
            return times(Symbols.N);
        }
        Exact beyond = p.times(shape.count().plus(Exact.ONE));
        return beyond.compareTo(shape.count()) > 0 ? Symbols.N : times(Symbols.N.plus(number(1)));
    }

    /** n/2, 3n/4 or, where the share is no such fraction, pn. */
    private Formula times(Formula n) {
        Exact top = Exact.of(p.numerator());
        Exact bottom = Exact.of(p.denominator());
        Formula multiple = top.equals(Exact.ONE) ? n : number(top).times(n);
        return multiple.over(number(bottom));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        ClassTable table = sample.classes().orElseThrow();
        Exact beyond = p.times(sample.count().plus(rule == GroupedPosition.PN1 ? Exact.ONE : Exact.ZERO));
        Exact position = beyond.compareTo(sample.count()) > 0 ? sample.count() : beyond;
        return Sentence.of(
                "note.grouped-quantile",
                position,
                table.at(table.classAt(position)).label());
    }
}
