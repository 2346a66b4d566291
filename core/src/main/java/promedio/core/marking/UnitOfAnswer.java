package promedio.core.marking;

import java.util.Optional;
import promedio.core.measure.Measure;
import promedio.core.number.Units;
import promedio.core.sentence.Sentence;

/**
 * Whether an answer stands in the unit that its measure has.
 *
 * @param unit the unit of the sample’s values; empty where they have none
 */
record UnitOfAnswer(String unit) {
    /** What is to be said of the unit of an answer; nothing where it has none, or the right one. */
    Optional<Sentence> said(Answer answer, Measure.Dimension dimension) {
        if (!(answer instanceof Answer.Numbers given)) {
            return Optional.empty();
        }
        boolean square = dimension == Measure.Dimension.SQUARED;
        return given.numbers().stream()
                .flatMap(number -> number.unit().stream())
                .filter(read -> !isRight(read, dimension))
                .findFirst()
                .map(read -> dimension == Measure.Dimension.NONE
                        ? Sentence.of("answer.no-unit", read.name())
                        : dimension == Measure.Dimension.PERCENT
                                ? Sentence.of("answer.in-percent", written(read))
                                : Sentence.of("answer.wrong-unit", square ? unit + "²" : unit, written(read)));
    }

    private static String written(Units.Unit read) {
        return read.power() == 2 ? read.name() + "²" : read.name();
    }

    private boolean isRight(Units.Unit read, Measure.Dimension dimension) {
        boolean percent = read.name().equals(Units.PERCENT);
        return switch (dimension) {
            case NONE -> percent && read.power() == 1;
            case PERCENT -> percent;
            case UNIT -> unit.isEmpty() || read.power() == 1 && read.name().equals(Units.nameOf(unit));
            case SQUARED -> unit.isEmpty() || read.power() == 2 && read.name().equals(Units.nameOf(unit));
        };
    }
}
