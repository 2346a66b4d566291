package promedio.files.table;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import promedio.files.InputProblem;

/** A file of any format as rows of texts, for whoever reads it strictly; the lines before its table are left out. */
public final class RowFile {
    private static final int ENOUGH_ROWS = 2_000;

    private final Source source;
    private final ReadingOptions options;
    private List<Preamble.Held> head;
    private long firstLine;

    private RowFile(Source source, ReadingOptions options) {
        this.source = source;
        this.options = options;
    }

    /**
     * A row.
     *
     * @param line the line on which it begins, or its number in a sheet, from 1
     * @param cells its cells
     */
    public record Row(long line, List<String> cells) {
        /** A cell without blanks at its ends; empty where there is none. */
        public String cell(int column) {
            return column < cells.size() ? cells.get(column).strip() : "";
        }

        /** Whether there is nothing in it. */
        public boolean isBlank() {
            return cells.size() <= 1 && cell(0).isEmpty();
        }
    }

    /** What is done with a row. */
    public interface Use {
        /** Does it. */
        void row(Row row) throws InputProblem;
    }

    /** A file, or standard input for {@code -}. @throws InputProblem when it is not there or may not be read */
    public static RowFile of(String name, InputStream standardInput, ReadingOptions options) throws InputProblem {
        return new RowFile(Source.of(name, standardInput, Watch.NOBODY), options);
    }

    /** A text as a file would have it. */
    public static RowFile ofText(String name, String text, ReadingOptions options) {
        return new RowFile(
                Source.of(name, text.getBytes(StandardCharsets.UTF_8)),
                options.withEncoding(Optional.of(StandardCharsets.UTF_8)));
    }

    /**
     * Hands out all rows from the first of the table on, one after another.
     *
     * @throws InputProblem when the file cannot be read, or who uses the rows will not have one
     */
    public void each(Use use) throws InputProblem {
        look();
        pass(row -> {
            if (row.line() >= firstLine) {
                use.row(row);
            }
        });
    }

    /** Looks at the first rows to find where the table begins. */
    private void look() throws InputProblem {
        if (head != null) {
            return;
        }
        List<Preamble.Held> rows = new ArrayList<>();
        try {
            pass(row -> {
                rows.add(new Preamble.Held(row.line(), row.cells()));
                if (rows.size() >= ENOUGH_ROWS) {
                    throw new Gatherer.Enough();
                }
            });
        } catch (Gatherer.Enough enough) {
            // These rows show where the table begins.
        }
        head = rows;
        OptionalInt skip = options.skip();
        // In a single column blank lines are missing values, and words among the numbers are faults.
        int first = skip.isEmpty() && Preamble.usualWidth(rows) <= 1 ? 0 : Preamble.first(rows, skip);
        firstLine = first < rows.size() ? rows.get(first).line() : rows.isEmpty() ? 0 : Long.MAX_VALUE;
    }

    private void pass(Use use) throws InputProblem {
        Opened.with(source, options, file -> {
            for (int sheet : file.candidates()) {
                Passing passing = new Passing(use);
                file.give(sheet, passing);
                if (passing.some) {
                    return null;
                }
            }
            return null;
        });
    }

    /** Hands on rows as texts. */
    private static final class Passing implements RowTaker {
        private final Use use;
        private List<String> cells = new ArrayList<>();
        private boolean some;

        Passing(Use use) {
            this.use = use;
        }

        @Override
        public void cell(char[] text, int from, int length) {
            cells.add(new String(text, from, length));
            some |= length > 0;
        }

        @Override
        public void endRow(long line) throws InputProblem {
            Row row = new Row(line, cells);
            cells = new ArrayList<>();
            use.row(row);
        }
    }
}
