package promedio.core.language;

import java.util.Arrays;
import java.util.Optional;
import promedio.core.number.Exact;

/** Measures of a column that a formula can ask for. */
public enum Measured {
    /** How many cells are not missing. */
    COUNT("count"),
    /** Their sum; 0 of none. */
    SUM("sum"),
    /** Their mean. */
    MEAN("mean"),
    /** Their median, by the course. */
    MEDIAN("median"),
    /** The value that occurs most often, if there is exactly one. */
    MODE("mode"),
    /** The smallest. */
    SMALLEST("smallest"),
    /** The largest. */
    LARGEST("largest"),
    /** Largest less smallest. */
    RANGE("range"),
    /** The standard deviation, with the divisor of the course. */
    SD("sd"),
    /** The variance, with the divisor of the course. */
    VARIANCE("variance"),
    /** How many different ones there are. */
    DISTINCT("distinct"),
    /** A quartile, by the course. */
    QUARTILE("quartile"),
    /** A percentile, by the course. */
    PERCENTILE("percentile");

    private final String word;

    Measured(String word) {
        this.word = word;
    }

    /** The word of the language. */
    public String word() {
        return word;
    }

    /**
     * The question that the catalogue of measures has for it; empty for a count.
     *
     * @param part which quartile or percentile
     */
    public Optional<String> question(Optional<Exact> part) {
        return switch (this) {
            case COUNT -> Optional.empty();
            case SMALLEST -> Optional.of("minimum");
            case LARGEST -> Optional.of("maximum");
            case QUARTILE, PERCENTILE -> part.map(which -> word + "-" + which);
            default -> Optional.of(word);
        };
    }

    static Optional<Measured> find(String word) {
        String meant =
                switch (word) {
                    case "average" -> "mean";
                    case "minimum", "min" -> "smallest";
                    case "maximum", "max" -> "largest";
                    default -> word;
                };
        return Arrays.stream(values()).filter(one -> one.word.equals(meant)).findFirst();
    }
}
