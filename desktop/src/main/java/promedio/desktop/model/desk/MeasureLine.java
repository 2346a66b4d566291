package promedio.desktop.model.desk;

import java.util.Set;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.desktop.text.Words;

/**
 * One line of the page Measures.
 *
 * @param measure the measure, under the card's convention
 * @param label its name
 * @param symbol its symbol, in the course's letters
 * @param outcome its value
 * @param figure the value as shown; empty when undefined
 * @param unit the unit of the figure; empty for a pure number
 * @param note how it comes about; or why it is undefined
 */
public record MeasureLine(
        Measure measure, String label, Notation symbol, Outcome outcome, String figure, String unit, String note) {
    /** Measures of which there can be none, one or several. */
    private static final Set<String> LISTS = Set.of("mode", "outliers");

    /** The question it answers. */
    public String question() {
        return measure.question();
    }

    /** Whether a first course asks for it, so that it stands on the page before one asks for more. */
    public boolean usual(String firstSkewness) {
        return Catalogue.isUsual(question()) || measure.id().equals(firstSkewness) || asked();
    }

    /** Whether it is on the page only because somebody asked for it. */
    private boolean asked() {
        String question = question();
        return question.indexOf('=') >= 0 || question.startsWith("percentile-") || question.startsWith("quantile/");
    }

    /** The figure, or “none” or “undefined” in its place. */
    public String shown() {
        return defined() ? figure : Words.of(LISTS.contains(measure.id()) ? "measures.none" : "measures.undefined");
    }

    /** Whether it has a value. */
    public boolean defined() {
        return !outcome.figures().isEmpty();
    }
}
