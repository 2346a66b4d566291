package promedio.core.ownwork;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Pattern;
import promedio.core.course.CourseCard;
import promedio.core.jotter.Jotted;
import promedio.core.jotter.Jotter;
import promedio.core.jotter.Lists;
import promedio.core.marking.Answer;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;
import promedio.core.number.Numerals;

/**
 * A figure as a student wrote it.
 *
 * @param value what it is
 * @param places the decimal places written; empty for a fraction or some arithmetic, which is exact
 * @param figures the significant figures written
 */
record Written(Exact value, OptionalInt places, int figures) {
    private static final Pattern ARITHMETIC =
            Pattern.compile("[-+−*×·/^²³()0-9.,√ ]*[-+−*×·/^²³(][-+−*×·/^²³()0-9.,√ ]*");
    private static final int LONGEST = 80;

    /** Reads a cell: a number, a fraction, or arithmetic such as {@code 18*2.5}; empty where it is neither. */
    static Optional<Written> read(String cell, Numerals numerals) {
        String plain = cell.strip();
        Optional<Numerals.Numeral> number = numerals.read(plain.replace('−', '-'));
        if (number.isPresent()) {
            return number.map(numeral ->
                    new Written(numeral.exact(), OptionalInt.of(numeral.places()), significant(numeral.value())));
        }
        if (plain.length() <= LONGEST && ARITHMETIC.matcher(plain).matches() && plain.matches(".*[0-9].*")) {
            Optional<Written> worked = worked(plain);
            if (worked.isPresent()) {
                return worked;
            }
        }
        return Answer.parse(plain) instanceof Answer.Numbers numbers
                        && numbers.numbers().size() == 1
                        && numbers.numbers().get(0).value() instanceof Exact value
                ? Optional.of(new Written(
                        value,
                        numbers.numbers().get(0).places().map(OptionalInt::of).orElse(OptionalInt.empty()),
                        numbers.numbers().get(0).figures()))
                : Optional.empty();
    }

    private static int significant(BigDecimal value) {
        return value.signum() == 0 ? 0 : value.precision();
    }

    private static Optional<Written> worked(String arithmetic) {
        String plain = arithmetic.replace('−', '-').replace("²", "^2").replace("³", "^3");
        Jotted jotted = new Jotter(1, () -> {}).ask(plain, Lists.NONE, CourseCard.STANDARD);
        return jotted.result()
                .filter(result -> result.size() == 1 && !jotted.isApproximate())
                .flatMap(result -> Numerals.POINT
                        .read(jotted.values(Numerals.MOST_DIGITS).get(0).replace('−', '-'))
                        .map(Numerals.Numeral::exact))
                .map(value -> new Written(value, OptionalInt.empty(), Integer.MAX_VALUE));
    }

    /** Whether it is a figure to the last digit. */
    boolean is(Exact figure) {
        return value.equals(figure);
    }

    /** Whether it is a figure, or that figure rounded to the places written. */
    boolean isRounded(Exact figure) {
        if (is(figure)) {
            return true;
        }
        if (places.isEmpty()) {
            return false;
        }
        BigDecimal own = value.toPlaces(places.getAsInt(), HalfRule.HALF_UP);
        return figure.toPlaces(places.getAsInt(), HalfRule.HALF_UP).compareTo(own) == 0
                || figure.toPlaces(places.getAsInt(), HalfRule.HALF_EVEN).compareTo(own) == 0;
    }
}
