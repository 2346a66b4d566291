package promedio.core.answers;

import promedio.core.course.CourseCard;
import promedio.core.formula.Outcome;
import promedio.core.marking.Mark;
import promedio.core.marking.Verdict;

/**
 * An answer with its mark.
 *
 * @param given the answer
 * @param verdict what is to be said of it
 * @param mark the same in words
 * @param outcome what is right
 * @param card the card it was marked under
 * @param dataPlaces the decimal places of the data
 */
public record MarkedAnswer(Given given, Verdict verdict, Mark mark, Outcome outcome, CourseCard card, int dataPlaces) {
    /** Whether it gets its points: right as far as it goes, rounded on the way, or following from an answer marked already. */
    public boolean isCredited() {
        return mark.kind() == Mark.Kind.AGREES
                || mark.kind() == Mark.Kind.ROUNDED
                || verdict instanceof Verdict.Follows;
    }
}
