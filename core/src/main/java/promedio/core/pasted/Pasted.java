package promedio.core.pasted;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import promedio.core.data.Entries;
import promedio.core.data.EntryColumns;
import promedio.core.number.Numerals;
import promedio.core.sample.SampleKind;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;

/**
 * Reads what is typed or pasted by what it is: a list, a frequency table, a class table, running totals, a stem-and-leaf
 * display, several samples, totals only; standing or lying, in whatever wrapping it is printed with. Definitions for tables,
 * “Pasted and typed text”.
 */
public final class Pasted {
    private static final int LONG_ROW = 8;
    private static final int MOST_READINGS = 5;
    /** A longer text is not looked at for the rarer forms. */
    private static final int MOST_LINES = 60_000;
    /** So many lines with tabs are a table that stands. */
    private static final int MANY_LINES = 20_000;

    private static final Pattern TITLE =
            Pattern.compile("(?i)(?:table|figure|fig\\.|exhibit)\\s+[0-9][0-9.]*[a-z]?\\b.*");
    private static final Pattern WORD = Pattern.compile("\\p{L}{2,}");
    private static final int FEW_WORDS = 5;
    private static final int MOST_TOLD = 12;

    private static final Pattern NUMBERS_ONLY = Pattern.compile("[\\s0-9.;+-]*+");

    private static final Pattern SUMMING = Pattern.compile(
            "(?i)\\s*(?:grand )?(?:total|sum|mean|average|median|sd|s\\.d\\.|standard deviation|variance|n|count|minimum|maximum|min|max|largest|smallest)\\s*[:=]?\\s*[-+]?[0-9][0-9.,]*\\s*");
    private static final Pattern LABEL = Pattern.compile("\\s*+\\p{L}[\\p{L} ]{0,30}[:=]");
    private static final Pattern FIGURES = Pattern.compile("[-+0-9.,;\\s]*+");
    private static final Pattern NUMBER = Pattern.compile("[0-9][0-9.]*");
    private static final int FEWEST = 3;

    private Pasted() {}

    /**
     * The sensible readings of a text, the likeliest first; none where there is nothing in it.
     *
     * @param card how numbers are written under the course card: so are the entries of the readings, however the text writes
     *     them
     */
    public static List<Reading> read(String text, Numerals card) {
        return read(text, card, () -> {});
    }

    /**
     * The same of a text that may be long.
     *
     * @param pause what is asked again and again; it stops the work by throwing
     */
    public static List<Reading> read(String text, Numerals card, Runnable pause) {
        pause.run();
        Optional<Reading> column = longColumn(text);
        if (column.isPresent()) {
            return List.of(column.get());
        }
        List<String> lines = Plain.lines(Quoted.flat(text));
        List<Reading> readings = new ArrayList<>();
        if (lines.isEmpty()) {
            return readings;
        }
        int summing = summing(lines);
        if (summing > 0) {
            int kept = lines.size() - summing;
            return read(String.join("\n", lines.subList(0, kept)), card, pause).stream()
                    .map(reading -> telling(reading, lines.subList(kept, lines.size())))
                    .toList();
        }
        int prose = prose(lines);
        if (prose > 0) {
            return read(String.join("\n", lines.subList(prose, lines.size())), card, pause).stream()
                    .map(reading -> telling(reading, lines.subList(0, prose)))
                    .toList();
        }
        for (NumberStyle style : NumberStyle.of(lines, card)) {
            pause.run();
            for (Reading reading : inStyle(lines, new PastedCells(style, card, pause))) {
                Reading whole = style.told().map(reading::telling).orElse(reading);
                if (readings.size() < MOST_READINGS && readings.stream().noneMatch(whole::isSame)) {
                    readings.add(whole);
                }
            }
        }
        return readings;
    }

    /** A number alone, or several with commas or semicolons between them, behind a label or not. */
    private static boolean isOfAList(String line) {
        String figures = LABEL.matcher(line).replaceFirst("").strip();
        return FIGURES.matcher(figures).matches() && (hasOneOf(figures, ",;") || figures.indexOf(' ') < 0);
    }

    /** How many lines at the end of a list sum it up: its total, its mean, how many there are. */
    private static int summing(List<String> lines) {
        int last = lines.size();
        while (last > 0 && SUMMING.matcher(lines.get(last - 1)).matches()) {
            last--;
        }
        List<String> rest = lines.subList(0, last);
        boolean list = last < lines.size()
                && rest.size() <= MOST_LINES
                && rest.stream().filter(Pasted::hasDigits).allMatch(Pasted::isOfAList)
                && rest.stream()
                                .mapToLong(
                                        line -> NUMBER.matcher(line).results().count())
                                .sum()
                        >= FEWEST;
        return list ? lines.size() - last : 0;
    }

    /** How many lines at the beginning are said about what follows. */
    private static int prose(List<String> lines) {
        int last = lines.size() - 1;
        while (last > 0 && !hasDigits(lines.get(last))) {
            last--;
        }
        int prose = 0;
        while (prose < last && isSentence(lines.get(prose))) {
            prose++;
        }
        return prose;
    }

    /** A reading that tells which lines before it are left out; of very many how many. */
    private static Reading telling(Reading reading, List<String> left) {
        Reading telling = reading;
        for (int i = Math.min(left.size(), MOST_TOLD) - 1; i >= 0; i--) {
            telling = telling.telling(
                    Sentence.of("pasted.left-out.line", left.get(i).strip()));
        }
        return left.size() <= MOST_TOLD
                ? telling
                : telling.telling(Sentence.of("pasted.left-out.lines", left.size() - MOST_TOLD));
    }

    /** A class and its frequency on one line, as they are typed under a class table; empty where something else stands there. */
    public static Optional<List<String>> classRow(String text, Numerals card) {
        List<String> lines = Plain.lines(text);
        if (lines.size() != 1) {
            return Optional.empty();
        }
        PastedCells cells = new PastedCells(NumberStyle.of(lines, card).get(0), card);
        List<Item> items = cells.lexer().items(lines.get(0));
        boolean row = items.size() == 2
                && items.get(0).is(Item.Kind.CLASS)
                && items.get(1).is(Item.Kind.NUMBER);
        return row
                ? Optional.of(List.of(
                        cells.writtenClass(items.get(0).text()),
                        cells.written(items.get(1).text())))
                : Optional.empty();
    }

    /** Whether commas part the cells of a text, and are no part of its numbers. */
    public static boolean partsAtCommas(String text, Numerals card) {
        return NumberStyle.of(Plain.lines(text), card).get(0).commasPart();
    }

    /**
     * The sensible readings of columns of cells, as they stand in a file of delimited text.
     *
     * @param card how numbers are written under the course card
     */
    public static List<Reading> ofColumns(List<Entries> columns, Numerals card) {
        if (columns.isEmpty() || columns.get(0).size() == 0) {
            return List.of();
        }
        List<String> looked = columns.stream()
                .flatMap(column -> column.texts().subList(0, Math.min(column.size(), MOST_LINES)).stream())
                .toList();
        List<Reading> readings = new ArrayList<>();
        for (NumberStyle style : NumberStyle.of(looked, card)) {
            if (!style.commasPart() || readings.isEmpty()) {
                PastedCells cells = new PastedCells(style, card);
                for (Reading reading : columns.size() == 1
                        ? List.of(FileColumns.list(columns.get(0), cells))
                        : FileColumns.table(columns, cells)) {
                    Reading whole = style.told().map(reading::telling).orElse(reading);
                    if (readings.stream().noneMatch(whole::isSame)) {
                        readings.add(whole);
                    }
                }
            }
        }
        return readings;
    }

    /** Whether a line is said about what follows: several words, ended like a sentence or begun like one. */
    private static boolean isSentence(String line) {
        String text = line.strip();
        long words = WORD.matcher(text).results().limit(FEW_WORDS).count();
        boolean ended = text.endsWith(":") || text.endsWith(".") || text.endsWith("?");
        boolean counting = words >= FEWEST
                && text.endsWith(":")
                && NUMBER.matcher(text).results().count() == 1;
        return counting
                || words >= FEW_WORDS
                        && (ended || PastedLists.SENTENCE.matcher(text).matches())
                        && text.indexOf('\t') < 0
                        && text.indexOf('|') < 0
                || TITLE.matcher(text).matches();
    }

    private static boolean hasDigits(String line) {
        return line.chars().anyMatch(Character::isDigit);
    }

    private static List<Reading> inStyle(List<String> lines, PastedCells cells) {
        List<Reading> readings = new ArrayList<>();
        if (lines.size() > MANY_LINES && lines.get(lines.size() / 2).indexOf('\t') >= 0) {
            EntryColumns columns = new EntryColumns();
            if (lines.stream().map(line -> Arrays.asList(line.split("\t", -1))).allMatch(columns::add)) {
                return FileColumns.table(columns.build(), cells);
            }
        }
        if (lines.size() <= MOST_LINES) {
            Optional<Reading> only = TotalsOnly.read(lines, cells)
                    .or(() -> Stems.read(lines, cells))
                    .or(() -> Times.read(lines, cells))
                    .or(() -> Points.read(lines, cells));
            only.ifPresent(readings::add);
        }
        if (readings.stream().anyMatch(reading -> reading.samples().isEmpty())) {
            return readings;
        }
        List<PastedRows.Row> rows = new PastedRows(cells).of(lines);
        boolean single = rows.stream().filter(row -> row.size() > 1).count() * 4 < rows.size();
        Optional<Grid> grid = single ? CellLines.read(lines, cells) : GridReader.read(rows, cells);
        List<Reading> tables =
                grid.map(table -> TableForm.readings(table, cells)).orElse(List.of());
        boolean tabbed = lines.stream().anyMatch(line -> hasOneOf(line, "\t;|"));
        boolean cellwise = tabbed && rows.size() > 1 && rows.stream().anyMatch(row -> row.size() > 2);
        Optional<Reading> groups = cellwise ? Optional.empty() : PastedGroups.read(lines, cells);
        Optional<Reading> list = PastedLists.read(lines, cells);
        boolean plain = tables.stream().noneMatch(Pasted::isTable);
        boolean square = !tabbed
                && tables.stream().noneMatch(Pasted::isOfClasses)
                && lines.stream().noneMatch(line -> hasOneOf(line, ",:="))
                && grid.filter(Pasted::isSquare).isPresent();
        boolean block =
                square || !tabbed && plain && grid.filter(Pasted::isBlock).isPresent();
        if (plain) {
            groups.ifPresent(readings::add);
        }
        if (block && groups.isEmpty()) {
            list.ifPresent(readings::add);
        }
        boolean rowed = !tabbed
                && tables.stream()
                        .flatMap(reading -> reading.samples().stream())
                        .noneMatch(found -> found.kind().can(Use.COUNTED))
                && lines.stream().noneMatch(line -> hasOneOf(line, ":="))
                && grid.filter(Pasted::isOfBareRows).isPresent();
        boolean printed =
                rowed && grid.filter(table -> table.height() >= LONG_ROW).isPresent();
        if (printed) {
            list.ifPresent(readings::add);
        }
        readings.addAll(tables);
        if (rowed && !printed) {
            list.ifPresent(readings::add);
        }
        if (!plain) {
            groups.ifPresent(readings::add);
        }
        if (readings.isEmpty() && tabbed && rows.size() > 1) {
            readings.addAll(columns(rows)
                    .map(columns -> FileColumns.table(columns, cells))
                    .orElse(List.of()));
        }
        if (readings.isEmpty()) {
            list.ifPresent(readings::add);
        }
        return readings;
    }

    /** Rows that tabs part as columns; empty where one row alone is wide. */
    private static Optional<List<Entries>> columns(List<PastedRows.Row> rows) {
        EntryColumns columns = new EntryColumns();
        boolean even = rows.stream().map(PastedRows.Row::cells).allMatch(columns::add);
        return even ? Optional.of(columns.build()).filter(all -> all.size() > 1) : Optional.empty();
    }

    private static boolean hasOneOf(String line, String characters) {
        return line.chars().anyMatch(character -> characters.indexOf(character) >= 0);
    }

    private static boolean isOfClasses(Reading reading) {
        return reading.samples().stream().anyMatch(found -> found.kind().can(Use.MIDPOINTS));
    }

    private static boolean isTable(Reading reading) {
        return reading.samples().stream().anyMatch(found -> found.kind().width() > 1);
    }

    /** Bare numbers in three columns or more, without headings: a list in rows, as data are printed. */
    private static boolean isBlock(Grid grid) {
        return grid.layout() == Layout.STANDING && !grid.isHeaded() && grid.width() >= 3;
    }

    /** Bare numbers in two rows: two samples, or a list in rows; long rows are more often the latter. */
    private static boolean isOfBareRows(Grid grid) {
        return grid.layout() == Layout.LYING && !grid.isHeaded() && grid.width() == 2;
    }

    /** Two numbers above two others, with blanks between: too few to make columns of. */
    private static boolean isSquare(Grid grid) {
        return grid.layout() == Layout.STANDING && !grid.isHeaded() && grid.width() == 2 && grid.height() == 2;
    }

    /** Very many plain numbers, one on each line: nothing else is looked for. */
    private static Optional<Reading> longColumn(String text) {
        if (text.length() < MOST_LINES || !NUMBERS_ONLY.matcher(text).matches() || text.indexOf('\t') >= 0) {
            return Optional.empty();
        }
        Entries.Builder entries = new Entries.Builder();
        for (String line : text.strip().split("\r?\n", -1)) {
            String cell = line.strip();
            if (cell.indexOf(' ') >= 0 || cell.indexOf(';') >= 0) {
                return Optional.empty();
            }
            entries.add(cell);
        }
        Found found = new Found("", "", SampleKind.VALUES, List.of(entries.build()));
        Sentence what = Reading.what(SampleKind.VALUES, entries.size());
        return Optional.of(Reading.of(what, Layout.STANDING, List.of(found), List.of()));
    }
}
