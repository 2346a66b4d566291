package promedio.core.pasted;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.assignment.SampleSheet;
import promedio.core.number.Exact;
import promedio.core.sample.SampleKind;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;

/** Says what the columns of a table are: classes or values with frequencies, several samples, groups, or a list with its numbering. */
final class TableForm {
    /** A wider table is no table of frequencies, with whatever columns beside them. */
    private static final int MOST_COLUMNS = 40;

    private final Grid grid;
    private final PastedCells cells;
    private final List<PastedColumn> columns = new ArrayList<>();
    private final List<Sentence> told;
    private final List<Reading> readings = new ArrayList<>();

    private TableForm(Grid whole, PastedCells cells) {
        this.grid = whole.stacked();
        this.cells = cells;
        this.told = new ArrayList<>(grid.told());
        List<PastedColumn> all = new ArrayList<>();
        for (int i = 0; i < grid.width(); i++) {
            all.add(new PastedColumn(grid.headings().get(i), grid.columns().get(i), cells));
        }
        all.removeIf(PastedColumn::isBlank);
        columns.addAll(Limits.joined(all, cells));
    }

    /** What a table may be read as, the likeliest first; empty where it holds no numbers. */
    static List<Reading> readings(Grid grid, PastedCells cells) {
        TableForm form = new TableForm(grid, cells);
        form.read();
        return form.readings;
    }

    static boolean rises(List<String> texts, PastedCells cells) {
        Exact before = null;
        for (String text : texts) {
            Optional<Exact> value = cells.number(text).map(PastedCells.Quantity::value);
            if (value.isEmpty() || before != null && before.compareTo(value.get()) >= 0) {
                return false;
            }
            before = value.get();
        }
        return texts.size() > 1;
    }

    /** The sum of cells; empty where one of them is no number. */
    static Optional<Exact> sum(List<String> texts, PastedCells cells) {
        Exact sum = Exact.ZERO;
        for (String text : texts) {
            Optional<Exact> value = cells.number(text).map(PastedCells.Quantity::value);
            if (value.isEmpty()) {
                return Optional.empty();
            }
            sum = sum.plus(value.get());
        }
        return Optional.of(sum);
    }

    static boolean isTotalOf(List<String> texts, String total, PastedCells cells) {
        Optional<Exact> written = cells.number(total).map(PastedCells.Quantity::value);
        return written.isPresent() && sum(texts, cells).equals(written);
    }

    private void read() {
        Optional<PastedColumn> classes =
                columns.stream().filter(PastedColumn::isClasses).findFirst();
        if (columns.size() > MOST_COLUMNS) {
            classes = Optional.empty();
        } else if (classes.isPresent()) {
            classTable(classes.get());
        } else {
            valueTable();
        }
        List<PastedColumn> numbers =
                columns.stream().filter(PastedColumn::isNumbers).toList();
        if (!numbers.isEmpty() && (classes.isEmpty() || readings.isEmpty())) {
            byColumns(numbers);
        }
        if (classes.isEmpty() && numbers.size() == 2) {
            perhapsFrequencies(numbers.get(0), numbers.get(1));
        }
    }

    /** Rising values beside whole numbers may be a frequency table, whatever they are headed: the last that is offered. */
    private void perhapsFrequencies(PastedColumn values, PastedColumn whole) {
        boolean known = readings.stream()
                .flatMap(reading -> reading.samples().stream())
                .anyMatch(found -> found.kind().can(Use.COUNTED));
        if (!known && values.rises() && whole.canBeFrequencies()) {
            readings.add(table(values, List.of(whole), SampleKind.FREQUENCIES));
        }
    }

    // ---- classes

    private void classTable(PastedColumn classes) {
        List<PastedColumn> others = columns.stream()
                .filter(column -> column != classes && column.isNumbers())
                .toList();
        Optional<Reading> running = Cumulative.ofLabels(classes, others, cells).map(this::reading);
        List<PastedColumn> frequencies = frequencies(classes, others);
        if (running.isPresent()
                && frequencies.stream()
                        .noneMatch(column -> column.is(Role.FREQUENCY)
                                && column.role().isPresent()
                                && !rises(column.texts(), cells))) {
            readings.add(running.get());
        }
        if (frequencies.isEmpty()) {
            others.stream()
                    .filter(column -> column.is(Role.CUMULATIVE))
                    .findFirst()
                    .flatMap(column -> Cumulative.besideClasses(classes, column, cells))
                    .ifPresent(cut -> readings.add(reading(cut)));
            others.stream()
                    .filter(column -> column.is(Role.SHARE))
                    .findFirst()
                    .ifPresent(shares -> readings.add(
                            table(classes, List.of(shares), SampleKind.CLASSES).ofShares()));
            return;
        }
        readings.add(table(classes, frequencies, SampleKind.CLASSES));
        if (running.isEmpty() && frequencies.size() == 1 && !frequencies.get(0).is(Role.FREQUENCY)) {
            Cumulative.besideClasses(classes, frequencies.get(0), cells).ifPresent(cut -> readings.add(reading(cut)));
        }
    }

    /** The columns of frequencies: by their headings, else the one that explains the others; several where the others are not explained. */
    private List<PastedColumn> frequencies(PastedColumn first, List<PastedColumn> others) {
        List<PastedColumn> named =
                others.stream().filter(column -> column.is(Role.FREQUENCY)).toList();
        if (!named.isEmpty()) {
            return several(
                    first,
                    others,
                    named.get(0),
                    column -> column.is(Role.FREQUENCY) || Role.isCounted(column.heading()));
        }
        List<PastedColumn> possible = others.stream()
                .filter(column -> column.canBeFrequencies() && !isOtherwiseNamed(column) && !isSerial(column))
                .toList();
        if (possible.isEmpty()) {
            return List.of();
        }
        PastedColumn best = possible.stream()
                .max(Comparator.comparing((PastedColumn column) ->
                                explained(first, column, others).size())
                        .thenComparing(column -> -possible.indexOf(column)))
                .orElseThrow();
        return several(
                first,
                others,
                best,
                column -> possible.contains(column) && !column.heading().isEmpty());
    }

    private List<PastedColumn> several(
            PastedColumn first,
            List<PastedColumn> others,
            PastedColumn best,
            java.util.function.Predicate<PastedColumn> also) {
        Set<PastedColumn> explained = explained(first, best, others);
        return others.stream()
                .filter(column -> column == best
                        || also.test(column)
                                && !explained.contains(column)
                                && column.canBeFrequencies()
                                && !isSerial(column))
                .toList();
    }

    private boolean isSerial(PastedColumn column) {
        return column.isSerial() && (column == columns.get(0) || column.is(Role.SERIAL));
    }

    private static boolean isOtherwiseNamed(PastedColumn column) {
        return column.role()
                .filter(role ->
                        role != Role.FREQUENCY && role != Role.CLASS && role != Role.LOWER && role != Role.UPPER)
                .isPresent();
    }

    /** The columns that follow from classes or values and these frequencies: sums, products, midpoints, shares, squares. */
    private Set<PastedColumn> explained(PastedColumn first, PastedColumn frequencies, List<PastedColumn> others) {
        Set<PastedColumn> explained = new HashSet<>();
        List<Exact> middles = Limits.middles(first, cells);
        List<PastedColumn> factors = new ArrayList<>();
        for (PastedColumn column : others) {
            boolean middle = !middles.isEmpty() && column != frequencies && column.isLinearIn(middles);
            if (middle) {
                explained.add(column);
                factors.add(column);
            }
        }
        if (first.isNumbers()) {
            factors.add(first);
        }
        for (int round = 0; round < 2; round++) {
            for (PastedColumn column : others) {
                boolean product = factors.stream()
                                .anyMatch(factor ->
                                        column.isProductOf(factor, frequencies) || column.isProductOf(factor, factor))
                        || explained.stream().anyMatch(one -> factors.stream()
                                .anyMatch(factor ->
                                        column.isProductOf(one, factor) || column.isProductOf(one, frequencies)));
                if (column != frequencies
                        && (product || column.isRunningTotalOf(frequencies) || column.isShareOf(frequencies))) {
                    explained.add(column);
                }
            }
        }
        return explained;
    }

    // ---- values

    private void valueTable() {
        List<PastedColumn> numbers =
                columns.stream().filter(PastedColumn::isNumbers).toList();
        if (numbers.size() >= 2) {
            boolean named = numbers.get(0).is(Role.SERIAL);
            boolean serial = isSerial(numbers.get(0)) && (named || numbers.size() > 2 && !grid.isHeaded());
            if (!named || !serial) {
                valuesAndFrequencies(numbers);
            }
            List<PastedColumn> data = serial ? numbers.subList(1, numbers.size()) : numbers;
            if (serial && readings.isEmpty() && data.size() >= 2) {
                valuesAndFrequencies(data);
            }
            if (serial && readings.isEmpty()) {
                readings.add(byColumn(data));
            }
        }
        List<PastedColumn> words = columns.stream()
                .filter(column -> column.isWords() && !column.isTally())
                .toList();
        if (!words.isEmpty() && numbers.size() == 1 && words.get(0).repeats()) {
            readings.add(groups(words.get(0), numbers.get(0)));
        }
    }

    /** Values and frequencies among columns of numbers: the values first, unless the first column is headed as frequencies. */
    private void valuesAndFrequencies(List<PastedColumn> numbers) {
        boolean turned = numbers.get(0).is(Role.FREQUENCY) && !numbers.get(1).is(Role.FREQUENCY);
        PastedColumn values = numbers.get(turned ? 1 : 0);
        valuesAndFrequencies(
                values, numbers.stream().filter(column -> column != values).toList());
    }

    private void valuesAndFrequencies(PastedColumn values, List<PastedColumn> others) {
        Optional<PastedColumn> named = others.stream()
                .filter(column -> column.is(Role.FREQUENCY) && (column.canBeFrequencies() || column.canBeShares()))
                .findFirst();
        List<PastedColumn> whole = others.stream()
                .filter(column -> column.canBeFrequencies() && !isOtherwiseNamed(column))
                .toList();
        if (named.isPresent()) {
            readings.add(table(
                    values,
                    several(values, others, named.get(), column -> column.is(Role.FREQUENCY)),
                    SampleKind.FREQUENCIES));
            return;
        }
        Optional<PastedColumn> cumulative =
                others.stream().filter(column -> column.is(Role.CUMULATIVE)).findFirst();
        Optional<PastedColumn> best = whole.stream()
                .max(Comparator.comparing((PastedColumn column) ->
                                explained(values, column, others).size())
                        .thenComparing(column -> -whole.indexOf(column)));
        boolean explains =
                best.isPresent() && !explained(values, best.get(), others).isEmpty() && values.rises();
        boolean counted = best.isPresent()
                && values.rises()
                && others.size() == 1
                && (!grid.isHeaded()
                        || Role.isCounted(best.get().heading())
                        || values.role().isPresent() && best.get().heading().isEmpty());
        boolean high = counted && !grid.isHeaded() && grid.layout() == Layout.STANDING && grid.height() < 2;
        if (explains || counted && !high) {
            readings.add(table(values, List.of(best.get()), SampleKind.FREQUENCIES));
        } else if (cumulative.isPresent() && values.rises()) {
            Cumulative.besideValues(values, cumulative.get(), cells).ifPresent(cut -> readings.add(reading(cut)));
        } else {
            others.stream()
                    .filter(column -> column.is(Role.SHARE) && column.canBeShares() && values.rises())
                    .findFirst()
                    .ifPresent(shares -> readings.add(table(values, List.of(shares), SampleKind.FREQUENCIES)
                            .ofShares()));
        }
    }

    // ---- what comes of it

    private Reading reading(Cumulative.Cut cut) {
        String name = cut.first().heading();
        Found found = Found.table(name, cut.first().unit(), cut.kind(), cut.labels(), cut.frequencies());
        List<Sentence> more = new ArrayList<>(List.of(cut.told()));
        more.addAll(leftOut(List.of(cut.first(), cut.totals())));
        return Reading.of(
                Sentence.of(
                        "pasted.what.running",
                        Reading.what(cut.kind(), cut.labels().size())),
                grid.layout(),
                List.of(found),
                more);
    }

    private Reading table(PastedColumn first, List<PastedColumn> frequencies, SampleKind kind) {
        List<Found> found = new ArrayList<>();
        boolean classes = kind.can(Use.MIDPOINTS);
        List<String> labels = classes ? Limits.written(first, cells) : cells.values(first.texts());
        for (PastedColumn column : frequencies) {
            String name = frequencies.size() == 1 ? first.heading() : column.heading();
            found.add(Found.table(
                    name,
                    first.unit(),
                    kind,
                    labels,
                    column.texts().stream().map(cells::written).toList()));
        }
        List<PastedColumn> used = new ArrayList<>(frequencies);
        used.add(first);
        List<Sentence> more = new ArrayList<>();
        if (frequencies.stream().anyMatch(PastedColumn::hasOpen)) {
            more.add(Sentence.of("pasted.open-frequency"));
        }
        more.addAll(leftOut(used));
        Sentence one = Reading.what(kind, labels.size());
        Sentence what = found.size() == 1 ? one : Sentence.of("pasted.what.tables", found.size(), one);
        Reading reading = Reading.of(what, grid.layout(), found, more);
        boolean shares = kind.can(Use.COUNTED)
                && frequencies.stream().allMatch(column -> column.hasFractions() && column.canBeShares());
        return shares ? reading.ofShares() : reading;
    }

    /** The columns that serve no sample, named where they have a name. */
    private List<Sentence> leftOut(List<PastedColumn> used) {
        List<Sentence> sentences = new ArrayList<>(told);
        List<PastedColumn> out =
                columns.stream().filter(column -> !used.contains(column)).toList();
        List<String> names = out.stream()
                .map(PastedColumn::heading)
                .filter(heading -> !heading.isEmpty())
                .toList();
        int unnamed = out.size() - names.size();
        if (!names.isEmpty()) {
            sentences.add(Sentence.of(
                    names.size() == 1 ? "pasted.left-out.column" : "pasted.left-out.columns",
                    String.join(", ", names)));
        }
        if (unnamed > 0) {
            sentences.add(Sentence.of("pasted.left-out.unnamed." + (unnamed == 1 ? "one" : "many"), unnamed));
        }
        return sentences;
    }

    /** Every column of numbers a sample of its own. */
    private void byColumns(List<PastedColumn> numbers) {
        List<PastedColumn> data =
                numbers.size() > 1 && isSerial(numbers.get(0)) && numbers.get(0).is(Role.SERIAL)
                        ? numbers.subList(1, numbers.size())
                        : numbers;
        Optional<Reading> pairs = pairs(data);
        boolean coordinates = pairs.isPresent()
                && data.get(0).heading().equalsIgnoreCase("x")
                && data.get(1).heading().equalsIgnoreCase("y");
        pairs.filter(made -> coordinates).ifPresent(readings::add);
        readings.add(byColumn(data));
        pairs.filter(made -> !coordinates).ifPresent(readings::add);
        boolean words = columns.stream().anyMatch(column -> column.isWords() && !column.isTally());
        if (words && columns.size() > data.size()) {
            readings.add(byColumn(columns));
        }
        if (!grid.isHeaded() && numbers.size() == columns.size() && grid.layout() == Layout.STANDING) {
            List<String> all = new ArrayList<>();
            for (int row = 0; row < grid.height(); row++) {
                for (PastedColumn column : numbers) {
                    if (!column.texts().get(row).isBlank()) {
                        all.add(column.texts().get(row));
                    }
                }
            }
            readings.add(Reading.of(
                    Reading.what(SampleKind.VALUES, all.size()),
                    Layout.STANDING,
                    List.of(Found.list("", "", cells.values(all))),
                    grid.told()));
        }
    }

    /** Two columns of numbers that end at the same row, row by row. */
    private Optional<Reading> pairs(List<PastedColumn> data) {
        if (data.size() != 2
                || data.stream()
                        .anyMatch(column -> column.texts().isEmpty()
                                || column.texts().get(column.texts().size() - 1).isBlank())) {
            return Optional.empty();
        }
        PastedColumn first = data.get(0);
        PastedColumn second = data.get(1);
        Found found = Found.pairs(
                first.unit(),
                new SampleSheet.Variables(called(first), called(second), second.unit()),
                cells.values(first.texts()),
                cells.values(second.texts()));
        Sentence what = Reading.what(SampleKind.PAIRS, found.size());
        return Optional.of(Reading.of(what, grid.layout(), List.of(found), leftOut(data)));
    }

    /** The heading without the unit in brackets at its end. */
    private static String called(PastedColumn column) {
        String heading = column.heading();
        String behind = column.unit().isEmpty() ? "" : "\\s*[(\\[]" + Pattern.quote(column.unit()) + "[)\\]]$";
        return behind.isEmpty() ? heading : heading.replaceFirst(behind, "");
    }

    private Reading byColumn(List<PastedColumn> data) {
        List<Found> found = new ArrayList<>();
        for (PastedColumn column : data) {
            List<String> texts = cells.values(trimmed(column.texts()));
            found.add(Found.list(column.heading(), column.unit(), texts));
        }
        boolean one = found.size() == 1;
        Sentence what = one
                ? Reading.what(SampleKind.VALUES, found.get(0).size())
                : Sentence.of("pasted.what.samples", found.size());
        return Reading.of(what, grid.layout(), found, leftOut(data));
    }

    /** Empty cells below the last of a column are nothing: another column is longer. */
    private List<String> trimmed(List<String> texts) {
        int end = texts.size();
        while (columns.size() > 1 && end > 1 && texts.get(end - 1).isBlank()) {
            end--;
        }
        return texts.subList(0, end);
    }

    /** A column of values beside one that names their groups. */
    private Reading groups(PastedColumn names, PastedColumn values) {
        Map<String, List<String>> groups = new LinkedHashMap<>();
        IntStream.range(0, values.texts().size())
                .forEach(row -> groups.computeIfAbsent(names.texts().get(row).strip(), name -> new ArrayList<>())
                        .add(values.texts().get(row)));
        String unit = values.unit();
        List<Found> found = groups.entrySet().stream()
                .map(group -> Found.list(group.getKey(), unit, cells.values(group.getValue())))
                .toList();
        String listed = groups.keySet().stream().limit(8).collect(Collectors.joining(", "));
        return Reading.of(
                Sentence.of("pasted.what.groups", found.size(), listed),
                grid.layout(),
                found,
                leftOut(List.of(names, values)));
    }
}
