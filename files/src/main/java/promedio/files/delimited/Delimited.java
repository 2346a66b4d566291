package promedio.files.delimited;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import promedio.core.assignment.Entries;
import promedio.core.assignment.Typing;
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

        private boolean isBlank() {
            return cells.size() <= 1 && cell(0).isEmpty();
        }
    }

    /** The rows with their line numbers; empty lines at the end are nothing, and nowhere where there are several columns. */
    static List<Row> rows(String source, String text, Numerals numerals) throws InputProblem {
        List<Row> rows = new ArrayList<>();
        boolean several = several(source, text, numerals);
        each(source, text, numerals, row -> {
            if (!several || !row.isBlank()) {
                rows.add(row);
            }
        });
        while (!rows.isEmpty() && rows.get(rows.size() - 1).isBlank()) {
            rows.remove(rows.size() - 1);
        }
        if (rows.isEmpty()) {
            throw nothing(source);
        }
        return rows;
    }

    /** The same as columns, without a row in between being kept. */
    static List<Entries> columns(String source, String text, Numerals numerals) throws InputProblem {
        Typing.ColumnsBuilder columns = new Typing.ColumnsBuilder();
        boolean several = several(source, text, numerals);
        long[] blank = {0};
        each(source, text, numerals, row -> {
            if (row.isBlank()) {
                blank[0]++;
                return;
            }
            for (; blank[0] > 0; blank[0]--) {
                if (!several) {
                    columns.add(List.of(""));
                }
            }
            columns.add(row.cells());
        });
        List<Entries> built = columns.build();
        if (built.isEmpty()) {
            throw nothing(source);
        }
        return built;
    }

    private static InputProblem nothing(String source) {
        return new InputProblem(source + ": it is empty; numbers are expected.");
    }

    /** Whether there are several columns. */
    private static boolean several(String source, String text, Numerals numerals) throws InputProblem {
        boolean[] several = {false};
        if (text.indexOf(separator(text, numerals)) >= 0) {
            each(source, text, numerals, row -> several[0] |= row.cells().size() > 1);
        }
        return several[0];
    }

    private static void each(String source, String text, Numerals numerals, Consumer<Row> use) throws InputProblem {
        long rows = 0;
        try (CsvReader<CsvRecord> reader = CsvReader.builder()
                .fieldSeparator(separator(text, numerals))
                .skipEmptyLines(false)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .ofCsvRecord(text)) {
            for (CsvRecord record : reader) {
                use.accept(new Row(record.getStartingLineNumber(), record.getFields()));
                rows++;
            }
        } catch (CsvParseException broken) {
            throw new InputProblem(
                    source + ": row " + (rows + 1)
                            + " cannot be taken apart: a quotation mark is left open, or there are too many or too long cells.",
                    broken);
        } catch (java.io.IOException broken) {
            throw new InputProblem(source + ": it could not be read.", broken);
        }
    }

    /** A tab where there is one, else a semicolon, else a comma unless that is the decimal mark. */
    private static char separator(String text, Numerals numerals) {
        if (text.indexOf('\t') >= 0) {
            return '\t';
        }
        return text.indexOf(';') >= 0 || numerals.decimalMark() == ',' ? ';' : ',';
    }
}
