package promedio.files.assignment;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import de.siegmar.fastcsv.writer.QuoteStrategies;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.zip.CRC32;
import java.util.zip.CheckedOutputStream;
import promedio.core.assignment.SampleSheet;
import promedio.core.data.Entries;
import promedio.core.sample.SampleKind;

/** The entries of a sample as a part of an assignment file: CSV with a heading, letter by letter. */
final class SheetCsv {
    private SheetCsv() {}

    private static List<String> heading(SampleKind kind) {
        return kind.headings();
    }

    /** The kind that a heading is of. */
    static SampleKind kindOf(String heading) {
        return Arrays.stream(SampleKind.values())
                .filter(kind -> kind.can(SampleKind.Use.SHELVED))
                .filter(kind -> heading.equals(String.join(",", heading(kind))))
                .findFirst()
                .orElse(SampleKind.VALUES);
    }

    /** Whether a part has the heading of a kind. */
    static boolean isHeadedAs(SampleKind kind, byte[] content) {
        byte[] heading = (String.join(",", heading(kind)) + "\n").getBytes(StandardCharsets.US_ASCII);
        return content.length >= heading.length
                && Arrays.equals(content, 0, heading.length, heading, 0, heading.length);
    }

    /** What the document says of a part, so that another cannot be taken for it: the CRC-32 of its bytes. */
    static String check(byte[] content) {
        CRC32 check = new CRC32();
        check.update(content);
        return text(check);
    }

    /** The same of the part that a sample will be written as. */
    static String check(SampleSheet sheet) throws IOException {
        CRC32 check = new CRC32();
        write(sheet, new CheckedOutputStream(OutputStream.nullOutputStream(), check));
        return text(check);
    }

    private static String text(CRC32 check) {
        return String.format("%08x", check.getValue());
    }

    /** Writes the entries; the stream stays open for the next part. */
    static void write(SampleSheet sheet, OutputStream out) throws IOException {
        CsvWriter writer = CsvWriter.builder()
                .lineDelimiter(LineDelimiter.LF)
                .quoteStrategy(QuoteStrategies.EMPTY)
                .build(new OutputStreamWriter(out, StandardCharsets.UTF_8));
        try {
            writer.writeRecord(heading(sheet.kind()));
            for (int row = 0; row < sheet.size(); row++) {
                List<String> cells = new ArrayList<>();
                for (Entries column : sheet.columns()) {
                    cells.add(column.text(row));
                }
                writer.writeRecord(cells);
            }
            writer.flush();
        } catch (UncheckedIOException broken) {
            throw broken.getCause();
        }
    }

    /** Reads so many columns of entries; cells that are not there are empty. */
    static List<Entries> read(InputStream csv, int width, Budget budget) throws IOException {
        List<Entries.Builder> columns = new ArrayList<>();
        for (int i = 0; i < width; i++) {
            columns.add(new Entries.Builder());
        }
        try (CsvReader<CsvRecord> reader = CsvReader.builder()
                .skipEmptyLines(false)
                .ofCsvRecord(new InputStreamReader(csv, StandardCharsets.UTF_8))) {
            boolean heading = true;
            for (CsvRecord record : reader) {
                if (!heading) {
                    for (int i = 0; i < width; i++) {
                        budget.entry();
                        columns.get(i).add(i < record.getFieldCount() ? record.getField(i) : "");
                    }
                }
                heading = false;
            }
        }
        return columns.stream().map(Entries.Builder::build).toList();
    }
}
