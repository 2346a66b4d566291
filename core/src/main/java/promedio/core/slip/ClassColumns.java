package promedio.core.slip;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.formula.Formula;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;
import promedio.core.number.Numerals;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.tabulate.ClassLabel;

/** The wrong column of a class table, or the wrong of its rows. */
final class ClassColumns {
    private ClassColumns() {}

    private static List<ClassInterval> classes(Asked asked) {
        return asked.sample().classes().map(ClassTable::classes).orElse(List.of());
    }

    static List<Changed> lower(Asked asked) {
        return instead(asked, "lower-limits", ClassLabel::from);
    }

    static List<Changed> upper(Asked asked) {
        return instead(asked, "upper-limits", ClassLabel::to);
    }

    /** A stated limit of each class in place of its midpoint. */
    private static List<Changed> instead(Asked asked, String slip, Function<ClassLabel, Optional<Exact>> limit) {
        List<BigDecimal> values = new ArrayList<>();
        List<BigDecimal> frequencies = new ArrayList<>();
        for (ClassInterval one : classes(asked)) {
            Optional<Exact> value =
                    ClassLabel.parse(one.label(), Numerals.POINT).flatMap(limit);
            if (value.isEmpty()
                    || value.get().placesInFull().isEmpty()
                    || one.frequency().placesInFull().isEmpty()) {
                return List.of();
            }
            values.add(decimal(value.get()));
            frequencies.add(decimal(one.frequency()));
        }
        if (values.isEmpty()) {
            return List.of();
        }
        boolean relative = asked.sample().shape().relative();
        return asked.under(Sample.frequencies(Decimals.from(values), Decimals.from(frequencies), relative)).stream()
                .map(value -> Changed.of(slip, value))
                .toList();
    }

    private static BigDecimal decimal(Exact value) {
        return value.toPlaces(value.placesInFull().orElseThrow(), HalfRule.HALF_UP);
    }

    /** The middle row of a table, whatever its frequencies. */
    static List<Changed> middleRow(Asked asked) {
        if (!asked.asks("median")) {
            return List.of();
        }
        List<ClassInterval> classes = classes(asked);
        int rows = classes.isEmpty() ? asked.sample().rows() : classes.size();
        if (classes.isEmpty() && !asked.sample().weighted()) {
            return List.of();
        }
        Optional<Exact> middle = classes.isEmpty()
                ? Optional.of(asked.sample()
                        .ranking()
                        .distinct()
                        .at((Math.min(rows, asked.sample().ranking().distinct().size()) - 1) / 2))
                : classes.get((rows - 1) / 2).midpoint();
        return middle.stream().map(value -> Changed.of("middle-row", value)).toList();
    }

    /** h²/12 added, not taken off. */
    static List<Changed> sheppardAdded(Asked asked) {
        Optional<Exact> width = asked.sample().classes().flatMap(ClassTable::commonWidth);
        boolean corrected = asked.measure().key().endsWith("/sheppard");
        if (width.isEmpty() || !corrected || !asked.asks("variance", "sd")) {
            return List.of();
        }
        Formula twice = Formula.number(width.get().squared().over(6));
        Formula variance = asked.asks("sd") ? asked.formula().squared() : asked.formula();
        Formula added = variance.plus(twice);
        return asked.value(asked.asks("sd") ? added.root() : added).stream()
                .map(value -> Changed.of("sheppard-added", value))
                .toList();
    }
}
