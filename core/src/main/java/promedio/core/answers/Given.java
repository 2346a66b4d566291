package promedio.core.answers;

import java.util.List;
import java.util.Optional;
import promedio.core.assignment.Assignment;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;

/**
 * An answer of a student.
 *
 * @param who the student
 * @param question what is answered
 * @param answer as it is written
 * @param places the decimal places asked, where the file of answers says it
 * @param remarks how it came about: with the cover lifted, after hints
 */
public record Given(
        String who, Assignment.Question question, String answer, Optional<Integer> places, List<Sentence> remarks) {
    private static final int LONGEST_SHOWN = 200;

    /** Copies the remarks. */
    public Given {
        remarks = List.copyOf(remarks);
    }

    /** The answer as it is shown: on one line, and not without end. */
    public String shown() {
        return Visible.line(answer, LONGEST_SHOWN);
    }
}
