package promedio.files.delimited;

import java.io.InputStream;
import java.nio.file.Path;
import java.util.List;
import promedio.core.assignment.Entries;
import promedio.core.assignment.Typing;
import promedio.core.number.Numerals;
import promedio.files.InputProblem;

/** Reads a text file as if it were pasted: every column a sample, whatever its cells hold. */
public final class TypingReader {
    private TypingReader() {}

    /**
     * Reads a file.
     *
     * @throws InputProblem when it cannot be read, is no text, or its quotation marks do not match
     */
    public static Typing read(Path file, Numerals numerals) throws InputProblem {
        String source = "“" + file.getFileName() + "”";
        String text = TextSource.read(file.toString(), InputStream.nullInputStream());
        List<Entries> columns = Delimited.columns(source, text, numerals);
        // A single column of more than plain numbers may be lines with several words, or a table written in them.
        boolean written = columns.size() == 1 && !columns.get(0).areDecimals(1) && text.indexOf('"') < 0;
        return written ? Typing.parse(text, numerals) : Typing.ofColumns(columns, numerals);
    }
}
