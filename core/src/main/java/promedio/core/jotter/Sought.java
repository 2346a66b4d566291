package promedio.core.jotter;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import promedio.core.language.Expression;
import promedio.core.language.Fault;
import promedio.core.language.Formula;

/**
 * One measure of one list, where that is all that a line asks for: what has a working.
 *
 * @param question the question of the measure, as the catalogue of measures has it
 * @param of the name of the list; empty where it is written out
 * @param list the list as it is written
 */
public record Sought(String question, Optional<String> of, String list) {
    /** What a line asks for; empty where it is something else, or nothing that can be worked out. */
    public static Optional<Sought> of(String text) {
        try {
            return Formula.line(text).asked().flatMap(asked -> of(asked, text));
        } catch (Fault | ArithmeticException | StackOverflowError none) {
            return Optional.empty();
        }
    }

    /** All measures of lists with a name that a line asks for, in whatever it does with them. */
    public static List<Sought> within(String text) {
        try {
            return Formula.line(text).asked().stream()
                    .flatMap(Sought::parts)
                    .flatMap(part -> of(part, text).stream())
                    .filter(sought -> sought.of().isPresent())
                    .toList();
        } catch (Fault | ArithmeticException | StackOverflowError none) {
            return List.of();
        }
    }

    private static Stream<Expression> parts(Expression whole) {
        return Stream.concat(Stream.of(whole), whole.parts().stream().flatMap(Sought::parts));
    }

    private static Optional<Sought> of(Expression asked, String text) {
        if (!(asked instanceof Expression.Summary summary) || !summary.within().isEmpty()) {
            return Optional.empty();
        }
        String list = text.substring(
                summary.of().at().from(),
                Math.min(text.length(), summary.of().at().to()));
        Optional<String> name =
                summary.of() instanceof Expression.Column column ? Optional.of(column.name()) : Optional.empty();
        return summary.measure().question(summary.part()).map(question -> new Sought(question, name, list));
    }
}
