package promedio.files.delimited;

import java.io.InputStream;
import java.nio.file.Path;
import java.util.List;
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
        List<List<String>> rows = Delimited.rows(source, text, numerals).stream()
                .map(Delimited.Row::cells)
                .toList();
        boolean single = rows.stream().allMatch(row -> row.size() == 1);
        return single ? Typing.parse(text, numerals) : Typing.ofRows(rows, numerals);
    }
}
