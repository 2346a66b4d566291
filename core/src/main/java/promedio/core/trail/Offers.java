package promedio.core.trail;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import promedio.core.data.Column;
import promedio.core.data.Counts;
import promedio.core.data.Summary;
import promedio.core.language.Grammar;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;
import promedio.core.vector.Kind;

/** Steps that fit a column, as sentences that can be made or changed. */
public final class Offers {
    private static final int MOST_VALUES = 4;

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
        Map<String, Integer> taken =
                table.names().stream().collect(Collectors.toMap(name -> name, name -> 1, Integer::sum));
        String name = wanted;
        for (int again = 2; taken.containsKey(name); again++) {
            name = wanted + " " + again;
        }
        return Grammar.name(name);
    }
}
