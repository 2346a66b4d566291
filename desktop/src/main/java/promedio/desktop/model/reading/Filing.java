package promedio.desktop.model.reading;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.History;
import promedio.core.assignment.SampleSheet;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.text.Words;
import promedio.files.InputProblem;
import promedio.files.assignment.AssignmentFile;
import promedio.files.delimited.SampleWriter;

/** Assignments opened from files, and samples written to them, off the thread of the window. */
public final class Filing {
    private final Desk desk;
    private final Intake intake;

    /** The files of a desk. */
    public Filing(Desk desk, Intake intake) {
        this.desk = desk;
        this.intake = intake;
    }

    /** What came of reading an assignment: itself, whole or as far as it was not damaged, or why not; and what is to be said. */
    private record Opened(Optional<Assignment> assignment, boolean damaged, String told) {}

    private Opened read(Path path) {
        try {
            Assignment read = AssignmentFile.read(path, desk.originals());
            List<String> told = new ArrayList<>();
            if (desk.saving().isOpenElsewhere(path)) {
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

    /** Writes the samples of the shelf side by side as CSV, off the thread of the window; the sentence is said either way. */
    public void writeCsv(Path path) {
        List<SampleSheet> sheets = desk.assignment().sheets();
        desk.saving().write(path, () -> {
            try {
                int guarded = SampleWriter.write(sheets, path);
                String written = Words.of("message.csv", sheets.size(), path.getFileName());
                return guarded == 0 ? written : written + " " + Words.of("message.csv.guarded", guarded);
            } catch (InputProblem problem) {
                return Words.of(problem.sentence());
            }
        });
    }
}
