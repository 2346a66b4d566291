package promedio.core.trail;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.data.Column;
import promedio.core.data.Counts;
import promedio.core.data.Summary;
import promedio.core.language.Grammar;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;
import promedio.core.vector.Kind;
import promedio.core.vector.Vectors;

/** Steps that fit a column, as sentences that can be made or changed. */
public final class Offers {
    private static final int MOST_VALUES = 4;
    private static final int MOST_CELLS = 12;

    private Offers() {}

    /** The steps that fit a column, the likeliest first. May take a moment for a long one. */
    public static List<String> of(Prepared table, String name) {
        Field field = table.field(name);
        String written = Grammar.name(name);
        List<String> offers = new ArrayList<>();
        List<String> values = commonest(field);
        if (field.countOthers() > 0) {
            values.stream()
                    .limit(2)
                    .forEach(other -> offers.add("replace in " + written + ": " + other + " with missing"));
        }
        switch (field.kind()) {
            case NUMBER -> numbers(table, field, written, offers);
            case TEXT -> {
                values.forEach(value -> offers.add("keep rows where " + written + " = " + value));
                measured(table, name)
                        .ifPresent(
                                other -> offers.add("one row per " + written + ": n, mean of " + Grammar.name(other)));
                if (!values.isEmpty()) {
                    offers.add("name values of " + written + ": "
                            + values.stream()
                                    .map(value -> value + " = " + value)
                                    .collect(Collectors.joining(", ")));
                }
                offers.add("carry down " + written);
            }
            case DATE -> {
                offers.add("keep rows where year(" + written + ") = " + year(field));
                offers.add("work out " + fresh(table, "month") + " = month(" + written + ")");
                offers.add("work out " + fresh(table, "weekday") + " = weekday(" + written + ")");
            }
            case TRUTH -> offers.add("keep rows where " + written);
            default -> {}
        }
        offers.add("keep rows where " + written + " is not missing");
        offers.add("put in order by " + written + (field.kind() == Kind.NUMBER ? " largest first" : ""));
        offers.add("rename " + written + " to " + fresh(table, "another name"));
        if (table.fields().size() > 1) {
            offers.add("leave out columns " + written);
        }
        return offers;
    }

    /**
     * The steps that fit some cells of a column.
     *
     * @param rows the rows of the cells, from 0
     */
    public static List<String> of(Prepared table, String name, int[] rows) {
        Field field = table.field(name);
        String written = Grammar.name(name);
        List<String> offers = new ArrayList<>();
        List<String> others = distinct(
                rows,
                row -> !field.others().isMissing(row),
                row -> Grammar.text(field.others().get(row)));
        if (!others.isEmpty() && others.size() <= MOST_CELLS) {
            offers.add("replace in " + written + ": "
                    + others.stream().map(other -> other + " with missing").collect(Collectors.joining(", ")));
        }
        List<String> values = distinct(rows, row -> !field.vector().isMissing(row), row -> literal(field, row));
        if (field.kind() == Kind.NUMBER && values.size() > 1) {
            List<Integer> order = Arrays.stream(rows)
                    .filter(row -> !field.vector().isMissing(row))
                    .boxed()
                    .sorted(field.vector()::compare)
                    .toList();
            String range = written + " between " + literal(field, order.get(0)) + " and "
                    + literal(field, order.get(order.size() - 1));
            offers.add("keep rows where " + range);
            offers.add("leave out rows where " + range);
        } else if (!values.isEmpty() && values.size() <= MOST_CELLS) {
            String is = written
                    + (values.size() == 1 ? " = " + values.get(0) : " is one of (" + String.join(", ", values) + ")");
            offers.add("keep rows where " + is);
            offers.add("leave out rows where " + is);
            if (values.size() == 1 && (field.kind() == Kind.NUMBER || field.kind() == Kind.DATE)) {
                offers.add("keep rows where " + written + " >= " + values.get(0));
                offers.add("keep rows where " + written + " < " + values.get(0));
            }
            if (field.kind() != Kind.DATE) {
                offers.add("replace in " + written + ": "
                        + values.stream().map(value -> value + " with missing").collect(Collectors.joining(", ")));
            }
        }
        if (Arrays.stream(rows).anyMatch(row -> field.vector().isMissing(row))) {
            offers.add("keep rows where " + written + " is not missing");
            offers.add("carry down " + written);
        }
        return offers;
    }

    /** The steps that fit the rows in which a column has one value, told as it is looked at. */
    public static List<String> of(Prepared table, String name, String value) {
        Column column = table.field(name).column();
        return IntStream.range(0, table.rows())
                .filter(row -> !column.isMissing(row)
                        && column.entries().text(row).strip().equals(value))
                .mapToObj(row -> of(table, name, new int[] {row}))
                .findFirst()
                .orElse(List.of());
    }

    private static List<String> distinct(int[] rows, IntPredicate which, IntFunction<String> text) {
        return Arrays.stream(rows)
                .filter(which)
                .mapToObj(text)
                .distinct()
                .limit(MOST_CELLS + 1L)
                .toList();
    }

    /** A cell as it is written in a formula. */
    private static String literal(Field field, int row) {
        String text = field.vector().text(row, Vectors.DIGITS);
        return switch (field.kind()) {
            case TEXT -> Grammar.text(text);
            case DATE -> "date " + Grammar.text(text);
            default -> text;
        };
    }

    private static void numbers(Prepared table, Field field, String written, List<String> offers) {
        Summary summary = Summary.of(field.column());
        Optional<Exact> least = summary.least().flatMap(Summary.Bound::number);
        Optional<Exact> largest = summary.largest().flatMap(Summary.Bound::number);
        if (least.isPresent() && largest.isPresent() && least.get().compareTo(largest.get()) < 0) {
            Exact width = largest.get().minus(least.get());
            int places = width.compareTo(Exact.of(9)) > 0 ? 0 : 2;
            String low = bound(least.get().plus(width.over(3)), places);
            String high = bound(least.get().plus(width.times(2).over(3)), places);
            offers.add("sort into bands " + written + " as " + fresh(table, field.name() + " band") + ": under " + low
                    + " \"low\", " + low + " to under " + high + " \"middle\", " + high + " and over \"high\"");
            offers.add("keep rows where " + written + " between " + low + " and " + high);
        }
        other(table, field)
                .ifPresent(by -> offers.add("work out " + fresh(table, field.name() + " per " + by) + " = " + written
                        + " / " + Grammar.name(by)));
        offers.add("standardise " + written + " as " + fresh(table, field.name() + " score"));
    }

    private static String bound(Exact bound, int places) {
        return bound.toPlaces(places, HalfRule.HALF_UP).toPlainString();
    }

    /** The commonest values of a column, or what is none of its kind, as they are written in a step. */
    private static List<String> commonest(Field field) {
        Column column = field.column();
        boolean others = field.countOthers() > 0;
        return Counts.of(column).lines().stream()
                .filter(line -> !others || isOther(field, line.value()))
                .sorted(java.util.Comparator.comparingInt(Counts.Line::times).reversed())
                .limit(MOST_VALUES)
                .map(line -> Grammar.text(line.value()))
                .toList();
    }

    private static boolean isOther(Field field, String text) {
        return field.others().pool().contains(text);
    }

    private static String year(Field field) {
        for (int row = 0; row < field.vector().size(); row++) {
            if (!field.vector().isMissing(row)) {
                return field.vector().text(row, 4).substring(0, 4);
            }
        }
        return "2031";
    }

    private static Optional<String> measured(Prepared table, String but) {
        return table.fields().stream()
                .filter(field -> !field.name().equals(but) && field.kind() == Kind.NUMBER)
                .map(Field::name)
                .findFirst();
    }

    private static Optional<String> other(Prepared table, Field but) {
        return measured(table, but.name());
    }

    private static String fresh(Prepared table, String wanted) {
        return Grammar.name(table.fresh(wanted));
    }
}
