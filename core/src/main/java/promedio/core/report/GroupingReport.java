package promedio.core.report;

import java.util.ArrayList;
import java.util.List;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.Sample;
import promedio.core.tabulate.ModeByGrouping;
import promedio.core.working.Working;

/**
 * The mode of a frequency or class table by grouping: the six columns, the table that counts what they point at, and in classes the
 * mode within the class that they find, L + (f₁ − f₀)/((f₁ − f₀) + (f₁ − f₂)) · h.
 */
public final class GroupingReport {
    private static final Symbol MODE = Symbol.of("mode", Notation.word("Mo"));

    private final Sample sample;
    private final CourseCard card;
    private final List<String> labels = new ArrayList<>();
    private final List<Exact> frequencies = new ArrayList<>();
    private final ModeByGrouping grouping;

    /** Groups a table. */
    public GroupingReport(Sample sample, CourseCard card) {
        this.sample = sample;
        this.card = card;
        if (sample.classes().isPresent()) {
            for (ClassInterval one : sample.classes().get().classes()) {
                labels.add(one.label());
                frequencies.add(one.frequency());
            }
        } else {
            for (int i = 0; i < sample.ranking().distinct().size(); i++) {
                labels.add(sample.ranking().distinct().at(i).toString());
                frequencies.add(sample.ranking().weight(i));
            }
        }
        this.grouping = ModeByGrouping.of(frequencies);
    }

    /** The columns and marks. */
    public ModeByGrouping grouping() {
        return grouping;
    }

    /** The values or classes, as they are written. */
    public List<String> labels() {
        return List.copyOf(labels);
    }

    /** The mode; several where they have equally many marks. */
    public Outcome outcome() {
        List<Figure> found = new ArrayList<>();
        for (int row : grouping.modal()) {
            if (sample.classes().isEmpty()) {
                found.add(sample.ranking().distinct().at(row));
            } else {
                Outcome within = Evaluation.of(sample).outcome(within(row));
                if (within.single().isEmpty()) {
                    return within;
                }
                found.add(within.single().get());
            }
        }
        return new Outcome.Several(found);
    }

    /** The lines that lead to it within each class that is found; none for values, which are read off. */
    public List<Notation> lines() {
        List<Notation> lines = new ArrayList<>();
        for (int row : sample.classes().isPresent() ? grouping.modal() : List.<Integer>of()) {
            new Working(within(row), sample, card).lines().forEach(line -> lines.add(line.notation()));
        }
        return lines;
    }

    private Formula.Named within(int row) {
        ClassInterval modal = sample.classes().orElseThrow().at(row);
        if (modal.isOpen()) {
            return Formula.number(1).over(Formula.number(0)).named(MODE);
        }
        Formula lower = letter("L", "", modal.lower().orElseThrow());
        Formula width = letter("h", "", modal.width().orElseThrow());
        Formula here = letter("f", "1", frequencies.get(row));
        Formula before = letter("f", "0", row > 0 ? frequencies.get(row - 1) : Exact.ZERO);
        Formula after = letter("f", "2", row + 1 < frequencies.size() ? frequencies.get(row + 1) : Exact.ZERO);
        Formula rise = here.minus(before);
        Formula below = Formula.number(2).times(here).minus(before).minus(after);
        boolean level = frequencyOf(here).times(2).equals(frequencyOf(before).plus(frequencyOf(after)));
        return level
                ? lower.plus(width.over(Formula.number(2))).named(MODE)
                : lower.plus(rise.over(below).times(width)).named(MODE);
    }

    private Exact frequencyOf(Formula given) {
        return (Exact) Evaluation.of(sample).outcome(given).single().orElseThrow();
    }

    private static Formula letter(String letter, String index, Exact figure) {
        return Formula.number(figure)
                .named(Symbol.counting(
                        letter + index, index.isEmpty() ? Notation.letter(letter) : Notation.indexed(letter, index)));
    }
}
