package promedio.desktop.model.table;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Original;
import promedio.core.assignment.TableEdit;
import promedio.core.trail.Sources;
import promedio.core.trail.Step;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.FileStamp;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.text.Words;
import promedio.files.InputProblem;
import promedio.files.assignment.Originals;
import promedio.files.table.ReadingOptions;
import promedio.files.table.Watch;
import promedio.files.trail.TrailFiles;

/**
 * Tables that steps join: taken from a file where the person who writes the step is, or handed over, and kept with the assignment from
 * then on. No other file is looked for, whatever a step says that came with an assignment.
 */
public final class Joins {
    private final Desk desk;
    private final Map<Named, Taken> taken = new HashMap<>();
    private long laid;

    /** A file as the steps of a table name it. */
    private record Named(String tableId, String file) {}

    /** The file itself as it was when it was read, and the column by which it is joined. */
    private record Taken(Path path, FileStamp stamp, String key) {}

    /** A table that was read for a step; why it was not, where it was not. */
    record Found(Path path, FileStamp stamp, String key, Optional<Original> original, String why) {}

    Joins(Desk desk) {
        this.desk = desk;
    }

    /** Forgets what was read for another assignment; what is being read for it comes too late. */
    void forget() {
        laid++;
        taken.clear();
    }

    /** The number of the assignment that lies on the desk. */
    long laid() {
        return laid;
    }

    /** The files that some steps name and that are not kept with the table, with the columns by which they are joined. */
    static Map<String, String> wanted(DataTable table, List<String> texts) {
        Map<String, String> wanted = new LinkedHashMap<>();
        texts.forEach(text -> Step.Join.read(text)
                .filter(step -> !table.joined().containsKey(step.file()))
                .ifPresent(step -> wanted.put(step.file(), step.key().name())));
        return wanted;
    }

    /** Where the files lie that a person names: beside the file of the table, and beside the assignment. */
    List<Path> folders(DataTable table) {
        List<Path> folders = new ArrayList<>();
        Originals.folderOf(table.original()).ifPresent(folders::add);
        Optional.ofNullable(desk.saving().fileProperty().get())
                .map(file -> file.toAbsolutePath().getParent())
                .ifPresent(folders::add);
        return folders;
    }

    /** What a sentence is tried with: what is kept, else what lies where the person is. */
    Sources trying(DataTable table) {
        Sources kept = table.sources();
        Sources beside = TrailFiles.in(folders(table), List.of());
        return (file, key) -> table.joined().containsKey(file) ? kept.table(file, key) : beside.table(file, key);
    }

    /** Reads files that lie in some folders or below. May take a moment. */
    Map<String, Found> found(Map<String, String> wanted, List<Path> folders) {
        Map<String, Found> found = new LinkedHashMap<>();
        wanted.forEach(
                (file, key) -> TrailFiles.ordinary(folders, file).ifPresent(path -> found.put(file, read(path, key))));
        return found;
    }

    private Found read(Path path, String key) {
        FileStamp stamp = FileStamp.of(path);
        try {
            Original guessed = desk.originals().take(path, ReadingOptions.GUESSED, Watch.NOBODY);
            Original read = TrailFiles.hasKey(guessed.read().table(), key)
                    ? guessed
                    : desk.originals().take(path, TrailFiles.HEADED, Watch.NOBODY);
            return new Found(path, stamp, key, Optional.of(read), "");
        } catch (InputProblem problem) {
            return new Found(path, stamp, key, Optional.empty(), Words.of(problem.sentence()));
        }
    }

    /** The edits that hand over what was found. */
    List<TableEdit> edits(String tableId, Map<String, Found> found) {
        List<TableEdit> edits = new ArrayList<>();
        found.forEach((file, one) -> {
            taken.put(new Named(tableId, file), new Taken(one.path(), one.stamp(), one.key()));
            one.original().ifPresent(original -> edits.add(new TableEdit.HandOver(tableId, file, original)));
        });
        return edits;
    }

    /** Hands over a file for a step of the chosen table that joins. */
    public void handOver(Step.Join step, Path path) {
        desk.table()
                .ifPresent(
                        table -> read(table.id(), step.file(), path, step.key().name(), edit -> {
                            desk.make(edit);
                            desk.say(Words.of("trail.joined", step.file()));
                        }));
    }

    private void read(String tableId, String file, Path path, String key, Consumer<TableEdit> then) {
        long lying = laid;
        desk.inBackground(
                Lane.READING,
                () -> read(path, key),
                found -> {
                    if (lying == laid) {
                        desk.say(found.why());
                        edits(tableId, Map.of(file, found)).forEach(then);
                    }
                },
                () -> {});
    }

    /** Reads anew what was taken from files that have changed since. */
    public void lookAgain() {
        Map<Named, Taken> known = Map.copyOf(taken);
        if (!known.isEmpty()) {
            long lying = laid;
            desk.inBackground(
                    Lane.READING,
                    () -> changed(known),
                    changed -> {
                        if (lying == laid) {
                            changed.forEach(this::readAnew);
                        }
                    },
                    () -> {});
        }
    }

    private static Map<Named, Taken> changed(Map<Named, Taken> known) {
        Map<Named, Taken> changed = new HashMap<>();
        known.forEach((named, was) -> {
            FileStamp now = FileStamp.of(was.path());
            if (now.isThere() && !now.equals(was.stamp())) {
                changed.put(named, new Taken(was.path(), now, was.key()));
            }
        });
        return changed;
    }

    private void readAnew(Named named, Taken now) {
        boolean kept = desk.assignment()
                .table(named.tableId())
                .filter(table -> table.joined().containsKey(named.file()))
                .isPresent();
        if (kept) {
            taken.put(named, now);
            read(named.tableId(), named.file(), now.path(), now.key(), edit -> {
                desk.make(edit);
                desk.say(Words.of("trail.joined.anew", named.file()));
            });
        }
    }
}
