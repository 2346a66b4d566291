package promedio.core.pasted;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import promedio.core.assignment.SampleSheet;
import promedio.core.data.Column;
import promedio.core.data.ColumnEntries;
import promedio.core.data.Table;
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
        Optional<int[]> rows = leftOut.isEmpty()
                ? Optional.empty()
                : Optional.of(IntStream.range(0, table.rows())
                        .filter(row -> !leftOut.contains(row))
                        .toArray());
        for (Column column : table.columns()) {
            if (wanted.contains(column.name()) && column instanceof Column.OfNumbers numbers) {
                found.add(new Found(
                        numbers.label(),
                        numbers.unit(),
                        SampleSheet.Kind.VALUES,
                        List.of(ColumnEntries.of(numbers, rows, card)),
                        numbers.missingCodes()));
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
}
