package promedio.core.sample;

import static promedio.core.sample.SampleKind.COMBINATION;
import static promedio.core.sample.SampleKind.CORRECTION;
import static promedio.core.sample.SampleKind.EMPIRICAL;
import static promedio.core.sample.SampleKind.MISSING;
import static promedio.core.sample.SampleKind.SCORES;
import static promedio.core.sample.SampleKind.TOTALS;
import static promedio.core.sample.SampleKind.TRANSFORM;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A name under which a question gives something, and in which kinds of question it may. */
public enum GivenName {
    /** Values or classes, letters among them. */
    VALUES("values", 1, MISSING),
    /** How often each counts, letters among them. */
    FREQUENCIES("frequencies", 1, MISSING),
    /** n, the number of values. */
    COUNT("n", 1, TOTALS, CORRECTION, MISSING),
    /** Σx. */
    SUM("sum", 1, TOTALS, CORRECTION, MISSING),
    /** Σx². */
    SUM_SQUARES("sum-squares", 1, TOTALS, CORRECTION),
    /** A, about which deviations are taken. */
    ASSUMED_MEAN("assumed-mean", 1, TOTALS),
    /** Σ(x − A). */
    SUM_DEVIATIONS("sum-deviations", 1, TOTALS),
    /** Σ(x − A)². */
    SUM_DEVIATIONS_SQUARED("sum-deviations-squared", 1, TOTALS),
    /** What is added to each value. */
    PLUS("plus", 1, TRANSFORM),
    /** What each value is multiplied by, before anything is added. */
    TIMES("times", 1, TRANSFORM),
    /** The mean. */
    MEAN("mean", 1, TOTALS, CORRECTION, TRANSFORM, EMPIRICAL, MISSING),
    /** The median. */
    MEDIAN("median", 1, TRANSFORM, EMPIRICAL, MISSING),
    /** The mode. */
    MODE("mode", 1, TRANSFORM, EMPIRICAL, MISSING),
    /** The lower quartile. */
    LOWER_QUARTILE("quartile-1", 1, TRANSFORM),
    /** The upper quartile. */
    UPPER_QUARTILE("quartile-3", 1, TRANSFORM),
    /** The range. */
    RANGE("range", 1, TRANSFORM),
    /** The interquartile range. */
    IQR("iqr", 1, TRANSFORM),
    /** The standard deviation, with the divisor of the course. */
    SD("sd", 1, TOTALS, CORRECTION, TRANSFORM, MISSING),
    /** The variance, with the divisor of the course. */
    VARIANCE("variance", 1, TOTALS, CORRECTION, TRANSFORM, MISSING),
    /** The mean deviation. */
    MEAN_DEVIATION("mean-deviation", 1, TRANSFORM),
    /** A coefficient of skewness. */
    SKEWNESS("skewness", 1, TRANSFORM),
    /** A coefficient of kurtosis. */
    KURTOSIS("kurtosis", 1, TRANSFORM),
    /** A value as it was read by mistake, and as it is. */
    READ("read", 2, CORRECTION),
    /** A value that was forgotten. */
    LEFT_OUT("left-out", 1, CORRECTION),
    /** A value that was counted and does not belong to the others, or was counted twice. */
    NOT_BELONGING("not-belonging", 1, CORRECTION),
    /** A group: its count, mean and perhaps standard deviation. */
    PART("part", 3, COMBINATION),
    /** All groups together: count, mean and perhaps standard deviation. */
    WHOLE("whole", 3, COMBINATION),
    /** A value with the mean and the standard deviation of its distribution. */
    SCORE("score", 3, SCORES);

    private final String id;
    private final int width;
    private final Set<SampleKind> kinds;

    GivenName(String id, int width, SampleKind... kinds) {
        this.id = id;
        this.width = width;
        this.kinds = EnumSet.copyOf(Arrays.asList(kinds));
    }

    /** The stable name, in files and on the command line. */
    public String id() {
        return id;
    }

    /** How many figures stand under it, at most. */
    public int width() {
        return width;
    }

    /** How many figures stand under it, at least. */
    public int least() {
        return this == PART || this == WHOLE ? 1 : width;
    }

    /** Whether figures under it have a label of their own, before them. */
    public boolean isLabelled() {
        return this == PART || this == SCORE;
    }

    /** Whether a row of figures stands under it, some of which may be letters. */
    public boolean isRow() {
        return this == VALUES || this == FREQUENCIES;
    }

    /** Whether it may be given more than once. */
    public boolean isRepeated() {
        return isLabelled() || this == READ || this == LEFT_OUT || this == NOT_BELONGING;
    }

    /** Whether a figure under it can be what the question seeks: not where something is put right, or compared. */
    public boolean canBeSought() {
        return this != READ && this != LEFT_OUT && this != NOT_BELONGING && this != SCORE;
    }

    /** The names of a kind of question, in the order in which they are asked for. */
    public static List<GivenName> of(SampleKind kind) {
        return Arrays.stream(values()).filter(name -> name.kinds.contains(kind)).toList();
    }

    /** The name with an id in a kind of question; empty where it has none. */
    public static Optional<GivenName> find(SampleKind kind, String id) {
        return of(kind).stream().filter(name -> name.id.equals(id)).findFirst();
    }
}
