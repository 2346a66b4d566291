package promedio.desktop.model;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableMap;
import javafx.collections.ObservableSet;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Attempts;
import promedio.core.assignment.Edit;
import promedio.core.assignment.History;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CardKey;
import promedio.core.measure.Catalogue;
import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;
import promedio.desktop.text.Words;
import promedio.files.InputProblem;
import promedio.files.assignment.AssignmentFile;
import promedio.files.assignment.Journal;
import promedio.files.delimited.SampleWriter;

/** The assignment on the desk: what is chosen, what is shown of it, and every way to change it. */
public final class DeskModel {
    /** The pages of the paper, in the order of the work. */
    public enum Page {
        /** What was entered. */
        ENTRIES,
        /** What comes of it. */
        MEASURES,
        /** A class table as it was read, or a list put into classes. */
        CLASSES
    }

    private final ReadOnlyObjectWrapper<Assignment> assignment = new ReadOnlyObjectWrapper<>(Assignment.EMPTY);
    private final ReadOnlyStringWrapper selected = new ReadOnlyStringWrapper("");
    private final ObjectProperty<Page> page = new SimpleObjectProperty<>(Page.ENTRIES);
    private final ReadOnlyStringWrapper message = new ReadOnlyStringWrapper("");
    private final OnDisk onDisk = new OnDisk();
    private final ReadOnlyStringWrapper undoName = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper redoName = new ReadOnlyStringWrapper("");
    private final ObservableSet<String> opened = FXCollections.observableSet();
    private final ObservableSet<String> unfolded = FXCollections.observableSet();
    private final ObservableSet<String> asked = FXCollections.observableSet(new LinkedHashSet<>());
    private final ObjectProperty<Exact> lit = new SimpleObjectProperty<>();
    private final BooleanProperty reading = new SimpleBooleanProperty();
    private final StringProperty pointed = new SimpleStringProperty("");
    private final ObservableMap<String, String> methods = FXCollections.observableHashMap();

    private final Background background;
    private final Background disk;
    private final Computation computation;
    private final Keeper keeper;
    private final Intake intake = new Intake(this);
    private final WhatIf whatIf = new WhatIf();
    private History history = new History(Assignment.EMPTY);

    /** An empty desk that keeps no journal: for pictures and tests. */
    public DeskModel(Background background) {
        this(background, background, null);
    }

    /**
     * An empty desk.
     *
     * @param background where figures are computed and files read
     * @param disk where files are written, one after another
     * @param journal where every edit is written down; null for nowhere
     */
    public DeskModel(Background background, Background disk, Journal journal) {
        this.background = background;
        this.disk = disk;
        computation = new Computation(background);
        keeper = new Keeper(disk, journal, message::set);
    }

    /** The assignment. */
    public ReadOnlyObjectProperty<Assignment> assignmentProperty() {
        return assignment.getReadOnlyProperty();
    }

    /** The assignment. */
    public Assignment assignment() {
        return assignment.get();
    }

    /** The id of the chosen sample; empty when the shelf is. */
    public ReadOnlyStringProperty selectedProperty() {
        return selected.getReadOnlyProperty();
    }

    /** The page that is open. */
    public ObjectProperty<Page> pageProperty() {
        return page;
    }

    /** The figures of the chosen sample; null while there are none. */
    public ReadOnlyObjectProperty<SheetFigures> figuresProperty() {
        return computation.figures().getReadOnlyProperty();
    }

    /** The figures of the chosen sample without a value that is only being tried; where measures' ghosts stand. */
    public ReadOnlyObjectProperty<SheetFigures> settledProperty() {
        return computation.settled().getReadOnlyProperty();
    }

    /** Shows what an edit of the chosen sample would do, without making it: a value in hand on the Line. */
    public void tryEdit(Edit edit) {
        if (isSettled()) {
            whatIf.take(edit);
            tryOut();
        }
    }

    private boolean isSettled() {
        SheetFigures settled = computation.settled().get();
        return settled != null && settled.sheet().id().equals(selected.get());
    }

    private void tryOut() {
        Assignment tried = whatIf.applied(assignment());
        tried.sheet(selected.get()).ifPresent(sheet -> computation.tryOut(sheet, tried.card(), questions(sheet.id())));
    }

    /** Makes the change that is in hand; while something was added for a moment, it stays one more such change. */
    public void keepTrial() {
        if (!whatIf.isInHand()) {
            return;
        }
        if (whatIf.hasAdded()) {
            whatIf.letGo();
        } else {
            make(whatIf.release());
            refresh();
        }
    }

    /** Puts back the value that is in hand. */
    public void dropTrial() {
        if (whatIf.isInHand()) {
            whatIf.putBack();
            refresh();
        }
    }

    /** Adds something to the chosen sample for a moment, to be kept or thrown away. */
    public void addForAMoment(Edit edit) {
        if (isSettled()) {
            whatIf.add(edit);
            tryOut();
        }
    }

    /** What was added to the chosen sample for a moment, and moved since. */
    public ReadOnlyObjectProperty<List<Edit>> forAMomentProperty() {
        return whatIf.addedProperty();
    }

    /** Keeps what was added for a moment, as one edit. */
    public void keepAdded() {
        List<Edit> kept = whatIf.addedProperty().get();
        whatIf.clear();
        if (!kept.isEmpty()) {
            make(kept.size() == 1 ? kept.get(0) : new Edit.Together("add-entries", kept));
            refresh();
        }
    }

    /** Throws away what was added for a moment. */
    public void dropAdded() {
        if (!whatIf.isEmpty()) {
            whatIf.clear();
            refresh();
        }
    }

    /** The file the assignment was read from or saved to; null before that. */
    public ReadOnlyObjectProperty<Path> fileProperty() {
        return onDisk.fileProperty();
    }

    /** A sentence for the foot of the window; empty when there is nothing to say. */
    public ReadOnlyStringProperty messageProperty() {
        return message.getReadOnlyProperty();
    }

    /** Whether there is something that is not saved. */
    public ReadOnlyBooleanProperty unsavedProperty() {
        return onDisk.unsavedProperty();
    }

    /** Whether figures are being computed. */
    public ReadOnlyBooleanProperty busyProperty() {
        return computation.busy().getReadOnlyProperty();
    }

    /** What an undo would take back, in words; empty when nothing. */
    public ReadOnlyStringProperty undoNameProperty() {
        return undoName.getReadOnlyProperty();
    }

    /** What a redo would make again, in words; empty when nothing. */
    public ReadOnlyStringProperty redoNameProperty() {
        return redoName.getReadOnlyProperty();
    }

    /** The value that is lit up wherever it is shown: on the Line, among the entries, in a working table; null for none. */
    public ObjectProperty<Exact> litProperty() {
        return lit;
    }

    /** The question of the measure that is pointed at, in the rows, in a formula or on the Line; empty for none. */
    public StringProperty pointedProperty() {
        return pointed;
    }

    /** The questions whose working is open. */
    public ObservableSet<String> opened() {
        return opened;
    }

    /** The groups of measures that are shown in full. */
    public ObservableSet<String> unfolded() {
        return unfolded;
    }

    /**
     * Puts a question on the page that is not among the usual ones: {@code percentile-37}, {@code z-score=45}.
     *
     * @return whether there is such a question
     */
    public boolean ask(String question) {
        boolean known = catalogue().find(question, assignment().card()).isPresent();
        if (known && asked.add(question)) {
            computation.forget();
            refresh();
        }
        return known;
    }

    /** Does some work off the thread of the window and hands its result back to it. */
    public <T> void inBackground(Supplier<T> work, Consumer<T> done) {
        background.run(work, done);
    }

    private Catalogue catalogue() {
        SheetFigures shown = computation.figures().get();
        return shown == null ? Catalogue.lists() : Catalogue.of(shown.sample());
    }

    /** The hand method chosen for a question. */
    public ObservableMap<String, String> methods() {
        return methods;
    }

    /** The chosen sheet. */
    public Optional<SampleSheet> sheet() {
        return assignment().sheet(selected.get());
    }

    /** Says a sentence at the foot of the window. */
    public void say(String sentence) {
        message.set(sentence);
    }

    /** Puts another assignment on the desk. */
    public void show(Assignment other, Path from) {
        keeper.begin(other, Optional.ofNullable(from));
        lay(new History(other), other, from);
    }

    /** Puts an assignment back on the desk that was ended before it was saved, with its past. */
    public void bringBack(Journal.Kept kept) {
        History past = kept.history();
        Assignment present = past.present();
        keeper.begin(Assignment.EMPTY, kept.savedAs());
        keeper.note(present, to -> to.standsAt(present));
        lay(past, Assignment.EMPTY, kept.savedAs().orElse(null));
        message.set(Words.of("message.brought-back"));
        keeper.throwAway(kept);
    }

    private void lay(History past, Assignment asSaved, Path from) {
        history = past;
        whatIf.clear();
        Assignment other = past.present();
        onDisk.laid(asSaved, from, from == null ? null : FileStamp.of(from));
        computation.forget();
        opened.clear();
        unfolded.clear();
        methods.clear();
        asked.clear();
        lit.set(null);
        message.set("");
        selected.set(other.sheets().isEmpty() ? "" : other.sheets().get(0).id());
        page.set(other.sheets().isEmpty() ? Page.ENTRIES : Page.MEASURES);
        refresh();
    }

    /** Makes an edit. */
    public void make(Edit edit) {
        if (history.make(edit)) {
            message.set("");
            keeper.note(history.present(), to -> to.made(edit));
            refresh();
        }
    }

    /** Takes the last edit back. */
    public void undo() {
        String name = undoName.get();
        if (!whatIf.isEmpty()) {
            dropAdded();
        } else if (!name.isEmpty()) {
            history.undo();
            Assignment present = history.present();
            keeper.note(present, to -> to.undone(present));
            refresh();
            message.set(Words.of("message.undone", name));
        }
    }

    /** Makes the edit again that was taken back last. */
    public void redo() {
        String name = redoName.get();
        if (!name.isEmpty()) {
            history.redo();
            Assignment present = history.present();
            keeper.note(present, to -> to.redone(present));
            refresh();
            message.set(Words.of("message.redone", name));
        }
    }

    /** Ends the desk in good order, after all that is still being written; nothing is kept for the next start. */
    public void end(Runnable then) {
        keeper.end(then);
    }

    /** Chooses a sample of the shelf. */
    public void select(String sheetId) {
        if (!selected.get().equals(sheetId)) {
            whatIf.clear();
            selected.set(sheetId);
            refresh();
        }
    }

    /** Goes to the empty paper, to type a new sample. */
    public void startSample() {
        whatIf.clear();
        selected.set("");
        page.set(Page.ENTRIES);
        refresh();
    }

    /** Takes what was typed or pasted: new samples on an empty paper, else more entries of the chosen sample. */
    public void type(String text) {
        intake.type(text);
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

    /** Writes an answer to a question of the chosen sample. */
    public void answer(String question, String text) {
        make(new Edit.WriteAnswer(selected.get(), question, text));
    }

    /** The answer to a question of the chosen sample; empty text when there is none. */
    public String answer(String question) {
        return assignment().answer(selected.get(), question).orElse("");
    }

    /** Whether a figure of the chosen sample is covered until it is answered. */
    public boolean covers(String question) {
        return assignment().covers(selected.get(), question);
    }

    /** Covers all figures until they are answered, or uncovers them. */
    public void coverFigures(boolean cover) {
        make(new Edit.CoverFigures(cover));
    }

    /** Lifts the cover of one figure without an answer. */
    public void liftCover(String question) {
        make(new Edit.LiftCover(selected.get(), question));
    }

    /** How a figure came to be seen, for the margin: after a first answer that differs, or with the cover lifted. */
    public String attempt(String question) {
        Assignment.Question asked = new Assignment.Question(selected.get(), question);
        Attempts attempts = assignment().attempts();
        String first = attempts.firstAnswer(asked)
                .filter(answer -> !answer.equals(answer(question)))
                .map(answer -> Words.of("attempt.first", answer))
                .orElse("");
        return attempts.lifted().contains(asked)
                ? Words.of("attempt.lifted") + (first.isEmpty() ? "" : " " + first)
                : first;
    }

    /** The mark of the answer to a question of the chosen sample; none yet while it is being marked. */
    public Optional<Mark> mark(String question) {
        String answer = answer(question);
        return answer.isEmpty() ? Optional.empty() : computation.mark(question, answer);
    }

    /** Changes whenever a mark is there that was not when it was asked for. */
    public ReadOnlyLongProperty markedProperty() {
        return computation.marked().getReadOnlyProperty();
    }

    /** Sets a convention of the card. */
    public <T> void choose(CardKey<T> key, T choice) {
        make(new Edit.ChangeCard(assignment().card().with(key, choice)));
    }

    /** Opens or closes the working of a question. */
    public void toggle(String question) {
        if (!opened.remove(question)) {
            opened.add(question);
        }
    }

    /** What came of reading an assignment: itself, whole or as far as it was not damaged, or why not; and what is to be said. */
    private record Opened(Optional<Assignment> assignment, boolean damaged, String told) {}

    private Opened read(Path path) {
        try {
            Assignment read = AssignmentFile.read(path);
            String twice = Words.of("message.open-twice", path.getFileName());
            return new Opened(Optional.of(read), false, keeper.isOpenElsewhere(path) ? twice : "");
        } catch (InputProblem problem) {
            return AssignmentFile.salvage(path)
                    .map(left ->
                            new Opened(Optional.of(left.assignment()), true, SalvagedText.of(left, path.getFileName())))
                    .orElseGet(() -> new Opened(Optional.empty(), false, problem.getMessage()));
        }
    }

    /**
     * Opens an assignment from a file, off the thread of the window; where that fails the sentence is said, and the desk stays
     * as it is. What is left of a damaged file is shown as something not saved yet, so that it is not written over.
     *
     * @param opened what follows when it is open
     */
    public void open(Path path, Runnable opened) {
        intake.inTurn(path, () -> read(path), read -> {
            read.assignment().ifPresent(assignment -> {
                if (read.damaged()) {
                    keeper.begin(Assignment.EMPTY, Optional.empty());
                    keeper.note(assignment, to -> to.standsAt(assignment));
                    lay(new History(assignment), Assignment.EMPTY, null);
                } else {
                    show(assignment, path);
                    opened.run();
                }
            });
            message.set(read.told());
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
        Assignment present = assignment();
        message.set(Words.of("message.writing", path.getFileName()));
        keeper.save(present, path, () -> {
            onDisk.laid(present, path, FileStamp.of(path));
            onDisk.compare(assignment());
            message.set(Words.of("message.saved", path.getFileName()));
            then.run();
        });
    }

    /** Writes the samples of the shelf side by side as CSV, off the thread of the window; the sentence is said either way. */
    public void writeCsv(Path path) {
        List<SampleSheet> sheets = assignment().sheets();
        message.set(Words.of("message.writing", path.getFileName()));
        Supplier<String> work = () -> {
            try {
                SampleWriter.write(sheets, path);
                return Words.of("message.csv", sheets.size(), path.getFileName());
            } catch (InputProblem problem) {
                return problem.getMessage();
            }
        };
        disk.run(work, message::set);
    }

    /** Brings everything up to date with the present; results of older presents are dropped. */
    private void refresh() {
        Assignment present = history.present();
        if (!selected.get().isEmpty() && present.sheet(selected.get()).isEmpty()) {
            selected.set(
                    present.sheets().isEmpty() ? "" : present.sheets().get(0).id());
        }
        assignment.set(present);
        onDisk.compare(present);
        undoName.set(history.undoable().map(DeskModel::nameOf).orElse(""));
        redoName.set(history.redoable().map(DeskModel::nameOf).orElse(""));
        sheet().ifPresentOrElse(
                        sheet -> computation.show(sheet, present.card(), questions(sheet.id()), answers(sheet.id())),
                        computation::clear);
        if (!whatIf.isEmpty()) {
            tryOut();
        }
    }

    /** The questions to put on the page besides the usual ones: asked for, or answered. */
    private Set<String> questions(String sheetId) {
        Set<String> questions = new LinkedHashSet<>(asked);
        questions.addAll(answers(sheetId).keySet());
        return questions;
    }

    private Map<String, String> answers(String sheetId) {
        Map<String, String> answers = new LinkedHashMap<>();
        assignment().answers().forEach((question, answer) -> {
            if (question.sheetId().equals(sheetId)) {
                answers.put(question.measure(), answer);
            }
        });
        return answers;
    }

    private static String nameOf(Edit edit) {
        return Words.of(Sentence.of("edit." + edit.name()));
    }
}
