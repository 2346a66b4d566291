package promedio.core.marking;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.formula.Formula;
import promedio.core.formula.LineRounding;
import promedio.core.measure.Measure;
import promedio.core.sample.Sample;
import promedio.core.slip.Way;
import promedio.core.working.Working;

/**
 * A working as it is and as it may have been done, line beside line, so that the line at which they part is seen.
 *
 * @param rows the lines, in the order in which they are needed
 */
public record TwoWorkings(List<Row> rows) {
    /** How two lines stand to each other. */
    public enum State {
        /** They are the same. */
        SAME,
        /** Here the workings part. */
        PARTS,
        /** They differ because of a line before. */
        FOLLOWS
    }

    /**
     * Two lines of one quantity; one of them may be missing.
     *
     * @param is the line as it is
     * @param mayBe the line as it may have been done
     * @param state how they stand to each other
     */
    public record Row(Optional<Working.Line> is, Optional<Working.Line> mayBe, State state) {}

    /** Copies the rows. */
    public TwoWorkings {
        rows = List.copyOf(rows);
    }

    /** The workings of a measure and of a mistake; empty where the mistake cannot be worked through line by line. */
    public static Optional<TwoWorkings> of(Explanation explanation, Measure measure, Sample sample, CourseCard card) {
        Way way = explanation.way();
        if (!way.isKnown()) {
            return Optional.empty();
        }
        Sample other = way.sample().orElse(sample);
        List<Measure.Method> methods = measure.methods(sample.shape());
        Formula.Named changed = way.formula()
                .map(formula ->
                        formula instanceof Formula.Named named ? named : new Formula.Named(measure.symbol(), formula))
                .orElseGet(() -> measure.methods(other.shape()).get(0).formula());
        CourseCard lines = way.lines()
                .flatMap(LineRounding::places)
                .map(places -> card.with(CardKey.WORKING, Optional.of(places)))
                .orElse(card);
        List<Working.Line> mayBe = new Working(changed, other, lines).lines();
        // A mistake is made in one of the hand methods: it is held against the one it is nearest to.
        return methods.stream()
                .map(method -> new Working(method, sample, card).lines())
                .map(is -> beside(is, mayBe))
                .min(Comparator.comparingLong(two -> two.rows().stream()
                        .filter(row -> row.state() != State.SAME)
                        .count()))
                .filter(two -> two.rows().stream().anyMatch(row -> row.state() == State.PARTS));
    }

    private static TwoWorkings beside(List<Working.Line> is, List<Working.Line> mayBe) {
        List<Row> rows = new ArrayList<>();
        List<Working.Line> left = new ArrayList<>(mayBe);
        boolean parted = false;
        for (Working.Line line : is) {
            Optional<Working.Line> other =
                    left.stream().filter(one -> isOf(one, line)).findFirst();
            // What only the other working needs stands before the line that needs it.
            while (other.isPresent() && left.get(0) != other.get()) {
                rows.add(new Row(Optional.empty(), Optional.of(left.remove(0)), parted ? State.FOLLOWS : State.PARTS));
                parted = true;
            }
            other.ifPresent(left::remove);
            boolean same = other.filter(one -> isSame(one, line)).isPresent();
            rows.add(new Row(Optional.of(line), other, same ? State.SAME : parted ? State.FOLLOWS : State.PARTS));
            parted |= !same;
        }
        for (Working.Line line : left) {
            rows.add(new Row(Optional.empty(), Optional.of(line), parted ? State.FOLLOWS : State.PARTS));
            parted = true;
        }
        return new TwoWorkings(rows);
    }

    private static boolean isOf(Working.Line one, Working.Line other) {
        return one.last() == other.last()
                && one.symbol().text().equals(other.symbol().text());
    }

    private static boolean isSame(Working.Line one, Working.Line other) {
        return one.notation().text().equals(other.notation().text());
    }
}
