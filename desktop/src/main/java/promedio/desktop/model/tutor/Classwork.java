package promedio.desktop.model.tutor;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import promedio.core.answers.Given;
import promedio.core.answers.MarkedAnswer;
import promedio.core.answers.MarkedSet;
import promedio.core.answers.QuestionNames;
import promedio.core.answers.SetMarker;
import promedio.core.assignment.AnswerEdit;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.Task;
import promedio.core.assignment.Tasks;
import promedio.core.marking.TwoWorkings;
import promedio.core.measure.Catalogue;
import promedio.core.sample.Sample;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Part;
import promedio.desktop.model.desk.Place;
import promedio.desktop.model.desk.Progress;
import promedio.desktop.text.Words;
import promedio.files.InputProblem;
import promedio.files.answers.Collected;
import promedio.files.answers.MarksWriter;
import promedio.files.assignment.AssignmentFile;

/** What a tutor does with an assignment: poses its questions, sets its card, and marks what many students answered. */
public final class Classwork implements Part {
    /** The pages for the tutor. */
    public enum Side {
        /** What is asked, and under which card. */
        QUESTIONS,
        /** What was answered. */
        ANSWERS,
        /** What was worked by hand. */
        WORKINGS
    }

    /**
     * A set of answers on the desk.
     *
     * @param source the table or folder that they came from
     * @param set the marks; empty while there are none
     * @param told what could not be used
     * @param problem why there are no answers
     * @param busy whether they are being read or marked
     */
    public record State(
            Optional<Path> source, Optional<MarkedSet> set, List<String> told, Optional<String> problem, boolean busy) {
        private static final State NOTHING =
                new State(Optional.empty(), Optional.empty(), List.of(), Optional.empty(), false);

        /** Copies the list. */
        public State {
            told = List.copyOf(told);
        }

        private State working() {
            return new State(source, set, told, problem, true);
        }
    }

    /** An answer that is looked at. */
    public record Chosen(String who, Assignment.Question question) {}

    private final Desk desk;
    private final ObjectProperty<Side> page = new SimpleObjectProperty<>(Side.QUESTIONS);
    private final ReadOnlyObjectWrapper<State> state = new ReadOnlyObjectWrapper<>(State.NOTHING);
    private final ObjectProperty<Chosen> chosen = new SimpleObjectProperty<>();
    private List<Given> given = List.of();
    private Basis basis;
    private Progress run = new Progress();

    /** What a tutor does on a desk. */
    public Classwork(Desk desk) {
        this.desk = desk;
    }

    /** What marks depend on. */
    private record Basis(Object sheets, Object card, Tasks tasks) {
        static Basis of(Assignment assignment) {
            return new Basis(assignment.sheets(), assignment.card(), assignment.tasks());
        }
    }

    /** Whether the tutor’s pages are shown in the place of the samples’. */
    public boolean isOpen() {
        return desk.looking().isOver(Place.TUTOR);
    }

    /** Shows the tutor’s pages. */
    public void open() {
        desk.looking().layOver(Place.TUTOR);
    }

    /** Opens or closes the tutor’s pages. */
    public void turn() {
        boolean opens = !isOpen();
        desk.close();
        if (opens) {
            open();
        }
    }

    /** Goes back to the pages of what is chosen. */
    public void leave() {
        desk.looking().lift(Place.TUTOR);
    }

    /** The page that is open. */
    public ObjectProperty<Side> pageProperty() {
        return page;
    }

    /** The answers. */
    public ReadOnlyObjectProperty<State> stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** The answer that is looked at; null for none. */
    public ObjectProperty<Chosen> chosenProperty() {
        return chosen;
    }

    /** How much is done, from 0 to 1; negative where that is not known. */
    public double progress() {
        return run.share();
    }

    /** Stops reading or marking; what was there before stays. */
    public void stop() {
        run.stop();
    }

    /** Another assignment lies on the desk. */
    @Override
    public void forget() {
        stop();
        given = List.of();
        basis = null;
        chosen.set(null);
        state.set(State.NOTHING);
        page.set(Side.QUESTIONS);
    }

    /** Marks are made anew when what they depend on has changed. */
    @Override
    public void refresh() {
        if (!given.isEmpty()
                && !state.get().busy()
                && !Basis.of(desk.assignment()).equals(basis)) {
            mark(given, state.get().told(), state.get().source());
        }
    }

    /** Reads a table of answers, or a folder of assignments, and marks it. */
    public void take(Path source) {
        stop();
        Progress mine = new Progress();
        run = mine;
        Assignment assignment = desk.assignment();
        String usual = desk.selectedProperty().get();
        page.set(Side.ANSWERS);
        state.set(state.get().working());
        desk.inBackground(
                Lane.MARKING,
                () -> collected(source, assignment, usual, mine),
                read -> taken(source, read, mine),
                () -> state.set(State.NOTHING));
    }

    private record Read(Optional<Collected> collected, Optional<String> problem) {}

    private static Read collected(Path source, Assignment assignment, String usual, Progress run) {
        try {
            Collected collected = Files.isDirectory(source)
                    ? Collected.ofFolder(source, assignment, run)
                    : Collected.ofTable(source, assignment, usual);
            String told = Words.of(collected.told());
            String nothing = told.isEmpty() ? Words.of("tutor.nothing", source.getFileName()) : told;
            return collected.given().isEmpty()
                    ? new Read(Optional.empty(), Optional.of(nothing))
                    : new Read(Optional.of(collected), Optional.empty());
        } catch (InputProblem problem) {
            return new Read(Optional.empty(), Optional.of(Words.of(problem.sentence())));
        }
    }

    private void taken(Path source, Read read, Progress mine) {
        if (mine != run) {
            return;
        }
        if (mine.isStopped()) {
            state.set(new State(
                    state.get().source(), state.get().set(), state.get().told(), Optional.empty(), false));
        } else if (read.collected().isEmpty()) {
            given = List.of();
            state.set(new State(Optional.of(source), Optional.empty(), List.of(), read.problem(), false));
        } else {
            Collected collected = read.collected().get();
            List<String> told = collected.told().stream().map(Words::of).toList();
            chosen.set(null);
            mark(collected.given(), told, Optional.of(source));
        }
    }

    private void mark(List<Given> answers, List<String> told, Optional<Path> source) {
        run.stop();
        Progress mine = new Progress(answers.size());
        run = mine;
        Assignment assignment = desk.assignment();
        Basis now = Basis.of(assignment);
        state.set(state.get().working());
        desk.inBackground(
                Lane.MARKING,
                () -> new SetMarker(assignment).mark(answers, mine),
                marked -> {
                    if (mine != run) {
                        return;
                    }
                    State before = state.get();
                    if (marked.isEmpty()) {
                        state.set(new State(before.source(), before.set(), before.told(), before.problem(), false));
                        return;
                    }
                    given = answers;
                    basis = now;
                    state.set(new State(
                            source,
                            Optional.of(new MarkedSet(assignment.tasks(), marked.get())),
                            told,
                            Optional.empty(),
                            false));
                    // The card, questions or samples may have changed while it was marked.
                    refresh();
                },
                () -> state.set(State.NOTHING));
    }

    /** How questions are called. */
    public QuestionNames names() {
        return new QuestionNames(desk.assignment());
    }

    /** The answer that is looked at, with its mark. */
    public Optional<MarkedAnswer> looked() {
        return Optional.ofNullable(chosen.get())
                .flatMap(one -> state.get().set().flatMap(set -> set.at(one.who(), one.question())));
    }

    /** The working beside that of the mistake which the mark of an answer names; empty where there is none to be worked through. */
    public Optional<TwoWorkings> twoWorkings(MarkedAnswer answer) {
        Assignment.Question question = answer.given().question();
        return desk.assignment().sheet(question.sheetId()).flatMap(sheet -> {
            Sample sample = Interpretation.of(sheet, answer.card()).sample();
            return Catalogue.of(sample).find(question.measure(), answer.card()).flatMap(measure -> answer.mark()
                    .likeliest()
                    .flatMap(mistake -> TwoWorkings.of(mistake, measure, sample, answer.card())));
        });
    }

    /** The note to a student. */
    public String note(String who) {
        return state.get().set().map(set -> set.note(who, names())).orElse("");
    }

    /** Writes the marks: JSON or the notes as text where the name ends so, else CSV; off the thread of the window. */
    public void write(Path file) {
        Optional<MarkedSet> set = state.get().set();
        Assignment assignment = desk.assignment();
        set.ifPresent(marks -> desk.inBackground(
                Lane.WRITING, () -> written(new MarksWriter(assignment, marks), file), desk::say, () -> {}));
    }

    private static String written(MarksWriter writer, Path file) {
        String name = file.getFileName().toString();
        try {
            if (name.endsWith(".json")) {
                writer.json(file);
            } else if (name.endsWith(".txt")) {
                writer.notes(file);
            } else {
                int guarded = writer.csv(file);
                return guarded == 0
                        ? Words.of("tutor.written", name)
                        : Words.of("tutor.written", name) + " " + Words.of("message.csv.guarded", guarded);
            }
            return Words.of("tutor.written", name);
        } catch (InputProblem problem) {
            return Words.of(problem.sentence());
        }
    }

    /** Saves the assignment as students get it, off the thread of the window. */
    public void issue(Path file) {
        Assignment bare = desk.assignment().handedOut();
        desk.inBackground(
                Lane.WRITING,
                () -> {
                    try {
                        AssignmentFile.write(bare, file);
                        return Words.of("tutor.issued", file.getFileName());
                    } catch (InputProblem problem) {
                        return Words.of(problem.sentence());
                    }
                },
                desk::say,
                () -> {});
    }

    /** The questions that are posed. */
    public Tasks tasks() {
        return desk.assignment().tasks();
    }

    /** Poses a question, at its place where it is posed already, else as the last. */
    public void pose(Task task) {
        List<Task> all = tasks().all();
        int at = tasks().of(task.question()).map(all::indexOf).orElse(all.size());
        if (!tasks().of(task.question()).filter(task::equals).isPresent()) {
            desk.make(new AnswerEdit.PoseTask(at, task));
        }
    }

    /** Moves a question up by one place. */
    public void moveUp(Task task) {
        desk.make(new AnswerEdit.PoseTask(tasks().all().indexOf(task) - 1, task));
    }

    /** Takes a question back. */
    public void drop(Task task) {
        desk.make(new AnswerEdit.DropTask(
                task.question().sheetId(), task.question().measure()));
    }

    /** Sets the card as it is now, or leaves it open. */
    public void setCard(boolean set) {
        desk.make(new AnswerEdit.SetCard(set));
    }

    /** Puts the card back as it was set. */
    public void putCardBack() {
        tasks().card().ifPresent(set -> desk.make(new Edit.ChangeCard(set)));
    }

    /** Whether the card is not as it was set. */
    public boolean isCardChanged() {
        return tasks().card()
                .filter(set -> !Objects.equals(set, desk.assignment().card()))
                .isPresent();
    }
}
