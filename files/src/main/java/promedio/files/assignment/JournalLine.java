package promedio.files.assignment;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.ObjectWriter;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import java.util.zip.CRC32;
import java.util.zip.CheckedOutputStream;

/**
 * A line of a journal: JSON, a tab, and a check over this line and all before it, so that a line that was changed, doubled or
 * taken out is noticed.
 */
final class JournalLine {
    private static final ObjectMapper JSON = new ObjectMapper().enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);
    private static final ObjectWriter LINE = JSON.writer().without(JsonGenerator.Feature.AUTO_CLOSE_TARGET);
    private static final int CHECK_DIGITS = 8;
    private static final char BYTE_ORDER_MARK = '\ufeff';

    private JournalLine() {}

    static ObjectNode empty() {
        return JSON.createObjectNode();
    }

    /** Writes a line behind one with a check, and returns its own. */
    static long write(ObjectNode line, long before, OutputStream out) throws IOException {
        CRC32 check = begin(before);
        CheckedOutputStream checked = new CheckedOutputStream(out, check);
        LINE.writeValue(checked, line);
        out.write(("\t" + text(check.getValue()) + "\n").getBytes(StandardCharsets.US_ASCII));
        return check.getValue();
    }

    private static CRC32 begin(long before) {
        CRC32 check = new CRC32();
        check.update(text(before).getBytes(StandardCharsets.US_ASCII));
        return check;
    }

    private static String text(long check) {
        return String.format("%08x", check);
    }

    /** A line as it was read: what it says, and its check. */
    record Read(JsonNode json, long check) {}

    /** Reads a line without a check, as version 1 wrote them; empty when it is not one. */
    static Optional<JsonNode> plain(byte[] line) {
        String text = new String(line, StandardCharsets.UTF_8).strip();
        if (!text.isEmpty() && text.charAt(0) == BYTE_ORDER_MARK) {
            text = text.substring(1);
        }
        try {
            return Optional.ofNullable(JSON.readTree(text)).filter(JsonNode::isObject);
        } catch (JsonProcessingException damaged) {
            return Optional.empty();
        }
    }

    /** Reads a line that stands behind one with a check; empty when it is not whole, or does not belong there. */
    static Optional<Read> checked(byte[] line, long before) {
        int tab = line.length - CHECK_DIGITS - 1;
        if (tab < 0 || line[tab] != '\t') {
            return Optional.empty();
        }
        CRC32 check = begin(before);
        check.update(line, 0, tab);
        String written = new String(line, tab + 1, CHECK_DIGITS, StandardCharsets.US_ASCII);
        return written.equals(text(check.getValue()))
                ? plain(Arrays.copyOf(line, tab)).map(json -> new Read(json, check.getValue()))
                : Optional.empty();
    }
}
