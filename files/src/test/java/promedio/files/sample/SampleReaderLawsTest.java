package promedio.files.sample;

import static org.assertj.core.api.Assertions.assertThat;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import promedio.core.assignment.SampleSheet;
import promedio.core.data.Entries;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.Sample;
import promedio.files.InputProblem;
import promedio.files.delimited.SampleWriter;
import promedio.files.table.ReadingOptions;
import promedio.files.table.TableFiles;

/** Lists out of files, held against a second reading that keeps every row; and samples written out and read again. */
class SampleReaderLawsTest {
    private static final ReadingOptions OPTIONS = ReadingOptions.GUESSED
            .withSkip(OptionalInt.of(0))
            .withDecimalMark(Optional.of('.'))
            .withMissing(List.of("n/a"));

    private static final String[] CELLS = {
        "1", "2.50", "-3", "", "n/a", "1e3", "12 %", "0", "-0", "999999999999999999", ".5", " 7 ", "0.10", "−4"
    };

    private static String cell(Random random) {
        return CELLS[random.nextInt(CELLS.length)];
    }

    /** A file of some columns, with or without heading, blank lines and a word in the wrong place. */
    private static String file(Random random, int width) {
        StringBuilder text = new StringBuilder();
        if (random.nextBoolean()) {
            for (int i = 0; i < width; i++) {
                text.append(i == 0 ? "" : ";").append("column ").append((char) ('a' + i));
            }
            text.append('\n');
        }
        int rows = 1 + random.nextInt(8);
        for (int row = 0; row < rows; row++) {
            if (text.length() > 0 && random.nextInt(6) == 0) {
                text.append('\n');
            }
            for (int i = 0; i < width; i++) {
                text.append(i == 0 ? "" : ";").append(random.nextInt(40) == 0 ? "forty" : cell(random));
            }
            text.append('\n');
        }
        return text.append("\n".repeat(random.nextInt(3))).toString();
    }

    /** The plain way: all rows, then what the definition says of them. Empty where there is an input error. */
    private static Optional<List<BigDecimal>> plainly(String text, int column, int[] missing) {
        List<List<String>> rows = new ArrayList<>();
        for (String line : text.split("\n", -1)) {
            List<String> cells = new ArrayList<>();
            for (String cell : line.split(";", -1)) {
                cells.add(cell.strip());
            }
            rows.add(cells);
        }
        while (!rows.isEmpty() && rows.get(rows.size() - 1).equals(List.of(""))) {
            rows.remove(rows.size() - 1);
        }
        if (rows.stream().anyMatch(row -> row.stream().skip(1).anyMatch(cell -> !cell.isEmpty()))) {
            rows.removeIf(row -> row.stream().allMatch(String::isEmpty));
        }
        boolean heading = rows.size() > 1
                && rows.get(0).stream().anyMatch(cell -> !cell.isEmpty())
                && rows.get(0).stream()
                        .noneMatch(cell ->
                                cell.equals("n/a") || Numerals.POINT.read(cell).isPresent())
                && rows.stream().skip(1).anyMatch(row -> row.stream()
                        .anyMatch(cell -> Numerals.POINT.read(cell).isPresent()));
        List<BigDecimal> values = new ArrayList<>();
        for (List<String> row : heading ? rows.subList(1, rows.size()) : rows) {
            String cell = column < row.size() ? row.get(column) : "";
            if (cell.isEmpty() || cell.equals("n/a")) {
                missing[0]++;
            } else {
                Optional<Numerals.Numeral> number = Numerals.POINT.read(cell);
                if (number.isEmpty()) {
                    return Optional.empty();
                }
                values.add(number.get().value());
            }
        }
        return values.isEmpty() ? Optional.empty() : Optional.of(values);
    }

    @Property(tries = 1500)
    void a_list_read_row_by_row_is_that_of_all_rows_together(@ForAll long seed) {
        Random random = new Random(seed);
        int width = 1 + random.nextInt(3);
        int column = random.nextInt(width);
        String text = file(random, width);
        int[] missing = {0};
        Optional<List<BigDecimal>> expected = plainly(text, column, missing);
        Optional<Sample> read;
        try {
            Optional<String> asked = width == 1 ? Optional.empty() : Optional.of(Integer.toString(column + 1));
            read = Optional.of(new SampleReader(TableFiles.ofText("a", text, OPTIONS))
                    .values(asked)
                    .sample());
        } catch (InputProblem told) {
            read = Optional.empty();
        }
        assertThat(read.isPresent()).as(text).isEqualTo(expected.isPresent());
        if (read.isPresent()) {
            assertThat(read.get().missing()).as(text).isEqualTo(Exact.of(missing[0]));
            assertThat(read.get().rows()).as(text).isEqualTo(expected.get().size());
            for (int i = 0; i < read.get().rows(); i++) {
                assertThat(read.get().values().decimal(i))
                        .as(text)
                        .isEqualByComparingTo(expected.get().get(i));
            }
        }
    }

    /** What is written for other programs comes back as it was; no cell of it is taken for a formula there. */
    @Property(tries = 200)
    void samples_written_out_come_back_and_hold_no_formula(@ForAll long seed) throws IOException, InputProblem {
        Random random = new Random(seed);
        String[] odd = {
            "=1+1", "+cmd", "-x", "@sum", "\"quoted\"", "two\nlines", "a,b", "=", "-", "+", "-5", "+5", "−5", "\t=1"
        };
        List<SampleSheet> sheets = new ArrayList<>();
        for (int i = 0; i <= random.nextInt(3); i++) {
            List<String> entries = new ArrayList<>();
            for (int k = 0; k < random.nextInt(6); k++) {
                entries.add(random.nextBoolean() ? cell(random) : odd[random.nextInt(odd.length)]);
            }
            sheets.add(SampleSheet.list("s" + i, random.nextBoolean() ? "=name" : "name", "", Entries.of(entries)));
        }
        Path file = Files.createTempFile("samples", ".csv");
        try {
            int guarded = SampleWriter.write(sheets, file);
            List<CsvRecord> records;
            try (CsvReader<CsvRecord> reader =
                    CsvReader.builder().skipEmptyLines(false).ofCsvRecord(file)) {
                records = reader.stream().toList();
            }
            int found = 0;
            for (int column = 0; column < sheets.size(); column++) {
                List<String> expected =
                        new ArrayList<>(List.of(sheets.get(column).name()));
                expected.addAll(sheets.get(column).values().texts());
                for (int row = 0; row < records.size(); row++) {
                    String written = records.get(row).getField(column);
                    String entry = row < expected.size() ? expected.get(row) : "";
                    boolean guard = written.equals("'" + entry);
                    found += guard ? 1 : 0;
                    assertThat(guard ? written.substring(1) : written).isEqualTo(entry);
                    boolean number = Numerals.POINT.read(written).isPresent();
                    assertThat(!written.isEmpty() && "=+-@".indexOf(written.charAt(0)) >= 0 && !number)
                            .isFalse();
                }
            }
            assertThat(guarded).isEqualTo(found);
        } finally {
            Files.delete(file);
        }
    }
}
