package promedio.core.assignment;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.Frequencies;
import promedio.core.data.Entries;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;
import promedio.core.number.Numerals;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.GivensReader;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.ClassReading;
import promedio.core.tabulate.LetteredReader;

/**
 * A sheet read under a course card: the sample it makes, and what became of each entry. Words and blanks are left out and
 * counted, never read as 0.
 */
public final class Interpretation {
    /** What became of an entry. */
    public enum Status {
        /** A number that counts. */
        NUMBER,
        /** Empty, or a code for missing. */
        MISSING,
        /** Not a number: left out, and shown as such. */
        NOT_A_NUMBER,
        /** Switched off. */
        OFF,
        /** A row of a frequency table with frequency 0, which counts nowhere. */
        COUNTS_NOWHERE,
        /** A row whose frequency is no whole, non-negative number. */
        BAD_FREQUENCY,
        /** A row whose frequency is open: a letter stands for it. */
        OPEN_FREQUENCY,
        /** A row of totals at the end of a table. */
        TOTAL,
        /** A class that does not fit among the others. */
        BAD_CLASS
    }

    private final SampleSheet sheet;
    private final Numerals numerals;
    private final Sample sample;
    private static final Exact MOST_COUNTED = Exact.of(1_000_000_000);

    private final Status[] statuses;
    private final Map<Integer, Sentence> remarks = new HashMap<>();
    private Optional<ClassReading> classes = Optional.empty();
    private final Map<Status, Integer> counts = new EnumMap<>(Status.class);

    private Interpretation(SampleSheet sheet, CourseCard card) {
        this.sheet = sheet;
        this.numerals = card.numerals();
        this.statuses = new Status[sheet.size()];
        Sample read =
                switch (sheet.kind().form()) {
                    case VALUES -> readList();
                    case FREQUENCIES ->
                        readTable(
                                sheet.frequencies().orElseThrow(),
                                card.get(CardKey.FREQUENCIES) == Frequencies.RELATIVE);
                    case CLASSES -> readClasses(card);
                    case PAIRS -> readPairs();
                    case CATEGORIES -> nothing();
                    case GIVENS -> readGivens(card);
                };
        for (int row = 0; row < statuses.length; row++) {
            if (statuses[row] == Status.BAD_FREQUENCY && isOpen(row)) {
                statuses[row] = Status.OPEN_FREQUENCY;
            }
            counts.merge(statuses[row], 1, Integer::sum);
        }
        // What could be said of the other rows alone would be said of another table.
        boolean open = count(Status.OPEN_FREQUENCY) > 0;
        this.sample = open ? nothing() : read;
        if (open) {
            classes = Optional.empty();
        }
    }

    private boolean isOpen(int row) {
        return OpenFrequency.is(sheet.frequencies().orElseThrow().text(row));
    }

    /** What everything waits for: a frequency that a letter stands for; empty where there is none. */
    public Optional<Sentence> waiting() {
        for (int row = 0; row < statuses.length && count(Status.OPEN_FREQUENCY) > 0; row++) {
            if (statuses[row] == Status.OPEN_FREQUENCY) {
                String letter = sheet.frequencies().orElseThrow().text(row);
                return Optional.of(
                        Sentence.of("waiting.frequency", sheet.values().text(row), letter));
            }
        }
        return Optional.empty();
    }

    /** Reads a sheet under a card. */
    public static Interpretation of(SampleSheet sheet, CourseCard card) {
        return new Interpretation(sheet, card);
    }

    private Sample readList() {
        Decimals.Builder values = new Decimals.Builder(sheet.size());
        int[] entries = new int[sheet.size()];
        int rows = 0;
        int missing = 0;
        for (int i = 0; i < sheet.size(); i++) {
            Status status = readValue(i, values);
            statuses[i] = status;
            if (status == Status.NUMBER) {
                entries[rows++] = i;
            } else if (status == Status.MISSING) {
                missing++;
            }
        }
        Sample all = Sample.list(values.build()).withMissing(Exact.of(missing));
        // Where every entry counts, row i comes from entry i.
        return rows == entries.length ? all : all.withEntries(Arrays.copyOf(entries, rows));
    }

    /** Reads the value of a row, adds it when it is a number that counts, and says what it is. */
    private Status readValue(int row, Decimals.Builder values) {
        return readValue(sheet.values(), row, values);
    }

    private Status readValue(Entries column, int row, Decimals.Builder values) {
        if (sheet.off().contains(row)) {
            return Status.OFF;
        }
        if (column.isDecimal(row, numerals.decimalMark())
                && sheet.missingCodes().isEmpty()) {
            values.add(column.unit(row), column.places(row));
            return Status.NUMBER;
        }
        String text = column.text(row).strip();
        if (text.isEmpty() || sheet.missingCodes().contains(text)) {
            return Status.MISSING;
        }
        Optional<Numerals.Numeral> numeral = numerals.read(text);
        numeral.ifPresent(read -> values.add(read.value()));
        return numeral.isPresent() ? Status.NUMBER : Status.NOT_A_NUMBER;
    }

    /** A row counts where both are numbers; it is missing where one is, unless the other is no number at all. */
    private Sample readPairs() {
        List<Entries> both = sheet.columns().subList(0, 2);
        List<Decimals.Builder> values = List.of(new Decimals.Builder(sheet.size()), new Decimals.Builder(sheet.size()));
        Decimals.Builder weights = new Decimals.Builder(sheet.size());
        int[] entries = new int[sheet.size()];
        int rows = 0;
        Exact missing = Exact.ZERO;
        for (int i = 0; i < sheet.size(); i++) {
            Optional<Exact> weight = frequency(i);
            if (weight.isEmpty()) {
                statuses[i] = sheet.off().contains(i) ? Status.OFF : Status.BAD_FREQUENCY;
                continue;
            }
            Status first = status(both.get(0), i);
            Status second = status(both.get(1), i);
            boolean number = first == Status.NUMBER && second == Status.NUMBER;
            statuses[i] =
                    first == Status.OFF || first == Status.NOT_A_NUMBER || second == Status.NUMBER ? first : second;
            if (number && weight.get().signum() == 0) {
                statuses[i] = Status.COUNTS_NOWHERE;
            } else if (number) {
                readValue(both.get(0), i, values.get(0));
                readValue(both.get(1), i, values.get(1));
                weights.add(weight.get().toPlaces(0, HalfRule.HALF_UP));
                entries[rows++] = i;
            } else if (statuses[i] == Status.MISSING) {
                missing = missing.plus(weight.get());
            }
        }
        int[] counted = Arrays.copyOf(entries, rows);
        Sample pairs = sheet.frequencies().isEmpty()
                ? Sample.pairs(values.get(0).build(), values.get(1).build())
                : weighted(values, weights.build(), counted);
        return pairs.withEntries(counted).withMissing(missing);
    }

    private Sample weighted(List<Decimals.Builder> values, Decimals weights, int[] counted) {
        if (Sample.canAddUp(weights)) {
            return Sample.pairs(values.get(0).build(), values.get(1).build(), weights);
        }
        tooLong(counted);
        Decimals none = new Decimals.Builder(0).build();
        return Sample.pairs(none, none);
    }

    private void tooLong(int... rows) {
        for (int row : rows) {
            statuses[row] = Status.BAD_FREQUENCY;
            remarks.put(row, Sentence.of("frequencies.too-long"));
        }
    }

    /** How often a pair counts: once where no frequencies are given; empty where its frequency is no whole number. */
    private Optional<Exact> frequency(int row) {
        return sheet.frequencies()
                .map(column -> numerals.read(column.text(row))
                        .map(Numerals.Numeral::exact)
                        .filter(weight -> weight.signum() >= 0 && weight.isWhole()))
                .orElse(Optional.of(Exact.ONE));
    }

    private Status status(Entries column, int row) {
        return readValue(column, row, new Decimals.Builder(1));
    }

    private Sample readTable(Entries column, boolean relative) {
        Decimals.Builder values = new Decimals.Builder(sheet.size());
        Decimals.Builder weights = new Decimals.Builder(sheet.size());
        int[] entries = new int[sheet.size()];
        int rows = 0;
        Exact missing = Exact.ZERO;
        for (int i = 0; i < sheet.size(); i++) {
            Optional<Numerals.Numeral> weight = numerals.read(column.text(i));
            boolean good = weight.isPresent()
                    && weight.get().value().signum() >= 0
                    && (relative || weight.get().exact().isWhole());
            if (!good) {
                statuses[i] = sheet.off().contains(i) ? Status.OFF : Status.BAD_FREQUENCY;
                continue;
            }
            boolean zero = weight.get().value().signum() == 0;
            Status status = readValue(i, zero ? new Decimals.Builder(1) : values);
            statuses[i] = zero && status == Status.NUMBER ? Status.COUNTS_NOWHERE : status;
            if (statuses[i] == Status.NUMBER) {
                weights.add(weight.get().value());
                entries[rows++] = i;
            } else if (status == Status.MISSING) {
                missing = missing.plus(weight.get().exact());
            }
        }
        Decimals frequencies = weights.build();
        if (!Sample.canAddUp(frequencies)) {
            tooLong(Arrays.copyOf(entries, rows));
            return nothing();
        }
        return Sample.frequencies(values.build(), frequencies, relative)
                .withEntries(Arrays.copyOf(entries, rows))
                .withMissing(missing);
    }

    /** Reads a class table; rows that do not fit are left out one by one, so that the rest stays usable. */
    private Sample readClasses(CourseCard card) {
        ClassRows read = new ClassRows(sheet, card);
        System.arraycopy(read.statuses(), 0, statuses, 0, statuses.length);
        remarks.putAll(read.remarks());
        classes = read.reading();
        Optional<ClassTable> table = classes.flatMap(ClassReading::table);
        if (table.isPresent() && !Sample.canAddUp(table.get())) {
            tooLong(table.get().classes().stream()
                    .mapToInt(ClassInterval::entry)
                    .toArray());
            classes = Optional.empty();
            return nothing();
        }
        return table.map(found -> Sample.classes(found).withMissing(read.missing()))
                .orElseGet(Interpretation::nothing);
    }

    private Sample readGivens(CourseCard card) {
        GivensReader reader = LetteredReader.givens(sheet.kind(), card);
        for (int row = 0; row < sheet.size(); row++) {
            try {
                boolean off = sheet.off().contains(row);
                boolean some = !off
                        && reader.take(
                                sheet.values().text(row),
                                sheet.beside().orElseThrow().text(row));
                statuses[row] = off ? Status.OFF : some ? Status.NUMBER : Status.MISSING;
            } catch (GivensReader.Fault fault) {
                statuses[row] = Status.NOT_A_NUMBER;
                remarks.put(row, fault.sentence());
            }
        }
        return Sample.givens(reader.givens());
    }

    private static Sample nothing() {
        return Sample.list(new Decimals.Builder(0).build());
    }

    /** How a class table was read; empty for lists and frequency tables. */
    public Optional<ClassReading> classes() {
        return classes;
    }

    /** The sheet that was read. */
    public SampleSheet sheet() {
        return sheet;
    }

    /** The sample it makes. */
    public Sample sample() {
        return sample;
    }

    /** What became of an entry. */
    public Status status(int entry) {
        return statuses[entry];
    }

    /** How many entries have a status. */
    public int count(Status status) {
        return counts.getOrDefault(status, 0);
    }

    /** What to say of an entry that does not count; empty for one that does. */
    public Optional<Sentence> remark(int entry) {
        if (remarks.containsKey(entry)) {
            return Optional.of(remarks.get(entry));
        }
        return switch (statuses[entry]) {
            case NUMBER, BAD_CLASS -> Optional.empty();
            case TOTAL -> Optional.of(Sentence.of("entry.total"));
            case MISSING -> Optional.of(Sentence.of("entry.missing"));
            case OFF -> Optional.of(Sentence.of("entry.off"));
            case COUNTS_NOWHERE -> Optional.of(Sentence.of("entry.zero-frequency"));
            case OPEN_FREQUENCY ->
                Optional.of(Sentence.of(
                        "entry.open-frequency",
                        sheet.frequencies().orElseThrow().text(entry)));
            case BAD_FREQUENCY ->
                Optional.of(Sentence.of(
                        "entry.bad-frequency", sheet.frequencies().orElseThrow().text(entry)));
            case NOT_A_NUMBER -> {
                String text = sheet.columns().get(faulty(entry)).text(entry);
                yield Optional.of(numerals.hint(text)
                        .map(hint -> Sentence.of("entry.not-a-number-hint", text, hint))
                        .orElseGet(() -> Sentence.of("entry.not-a-number", text)));
            }
        };
    }

    /** The column of what is wrong with a row: the first of several variables that is no number, else that of the values. */
    public int faulty(int entry) {
        return sheet.can(Use.VARIABLES) && status(sheet.values(), entry) != Status.NOT_A_NUMBER ? 1 : 0;
    }

    /** What it turns out to be made of: what holds words alone is of categories. */
    public SampleKind kind() {
        return categories().isEmpty() ? sheet.kind() : SampleKind.CATEGORIES;
    }

    /** How often each word occurs where it holds nothing else, in the order of their first appearance; else nothing. */
    public Map<String, Long> categories() {
        Map<String, Long> found = new LinkedHashMap<>();
        if (!sheet.can(Use.WORDS) || !sample.isEmpty() || waiting().isPresent()) {
            return found;
        }
        for (int i = 0; i < statuses.length && count(Status.NOT_A_NUMBER) > 0; i++) {
            if (statuses[i] == Status.NOT_A_NUMBER) {
                Optional<Exact> times = frequency(i).filter(weight -> weight.compareTo(MOST_COUNTED) < 0);
                if (times.isEmpty()) {
                    return Map.of();
                }
                long weight = times.get().numerator().longValueExact();
                if (weight > 0) {
                    found.merge(sheet.values().text(i).strip(), weight, Long::sum);
                }
            }
        }
        return found;
    }

    /** The number that an entry nearly is; offered as what would do. */
    public Optional<String> suggestion(int entry) {
        return statuses[entry] == Status.NOT_A_NUMBER
                ? numerals.hint(sheet.columns().get(faulty(entry)).text(entry))
                : Optional.empty();
    }

    /** Sentences on what is left out, for the head of the page; none when everything counts. */
    public List<Sentence> leftOut() {
        List<Sentence> sentences = new ArrayList<>();
        for (Status status : List.of(
                Status.MISSING,
                Status.NOT_A_NUMBER,
                Status.OFF,
                Status.BAD_FREQUENCY,
                Status.COUNTS_NOWHERE,
                Status.TOTAL,
                Status.BAD_CLASS)) {
            if (count(status) > 0) {
                String number = count(status) == 1 ? ".one" : ".many";
                sentences.add(Sentence.of("left-out." + status + number, count(status)));
            }
        }
        return sentences;
    }

    /** An entry that seems to be a total or mean of the others. */
    public Optional<Suspicion> suspicion() {
        return sheet.can(Use.TOTALLED) ? Suspicion.of(sheet, sample) : Optional.empty();
    }

    /** How many entries are no numbers as they stand, but would be with the other decimal mark. */
    public int readableWithOtherMark() {
        Numerals other = numerals.decimalMark() == ',' ? Numerals.POINT : Numerals.COMMA;
        int found = 0;
        for (int i = 0; i < statuses.length && count(Status.NOT_A_NUMBER) > 0; i++) {
            if (statuses[i] == Status.NOT_A_NUMBER
                    && other.read(sheet.columns().get(faulty(i)).text(i)).isPresent()) {
                found++;
            }
        }
        return found;
    }

    /** Whether commas are read as decimal marks here, and there are some. */
    public boolean readsCommas() {
        return numerals.decimalMark() == ',' && sheet.columns().stream().anyMatch(Entries::hasCommas);
    }
}
