package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Link;
import promedio.core.assignment.Original;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.Task;
import promedio.core.course.CourseCard;
import promedio.core.ownwork.OwnSheet;
import promedio.core.tabulate.Tabulation;

/**
 * Edits as JSON, a line each in the journal. What stands there follows from the edit itself: the word for its kind, and its
 * components by their names; a new kind of edit needs nothing here.
 */
final class EditJson {
    private static final Map<String, Class<?>> KINDS =
            kinds(Edit.class).collect(Collectors.toMap(EditJson::word, Function.identity()));

    /** Reads a component out of an edit under its name; what it names of data tables is among some originals. */
    private interface Reading<T> {
        T of(JsonNode edit, String name, Originals originals);
    }

    /** How a component of some type is written, and read out of an edit under its name. */
    private record Part(Function<Object, Optional<JsonNode>> writing, Reading<?> reading) {
        static <T> Part of(Function<T, JsonNode> writing, Reading<T> reading) {
            return optional(value -> Optional.of(writing.apply(value)), reading);
        }

        @SuppressWarnings("unchecked") // A part is only asked for a component of its own type.
        static <T> Part optional(Function<T, Optional<JsonNode>> writing, Reading<T> reading) {
            return new Part(value -> writing.apply((T) value), reading);
        }
    }

    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final Map<String, Part> PARTS = parts();

    private static Map<String, Part> parts() {
        Map<String, Part> parts = new HashMap<>();
        parts.put("java.lang.String", Part.of(JSON::textNode, (edit, name, originals) -> edit.path(name)
                .asText()));
        parts.put("int", Part.<Integer>of(JSON::numberNode, (edit, name, originals) -> edit.path(name)
                .asInt()));
        parts.put("boolean", Part.of(JSON::booleanNode, (edit, name, originals) -> edit.path(name)
                .asBoolean()));
        parts.put(
                "java.util.List<java.lang.Integer>",
                Part.of(RowsJson::write, (edit, name, originals) -> readRows(edit)));
        parts.put(
                "java.util.List<java.util.List<java.lang.String>>",
                Part.of(EditJson::columns, (edit, name, originals) -> readColumns(edit.path(name))));
        parts.put(
                "java.util.List<java.lang.String>",
                Part.<List<String>>of(
                        WholeJson::texts, (edit, name, originals) -> WholeJson.readTexts(edit.path(name))));
        parts.put(
                "java.util.Set<java.lang.String>",
                Part.<Set<String>>of(
                        codes -> WholeJson.texts(new TreeSet<>(codes)),
                        (edit, name, originals) -> Set.copyOf(WholeJson.readTexts(edit.path(name)))));
        parts.put(
                CourseCard.class.getName(),
                Part.<CourseCard>of(WholeJson::write, (edit, name, originals) -> WholeJson.readCard(edit.path(name))));
        parts.put(
                SampleSheet.class.getName(),
                Part.<SampleSheet>of(
                        WholeJson::write, (edit, name, originals) -> WholeJson.readSheet(edit.path(name))));
        parts.put(
                DataTable.class.getName(),
                Part.of(TablesJson::write, (edit, name, originals) -> WholeJson.readTable(edit.path(name), originals)));
        parts.put(
                Original.class.getName(),
                Part.<Original>of(
                        TablesJson::write,
                        (edit, name, originals) -> WholeJson.readOriginal(edit.path(name), originals)));
        parts.put(
                SampleSheet.Variables.class.getName(),
                Part.<SampleSheet.Variables>of(
                        WholeJson::write, (edit, name, originals) -> WholeJson.readVariables(edit.path(name))));
        parts.put(
                Task.class.getName(),
                Part.of(TasksJson::write, (edit, name, originals) -> TasksJson.readTask(edit.path(name))));
        parts.put(
                OwnSheet.class.getName(),
                Part.of(OwnJson::write, (edit, name, originals) -> OwnJson.read(edit.path(name))));
        parts.put(
                Link.class.getName(),
                Part.of(TablesJson::write, (edit, name, originals) -> TablesJson.readLink(edit.path(name))));
        parts.put(
                "java.util.Optional<" + Tabulation.class.getName() + ">",
                Part.<Optional<Tabulation>>optional(
                        classes -> classes.map(AnswersJson::write),
                        (edit, name, originals) -> AnswersJson.readTabulation(edit.path(name))));
        parts.put(
                "java.util.List<" + Edit.class.getName() + ">",
                Part.of(EditJson::edits, (edit, name, originals) -> readEdits(edit.path(name), originals)));
        return parts;
    }

    private EditJson() {}

    /** All kinds of edits below one. */
    private static Stream<Class<?>> kinds(Class<?> some) {
        return some.isSealed()
                ? Arrays.stream(some.getPermittedSubclasses()).flatMap(EditJson::kinds)
                : Stream.of(some);
    }

    private static String word(Class<?> kind) {
        return kind.getAnnotation(Edit.Written.class).value();
    }

    private static Part part(RecordComponent component) {
        return PARTS.get(component.getGenericType().getTypeName());
    }

    private static String name(RecordComponent component) {
        return switch (component.getName()) {
            case "sheetId" -> "sample";
            case "tableId" -> "in";
            default -> component.getName();
        };
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
    static Edit readEdit(JsonNode node, Originals originals) {
        Class<?> kind = KINDS.get(node.path("edit").asText());
        if (kind == null) {
            throw new IllegalArgumentException("Unknown edit " + node.path("edit") + ".");
        }
        RecordComponent[] components = kind.getRecordComponents();
        Object[] parts = Arrays.stream(components)
                .map(component -> part(component).reading().of(node, name(component), originals))
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

    private static List<Edit> readEdits(JsonNode array, Originals originals) {
        List<Edit> edits = new ArrayList<>();
        array.forEach(one -> edits.add(readEdit(one, originals)));
        return edits;
    }

    /** Rows as runs; or a single run or row, as version 1 wrote them. */
    private static List<Integer> readRows(JsonNode node) {
        if (node.has("rows")) {
            return RowsJson.read(node.path("rows"));
        }
        return RowsJson.rows(List.of(
                node.path(node.has("row") ? "row" : "from").asInt(-1),
                node.path("count").asInt(1)));
    }
}
