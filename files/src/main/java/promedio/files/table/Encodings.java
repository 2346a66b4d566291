package promedio.files.table;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.Charset;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CoderResult;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;

/** Tells how the characters of a text file are encoded. */
final class Encodings {
    private static final int HEAD = 4096;
    private static final int BLOCK = 1 << 16;
    private static final int FIRST_BLOCKS = 32;
    private static final Charset WINDOWS = Charset.forName("windows-1252");

    private Encodings() {}

    /** A byte order mark; else UTF-16 when every second byte is mostly 0; else UTF-8 where it is valid; else windows-1252. */
    static Charset of(Source source) throws IOException {
        byte[] head = source.head(HEAD);
        if (begins(head, 0xef, 0xbb, 0xbf)) {
            return StandardCharsets.UTF_8;
        }
        if (begins(head, 0xff, 0xfe)) {
            return StandardCharsets.UTF_16LE;
        }
        if (begins(head, 0xfe, 0xff)) {
            return StandardCharsets.UTF_16BE;
        }
        int pairs = head.length / 2;
        if (pairs > 0 && zeros(head, 1) * 4 > pairs * 3 && zeros(head, 0) * 4 < pairs) {
            return StandardCharsets.UTF_16LE;
        }
        if (pairs > 0 && zeros(head, 0) * 4 > pairs * 3 && zeros(head, 1) * 4 < pairs) {
            return StandardCharsets.UTF_16BE;
        }
        return isUtf8(source) ? StandardCharsets.UTF_8 : WINDOWS;
    }

    private static boolean begins(byte[] head, int... mark) {
        for (int i = 0; i < mark.length; i++) {
            if (i >= head.length || (head[i] & 0xff) != mark[i]) {
                return false;
            }
        }
        return true;
    }

    private static int zeros(byte[] head, int from) {
        int zeros = 0;
        for (int i = from; i < head.length; i += 2) {
            zeros += head[i] == 0 ? 1 : 0;
        }
        return zeros;
    }

    private static boolean isUtf8(Source source) throws IOException {
        CharsetDecoder decoder = StandardCharsets.UTF_8
                .newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT);
        byte[] block = new byte[BLOCK];
        CharBuffer characters = CharBuffer.allocate(BLOCK);
        int kept = 0;
        int blocks = 0;
        try (InputStream in = source.openUnwatched()) {
            for (int read = in.read(block, kept, BLOCK - kept); read >= 0; read = in.read(block, kept, BLOCK - kept)) {
                if (source.isBeginning() && ++blocks > FIRST_BLOCKS) {
                    return true;
                }
                if (kept == 0 && isAscii(block, read)) {
                    continue;
                }
                ByteBuffer bytes = ByteBuffer.wrap(block, 0, kept + read);
                characters.clear();
                CoderResult result = decoder.decode(bytes, characters, false);
                if (result.isError()) {
                    return false;
                }
                kept = bytes.remaining();
                System.arraycopy(block, bytes.position(), block, 0, kept);
            }
        }
        characters.clear();
        return kept == 0
                || !decoder.decode(ByteBuffer.wrap(block, 0, kept), characters, true)
                        .isError();
    }

    private static boolean isAscii(byte[] block, int length) {
        for (int i = 0; i < length; i++) {
            if (block[i] < 0) {
                return false;
            }
        }
        return true;
    }
}
