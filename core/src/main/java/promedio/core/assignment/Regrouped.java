package promedio.core.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Ranking;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind;

/**
 * A sample written down anew as a table, two columns of entries: to be put on the shelf as a sample of its own.
 *
 * @param kind a frequency or class table
 * @param first the values or classes
 * @param frequencies their frequencies
 */
public record Regrouped(SampleKind kind, List<String> first, List<String> frequencies) {
    /** Copies the columns. */
    public Regrouped {
        first = List.copyOf(first);
        frequencies = List.copyOf(frequencies);
    }

    /** The classes of a table. */
    public static Regrouped classes(ClassTable table, Numerals numerals) {
        return new Regrouped(
                SampleKind.CLASSES,
                table.classes().stream().map(ClassInterval::label).toList(),
                table.classes().stream()
                        .map(one -> numerals.write(one.frequency()))
                        .toList());
    }

    /** The different values of a sample with their frequencies. */
    public static Regrouped values(Sample sample, Numerals numerals) {
        Decimals distinct = sample.ranking().distinct();
        List<String> values = new ArrayList<>();
        for (int i = 0; i < distinct.size(); i++) {
            values.add(numerals.write(distinct.decimal(i)));
        }
        return new Regrouped(SampleKind.FREQUENCIES, values, frequencies(sample.ranking(), numerals));
    }

    /** Equally spaced values read as the midpoints of classes that meet halfway; empty where the spaces differ. */
    public static Optional<Regrouped> midpoints(Sample sample, Numerals numerals) {
        Decimals distinct = sample.ranking().distinct();
        if (distinct.size() < 2) {
            return Optional.empty();
        }
        Exact step = distinct.at(1).minus(distinct.at(0));
        List<String> classes = new ArrayList<>();
        for (int i = 0; i < distinct.size(); i++) {
            if (i > 0 && !distinct.at(i).minus(distinct.at(i - 1)).equals(step)) {
                return Optional.empty();
            }
            classes.add(numerals.write(distinct.at(i).minus(step.half())) + " to under "
                    + numerals.write(distinct.at(i).plus(step.half())));
        }
        return Optional.of(new Regrouped(SampleKind.CLASSES, classes, frequencies(sample.ranking(), numerals)));
    }

    private static List<String> frequencies(Ranking ranking, Numerals numerals) {
        List<String> frequencies = new ArrayList<>();
        for (int i = 0; i < ranking.distinct().size(); i++) {
            frequencies.add(numerals.write(ranking.weight(i)));
        }
        return frequencies;
    }
}
