package promedio.desktop.model.reading;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.data.Column;
import promedio.core.data.Entries;
import promedio.core.number.Numerals;
import promedio.core.pasted.Pasted;
import promedio.core.pasted.Reading;
import promedio.desktop.text.Words;
import promedio.files.InputProblem;
import promedio.files.delimited.PastedReader;
import promedio.files.table.ReadingOptions;
import promedio.files.table.TableFile;
import promedio.files.table.TableFiles;

/**
 * What is in a file: samples in their readings, or a table with columns to choose from, or the sentence why neither.
 *
 * @param readings the ways in which it can be read as samples, the likeliest first
 * @param table its first rows, where it is a table of several columns
 * @param problem why it cannot be read
 * @param otherwise whether it could be if somebody said how
 */
record Contents(List<Reading> readings, Optional<TableFiles.Head> table, Optional<String> problem, boolean otherwise) {
    /** So many rows show what a file is. */
    private static final int FIRST_ROWS = 2_000;

    /** What is wrong with a text that could be read if somebody said how. */
    private static final Set<String> OTHERWISE = Set.of(
            "input.more-cells",
            "input.too-wide",
            "input.broken.open-quote",
            "input.broken.after-quote",
            "input.broken.row",
            "input.cell-too-large");

    static Contents of(Path path, Numerals numerals) {
        try {
            TableFiles.Head head = head(path);
            List<Reading> readings = readings(path, head, numerals);
            boolean samples = !readings.isEmpty()
                    && (readings.get(0).samples().size() <= 1
                            || head.file().table().columns().size() <= 1);
            return samples
                    ? new Contents(readings, Optional.empty(), Optional.empty(), false)
                    : new Contents(List.of(), Optional.of(head), Optional.empty(), false);
        } catch (InputProblem problem) {
            boolean otherwise = OTHERWISE.contains(problem.sentence().key());
            return new Contents(List.of(), Optional.empty(), Optional.of(Words.of(problem.sentence())), otherwise);
        }
    }

    /** A file that is one list or table; nothing where it is a table of several columns, or too large for one. */
    private static List<Reading> readings(Path path, TableFiles.Head head, Numerals numerals) throws InputProblem {
        TableFile file = head.file();
        boolean listOfText = file.format() == TableFile.Format.DELIMITED
                && file.table().columns().size() == 1;
        if (!head.whole() && !listOfText) {
            return List.of();
        }
        if (file.format() == TableFile.Format.DELIMITED) {
            return PastedReader.read(path, numerals);
        }
        List<Entries> columns = new ArrayList<>();
        for (Column column : file.table().columns()) {
            Entries.Builder entries = new Entries.Builder();
            if (file.heading()) {
                entries.add(column.name());
            }
            column.entries().texts().forEach(entries::add);
            columns.add(entries.build());
        }
        return Pasted.ofColumns(columns, numerals);
    }

    /** The first rows of a file, read as is guessed. */
    static TableFiles.Head head(Path path) throws InputProblem {
        return TableFiles.head(path, ReadingOptions.GUESSED, FIRST_ROWS);
    }
}
