package promedio.desktop.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.sentence.Visible;
import promedio.core.trail.Step;
import promedio.desktop.demo.Demo;
import promedio.desktop.demo.DemoClass;
import promedio.desktop.demo.DemoLog;
import promedio.desktop.demo.DemoWorking;
import promedio.desktop.entries.FileWays;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.tutor.Classwork;
import promedio.desktop.picture.PictureWays;
import promedio.desktop.table.TrailWays;
import promedio.desktop.text.Words;
import promedio.desktop.tutor.TutorWays;
import promedio.files.AtomicFile;
import promedio.files.InputProblem;
import promedio.files.assignment.AssignmentFile;
import promedio.files.assignment.Journal;
import promedio.files.delimited.GuardedCsv;
import promedio.files.picture.PictureFiles;
import promedio.files.trail.TrailFiles;

/** What is done with files: assignments opened and saved, text taken in, samples written out. Nothing unsaved is lost. */
public final class FileActions implements FileWays, TutorWays, PictureWays, TrailWays {
    /** So that a name with its ending fits every file system. */
    private static final int LONGEST_NAME = 60;

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
        kept.list().stream().map(Path::getParent).findFirst().ifPresent(picker::near);
    }

    @Override
    public List<Path> recent() {
        return recents.list();
    }

    void fresh() {
        leaving(() -> {
            model.show(Assignment.EMPTY, null);
            focusTyping.run();
        });
    }

    @Override
    public void openDemo() {
        leaving(() -> model.show(Demo.assignment(), null));
    }

    @Override
    public void openDemoLog() {
        try {
            Path folder = Files.createTempDirectory("promedio");
            folder.toFile().deleteOnExit();
            List<Path> logs = DemoLog.write(folder);
            logs.forEach(log -> log.toFile().deleteOnExit());
            picker.examples(folder);
            take(logs.get(0));
        } catch (IOException full) {
            model.say(Words.of("message.log", full.getMessage()));
        }
    }

    @Override
    public void bringBack(Journal.Kept kept, Runnable then) {
        leaving(() -> {
            then.run();
            model.bringBack(kept);
        });
    }

    @Override
    public void open() {
        picker.toOpen().ifPresent(this::take);
    }

    @Override
    public void take(Path file) {
        Optional.ofNullable(file.toAbsolutePath().getParent()).ifPresent(picker::near);
        boolean answers = model.classwork().isOpen() && !file.toString().endsWith(AssignmentFile.ENDING);
        if (answers && model.classwork().pageProperty().get() == Classwork.Side.WORKINGS) {
            model.handwork().take(file);
        } else if (answers) {
            model.classwork().take(file);
        } else if (!file.toString().endsWith(AssignmentFile.ENDING)) {
            model.intake().file(file);
        } else {
            model.filing().open(file, this::leaving, () -> recents.add(file));
        }
    }

    void save() {
        save(() -> {});
    }

    /** Saves where the assignment came from; asks where that is not known, or where somebody else has changed the file. */
    private void save(Runnable then) {
        commitTyping.run();
        Path known = model.saving().fileProperty().get();
        if (known == null) {
            saveElsewhere(then);
        } else if (!model.saving().isChangedElsewhere()) {
            saveTo(known, then);
        } else {
            switch (picker.changedElsewhere(known.getFileName().toString())) {
                case REPLACE -> saveTo(known, then);
                case ELSEWHERE -> saveElsewhere(then);
                case STAY -> model.say(Words.of("message.changed-elsewhere", known.getFileName()));
            }
        }
    }

    void saveElsewhere() {
        saveElsewhere(() -> {});
    }

    /** Asks for a place and saves there. */
    private void saveElsewhere(Runnable then) {
        commitTyping.run();
        picker.toSave(suggestion(AssignmentFile.ENDING)).ifPresent(target -> saveTo(target, then));
    }

    private void saveTo(Path target, Runnable then) {
        model.saving().save(target, () -> {
            recents.add(target);
            then.run();
        });
    }

    @Override
    public void writeCsv() {
        if (model.assignment().sheets().isEmpty()) {
            model.say(Words.of("message.nothing-to-write"));
            return;
        }
        commitTyping.run();
        picker.toWrite(suggestion(".csv")).ifPresent(model.filing()::writeCsv);
    }

    @Override
    public void markTable() {
        commitTyping.run();
        picker.answers().ifPresent(model.classwork()::take);
    }

    @Override
    public void markFolder() {
        commitTyping.run();
        picker.folder().ifPresent(model.classwork()::take);
    }

    @Override
    public void markDemo() {
        leaving(() -> {
            try {
                Path folder = Files.createTempDirectory("promedio");
                folder.toFile().deleteOnExit();
                Assignment demo = Demo.assignment();
                Path answers = DemoClass.write(folder, demo);
                answers.toFile().deleteOnExit();
                model.show(demo, null);
                model.classwork().open();
                model.classwork().take(answers);
            } catch (IOException full) {
                model.say(Words.of("message.log", full.getMessage()));
            }
        });
    }

    @Override
    public void markWorkings() {
        commitTyping.run();
        picker.folder().ifPresent(model.handwork()::take);
    }

    @Override
    public void markDemoWorkings() {
        leaving(() -> {
            try {
                Path folder = Files.createTempDirectory("promedio");
                Path workings = DemoWorking.writeClass(folder);
                workings.toFile().deleteOnExit();
                folder.toFile().deleteOnExit();
                model.show(Demo.assignment(), null);
                model.select("waiting");
                model.classwork().open();
                model.classwork().pageProperty().set(Classwork.Side.WORKINGS);
                model.handwork().take(workings);
            } catch (IOException full) {
                model.say(Words.of("message.log", full.getMessage()));
            }
        });
    }

    @Override
    public void writeMarks(String ending) {
        picker.toWriteMarks(suggestion(" " + Words.of("tutor.ANSWERS").toLowerCase(Locale.ROOT) + ending))
                .ifPresent(model.classwork()::write);
    }

    @Override
    public void issue() {
        commitTyping.run();
        picker.toSave(suggestion(" " + Words.of("tutor.issue.name") + AssignmentFile.ENDING))
                .ifPresent(file -> {
                    // The tutor’s own answers must not be lost to the copy without any.
                    if (file.equals(model.saving().fileProperty().get())) {
                        model.say(Words.of("tutor.issue.own", file.getFileName()));
                    } else {
                        model.classwork().issue(file);
                    }
                });
    }

    @Override
    public void saveTrail() {
        picker.toWriteTable(nameOfFile(tableName()) + TrailFiles.ENDING, List.of(TrailFiles.ENDING))
                .ifPresent(model.trailFiling()::save);
    }

    @Override
    public void openTrail() {
        picker.trail().ifPresent(model.trailFiling()::open);
    }

    @Override
    public void compareTrail() {
        picker.trail().ifPresent(model.contrast()::with);
    }

    @Override
    public void handOver(Step.Join step) {
        picker.joined(step.file()).ifPresent(file -> model.trail().joins().handOver(step, file));
    }

    @Override
    public void runTrail() {
        picker.data().ifPresent(model.trailFiling()::runOn);
    }

    @Override
    public void writePrepared() {
        picker.toWriteTable(nameOfFile(tableName()) + ".csv", List.of(".csv", ".ods", ".xlsx", ".json"))
                .ifPresent(model.trailFiling()::write);
    }

    private String tableName() {
        return model.table().map(DataTable::name).orElse("");
    }

    @Override
    public void writeTable(List<List<String>> rows, String name) {
        picker.toWrite(nameOfFile(name) + ".csv")
                .ifPresent(file -> model.inBackground(
                        Lane.WRITING,
                        () -> {
                            try {
                                GuardedCsv.write(file, rows.stream());
                                return Words.of("message.table-written", file.getFileName());
                            } catch (InputProblem full) {
                                return Words.of(full.sentence());
                            }
                        },
                        model::say,
                        () -> {}));
    }

    @Override
    public void writePicture(PictureFiles files, String name, double scale) {
        picker.toWritePicture(nameOfFile(name)).ifPresent(file -> {
            PictureFiles.Format format = PictureFiles.Format.of(file.toString()).orElse(PictureFiles.Format.PNG);
            model.inBackground(
                    Lane.WRITING,
                    () -> {
                        try {
                            files.write(file, format, scale);
                            String saved = Words.of("picture.saved", file.getFileName());
                            return files.told(format)
                                    .map(told -> saved + " " + Words.of(told))
                                    .orElse(saved);
                        } catch (IOException full) {
                            return Words.of(AtomicFile.problem(file, full).sentence());
                        }
                    },
                    model::say,
                    () -> {});
        });
    }

    private String suggestion(String ending) {
        return nameOfFile(model.assignment().title()) + ending;
    }

    /** A text as the name of a file, without its ending. */
    private static String nameOfFile(String text) {
        String title = Visible.line(text, LONGEST_NAME)
                .replaceAll("[\\\\/:*?\"<>|\ufffd…]", " ")
                .strip();
        String bare = title.replaceFirst("^[.\\s]+", "");
        return bare.isEmpty() ? Words.of("bar.untitled") : bare;
    }

    /** Goes on once the assignment on the desk may be put away: nothing unsaved, saved now, or left on purpose. */
    void leaving(Runnable then) {
        commitTyping.run();
        if (!model.saving().unsavedProperty().get()) {
            then.run();
            return;
        }
        String title = model.assignment().title();
        switch (picker.unsaved(title.isEmpty() ? Words.of("bar.untitled") : title)) {
            // What was written while it was being saved is not saved yet: then it is asked once more.
            case SAVE -> save(() -> leaving(then));
            case LEAVE -> then.run();
            case STAY -> {}
        }
    }
}
