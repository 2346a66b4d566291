package promedio.files.trail;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.json.JsonWriteFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import promedio.core.data.Guarded;
import promedio.core.sentence.Sentence;
import promedio.core.trail.Field;
import promedio.core.trail.Prepared;
import promedio.core.vector.Kind;
import promedio.files.AtomicFile;
import promedio.files.InputProblem;
import promedio.files.delimited.GuardedCsv;

/** Writes a table as it is after some steps: CSV, an ODS or XLSX workbook, or JSON. */
public final class TableWriter {
    private static final int SHEET_ROWS = 1_048_576;
    private static final int SHEET_COLUMNS = 16_384;
    /** A workbook's number holds so many digits; a longer one is written as text. */
    private static final int NUMBER_DIGITS = 15;

    /** A number that is the same however a program writes it. */
    private static final Pattern PLAIN =
            Pattern.compile("-?(?:0|[1-9][0-9]*|(?=\\.[0-9]))(?:\\.[0-9]*)?(?:[eE][+-]?[0-9]{1,9})?");

    private final Prepared table;
    private final int digits;
    private final boolean plain;
    private long guarded;

    /**
     * A writer.
     *
     * @param digits of numbers that do not end within 34
     */
    public TableWriter(Prepared table, int digits) {
        this(table, digits, false);
    }

    /** @param plain whether cells of CSV stand as they are, though other programs may take some for formulas */
    public TableWriter(Prepared table, int digits, boolean plain) {
        this.table = table;
        this.digits = digits;
        this.plain = plain;
    }

    /** How many cells were guarded. */
    public long guarded() {
        return guarded;
    }

    private String handed(String cell) {
        if (plain || !Guarded.isFormula(cell)) {
            return cell;
        }
        guarded++;
        return Guarded.cell(cell);
    }

    /** Writes the file in the format that its name tells; it is replaced as a whole or left as it was. @throws InputProblem when it cannot be */
    public void write(Path file) throws InputProblem {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        boolean workbook = name.endsWith(".ods") || name.endsWith(".xlsx");
        if (!workbook && !name.endsWith(".csv") && !name.endsWith(".json")) {
            throw new InputProblem(Sentence.of("table.format", file.getFileName()));
        }
        if (workbook && (table.rows() >= SHEET_ROWS || table.fields().size() > SHEET_COLUMNS)) {
            throw new InputProblem(Sentence.of("table.too-large", table.rows(), SHEET_ROWS - 1));
        }
        try {
            AtomicFile.write(file, out -> {
                if (name.endsWith(".csv")) {
                    csv(new OutputStreamWriter(out, StandardCharsets.UTF_8));
                } else if (name.endsWith(".json")) {
                    json(out);
                } else if (name.endsWith(".xlsx")) {
                    xlsx(out);
                } else {
                    new OdsWriter(this).write(out);
                }
            });
        } catch (IOException problem) {
            throw AtomicFile.problem(file, problem);
        }
    }

    Prepared table() {
        return table;
    }

    String cell(Field field, int row) {
        return field.written(row, digits);
    }

    /** Writes CSV: UTF-8, commas, a heading row, as RFC 4180 has it. */
    public void csv(Writer out) throws IOException {
        CsvWriter writer = GuardedCsv.writer(out);
        writer.writeRecord(table.names().stream().map(this::handed).toList());
        List<String> cells = new ArrayList<>();
        for (int row = 0; row < table.rows(); row++) {
            cells.clear();
            for (Field field : table.fields()) {
                String cell = cell(field, row);
                cells.add(isNumber(field, row, cell) ? cell : handed(cell));
            }
            writer.writeRecord(cells);
        }
        writer.flush();
    }

    private void json(OutputStream out) throws IOException {
        JsonMapper mapper = JsonMapper.builder()
                .disable(JsonWriteFeature.WRITE_NAN_AS_STRINGS)
                .build();
        try (JsonGenerator generator = mapper.createGenerator(out).useDefaultPrettyPrinter()) {
            generator.disable(JsonGenerator.Feature.AUTO_CLOSE_TARGET);
            generator.writeStartArray();
            for (int row = 0; row < table.rows(); row++) {
                generator.writeStartObject();
                for (Field field : table.fields()) {
                    generator.writeFieldName(field.name());
                    json(generator, field, row);
                }
                generator.writeEndObject();
            }
            generator.writeEndArray();
        }
    }

    private void json(JsonGenerator generator, Field field, int row) throws IOException {
        String cell = cell(field, row);
        if (cell.isEmpty()) {
            generator.writeNull();
        } else if (isNumber(field, row, cell)) {
            // As it was read, where JSON knows numbers so written; it has no .5 and no 5.
            boolean written = !cell.endsWith(".") && !cell.startsWith(".") && !cell.startsWith("-.");
            generator.writeNumber(written ? cell : new BigDecimal(cell).toPlainString());
        } else if (field.kind() == Kind.TRUTH) {
            generator.writeBoolean(cell.equals("yes"));
        } else {
            generator.writeString(cell);
        }
    }

    /** Whether a cell is a number that can be written as one: 007 and 12 % would come back as others. */
    static boolean isNumber(Field field, int row, String cell) {
        return field.kind() == Kind.NUMBER
                && !field.vector().isMissing(row)
                && PLAIN.matcher(cell).matches();
    }

    /** Whether a number is held by a workbook as it is. */
    static boolean fits(String cell) {
        BigDecimal number = new BigDecimal(cell);
        return number.precision() <= NUMBER_DIGITS && Double.isFinite(number.doubleValue());
    }

    private void xlsx(OutputStream out) throws IOException {
        try (Workbook workbook = new Workbook(out, "Promedio", "1.0")) {
            Worksheet sheet = workbook.newWorksheet("Table");
            for (int column = 0; column < table.fields().size(); column++) {
                sheet.value(0, column, table.fields().get(column).name());
            }
            for (int row = 0; row < table.rows(); row++) {
                for (int column = 0; column < table.fields().size(); column++) {
                    Field field = table.fields().get(column);
                    String cell = cell(field, row);
                    if (isNumber(field, row, cell) && fits(cell)) {
                        sheet.value(row + 1, column, new BigDecimal(cell));
                    } else if (!cell.isEmpty()) {
                        sheet.value(row + 1, column, cell);
                    }
                }
            }
        }
    }
}
