package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;
import promedio.core.picture.Wishes;

/** What is said of pictures as JSON, the same in the assignment file and in the journal. */
final class PicturesJson {
    private PicturesJson() {}

    static void write(Map<String, Wishes> pictures, ObjectNode to) {
        if (!pictures.isEmpty()) {
            ObjectNode all = to.putObject("pictures");
            new TreeMap<>(pictures).forEach((id, wishes) -> {
                ObjectNode one = all.putObject(id);
                wishes.said().forEach(one::put);
            });
        }
    }

    static Map<String, Wishes> read(JsonNode from) {
        Map<String, Wishes> pictures = new LinkedHashMap<>();
        for (Map.Entry<String, JsonNode> one : from.path("pictures").properties()) {
            Map<String, String> said = new LinkedHashMap<>();
            for (Map.Entry<String, JsonNode> setting : one.getValue().properties()) {
                said.put(setting.getKey(), setting.getValue().asText());
            }
            pictures.put(one.getKey(), new Wishes(said));
        }
        return pictures;
    }
}
