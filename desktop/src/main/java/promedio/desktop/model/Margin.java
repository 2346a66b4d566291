package promedio.desktop.model;

import java.util.Optional;
import javafx.beans.property.ReadOnlyLongProperty;
import promedio.core.assignment.AnswerEdit;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Attempts;
import promedio.core.marking.Mark;
import promedio.desktop.text.Words;

/** The margin beside the chosen sample: the student's answers, their marks, and what is covered until it is answered. */
public final class Margin {
    private final DeskModel desk;
    private final Computation computation;

    Margin(DeskModel desk, Computation computation) {
        this.desk = desk;
        this.computation = computation;
    }

    /** Writes an answer to a question of the chosen sample. */
    public void answer(String question, String text) {
        desk.make(new AnswerEdit.WriteAnswer(desk.selectedProperty().get(), question, text));
    }

    /** The answer to a question of the chosen sample; empty text when there is none. */
    public String answer(String question) {
        return desk.assignment().answer(desk.selectedProperty().get(), question).orElse("");
    }

    /** Whether a figure of the chosen sample is covered until it is answered. */
    public boolean covers(String question) {
        return desk.assignment().covers(desk.selectedProperty().get(), question);
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
        Assignment.Question asked =
                new Assignment.Question(desk.selectedProperty().get(), question);
        Attempts attempts = desk.assignment().attempts();
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
        return answer.isEmpty() ? Optional.empty() : computation.mark(question, answer, desk.answers());
    }

    /** Changes whenever a mark is there that was not when it was asked for. */
    public ReadOnlyLongProperty markedProperty() {
        return computation.marked().getReadOnlyProperty();
    }
}
