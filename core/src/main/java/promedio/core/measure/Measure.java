package promedio.core.measure;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * A quantity of a sample under one convention, written as a formula. Two conventions of a quantity are two measures:
 * {@code variance-sample} and {@code variance-population}.
 */
public interface Measure {
    /** The groups of the page. */
    enum Group {
        /** Mean, median, mode and the like. */
        CENTRE,
        /** Quartiles and other positions. */
        POSITION,
        /** Range, variance and the like. */
        SPREAD,
        /** Skewness and kurtosis. */
        SHAPE,
        /** Of pairs: totals, means and deviations of each variable. */
        EACH,
        /** Of pairs: how the variables go together. */
        TOGETHER,
        /** Of pairs: the lines of least squares. */
        LINE,
        /** Of pairs: whether that is more than chance. */
        TEST
    }

    /** What a measure's figures are counted in. */
    enum Dimension {
        /** The values' own unit. */
        UNIT,
        /** The square of it. */
        SQUARED,
        /** Percent. */
        PERCENT,
        /** A pure number. */
        NONE,
        /** The unit of the second variable of pairs. */
        SECOND,
        /** The square of that. */
        SECOND_SQUARED,
        /** The product of both units. */
        PRODUCT,
        /** The second unit for each of the first. */
        PER_FIRST,
        /** The first unit for each of the second. */
        PER_SECOND
    }

    /**
     * One hand method.
     *
     * @param id the stable id, for instance {@code short-cut}
     * @param formula the measure by this method, named by the measure's symbol
     */
    record Method(String id, Formula.Named formula) {}

    /** The stable key: the id, and after a slash the convention where one belongs to it. */
    String key();

    /** The id alone: {@code quartile-1} of {@code quartile-1/hf7}. */
    default String id() {
        int slash = key().indexOf('/');
        return slash < 0 ? key() : key().substring(0, slash);
    }

    /**
     * The question that it answers: its id without any convention, so that an answer stays with its question when the card
     * changes. {@code variance-sample} answers {@code variance}.
     */
    default String question() {
        return id();
    }

    /** Its name as it stands on the page: “Upper quartile”, “3rd decile”. */
    default Sentence label() {
        return Sentence.of("measure." + id());
    }

    /** Its symbol. */
    Symbol symbol();

    /** What it is, whatever the sample. */
    Traits traits();

    /** The hand methods, the usual one first; all give the same value. */
    List<Method> methods(Shape shape);

    /** The usual method's formula. */
    default Formula.Named formula(Shape shape) {
        return methods(shape).get(0).formula();
    }

    /** The value, or why there is none. */
    default Outcome outcome(Evaluation evaluation) {
        Sample sample = evaluation.sample();
        return Need.firstMissing(traits().needs(), sample)
                .<Outcome>map(Outcome.Undefined::new)
                .orElseGet(() -> evaluation.outcome(formula(sample.shape())));
    }

    /** Whether a sample meets what the measure needs. */
    default boolean isDefined(Sample sample) {
        return Need.firstMissing(traits().needs(), sample).isEmpty();
    }

    /** Whether its value of a class table rests on an end that is only assumed: without it there is another value, or none. */
    default boolean restsOnAssumedEnd(Sample sample) {
        return sample.classes()
                .filter(ClassTable::hasAssumedEnd)
                .map(table -> !outcome(Evaluation.of(Sample.classes(table.withoutAssumedEnds())))
                        .figures()
                        .equals(outcome(Evaluation.of(sample)).figures()))
                .orElse(false);
    }

    /** Which case of the definition applies to a sample of this shape, where there are cases: “n = 24 is even”. */
    default Optional<Sentence> because(Shape shape) {
        return Optional.empty();
    }

    /** How the figure comes about, in a few words: “halfway between the 12th and 13th value, 25 and 28”. */
    default Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note." + id());
    }

    /**
     * What its figure tells about the data, in one sentence and in their unit.
     *
     * @param shown the figure as it is shown, with its unit
     * @param count n
     */
    default Sentence meaning(Outcome outcome, String shown, Exact count) {
        return Sentence.of("meaning." + id(), shown, count);
    }

    /** The usual single method under a symbol. */
    static List<Method> only(Symbol symbol, Formula body) {
        return List.of(new Method("definition", body.named(symbol)));
    }
}
