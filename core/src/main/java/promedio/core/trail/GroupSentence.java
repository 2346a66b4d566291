package promedio.core.trail;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.language.Expression;
import promedio.core.language.Fault;
import promedio.core.language.Grammar;
import promedio.core.language.Place;
import promedio.core.language.Scope;

/**
 * What a step that puts rows together says, where it takes measures of columns and nothing more: {@code one row per Item, Bench: n, mean
 * of Minutes}.
 *
 * @param by the columns that make the groups; none for all rows in one
 * @param measures the measures behind the number of rows
 */
public record GroupSentence(List<String> by, List<Measure> measures) {
    /**
     * A measure of a column.
     *
     * @param word the word of the language: {@code mean}, {@code quartile 1}
     * @param column the name of the column
     * @param question the question of the catalogue that it answers; empty for a count
     */
    public record Measure(String word, String column, Optional<String> question) {
        /** What its column is called. */
        public String name() {
            return word + " of " + column;
        }
    }

    /** Copies the lists. */
    public GroupSentence {
        by = List.copyOf(by);
        measures = List.copyOf(measures);
    }

    /**
     * Reads a step.
     *
     * @param columns the names of the columns there are
     * @throws Fault for what is no step, another step, a column that is not there, or a formula that is no measure of a column
     */
    public static GroupSentence read(String text, List<String> columns) {
        if (!(StepReader.read(text) instanceof Step.RowPer step)) {
            throw Fault.of(new Place(0, text.length()), "groups.other-step");
        }
        List<String> by = new ArrayList<>();
        for (Expression.Column column : step.groups()) {
            by.add(Scope.find(columns, column));
        }
        List<Measure> measures = new ArrayList<>();
        for (Step.Summary summary : step.summaries()) {
            if (summary.formula().isPresent()) {
                measures.add(measure(summary, columns));
            }
        }
        return new GroupSentence(by, measures);
    }

    private static Measure measure(Step.Summary summary, List<String> columns) {
        boolean plain = summary.formula().get() instanceof Expression.Summary of
                && of.of() instanceof Expression.Column
                && of.within().isEmpty();
        if (!plain) {
            throw Fault.of(summary.at(), "groups.formula");
        }
        Expression.Summary of = (Expression.Summary) summary.formula().get();
        String column = Scope.find(columns, (Expression.Column) of.of());
        String word = of.measure().word() + of.part().map(part -> " " + part).orElse("");
        return new Measure(word, column, of.measure().question(of.part()));
    }

    /** The step. */
    public String text() {
        String rows = by.isEmpty()
                ? "one row in all"
                : "one row per "
                        + String.join(", ", by.stream().map(Grammar::name).toList());
        List<String> all = new ArrayList<>(List.of("n"));
        measures.forEach(one -> all.add(one.word() + " of " + Grammar.name(one.column())));
        return rows + ": " + String.join(", ", all);
    }
}
