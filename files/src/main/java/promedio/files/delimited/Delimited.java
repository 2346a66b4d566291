package promedio.files.delimited;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import promedio.core.data.Entries;
import promedio.core.data.EntryColumns;
import promedio.core.number.Numerals;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;
import promedio.files.table.Delimiter;
import promedio.files.table.ReadingOptions;
import promedio.files.table.RowFile;

/** A delimited text as columns, all of its lines. */
final class Delimited {
    private Delimited() {}

    /** A text whose every line is a row. */
    static RowFile rows(String source, String text, Numerals numerals) {
        ReadingOptions options =
                ReadingOptions.GUESSED.withSkip(OptionalInt.of(0)).withDecimalMark(Optional.of(numerals.decimalMark()));
        // Upright lines may as well part stems from leaves: that is for who reads pastes to tell.
        boolean upright = text.indexOf('|') >= 0 && text.indexOf('\t') < 0 && text.indexOf(';') < 0;
        return RowFile.ofText(source, text, upright ? options.withDelimiter(Optional.of(Delimiter.COMMA)) : options);
    }

    /** The columns, without a row in between being kept. */
    static List<Entries> columns(String source, String text, Numerals numerals) throws InputProblem {
        RowFile rows = rows(source, text, numerals);
        EntryColumns columns = new EntryColumns();
        boolean[] several = {false};
        rows.each(row -> several[0] |= row.cells().size() > 1);
        // Blank lines before the first row are nothing; those among the rows of a list are missing values.
        long[] blank = {0};
        boolean[] begun = {false};
        rows.each(row -> {
            if (row.isBlank()) {
                blank[0]++;
                return;
            }
            for (; blank[0] > 0; blank[0]--) {
                if (begun[0] && !several[0]) {
                    columns.add(List.of(""));
                }
            }
            begun[0] = true;
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
}
