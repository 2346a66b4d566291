package promedio.files.answers;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.stream.Stream;
import promedio.core.answers.Given;
import promedio.core.answers.QuestionNames;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Attempt;
import promedio.core.assignment.SampleSheet;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;
import promedio.files.table.ReadingOptions;
import promedio.files.table.Watch;

/**
 * The answers of many students to an assignment, from a table or from the assignments that they have saved.
 *
 * @param given the answers
 * @param told what could not be used, and why
 */
public record Collected(List<Given> given, List<Sentence> told) {
    private static final String SUFFIX = ".promedio";

    /** Copies the lists. */
    public Collected {
        given = List.copyOf(given);
        told = List.copyOf(told);
    }

    /**
     * From a table.
     *
     * @param usual the sample that is meant where the table does not say it
     */
    public static Collected ofTable(Path file, Assignment assignment, String usual) throws InputProblem {
        ReadingOptions options = ReadingOptions.GUESSED.withDecimalMark(
                Optional.of(assignment.card().numerals().decimalMark()));
        QuestionNames names = new QuestionNames(assignment);
        List<Given> given = new ArrayList<>();
        Map<String, Sentence> unknown = new LinkedHashMap<>();
        for (AnswerRows.Row row : AnswerRows.read(file.toString(), InputStream.nullInputStream(), options)) {
            Optional<Assignment.Question> question = names.find(row.sample(), row.measure(), usual);
            String called = row.sample().isEmpty() ? row.measure() : row.sample() + ": " + row.measure();
            if (question.isEmpty()) {
                unknown.putIfAbsent(called, Sentence.of("collected.unknown", called, Long.toString(row.line())));
            } else if (!row.answer().isEmpty()) {
                String who =
                        row.who().isEmpty() ? Sentence.of("collected.nobody").toString() : row.who();
                given.add(new Given(who, question.get(), row.answer(), row.places(), List.of()));
            }
        }
        return new Collected(given, List.copyOf(unknown.values()));
    }

    /** From the assignments in a folder, each of one student and called after the file. */
    public static Collected ofFolder(Path folder, Assignment assignment, Watch watch) throws InputProblem {
        List<Path> files;
        try (Stream<Path> all = Files.list(folder)) {
            files = all.filter(file -> file.getFileName().toString().endsWith(SUFFIX))
                    .sorted()
                    .toList();
        } catch (IOException unreadable) {
            throw new InputProblem(Sentence.of("input.no-file", folder));
        }
        if (files.isEmpty()) {
            throw new InputProblem(Sentence.of("collected.no-files", folder));
        }
        List<Given> given = new ArrayList<>();
        List<Sentence> told = new ArrayList<>();
        for (int i = 0; i < files.size() && !watch.isStopped(); i++) {
            watch.at(i, files.size());
            String name = files.get(i).getFileName().toString();
            try {
                Assignment theirs = StudentFile.read(files.get(i), watch);
                add(name.substring(0, name.length() - SUFFIX.length()), theirs, assignment, given, told);
            } catch (InputProblem problem) {
                told.add(problem.sentence());
            } catch (CancellationException stopped) {
                break;
            }
        }
        return new Collected(given, told);
    }

    private static void add(
            String who, Assignment theirs, Assignment assignment, List<Given> given, List<Sentence> told) {
        int before = given.size();
        theirs.answers().forEach((question, answer) -> theirs.sheet(question.sheetId())
                .flatMap(sheet -> ours(sheet, assignment))
                .ifPresent(ours -> given.add(new Given(
                        who,
                        new Assignment.Question(ours.id(), question.measure()),
                        answer,
                        Optional.empty(),
                        remarks(theirs, question, ours)))));
        if (given.size() == before) {
            told.add(Sentence.of(theirs.answers().isEmpty() ? "collected.no-answers" : "collected.other-samples", who));
        } else if (!theirs.card().equals(assignment.card())) {
            told.add(Sentence.of("collected.other-card", who));
        }
    }

    /** The same sample in the tutor’s assignment: of the same id and name, else of the same name. */
    static Optional<SampleSheet> ours(SampleSheet theirs, Assignment assignment) {
        return assignment
                .sheet(theirs.id())
                .filter(sheet -> sheet.name().equals(theirs.name()))
                .or(() -> assignment.sheets().stream()
                        .filter(sheet -> sheet.name().equals(theirs.name()))
                        .findFirst());
    }

    /** How an answer came about. */
    private static List<Sentence> remarks(Assignment theirs, Assignment.Question question, SampleSheet ours) {
        List<Sentence> remarks = new ArrayList<>();
        Attempt attempt = theirs.attempt(question);
        if (attempt.lifted()) {
            remarks.add(Sentence.of("given.lifted"));
        }
        int hints = attempt.allHints();
        if (hints > 0) {
            remarks.add(Sentence.of(hints == 1 ? "given.hint" : "given.hints", hints));
        }
        attempt.otherFirst().ifPresent(first -> remarks.add(Sentence.of("given.first", first)));
        boolean same = theirs.sheet(question.sheetId())
                .filter(sheet -> sheet.columns().equals(ours.columns()))
                .isPresent();
        if (!same) {
            remarks.add(Sentence.of("given.other-entries"));
        }
        return remarks;
    }
}
