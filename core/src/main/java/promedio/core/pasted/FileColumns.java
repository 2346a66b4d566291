package promedio.core.pasted;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.data.Entries;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;

/** Columns of cells as a file of delimited text has them. */
final class FileColumns {
    /** In a longer file neither titles nor totals nor a table on its side are looked for. */
    private static final int MOST_ROWS = 20_000;

    private FileColumns() {}

    /** One column: a list, headed where its first cell is no number above numbers; empty cells are missing values. */
    static Reading list(Entries column, PastedCells cells) {
        boolean headed = isHeaded(List.of(column), cells);
        Entries bare = headed ? column.removed(0, 1) : column;
        boolean plain = cells.style().numerals().equals(cells.card()) && bare.areDecimals(0);
        Entries written = plain ? bare : Entries.of(cells.values(bare.texts()));
        String name = headed ? column.text(0) : "";
        String unit = Role.unit(name);
        Found found = new Found(
                name, unit.isEmpty() ? cells.commonUnit(bare.texts()) : unit, SampleKind.VALUES, List.of(written));
        Sentence what = Reading.what(SampleKind.VALUES, bare.size());
        return Reading.of(what, Layout.STANDING, List.of(found), List.of());
    }

    /** Several columns: a table. */
    static List<Reading> table(List<Entries> columns, PastedCells cells) {
        if (columns.get(0).size() <= MOST_ROWS) {
            Optional<Grid> grid = GridReader.read(rows(columns, cells), cells);
            List<Reading> readings =
                    grid.map(found -> TableForm.readings(found, cells)).orElse(List.of());
            if (!readings.isEmpty()) {
                return readings;
            }
        }
        boolean headed = isHeaded(columns, cells);
        List<String> headings = headed
                ? columns.stream().map(column -> column.text(0).strip()).toList()
                : Collections.nCopies(columns.size(), "");
        List<List<String>> bare = columns.stream()
                .map(column -> headed ? column.removed(0, 1).texts() : column.texts())
                .toList();
        List<Reading> readings = TableForm.readings(new Grid(headings, bare, Layout.STANDING, List.of()), cells);
        return readings.isEmpty() ? List.of(byColumns(headings, bare)) : readings;
    }

    /** Columns without numbers: each a sample of words, so that nothing is lost. */
    private static Reading byColumns(List<String> headings, List<List<String>> columns) {
        List<Found> found = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            found.add(Found.list(headings.get(i), "", columns.get(i)));
        }
        return Reading.of(
                Sentence.of("pasted.what.samples", found.size()),
                Layout.STANDING,
                found,
                List.of(Sentence.of("pasted.unsure")));
    }

    private static List<PastedRows.Row> rows(List<Entries> columns, PastedCells cells) {
        return IntStream.range(0, columns.get(0).size())
                .mapToObj(row -> {
                    List<String> texts =
                            columns.stream().map(column -> column.text(row)).toList();
                    boolean words = texts.stream().allMatch(text -> !cells.isNumber(text) && !cells.isClass(text));
                    return new PastedRows.Row(texts, texts.get(0).endsWith(":"), 0, words, false);
                })
                .toList();
    }

    private static boolean isHeaded(List<Entries> columns, PastedCells cells) {
        return columns.stream().noneMatch(column -> cells.isNumber(column.text(0)))
                && columns.stream().anyMatch(column -> !column.text(0).isBlank())
                && columns.stream().anyMatch(column -> IntStream.range(1, column.size())
                        .anyMatch(row -> cells.isNumber(column.text(row))));
    }
}
