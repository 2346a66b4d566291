package promedio.core.pasted;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.assignment.SampleSheet;
import promedio.core.data.Column;
import promedio.core.data.Entries;
import promedio.core.data.Table;
import promedio.core.data.ThousandsMark;
import promedio.core.number.Numerals;
import promedio.core.sentence.Sentence;

/** Columns of a data table taken as samples, a list each. */
public final class TableSamples {
    private TableSamples() {}

    /**
     * The columns of numbers among those wanted, as a reading of the table.
     *
     * @param wanted the names of the columns
     * @param leftOut rows that are not taken, from 0
     * @param card how numbers are written in the assignment; those written otherwise are written so
     * @param told what else is to be said of how the table was read
     */
    public static Reading of(
            String source, Table table, Set<String> wanted, Set<Integer> leftOut, Numerals card, List<Sentence> told) {
        List<Found> found = new ArrayList<>();
        for (Column column : table.columns()) {
            if (wanted.contains(column.name()) && column instanceof Column.OfNumbers numbers) {
                found.add(new Found(
                        numbers.label(),
                        numbers.unit(),
                        SampleSheet.Kind.VALUES,
                        List.of(entries(numbers, leftOut, card)),
                        numbers.codes()));
            }
        }
        Sentence what = Sentence.of(found.size() == 1 ? "reading.column" : "reading.columns", source, found.size());
        List<Sentence> all = new ArrayList<>(List.of(Sentence.of("reading.taken", what, table.rows())));
        all.addAll(told);
        if (!leftOut.isEmpty()) {
            all.add(Sentence.of(
                    leftOut.size() == 1 ? "reading.rows-out.one" : "reading.rows-out.many", leftOut.size()));
        }
        return new Reading(what, found, all, false);
    }

    /** The cells as entries that mean under the card what they mean in the table. */
    private static Entries entries(Column.OfNumbers column, Set<Integer> leftOut, Numerals card) {
        boolean same =
                column.numerals().decimalMark() == card.decimalMark() && column.thousands() == ThousandsMark.NONE;
        if (same && leftOut.isEmpty() && column.codes().isEmpty()) {
            return column.entries();
        }
        Entries.Builder entries = new Entries.Builder();
        for (int row = 0; row < column.size(); row++) {
            if (!leftOut.contains(row)) {
                entries.add(entry(column, row, same, card));
            }
        }
        return entries.build();
    }

    private static String entry(Column.OfNumbers column, int row, boolean same, Numerals card) {
        String text = column.entries().text(row).strip();
        if (column.isMissing(row)) {
            // -99.0 is missing where -99 is, but no entry would know.
            return column.codes().contains(text) ? text : "";
        }
        Optional<BigDecimal> number = column.number(row);
        if (number.isPresent()) {
            return same ? text : card.write(number.get());
        }
        // 12.5 among decimal commas is no number there, and must not become one here.
        return card.read(text).isPresent() ? "“" + text + "”" : text;
    }
}
