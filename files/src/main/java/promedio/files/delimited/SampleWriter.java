package promedio.files.delimited;

import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import promedio.core.assignment.SampleSheet;
import promedio.core.data.Entries;
import promedio.core.number.Numerals;
import promedio.files.AtomicFile;
import promedio.files.InputProblem;

/** Writes samples as CSV, side by side: a column for a list, two for a table, with their names as headings. */
public final class SampleWriter {
    private SampleWriter() {}

    /**
     * Writes samples; the file is replaced as a whole or left as it was. A cell that is no number and begins as a formula does
     * in programs with tables of cells gets an apostrophe in front, so that nothing is computed when it is opened there.
     *
     * @return how many cells got one
     * @throws InputProblem when it cannot be written
     */
    public static int write(List<SampleSheet> sheets, Path file) throws InputProblem {
        int[] guarded = {0};
        try {
            AtomicFile.write(file, out -> {
                OutputStreamWriter text = new OutputStreamWriter(out, StandardCharsets.UTF_8);
                CsvWriter writer =
                        CsvWriter.builder().lineDelimiter(LineDelimiter.CRLF).build(text);
                writer.writeRecord(guarded(headings(sheets), guarded));
                int rows = sheets.stream().mapToInt(SampleSheet::size).max().orElse(0);
                for (int row = 0; row < rows; row++) {
                    writer.writeRecord(guarded(cells(sheets, row), guarded));
                }
                writer.flush();
            });
            return guarded[0];
        } catch (IOException problem) {
            throw AtomicFile.problem(file, problem);
        }
    }

    private static List<String> guarded(List<String> cells, int[] count) {
        List<String> guarded = new ArrayList<>();
        for (String cell : cells) {
            boolean formula = !cell.isEmpty()
                    && "=+-@\t\r".indexOf(cell.charAt(0)) >= 0
                    && Numerals.POINT.read(cell).isEmpty()
                    && Numerals.COMMA.read(cell).isEmpty();
            count[0] += formula ? 1 : 0;
            guarded.add(formula ? "'" + cell : cell);
        }
        return guarded;
    }

    private static List<String> headings(List<SampleSheet> sheets) {
        List<String> headings = new ArrayList<>();
        for (SampleSheet sheet : sheets) {
            headings.add(sheet.name());
            if (sheet.columns().size() > 1) {
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
