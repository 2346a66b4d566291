package promedio.desktop.command;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;

/**
 * What a command printed.
 *
 * @param status its exit status
 */
record CommandRun(int status, String out, String err) {
    /** The status where a window would have been opened. */
    static final int OPENED = 42;

    /** Runs a command with a text as its standard input. */
    static CommandRun of(String input, String... arguments) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int status = Commands.run(
                arguments,
                new ByteArrayInputStream(input.getBytes(StandardCharsets.UTF_8)),
                new PrintWriter(out),
                new PrintWriter(err),
                (file, demo) -> OPENED);
        return new CommandRun(status, out.toString(), err.toString());
    }

    /** What it printed as JSON. */
    JsonNode json() throws JsonProcessingException {
        return new ObjectMapper().readTree(out);
    }
}
