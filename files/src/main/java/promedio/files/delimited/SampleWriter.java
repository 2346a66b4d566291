package promedio.files.delimited;

import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import promedio.core.assignment.Entries;
import promedio.core.assignment.SampleSheet;
import promedio.files.AtomicFile;
import promedio.files.InputProblem;

/** Writes samples as CSV, side by side: a column for a list, two for a table, with their names as headings. */
public final class SampleWriter {
    private SampleWriter() {}

    /**
     * Writes samples; the file is replaced as a whole or left as it was.
     *
     * @throws InputProblem when it cannot be written
     */
    public static void write(List<SampleSheet> sheets, Path file) throws InputProblem {
        try {
            AtomicFile.write(file, out -> {
                OutputStreamWriter text = new OutputStreamWriter(out, StandardCharsets.UTF_8);
                CsvWriter writer =
                        CsvWriter.builder().lineDelimiter(LineDelimiter.CRLF).build(text);
                writer.writeRecord(headings(sheets));
                int rows = sheets.stream().mapToInt(SampleSheet::size).max().orElse(0);
                for (int row = 0; row < rows; row++) {
                    writer.writeRecord(cells(sheets, row));
                }
                writer.flush();
            });
        } catch (IOException problem) {
            throw AtomicFile.problem(file, problem);
        }
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
