package promedio.desktop.window;

import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ButtonType;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import promedio.desktop.text.Words;
import promedio.files.assignment.AssignmentFile;
import promedio.files.picture.PictureFiles;
import promedio.files.trail.TrailFiles;

/** What is asked of the person outside the window: which file, and what to do with unsaved changes. Tests answer for them. */
public interface FilePicker {
    /** What to do with changes that are not saved. */
    enum Unsaved {
        /** Save them first. */
        SAVE,
        /** Go on without them. */
        LEAVE,
        /** Do not go on. */
        STAY
    }

    /** What to do with a file that somebody else has changed. */
    enum Changed {
        /** Put this assignment in its place. */
        REPLACE,
        /** Save under another name. */
        ELSEWHERE,
        /** Do not save. */
        STAY
    }

    /** A file to open; empty when none was chosen. */
    Optional<Path> toOpen();

    /** A file to save to; empty when none was chosen. */
    Optional<Path> toSave(String suggestedName);

    /** A CSV file to write samples to; empty when none was chosen. */
    Optional<Path> toWrite(String suggestedName);

    /** A table of answers; empty when none was chosen. */
    Optional<Path> answers();

    /** A folder of assignments; empty when none was chosen. */
    Optional<Path> folder();

    /** A file to write marks to; empty when none was chosen. */
    Optional<Path> toWriteMarks(String suggestedName);

    /** A file to write a picture to; empty when none was chosen. */
    Optional<Path> toWritePicture(String suggestedName);

    /** A file to write a table or a trail to, in one of some formats; empty when none was chosen. */
    Optional<Path> toWriteTable(String suggestedName, List<String> endings);

    /** A trail to open; empty when none was chosen. */
    Optional<Path> trail();

    /** What to do with the changes of an assignment. */
    Unsaved unsaved(String title);

    /** What to do with a file that was changed by another program. */
    Changed changedElsewhere(String name);

    /** The endings of tables that can be read. */
    List<String> DATA = List.of("*.csv", "*.tsv", "*.txt", "*.xlsx", "*.ods", "*.json", "*.html", "*.htm");

    /** The real dialogs over a window. */
    static FilePicker over(Window window) {
        return new FilePicker() {
            @Override
            public Optional<Path> toOpen() {
                FileChooser chooser = new FileChooser();
                chooser.setTitle(Words.of("picker.open"));
                List<String> all = new ArrayList<>(DATA);
                all.add(0, "*" + AssignmentFile.ENDING);
                chooser.getExtensionFilters()
                        .addAll(
                                new FileChooser.ExtensionFilter(Words.of("picker.all"), all),
                                new FileChooser.ExtensionFilter(Words.of("picker.kind"), "*" + AssignmentFile.ENDING),
                                new FileChooser.ExtensionFilter(Words.of("picker.text"), DATA),
                                new FileChooser.ExtensionFilter(Words.of("picker.any"), "*"));
                return Optional.ofNullable(chooser.showOpenDialog(window)).map(File::toPath);
            }

            @Override
            public Optional<Path> toSave(String suggestedName) {
                FileChooser chooser = chooser("picker.save");
                chooser.setInitialFileName(suggestedName);
                return Optional.ofNullable(chooser.showSaveDialog(window))
                        .map(File::toPath)
                        .map(FilePicker::withEnding);
            }

            @Override
            public Optional<Path> toWrite(String suggestedName) {
                FileChooser chooser = new FileChooser();
                chooser.setTitle(Words.of("picker.csv"));
                chooser.getExtensionFilters()
                        .add(new FileChooser.ExtensionFilter(Words.of("picker.csv.kind"), "*.csv"));
                chooser.setInitialFileName(suggestedName);
                return Optional.ofNullable(chooser.showSaveDialog(window)).map(File::toPath);
            }

            @Override
            public Optional<Path> answers() {
                FileChooser chooser = new FileChooser();
                chooser.setTitle(Words.of("picker.answers"));
                chooser.getExtensionFilters()
                        .addAll(
                                new FileChooser.ExtensionFilter(Words.of("picker.text"), DATA),
                                new FileChooser.ExtensionFilter(Words.of("picker.any"), "*"));
                return Optional.ofNullable(chooser.showOpenDialog(window)).map(File::toPath);
            }

            @Override
            public Optional<Path> folder() {
                DirectoryChooser chooser = new DirectoryChooser();
                chooser.setTitle(Words.of("picker.folder"));
                return Optional.ofNullable(chooser.showDialog(window)).map(File::toPath);
            }

            @Override
            public Optional<Path> toWriteMarks(String suggestedName) {
                FileChooser chooser = new FileChooser();
                chooser.setTitle(Words.of("picker.marks"));
                String ending = suggestedName.substring(suggestedName.lastIndexOf('.'));
                chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(ending, "*" + ending));
                chooser.setInitialFileName(suggestedName);
                return Optional.ofNullable(chooser.showSaveDialog(window))
                        .map(File::toPath)
                        .map(chosen -> chosen.getFileName().toString().contains(".")
                                ? chosen
                                : chosen.resolveSibling(chosen.getFileName() + ending));
            }

            @Override
            public Optional<Path> toWriteTable(String suggestedName, List<String> endings) {
                FileChooser chooser = new FileChooser();
                chooser.setTitle(Words.of("picker.table"));
                endings.forEach(ending -> chooser.getExtensionFilters()
                        .add(new FileChooser.ExtensionFilter(Words.of("picker.table" + ending), "*" + ending)));
                chooser.setInitialFileName(suggestedName);
                File chosen = chooser.showSaveDialog(window);
                if (chosen == null) {
                    return Optional.empty();
                }
                boolean ended =
                        endings.stream().anyMatch(chosen.getName().toLowerCase(java.util.Locale.ROOT)::endsWith);
                String ending = chooser.getSelectedExtensionFilter() == null
                        ? endings.get(0)
                        : chooser.getSelectedExtensionFilter()
                                .getExtensions()
                                .get(0)
                                .substring(1);
                return Optional.of(ended ? chosen.toPath() : chosen.toPath().resolveSibling(chosen.getName() + ending));
            }

            @Override
            public Optional<Path> trail() {
                FileChooser chooser = new FileChooser();
                chooser.setTitle(Words.of("picker.trail"));
                chooser.getExtensionFilters()
                        .add(new FileChooser.ExtensionFilter(Words.of("picker.table.trail"), "*" + TrailFiles.ENDING));
                return Optional.ofNullable(chooser.showOpenDialog(window)).map(File::toPath);
            }

            @Override
            public Optional<Path> toWritePicture(String suggestedName) {
                FileChooser chooser = new FileChooser();
                chooser.setTitle(Words.of("picker.picture"));
                for (String ending : List.of("png", "svg", "pdf")) {
                    chooser.getExtensionFilters()
                            .add(new FileChooser.ExtensionFilter(Words.of("picker.picture." + ending), "*." + ending));
                }
                chooser.setInitialFileName(suggestedName + ".png");
                File chosen = chooser.showSaveDialog(window);
                if (chosen == null) {
                    return Optional.empty();
                }
                String ending = chooser.getSelectedExtensionFilter() == null
                        ? ".png"
                        : chooser.getSelectedExtensionFilter()
                                .getExtensions()
                                .get(0)
                                .substring(1);
                return Optional.of(
                        PictureFiles.Format.of(chosen.getName()).isPresent()
                                ? chosen.toPath()
                                : chosen.toPath().resolveSibling(chosen.getName() + ending));
            }

            @Override
            public Changed changedElsewhere(String name) {
                Questions.Question question = Questions.changedElsewhere(window, name);
                ButtonType answer = question.ask();
                return answer == question.yes()
                        ? Changed.ELSEWHERE
                        : answer == question.no() ? Changed.REPLACE : Changed.STAY;
            }

            @Override
            public Unsaved unsaved(String title) {
                Questions.Question question = Questions.unsaved(window, title);
                ButtonType answer = question.ask();
                return answer == question.yes() ? Unsaved.SAVE : answer == question.no() ? Unsaved.LEAVE : Unsaved.STAY;
            }
        };
    }

    private static FileChooser chooser(String title) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(Words.of(title));
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(Words.of("picker.kind"), "*" + AssignmentFile.ENDING));
        return chooser;
    }

    private static Path withEnding(Path chosen) {
        String name = chosen.getFileName().toString();
        return name.contains(".") ? chosen : chosen.resolveSibling(name + AssignmentFile.ENDING);
    }
}
