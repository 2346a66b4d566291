package promedio.files.delimited;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.util.ArrayList;
import java.util.List;
import promedio.core.number.Numerals;
import promedio.files.InputProblem;

/** Delimited text as rows of cells. */
final class Delimited {
    private Delimited() {}

    /** A row, and the line on which it begins, counted from 1. */
    record Row(long line, List<String> cells) {
        String cell(int column) {
            return column < cells.size() ? cells.get(column).strip() : "";
        }
    }

    /** The rows with their line numbers; empty lines at the end are nothing. */
    static List<Row> rows(String source, String text, Numerals numerals) throws InputProblem {
        char separator = separator(text, numerals);
        List<Row> rows = new ArrayList<>();
        try (CsvReader<CsvRecord> reader = CsvReader.builder()
                .fieldSeparator(separator)
                .skipEmptyLines(false)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .ofCsvRecord(text)) {
            for (CsvRecord record : reader) {
                rows.add(new Row(record.getStartingLineNumber(), record.getFields()));
            }
        } catch (CsvParseException broken) {
            throw new InputProblem(
                    source + ": row " + (rows.size() + 1)
                            + " cannot be taken apart: a quotation mark is left open, or there are too many or too long cells.",
                    broken);
        } catch (java.io.IOException broken) {
            throw new InputProblem(source + ": it could not be read.", broken);
        }
        while (!rows.isEmpty() && isBlank(rows.get(rows.size() - 1))) {
            rows.remove(rows.size() - 1);
        }
        if (rows.isEmpty()) {
            throw new InputProblem(source + ": it is empty; numbers are expected.");
        }
        boolean several = rows.stream().anyMatch(row -> row.cells().size() > 1);
        if (several) {
            rows.removeIf(Delimited::isBlank);
        }
        return rows;
    }

    private static boolean isBlank(Row row) {
        return row.cells().size() <= 1 && row.cell(0).isEmpty();
    }

    /** A tab where there is one, else a semicolon, else a comma unless that is the decimal mark. */
    private static char separator(String text, Numerals numerals) {
        if (text.indexOf('\t') >= 0) {
            return '\t';
        }
        return text.indexOf(';') >= 0 || numerals.decimalMark() == ',' ? ';' : ',';
    }
}
