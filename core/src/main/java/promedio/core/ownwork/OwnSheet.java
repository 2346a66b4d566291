package promedio.core.ownwork;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.IntUnaryOperator;
import java.util.function.UnaryOperator;
import promedio.core.sentence.Visible;

/**
 * A student's own working of a sample as it is kept: a table that is filled in, with a row of totals, and which lines stand below it. Immutable.
 * The lines themselves are answers like any other.
 *
 * @param columns what stands over the columns
 * @param rows the cells as they are written, as many in each row as there are columns
 * @param totals the row below them
 * @param lines the questions that the lines below the table answer
 * @param helps what the student was helped with, by cell
 */
public record OwnSheet(
        List<Column> columns,
        List<List<String>> rows,
        List<String> totals,
        List<String> lines,
        Map<CellPlace, Help> helps) {
    /** So many rows are kept at most: nobody writes more by hand. */
    public static final int MOST_ROWS = 2_000;

    /** So many columns are kept at most. */
    public static final int MOST_COLUMNS = 40;

    /** So many lines are kept at most. */
    public static final int MOST_LINES = 40;

    private static final int LONGEST = 200;

    /**
     * What stands over a column.
     *
     * @param heading as it is written
     * @param is what the student said that it is; empty where that is found out
     */
    public record Column(String heading, Optional<Quantity> is) {
        /** Makes the heading fit to be kept. */
        public Column {
            heading = kept(heading);
        }
    }

    /**
     * What a student was helped with in a cell.
     *
     * @param hints how many hints were taken
     * @param shown whether its figure was filled in, since that was asked for
     */
    public record Help(int hints, boolean shown) {
        /** The hint after which there is nothing left to tell. */
        public static final int LAST_HINT = 3;

        private static final Help NONE = new Help(0, false);

        /** Keeps the number within what there is. */
        public Help {
            hints = Math.max(0, Math.min(LAST_HINT, hints));
        }
    }

    /**
     * Copies the parts; rows, columns and lines beyond the bounds are cut off, rows that are too short are filled up, and what is said of a cell
     * that is not there is dropped.
     */
    public OwnSheet {
        columns = List.copyOf(columns.subList(0, Math.min(columns.size(), MOST_COLUMNS)));
        int width = columns.size();
        rows = rows.stream().limit(MOST_ROWS).map(row -> cells(row, width)).toList();
        totals = cells(totals, width);
        lines = new LinkedHashSet<>(lines).stream().limit(MOST_LINES).toList();
        int height = rows.size();
        Map<CellPlace, Help> helped = new LinkedHashMap<>(helps);
        helped.entrySet()
                .removeIf(one ->
                        !isIn(one.getKey(), height, width) || one.getValue().equals(Help.NONE));
        helps = Collections.unmodifiableMap(helped);
    }

    private static boolean isIn(CellPlace place, int height, int width) {
        return place.row() >= 0 && place.row() <= height && place.column() >= 0 && place.column() < width;
    }

    private static List<String> cells(List<String> row, int width) {
        List<String> cells = new ArrayList<>();
        for (int i = 0; i < width; i++) {
            cells.add(i < row.size() ? kept(row.get(i)) : "");
        }
        return List.copyOf(cells);
    }

    private static String kept(String text) {
        String plain = Visible.encodable(text.strip());
        return plain.codePointCount(0, plain.length()) <= LONGEST
                ? plain
                : plain.substring(0, plain.offsetByCodePoints(0, LONGEST));
    }

    /** A table as it was written elsewhere, with some lines below it. */
    public static OwnSheet of(OwnTable table, List<String> lines) {
        return new OwnSheet(
                table.headings().stream()
                        .map(heading -> new Column(heading, Optional.empty()))
                        .toList(),
                table.rows(),
                table.totals().orElse(List.of()),
                lines,
                Map.of());
    }

    /** The table as it is marked. */
    public OwnTable table() {
        boolean summed = totals.stream().anyMatch(cell -> !cell.isEmpty());
        return new OwnTable(
                columns.stream().map(Column::heading).toList(), rows, summed ? Optional.of(totals) : Optional.empty());
    }

    /** What the student said of each column. */
    public List<Optional<Quantity>> said() {
        return columns.stream().map(Column::is).toList();
    }

    /** Whether a cell is one of the totals. */
    public boolean isTotal(CellPlace place) {
        return place.row() == rows.size();
    }

    /** A cell as it is written; empty also where there is none. */
    public String cell(CellPlace place) {
        return isIn(place, rows.size(), columns.size())
                ? (isTotal(place) ? totals : rows.get(place.row())).get(place.column())
                : "";
    }

    /** What the student was helped with in a cell. */
    public Help help(CellPlace place) {
        return helps.getOrDefault(place, Help.NONE);
    }

    /** With other cells from a place on, to the right and down; those beyond the table are left out. */
    public OwnSheet with(CellPlace from, List<List<String>> cells) {
        List<List<String>> changed = new ArrayList<>();
        rows.forEach(row -> changed.add(new ArrayList<>(row)));
        changed.add(new ArrayList<>(totals));
        Map<CellPlace, Help> left = new LinkedHashMap<>(helps);
        for (int i = 0; i < cells.size(); i++) {
            for (int j = 0; j < cells.get(i).size(); j++) {
                CellPlace place = new CellPlace(from.row() + i, from.column() + j);
                String text = kept(cells.get(i).get(j));
                if (isIn(place, rows.size(), columns.size()) && !cell(place).equals(text)) {
                    changed.get(place.row()).set(place.column(), text);
                    left.computeIfPresent(place, (any, help) -> new Help(help.hints(), false));
                }
            }
        }
        return new OwnSheet(columns, changed.subList(0, rows.size()), changed.get(rows.size()), lines, left);
    }

    /** With a cell that the program fills in, since it was asked for; that is kept until something else stands there. */
    public OwnSheet filled(CellPlace place, String text) {
        return with(place, List.of(List.of(text))).helped(place, help -> new Help(help.hints(), true));
    }

    /** With one more hint to a cell. */
    public OwnSheet hinted(CellPlace place) {
        return helped(place, help -> new Help(help.hints() + 1, help.shown()));
    }

    private OwnSheet helped(CellPlace place, UnaryOperator<Help> more) {
        Map<CellPlace, Help> changed = new LinkedHashMap<>(helps);
        changed.put(place, more.apply(help(place)));
        return new OwnSheet(columns, rows, totals, lines, changed);
    }

    /** With other lines below it. */
    public OwnSheet withLines(List<String> other) {
        return new OwnSheet(columns, rows, totals, other, helps);
    }

    /** With something else over a column. */
    public OwnSheet withColumn(int at, Column column) {
        List<Column> changed = new ArrayList<>(columns);
        changed.set(at, column);
        return new OwnSheet(changed, rows, totals, lines, helps);
    }

    /** With an empty column more, before another. */
    public OwnSheet withNewColumn(int at, Column column) {
        List<Column> changed = new ArrayList<>(columns);
        changed.add(at, column);
        return across(changed, from -> from < at ? from : from + 1, row -> row.add(at, ""));
    }

    /** Without a column. */
    public OwnSheet withoutColumn(int at) {
        List<Column> changed = new ArrayList<>(columns);
        changed.remove(at);
        return across(changed, from -> from < at ? from : from == at ? -1 : from - 1, row -> row.remove(at));
    }

    private OwnSheet across(List<Column> changed, IntUnaryOperator columnOf, Consumer<List<String>> cells) {
        UnaryOperator<List<String>> change = row -> {
            List<String> other = new ArrayList<>(row);
            cells.accept(other);
            return other;
        };
        return new OwnSheet(
                changed, rows.stream().map(change).toList(), change.apply(totals), lines, moved(row -> row, columnOf));
    }

    /** With an empty row more, before another. */
    public OwnSheet withNewRow(int at) {
        List<List<String>> changed = new ArrayList<>(rows);
        changed.add(at, List.of());
        return new OwnSheet(columns, changed, totals, lines, moved(row -> row < at ? row : row + 1, column -> column));
    }

    /** Without a row. */
    public OwnSheet withoutRow(int at) {
        List<List<String>> changed = new ArrayList<>(rows);
        changed.remove(at);
        return new OwnSheet(
                columns,
                changed,
                totals,
                lines,
                moved(row -> row < at ? row : row == at ? -1 : row - 1, column -> column));
    }

    private Map<CellPlace, Help> moved(IntUnaryOperator rowOf, IntUnaryOperator columnOf) {
        Map<CellPlace, Help> moved = new LinkedHashMap<>();
        helps.forEach((place, help) ->
                moved.put(new CellPlace(rowOf.applyAsInt(place.row()), columnOf.applyAsInt(place.column())), help));
        return moved;
    }
}
