package promedio.desktop.command;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import promedio.core.document.Block;
import promedio.core.document.Document;
import promedio.core.document.Phrase;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.number.Figure;
import promedio.core.number.SignificantText;
import promedio.core.report.GivenReport;
import promedio.core.sentence.Sentence;
import promedio.files.document.ConsoleText;

/** What follows from a question of a kind, in JSON and in words. Definitions for questions, section 19. */
final class KindAnswer {
    private static final int DIGITS = 15;

    private final String kind;
    private final Map<String, List<String>> given = new LinkedHashMap<>();
    private final Map<String, List<String>> results = new LinkedHashMap<>();
    private final Map<String, Sentence> undefined = new LinkedHashMap<>();
    private final List<String> several = new ArrayList<>();
    private final List<String> lines = new ArrayList<>();
    private final List<String> checks = new ArrayList<>();
    private final ObjectNode more = new ObjectMapper().createObjectNode();

    KindAnswer(String kind) {
        this.kind = kind;
    }

    /** Something that is given; what is given more than once is a list. */
    void given(String name, String value) {
        given.computeIfAbsent(name, key -> new ArrayList<>()).add(value);
    }

    /** Everything that a report found. */
    void add(GivenReport report) {
        report.names().forEach(name -> add(name, report.outcomes().get(name)));
        report.lines().forEach(this::line);
        report.checks().forEach(check -> checks.add(check.text()));
    }

    void add(String name, Outcome outcome) {
        if (outcome.whyUndefined().isPresent()) {
            undefined.put(name, outcome.whyUndefined().get());
        } else {
            results.put(
                    name, outcome.figures().stream().map(KindAnswer::written).toList());
            if (outcome instanceof Outcome.Several) {
                several.add(name);
            }
        }
    }

    /** A result that is no figure. */
    void add(String name, List<String> words) {
        results.put(name, List.copyOf(words));
    }

    void line(Notation line) {
        if (!lines.contains(line.text())) {
            lines.add(line.text());
        }
    }

    void check(Notation check) {
        checks.add(check.text());
    }

    /** What only some kinds have. */
    ObjectNode more() {
        return more;
    }

    static String written(Figure figure) {
        return SignificantText.of(figure, DIGITS);
    }

    String json() {
        ObjectNode object = new ObjectMapper().createObjectNode();
        object.put("kind", kind);
        ObjectNode givens = object.putObject("given");
        given.forEach((name, values) -> put(givens, name, values, false));
        ObjectNode found = object.putObject("results");
        results.forEach((name, values) -> put(found, name, values, several.contains(name)));
        ObjectNode without = object.putObject("undefined");
        undefined.forEach((name, why) -> without.put(name, why.toString()));
        ArrayNode all = object.putArray("lines");
        lines.forEach(all::add);
        if (!checks.isEmpty()) {
            object.put("check", String.join("; ", checks));
        }
        object.setAll(more);
        return object.toString();
    }

    private static void put(ObjectNode to, String name, List<String> values, boolean list) {
        if (values.size() == 1 && !list) {
            to.put(name, values.get(0));
        } else {
            ArrayNode all = to.putArray(name);
            values.forEach(all::add);
        }
    }

    String text() {
        List<Block> blocks = new ArrayList<>(List.of(new Block.Heading(1, Phrase.of(kind))));
        lines.forEach(line -> blocks.add(new Block.Paragraph(Phrase.of(line))));
        checks.forEach(check -> blocks.add(new Block.Paragraph(Phrase.of(Sentence.of("question.check", check)))));
        List<List<Phrase>> rows = new ArrayList<>();
        results.forEach((name, values) -> rows.add(List.of(Phrase.of(name), Phrase.of(String.join("; ", values)))));
        undefined.forEach(
                (name, why) -> rows.add(List.of(Phrase.of(name), Phrase.of(Sentence.of("solve.undefined", why)))));
        blocks.add(new Block.Table(Phrase.EMPTY, List.of(), rows, List.of()));
        return new ConsoleText(Sentence::toString).of(new Document(blocks));
    }
}
