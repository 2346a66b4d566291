package promedio.desktop.model.table;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Original;
import promedio.core.trail.Prepared;
import promedio.core.trail.Trail;
import promedio.core.vector.Vectors;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.text.Words;
import promedio.files.InputProblem;
import promedio.files.assignment.Originals;
import promedio.files.table.Delimiter;
import promedio.files.table.ReadingOptions;
import promedio.files.table.Watch;
import promedio.files.trail.ReadingLine;
import promedio.files.trail.TableWriter;
import promedio.files.trail.TrailFiles;

/** The steps of the chosen table in files and from them, and what they make: written, on the shelf, made of another file. */
public final class TrailFiling {
    private final Desk desk;
    private final Taking taking;
    private final TableTrail trail;

    /** The files of the trails of a desk. */
    public TrailFiling(Desk desk, Taking taking, TableTrail trail) {
        this.desk = desk;
        this.taking = taking;
        this.trail = trail;
    }

    /** Writes the trail to a file of its own, with how the file was read. */
    public void save(Path file) {
        desk.table().ifPresent(table -> {
            try {
                Trail steps = table.trail();
                Trail whole = steps.reading().isPresent()
                        ? steps
                        : new Trail(
                                ReadingLine.written(Originals.reading(table.original())),
                                steps.steps(),
                                steps.closing());
                TrailFiles.write(file, whole);
                desk.say(Words.of("trail.saved", file.getFileName()));
            } catch (InputProblem problem) {
                desk.say(Words.of(problem.sentence()));
            }
        });
    }

    /** Writes the table that is looked at to a file. */
    public void write(Path file) {
        TableTrail.Trodden now = trail.troddenProperty().get();
        if (now != null) {
            desk.inBackground(
                    Lane.WRITING,
                    () -> {
                        try {
                            TableWriter writer = new TableWriter(now.state(), Vectors.DIGITS);
                            writer.write(file);
                            String written =
                                    Words.of("trail.written", now.state().rows(), file.getFileName());
                            return writer.guarded() == 0
                                    ? written
                                    : written + " " + Words.of("message.csv.guarded", writer.guarded());
                        } catch (InputProblem problem) {
                            return Words.of(problem.sentence());
                        }
                    },
                    desk::say,
                    () -> {});
        }
    }

    /** Puts the table that is looked at on the shelf, as a table of its own of which samples can be taken. */
    public void toShelf() {
        TableTrail.Trodden now = trail.troddenProperty().get();
        if (now != null) {
            toShelf(now.state(), now.table(), List.of());
        }
    }

    /** The same with what further steps made of it; the new table knows from which steps it comes. */
    public void toShelf(Prepared made, DataTable of, List<String> further) {
        TableTrail.Trodden now = trail.troddenProperty().get();
        String name = Words.of("trail.prepared", of.name());
        List<String> steps = new ArrayList<>();
        int before = now == null || !further.isEmpty() ? of.trail().steps().size() : now.looked();
        of.trail().steps().stream().limit(before).filter(line -> !line.off()).forEach(line -> steps.add(line.text()));
        steps.addAll(further);
        Trail from =
                new Trail(Optional.empty(), List.of(), Words.of("trail.from", of.name(), String.join("\n", steps)));
        desk.inBackground(
                Lane.WRITING,
                () -> {
                    try {
                        Path folder = Files.createTempDirectory("promedio");
                        Path file = folder.resolve(name.replaceAll("[^\\p{L}\\p{N} .,_-]", "_") + ".csv");
                        try {
                            new TableWriter(made, Vectors.DIGITS, true).write(file);
                            ReadingOptions said = ReadingOptions.GUESSED
                                    .withHeading(Optional.of(true))
                                    .withDelimiter(Delimiter.find("comma"))
                                    .withDecimalMark(Optional.of('.'));
                            return new Kept(Optional.of(desk.originals().take(file, said, Watch.NOBODY)), "");
                        } finally {
                            Files.deleteIfExists(file);
                            Files.deleteIfExists(folder);
                        }
                    } catch (InputProblem problem) {
                        return new Kept(Optional.empty(), Words.of(problem.sentence()));
                    } catch (IOException problem) {
                        return new Kept(Optional.empty(), Words.of("trail.not-kept"));
                    }
                },
                kept -> {
                    desk.say(kept.why());
                    kept.original().ifPresent(original -> taking.add(name, original, from, Map.of()));
                },
                () -> {});
    }

    /** Takes the steps of a trail file instead of those of the table. */
    public void open(Path file) {
        try {
            trail.take(TrailFiles.read(file.toString()), file.toAbsolutePath().getParent());
        } catch (InputProblem problem) {
            desk.say(Words.of(problem.sentence()));
        }
    }

    /** Walks the same steps over another file, which becomes a table on the shelf; what does not fit is told in its margin. */
    public void runOn(Path file) {
        desk.table()
                .ifPresent(table -> desk.inBackground(
                        Lane.READING,
                        () -> {
                            try {
                                return new Kept(Optional.of(alike(file, table)), "");
                            } catch (InputProblem problem) {
                                return new Kept(Optional.empty(), Words.of(problem.sentence()));
                            }
                        },
                        kept -> {
                            desk.say(kept.why());
                            kept.original().ifPresent(original -> {
                                taking.add(nameOf(file), original, table.trail(), table.joined());
                                desk.say(Words.of("trail.ran", file.getFileName()));
                            });
                        },
                        () -> {}));
    }

    private record Kept(Optional<Original> original, String why) {}

    /**
     * Another file for the steps of a table, read as its trail says; where that says nothing, as the table was, or by itself where it
     * has more of the table's columns then.
     */
    private Original alike(Path file, DataTable table) throws InputProblem {
        Optional<String> line = table.trail().reading();
        if (line.isPresent()) {
            return desk.originals().take(file, ReadingLine.read(line.get()), Watch.NOBODY);
        }
        Original same = desk.originals().take(file, Originals.reading(table.original()), Watch.NOBODY);
        if (common(same, table) == table.all().columns().size()) {
            return same;
        }
        Original guessed = desk.originals().take(file, ReadingOptions.GUESSED, Watch.NOBODY);
        return common(guessed, table) > common(same, table) ? guessed : same;
    }

    /** How many of the columns of a table a file has. */
    private static long common(Original other, DataTable table) {
        return table.all().columns().stream()
                .filter(column -> other.read().table().indexOf(column.name()) >= 0)
                .count();
    }

    private static String nameOf(Path file) {
        String name = file.getFileName().toString();
        int dot = name.lastIndexOf('.');
        return dot > 0 ? name.substring(0, dot) : name;
    }
}
