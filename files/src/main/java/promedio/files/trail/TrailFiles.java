package promedio.files.trail;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.data.Table;
import promedio.core.language.Scope;
import promedio.core.sentence.Sentence;
import promedio.core.trail.Prepared;
import promedio.core.trail.Sources;
import promedio.core.trail.Trail;
import promedio.files.AtomicFile;
import promedio.files.InputProblem;
import promedio.files.delimited.TextSource;
import promedio.files.table.ReadingOptions;
import promedio.files.table.TableFiles;
import promedio.files.table.Watch;

/** Trails in files of their own, and the tables that they name. */
public final class TrailFiles {
    /** How the name of such a file ends. */
    public static final String ENDING = ".trail";

    /** How a table is read whose first row is a heading. */
    public static final ReadingOptions HEADED = ReadingOptions.GUESSED.withHeading(Optional.of(true));

    private TrailFiles() {}

    /** Reads a trail. @throws InputProblem when the file cannot be read, or holds none */
    public static Trail read(String name) throws InputProblem {
        try {
            return Trail.read(TextSource.read(name, InputStream.nullInputStream()));
        } catch (Trail.NoTrail problem) {
            throw new InputProblem(Sentence.of("trail.file", name, problem.sentence()));
        }
    }

    /** Writes a trail; the file is replaced as a whole or left as it was. @throws InputProblem when it cannot be written */
    public static void write(Path file, Trail trail) throws InputProblem {
        try {
            AtomicFile.write(file, out -> out.write(trail.written().getBytes(StandardCharsets.UTF_8)));
        } catch (IOException problem) {
            throw AtomicFile.problem(file, problem);
        }
    }

    /**
     * The tables that a trail names: handed over, else ordinary files in some folders or below them; each is read once.
     *
     * @param folders where to look, the first first
     * @param handed files that were handed over, whose names hold before any other
     */
    public static Sources in(List<Path> folders, List<Path> handed) {
        Map<String, Table> known = new HashMap<>();
        return (name, key) -> {
            try {
                Table table = known.get(name);
                if (table == null) {
                    Path file = named(name, handed)
                            .or(() -> ordinary(folders, name))
                            .orElseThrow(() -> new Sources.NotRead(Sentence.of("step.not-beside", name)));
                    table = read(file, name, key);
                    known.put(name, table);
                }
                return table;
            } catch (InputProblem problem) {
                throw new Sources.NotRead(problem.sentence());
            }
        };
    }

    /** A file that is joined by a key: its first row is a heading where only that gives a column of that name. */
    private static Table read(Path file, String name, String key) throws InputProblem {
        Table table = TableFiles.read(file, name, ReadingOptions.GUESSED, Watch.NOBODY)
                .table();
        return hasKey(table, key)
                ? table
                : TableFiles.read(file, name, HEADED, Watch.NOBODY).table();
    }

    /** Whether a table has a column by which it can be joined. */
    public static boolean hasKey(Table table, String key) {
        return Scope.find(Prepared.of(table).names(), key).isPresent();
    }

    private static Optional<Path> named(String name, List<Path> handed) {
        return handed.stream()
                .filter(file -> file.getFileName().toString().equals(name)
                        || file.toString().equals(name))
                .findFirst();
    }

    /** The ordinary file of a name in some folders, or below them; never above, elsewhere, or what a link leads to there. */
    public static Optional<Path> ordinary(List<Path> folders, String name) {
        return folders.stream().flatMap(folder -> within(folder, name).stream()).findFirst();
    }

    private static Optional<Path> within(Path folder, String name) {
        try {
            Path inside = folder.toRealPath();
            Path named = Path.of(name);
            Path file = inside.resolve(named).toRealPath();
            boolean ordinary = !named.isAbsolute() && file.startsWith(inside) && Files.isRegularFile(file);
            return ordinary ? Optional.of(file) : Optional.empty();
        } catch (IOException | InvalidPathException notHere) {
            return Optional.empty();
        }
    }
}
