package promedio.files.trail;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.HashMap;
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

    /** The tables that a trail names, by their paths from its folder; each is read once. */
    public static Sources beside(Path folder) {
        Map<String, Table> known = new HashMap<>();
        return (name, key) -> {
            try {
                Table table = known.get(name);
                if (table == null) {
                    Path file = folder.resolve(name);
                    table = TableFiles.read(file, name, ReadingOptions.GUESSED, Watch.NOBODY)
                            .table();
                    if (Scope.find(Prepared.of(table).names(), key).isEmpty()) {
                        ReadingOptions headed = ReadingOptions.GUESSED.withHeading(Optional.of(true));
                        table = TableFiles.read(file, name, headed, Watch.NOBODY)
                                .table();
                    }
                    known.put(name, table);
                }
                return table;
            } catch (InputProblem problem) {
                throw new Sources.NotRead(problem.sentence());
            } catch (InvalidPathException none) {
                throw new Sources.NotRead(Sentence.of("step.no-sources", name));
            }
        };
    }
}
