package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Attempts;
import promedio.core.assignment.Hints;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sentence.Visible;
import promedio.core.tabulate.Tabulation;

/** Answers and attempts as JSON, the same in the assignment file and in the journal. */
final class AnswersJson {
    private AnswersJson() {}

    static void write(Assignment assignment, ObjectNode to) {
        writeAnswers(assignment.answers(), to.putArray("answers"));
        Attempts attempts = assignment.attempts();
        if (attempts.equals(Attempts.OPEN)) {
            return;
        }
        ObjectNode node = to.putObject("attempts").put("first", attempts.first());
        ArrayNode lifted = node.putArray("lifted");
        attempts.lifted().forEach(question -> question(question, lifted));
        writeAnswers(attempts.firstAnswers(), node.putArray("firstAnswers"));
        Hints hints = attempts.hints();
        if (!hints.equals(Hints.OFF)) {
            ArrayNode taken = node.put("hints", hints.on()).putArray("hintsTaken");
            hints.taken().forEach((given, count) -> question(given.question(), taken)
                    .put("answer", given.answer())
                    .put("count", count));
        }
    }

    private static ObjectNode question(Assignment.Question question, ArrayNode to) {
        return to.addObject().put("sample", question.sheetId()).put("measure", question.measure());
    }

    private static void writeAnswers(Map<Assignment.Question, String> answers, ArrayNode to) {
        answers.forEach((question, text) -> question(question, to).put("answer", text));
    }

    static Map<Assignment.Question, String> readAnswers(JsonNode from) {
        return readAll(from.path("answers"));
    }

    static Attempts readAttempts(JsonNode from) {
        JsonNode node = from.path("attempts");
        Set<Assignment.Question> lifted = new LinkedHashSet<>();
        node.path("lifted").forEach(question -> lifted.add(readQuestion(question)));
        Map<Hints.Given, Integer> taken = new LinkedHashMap<>();
        node.path("hintsTaken")
                .forEach(one -> taken.putIfAbsent(
                        new Hints.Given(
                                readQuestion(one),
                                Visible.encodable(one.path("answer").asText())),
                        Math.max(0, Math.min(Hints.LAST, one.path("count").asInt()))));
        return new Attempts(
                node.path("first").asBoolean(),
                lifted,
                readAll(node.path("firstAnswers")),
                new Hints(node.path("hints").asBoolean(), taken));
    }

    private static Map<Assignment.Question, String> readAll(JsonNode array) {
        Map<Assignment.Question, String> answers = new LinkedHashMap<>();
        array.forEach(answer -> answers.putIfAbsent(
                readQuestion(answer), Visible.encodable(answer.path("answer").asText())));
        return answers;
    }

    static Assignment.Question readQuestion(JsonNode node) {
        return new Assignment.Question(
                Visible.encodable(node.path("sample").asText()),
                Visible.encodable(node.path("measure").asText()));
    }

    /** The classes that a list is put into. */
    static ObjectNode write(Tabulation tabulation) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        ArrayNode edges = node.put("inclusive", tabulation.inclusive()).putArray("edges");
        tabulation.edges().forEach(edge -> edges.add(edge.toString()));
        return node;
    }

    /** The classes that a list is put into; empty where there are none, or no good ones. */
    static Optional<Tabulation> readTabulation(JsonNode node) {
        if (node.path("edges").isEmpty()) {
            return Optional.empty();
        }
        try {
            List<Exact> edges = new ArrayList<>();
            for (JsonNode edge : node.path("edges")) {
                edges.add(Numerals.POINT
                        .read(edge.asText())
                        .orElseThrow(IllegalArgumentException::new)
                        .exact());
            }
            return Optional.of(new Tabulation(edges, node.path("inclusive").asBoolean()));
        } catch (IllegalArgumentException unordered) {
            return Optional.empty();
        }
    }
}
