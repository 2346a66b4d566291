package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.ArrayList;
import java.util.List;
import promedio.core.course.GroupedMode;
import promedio.core.course.GroupedPosition;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Grouping;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Mode of a class table, within the modal class: that of the greatest frequency or, with unequal widths, density.
 *
 * <p><b>Interpolated.</b> L + (f₁ − f₀)/((f₁ − f₀) + (f₁ − f₂)) · h, densities in place of frequencies when widths differ.
 * Two tied neighbours meet in the formula at their common boundary; of three or more it is the midpoint of the interval.
 * <p><b>Midpoint</b> of the modal class or interval. <b>By the neighbours:</b> L + f₂/(f₀ + f₂) · h. <b>Empirical:</b>
 * 3 · median − 2 · mean.
 * <p><b>By hand.</b> 0–10: 4, 10–20: 6, 20–30: 2 gives 10 + 2/(2 + 4) · 10 = 13.33.
 * <p><b>Undefined</b> when all classes tie, or an open class may hold the mode.
 * <p><b>Source.</b> [BOOKS]; [YULE] for the empirical relation, in docs/sources.md.
 *
 * @param way which of the four
 */
public record ModeOfClasses(GroupedMode way) implements Measure {
    private static final Symbol SYMBOL = Symbol.of("mode", Notation.word("Mo"));

    @Override
    public String key() {
        return "mode/" + way.id();
    }

    @Override
    public Sentence meaning(Outcome outcome, String shown, Exact count) {
        return Sentence.of("meaning.grouped-mode", shown);
    }

    @Override
    public Symbol symbol() {
        return SYMBOL;
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.CENTRE)
                .from(way == GroupedMode.EMPIRICAL ? "YULE" : "BOOKS")
                .being(Traits.Known.USUAL)
                .being(Traits.Known.ANY_NUMBER);
    }

    @Override
    public Formula.Named formula(Shape shape) {
        return Shared.formula(
                "grouped-" + key(), shape, () -> methods(shape).get(0).formula());
    }

    @Override
    public List<Method> methods(Shape shape) {
        if (way == GroupedMode.EMPIRICAL) {
            return Measure.only(
                    SYMBOL,
                    number(3)
                            .times(GroupedQuantile.median(GroupedPosition.PN).formula(shape))
                            .minus(number(2).times(Mean.PART)));
        }
        Grouping grouping = shape.grouping().orElseThrow();
        boolean density = grouping.width().isEmpty();
        List<Formula> modes = new ArrayList<>();
        for (int i = 0; i < grouping.modalRuns().size(); i++) {
            modes.add(ofRun(i, grouping.modalRuns().get(i), density));
        }
        return Measure.only(SYMBOL, modes.size() == 1 ? modes.get(0) : new Formula.Series(modes));
    }

    private Formula ofRun(int which, Grouping.ModalRun run, boolean density) {
        ClassFigures interval = ClassFigures.modalInterval(which);
        boolean middle = way == GroupedMode.MIDPOINT
                || way == GroupedMode.INTERPOLATED && run.length() > 2
                || way == GroupedMode.NEIGHBOURS && run.alone();
        if (middle) {
            return interval.lower().plus(interval.upper()).over(number(2));
        }
        if (way == GroupedMode.NEIGHBOURS) {
            Formula after = interval.heightAfter(density);
            return interval.lower()
                    .plus(after.over(interval.heightBefore(density).plus(after)).times(interval.width()));
        }
        ClassFigures modal = ClassFigures.modal(which);
        Formula rise = modal.height(density).minus(modal.heightBefore(density));
        Formula fall = modal.height(density).minus(modal.heightAfter(density));
        return modal.lower().plus(rise.over(rise.plus(fall)).times(modal.width()));
    }

    /** The mode as a part of other formulas: interpolated. */
    static Formula.Named part(Shape shape) {
        return new ModeOfClasses(GroupedMode.INTERPOLATED).formula(shape);
    }

    /** Always a list, but for the empirical relation; without neighbours to go by, the midpoint. */
    @Override
    public Outcome outcome(Evaluation evaluation) {
        Sample sample = evaluation.sample();
        if (way == GroupedMode.EMPIRICAL) {
            return Measure.super.outcome(evaluation);
        }
        ClassTable.Modes modes = sample.classes().orElseThrow().modes();
        if (modes.whyNone().isPresent()) {
            return new Outcome.Undefined(modes.whyNone().get());
        }
        List<Exact> found = new ArrayList<>();
        Grouping grouping = sample.shape().grouping().orElseThrow();
        for (int i = 0; i < modes.runs().size(); i++) {
            Formula mode =
                    ofRun(i, grouping.modalRuns().get(i), grouping.width().isEmpty());
            Exact value = (Exact) evaluation.outcome(mode).single().orElseThrow();
            if (!found.contains(value)) {
                found.add(value);
            }
        }
        found.sort(null);
        return new Outcome.Several(List.copyOf(found));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        if (way == GroupedMode.EMPIRICAL) {
            return Sentence.of("note.mode.empirical");
        }
        ClassTable table = sample.classes().orElseThrow();
        List<ClassTable.Modes.Run> runs = table.modes().runs();
        if (runs.size() > 1) {
            return Sentence.of("note.grouped-mode.several", runs.size());
        }
        ClassTable.Modes.Run run = runs.get(0);
        String first = table.at(run.first()).label();
        String suffix = table.commonWidth().isEmpty() ? ".density" : "";
        return run.length() == 1
                ? Sentence.of("note.grouped-mode" + suffix, first)
                : Sentence.of(
                        "note.grouped-mode.interval",
                        first,
                        table.at(run.last()).label());
    }
}
