package promedio.core.trail;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import promedio.core.course.CourseCard;
import promedio.core.language.Grammar;
import promedio.core.number.Figure;
import promedio.core.vector.Numbers;

/**
 * Two trails on one table: which steps they have in common, and what becomes of the columns of numbers under each.
 *
 * @param steps the steps of both in one order
 * @param one the table that the one makes
 * @param other the table that the other makes
 * @param columns the columns of numbers that either has
 */
public record TwoTrails(List<Step> steps, Prepared one, Prepared other, List<Column> columns) {
    /** The measures that are compared, by their words. */
    public static final List<String> MEASURES = List.of("count", "mean", "median", "sd");

    /** More columns are not compared. */
    private static final int MOST = 60;

    /** Copies the lists. */
    public TwoTrails {
        steps = List.copyOf(steps);
        columns = List.copyOf(columns);
    }

    /**
     * A step of either.
     *
     * @param text as it is written; with {@code off:} where it is switched off
     * @param ofOne whether the one has it
     * @param ofOther whether the other has it
     */
    public record Step(String text, boolean ofOne, boolean ofOther) {}

    /**
     * A column of numbers.
     *
     * @param one its measures under the one trail, empty where it has none; no measure where the column is not there
     * @param other the same under the other
     */
    public record Column(String name, List<Optional<Figure>> one, List<Optional<Figure>> other) {
        /** Copies the lists. */
        public Column {
            one = List.copyOf(one);
            other = List.copyOf(other);
        }
    }

    /** Compares two trails as they were walked, each as far as its steps fit. May take a moment. */
    public static TwoTrails of(Walk one, Walk other, CourseCard card) {
        Set<String> names = Stream.of(one.last(), other.last())
                .flatMap(table -> table.fields().stream())
                .filter(Field::hasNumbers)
                .map(Field::name)
                .limit(MOST)
                .collect(Collectors.toCollection(LinkedHashSet::new));
        List<Column> columns = names.stream()
                .map(name -> new Column(name, measures(one.last(), name, card), measures(other.last(), name, card)))
                .toList();
        return new TwoTrails(steps(lines(one.trail()), lines(other.trail())), one.last(), other.last(), columns);
    }

    private static List<String> lines(Trail trail) {
        return trail.steps().stream().map(Trail.Line::whole).toList();
    }

    private static List<Optional<Figure>> measures(Prepared table, String column, CourseCard card) {
        if (!table.names().contains(column) || !table.field(column).hasNumbers()) {
            return List.of();
        }
        String step = "one row in all: "
                + MEASURES.stream()
                        .map(measure -> measure + " of " + Grammar.name(column) + " as " + measure + "_")
                        .collect(Collectors.joining(", "));
        Walk walk = Walk.of(table, card).along(Trail.of(step), card, Sources.NONE, () -> {});
        return walk.last().fields().stream()
                .map(field -> field.vector() instanceof Numbers numbers ? numbers.figure(0) : Optional.<Figure>empty())
                .toList();
    }

    /** The steps of both in one order: the longest run that they have in common, the others between. */
    private static List<Step> steps(List<String> one, List<String> other) {
        int[][] common = new int[one.size() + 1][other.size() + 1];
        for (int i = one.size() - 1; i >= 0; i--) {
            for (int j = other.size() - 1; j >= 0; j--) {
                common[i][j] = one.get(i).equals(other.get(j))
                        ? common[i + 1][j + 1] + 1
                        : Math.max(common[i + 1][j], common[i][j + 1]);
            }
        }
        List<Step> steps = new ArrayList<>();
        int i = 0;
        int j = 0;
        while (i < one.size() || j < other.size()) {
            boolean both = i < one.size() && j < other.size() && one.get(i).equals(other.get(j));
            if (both) {
                steps.add(new Step(one.get(i++), true, true));
                j++;
            } else if (j == other.size() || i < one.size() && common[i + 1][j] >= common[i][j + 1]) {
                steps.add(new Step(one.get(i++), true, false));
            } else {
                steps.add(new Step(other.get(j++), false, true));
            }
        }
        return steps;
    }
}
