package promedio.files.answers;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.stream.Stream;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.SampleSheet;
import promedio.core.ownwork.OwnSheet;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;
import promedio.files.table.RowFile;
import promedio.files.table.Watch;

/**
 * What a class worked by hand, from a folder: assignments that the students have saved, with their workings in them, or tables as they wrote them,
 * each called after its student.
 *
 * @param given the workings
 * @param told what could not be used, and why
 */
public record CollectedWorkings(List<GivenWorking> given, List<Sentence> told) {
    private static final String SUFFIX = ".promedio";
    private static final List<String> TABLES = List.of(".csv", ".tsv", ".txt", ".ods", ".xlsx", ".json", ".html");
    private static final long MOST_BYTES = 5L << 20;

    /** Copies the lists. */
    public CollectedWorkings {
        given = List.copyOf(given);
        told = List.copyOf(told);
    }

    /**
     * From a folder.
     *
     * @param usual the sample that tables are about
     * @throws InputProblem when there is no such folder, or nothing in it that could be a working
     */
    public static CollectedWorkings ofFolder(Path folder, Assignment assignment, String usual, Watch watch)
            throws InputProblem {
        List<Path> files;
        try (Stream<Path> all = Files.list(folder)) {
            files = all.filter(file -> ending(file).isPresent()).sorted().toList();
        } catch (IOException unreadable) {
            throw new InputProblem(Sentence.of("input.no-file", folder));
        }
        if (files.isEmpty()) {
            throw new InputProblem(Sentence.of("collected.no-workings", folder));
        }
        List<GivenWorking> given = new ArrayList<>();
        List<Sentence> told = new ArrayList<>();
        for (int i = 0; i < files.size() && !watch.isStopped(); i++) {
            watch.at(i, files.size());
            Path file = files.get(i);
            String ending = ending(file).orElseThrow();
            String name = file.getFileName().toString();
            String who = name.substring(0, name.length() - ending.length());
            try {
                if (ending.equals(SUFFIX)) {
                    add(who, StudentFile.read(file, watch), assignment, given, told);
                } else {
                    given.add(new GivenWorking(who, usual, table(file, assignment), Map.of()));
                }
            } catch (InputProblem problem) {
                told.add(problem.sentence());
            } catch (CancellationException stopped) {
                break;
            }
        }
        return new CollectedWorkings(given, told);
    }

    private static Optional<String> ending(Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        return Stream.concat(Stream.of(SUFFIX), TABLES.stream())
                .filter(name::endsWith)
                .findFirst();
    }

    private static OwnSheet table(Path file, Assignment assignment) throws InputProblem {
        String name = file.getFileName().toString();
        if (!Files.isRegularFile(file)) {
            throw new InputProblem(Sentence.of("input.no-file", name));
        }
        try {
            if (Files.size(file) > MOST_BYTES) {
                throw new InputProblem(Sentence.of("collected.too-large", name));
            }
        } catch (IOException unreadable) {
            throw new InputProblem(Sentence.of("input.no-file", name));
        }
        RowFile rows =
                RowFile.of(file.toString(), InputStream.nullInputStream(), WorkingTables.reading(assignment.card()));
        return OwnSheet.of(WorkingTables.read(rows, name), List.of());
    }

    private static void add(
            String who, Assignment theirs, Assignment assignment, List<GivenWorking> given, List<Sentence> told) {
        int before = given.size();
        theirs.workings().forEach((id, sheet) -> theirs.sheet(id)
                .flatMap(sample -> Collected.ours(sample, assignment))
                .map(SampleSheet::id)
                .ifPresent(ours -> given.add(new GivenWorking(who, ours, sheet, lines(theirs, id, sheet)))));
        if (given.size() == before) {
            told.add(
                    Sentence.of(theirs.workings().isEmpty() ? "collected.no-working" : "collected.other-samples", who));
        }
    }

    private static Map<String, String> lines(Assignment theirs, String id, OwnSheet sheet) {
        Map<String, String> lines = new LinkedHashMap<>();
        for (String line : sheet.lines()) {
            String answer = theirs.attempt(id, line).answer();
            if (!answer.isEmpty()) {
                lines.put(line, answer);
            }
        }
        return lines;
    }
}
