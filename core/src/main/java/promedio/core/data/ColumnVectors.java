package promedio.core.data;

import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.number.Exact;
import promedio.core.vector.Dates;
import promedio.core.vector.Kind;
import promedio.core.vector.Nothing;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;
import promedio.core.vector.Texts;
import promedio.core.vector.Vector;
import promedio.core.vector.Vectors;

/** Columns as they are computed with, and back. */
public final class ColumnVectors {
    private static final int MOST_CATEGORIES = 20;
    private static final int MOST_TENS = 18;

    private ColumnVectors() {}

    /** What a column is computed with: cells that are not of its kind are missing. */
    public static Vector of(Column column) {
        if (column instanceof Column.OfNumbers numbers) {
            return numbers(numbers);
        }
        if (column instanceof Column.OfDates dates) {
            Dates.Builder builder = new Dates.Builder(column.size());
            for (int row = 0; row < column.size(); row++) {
                builder.add(dates.date(row), DateForm.hasTime(column.entries().text(row)));
            }
            return builder.build();
        }
        return column instanceof Column.Empty ? new Nothing(column.size()) : texts(column);
    }

    private static Texts texts(Column column) {
        Texts.Builder builder = new Texts.Builder(column.size());
        Map<String, String> stripped = new HashMap<>();
        for (int row = 0; row < column.size(); row++) {
            if (column.isMissing(row)) {
                builder.missing();
            } else {
                builder.add(stripped.computeIfAbsent(column.entries().text(row), String::strip));
            }
        }
        return builder.build();
    }

    private static Numbers numbers(Column.OfNumbers column) {
        Entries entries = column.entries();
        boolean codes = !column.missingCodes().isEmpty();
        Numbers.Builder builder = new Numbers.Builder(entries.size());
        Register register = new Register();
        long[] tens = new long[MOST_TENS + 1];
        tens[0] = 1;
        for (int i = 1; i < tens.length; i++) {
            tens[i] = tens[i - 1] * 10;
        }
        entries.walk(column.numerals().decimalMark(), new Entries.Walk() {
            @Override
            public void plain(int row, long unit, int places) {
                if (codes || places > MOST_TENS) {
                    other(row, "");
                } else {
                    register.ratio(unit, tens[places]);
                    builder.add(register);
                }
            }

            @Override
            public void blank(int row) {
                register.clear();
                builder.add(register);
            }

            @Override
            public void other(int row, String text) {
                register.clear();
                column.number(row).ifPresent(number -> register.figure(Exact.from(number)));
                builder.add(register);
            }
        });
        return builder.build();
    }

    private static final Pattern ISO_DATE =
            Pattern.compile("[0-9]{4}-[0-9]{2}-[0-9]{2}(?:[T ][0-9:.]+(?:Z|[+-][0-9:]+)?)?");
    /** The fraction of the seconds and the zone of a time of day. */
    private static final Pattern BEHIND_SECONDS =
            Pattern.compile("(?i).*:[0-9]{2}(\\.[0-9]+)?(?: ?[ap]\\.?m\\.?)?(?: ?(Z|UTC|[+-][0-9]{2}:?[0-9]{2}))?");

    /** A cell as it is written out: as it was read, with a decimal point, without marks between thousands, dates in ISO 8601. */
    public static String written(Column column, int row) {
        if (column.isMissing(row)) {
            return "";
        }
        String text = column.entries().text(row).strip();
        if (column instanceof Column.OfNumbers numbers && numbers.number(row).isPresent()) {
            return numbers.withPoint(text);
        }
        if (column instanceof Column.OfDates dates && !ISO_DATE.matcher(text).matches()) {
            return dates.date(row).map(date -> iso(date, text)).orElse(text);
        }
        return text;
    }

    private static String iso(LocalDateTime date, String text) {
        Dates.Builder one = new Dates.Builder(1);
        one.add(Optional.of(date), DateForm.hasTime(text));
        String written = one.build().text(0, Vectors.DIGITS);
        Matcher behind = BEHIND_SECONDS.matcher(text);
        if (!behind.matches()) {
            return written;
        }
        String fraction = Optional.ofNullable(behind.group(1)).orElse("");
        String zone = Optional.ofNullable(behind.group(2)).orElse("");
        boolean seconds = written.length() > "2031-04-05T18:30".length();
        return written
                + (fraction.isEmpty() || seconds ? "" : ":00")
                + fraction
                + (zone.equalsIgnoreCase("UTC") ? "Z" : zone);
    }

    /** Some rows of a column as they are written there. */
    public static Column pick(Column column, int[] rows) {
        Entries.Builder entries = new Entries.Builder();
        for (int row : rows) {
            entries.add(row < 0 ? "" : column.entries().text(row));
        }
        Entries cells = entries.build();
        if (column instanceof Column.OfNumbers numbers) {
            return numbers.of(cells);
        }
        if (column instanceof Column.OfDates dates) {
            int count = 0;
            int missing = 0;
            for (int row : rows) {
                boolean gone = row < 0 || column.isMissing(row);
                missing += gone ? 1 : 0;
                count += !gone && dates.date(row).isPresent() ? 1 : 0;
            }
            return new Column.OfDates(column.name(), cells, dates.codes(), dates.form(), count, missing);
        }
        Column.Codes codes = new Column.Codes(column.missingCodes());
        return column instanceof Column.Empty
                ? new Column.Empty(column.name(), cells, codes)
                : words(column.name(), cells, codes, false);
    }

    /** Texts, a category where they are few or are to be one. */
    private static Column words(String name, Entries cells, Column.Codes codes, boolean category) {
        return words(name, cells, codes, category, List.of());
    }

    /** The same with values in an order of their own, which is that of the category. */
    private static Column words(String name, Entries cells, Column.Codes codes, boolean category, List<String> order) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        order.forEach(value -> counts.put(value.strip(), 0));
        int missing = 0;
        for (int row = 0; row < cells.size(); row++) {
            if (codes.isMissing(cells, row)) {
                missing++;
            } else if (category || counts.size() <= MOST_CATEGORIES) {
                counts.merge(cells.text(row).strip(), 1, Integer::sum);
            }
        }
        counts.values().removeIf(times -> times == 0);
        int usable = cells.size() - missing;
        if (usable == 0) {
            return new Column.Empty(name, cells, codes);
        }
        boolean few = counts.size() <= MOST_CATEGORIES && counts.size() * 2 <= usable;
        return category || few
                ? new Column.OfCategories(name, cells, codes, counts, missing)
                : new Column.OfTexts(name, cells, codes, missing);
    }

    /**
     * A column of what was worked out.
     *
     * @param others what stands in cells that are not numbers though the others are; missing elsewhere
     */
    public static Column made(String name, String unit, Vector vector, Texts others) {
        Entries.Builder entries = new Entries.Builder();
        for (int row = 0; row < vector.size(); row++) {
            entries.add(others.isMissing(row) ? vector.text(row, Vectors.DIGITS) : others.get(row));
        }
        Entries cells = entries.build();
        Column.Codes none = new Column.Codes(Set.of());
        return switch (vector.kind()) {
            case NUMBER -> {
                Column.OfNumbers numbers = Column.OfNumbers.plain(name, unit, cells);
                yield vector instanceof Numbers some && some.isApproximate() ? numbers.roundedOnes() : numbers;
            }
            case DATE -> {
                int count = 0;
                for (int row = 0; row < vector.size(); row++) {
                    count += vector.isMissing(row) ? 0 : 1;
                }
                yield new Column.OfDates(name, cells, none, DateForm.ISO, count, cells.size() - count);
            }
            case NOTHING -> new Column.Empty(name, cells, none);
            case TEXT, TRUTH -> {
                List<String> order =
                        vector instanceof Texts texts ? texts.order().orElse(List.of()) : List.of();
                yield words(name, cells, none, !order.isEmpty() || vector.kind() == Kind.TRUTH, order);
            }
        };
    }
}
