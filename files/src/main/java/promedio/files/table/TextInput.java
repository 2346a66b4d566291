package promedio.files.table;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.PushbackReader;
import java.io.Reader;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;

/**
 * The text of a file.
 *
 * @param source the file
 * @param encoding how its characters are encoded
 */
record TextInput(Source source, Charset encoding) {
    private static final int SAMPLE = 1 << 18;
    private static final char MARK = '\ufeff';
    private static final int BUFFER = 1 << 16;

    static TextInput of(Source source, Optional<Charset> asked) throws IOException {
        return new TextInput(source, asked.isPresent() ? asked.get() : Encodings.of(source));
    }

    /** The characters from the beginning, without a byte order mark. */
    Reader open() throws IOException {
        return open(source.open());
    }

    private Reader open(InputStream bytes) throws IOException {
        boolean strict = encoding.equals(StandardCharsets.UTF_8);
        CodingErrorAction action = strict ? CodingErrorAction.REPORT : CodingErrorAction.REPLACE;
        Reader reader = new InputStreamReader(
                new BufferedInputStream(bytes, BUFFER),
                encoding.newDecoder().onMalformedInput(action).onUnmappableCharacter(action));
        PushbackReader marked = new PushbackReader(reader, 1);
        int first = marked.read();
        if (first >= 0 && first != MARK) {
            marked.unread(first);
        }
        return marked;
    }

    /** The beginning, up to the end of a line. */
    String sample() throws IOException, InputProblem {
        char[] characters = new char[SAMPLE];
        int length = 0;
        try (Reader reader = open(source.openUnwatched())) {
            for (int read = reader.read(characters);
                    read > 0 && length < SAMPLE;
                    read = reader.read(characters, length, SAMPLE - length)) {
                length += read;
            }
        } catch (CharacterCodingException wrong) {
            throw notSo(wrong);
        }
        String sample = new String(characters, 0, length);
        int end = sample.lastIndexOf('\n');
        int nul = sample.indexOf(0);
        if (nul >= 0) {
            throw new InputProblem(Sentence.of("input.nul", source.name(), Integer.toString(nul + 1)));
        }
        return length < SAMPLE || end < 0 ? sample : sample.substring(0, end + 1);
    }

    InputProblem notSo(CharacterCodingException wrong) {
        return new InputProblem(Sentence.of("input.not-encoded", source.name(), encoding.name()), wrong);
    }
}
