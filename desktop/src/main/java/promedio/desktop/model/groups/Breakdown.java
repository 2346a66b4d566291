package promedio.desktop.model.groups;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import promedio.core.assignment.Link;
import promedio.core.language.Grammar;
import promedio.core.sentence.Sentence;
import promedio.core.trail.GroupSentence;
import promedio.core.trail.Prepared;
import promedio.core.vector.Numbers;
import promedio.desktop.model.picture.Sketch;

/**
 * Measures by groups, as the page Groups shows them.
 *
 * @param base the table whose rows are put together
 * @param asked what was asked for
 * @param made the table of groups: what they are, how many rows each has, and the measures; empty where that cannot be
 * @param why why it cannot
 * @param told what is to be told of it
 * @param boxes the values of a measured column, a box for each group; empty where there is none
 */
public record Breakdown(
        Prepared base,
        Asked asked,
        Optional<Prepared> made,
        Optional<Sentence> why,
        List<Sentence> told,
        Optional<Sketch> boxes) {
    /** Groups with fewer rows are pointed out. */
    public static final int FEW = 5;

    /** Copies the list. */
    public Breakdown {
        told = List.copyOf(told);
    }

    /**
     * What is asked for.
     *
     * @param by the columns that make the groups; at most two, none for all rows in one
     * @param parts the measures
     * @param order the column that the groups are put in order by; empty for that of their values
     */
    public record Asked(List<String> by, List<GroupSentence.Measure> parts, Optional<Order> order) {
        /** Nothing. */
        static final Asked NOTHING = new Asked(List.of(), List.of(), Optional.empty());

        /** Copies the lists. */
        public Asked {
            by = List.copyOf(by);
            parts = List.copyOf(parts);
        }

        /** The steps that make it, as they are written. */
        public List<String> steps() {
            Stream<String> ordered = order.stream()
                    .map(column -> "put in order by " + Grammar.name(column.column())
                            + (column.largestFirst() ? " largest first" : ""));
            return Stream.concat(Stream.of(sentence()), ordered).toList();
        }

        /** The sentence that says what the groups are and what is measured of them. */
        public String sentence() {
            return new GroupSentence(by, parts).text();
        }
    }

    /** An order of the groups. */
    public record Order(String column, boolean largestFirst) {}

    /** How many rows a group has. */
    public int count(int row) {
        return ((Numbers) made.orElseThrow().fields().get(asked.by().size()).vector())
                .figure(row)
                .map(figure -> (int) figure.toDouble())
                .orElse(0);
    }

    /** How many groups have few rows. */
    public int few() {
        int few = 0;
        for (int row = 0; row < made.map(Prepared::rows).orElse(0); row++) {
            few += count(row) < FEW ? 1 : 0;
        }
        return few;
    }

    /** What the rows of a group have in common. */
    public List<Link.Among> among(int row) {
        return asked.by().stream()
                .map(column -> new Link.Among(
                        column,
                        made.orElseThrow()
                                .fields()
                                .get(asked.by().indexOf(column))
                                .written(row)))
                .toList();
    }
}
