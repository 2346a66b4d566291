package promedio.files.table;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.json.JsonReadFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.Reader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.files.InputProblem;

/**
 * A list of objects or of lists in JSON, row by row: the whole text, the only such list inside an object, or objects one after another,
 * as where each line is one.
 */
final class JsonRows {
    /** So many objects are looked at for the names of their fields before any is handed out. */
    private static final int ENOUGH = 20_000;
    /** Objects with more names than these are a table only where it has not too many cells. */
    private static final int MOST_FIELDS = 500;

    private static final long MOST_CELLS = 4_000_000;

    private static final int DEEPEST = 8;
    private static final int MOST_LISTED = 4;

    private final String source;
    private final Text text;

    /** Where the text is read from its beginning, as often as needed. */
    interface Text {
        /** Opens it. */
        Reader open() throws IOException;
    }

    JsonRows(String source, Text text) {
        this.source = source;
        this.text = text;
    }

    private JsonParser parser() throws IOException {
        // NaN is no number of JSON; as a cell it is a word that people are told of.
        JsonFactory factory = JsonFactory.builder()
                .enable(JsonReadFeature.ALLOW_NON_NUMERIC_NUMBERS)
                .build();
        return new ObjectMapper(factory).getFactory().createParser(text.open());
    }

    /** Hands out the rows; the names of fields are the first of them, on line 0. */
    void give(RowTaker rows) throws InputProblem, IOException {
        List<String> path = List.of();
        try (JsonParser json = parser()) {
            JsonToken first = json.nextToken();
            if (first == JsonToken.START_OBJECT) {
                List<List<String>> lists = new ArrayList<>();
                look(json, new ArrayList<>(), lists);
                boolean alone = next(json) == null;
                if (!alone || lists.isEmpty()) {
                    give(json, rows, path);
                    return;
                }
                path = theOne(lists);
            } else if (first != JsonToken.START_ARRAY) {
                throw new InputProblem(Sentence.of("input.json", source));
            }
            give(json, rows, path);
        } catch (JsonProcessingException broken) {
            long line = broken.getLocation() == null ? 0 : broken.getLocation().getLineNr();
            throw new InputProblem(Sentence.of("input.json.broken", source, Long.toString(line)), broken);
        }
    }

    /** The next token; where it cannot be one, something else stands behind what was read. */
    private JsonToken next(JsonParser json) throws IOException, InputProblem {
        try {
            return json.nextToken();
        } catch (JsonProcessingException broken) {
            throw behind(json);
        }
    }

    private InputProblem behind(JsonParser json) {
        String line = Integer.toString(json.currentLocation().getLineNr());
        return new InputProblem(Sentence.of("input.json.behind", source, line));
    }

    private List<String> theOne(List<List<String>> lists) throws InputProblem {
        if (lists.size() == 1) {
            return lists.get(0);
        }
        String listed = lists.stream()
                .limit(MOST_LISTED)
                .map(path -> Visible.line(String.join(".", path)))
                .collect(Collectors.joining(", "));
        throw new InputProblem(
                Sentence.of("input.json.several", source, lists.size() > MOST_LISTED ? listed + ", …" : listed));
    }

    /** Where in an object lists of objects or of lists stand, by the names that lead there. */
    private void look(JsonParser json, List<String> path, List<List<String>> found) throws IOException {
        while (json.nextToken() == JsonToken.FIELD_NAME) {
            path.add(json.currentName());
            JsonToken value = json.nextToken();
            if (value == JsonToken.START_OBJECT && path.size() < DEEPEST) {
                look(json, path, found);
            } else if (value == JsonToken.START_ARRAY) {
                JsonToken item = json.nextToken();
                if (item == JsonToken.START_OBJECT || item == JsonToken.START_ARRAY) {
                    found.add(List.copyOf(path));
                    json.skipChildren();
                    item = json.nextToken();
                }
                for (; item != null && item != JsonToken.END_ARRAY; item = json.nextToken()) {
                    json.skipChildren();
                }
            } else {
                json.skipChildren();
            }
            path.remove(path.size() - 1);
        }
    }

    /** Hands out the list at the end of a path of names; the whole text where there is none. */
    private void give(JsonParser looked, RowTaker rows, List<String> path) throws IOException, InputProblem {
        looked.close();
        try (JsonParser json = parser()) {
            json.nextToken();
            for (String name : path) {
                json.nextToken();
                while (!json.currentName().equals(name)) {
                    json.nextToken();
                    json.skipChildren();
                    json.nextToken();
                }
                json.nextToken();
            }
            if (json.currentToken() == JsonToken.START_OBJECT) {
                objects(json, rows);
                return;
            }
            JsonToken first = json.nextToken();
            if (first == JsonToken.START_OBJECT) {
                objects(json, rows);
            } else {
                lists(json, rows);
            }
            if (path.isEmpty() && next(json) != null) {
                throw behind(json);
            }
        }
    }

    private void lists(JsonParser json, RowTaker rows) throws IOException, InputProblem {
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

    private void objects(JsonParser json, RowTaker rows) throws IOException, InputProblem {
        Map<String, Integer> fields = new LinkedHashMap<>();
        List<Map<String, String>> held = new ArrayList<>();
        boolean begun = false;
        long row = 0;
        for (JsonToken token = json.currentToken();
                token != null && token != JsonToken.END_ARRAY;
                token = json.nextToken()) {
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

    private static void begin(List<Map<String, String>> held, Map<String, Integer> fields, RowTaker rows)
            throws InputProblem {
        fields.keySet().forEach(rows::cell);
        rows.endRow(0);
        long row = 0;
        for (Map<String, String> object : held) {
            give(object, fields, rows, ++row);
        }
        held.clear();
    }

    private static void give(Map<String, String> object, Map<String, Integer> fields, RowTaker rows, long row)
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
