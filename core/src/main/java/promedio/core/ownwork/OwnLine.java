package promedio.core.ownwork;

import java.util.List;
import java.util.Optional;
import promedio.core.marking.Told;
import promedio.core.marking.Verdict;

/**
 * What is to be said of a line below a student's table: {@code mean}, {@code variance} and so on.
 *
 * @param question what it answers
 * @param answer as it is written
 * @param verdict as for any answer about the sample
 * @param from the columns whose totals lead to it, where it follows from a wrong one of the student's own and from no answer
 */
public record OwnLine(String question, String answer, Verdict verdict, List<Quantity> from) {
    /** Copies the list. */
    public OwnLine {
        from = List.copyOf(from);
    }

    /** Its stable word: {@code follows} where it follows from the table. */
    public String id() {
        return from.isEmpty() ? Told.of(verdict).id() : "follows";
    }

    /** Whether it is right, or as right as it is written. */
    public boolean agrees() {
        return from.isEmpty()
                && List.of("agrees", "agrees-rounded", "drift", "names-the-class")
                        .contains(id());
    }

    /** Whether it comes of the student's own earlier figures by the right method, whatever these are. */
    public boolean isByMethod() {
        return agrees() || List.of("follows", "convention").contains(id());
    }

    /** The first column that it follows from. */
    public Optional<Quantity> first() {
        return from.stream().findFirst();
    }
}
