package promedio.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.Divisor;
import promedio.core.data.Entries;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.Numerals;
import promedio.core.report.GivenReport;
import promedio.core.sample.GivenName;
import promedio.core.sample.Givens;
import promedio.core.sample.GivensReader;
import promedio.core.sample.Linear;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.LetteredReader;

/** What is taken out of data is found again from what is told of the whole, whatever it was. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class MissingLawsTest {
    private static final CourseCard CARD = CourseCard.STANDARD.with(CardKey.DIVISOR, Divisor.POPULATION);

    private static Sample given(Map<String, String> givens) throws GivensReader.Fault {
        GivensReader reader = LetteredReader.givens(SampleKind.MISSING, CARD);
        for (Map.Entry<String, String> one : givens.entrySet()) {
            reader.take(one.getKey(), one.getValue());
        }
        return Sample.givens(reader.givens());
    }

    private static Map<String, Outcome> found(Map<String, String> givens) throws GivensReader.Fault {
        return new GivenReport(given(givens), CARD).outcomes();
    }

    /** What follows from rows with letters, and from figures that may be fractions. */
    private static Map<String, Outcome> found(Map<String, String> rows, Map<String, Exact> figures)
            throws GivensReader.Fault {
        Givens read = given(rows).givens().orElseThrow();
        List<Givens.Item> items = new ArrayList<>(read.items());
        figures.forEach((name, figure) -> items.add(new Givens.Item(
                GivenName.find(SampleKind.MISSING, name).orElseThrow(), "", List.of(Optional.of(figure)), Set.of())));
        Sample sample = Sample.givens(new Givens(read.kind(), items, false, read.lettered(), read.unread()));
        return new GivenReport(sample, CARD).outcomes();
    }

    private static Exact figure(Map<String, Outcome> outcomes, String letter) {
        return (Exact) outcomes.get(letter).single().orElseThrow();
    }

    /** What the measures of the program make of a table that is whole. */
    private static Optional<Exact> measure(List<String> values, List<Integer> counts, String question) {
        Entries rows = Entries.of(values.toArray(String[]::new));
        Entries frequencies = Entries.of(counts.stream().map(String::valueOf).toArray(String[]::new));
        SampleKind kind = values.get(0).contains("-") ? SampleKind.CLASSES : SampleKind.FREQUENCIES;
        SampleSheet sheet = new SampleSheet(
                "s", "", "", kind, List.of(rows, frequencies), Set.of(), new TreeSet<>(), Optional.empty());
        Sample sample = Interpretation.of(sheet, CARD).sample();
        return Catalogue.of(sample)
                .find(question, CARD)
                .orElseThrow()
                .outcome(Evaluation.of(sample))
                .single()
                .map(Exact.class::cast);
    }

    private static String with(List<Integer> counts, Map<Integer, String> letters) {
        return IntStream.range(0, counts.size())
                .mapToObj(i -> letters.getOrDefault(i, counts.get(i).toString()))
                .collect(Collectors.joining(", "));
    }

    private static List<String> values(Random random, int rows) {
        int width = 1 + random.nextInt(12);
        int first = random.nextInt(20);
        boolean classes = random.nextBoolean();
        return IntStream.range(0, rows)
                .map(i -> first + i * width)
                .mapToObj(from -> classes ? from + "-" + (from + width) : Integer.toString(from))
                .toList();
    }

    /** One frequency from the mean, or two from the number of values and the mean. */
    @Property(tries = 200)
    void frequencies_are_found_again_from_the_mean(@ForAll long seed) throws GivensReader.Fault {
        Random random = new Random(seed);
        int rows = 3 + random.nextInt(5);
        List<String> values = values(random, rows);
        List<Integer> counts = random.ints(rows, 1, 40).boxed().collect(Collectors.toList());
        Map<Integer, String> letters = new TreeMap<>(Map.of(random.nextInt(rows), "p"));
        boolean two = random.nextBoolean();
        if (two) {
            letters.put((letters.keySet().iterator().next() + 1 + random.nextInt(rows - 1)) % rows, "q");
        }
        Exact mean = measure(values, counts, "mean").orElseThrow();
        Map<String, Exact> givens = new TreeMap<>(Map.of("mean", mean));
        if (two) {
            givens.put("n", Exact.of(counts.stream().mapToInt(one -> one).sum()));
        }
        Map<String, Outcome> found =
                found(Map.of("values", String.join(", ", values), "frequencies", with(counts, letters)), givens);
        boolean atMean = !two && isAt(values, letters, mean);
        letters.forEach((row, letter) -> {
            if (atMean) {
                // Any number of values at the mean leaves the mean where it is.
                assertThat(found.get(letter).whyUndefined()).as("%s", seed).isPresent();
            } else {
                assertThat(figure(found, letter)).as("%s of %s", letter, seed).isEqualTo(Exact.of(counts.get(row)));
            }
        });
    }

    private static boolean isAt(List<String> values, Map<Integer, String> letters, Exact mean) {
        int row = letters.keySet().iterator().next();
        return measure(List.of(values.get(row)), List.of(1), "mean").equals(Optional.of(mean));
    }

    /** Whatever is found from median or mode of classes has that median or mode, and it is what was taken out where it is one. */
    @Property(tries = 200)
    void frequencies_of_classes_are_found_again_from_median_or_mode(@ForAll long seed) throws GivensReader.Fault {
        Random random = new Random(seed);
        int rows = 3 + random.nextInt(4);
        List<String> values = IntStream.range(0, rows)
                .mapToObj(i -> 10 * i + "-" + (10 * i + 10))
                .toList();
        List<Integer> counts = random.ints(rows, 1, 30).boxed().toList();
        String name = random.nextBoolean() ? "median" : "mode";
        Optional<Exact> said = measure(values, counts, name);
        int open = random.nextInt(rows);
        if (said.isEmpty()) {
            return;
        }
        Map<String, Outcome> found = found(
                Map.of("values", String.join(", ", values), "frequencies", with(counts, Map.of(open, "f"))),
                Map.of(name, said.get()));
        Optional<Figure> f = found.get("f").single().map(Figure.class::cast);
        String why = found.get("f").whyUndefined().map(Object::toString).orElse("");
        assertThat(f.isPresent() || why.contains("stretch") || why.contains("choice") || why.contains("solution"))
                .as("%s %s of %s, %s: %s", name, said.get(), counts, open, why)
                .isTrue();
        f.ifPresent(figure -> assertThat(figure).as("%s of %s", name, seed).isEqualTo(Exact.of(counts.get(open))));
    }

    /** One value from mean or total; two from mean and variance, whichever is which. */
    @Property(tries = 200)
    void values_are_found_again(@ForAll long seed) throws GivensReader.Fault {
        Random random = new Random(seed);
        List<Integer> values =
                random.ints(3 + random.nextInt(6), -20, 60).boxed().toList();
        int n = values.size();
        int sum = values.stream().mapToInt(one -> one).sum();
        int first = random.nextInt(n);
        int second = (first + 1 + random.nextInt(n - 1)) % n;
        Map<String, Outcome> one =
                found(Map.of("values", with(values, Map.of(first, "x + 3"))), Map.of("mean", Exact.ratio(sum, n)));
        assertThat(figure(one, "x")).as("%s", seed).isEqualTo(Exact.of(values.get(first) - 3));
        Exact mean = Exact.ratio(sum, n);
        Exact variance = values.stream()
                .map(value -> Exact.of(value).minus(mean).squared())
                .reduce(Exact.ZERO, Exact::plus)
                .over(n);
        Map<String, Outcome> both = found(
                Map.of("values", with(values, Map.of(first, "a", second, "b"))),
                Map.of("mean", mean, "variance", variance));
        assertThat(List.of(figure(both, "a"), figure(both, "b")))
                .as("%s", seed)
                .containsExactlyInAnyOrder(Exact.of(values.get(first)), Exact.of(values.get(second)));
    }

    /** A value from the median: what is found has it, and nothing is said to be found where more would do. */
    @Property(tries = 200)
    void a_value_is_found_from_the_median_only_where_it_decides_it(@ForAll long seed) throws GivensReader.Fault {
        Random random = new Random(seed);
        List<Integer> values =
                random.ints(3 + random.nextInt(6), 0, 30).boxed().collect(Collectors.toCollection(ArrayList::new));
        int open = random.nextInt(values.size());
        Exact median = GivenMedian.of(values);
        Map<String, Outcome> found =
                found(Map.of("values", with(values, Map.of(open, "x")), "median", median.toString()));
        Optional<Figure> x = found.get("x").single().map(Figure.class::cast);
        // Whole numbers far and near: how many of them have this median, of which one is right.
        List<Integer> right = IntStream.rangeClosed(-5, 65)
                .filter(candidate -> {
                    List<Integer> other = new ArrayList<>(values);
                    other.set(open, candidate);
                    return GivenMedian.of(other).equals(median);
                })
                .boxed()
                .toList();
        if (x.isPresent()) {
            assertThat(right).as("%s", seed).extracting(Exact::of).containsExactly((Exact) x.get());
        } else {
            assertThat(right).as("%s", seed).hasSizeGreaterThan(1);
        }
    }

    /** The median by its definition. */
    private static final class GivenMedian {
        static Exact of(List<Integer> values) {
            List<Integer> sorted = values.stream().sorted().toList();
            int n = sorted.size();
            return Exact.of(sorted.get((n - 1) / 2))
                    .plus(Exact.of(sorted.get(n / 2)))
                    .half();
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            textBlock =
                    """
                    10 20 30             | 3 f 5     | mean=20   | given.unsolved.none     | -
                    10 20 30             | 3 f 5     | mean=29   | given.unsolved.negative | -
                    0-10, 10-20, 20-30   | 4 ? 5     | mean=15.7 | -                       | f
                    3 x 9 12 15          | -         | median=9  | given.unsolved.many     | -
                    3 x 9 12 15          | -         | median=7  | given.unsolved.none     | -
                    4 7 x                | -         | sd=2      | given.unsolved.several  | -
                    4 x y                | -         | mean=6    | given.unsolved.too-little | -
                    4 x 7                | -         | -         | given.unsolved.nothing  | -
                    4 5 6                | -         | mean=5    | given.impossible.no-letter | -
                    a b c                | -         | mean=5    | given.impossible.letters | -
                    10 20                | 3 f 5     | mean=22   | given.impossible.rows   | -
                    10 x 30              | 3 x 5     | mean=22   | given.impossible.both   | -
                    5 8 ± 12             | -         | mean=9    | given.no-letter         | -
                    0-10, 5-20           | 3 f       | mean=9    | given.impossible.table  | -
                    """)
    void what_cannot_be_found_is_said(String values, String frequencies, String told, String why, String letter)
            throws GivensReader.Fault {
        Map<String, String> givens = new TreeMap<>(Map.of("values", values));
        Optional.ofNullable(frequencies).ifPresent(row -> givens.put("frequencies", row));
        Optional.ofNullable(told).ifPresent(one -> givens.put(one.split("=", -1)[0], one.split("=", -1)[1]));
        Map<String, Outcome> found = found(givens);
        if (letter == null) {
            assertThat(found.values())
                    .allSatisfy(one ->
                            assertThat(one.whyUndefined().orElseThrow().key()).isEqualTo(why));
        } else {
            assertThat(found).containsOnlyKeys(letter);
            assertThat(GivenMeasures.whole(given(givens).givens().orElseThrow()))
                    .contains(false);
        }
    }

    /** Among many values, and with frequencies above a billion, it is found as among few. */
    @Test
    void a_value_among_many_is_found() throws GivensReader.Fault {
        String many = IntStream.range(0, 5_000).mapToObj(Integer::toString).collect(Collectors.joining(" "));
        assertThat(figure(found(Map.of("values", many + " x", "mean", "2500")), "x"))
                .isEqualTo(Exact.of(2500L * 5001 - 12_497_500));
        // 0 … 4999 without x has its middle between 2499 and 2500: x lies between them.
        assertThat(figure(found(Map.of("values", many + " x", "median", "2499.5")), "x"))
                .isEqualTo(Exact.ratio(4999, 2));
        assertThat(figure(
                        found(Map.of("values", "1 2 3", "frequencies", "4000000000 f 4000000000", "n", "9000000000")),
                        "f"))
                .isEqualTo(Exact.of(1_000_000_000));
        String letters = IntStream.range(0, 21).mapToObj(i -> "x").collect(Collectors.joining(" "));
        assertThat(found(Map.of("values", letters, "mean", "2"))
                        .get("letter")
                        .whyUndefined()
                        .map(Sentence::key))
                .contains("given.impossible.letter-rows");
    }

    @ParameterizedTest
    @CsvSource({
        "p, 0, p=1",
        "x + 2, 2, x=1",
        "20 − 2f1, 20, f1=-2",
        "f₂, 0, f2=1",
        "2·k-k+1, 1, k=1",
        "7.5, 7.5, ",
        "x x, , ",
        "+, , ",
        "2 3, , ",
        "x--2, , ",
        "1e5, 100000, "
    })
    void sums_of_letters_and_numbers_are_read(String text, String constant, String factors) {
        Optional<Linear> read = Linear.read(text, Numerals.POINT);
        assertThat(read.map(one -> one.constant().toString())).isEqualTo(Optional.ofNullable(constant));
        assertThat(read.map(one -> one.factors().entrySet().stream()
                                .map(Object::toString)
                                .collect(Collectors.joining(" ")))
                        .orElse(""))
                .isEqualTo(factors == null ? "" : factors);
    }
}
