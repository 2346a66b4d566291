package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import promedio.core.jotter.Jotting;

/** What was asked in the jotter as JSON, the same in the assignment file and in the journal. */
final class JotterJson {
    private JotterJson() {}

    static void write(List<Jotting> lines, ObjectNode to) {
        if (!lines.isEmpty()) {
            ArrayNode array = to.putArray("jotter");
            lines.forEach(line -> array.addObject()
                    .put("asked", line.asked())
                    .put("result", line.result())
                    .put("exact", line.exact())
                    .put("approximate", line.approximate()));
        }
    }

    static List<Jotting> read(JsonNode from) {
        List<Jotting> lines = new ArrayList<>();
        from.path("jotter")
                .forEach(line -> lines.add(new Jotting(
                        line.path("asked").asText(),
                        line.path("result").asText(),
                        line.path("exact").asText(),
                        line.path("approximate").asBoolean())));
        return lines;
    }
}
