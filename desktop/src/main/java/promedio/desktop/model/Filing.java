package promedio.desktop.model;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.History;
import promedio.core.assignment.SampleSheet;
import promedio.desktop.text.Words;
import promedio.files.InputProblem;
import promedio.files.assignment.AssignmentFile;
import promedio.files.delimited.SampleWriter;

/** The files of the desk: what is opened, saved, read in and written out, all of it off the thread of the window. */
public final class Filing {
    private final DeskModel desk;
    private final Background disk;
    private final Keeper keeper;
    private final Intake intake;
    private final OnDisk onDisk = new OnDisk();
    private final BooleanProperty reading = new SimpleBooleanProperty();

    Filing(DeskModel desk, Background disk, Keeper keeper, Intake intake) {
        this.desk = desk;
        this.disk = disk;
        this.keeper = keeper;
        this.intake = intake;
    }

    /** The assignment as its file has it. */
    OnDisk onDisk() {
        return onDisk;
    }

    /** The file the assignment was read from or saved to; null before that. */
    public ReadOnlyObjectProperty<Path> fileProperty() {
        return onDisk.fileProperty();
    }

    /** Whether there is something that is not saved. */
    public ReadOnlyBooleanProperty unsavedProperty() {
        return onDisk.unsavedProperty();
    }

    /** What came of reading an assignment: itself, whole or as far as it was not damaged, or why not; and what is to be said. */
    private record Opened(Optional<Assignment> assignment, boolean damaged, String told) {}

    private Opened read(Path path) {
        try {
            Assignment read = AssignmentFile.read(path, desk.originals());
            List<String> told = new ArrayList<>();
            if (keeper.isOpenElsewhere(path)) {
                told.add(Words.of("message.open-twice", path.getFileName()));
            }
            read.foreign().told().forEach(sentence -> told.add(Words.of(sentence)));
            return new Opened(Optional.of(read), false, String.join(" ", told));
        } catch (InputProblem problem) {
            return AssignmentFile.salvage(path, desk.originals())
                    .map(left ->
                            new Opened(Optional.of(left.assignment()), true, SalvagedText.of(left, path.getFileName())))
                    .orElseGet(() -> new Opened(Optional.empty(), false, Words.of(problem.sentence())));
        }
    }

    /**
     * Opens an assignment from a file, off the thread of the window; where that fails the sentence is said, and the desk stays
     * as it is. What is left of a damaged file is shown as something not saved yet, so that it is not written over.
     *
     * @param leaving what asks whether the assignment on the desk may be put away, once there is another to take its place
     * @param opened what follows when it is open
     */
    public void open(Path path, Consumer<Runnable> leaving, Runnable opened) {
        intake.inTurn(path, () -> read(path), read -> {
            if (read.assignment().isEmpty()) {
                desk.say(read.told());
                return;
            }
            leaving.accept(() -> {
                if (read.damaged()) {
                    desk.showUnsaved(new History(read.assignment().get()), Optional.empty());
                } else {
                    desk.show(read.assignment().get(), path);
                    opened.run();
                }
                desk.say(read.told());
            });
        });
    }

    /** Whether somebody else has changed the file of the assignment since it was opened or saved here. */
    public boolean isChangedElsewhere() {
        return onDisk.isChangedElsewhere();
    }

    /**
     * Saves the assignment as it is now, off the thread of the window; when that fails the sentence is said.
     *
     * @param then what follows when it is saved
     */
    public void save(Path path, Runnable then) {
        Assignment present = desk.assignment();
        desk.say(Words.of("message.writing", path.getFileName()));
        long lying = onDisk.laid();
        keeper.save(present, path, () -> {
            // Another assignment may lie on the desk by now.
            if (lying == onDisk.laid()) {
                onDisk.saved(present, path, FileStamp.of(path));
                onDisk.compare(desk.assignment());
            }
            desk.say(Words.of("message.saved", path.getFileName()));
            then.run();
        });
    }

    /** Writes the samples of the shelf side by side as CSV, off the thread of the window; the sentence is said either way. */
    public void writeCsv(Path path) {
        List<SampleSheet> sheets = desk.assignment().sheets();
        desk.say(Words.of("message.writing", path.getFileName()));
        Supplier<String> work = () -> {
            try {
                int guarded = SampleWriter.write(sheets, path);
                String written = Words.of("message.csv", sheets.size(), path.getFileName());
                return guarded == 0 ? written : written + " " + Words.of("message.csv.guarded", guarded);
            } catch (InputProblem problem) {
                return Words.of(problem.sentence());
            }
        };
        disk.run(work, desk::say, desk::failed);
    }

    /** Reads a text file as if it were pasted on an empty paper; commas and semicolons part columns there. */
    public void typeFile(Path path) {
        intake.file(path);
    }

    /** Whether a text file is being read. */
    public BooleanProperty readingProperty() {
        return reading;
    }

    /** Stops waiting for the text file that is being read. */
    public void stopReading() {
        intake.stop();
    }
}
