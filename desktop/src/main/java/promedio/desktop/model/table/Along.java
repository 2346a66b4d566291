package promedio.desktop.model.table;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.core.data.Column;
import promedio.core.data.ColumnEntries;
import promedio.core.data.Entries;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.sample.Sample;
import promedio.core.working.FigureText;
import promedio.desktop.text.Words;

/** A measure of the ticked columns along each row: beside the data, never among them. Worked out for the rows that are seen. */
public final class Along {
    /** The questions that can be asked of a row. */
    public static final List<String> QUESTIONS =
            List.of("sum", "mean", "median", "minimum", "maximum", "range", "sd", "variance");

    private static final int MOST_KEPT = 2_000;

    private final TableFigures table;
    private final List<Integer> columns;
    private final Measure measure;
    private final CourseCard card;
    private final Map<Integer, String> figures = new HashMap<>();

    Along(TableFigures table, List<Integer> columns, Measure measure, CourseCard card) {
        this.table = table;
        this.columns = columns;
        this.measure = measure;
        this.card = card;
    }

    /** What a question is called. */
    public static String label(String question, CourseCard card) {
        return Catalogue.lists()
                .find(question, card)
                .map(measure -> Words.of(measure.label()))
                .orElse(question);
    }

    /** What stands over its figures. */
    public String head() {
        return Words.of(measure.label());
    }

    /** Of what it is. */
    public String of() {
        return columns.size() == 1 ? Words.of("table.along.of.one") : Words.of("table.along.of.many", columns.size());
    }

    /** The figure of a row; empty where it has none. */
    public String figure(int row) {
        if (figures.size() > MOST_KEPT) {
            figures.clear();
        }
        return figures.computeIfAbsent(row, this::work);
    }

    private String work(int row) {
        Entries.Builder cells = new Entries.Builder();
        for (int index : columns) {
            Column column = table.all().columns().get(index);
            Entries cell = ColumnEntries.of(column, Optional.of(new int[] {row}), card.numerals());
            cells.add(column.isMissing(row) ? "" : cell.text(0));
        }
        Sample sample = Interpretation.of(SampleSheet.list("row", "", "", cells.build()), card)
                .sample();
        if (sample.isEmpty()) {
            return "";
        }
        Outcome outcome = measure.outcome(Evaluation.of(sample));
        return outcome.figures().isEmpty()
                ? ""
                : new FigureText(card, sample.places())
                        .answer(outcome, measure.symbol().counts());
    }
}
