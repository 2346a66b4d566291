package promedio.core.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.number.Figure;
import promedio.core.sample.Givens;

/** What follows from what a question gives, by its kind. */
public final class GivenMeasures {
    private GivenMeasures() {}

    static List<Entry> of(Givens givens) {
        return switch (givens.kind()) {
            case TOTALS -> GivenTotals.of(givens);
            case CORRECTION -> GivenCorrection.of(givens);
            case COMBINATION -> GivenCombination.of(givens);
            case TRANSFORM -> GivenTransform.of(givens);
            case EMPIRICAL -> GivenEmpirical.of(givens);
            case SCORES -> GivenScores.of(givens);
            case MISSING -> GivenMissing.of(givens);
            case VALUES, FREQUENCIES, CLASSES, PAIRS, CATEGORIES -> List.of();
        };
    }

    /** Every solution where letters have more than one: what each letter is. */
    public static List<Map<String, Figure>> solutions(Givens givens) {
        return GivenMissing.solutions(givens);
    }

    /** Whether the letters that were found make every frequency a whole number; empty where nothing was found, or is counted. */
    public static Optional<Boolean> whole(Givens givens) {
        return GivenMissing.whole(givens);
    }

    /** The labels of the highest of several scores: several where they are equally high, none where one is not known. */
    public static List<String> best(Givens givens) {
        return GivenScores.best(givens);
    }
}
