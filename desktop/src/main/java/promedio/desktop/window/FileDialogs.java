package promedio.desktop.window;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.ButtonType;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.FileChooser.ExtensionFilter;
import javafx.stage.Window;
import promedio.desktop.text.Words;
import promedio.files.assignment.AssignmentFile;
import promedio.files.trail.TrailFiles;

/** The real dialogs over a window; each begins in the folder where the one before it ended. */
final class FileDialogs implements FilePicker {
    private static final List<String> DATA = List.of(".csv", ".tsv", ".txt", ".xlsx", ".ods", ".json", ".html", ".htm");

    private final Window window;
    private Path folder;
    private Path examples;

    FileDialogs(Window window) {
        this.window = window;
    }

    @Override
    public void near(Path place) {
        if (!place.equals(examples)) {
            folder = place;
        }
    }

    @Override
    public void examples(Path place) {
        examples = place;
    }

    @Override
    public Optional<Path> toOpen() {
        List<String> all =
                Stream.concat(Stream.of(AssignmentFile.ENDING), DATA.stream()).toList();
        return open(
                "picker.open",
                filter("picker.all", all),
                filter("picker.kind", List.of(AssignmentFile.ENDING)),
                filter("picker.text", DATA),
                any());
    }

    @Override
    public Optional<Path> answers() {
        return open("picker.answers", filter("picker.text", DATA), any());
    }

    @Override
    public Optional<Path> data() {
        FileChooser chooser = chooser("picker.data", filter("picker.text", DATA), any());
        directory(examples).ifPresent(chooser::setInitialDirectory);
        return chosen(chooser.showOpenDialog(window));
    }

    @Override
    public Optional<Path> joined(String name) {
        FileChooser chooser = chooser("picker.data", filter("picker.text", DATA), any());
        chooser.setTitle(Words.of("picker.joined", name));
        chooser.setInitialFileName(name);
        return chosen(chooser.showOpenDialog(window));
    }

    @Override
    public Optional<Path> trail() {
        return open("picker.trail", filter("picker.table.trail", List.of(TrailFiles.ENDING)));
    }

    @Override
    public Optional<Path> folder() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(Words.of("picker.folder"));
        directory(folder).ifPresent(chooser::setInitialDirectory);
        Optional<Path> chosen = Optional.ofNullable(chooser.showDialog(window)).map(File::toPath);
        chosen.ifPresent(this::near);
        return chosen;
    }

    @Override
    public Optional<Path> toSave(String suggestedName) {
        return save("picker.save", suggestedName, filter("picker.kind", List.of(AssignmentFile.ENDING)));
    }

    @Override
    public Optional<Path> toWrite(String suggestedName) {
        return save("picker.csv", suggestedName, filter("picker.table.csv", List.of(".csv")));
    }

    @Override
    public Optional<Path> toWriteMarks(String suggestedName) {
        String ending = suggestedName.substring(suggestedName.lastIndexOf('.'));
        return save("picker.marks", suggestedName, new ExtensionFilter(ending, "*" + ending));
    }

    @Override
    public Optional<Path> toWriteTable(String suggestedName, List<String> endings) {
        return save("picker.table", suggestedName, filters("picker.table", endings));
    }

    @Override
    public Optional<Path> toWritePicture(String suggestedName) {
        return save(
                "picker.picture", suggestedName + ".png", filters("picker.picture", List.of(".png", ".svg", ".pdf")));
    }

    @Override
    public Changed changedElsewhere(String name) {
        Questions.Question question = Questions.changedElsewhere(window, name);
        ButtonType answer = question.ask();
        return answer == question.yes() ? Changed.ELSEWHERE : answer == question.no() ? Changed.REPLACE : Changed.STAY;
    }

    @Override
    public Unsaved unsaved(String title) {
        Questions.Question question = Questions.unsaved(window, title);
        ButtonType answer = question.ask();
        return answer == question.yes() ? Unsaved.SAVE : answer == question.no() ? Unsaved.LEAVE : Unsaved.STAY;
    }

    private static ExtensionFilter filter(String key, List<String> endings) {
        return new ExtensionFilter(
                Words.of(key), endings.stream().map(ending -> "*" + ending).collect(Collectors.toList()));
    }

    private static ExtensionFilter any() {
        return new ExtensionFilter(Words.of("picker.any"), "*");
    }

    /** A kind of file for each ending. */
    private static ExtensionFilter[] filters(String key, List<String> endings) {
        return endings.stream()
                .map(ending -> filter(key + ending, List.of(ending)))
                .toArray(ExtensionFilter[]::new);
    }

    private static Optional<File> directory(Path place) {
        return Optional.ofNullable(place).filter(Files::isDirectory).map(Path::toFile);
    }

    private FileChooser chooser(String title, ExtensionFilter... kinds) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(Words.of(title));
        chooser.getExtensionFilters().addAll(kinds);
        directory(folder).ifPresent(chooser::setInitialDirectory);
        return chooser;
    }

    private Optional<Path> open(String title, ExtensionFilter... kinds) {
        return chosen(chooser(title, kinds).showOpenDialog(window));
    }

    private Optional<Path> chosen(File file) {
        Optional<Path> chosen = Optional.ofNullable(file).map(File::toPath);
        chosen.map(Path::getParent).ifPresent(this::near);
        return chosen;
    }

    /** A file to write to; one without any of the endings gets that of the kind that was chosen. */
    private Optional<Path> save(String title, String suggestedName, ExtensionFilter... kinds) {
        FileChooser chooser = chooser(title, kinds);
        chooser.setInitialFileName(suggestedName);
        Optional<Path> chosen = chosen(chooser.showSaveDialog(window));
        ExtensionFilter kind =
                chooser.getSelectedExtensionFilter() == null ? kinds[0] : chooser.getSelectedExtensionFilter();
        boolean ended = chosen.isPresent()
                && Stream.of(kinds)
                        .flatMap(one -> one.getExtensions().stream())
                        .anyMatch(ending ->
                                chosen.get().toString().toLowerCase(Locale.ROOT).endsWith(ending.substring(1)));
        if (ended || chosen.isEmpty()) {
            return chosen;
        }
        String whole = chosen.get().getFileName() + kind.getExtensions().get(0).substring(1);
        Path file = chosen.get().resolveSibling(whole);
        // The dialog has not asked about a file of this name: it is to be asked for by its whole name then.
        return Files.exists(file) ? save(title, whole, kinds) : Optional.of(file);
    }
}
