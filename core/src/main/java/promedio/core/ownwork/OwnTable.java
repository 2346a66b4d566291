package promedio.core.ownwork;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A table as a student wrote it: a heading over each column, a row for each value, distinct value or class, and perhaps a row of totals.
 *
 * @param headings what stands over the columns
 * @param rows the cells, as many in each row as there are headings
 * @param totals the row of totals, where there is one
 */
public record OwnTable(List<String> headings, List<List<String>> rows, Optional<List<String>> totals) {
    private static final List<String> TOTAL = List.of("σ", "total", "totals", "sum", "∑", "sums");

    /** Copies the lists. @throws IllegalArgumentException when a row has more or fewer cells than there are headings */
    public OwnTable {
        headings = List.copyOf(headings);
        rows = rows.stream().map(List::copyOf).toList();
        totals = totals.map(List::copyOf);
        int columns = headings.size();
        if (rows.stream().anyMatch(row -> row.size() != columns)
                || totals.filter(row -> row.size() != columns).isPresent()) {
            throw new IllegalArgumentException("Every row has " + columns + " cells.");
        }
    }

    /**
     * A table of rows as they stand in a file, the first of them the headings. The last row is one of totals where a cell of it says so, or its
     * first cell is empty and another is not. Rows without anything in them are left out.
     *
     * @throws IllegalArgumentException when there is no row
     */
    public static OwnTable of(List<List<String>> written) {
        List<List<String>> all = new ArrayList<>();
        int columns = written.stream().mapToInt(List::size).max().orElse(0);
        if (columns == 0) {
            throw new IllegalArgumentException("A table has a row of headings.");
        }
        for (List<String> row : written) {
            List<String> cells = new ArrayList<>();
            for (int i = 0; i < columns; i++) {
                cells.add(i < row.size() ? row.get(i).strip() : "");
            }
            if (all.isEmpty() || cells.stream().anyMatch(cell -> !cell.isEmpty())) {
                all.add(cells);
            }
        }
        List<String> last = all.get(all.size() - 1);
        Optional<List<String>> totals =
                all.size() > 2 && isOfTotals(last) ? Optional.of(withoutWord(last)) : Optional.empty();
        return new OwnTable(all.get(0), all.subList(1, all.size() - (totals.isPresent() ? 1 : 0)), totals);
    }

    private static boolean isOfTotals(List<String> row) {
        return row.stream().anyMatch(OwnTable::saysTotal)
                || row.get(0).isEmpty() && row.stream().anyMatch(cell -> !cell.isEmpty());
    }

    private static boolean saysTotal(String cell) {
        return TOTAL.contains(cell.toLowerCase(Locale.ROOT).replaceAll("[:=.\\s]", ""))
                || SUMMED.matcher(cell).find();
    }

    /** A figure behind the sign of a sum. */
    private static final Pattern SUMMED = Pattern.compile("^[Σ∑]\\s*=?\\s*(?=[-−+.,0-9])");

    /** “Σ 48” and “Σ = 48” are 48; the word alone is no figure. */
    private static List<String> withoutWord(List<String> row) {
        return row.stream()
                .map(cell -> SUMMED.matcher(cell).find()
                        ? SUMMED.matcher(cell).replaceFirst("")
                        : saysTotal(cell) ? "" : cell)
                .toList();
    }
}
