package promedio.files.answers;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import promedio.core.answers.MarkedAnswer;
import promedio.core.answers.MarkedSet;
import promedio.core.answers.QuestionNames;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.Task;
import promedio.core.marking.Told;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.files.AtomicFile;
import promedio.files.InputProblem;
import promedio.files.delimited.GuardedCsv;

/** Writes marked answers: CSV with a row for each answer, JSON as {@code mark} prints it, notes to the students as text. */
public final class MarksWriter {
    private static final List<String> HEADING = List.of(
            "who",
            "sample",
            "measure",
            "answer",
            "verdict",
            "expected",
            "slip",
            "and",
            "detail",
            "points",
            "of",
            "remarks");

    private final Assignment assignment;
    private final MarkedSet set;

    /** Writes the marks of an assignment. */
    public MarksWriter(Assignment assignment, MarkedSet set) {
        this.assignment = assignment;
        this.set = set;
    }

    /** Writes CSV. @return how many cells were guarded */
    public int csv(Path file) throws InputProblem {
        return GuardedCsv.write(
                file, Stream.concat(Stream.of(HEADING), set.all().stream().map(this::row)));
    }

    private List<String> row(MarkedAnswer one) {
        Told told = Told.of(one.verdict());
        String worth = Task.plain(set.worth(one.given().question()));
        List<String> row = new ArrayList<>(List.of(
                one.given().who(),
                sample(one),
                one.given().question().measure(),
                one.given().answer(),
                told.id(),
                String.join("; ", MarksJson.expected(one.outcome(), one.card(), one.dataPlaces()))));
        row.add(told.explanations().stream().findFirst().map(Told.Reason::slip).orElse(""));
        row.add(told.explanations().stream()
                .findFirst()
                .flatMap(Told.Reason::also)
                .orElse(""));
        row.add(sentences(one.mark().details()));
        row.add(one.isCredited() ? worth : "0");
        row.add(worth);
        row.add(sentences(one.given().remarks()));
        return row.stream().map(Visible::line).toList();
    }

    private String sample(MarkedAnswer one) {
        return assignment
                .sheet(one.given().question().sheetId())
                .map(SampleSheet::name)
                .orElse("");
    }

    private static String sentences(List<Sentence> sentences) {
        return sentences.stream().map(Sentence::toString).collect(Collectors.joining(" "));
    }

    /** Writes JSON. */
    public void json(Path file) throws InputProblem {
        ArrayNode list = new ObjectMapper().createArrayNode();
        for (MarkedAnswer one : set.all()) {
            ObjectNode node = MarksJson.answer(
                    one.given().who(),
                    one.given().question().measure(),
                    one.given().answer());
            list.add(MarksJson.mark(
                    node.put("sample", sample(one)), one.verdict(), one.outcome(), one.card(), one.dataPlaces()));
        }
        text(file, Visible.json(list.toPrettyString()));
    }

    /** Writes the notes to all students, one after another. */
    public void notes(Path file) throws InputProblem {
        QuestionNames names = new QuestionNames(assignment);
        text(
                file,
                set.students().stream()
                        .map(who -> set.note(who, names))
                        .collect(Collectors.joining("\n" + "-".repeat(60) + "\n\n")));
    }

    private static void text(Path file, String text) throws InputProblem {
        try {
            AtomicFile.write(file, out -> out.write(text.getBytes(StandardCharsets.UTF_8)));
        } catch (IOException problem) {
            throw AtomicFile.problem(file, problem);
        }
    }
}
