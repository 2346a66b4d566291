package promedio.core.report;

import java.util.List;
import promedio.core.course.CourseCard;
import promedio.core.document.Phrase;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasuredIn;
import promedio.core.measure.Traits;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.core.working.FigureText;

/**
 * A measure of a sample as it is shown: what it is called, its figure in its unit, and what is to be said of it.
 *
 * @param measure the measure, under the card's convention
 * @param symbol its symbol, in the course's letters
 * @param outcome its value
 * @param figure the value as shown; empty when undefined
 * @param unit the unit of the figure; empty for a pure number
 * @param note how it comes about; or why it is undefined
 */
public record MeasureLine(
        Measure measure, Notation symbol, Outcome outcome, String figure, String unit, Sentence note) {
    private static final int LONGEST_UNIT = 120;

    /**
     * Shows a measure of a sample.
     *
     * @param text how figures are written under the card
     * @param units the units of the sample
     */
    public static MeasureLine of(
            Measure measure, Outcome outcome, Sample sample, CourseCard card, FigureText text, MeasuredIn units) {
        Notation symbol = card.letters().of(measure.symbol());
        if (outcome.figures().isEmpty()) {
            Sentence why = text.written(outcome.whyUndefined().orElseThrow());
            return new MeasureLine(measure, symbol, outcome, "", "", why);
        }
        Sentence note = text.written(measure.note(sample, outcome));
        return new MeasureLine(
                measure,
                symbol,
                outcome,
                text.answer(outcome, measure.symbol().counts()),
                Visible.line(units.written(measure.traits().dimension()), LONGEST_UNIT),
                measure.restsOnAssumedEnd(sample) ? Sentence.of("measures.rests", note) : note);
    }

    /** Its name. */
    public Sentence label() {
        return measure.label();
    }

    /** The question it answers. */
    public String question() {
        return measure.question();
    }

    /** Whether a first course asks for it, so that it stands on the page before one asks for more. */
    public boolean usual(String firstSkewness) {
        return measure.traits().is(Traits.Known.USUAL) || measure.id().equals(firstSkewness) || asked();
    }

    /** Whether it is on the page only because somebody asked for it. */
    private boolean asked() {
        String question = question();
        return question.indexOf('=') >= 0 || question.startsWith("percentile-") || question.startsWith("quantile/");
    }

    /** Whether it has a value. */
    public boolean defined() {
        return !outcome.figures().isEmpty();
    }

    /** The figure, or “none” or “undefined” in its place. */
    public Phrase shown() {
        return defined()
                ? Phrase.of(figure)
                : Phrase.of(Sentence.of(
                        measure.traits().is(Traits.Known.ANY_NUMBER) ? "measures.none" : "measures.undefined"));
    }

    /**
     * What the figure tells about the data; nothing where there is none.
     *
     * @param count n
     */
    public List<Sentence> meaning(FigureText text, Exact count) {
        if (!defined()) {
            return List.of();
        }
        String inUnit = unit.isEmpty() ? figure : figure + "\u00a0" + unit;
        return List.of(text.written(measure.meaning(outcome, inUnit, count)));
    }
}
