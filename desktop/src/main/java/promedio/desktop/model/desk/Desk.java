package promedio.desktop.model.desk;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.value.ObservableValue;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Edit;
import promedio.core.assignment.History;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.Task;
import promedio.core.course.CardKey;
import promedio.core.measure.Catalogue;
import promedio.desktop.text.Words;
import promedio.files.assignment.Journal;
import promedio.files.assignment.Originals;

/**
 * The assignment on the desk: what is chosen of it, its figures, and every way to change it and back. What else there is to be
 * shown or done is a {@link Part}, which this one knows nothing more of.
 */
public class Desk {
    private final ReadOnlyObjectWrapper<Assignment> assignment = new ReadOnlyObjectWrapper<>(Assignment.EMPTY);
    private final ReadOnlyStringWrapper selected = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper message = new ReadOnlyStringWrapper("");
    private final Set<String> asked = new LinkedHashSet<>();
    private final Looking looking = new Looking();
    private final ReadOnlyObjectWrapper<Place> place = new ReadOnlyObjectWrapper<>(Place.START);
    private final List<Part> parts = new ArrayList<>();

    private final Lanes lanes;
    private int atWork;
    private final Computation computation;
    private final Keeper keeper;
    private final Saving saving;
    private final Margin margin;
    private final Originals originals;
    private final Trial trial;
    private final Past past;
    private final Showing showing;

    /**
     * An empty desk.
     *
     * @param lanes where figures are computed and files read
     * @param disk where files are written, one after another
     * @param journal where every edit is written down; null for nowhere
     */
    protected Desk(Lanes lanes, Background disk, Journal journal) {
        this.lanes = lanes;
        originals = journal == null ? Originals.passing() : journal.originals();
        computation = new Computation(lanes, this::failed);
        keeper = new Keeper(disk, journal, message::set, this::failed);
        saving = new Saving(this, disk, keeper);
        margin = new Margin(this, computation);
        past = new Past(keeper);
        trial = new Trial(this, computation);
        showing = new Showing(looking, computation, trial.addedProperty(), assignment::get);
        for (ObservableValue<?> turning : List.of(
                looking.overProperty(), looking.pageProperty(), looking.tablePageProperty(), selected, assignment)) {
            turning.addListener((property, before, now) -> place.set(shownPlace()));
        }
    }

    /** Adds a part, which is told from now on what happens to the whole, after the parts before it. */
    protected final <P extends Part> P with(P part) {
        parts.add(part);
        return part;
    }

    /** What is looked at. */
    public Looking looking() {
        return looking;
    }

    /** Where the originals of tables lie. */
    public Originals originals() {
        return originals;
    }

    /** What is only tried. */
    public Trial trial() {
        return trial;
    }

    /** The margin: answers and marks. */
    public Margin margin() {
        return margin;
    }

    /** The file of the assignment. */
    public Saving saving() {
        return saving;
    }

    /** The assignment. */
    public ReadOnlyObjectProperty<Assignment> assignmentProperty() {
        return assignment.getReadOnlyProperty();
    }

    /** The assignment. */
    public Assignment assignment() {
        return assignment.get();
    }

    /** The id of the chosen sample or table; empty when the shelf is. */
    public ReadOnlyStringProperty selectedProperty() {
        return selected.getReadOnlyProperty();
    }

    /** The chosen sheet. */
    public Optional<SampleSheet> sheet() {
        return assignment().sheet(selected.get());
    }

    /** The chosen data table. */
    public Optional<DataTable> table() {
        return assignment().table(selected.get());
    }

    /** Everything that the pages show, one record a change. */
    public ReadOnlyObjectProperty<Shown> shownProperty() {
        return showing.shown().getReadOnlyProperty();
    }

    /** The figures of the chosen sample; null while there are none. */
    public ReadOnlyObjectProperty<SheetFigures> figuresProperty() {
        return computation.figures().getReadOnlyProperty();
    }

    /** The figures of the chosen sample without a value that is only being tried; where measures' ghosts stand. */
    public ReadOnlyObjectProperty<SheetFigures> settledProperty() {
        return computation.settled().getReadOnlyProperty();
    }

    /** A sentence for the foot of the window; empty when there is nothing to say. */
    public ReadOnlyStringProperty messageProperty() {
        return message.getReadOnlyProperty();
    }

    /** Says a sentence at the foot of the window. */
    public void say(String sentence) {
        message.set(sentence);
    }

    /** Whether figures are being computed. */
    public ReadOnlyBooleanProperty busyProperty() {
        return computation.busy().getReadOnlyProperty();
    }

    /** What an undo would take back, in words; empty when nothing. */
    public ReadOnlyStringProperty undoNameProperty() {
        return past.undoName();
    }

    /** What a redo would make again, in words; empty when nothing. */
    public ReadOnlyStringProperty redoNameProperty() {
        return past.redoName();
    }

    /**
     * Does some work off the thread of the window and hands its result back to it.
     *
     * @param lane what kind of work it is
     * @param broken what follows when the work fails, after that was said
     */
    public <T> void inBackground(Lane lane, Supplier<T> work, Consumer<T> done, Runnable broken) {
        atWork++;
        lanes.of(lane)
                .run(
                        work,
                        result -> {
                            atWork--;
                            done.accept(result);
                        },
                        failure -> {
                            atWork--;
                            failed(failure);
                            broken.run();
                        });
    }

    /** Whether figures or anything else are being worked out off the thread of the window. */
    public boolean isAtWork() {
        return atWork > 0 || busyProperty().get();
    }

    /** Says that this program has failed, which is no fault of what was entered, and keeps the particulars. */
    public void failed(Throwable failure) {
        System.getLogger("promedio").log(System.Logger.Level.ERROR, "A part of the work failed.", failure);
        String kind = failure.getClass().getSimpleName();
        message.set(Words.of(failure instanceof OutOfMemoryError ? "message.memory" : "message.failed", kind));
    }

    /** Puts another assignment on the desk. */
    public void show(Assignment other, Path from) {
        keeper.begin(other, Optional.ofNullable(from));
        lay(new History(other), other, from);
    }

    /** Puts an assignment back on the desk that was ended before it was saved, with its past. */
    public void bringBack(Journal.Kept kept) {
        lay(kept.history(), Assignment.EMPTY, kept.savedAs().orElse(null));
        message.set(broughtBack(kept));
        keeper.takeOver(kept);
    }

    private static String broughtBack(Journal.Kept kept) {
        String told = kept.readTo()
                .map(line -> Words.of("message.brought-back.in-part", line, kept.journal()))
                .orElseGet(() -> Words.of(kept.isWhole() ? "message.brought-back" : "message.brought-back.without"));
        return kept.lost().isEmpty()
                ? told
                : told + " " + Words.of("message.brought-back.lost", String.join(", ", kept.lost()));
    }

    /** Throws away what was kept of an earlier desk. */
    public void throwAway(Journal.Kept kept) {
        keeper.throwAway(kept);
    }

    /** Puts an assignment on the desk of which nothing is saved, with its past. */
    public void showUnsaved(History before, Optional<Path> file) {
        keeper.beginUnsaved(before.present(), file);
        lay(before, Assignment.EMPTY, file.orElse(null));
    }

    private void lay(History before, Assignment asSaved, Path from) {
        past.lay(before);
        trial.clear();
        Assignment other = before.present();
        saving.onDisk().laid(asSaved, from, from == null ? null : FileStamp.of(from));
        computation.forget();
        close();
        parts.forEach(Part::forget);
        asked.clear();
        message.set("");
        selected.set(first(other));
        looking.afresh(other.sheets().isEmpty() ? Page.ENTRIES : Page.MEASURES);
        refresh();
        parts.forEach(Part::laid);
    }

    /** What is looked at when nothing else is: the first sample, or the first table where there is none. */
    private static String first(Assignment present) {
        return present.sheets().stream()
                .map(SampleSheet::id)
                .findFirst()
                .or(() -> present.tables().stream().map(DataTable::id).findFirst())
                .orElse("");
    }

    /** Ends the desk in good order, after all that is still being written; nothing is kept for the next start. */
    public void end(Runnable then) {
        keeper.end(then);
    }

    /** Makes an edit. */
    public void make(Edit edit) {
        Assignment before = past.present();
        if (past.make(edit)) {
            message.set("");
            past.note(edit);
            refresh();
            Unlinked.by(before, past.present()).ifPresent(message::set);
        }
    }

    /** Makes an edit aimed at rows as somebody saw them; on rows that stand elsewhere by now it follows them. */
    public void make(Edit edit, SheetFigures seen) {
        aimed(edit, seen).ifPresent(this::make);
    }

    /**
     * An edit aimed at rows as somebody saw them, for the rows as they are now; none, and a sentence, where a row is gone or
     * nobody can tell which it is.
     */
    Optional<Edit> aimed(Edit edit, SheetFigures seen) {
        SampleSheet basis = seen.basis();
        boolean same =
                assignment().sheet(basis.id()).filter(now -> now == basis).isPresent();
        Optional<Edit> now = same
                ? Optional.of(edit)
                : trial.isEmpty() ? past.rowsSince(basis).flatMap(edit::carried) : Optional.empty();
        if (now.isEmpty()) {
            message.set(Words.of("message.changed-meanwhile"));
        }
        return now;
    }

    /** Puts the present with what follows from it in its place; no edit. */
    public void settle(Assignment after) {
        if (after != past.present()) {
            past.settle(after);
        }
        refresh();
    }

    /** Sets a convention of the card. */
    public <T> void choose(CardKey<T> key, T choice) {
        make(new Edit.ChangeCard(assignment().card().with(key, choice)));
    }

    /** Takes the last edit back. */
    public void undo() {
        String name = past.undoName().get();
        if (!trial.isEmpty()) {
            trial.dropAdded();
        } else if (!name.isEmpty()) {
            step(past::undo);
            message.set(Words.of("message.undone", name));
        }
    }

    /** Makes the edit again that was taken back last. */
    public void redo() {
        String name = past.redoName().get();
        if (!name.isEmpty()) {
            step(past::redo);
            message.set(Words.of("message.redone", name));
        }
    }

    /** Goes a step back or forth; a sample that is on the shelf again is looked at. */
    private void step(Runnable step) {
        Assignment before = past.present();
        step.run();
        Assignment now = past.present();
        Stream.concat(
                        now.sheets().stream().map(SampleSheet::id),
                        now.tables().stream().map(DataTable::id))
                .filter(id -> !before.has(id))
                .findFirst()
                .ifPresent(back -> {
                    trial.clear();
                    selected.set(back);
                });
        refresh();
    }

    /** Chooses a sample or a table of the shelf. */
    public void select(String id) {
        close();
        if (!selected.get().equals(id)) {
            trial.clear();
            selected.set(id);
            refresh();
        }
    }

    /** Closes whatever lies over the pages of the chosen item. */
    public void close() {
        looking.layOver(null);
        parts.forEach(Part::close);
    }

    /** What the paper shows: a page that lies over the others, else the page of what is chosen that was turned to. */
    public ReadOnlyObjectProperty<Place> placeProperty() {
        return place.getReadOnlyProperty();
    }

    /** What the paper shows. */
    public Place place() {
        return place.get();
    }

    private Place shownPlace() {
        if (looking.overProperty().get() != null) {
            return looking.overProperty().get();
        }
        if (selected.get().isEmpty()) {
            return Place.START;
        }
        return table().isPresent()
                ? Place.of(looking.tablePageProperty().get())
                : Place.of(looking.pageProperty().get());
    }

    /** Chooses a sample and opens the working of a measure of it. */
    public void open(String sheetId, String question) {
        select(sheetId);
        looking.pageProperty().set(Page.MEASURES);
        ask(question);
        looking.opened().add(question);
    }

    /** Goes to the empty paper, to type a new sample. */
    public void startSample() {
        close();
        trial.clear();
        selected.set("");
        looking.pageProperty().set(Page.ENTRIES);
        refresh();
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

    private Catalogue catalogue() {
        SheetFigures shown = computation.figures().get();
        return shown == null ? Catalogue.lists() : Catalogue.of(shown.sample());
    }

    /** The questions to put on the page besides the usual ones: asked for, or answered. */
    Set<String> questions(String sheetId) {
        Set<String> questions = new LinkedHashSet<>(asked);
        assignment().tasks().all().stream()
                .map(Task::question)
                .filter(question -> question.sheetId().equals(sheetId))
                .forEach(question -> questions.add(question.measure()));
        questions.addAll(Answered.of(assignment(), sheetId).questions());
        return questions;
    }

    /** The answers about the chosen sample. */
    Answered answered() {
        return Answered.of(assignment(), selected.get());
    }

    /** Brings everything up to date with the present; results of older presents are dropped. */
    void refresh() {
        showing.once(this::bringUpToDate);
    }

    private void bringUpToDate() {
        Assignment present = past.present();
        if (!selected.get().isEmpty() && !present.has(selected.get())) {
            selected.set(first(present));
        }
        assignment.set(present);
        parts.forEach(Part::refresh);
        saving.onDisk().compare(present);
        past.name();
        sheet().ifPresentOrElse(
                        sheet -> computation.show(sheet, present.card(), questions(sheet.id()), answered()),
                        computation::clear);
        trial.carry(past::rowsSince);
    }
}
