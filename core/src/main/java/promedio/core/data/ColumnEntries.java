package promedio.core.data;

import java.math.BigDecimal;
import java.util.Optional;
import promedio.core.number.Numerals;

/** Cells of a column as entries of a sample, which mean there what they mean in the table. */
public final class ColumnEntries {
    private ColumnEntries() {}

    /**
     * The cells of some rows.
     *
     * @param rows which, from 0, in the order in which they are to stand; all of them where it is empty
     * @param card how numbers are written where the entries go; those written otherwise are written so
     */
    public static Entries of(Column column, Optional<int[]> rows, Numerals card) {
        boolean same = !(column instanceof Column.OfNumbers numbers)
                || numbers.numerals().decimalMark() == card.decimalMark() && numbers.thousands() == ThousandsMark.NONE;
        if (same && rows.isEmpty() && column.missingCodes().isEmpty()) {
            return column.entries();
        }
        Entries.Builder entries = new Entries.Builder();
        int size = rows.map(some -> some.length).orElse(column.size());
        for (int i = 0; i < size; i++) {
            int row = rows.isPresent() ? rows.get()[i] : i;
            entries.add(
                    column instanceof Column.OfNumbers numbers
                            ? entry(numbers, row, same, card)
                            : column.entries().text(row));
        }
        return entries.build();
    }

    /** What is to be written into a cell for what was typed as an entry. */
    public static String cell(Column column, String typed, Numerals card) {
        if (column instanceof Column.OfNumbers numbers && numbers.numerals().decimalMark() != card.decimalMark()) {
            return card.read(typed)
                    .map(number -> numbers.numerals().write(number.value()))
                    .orElse(typed);
        }
        return typed;
    }

    private static String entry(Column.OfNumbers column, int row, boolean same, Numerals card) {
        String text = column.entries().text(row).strip();
        if (column.isMissing(row)) {
            // -99.0 is missing where -99 is, but no entry would know.
            return column.missingCodes().contains(text) ? text : "";
        }
        Optional<BigDecimal> number = column.number(row);
        if (number.isPresent()) {
            return same ? text : card.write(number.get());
        }
        // 12.5 among decimal commas is no number there, and must not become one here.
        return card.read(text).isPresent() ? "“" + text + "”" : text;
    }
}
