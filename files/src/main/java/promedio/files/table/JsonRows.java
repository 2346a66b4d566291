package promedio.files.table;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.Reader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;

/** A list of objects or of lists in JSON, row by row. */
final class JsonRows {
    /** So many objects are looked at for the names of their fields before any is handed out. */
    private static final int ENOUGH = 20_000;
    /** Objects with more names than these are a table only where it has not too many cells. */
    private static final int MOST_FIELDS = 500;

    private static final long MOST_CELLS = 4_000_000;

    private final String source;

    JsonRows(String source) {
        this.source = source;
    }

    /** Hands out the rows; the names of fields are the first of them. */
    void give(Reader text, Rows rows) throws InputProblem, IOException {
        try (JsonParser json = new ObjectMapper(new JsonFactory()).getFactory().createParser(text)) {
            if (json.nextToken() != JsonToken.START_ARRAY) {
                throw new InputProblem(Sentence.of("input.json", source));
            }
            JsonToken first = json.nextToken();
            if (first == JsonToken.START_OBJECT) {
                objects(json, rows);
            } else {
                lists(json, rows);
            }
            if (json.nextToken() != null) {
                throw new InputProblem(Sentence.of(
                        "input.json.behind",
                        source,
                        Integer.toString(json.currentLocation().getLineNr())));
            }
        } catch (JsonProcessingException broken) {
            long line = broken.getLocation() == null ? 0 : broken.getLocation().getLineNr();
            throw new InputProblem(Sentence.of("input.json.broken", source, Long.toString(line)), broken);
        }
    }

    private void lists(JsonParser json, Rows rows) throws IOException, InputProblem {
        long row = 0;
        for (JsonToken token = json.currentToken(); token != JsonToken.END_ARRAY; token = json.nextToken()) {
            row++;
            if (token == null) {
                throw new InputProblem(Sentence.of("input.json.broken", source, Long.toString(row)));
            }
            if (token == JsonToken.START_ARRAY) {
                while (json.nextToken() != JsonToken.END_ARRAY) {
                    rows.cell(cell(json));
                }
            } else if (token == JsonToken.START_OBJECT) {
                throw new InputProblem(Sentence.of("input.json.mixed", source, Long.toString(row)));
            } else {
                rows.cell(cell(json));
            }
            rows.endRow(row);
        }
    }

    private void objects(JsonParser json, Rows rows) throws IOException, InputProblem {
        Map<String, Integer> fields = new LinkedHashMap<>();
        List<Map<String, String>> held = new ArrayList<>();
        boolean begun = false;
        long row = 0;
        for (JsonToken token = json.currentToken(); token != JsonToken.END_ARRAY; token = json.nextToken()) {
            row++;
            if (token != JsonToken.START_OBJECT) {
                throw new InputProblem(Sentence.of("input.json.mixed", source, Long.toString(row)));
            }
            Map<String, String> object = new HashMap<>();
            while (json.nextToken() == JsonToken.FIELD_NAME) {
                String name = json.currentName();
                json.nextToken();
                object.put(name, cell(json));
                boolean fresh = fields.putIfAbsent(name, fields.size()) == null;
                if (fresh && fields.size() > MOST_FIELDS && (long) fields.size() * row > MOST_CELLS) {
                    throw new InputProblem(Sentence.of(
                            "input.json.sparse", source, Long.toString(row), Integer.toString(fields.size())));
                }
                if (fresh && begun) {
                    throw new InputProblem(Sentence.of("input.json.field", source, Long.toString(row), name));
                }
            }
            if (begun) {
                give(object, fields, rows, row);
            } else {
                held.add(object);
                if (held.size() >= ENOUGH) {
                    begin(held, fields, rows);
                    begun = true;
                }
            }
        }
        if (!begun) {
            begin(held, fields, rows);
        }
    }

    private static void begin(List<Map<String, String>> held, Map<String, Integer> fields, Rows rows)
            throws InputProblem {
        fields.keySet().forEach(rows::cell);
        rows.endRow(0);
        long row = 0;
        for (Map<String, String> object : held) {
            give(object, fields, rows, ++row);
        }
        held.clear();
    }

    private static void give(Map<String, String> object, Map<String, Integer> fields, Rows rows, long row)
            throws InputProblem {
        for (String field : fields.keySet()) {
            rows.cell(object.getOrDefault(field, ""));
        }
        rows.endRow(row);
    }

    private static String cell(JsonParser json) throws IOException {
        return switch (json.currentToken()) {
            case VALUE_NULL -> "";
            case VALUE_TRUE -> "yes";
            case VALUE_FALSE -> "no";
            case START_ARRAY, START_OBJECT -> json.readValueAsTree().toString();
            default -> json.getText();
        };
    }
}
