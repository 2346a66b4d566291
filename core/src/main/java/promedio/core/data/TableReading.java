package promedio.core.data;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import promedio.core.number.Numerals;

/**
 * Cells as written become columns: how numbers are written is told by all of them, what a column is by its own cells.
 * Definitions for tables, section 9.
 *
 * @param table the table
 * @param decimalMark {@code '.'} or {@code ','}
 * @param thousands what parts thousands in the first column in which something does
 * @param pointedOut what the user should know of, in the order of the columns; nothing of it is applied
 */
public record TableReading(Table table, char decimalMark, ThousandsMark thousands, List<PointedOut> pointedOut) {
    private static final int MOST_CATEGORIES = 20;
    private static final int TENTHS = 10;
    /** What is pointed out because of how a file was read, whatever its cells are. */
    private static final Set<String> OF_READING = Set.of("two-date-orders", "repeated-heading", "years-as-heading");

    private static final int USABLE_TENTHS = 9;

    /**
     * Reads cells.
     *
     * @param headings what stands over the columns; may be fewer than there are, or none
     * @param cells the columns as written, of one length
     * @param rules what is said about them
     * @param commaParts whether commas part cells in the file, so that none is a decimal mark unless that is said
     */
    public static TableReading of(List<String> headings, List<Entries> cells, CellRules rules, boolean commaParts) {
        boolean marks = rules.decimalMark().isEmpty() || rules.thousands().isEmpty();
        List<MarkTally> tallies = marks ? Abreast.each(cells, MarkTally::of) : List.of();
        char mark = rules.decimalMark().orElseGet(() -> commaParts ? '.' : decimalMark(tallies));
        List<String> names = Names.of(headings, cells.size());
        List<Column> columns = new ArrayList<>();
        List<PointedOut> notices = new ArrayList<>();
        List<ThousandsMark> thousands = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            ThousandsMark asked = rules.thousands().isPresent()
                    ? rules.thousands().get()
                    : tallies.get(i).thousands(mark);
            thousands.add(asked.sign() == mark ? ThousandsMark.NONE : asked);
            if (i < headings.size() && Names.repeats(headings, i)) {
                notices.add(PointedOut.of("repeated-heading").in(names.get(i)));
            }
        }
        List<Integer> places = IntStream.range(0, cells.size()).boxed().toList();
        List<Made> made =
                Abreast.each(places, i -> column(names.get(i), cells.get(i), new Marks(mark, thousands.get(i)), rules));
        for (Made one : made) {
            columns.add(one.column());
            one.notice().ifPresent(notices::add);
        }
        ThousandsMark first = thousands.stream()
                .filter(one -> one != ThousandsMark.NONE)
                .findFirst()
                .orElse(ThousandsMark.NONE);
        Table table = new Table(columns, cells.isEmpty() ? 0 : cells.get(0).size());
        notices.addAll(Notices.of(table, mark == ',' ? Numerals.COMMA : Numerals.POINT));
        return new TableReading(table, mark, first, List.copyOf(notices));
    }

    /**
     * A column of this reading once more, of other cells: numbers, dates and codes for missing are written as they were, and what
     * the column is follows from the cells it has now.
     */
    public Column again(Column before, Entries cells) {
        boolean number = before instanceof Column.OfNumbers;
        ThousandsMark marks = number ? ((Column.OfNumbers) before).thousands() : thousands;
        Optional<DateForm> form = before instanceof Column.OfDates dates ? Optional.of(dates.form()) : Optional.empty();
        MissingCodes codes = new MissingCodes(before.missingCodes(), Map.of());
        CellRules rules = new CellRules(Optional.of(decimalMark), Optional.of(marks), form, codes);
        Column made = column(before.name(), cells, new Marks(decimalMark, marks), rules)
                .column();
        return number ? made.renamed(before.name(), before.unit()) : made;
    }

    /** What should be known of the table as it is after some cells were changed; how it was read stays as it was. */
    public List<PointedOut> pointedOutIn(Table now) {
        List<PointedOut> found = new ArrayList<>(pointedOut.stream()
                .filter(notice -> OF_READING.contains(notice.what()))
                .toList());
        found.addAll(Notices.of(now, decimalMark == ',' ? Numerals.COMMA : Numerals.POINT));
        return found;
    }

    /** The names that columns have under some headings: made up where there is none, told apart where they repeat. */
    public static List<String> names(List<String> headings, int columns) {
        return Names.of(headings, columns);
    }

    private record Marks(char decimal, ThousandsMark thousands) {}

    private record Made(Column column, Optional<PointedOut> notice) {}

    private static char decimalMark(List<MarkTally> tallies) {
        long comma = tallies.stream().filter(MarkTally::needsComma).count();
        long point = tallies.stream().filter(MarkTally::needsPoint).count();
        return comma > 0 && comma >= point ? ',' : '.';
    }

    private static Made column(String name, Entries cells, Marks marks, CellRules rules) {
        Map<String, Optional<Numerals.Numeral>> codes = rules.missing()
                .of(name, new Numerals(marks.decimal(), marks.thousands().sign()));
        CellReader reader = new CellReader(marks.decimal(), marks.thousands(), codes);
        Looked looked = Looked.at(cells, reader, rules.dates());
        int usable = looked.numbers + looked.others;
        if (usable == 0) {
            return new Made(new Column.Empty(name, cells, new Column.Codes(codes.keySet())), Optional.empty());
        }
        if (looked.numbers * TENTHS >= usable * USABLE_TENTHS) {
            Column numbers = new Column.OfNumbers(
                    name, Names.unit(name), cells, reader, looked.numbers, looked.missing, looked.whole);
            return new Made(numbers, Optional.empty());
        }
        Column.Codes texts = new Column.Codes(codes.keySet());
        List<DateForm> forms = looked.dateForms(usable);
        if (forms.size() == 1) {
            DateForm form = forms.get(0);
            Column dates = new Column.OfDates(name, cells, texts, form, looked.dates.get(form), looked.missing);
            return new Made(dates, Optional.empty());
        }
        Optional<PointedOut> twoOrders = forms.isEmpty()
                ? Optional.empty()
                : Optional.of(PointedOut.of("two-date-orders").in(name));
        Column words = forms.isEmpty() && looked.texts.size() <= MOST_CATEGORIES && looked.texts.size() * 2 <= usable
                ? new Column.OfCategories(name, cells, texts, looked.texts, looked.missing)
                : new Column.OfTexts(name, cells, texts, looked.missing);
        return new Made(words, twoOrders);
    }

    /** What a look at all cells of a column found. */
    private static final class Looked {
        private int numbers;
        private int others;
        private int missing;
        private boolean whole = true;
        private final Map<DateForm, Integer> dates = new LinkedHashMap<>();
        /** Dates of which only one order of day and month is possible are none in the other. */
        private final Set<DateForm> impossible = EnumSet.noneOf(DateForm.class);
        /** Different texts and how often each stands there, until there are too many. */
        private final Map<String, Integer> texts = new LinkedHashMap<>();

        /** What is known of a text. */
        private record Known(
                String text, boolean missing, boolean number, boolean whole, Set<DateForm> dates, boolean slashed) {}

        static Looked at(Entries cells, CellReader reader, Optional<DateForm> asked) {
            Looked looked = new Looked();
            Memo<Known> memo = new Memo<>(text -> known(text.strip(), reader, asked));
            boolean codes = reader.hasCodes();
            boolean plain = reader.isPlain(cells);
            cells.walk(reader.numerals().decimalMark(), new Entries.Walk() {
                @Override
                public void plain(int row, long unit, int places) {
                    if (codes) {
                        other(row, cells.text(row));
                        return;
                    }
                    looked.numbers++;
                    looked.whole = looked.whole && isWhole(unit, places);
                    // A column of numbers alone is no category.
                    if (!plain) {
                        looked.count(cells, row);
                    }
                }

                @Override
                public void blank(int row) {
                    looked.missing++;
                }

                @Override
                public void other(int row, String text) {
                    looked.take(memo.of(text));
                }
            });
            return looked;
        }

        private static boolean isWhole(long unit, int places) {
            long rest = unit;
            for (int i = 0; i < places; i++) {
                if (rest % TENTHS != 0) {
                    return false;
                }
                rest /= TENTHS;
            }
            return true;
        }

        private static Known known(String text, CellReader reader, Optional<DateForm> asked) {
            if (reader.isMissing(text)) {
                return new Known(text, true, false, false, Set.of(), false);
            }
            Optional<BigDecimal> number = reader.number(text);
            Set<DateForm> dates = EnumSet.noneOf(DateForm.class);
            boolean slashed = false;
            if (number.isEmpty()) {
                for (DateForm form : asked.map(Set::of).orElse(EnumSet.allOf(DateForm.class))) {
                    if (form.read(text).isPresent()) {
                        dates.add(form);
                        slashed |= form == DateForm.DAY_FIRST || form == DateForm.MONTH_FIRST;
                    }
                }
            }
            boolean whole = number.filter(value ->
                            value.signum() == 0 || value.stripTrailingZeros().scale() <= 0)
                    .isPresent();
            return new Known(text, false, number.isPresent(), whole, dates, slashed);
        }

        private void take(Known known) {
            if (known.missing) {
                missing++;
                return;
            }
            if (known.number) {
                numbers++;
                whole &= known.whole;
            } else {
                others++;
            }
            for (DateForm form : known.dates) {
                dates.merge(form, 1, Integer::sum);
            }
            if (known.slashed) {
                Set<DateForm> not = EnumSet.of(DateForm.DAY_FIRST, DateForm.MONTH_FIRST);
                not.removeAll(known.dates);
                impossible.addAll(not);
            }
            count(known.text);
        }

        private void count(Entries cells, int row) {
            if (texts.size() <= MOST_CATEGORIES) {
                count(cells.text(row));
            }
        }

        private void count(String text) {
            if (texts.size() <= MOST_CATEGORIES) {
                texts.merge(text, 1, Integer::sum);
            }
        }

        /** The orders of parts in which nine tenths of the cells are dates. */
        private List<DateForm> dateForms(int usable) {
            return dates.keySet().stream()
                    .filter(form -> !impossible.contains(form))
                    .filter(form -> dates.get(form) * TENTHS >= usable * USABLE_TENTHS)
                    .toList();
        }
    }

    /** Whether a first row names the columns below it. */
    public static boolean isHeading(List<String> first, List<List<String>> below) {
        boolean words = first.stream().map(String::strip).anyMatch(cell -> !cell.isEmpty())
                && first.stream().map(String::strip).noneMatch(TableReading::isNumberLike);
        if (!words || below.isEmpty()) {
            return false;
        }
        int width =
                Math.max(first.size(), below.stream().mapToInt(List::size).max().orElse(0));
        boolean repeats = false;
        boolean amongThem = false;
        for (int column = 0; column < width; column++) {
            String head = cell(first, column);
            Set<String> texts = new HashSet<>();
            boolean digits = !head.isEmpty() && !hasDigit(head);
            for (List<String> row : below) {
                String cell = cell(row, column);
                if (isNumberLike(cell)) {
                    return true;
                }
                digits &= cell.isEmpty() || hasDigit(cell);
                repeats |= !cell.isEmpty() && !texts.add(cell);
                amongThem |= !cell.isEmpty() && cell.equals(head);
            }
            // Dates, or numbers with units: a word over them names them.
            if (digits && !texts.isEmpty()) {
                return true;
            }
        }
        return repeats && !amongThem;
    }

    private static boolean hasDigit(String text) {
        return text.chars().anyMatch(Character::isDigit);
    }

    private static String cell(List<String> row, int column) {
        return column < row.size() ? row.get(column).strip() : "";
    }

    /** Whether a cell is written like a number, with either decimal mark. */
    static boolean isNumberLike(String cell) {
        return Numerals.POINT.looksLikeNumber(cell) || Numerals.COMMA.looksLikeNumber(cell);
    }
}
