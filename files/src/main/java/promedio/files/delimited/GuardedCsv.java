package promedio.files.delimited;

import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import de.siegmar.fastcsv.writer.QuoteStrategy;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Stream;
import promedio.core.data.Guarded;
import promedio.core.number.Numerals;
import promedio.files.AtomicFile;
import promedio.files.InputProblem;

/** CSV for other programs, in which no cell is a formula: {@link Guarded}. */
public final class GuardedCsv {
    private GuardedCsv() {}

    /**
     * Writes rows; the file is replaced as a whole or left as it was.
     *
     * @return how many cells got an apostrophe
     * @throws InputProblem when it cannot be written
     */
    public static int write(Path file, Stream<List<String>> rows) throws InputProblem {
        int[] guarded = {0};
        try {
            AtomicFile.write(file, out -> {
                OutputStreamWriter text = new OutputStreamWriter(out, StandardCharsets.UTF_8);
                CsvWriter writer = writer(text);
                for (Iterator<List<String>> left = rows.iterator(); left.hasNext(); ) {
                    writer.writeRecord(guarded(left.next(), guarded));
                }
                writer.flush();
            });
            return guarded[0];
        } catch (IOException problem) {
            throw AtomicFile.problem(file, problem);
        }
    }

    /**
     * A writer of comma-separated rows (RFC 4180), whose first row names the columns. Names that look like numbers stand in quotation
     * marks, so that a reader can tell them from the numbers below.
     */
    public static CsvWriter writer(Writer out) {
        return CsvWriter.builder()
                .lineDelimiter(LineDelimiter.CRLF)
                .quoteStrategy(new NumbersAbove())
                .build(out);
    }

    private static final class NumbersAbove implements QuoteStrategy {
        @Override
        public boolean quoteValue(int line, int field, String value) {
            return line == 1 && Numerals.POINT.looksLikeNumber(value);
        }
    }

    private static List<String> guarded(List<String> cells, int[] count) {
        List<String> guarded = new ArrayList<>();
        for (String cell : cells) {
            count[0] += Guarded.isFormula(cell) ? 1 : 0;
            guarded.add(Guarded.cell(cell));
        }
        return guarded;
    }
}
