package promedio.files.delimited;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.assignment.Entries;
import promedio.core.assignment.EntryColumns;
import promedio.core.number.Numerals;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;

/** Delimited text as rows of cells. */
final class Delimited {
    private static final Pattern AT_LINE = Pattern.compile("(.*?) \\((?:in )?record starting at line ([0-9]+)\\)");
    private static final Pattern AFTER_QUOTE = Pattern.compile("Unexpected character after closing quote: ('.*').*");

    private Delimited() {}

    /** A row, and the line on which it begins, counted from 1. */
    record Row(long line, List<String> cells) {
        String cell(int column) {
            return column < cells.size() ? cells.get(column).strip() : "";
        }

        boolean isBlank() {
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
        EntryColumns columns = new EntryColumns();
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
            if (!columns.add(row.cells())) {
                throw new InputProblem(Sentence.of(
                        "input.cells",
                        source,
                        Long.toString(row.line()),
                        Integer.toString(row.cells().size())));
            }
        });
        List<Entries> built = columns.build();
        if (built.isEmpty()) {
            throw nothing(source);
        }
        return built;
    }

    static InputProblem nothing(String source) {
        return new InputProblem(Sentence.of("input.empty", source));
    }

    /** Whether there are several columns. */
    private static boolean several(String source, String text, Numerals numerals) throws InputProblem {
        boolean[] several = {false};
        if (text.indexOf(separator(text, numerals)) >= 0) {
            each(source, text, numerals, row -> several[0] |= row.cells().size() > 1);
        }
        return several[0];
    }

    /** Reads row by row, so that no row need be kept. */
    static void each(String source, String text, Numerals numerals, Use use) throws InputProblem {
        try (CsvReader<CsvRecord> reader = CsvReader.builder()
                .fieldSeparator(separator(text, numerals))
                .skipEmptyLines(false)
                .allowUnclosedQuote(false)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .ofCsvRecord(text)) {
            for (CsvRecord record : reader) {
                use.row(new Row(record.getStartingLineNumber(), record.getFields()));
            }
        } catch (CsvParseException broken) {
            throw new InputProblem(broken(source, broken.getMessage()), broken);
        } catch (IOException broken) {
            throw new InputProblem(Sentence.of("input.unreadable", source), broken);
        }
    }

    /** What is done with a row. */
    interface Use {
        void row(Row row) throws InputProblem;
    }

    /** What the CSV library says is wrong, with the line in front. */
    private static Sentence broken(String source, String said) {
        Matcher line = AT_LINE.matcher(said);
        if (!line.matches()) {
            return Sentence.of("input.broken", source, said);
        }
        Matcher character = AFTER_QUOTE.matcher(line.group(1));
        if (line.group(1).startsWith("Unclosed quoted field")) {
            return Sentence.of("input.broken.open-quote", source, line.group(2));
        }
        return character.matches()
                ? Sentence.of("input.broken.after-quote", source, line.group(2), character.group(1))
                : Sentence.of("input.broken.row", source, line.group(2), line.group(1));
    }

    /** A tab where there is one, else a semicolon, else a comma unless that is the decimal mark; within quotes there is none. */
    private static char separator(String text, Numerals numerals) {
        boolean quoted = false;
        boolean semicolon = false;
        for (int i = 0; i < text.length(); i++) {
            char character = text.charAt(i);
            if (character == '"') {
                quoted = !quoted;
            } else if (!quoted && character == '\t') {
                return '\t';
            } else {
                semicolon |= !quoted && character == ';';
            }
        }
        return semicolon || numerals.decimalMark() == ',' ? ';' : ',';
    }
}
