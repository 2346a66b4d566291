package promedio.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.Divisor;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.report.GivenReport;
import promedio.core.sample.GivenName;
import promedio.core.sample.Givens;
import promedio.core.sample.Givens.Item;
import promedio.core.sample.GivensReader;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind;
import promedio.core.slip.Asked;
import promedio.core.slip.Slips;
import promedio.core.tabulate.LetteredReader;

/** What follows from what a question gives is what the values themselves have, of which nobody tells. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class GivenLawsTest {
    private static final String NEAR = "0.0000001";

    private static CourseCard card(boolean lessOne) {
        return CourseCard.STANDARD.with(CardKey.DIVISOR, lessOne ? Divisor.SAMPLE : Divisor.POPULATION);
    }

    /** Numbers of one place, some of them equal. */
    private static List<Exact> numbers(Random random, int size) {
        return random.ints(size, -200, 400)
                .mapToObj(tenths -> Exact.ratio(tenths, 10))
                .toList();
    }

    private static Sample sample(List<Exact> values) {
        return Sample.list(Decimals.from(values.stream()
                .map(value -> value.toPlaces(4, HalfRule.HALF_UP))
                .toList()));
    }

    private static Figure of(List<Exact> values, String measure, boolean lessOne) {
        Sample sample = sample(values);
        return Catalogue.lists()
                .find(measure, card(lessOne))
                .orElseThrow()
                .outcome(Evaluation.of(sample))
                .single()
                .orElseThrow();
    }

    private static Exact exact(List<Exact> values, String measure, boolean lessOne) {
        return (Exact) of(values, measure, lessOne);
    }

    private static Item item(GivenName name, String label, Exact... figures) {
        List<Optional<Exact>> all = new ArrayList<>();
        Arrays.stream(figures).map(Optional::ofNullable).forEach(all::add);
        Set<Integer> sought = new java.util.HashSet<>();
        IntStream.range(0, figures.length).filter(i -> figures[i] == null).forEach(sought::add);
        return new Item(name, label, all, sought);
    }

    private static Map<String, Outcome> found(SampleKind kind, boolean lessOne, List<Item> items) {
        Sample sample = Sample.givens(new Givens(kind, items, lessOne));
        holdsInChecks(sample, card(lessOne));
        return new GivenReport(sample, card(lessOne)).outcomes();
    }

    /** Every result, put in where it came from, gives what was given. */
    private static void holdsInChecks(Sample sample, CourseCard card) {
        for (Measure measure : Catalogue.of(sample).page(card)) {
            GivenMeasure given = (GivenMeasure) measure;
            assertThat(given.label() + " " + given.meaning(given.outcome(Evaluation.of(sample)), "12", Exact.ONE))
                    .isNotBlank();
            assertThat(Catalogue.of(sample).find(given.question(), card)).contains(given);
            given.check().filter(check -> given.why().isEmpty()).ifPresent(check -> {
                Optional<Figure> back =
                        Evaluation.of(sample).outcome(check.formula()).single();
                back.ifPresent(figure -> near(figure, check.given(), given.key()));
            });
        }
    }

    private static void near(Figure found, Figure expected, String what) {
        assertThat(found.minus(expected).abs().compare(Exact.from(new BigDecimal(NEAR))))
                .as("%s: %s for %s", what, found, expected)
                .isNegative();
    }

    private static void exactly(Map<String, Outcome> found, String name, Figure expected) {
        assertThat(found).containsKey(name);
        assertThat(found.get(name).single()).as(name).contains(expected);
    }

    @Property(tries = 200)
    void a_correction_gives_what_the_right_values_have(@ForAll long seed, @ForAll boolean lessOne) {
        Random random = new Random(seed);
        List<Exact> wrong = new ArrayList<>(numbers(random, 5 + random.nextInt(20)));
        List<Exact> right = new ArrayList<>(wrong);
        List<Item> items = new ArrayList<>(List.of(
                item(GivenName.COUNT, "", Exact.of(wrong.size())),
                item(GivenName.MEAN, "", exact(wrong, "mean", lessOne)),
                item(GivenName.VARIANCE, "", exact(wrong, "variance", lessOne))));
        for (int i = 0; i < random.nextInt(3); i++) {
            Exact as = right.get(i);
            right.set(i, as.plus(Exact.of(random.nextInt(20) - 10)));
            items.add(item(GivenName.READ, "", as, right.get(i)));
        }
        if (random.nextBoolean()) {
            items.add(item(GivenName.NOT_BELONGING, "", right.remove(right.size() - 1)));
        }
        for (Exact value : numbers(random, random.nextInt(3))) {
            right.add(value);
            items.add(item(GivenName.LEFT_OUT, "", value));
        }
        Map<String, Outcome> found = found(SampleKind.CORRECTION, lessOne, items);
        exactly(found, "count", Exact.of(right.size()));
        exactly(found, "sum", of(right, "sum", lessOne));
        exactly(found, "mean", of(right, "mean", lessOne));
        exactly(found, "variance", of(right, "variance", lessOne));
        near(found.get("sd").single().orElseThrow(), of(right, "sd", lessOne), "sd");
    }

    @Property(tries = 200)
    void totals_give_what_the_values_have(@ForAll long seed, @ForAll boolean aboutA) {
        Random random = new Random(seed);
        List<Exact> values = numbers(random, 2 + random.nextInt(20));
        Exact a = Exact.of(random.nextInt(30));
        List<Exact> from = aboutA ? values.stream().map(value -> value.minus(a)).toList() : values;
        Exact sum = exact(from, "sum", true);
        Exact squares = from.stream().map(value -> value.power(2)).reduce(Exact.ZERO, Exact::plus);
        List<Item> items = new ArrayList<>(List.of(
                item(GivenName.COUNT, "", Exact.of(values.size())),
                item(aboutA ? GivenName.SUM_DEVIATIONS : GivenName.SUM, "", sum),
                item(aboutA ? GivenName.SUM_DEVIATIONS_SQUARED : GivenName.SUM_SQUARES, "", squares)));
        if (aboutA) {
            items.add(item(GivenName.ASSUMED_MEAN, "", a));
        }
        Map<String, Outcome> found = found(SampleKind.TOTALS, true, items);
        for (String name : List.of("mean", "sum", "variance-sample", "variance-population")) {
            exactly(found, name, of(values, name, true));
        }
        near(found.get("root-mean-square").single().orElseThrow(), of(values, "root-mean-square", true), "rms");
        near(found.get("standard-error").single().orElseThrow(), of(values, "standard-error", true), "se");
        // And back: the mean and the variance give the totals.
        Map<String, Outcome> back = found(
                SampleKind.TOTALS,
                false,
                List.of(
                        item(GivenName.COUNT, "", Exact.of(values.size())),
                        item(GivenName.MEAN, "", exact(values, "mean", true)),
                        item(GivenName.VARIANCE, "", exact(values, "variance-population", true))));
        exactly(back, "sum", of(values, "sum", true));
        exactly(back, "variance-sample", of(values, "variance-sample", true));
    }

    /** Groups whose standard deviation ends: each value a, half of them d above and half below it. */
    private record Even(int half, Exact centre, Exact d) {
        static Even of(Random random) {
            return new Even(
                    1 + random.nextInt(9), Exact.ratio(random.nextInt(400), 10), Exact.ratio(random.nextInt(90), 10));
        }

        List<Exact> values() {
            List<Exact> values = new ArrayList<>();
            for (int i = 0; i < half; i++) {
                values.add(centre.plus(d));
                values.add(centre.minus(d));
            }
            return values;
        }

        Exact size() {
            return Exact.of(2L * half);
        }
    }

    @Property(tries = 200)
    void groups_put_together_have_what_all_their_values_have_and_what_is_missing_is_found(@ForAll long seed) {
        Random random = new Random(seed);
        List<Even> groups = random.ints(2 + random.nextInt(3))
                .mapToObj(i -> Even.of(random))
                .toList();
        List<Exact> all =
                groups.stream().flatMap(group -> group.values().stream()).toList();
        Map<String, Outcome> found = found(SampleKind.COMBINATION, false, items(groups, -1, -1));
        exactly(found, "combined-mean", of(all, "mean", false));
        near(found.get("combined-sd").single().orElseThrow(), of(all, "sd", false), "combined-sd");

        int which = random.nextInt(groups.size());
        Even group = groups.get(which);
        for (int place = 0; place < 2; place++) {
            List<Item> items = new ArrayList<>(items(groups, which, place));
            items.add(item(GivenName.WHOLE, "", Exact.of(all.size()), exact(all, "mean", false)));
            exactly(
                    found(SampleKind.COMBINATION, false, items),
                    "g" + which + (place == 0 ? "/n" : "/mean"),
                    place == 0 ? group.size() : group.centre());
        }
    }

    private static List<Item> items(List<Even> groups, int without, int place) {
        return IntStream.range(0, groups.size())
                .mapToObj(i -> {
                    Even group = groups.get(i);
                    Exact[] figures = {group.size(), group.centre(), group.d()};
                    if (i == without) {
                        figures[place] = null;
                    }
                    return item(GivenName.PART, "g" + i, figures);
                })
                .toList();
    }

    @Property(tries = 200)
    void what_is_done_to_every_value_is_done_to_the_measures(@ForAll long seed, @ForAll boolean lessOne) {
        Random random = new Random(seed);
        List<Exact> x = numbers(random, 4 + random.nextInt(12));
        Exact plus = Exact.ratio(random.nextInt(100) - 50, 10);
        Exact times = Exact.ratio(random.nextInt(2) * 40 - 20 + random.nextInt(19) + 1, 10);
        List<Exact> y = x.stream().map(value -> plus.plus(times.times(value))).toList();
        Map<GivenName, String> measured = new LinkedHashMap<>();
        measured.put(GivenName.MEAN, "mean");
        measured.put(GivenName.MEDIAN, "median");
        measured.put(GivenName.LOWER_QUARTILE, "quartile-1/hf7");
        measured.put(GivenName.UPPER_QUARTILE, "quartile-3/hf7");
        measured.put(GivenName.RANGE, "range");
        measured.put(GivenName.VARIANCE, "variance");
        measured.put(GivenName.MEAN_DEVIATION, "mean-deviation");
        List<Item> items = new ArrayList<>(List.of(item(GivenName.PLUS, "", plus), item(GivenName.TIMES, "", times)));
        measured.forEach((name, key) -> items.add(item(name, "", exact(x, key, lessOne))));
        Map<String, Outcome> found = found(SampleKind.TRANSFORM, lessOne, items);
        measured.forEach((name, key) -> exactly(found, name.id(), of(y, key, lessOne)));
    }

    @Property(tries = 100)
    void within_is_counted_one_by_one(@ForAll long seed) {
        Random random = new Random(seed);
        List<Exact> values = numbers(random, 3 + random.nextInt(20));
        double mean = of(values, "mean", true).toDouble();
        double sd = of(values, "sd", true).toDouble();
        for (int k = 1; k <= 3; k++) {
            double width = k * sd;
            long inside = values.stream()
                    .filter(value -> Math.abs(value.toDouble() - mean) <= width + 1e-12)
                    .count();
            assertThat(of(values, "count-within=" + k, true)).isEqualTo(Exact.of(inside));
            assertThat(of(values, "share-within=" + k, true)).isEqualTo(Exact.ratio(inside, values.size()));
        }
        assertThat(of(values, "normal-within=2", true).toDouble())
                .isEqualTo(0.954499736103642, org.assertj.core.api.Assertions.within(1e-14));
    }

    /** Whatever is given under whichever names, every result has a figure, or a sentence that says why not. */
    @Property(tries = 1500)
    void there_is_always_an_answer_or_a_reason(@ForAll long seed, @ForAll boolean lessOne) {
        Random random = new Random(seed);
        List<SampleKind> kinds = Arrays.stream(SampleKind.values())
                .filter(kind -> kind.can(SampleKind.Use.GIVEN))
                .toList();
        SampleKind kind = kinds.get(random.nextInt(kinds.size()));
        List<GivenName> names = GivenName.of(kind);
        List<Item> items = new ArrayList<>();
        for (int i = 0; i < random.nextInt(6); i++) {
            GivenName name = names.get(random.nextInt(names.size()));
            Exact[] figures = new Exact[name.least() + random.nextInt(name.width() - name.least() + 1)];
            for (int k = 0; k < figures.length; k++) {
                figures[k] = random.nextInt(8) == 0 ? null : Exact.ratio(random.nextInt(60) - 9, 1 + random.nextInt(2));
            }
            items.add(item(name, name.isLabelled() ? "g" + i : "", figures));
        }
        Sample sample = Sample.givens(new Givens(kind, items, lessOne));
        GivenReport report = new GivenReport(sample, card(lessOne));
        report.outcomes().values().forEach(outcome -> assertThat(outcome.figures()
                        + outcome.whyUndefined().map(Object::toString).orElse(""))
                .isNotBlank());
        assertThat(report.lines().size() + report.checks().size()).isNotNegative();
        for (Measure measure : Catalogue.of(sample).page(card(lessOne))) {
            slips(sample, measure.question(), 7);
        }
    }

    private static Sample given(String kind, String... pairs) throws GivensReader.Fault {
        GivensReader reader = LetteredReader.givens(
                SampleKind.find(kind).orElseThrow(), CourseCard.STANDARD.with(CardKey.DIVISOR, Divisor.POPULATION));
        for (String pair : pairs) {
            String[] both = pair.split("=", 2);
            reader.take(both[0], both[1]);
        }
        return Sample.givens(reader.givens());
    }

    private static List<String> slips(Sample sample, String question, double answer) {
        Measure measure = Catalogue.of(sample).find(question, card(false)).orElseThrow();
        Asked asked = Asked.of(measure, Evaluation.of(sample));
        return Slips.all().stream()
                .flatMap(slip -> slip.changes().apply(asked).stream())
                .filter(changed -> Math.abs(changed.value().toDouble() - answer) < 1e-6)
                .map(changed -> changed.slip())
                .distinct()
                .toList();
    }

    /** The mistakes that people make with what is given, each worked by hand. */
    @Test
    void mistakes_with_givens_are_known() throws GivensReader.Fault {
        Sample correction = given("correction", "n=20", "mean=40", "sd=5", "read=48:38", "not-belonging=45");
        // Σx was 800 and is 800 − 48 + 38 − 45 = 745 of 19; Σx² was 20 · (25 + 1600) = 32500 and is 29615.
        assertThat(slips(correction, "mean", 745.0 / 20)).contains("count-kept");
        assertThat(slips(correction, "mean", 838.0 / 19)).contains("wrong-kept");
        assertThat(slips(correction, "mean", 707.0 / 19)).contains("right-forgotten");
        assertThat(slips(correction, "mean", 855.0 / 19)).contains("wrong-for-right");
        assertThat(slips(correction, "mean", 800.0 / 19)).contains("sum-kept");
        assertThat(slips(correction, "variance", 32500.0 / 19 - 745.0 / 19 * 745 / 19))
                .contains("squares-kept");
        assertThat(slips(correction, "variance", 29615.0 / 19 - 1600)).contains("mean-kept");
        assertThat(slips(correction, "variance", 32600.0 / 19 - 745.0 / 19 * 745 / 19))
                .contains("difference-squared");

        Sample groups = given("combination", "part=a,20,40,3", "part=b,30,35,4");
        assertThat(slips(groups, "combined-mean", 37.5)).contains("mean-of-means");
        assertThat(slips(groups, "combined-sd", Math.sqrt((20 * 9 + 30 * 16) / 50.0)))
                .contains("distances-omitted");
        assertThat(slips(groups, "combined-sd", 3.5)).contains("sds-averaged");
        assertThat(slips(groups, "combined-sd", 3.6)).contains("sds-averaged");
        assertThat(slips(groups, "combined-mean", 1850)).contains("not-divided");

        Sample moved = given(
                "transform",
                "plus=32",
                "times=-2",
                "mean=20",
                "sd=5",
                "variance=25",
                "quartile-1=15",
                "quartile-3=26",
                "skewness=0.3");
        assertThat(slips(moved, "sd", 42)).contains("added-to-spread");
        assertThat(slips(moved, "sd", 5)).contains("spread-kept");
        assertThat(slips(moved, "variance", 50)).contains("factor-not-squared");
        assertThat(slips(moved, "quartile-1", 2)).contains("quartiles-not-exchanged");
        assertThat(slips(moved, "mean", -40)).contains("not-added");
        assertThat(slips(moved, "mean", 52)).contains("not-multiplied");
        assertThat(slips(moved, "mean", -104)).contains("added-first");
        assertThat(slips(moved, "skewness", 0.3)).contains("sign-kept");
        assertThat(slips(moved, "cv", 25)).contains("cv-kept");

        Sample empirical = given("empirical", "mean=26", "median=25");
        assertThat(slips(empirical, "mode", 28)).contains("empirical-swapped");
        Sample scores = given("scores", "score=art,70,60,10", "score=maths,62,50,8");
        assertThat(slips(scores, "z/maths", -1.5)).contains("mean-less-value");
        assertThat(slips(scores, "z/maths", 12.0 / 64)).contains("divided-by-variance");
        assertThat(GivenMeasures.best(scores.givens().orElseThrow())).containsExactly("maths");
        Sample totals = given("totals", "n=5", "sum=40", "sum-squares=350");
        assertThat(slips(totals, "variance-population", 70)).contains("correction-omitted");
        assertThat(slips(totals, "variance-population", 62)).contains("mean-not-squared");
        assertThat(slips(totals, "sd-population", 6)).contains("no-root");
    }
}
