package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import promedio.core.assignment.Edit;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.core.tabulate.Tabulation;

/**
 * Edits as JSON, a line each in the journal. What stands there follows from the edit itself: the word for its kind, and its
 * components by their names; a new kind of edit needs nothing here.
 */
final class EditJson {
    private static final Map<String, Class<?>> KINDS = Arrays.stream(Edit.class.getPermittedSubclasses())
            .collect(Collectors.toMap(EditJson::word, Function.identity()));

    /** How a component of some type is written, and read out of an edit under its name. */
    private record Part(Function<Object, Optional<JsonNode>> writing, BiFunction<JsonNode, String, Object> reading) {
        static <T> Part of(Function<T, JsonNode> writing, BiFunction<JsonNode, String, T> reading) {
            return optional(value -> Optional.of(writing.apply(value)), reading);
        }

        @SuppressWarnings("unchecked") // A part is only asked for a component of its own type.
        static <T> Part optional(Function<T, Optional<JsonNode>> writing, BiFunction<JsonNode, String, T> reading) {
            return new Part(value -> writing.apply((T) value), reading::apply);
        }
    }

    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final Map<String, Part> PARTS = Map.of(
            "java.lang.String",
            Part.of(JSON::textNode, (edit, name) -> edit.path(name).asText()),
            "int",
            Part.<Integer>of(JSON::numberNode, (edit, name) -> edit.path(name).asInt()),
            "boolean",
            Part.of(JSON::booleanNode, (edit, name) -> edit.path(name).asBoolean()),
            "java.util.List<java.lang.Integer>",
            Part.of(EditJson::rows, (edit, name) -> readRows(edit)),
            "java.util.List<java.util.List<java.lang.String>>",
            Part.of(EditJson::columns, (edit, name) -> readColumns(edit.path(name))),
            "java.util.Set<java.lang.String>",
            Part.<Set<String>>of(
                    codes -> WholeJson.texts(new TreeSet<>(codes)),
                    (edit, name) -> Set.copyOf(WholeJson.readTexts(edit.path(name)))),
            CourseCard.class.getName(),
            Part.of(WholeJson::write, (edit, name) -> WholeJson.readCard(edit.path(name))),
            SampleSheet.class.getName(),
            Part.of(WholeJson::write, (edit, name) -> WholeJson.readSheet(edit.path(name))),
            "java.util.Optional<" + Tabulation.class.getName() + ">",
            Part.<Optional<Tabulation>>optional(
                    classes -> classes.map(AnswersJson::write),
                    (edit, name) -> AnswersJson.readTabulation(edit.path(name))),
            "java.util.List<" + Edit.class.getName() + ">",
            Part.of(EditJson::edits, (edit, name) -> readEdits(edit.path(name))));

    private EditJson() {}

    private static String word(Class<?> kind) {
        return kind.getAnnotation(Edit.Written.class).value();
    }

    private static Part part(RecordComponent component) {
        return PARTS.get(component.getGenericType().getTypeName());
    }

    private static String name(RecordComponent component) {
        return component.getName().equals("sheetId") ? "sample" : component.getName();
    }

    static ObjectNode write(Edit edit) {
        ObjectNode node = JSON.objectNode().put("edit", word(edit.getClass()));
        try {
            for (RecordComponent component : edit.getClass().getRecordComponents()) {
                Object value = component.getAccessor().invoke(edit);
                part(component).writing().apply(value).ifPresent(written -> node.set(name(component), written));
            }
        } catch (IllegalAccessException | InvocationTargetException impossible) {
            throw new IllegalStateException("There is no way to write down " + edit + ".", impossible);
        }
        return node;
    }

    /** @throws IllegalArgumentException for an edit that this version does not know, or that says what cannot be */
    static Edit readEdit(JsonNode node) {
        Class<?> kind = KINDS.get(node.path("edit").asText());
        if (kind == null) {
            throw new IllegalArgumentException("Unknown edit " + node.path("edit") + ".");
        }
        RecordComponent[] components = kind.getRecordComponents();
        Object[] parts = Arrays.stream(components)
                .map(component -> part(component).reading().apply(node, name(component)))
                .toArray();
        try {
            Class<?>[] types =
                    Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
            return (Edit) kind.getDeclaredConstructor(types).newInstance(parts);
        } catch (InvocationTargetException refused) {
            throw new IllegalArgumentException("There is no such edit: " + node.path("edit") + ".", refused.getCause());
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException("There is no way to read " + kind + ".", impossible);
        }
    }

    private static ArrayNode columns(List<List<String>> columns) {
        ArrayNode array = JSON.arrayNode();
        columns.forEach(array::addPOJO);
        return array;
    }

    private static List<List<String>> readColumns(JsonNode array) {
        List<List<String>> columns = new ArrayList<>();
        array.forEach(column -> columns.add(WholeJson.readTexts(column)));
        return columns;
    }

    private static ArrayNode edits(List<Edit> edits) {
        ArrayNode array = JSON.arrayNode();
        edits.forEach(edit -> array.add(write(edit)));
        return array;
    }

    private static List<Edit> readEdits(JsonNode array) {
        List<Edit> edits = new ArrayList<>();
        array.forEach(one -> edits.add(readEdit(one)));
        return edits;
    }

    /** Rows, ascending, as runs of neighbours: from, count, from, count … */
    private static ArrayNode rows(List<Integer> rows) {
        ArrayNode runs = JSON.arrayNode();
        for (int begin = 0, end; begin < rows.size(); begin = end) {
            end = begin + 1;
            while (end < rows.size() && rows.get(end) == rows.get(end - 1) + 1) {
                end++;
            }
            runs.add(rows.get(begin)).add(end - begin);
        }
        return runs;
    }

    /** Rows as runs; or a single run or row, as version 1 wrote them. */
    private static List<Integer> readRows(JsonNode node) {
        List<Integer> runs = new ArrayList<>();
        if (node.has("rows")) {
            node.path("rows").forEach(number -> runs.add(number.asInt(-1)));
        } else {
            runs.add(node.path(node.has("row") ? "row" : "from").asInt(-1));
            runs.add(node.path("count").asInt(1));
        }
        List<Integer> rows = new ArrayList<>();
        for (int i = 0; i + 1 < runs.size(); i += 2) {
            int from = runs.get(i);
            int count = runs.get(i + 1);
            if (from < 0 || count < 0 || rows.size() + (long) count > Budget.MOST_ENTRIES) {
                throw new IllegalArgumentException("There are no such rows: " + runs + ".");
            }
            for (int row = from; row < from + count; row++) {
                rows.add(row);
            }
        }
        return rows;
    }
}
