package promedio.files.delimited;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import promedio.core.assignment.SampleSheet;
import promedio.core.data.Entries;
import promedio.files.InputProblem;

/** Writes samples as CSV, side by side: a column for a list, two for a table, with their names as headings. */
public final class SampleWriter {
    private SampleWriter() {}

    /**
     * Writes samples; the file is replaced as a whole or left as it was.
     *
     * @return how many cells were guarded
     * @throws InputProblem when it cannot be written
     */
    public static int write(List<SampleSheet> sheets, Path file) throws InputProblem {
        int rows = sheets.stream().mapToInt(SampleSheet::size).max().orElse(0);
        return GuardedCsv.write(
                file,
                Stream.concat(
                        Stream.of(headings(sheets)), IntStream.range(0, rows).mapToObj(row -> cells(sheets, row))));
    }

    private static List<String> headings(List<SampleSheet> sheets) {
        List<String> headings = new ArrayList<>();
        for (SampleSheet sheet : sheets) {
            if (sheet.variables().isPresent()) {
                SampleSheet.Variables variables = sheet.variables().get();
                headings.add(variables.first().isEmpty() ? "x" : variables.first());
                headings.add(variables.second().isEmpty() ? "y" : variables.second());
            } else {
                headings.add(sheet.name());
            }
            if (sheet.frequencies().isPresent()) {
                headings.add("frequency");
            }
        }
        return headings;
    }

    private static List<String> cells(List<SampleSheet> sheets, int row) {
        List<String> cells = new ArrayList<>();
        for (SampleSheet sheet : sheets) {
            for (Entries column : sheet.columns()) {
                cells.add(row < column.size() ? column.text(row) : "");
            }
        }
        return cells;
    }
}
