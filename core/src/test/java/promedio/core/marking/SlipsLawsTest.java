package promedio.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.number.Numerals;
import promedio.core.sample.GivenName;
import promedio.core.sample.Givens;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind;
import promedio.core.slip.Asked;
import promedio.core.slip.Changed;
import promedio.core.slip.Slip;
import promedio.core.slip.Slips;
import promedio.core.tabulate.ClassLabel;
import promedio.core.tabulate.ClassReading;
import promedio.core.working.Working;

/** Marks held against answers with seeded mistakes, right answers and random wrong ones. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SlipsLawsTest {
    private static final CourseCard CARD = CourseCard.STANDARD;

    /** A homework: a list, a frequency table, a class table, pairs, or a question that gives figures in place of data. */
    private static Sample homework(Random random) {
        return switch (random.nextInt(5)) {
            case 4 -> Sample.givens(random.nextBoolean() ? correction(random) : groups(random));
            case 0 -> {
                List<BigDecimal> values = new ArrayList<>();
                for (int i = 0; i < 6 + random.nextInt(25); i++) {
                    values.add(BigDecimal.valueOf(50 + random.nextInt(900), 1));
                }
                yield Sample.list(Decimals.from(values));
            }
            case 1 -> {
                List<BigDecimal> values = new ArrayList<>();
                List<BigDecimal> frequencies = new ArrayList<>();
                for (int i = 0; i < 4 + random.nextInt(6); i++) {
                    values.add(BigDecimal.valueOf(3L * i + random.nextInt(3)));
                    frequencies.add(BigDecimal.valueOf(1 + random.nextInt(12)));
                }
                yield Sample.frequencies(Decimals.from(values), Decimals.from(frequencies), false);
            }
            case 2 -> {
                List<BigDecimal> xs = new ArrayList<>();
                List<BigDecimal> ys = new ArrayList<>();
                for (int i = 0; i < 5 + random.nextInt(8); i++) {
                    xs.add(BigDecimal.valueOf(10 + random.nextInt(90), 1));
                    ys.add(BigDecimal.valueOf(30L + random.nextInt(60)));
                }
                yield Sample.pairs(Decimals.from(xs), Decimals.from(ys));
            }
            default -> {
                List<ClassReading.Row> rows = new ArrayList<>();
                for (int i = 0; i < 4 + random.nextInt(5); i++) {
                    String label = 10 * i + "-" + (10 * i + 9);
                    ClassLabel read = ClassLabel.parse(label, Numerals.POINT).orElseThrow();
                    rows.add(new ClassReading.Row(i, label, read, Exact.of(2 + random.nextInt(25))));
                }
                yield Sample.classes(ClassReading.of(rows, CARD).table().orElseThrow());
            }
        };
    }

    private static Givens correction(Random random) {
        Exact mean = Exact.ratio(300 + random.nextInt(300), 10);
        Exact wrong = mean.plus(Exact.of(random.nextInt(8) - 4));
        return new Givens(
                SampleKind.CORRECTION,
                List.of(
                        given(GivenName.COUNT, "", Exact.of(10 + random.nextInt(40))),
                        given(GivenName.MEAN, "", mean),
                        given(GivenName.SD, "", Exact.ratio(40 + random.nextInt(60), 10)),
                        given(GivenName.READ, "", wrong, wrong.plus(Exact.of(2 + random.nextInt(9)))),
                        given(GivenName.NOT_BELONGING, "", mean.plus(Exact.of(random.nextInt(5))))),
                false);
    }

    private static Givens groups(Random random) {
        return new Givens(
                SampleKind.COMBINATION,
                List.of("a", "b", "c").stream()
                        .map(label -> given(
                                GivenName.PART,
                                label,
                                Exact.of(5 + random.nextInt(40)),
                                Exact.ratio(200 + random.nextInt(300), 10),
                                Exact.ratio(20 + random.nextInt(60), 10)))
                        .toList(),
                false);
    }

    private static Givens.Item given(GivenName name, String label, Exact... figures) {
        return new Givens.Item(
                name, label, Arrays.stream(figures).map(Optional::of).toList(), Set.of());
    }

    static String written(Figure value) {
        return value.toPlaces(2, HalfRule.HALF_UP).toPlainString();
    }

    record Question(Sample sample, Marker marker, Measure measure, Figure value) {
        static List<Question> of(Random random) {
            Sample sample = homework(random);
            Marker marker = new Marker(sample, CARD);
            List<Question> all = new ArrayList<>();
            for (Measure measure : Catalogue.of(sample).page(CARD)) {
                Outcome outcome = measure.outcome(Evaluation.of(sample));
                if (outcome.figures().size() == 1) {
                    all.add(new Question(
                            sample, marker, measure, outcome.figures().get(0)));
                }
            }
            return all;
        }

        Verdict mark(String answer) {
            return marker.mark(measure.question(), answer);
        }

        /** Some pairs of mistakes, without those of another rule. */
        List<Tried> pairs(Random random) {
            RoundedWays ways = new RoundedWays(sample, CARD.halves());
            List<Tried> all = new ArrayList<>(
                    new Pairs(sample, ways, CARD).of(Asked.of(measure, Evaluation.of(sample)), List.of(), 2));
            all.removeIf(pair -> pair.way().figure().isEmpty());
            Collections.shuffle(all, random);
            return all.subList(0, Math.min(3, all.size()));
        }

        List<Changed> slips() {
            Asked asked = Asked.of(measure, Evaluation.of(sample));
            return Slips.all().stream()
                    .map(Slip::changes)
                    .flatMap(changes -> changes.apply(asked).stream())
                    .toList();
        }
    }

    @Property(tries = 10)
    void a_right_answer_is_never_accused_and_an_explanation_gives_the_students_figure(@ForAll long seed) {
        Random random = new Random(seed);
        for (Question question : Question.of(random)) {
            assertThat(question.mark(written(question.value()))).isInstanceOf(Verdict.Agrees.class);
            double wrong =
                    question.value().toPlaces(6, HalfRule.HALF_UP).doubleValue() * (0.4 + 2 * random.nextDouble());
            String answer = String.format(Locale.ROOT, "%.2f", wrong);
            if (question.mark(answer) instanceof Verdict.Slipped slipped) {
                Agreement agreement = new Agreement(CARD, question.sample());
                slipped.likely().stream()
                        .filter(one -> one.where().filter("answer"::equals).isEmpty()
                                && !one.slip().equals("truncated"))
                        .forEach(one -> assertThat(agreement.of(Answer.parse(answer), new Outcome.Single(one.value())))
                                .as(one.slip())
                                .isPresent());
            }
        }
    }

    /** Whatever the mistake, its working ends in its figure, and parts from ours at exactly one line. */
    @Property(tries = 12)
    void the_working_of_a_mistake_ends_in_its_figure_and_parts_from_ours_once(@ForAll long seed) {
        Random random = new Random(seed);
        int worked = 0;
        for (Question question : Question.of(random)) {
            List<Changed> slips = new ArrayList<>(question.slips());
            // What is rounded on the way has a working as well.
            RoundedWays rounded = new RoundedWays(question.sample(), CARD.halves());
            Collections.shuffle(slips, random);
            rounded.all(question.measure(), 0, 1).stream()
                    .limit(3)
                    .map(one -> new Changed("early-rounding", one.told(CARD.letters()), one.way(), Optional.empty()))
                    .forEach(one -> slips.add(0, one));
            for (int i = 0; i < 6 && i < slips.size(); i++) {
                Changed changed = slips.get(i);
                Explanation explanation =
                        new Explanation(changed.slip(), changed.detail(), changed.way(), false, Optional.empty());
                Optional<TwoWorkings> two = TwoWorkings.of(explanation, question.measure(), question.sample(), CARD);
                if (two.isPresent()) {
                    worked++;
                    List<TwoWorkings.Row> rows = two.get().rows();
                    assertThat(rows.stream().filter(row -> row.state() == TwoWorkings.State.PARTS))
                            .as(changed.slip())
                            .hasSize(1);
                    Working.Line last = rows.get(rows.size() - 1)
                            .mayBe()
                            .orElseThrow(() -> new AssertionError(
                                    changed + " of " + question.measure().key() + " of " + question.sample()));
                    BigDecimal shown = new BigDecimal(
                            last.result().replaceAll("[\\s\u00a0\u202f]", "").replace('−', '-'));
                    assertThat(shown)
                            .as("%s of %s", changed.slip(), question.measure().key())
                            .isEqualByComparingTo(changed.value().toPlaces(shown.scale(), HalfRule.HALF_UP));
                }
            }
        }
        assertThat(worked).isPositive();
    }

    /** What came of answers with a mistake in them, as far as it can be told from a right answer and has the digits to be blamed. */
    private static final class Tally {
        private int seeded;
        private int named;

        void add(Verdict verdict, String answer, boolean blames, Predicate<Explanation> names) {
            boolean few = blames && new BigDecimal(answer).precision() < 4;
            if (few || !(verdict instanceof Verdict.Slipped || verdict instanceof Verdict.Differs)) {
                return;
            }
            seeded++;
            named += verdict instanceof Verdict.Slipped slipped
                            && slipped.likely().stream().limit(2).anyMatch(names)
                    ? 1
                    : 0;
        }

        int percent() {
            return 100 * named / seeded;
        }
    }

    @Test
    void nearly_all_mistakes_are_named_and_few_random_figures_are_explained() {
        Random random = new Random(20_311_125L);
        Tally single = new Tally();
        Tally pairs = new Tally();
        int wrong = 0;
        int explained = 0;
        for (int i = 0; i < 4; i++) {
            for (Question question : Question.of(random)) {
                List<Changed> slips = question.slips();
                for (Changed one : slips) {
                    if (one.blames().isEmpty() || random.nextInt(10) == 0) {
                        String answer = written(one.value());
                        single.add(question.mark(answer), answer, one.blames().isPresent(), told -> told.slip()
                                .equals(one.slip()));
                    }
                }
                for (Tried pair : question.pairs(random)) {
                    String answer = written(pair.way().value());
                    Verdict verdict = question.mark(answer);
                    // What one mistake explains is not said to be two.
                    boolean one = verdict instanceof Verdict.Slipped slipped
                            && slipped.likely().get(0).also().isEmpty();
                    if (!one && new BigDecimal(answer).precision() >= 3) {
                        Set<String> both = Set.of(pair.slip(), pair.also().orElseThrow());
                        pairs.add(verdict, answer, pair.blames().isPresent(), told -> told.also()
                                .filter(also -> both.equals(Set.of(told.slip(), also)))
                                .isPresent());
                    }
                }
                double size = question.value().toPlaces(6, HalfRule.HALF_UP).doubleValue();
                for (int k = 0; k < 3; k++) {
                    wrong++;
                    String answer = String.format(Locale.ROOT, "%.2f", size * (0.4 + 2 * random.nextDouble()));
                    explained += question.mark(answer) instanceof Verdict.Slipped slipped
                                    && !slipped.likely().get(0).chance()
                            ? 1
                            : 0;
                }
            }
        }
        assertThat(single.percent()).isGreaterThanOrEqualTo(97);
        assertThat(pairs.percent()).isGreaterThanOrEqualTo(85);
        assertThat(explained).isLessThan(wrong / 20);
    }
}
