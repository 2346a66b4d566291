package promedio.desktop.model.table;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.Link;
import promedio.core.assignment.Links;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.core.data.Column;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.sample.Sample;
import promedio.core.working.FigureText;
import promedio.desktop.text.Words;

/**
 * Measures of several columns beside each other, a line each.
 *
 * @param columns the columns, by their places
 * @param names what they are called
 * @param lines the measures
 */
public record SideBySide(List<Integer> columns, List<String> names, List<Line> lines) {
    /** Copies the lists. */
    public SideBySide {
        columns = List.copyOf(columns);
        names = List.copyOf(names);
        lines = List.copyOf(lines);
    }

    /**
     * A measure of each column.
     *
     * @param question the question it answers
     * @param label its name
     * @param figures its figure for each column, as it is shown; empty where it has none
     */
    public record Line(String question, String label, List<String> figures) {
        /** Copies the figures. */
        public Line {
            figures = List.copyOf(figures);
        }
    }

    /** Works measures out; what was worked out before of columns that are the same is kept in some memory. */
    static SideBySide of(
            TableFigures table, TreeSet<Integer> wanted, List<String> questions, CourseCard card, Memory memory) {
        List<Integer> columns = wanted.stream()
                .filter(column -> column < table.all().columns().size())
                .filter(column -> table.all().columns().get(column) instanceof Column.OfNumbers)
                .toList();
        List<Line> lines = questions.stream()
                .map(question -> new Line(
                        question,
                        label(question, card),
                        columns.stream()
                                .map(column -> memory.figure(table, column, question, card))
                                .toList()))
                .toList();
        return new SideBySide(
                columns,
                columns.stream()
                        .map(column -> table.all().columns().get(column).name())
                        .toList(),
                lines);
    }

    private static String label(String question, CourseCard card) {
        return Catalogue.lists()
                .find(question, card)
                .map(measure -> Words.of(measure.label()))
                .orElse(question);
    }

    /** What is known of columns as they are under a card. */
    static final class Memory {
        private final Map<Key, String> figures = new ConcurrentHashMap<>();
        private final Map<Basis, Evaluation> evaluations = new ConcurrentHashMap<>();

        private record Basis(Column column, CourseCard card) {}

        private record Key(Basis basis, String question) {}

        void forget() {
            figures.clear();
            evaluations.clear();
        }

        private String figure(TableFigures table, int index, String question, CourseCard card) {
            Column column = table.columns().get(index).column();
            Basis basis = new Basis(column, card);
            return figures.computeIfAbsent(new Key(basis, question), key -> {
                Evaluation evaluation = evaluations.computeIfAbsent(basis, some -> evaluation(table, index, card));
                return text(evaluation, question, card);
            });
        }

        private static Evaluation evaluation(TableFigures table, int index, CourseCard card) {
            SampleSheet sheet = Links.sheet(
                    "column", "", "", Link.column(table.table().id(), index), table.table(), card.numerals());
            return Evaluation.of(Interpretation.of(sheet, card).sample());
        }

        private static String text(Evaluation evaluation, String question, CourseCard card) {
            Sample sample = evaluation.sample();
            Optional<Measure> measure = Catalogue.lists().find(question, card);
            if (measure.isEmpty()) {
                return "";
            }
            Outcome outcome = measure.get().outcome(evaluation);
            return outcome.figures().isEmpty()
                    ? ""
                    : new FigureText(card, sample.places())
                            .answer(outcome, measure.get().symbol().counts());
        }
    }
}
