package promedio.core.marking;

import java.util.Optional;
import promedio.core.measure.Measure.Dimension;
import promedio.core.measure.MeasuredIn;
import promedio.core.number.Units;
import promedio.core.sentence.Sentence;

/**
 * Whether an answer stands in the unit that its measure has.
 *
 * @param in the units of the sample’s values
 */
record UnitOfAnswer(MeasuredIn in) {
    /** What is to be said of the unit of an answer; nothing where it has none, or the right one. */
    Optional<Sentence> said(Answer answer, Dimension of) {
        Dimension dimension = in.here(of);
        if (!(answer instanceof Answer.Numbers given)) {
            return Optional.empty();
        }
        return given.numbers().stream()
                .flatMap(number -> number.unit().stream())
                .filter(read -> !isRight(read, dimension))
                .findFirst()
                .map(read -> dimension == Dimension.NONE
                        ? Sentence.of("answer.no-unit", read.name())
                        : dimension == Dimension.PERCENT
                                ? Sentence.of("answer.in-percent", written(read))
                                : Sentence.of("answer.wrong-unit", in.written(dimension), written(read)));
    }

    private static String written(Units.Unit read) {
        return read.power() == 2 ? read.name() + "²" : read.name();
    }

    private boolean isRight(Units.Unit read, Dimension dimension) {
        boolean percent = read.name().equals(Units.PERCENT);
        String base = in.base(dimension);
        return switch (dimension) {
            case NONE -> percent && read.power() == 1;
            case PERCENT -> percent;
            case SQUARED, SECOND_SQUARED ->
                base.isEmpty() || read.power() == 2 && read.name().equals(Units.nameOf(base));
            default -> base.isEmpty() || read.power() == 1 && read.name().equals(Units.nameOf(base));
        };
    }
}
