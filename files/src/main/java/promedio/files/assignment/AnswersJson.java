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
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import promedio.core.assignment.Asking;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Attempt;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sentence.Visible;
import promedio.core.tabulate.Tabulation;

/** Answers and attempts as JSON, the same in the assignment file and in the journal. */
final class AnswersJson {
    private AnswersJson() {}

    static void write(Assignment assignment, ObjectNode to) {
        Map<Assignment.Question, Attempt> attempts = inOrder(assignment.attempts());
        writeAnswers(attempts, Attempt::answer, to.putArray("answers"));
        Asking asking = assignment.asking();
        boolean open = asking.equals(Asking.OPEN)
                && attempts.values().stream().allMatch(one -> one.equals(Attempt.of(one.answer())));
        if (open) {
            return;
        }
        ObjectNode node = to.putObject("attempts").put("first", asking.covered());
        ArrayNode lifted = node.putArray("lifted");
        attempts.forEach((question, attempt) -> {
            if (attempt.lifted()) {
                question(question, lifted);
            }
        });
        writeAnswers(attempts, Attempt::first, node.putArray("firstAnswers"));
        if (!asking.marksAtOnce()) {
            node.put("marksWhenAsked", true);
        }
        if (asking.hinting() || attempts.values().stream().anyMatch(one -> one.allHints() > 0)) {
            ArrayNode taken = node.put("hints", asking.hinting()).putArray("hintsTaken");
            attempts.forEach((question, attempt) -> attempt.hints()
                    .forEach((answer, count) ->
                            question(question, taken).put("answer", answer).put("count", count)));
        }
    }

    /** In the order in which they are read again, so that what is opened and saved stays as it was, list by list. */
    private static Map<Assignment.Question, Attempt> inOrder(Map<Assignment.Question, Attempt> attempts) {
        Map<Assignment.Question, Attempt> ordered = new LinkedHashMap<>();
        for (Predicate<Attempt> has : List.<Predicate<Attempt>>of(
                Attempt::isAnswered, one -> !one.first().isEmpty(), one -> one.allHints() > 0, one -> true)) {
            attempts.forEach((question, attempt) -> {
                if (has.test(attempt)) {
                    ordered.putIfAbsent(question, attempt);
                }
            });
        }
        return ordered;
    }

    private static ObjectNode question(Assignment.Question question, ArrayNode to) {
        return to.addObject().put("sample", question.sheetId()).put("measure", question.measure());
    }

    private static void writeAnswers(
            Map<Assignment.Question, Attempt> attempts, Function<Attempt, String> which, ArrayNode to) {
        attempts.forEach((question, attempt) -> {
            if (!which.apply(attempt).isEmpty()) {
                question(question, to).put("answer", which.apply(attempt));
            }
        });
    }

    static Asking readAsking(JsonNode from) {
        JsonNode node = from.path("attempts");
        return new Asking(
                node.path("first").asBoolean(),
                node.path("hints").asBoolean(),
                !node.path("marksWhenAsked").asBoolean());
    }

    /** @param known the question that one in the document is; of what is said twice, the first holds */
    static Map<Assignment.Question, Attempt> readAttempts(JsonNode from, UnaryOperator<Assignment.Question> known) {
        JsonNode attempts = from.path("attempts");
        Map<Assignment.Question, String> answers = readAnswers(from.path("answers"), known);
        Map<Assignment.Question, String> first = readAnswers(attempts.path("firstAnswers"), known);
        Map<Assignment.Question, Map<String, Integer>> hints = new LinkedHashMap<>();
        attempts.path("hintsTaken").forEach(one -> hints.computeIfAbsent(
                        known.apply(readQuestion(one)), question -> new LinkedHashMap<>())
                .putIfAbsent(one.path("answer").asText(), one.path("count").asInt()));
        Set<Assignment.Question> lifted = new LinkedHashSet<>();
        attempts.path("lifted").forEach(one -> lifted.add(known.apply(readQuestion(one))));
        Set<Assignment.Question> all = new LinkedHashSet<>(answers.keySet());
        all.addAll(first.keySet());
        all.addAll(hints.keySet());
        all.addAll(lifted);
        Map<Assignment.Question, Attempt> read = new LinkedHashMap<>();
        all.forEach(question -> read.put(
                question,
                new Attempt(
                        answers.getOrDefault(question, ""),
                        first.getOrDefault(question, ""),
                        lifted.contains(question),
                        hints.getOrDefault(question, Map.of()))));
        return read;
    }

    private static Map<Assignment.Question, String> readAnswers(
            JsonNode array, UnaryOperator<Assignment.Question> known) {
        Map<Assignment.Question, String> answers = new LinkedHashMap<>();
        array.forEach(answer -> answers.putIfAbsent(
                known.apply(readQuestion(answer)), answer.path("answer").asText()));
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
