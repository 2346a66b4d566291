package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Task;
import promedio.core.assignment.Tasks;
import promedio.core.course.CourseCard;

/** What a tutor has set as JSON, the same in the assignment file and in the journal. */
final class TasksJson {
    private TasksJson() {}

    static void write(Tasks tasks, ObjectNode to) {
        tasks.card().ifPresent(card -> to.set("setCard", WholeJson.write(card)));
        if (!tasks.all().isEmpty()) {
            ArrayNode array = to.putArray("questions");
            tasks.all().forEach(task -> array.add(write(task)));
        }
    }

    static Tasks read(JsonNode from) {
        List<Task> all = new ArrayList<>();
        Set<Assignment.Question> asked = new HashSet<>();
        for (JsonNode node : from.path("questions")) {
            Task task = readTask(node);
            if (asked.add(task.question())) {
                all.add(task);
            }
        }
        return new Tasks(
                Optional.of(from.path("setCard")).filter(JsonNode::isObject).map(TasksJson::card), all);
    }

    /** A card; what is not known of it stays as the standard card has it. */
    private static CourseCard card(JsonNode node) {
        CourseCard card = CourseCard.STANDARD;
        for (Map.Entry<String, JsonNode> rule : node.properties()) {
            card = card.withRule(rule.getKey(), rule.getValue().asText()).orElse(card);
        }
        return card;
    }

    static ObjectNode write(Task task) {
        ObjectNode node = JsonNodeFactory.instance
                .objectNode()
                .put("sample", task.question().sheetId())
                .put("measure", task.question().measure())
                .put("text", task.text());
        task.places().ifPresent(places -> node.put("places", places));
        task.points().ifPresent(points -> node.put("points", points.toPlainString()));
        task.tolerance().ifPresent(units -> node.put("tolerance", units));
        return node;
    }

    /** A question; what is written of it that cannot be is left open. */
    static Task readTask(JsonNode node) {
        Assignment.Question question = AnswersJson.readQuestion(node);
        try {
            return new Task(
                    question,
                    node.path("text").asText(),
                    number(node, "places"),
                    node.has("points")
                            ? Optional.of(new BigDecimal(node.path("points").asText()))
                            : Optional.empty(),
                    number(node, "tolerance"));
        } catch (IllegalArgumentException impossible) {
            Task open = Task.of(question);
            return new Task(question, node.path("text").asText(), open.places(), open.points(), open.tolerance());
        }
    }

    private static Optional<Integer> number(JsonNode node, String name) {
        return node.has(name) ? Optional.of(node.path(name).asInt()) : Optional.empty();
    }
}
