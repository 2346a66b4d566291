package promedio.desktop.model.desk;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyLongProperty;
import promedio.core.assignment.AnswerEdit;
import promedio.core.assignment.Asking;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Attempt;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Tasks;
import promedio.core.marking.Mark;
import promedio.core.sentence.Sentence;
import promedio.desktop.text.Words;

/** The margin beside the chosen sample: the student's answers, their marks, and what is covered until it is answered. */
public final class Margin {
    private final Desk desk;
    private final Computation computation;
    private Function<String, Optional<Sentence>> following = question -> Optional.empty();

    Margin(Desk desk, Computation computation) {
        this.desk = desk;
        this.computation = computation;
    }

    /** Writes an answer to a question of the chosen sample. */
    public void answer(String question, String text) {
        desk.make(new AnswerEdit.WriteAnswer(desk.selectedProperty().get(), question, text));
    }

    /** The answer to a question of the chosen sample; empty text when there is none. */
    public String answer(String question) {
        return attempted(question).answer();
    }

    /** Whether a figure of the chosen sample is covered: until it is answered or, on the hints way, until it is found. */
    public boolean covers(String question) {
        return desk.assignment().covers(desk.selectedProperty().get(), question)
                || isSought(question)
                || isOpen(question) && mark(question).filter(Mark::follows).isPresent();
    }

    private Assignment.Question asked(String question) {
        return new Assignment.Question(desk.selectedProperty().get(), question);
    }

    private Attempt attempted(String question) {
        return desk.assignment().attempt(desk.selectedProperty().get(), question);
    }

    /** Whether marks give hints, one by one. */
    public boolean givesHints() {
        Asking asking = desk.assignment().asking();
        return asking.covered() && asking.hinting();
    }

    /** On the hints way: answered, and neither right nor looked up nor told yet. */
    public boolean isSought(String question) {
        return isOpen(question)
                && mark(question).filter(mark -> mark.fault().isEmpty()).isEmpty();
    }

    /** On the hints way: answered, and neither looked up nor told yet. */
    private boolean isOpen(String question) {
        return givesHints()
                && attempted(question).isAnswered()
                && !attempted(question).lifted()
                && hints(question) < Attempt.LAST_HINT;
    }

    /** How many hints were taken to the answer as it is. */
    public int hints(String question) {
        return attempted(question).hintsToAnswer();
    }

    /** What was told so far on the hints way; empty while nothing was. */
    public String told(String question) {
        SheetFigures figures = desk.settledProperty().get();
        Optional<Mark> mark = mark(question);
        if (figures == null || mark.isEmpty() || hints(question) == 0) {
            return "";
        }
        return figures.line(question)
                .flatMap(line -> figures.clues(line, mark.get()))
                .map(clues -> hints(question) == 1
                        ? Words.of(clues.step())
                        : Words.of(clues.step()) + " " + Words.of(clues.kind()))
                .orElse("");
    }

    /** Takes one more hint to the answer as it is. */
    public void takeHint(String question) {
        desk.make(new AnswerEdit.TakeHint(desk.selectedProperty().get(), question));
    }

    /** Has marks give hints, or say at once what happened. There are no hints to a figure that lies open: it is covered with them. */
    public void giveHints(boolean give) {
        Edit hints = new AnswerEdit.GiveHints(give);
        boolean covered = desk.assignment().asking().covered();
        desk.make(
                give && !covered
                        ? new Edit.Together(hints.undoKey(), List.of(new AnswerEdit.CoverFigures(true), hints))
                        : hints);
    }

    /** A question as the tutor posed it, where one did, in few words. */
    public Optional<String> posed(String question) {
        Tasks tasks = desk.assignment().tasks();
        return tasks.of(asked(question))
                .map(task -> Words.of(
                        task.brief(tasks.number(task), desk.assignment().card())));
    }

    /** The same in full. */
    public Optional<String> posedInFull(String question) {
        Tasks tasks = desk.assignment().tasks();
        return tasks.of(asked(question)).map(task -> Words.of(task.told(tasks.number(task))));
    }

    /** Covers all figures until they are answered, or uncovers them. */
    public void coverFigures(boolean cover) {
        desk.make(new AnswerEdit.CoverFigures(cover));
    }

    /** Lifts the cover of one figure without an answer. */
    public void liftCover(String question) {
        desk.make(new AnswerEdit.LiftCover(desk.selectedProperty().get(), question));
    }

    /** How a figure came to be seen, for the margin: after a first answer that differs, or with the cover lifted. */
    public String attempt(String question) {
        Attempt attempt = attempted(question);
        String first = attempt.otherFirst()
                .map(answer -> Words.of("attempt.first", answer))
                .orElse("");
        int hints = attempt.allHints();
        return Stream.of(
                        attempt.lifted() ? Words.of("attempt.lifted") : "",
                        first,
                        hints == 0 ? "" : Words.of(hints == 1 ? "attempt.hint" : "attempt.hints", hints))
                .filter(said -> !said.isEmpty())
                .collect(Collectors.joining(" "));
    }

    /** The mark of the answer to a question of the chosen sample; none yet while it is being marked. */
    public Optional<Mark> mark(String question) {
        String answer = answer(question);
        return answer.isEmpty()
                ? Optional.empty()
                : computation
                        .mark(question, answer, desk.answered())
                        .map(mark -> mark.fault().isEmpty()
                                ? mark
                                : following.apply(question).map(Mark::following).orElse(mark));
    }

    /**
     * Who else knows what an answer comes of where nothing else explains it.
     *
     * @param knows what an answer that is not right follows from, by question
     */
    public void explainedBy(Function<String, Optional<Sentence>> knows) {
        following = knows;
    }

    /** Has answers shown with their marks anew, since more is known of what they come of. */
    public void remark() {
        computation.marked().set(computation.marked().get() + 1);
    }

    /** Changes whenever a mark is there that was not when it was asked for. */
    public ReadOnlyLongProperty markedProperty() {
        return computation.marked().getReadOnlyProperty();
    }
}
