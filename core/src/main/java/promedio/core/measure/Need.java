package promedio.core.measure;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;

/**
 * What a measure needs of a sample, with the sentence to say when it is not met.
 *
 * @param met whether a sample meets it
 * @param otherwise why the measure has no value when it does not
 */
public record Need(Predicate<Sample> met, Sentence otherwise) {
    /** At least one value: every measure needs it. */
    public static final Need A_VALUE = new Need(sample -> !sample.isEmpty(), Sentence.of("need.a-value"));
    /** Counted frequencies: n − 1 and n + 1 mean nothing for proportions. */
    public static final Need COUNTS = new Need(sample -> !sample.shape().relative(), Sentence.of("need.counts"));
    /** At least two values. */
    public static final Need TWO = atLeast(2);
    /** Positive values only. */
    public static final Need POSITIVE = new Need(
            sample -> sample.isOpenEnded() || sample.ranking().distinct().at(0).signum() > 0,
            Sentence.of("need.positive"));
    /** Values that are not all equal. */
    public static final Need UNEQUAL = new Need(
            sample -> sample.isOpenEnded() || sample.ranking().distinct().size() > 1, Sentence.of("need.unequal"));

    /** At least some values. */
    public static Need atLeast(int count) {
        return new Need(sample -> sample.count().compareTo(Exact.of(count)) >= 0, Sentence.of("need.values." + count));
    }

    static Optional<Sentence> firstMissing(List<Need> needs, Sample sample) {
        if (!A_VALUE.met.test(sample)) {
            return Optional.of(A_VALUE.otherwise);
        }
        return needs.stream().filter(need -> !need.met.test(sample)).findFirst().map(Need::otherwise);
    }
}
