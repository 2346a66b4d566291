package promedio.desktop.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import promedio.core.assignment.Assignment;
import promedio.desktop.demo.Demo;
import promedio.desktop.entries.FileWays;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Words;
import promedio.files.assignment.AssignmentFile;

/** What is done with files: assignments opened and saved, text taken in, samples written out. Nothing unsaved is lost. */
public final class FileActions implements FileWays {
    private final DeskModel model;
    private final Runnable commitTyping;
    private final Runnable focusTyping;
    private Recents recents = Recents.none();
    private FilePicker picker;

    FileActions(DeskModel model, Runnable commitTyping, Runnable focusTyping) {
        this.model = model;
        this.commitTyping = commitTyping;
        this.focusTyping = focusTyping;
    }

    void setPicker(FilePicker files) {
        picker = files;
    }

    /** Where the assignments last used are remembered. */
    public void setRecents(Recents kept) {
        recents = kept;
    }

    @Override
    public List<Path> recent() {
        return recents.list();
    }

    void fresh() {
        if (mayLeave()) {
            model.show(Assignment.EMPTY, null);
            focusTyping.run();
        }
    }

    @Override
    public void openDemo() {
        if (mayLeave()) {
            model.show(Demo.assignment(), null);
        }
    }

    @Override
    public void open() {
        picker.toOpen().ifPresent(this::take);
    }

    @Override
    public void take(Path file) {
        if (!file.toString().endsWith(AssignmentFile.ENDING)) {
            model.typeFile(file);
        } else if (mayLeave()) {
            model.open(file, () -> recents.add(file));
        }
    }

    /** Saves where the assignment came from; asks where that is not known, or where somebody else has changed the file. */
    boolean save() {
        commitTyping.run();
        Path known = model.fileProperty().get();
        if (known == null) {
            return saveElsewhere();
        }
        if (model.isChangedElsewhere()) {
            return switch (picker.changedElsewhere(known.getFileName().toString())) {
                case REPLACE -> saveTo(known);
                case ELSEWHERE -> saveElsewhere();
                case STAY -> {
                    model.say(Words.of("message.changed-elsewhere", known.getFileName()));
                    yield false;
                }
            };
        }
        return saveTo(known);
    }

    /** Asks for a place and saves there. */
    boolean saveElsewhere() {
        commitTyping.run();
        Optional<Path> target = picker.toSave(suggestion(AssignmentFile.ENDING));
        return target.map(this::saveTo).orElse(false);
    }

    private boolean saveTo(Path target) {
        boolean done = model.save(target);
        if (done) {
            recents.add(target);
        }
        return done;
    }

    @Override
    public void writeCsv() {
        if (model.assignment().sheets().isEmpty()) {
            model.say(Words.of("message.nothing-to-write"));
            return;
        }
        commitTyping.run();
        picker.toWrite(suggestion(".csv")).ifPresent(model::writeCsv);
    }

    private String suggestion(String ending) {
        String title =
                model.assignment().title().replaceAll("[\\\\/:*?\"<>|]", " ").strip();
        return (title.isEmpty() ? Words.of("bar.untitled") : title) + ending;
    }

    /** Whether the assignment on the desk may be put away: nothing unsaved, saved now, or left on purpose. */
    boolean mayLeave() {
        commitTyping.run();
        if (!model.unsavedProperty().get()) {
            return true;
        }
        String title = model.assignment().title();
        return switch (picker.unsaved(title.isEmpty() ? Words.of("bar.untitled") : title)) {
            case SAVE -> save();
            case LEAVE -> true;
            case STAY -> false;
        };
    }
}
