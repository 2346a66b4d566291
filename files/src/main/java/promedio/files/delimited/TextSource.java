package promedio.files.delimited;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;

/** A file or standard input as strict UTF-8 text. */
public final class TextSource {
    private TextSource() {}

    /**
     * Reads a file, or standard input for {@code -}.
     *
     * @throws InputProblem when it is not there, is a folder, may not be read, or is not UTF-8 text
     */
    public static String read(String name, InputStream standardInput) throws InputProblem {
        try {
            byte[] bytes = name.equals("-") ? standardInput.readAllBytes() : bytes(name);
            return text(name, bytes);
        } catch (NoSuchFileException missing) {
            throw new InputProblem(Sentence.of("input.no-file", name), missing);
        } catch (AccessDeniedException denied) {
            throw new InputProblem(Sentence.of("input.denied", name), denied);
        } catch (IOException | InvalidPathException | OutOfMemoryError other) {
            throw new InputProblem(Sentence.of("input.unreadable", name), other);
        }
    }

    private static byte[] bytes(String name) throws IOException, InputProblem {
        Path path = Path.of(name);
        if (Files.isDirectory(path)) {
            throw new InputProblem(Sentence.of("input.folder", name));
        }
        return Files.readAllBytes(path);
    }

    private static String text(String name, byte[] bytes) throws InputProblem {
        boolean plain = true;
        for (int i = 0; i < bytes.length; i++) {
            plain &= bytes[i] >= 0;
            if (bytes[i] == 0) {
                throw new InputProblem(Sentence.of("input.nul", name, Integer.toString(i + 1)));
            }
        }
        try {
            String text = plain
                    ? new String(bytes, StandardCharsets.US_ASCII)
                    : StandardCharsets.UTF_8
                            .newDecoder()
                            .onMalformedInput(CodingErrorAction.REPORT)
                            .decode(ByteBuffer.wrap(bytes))
                            .toString();
            return text.startsWith("\ufeff") ? text.substring(1) : text;
        } catch (CharacterCodingException broken) {
            throw new InputProblem(Sentence.of("input.not-utf-8", name), broken);
        }
    }
}
