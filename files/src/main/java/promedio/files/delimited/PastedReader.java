package promedio.files.delimited;

import java.io.InputStream;
import java.nio.file.Path;
import java.util.List;
import promedio.core.data.Entries;
import promedio.core.number.Numerals;
import promedio.core.pasted.Pasted;
import promedio.core.pasted.Reading;
import promedio.files.InputProblem;

/** Reads a text file as if it were pasted; cells that its delimiters part stay apart. */
public final class PastedReader {
    private PastedReader() {}

    /**
     * Reads a file.
     *
     * @return its readings, the likeliest first
     * @throws InputProblem when it cannot be read, is no text, or its quotation marks do not match
     */
    public static List<Reading> read(Path file, Numerals card) throws InputProblem {
        String source = "“" + file.getFileName() + "”";
        String text = TextSource.read(file.toString(), InputStream.nullInputStream());
        List<Entries> columns = Delimited.columns(source, text, card);
        return text.indexOf('"') < 0 && isWritten(columns, text, card)
                ? Pasted.read(text, card)
                : Pasted.ofColumns(columns, card);
    }

    private static boolean hasWords(Entries column, Numerals card) {
        return column.texts().stream()
                .skip(1)
                .anyMatch(cell -> !cell.isBlank() && card.read(cell).isEmpty());
    }

    /** Whether it is no delimited table: lines with several words, a single row, decimal commas. */
    private static boolean isWritten(List<Entries> columns, String text, Numerals card) {
        boolean lines = columns.size() == 1 && !columns.get(0).areDecimals(1) && hasWords(columns.get(0), card);
        boolean row = columns.size() > 1 && columns.get(0).size() == 1;
        boolean decimals = columns.size() > 1 && text.indexOf('\t') < 0 && text.indexOf(';') < 0;
        return lines || row || decimals && !Pasted.partsAtCommas(text, card);
    }
}
