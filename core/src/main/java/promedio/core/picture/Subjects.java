package promedio.core.picture;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import promedio.core.data.Column;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.Tabulation;

/** Makes what a picture is of from the columns of a table: definitions for relations, sections 12 and 13. */
public final class Subjects {
    private static final Pattern TOTAL = Pattern.compile("(?iu)\\W*(?:(?:grand |sub-?)?totals?|sums?|all|Σ)\\W*|Σ");
    /** With more groups than these nobody sees anything. */
    private static final int MOST_GROUPS = 40;

    private Subjects() {}

    /**
     * What was made of columns.
     *
     * @param subject what a picture can be made of; empty where there is nothing of the kind
     * @param why why there is nothing
     * @param told what was left out
     */
    public record Made(Optional<Subject> subject, Optional<Sentence> why, List<Sentence> told) {
        /** Copies the list. */
        public Made {
            told = List.copyOf(told);
        }

        static Made of(Subject subject) {
            return new Made(Optional.of(subject), Optional.empty(), List.of());
        }

        static Made none(String key, Object... facts) {
            return new Made(Optional.empty(), Optional.of(Sentence.of(key, facts)), List.of());
        }
    }

    /** Columns of numbers, each a list. */
    public static Made lists(List<Column> columns, Optional<Tabulation> classes) {
        List<Named> samples = new ArrayList<>();
        List<Sentence> told = new ArrayList<>();
        for (Column column : columns) {
            if (!(column instanceof Column.OfNumbers numbers)) {
                return Made.none("picture.column.no-numbers", column.name());
            }
            told.addAll(leftOut(column));
            samples.add(new Named(
                    column.name(),
                    numbers.unit(),
                    Sample.list(numbers.numbers()).withMissing(Exact.of(column.missing())),
                    classes));
        }
        return new Made(Optional.of(together(samples)), Optional.empty(), told);
    }

    /** Samples of one picture: what they measure is what their names begin with alike, and their unit where they share one. */
    public static Subject.Samples together(List<Named> samples) {
        if (samples.size() == 1) {
            return new Subject.Samples(samples.get(0));
        }
        List<String> units = samples.stream().map(Named::unit).distinct().toList();
        String alike = alike(samples.stream().map(Named::name).toList());
        String of = units.size() > 1 ? Frame.words("picture.own-units") : Named.title(alike, units.get(0));
        String name = !alike.isEmpty()
                ? alike
                : samples.size() == 2
                        ? Frame.words(
                                "picture.two",
                                samples.get(0).name(),
                                samples.get(1).name())
                        : Frame.words("picture.several", samples.size());
        return new Subject.Samples(samples, of.isEmpty() ? Frame.words("picture.values") : of, name, "");
    }

    /** The whole words with which all names begin. */
    private static String alike(List<String> names) {
        String first = names.get(0);
        int length = first.length();
        for (String name : names) {
            int same = 0;
            while (same < Math.min(length, name.length()) && name.charAt(same) == first.charAt(same)) {
                same++;
            }
            boolean within = same < name.length() && Character.isLetterOrDigit(name.charAt(same))
                    || same < first.length() && Character.isLetterOrDigit(first.charAt(same));
            while (within && same > 0 && Character.isLetterOrDigit(first.charAt(same - 1))) {
                same--;
            }
            length = same;
        }
        return first.substring(0, length).replaceFirst("[^\\p{L}\\p{N})\\]]+$", "");
    }

    /** What of a column of numbers is left out since it is none, in a sentence. */
    public static List<Sentence> leftOut(Column column) {
        if (!(column instanceof Column.OfNumbers numbers) || numbers.others() == 0) {
            return List.of();
        }
        int row = 0;
        while (!numbers.isOther(row)) {
            row++;
        }
        String first = "“" + numbers.entries().text(row) + "”";
        return List.of(
                numbers.others() == 1
                        ? Sentence.of("picture.told.no-numbers", column.name(), first)
                        : Sentence.of("picture.told.no-numbers.many", column.name(), numbers.others(), first));
    }

    /** Why a column cannot be read strictly as numbers: a cell of it is none, or all. Empty where it can. */
    public static Optional<Sentence> notNumbers(Column column) {
        if (!(column instanceof Column.OfNumbers numbers)) {
            return Optional.of(Sentence.of("picture.column.no-numbers", column.name()));
        }
        for (int row = 0; row < numbers.size() && numbers.others() > 0; row++) {
            if (numbers.isOther(row)) {
                return Optional.of(Sentence.of(
                        "picture.column.no-number",
                        column.name(),
                        row + 1L,
                        numbers.entries().text(row)));
            }
        }
        return Optional.empty();
    }

    /** A column of numbers, a list for each text of another column, in the order in which they first appear. */
    public static Made groups(Column values, Column by, Optional<Tabulation> classes) {
        if (!(values instanceof Column.OfNumbers numbers)) {
            return Made.none("picture.column.no-numbers", values.name());
        }
        Map<String, Decimals.Builder> groups = new LinkedHashMap<>();
        Map<String, Integer> missing = new LinkedHashMap<>();
        for (int row = 0; row < values.size(); row++) {
            if (!by.isMissing(row)) {
                String group = by.entries().text(row).strip();
                Decimals.Builder list = groups.computeIfAbsent(group, first -> new Decimals.Builder(64));
                numbers.number(row).ifPresentOrElse(list::add, () -> missing.merge(group, 1, Integer::sum));
            }
        }
        List<Named> samples = new ArrayList<>();
        List<Sentence> told = new ArrayList<>(leftOut(values));
        ordered(by, groups.keySet()).forEach(name -> {
            Decimals.Builder list = groups.get(name);
            Decimals built = list.build();
            if (built.size() == 0) {
                told.add(Sentence.of("picture.told.empty-group", name));
            } else {
                Exact left = Exact.of(missing.getOrDefault(name, 0));
                samples.add(new Named(name, numbers.unit(), Sample.list(built).withMissing(left), classes));
            }
        });
        if (samples.isEmpty()) {
            return Made.none("picture.no-value");
        }
        if (samples.size() > MOST_GROUPS) {
            return Made.none("picture.many-groups", by.name(), samples.size());
        }
        String of = Named.title(values.name(), numbers.unit());
        return new Made(
                Optional.of(new Subject.Samples(
                        samples, of, Frame.words("picture.by", values.name(), by.name()), by.name())),
                Optional.empty(),
                told);
    }

    /** Two columns of numbers, row by row; in groups by a third where one is given. A row counts where both are numbers. */
    public static Made pairs(Column across, Column up, Optional<Column> by) {
        if (!(across instanceof Column.OfNumbers xs)) {
            return Made.none("picture.column.no-numbers", across.name());
        }
        if (!(up instanceof Column.OfNumbers ys)) {
            return Made.none("picture.column.no-numbers", up.name());
        }
        Map<String, Decimals.Builder[]> groups = new LinkedHashMap<>();
        for (int row = 0; row < Math.min(xs.size(), ys.size()); row++) {
            int at = row;
            boolean grouped = by.filter(column -> column.isMissing(at)).isEmpty();
            Optional<java.math.BigDecimal> x = xs.number(row);
            Optional<java.math.BigDecimal> y = ys.number(row);
            if (x.isPresent() && y.isPresent() && grouped) {
                String group =
                        by.map(column -> column.entries().text(at).strip()).orElse("");
                Decimals.Builder[] both = groups.computeIfAbsent(
                        group, first -> new Decimals.Builder[] {new Decimals.Builder(64), new Decimals.Builder(64)});
                both[0].add(x.get());
                both[1].add(y.get());
            }
        }
        if (groups.size() > MOST_GROUPS) {
            return Made.none("picture.many-groups", by.map(Column::name).orElse(""), groups.size());
        }
        List<String> names = by.map(column -> ordered(column, groups.keySet())).orElse(List.copyOf(groups.keySet()));
        List<Subject.Pairs.Group> all = names.stream()
                .map(name -> new Subject.Pairs.Group(name, groups.get(name)[0].build(), groups.get(name)[1].build()))
                .toList();
        List<Sentence> told = new ArrayList<>(leftOut(xs));
        told.addAll(leftOut(ys));
        Subject pairs = new Subject.Pairs(
                Named.title(xs.name(), xs.unit()),
                Named.title(ys.name(), ys.unit()),
                by.map(Column::name).orElse(""),
                all);
        return new Made(Optional.of(pairs), Optional.empty(), told);
    }

    /** How often the texts of a column occur; beside each other by the texts of a second one where one is given. */
    public static Made categories(Column of, Optional<Column> by) {
        Map<String, Map<String, Long>> counts = new LinkedHashMap<>();
        Map<String, Integer> groups = new LinkedHashMap<>();
        long incomplete = 0;
        for (int row = 0; row < of.size(); row++) {
            int at = row;
            boolean there = !of.isMissing(row);
            incomplete += by.filter(column -> column.isMissing(at) == there).isPresent() ? 1 : 0;
            if (!of.isMissing(row) && by.filter(column -> column.isMissing(at)).isEmpty()) {
                String group =
                        by.map(column -> column.entries().text(at).strip()).orElse("");
                groups.putIfAbsent(group, groups.size());
                counts.computeIfAbsent(of.entries().text(row).strip(), first -> new LinkedHashMap<>())
                        .merge(group, 1L, Long::sum);
            }
        }
        if (groups.size() > MOST_GROUPS) {
            return Made.none("picture.many-groups", by.map(Column::name).orElse(""), groups.size());
        }
        List<String> categories = ordered(of, counts.keySet());
        List<String> beside = by.map(column -> ordered(column, groups.keySet())).orElse(List.copyOf(groups.keySet()));
        List<List<Long>> table = categories.stream()
                .map(category -> beside.stream()
                        .map(group -> counts.get(category).getOrDefault(group, 0L))
                        .toList())
                .toList();
        if (counts.isEmpty()) {
            return Made.none("picture.no-value");
        }
        List<Sentence> told = incomplete == 0
                ? List.of()
                : List.of(Sentence.of(
                        incomplete == 1 ? "picture.told.one-cell.one" : "picture.told.one-cell.many", incomplete));
        Subject subject = new Subject.Categories(of.name(), by.map(Column::name).orElse(""), categories, beside, table);
        return new Made(Optional.of(subject), Optional.empty(), told);
    }

    /** Texts of a column in their order: numbers by size, values with names in that of the names, others as they come. */
    private static List<String> ordered(Column column, Collection<String> found) {
        List<String> ordered = new ArrayList<>(found);
        if (column instanceof Column.OfCategories categories) {
            List<String> own = List.copyOf(categories.counts().keySet());
            ordered.sort(Comparator.comparingInt(own::indexOf));
        } else if (column instanceof Column.OfNumbers numbers) {
            ordered.sort(Comparator.comparing(
                    text -> numbers.numerals()
                            .read(text)
                            .map(Numerals.Numeral::value)
                            .orElse(null),
                    Comparator.nullsLast(Comparator.naturalOrder())));
        }
        return ordered;
    }

    /** A table of counts: its first column names the rows, the headings of the others the columns; totals are left out. */
    public static Made counted(List<Column> columns) {
        if (columns.size() < 2) {
            return Made.none("picture.counts.columns");
        }
        Column names = columns.get(0);
        List<Column> counts = columns.stream()
                .skip(1)
                .filter(column -> !TOTAL.matcher(column.name()).matches())
                .toList();
        List<String> categories = new ArrayList<>();
        List<List<Long>> table = new ArrayList<>();
        for (int row = 0; row < names.size(); row++) {
            String name = names.entries().text(row).strip();
            if (!name.isEmpty() && !TOTAL.matcher(name).matches()) {
                List<Long> line = new ArrayList<>();
                for (Column column : counts) {
                    Optional<Long> count = count(column, row);
                    if (count.isEmpty()) {
                        return Made.none(
                                "picture.counts.whole",
                                column.name(),
                                row + 1L,
                                column.entries().text(row));
                    }
                    line.add(count.get());
                }
                categories.add(name);
                table.add(line);
            }
        }
        return categories.isEmpty() || counts.isEmpty()
                ? Made.none("picture.counts.columns")
                : Made.of(new Subject.Categories(
                        names.name(),
                        "",
                        categories,
                        counts.stream().map(Column::name).toList(),
                        table));
    }

    private static Optional<Long> count(Column column, int row) {
        if (!(column instanceof Column.OfNumbers numbers)) {
            return Optional.empty();
        }
        Optional<Exact> number = numbers.number(row).map(Exact::from);
        return number.filter(found ->
                        found.isWhole() && found.signum() >= 0 && found.compareTo(Exact.of(Integer.MAX_VALUE)) < 0)
                .map(found -> found.numerator().longValueExact());
    }
}
