package promedio.core.working;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.formula.Columns;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;

/** What is printed is held against itself: a reader with a calculator must come to what stands behind every equals sign. */
class WorkingLawsTest {
    @Provide
    Arbitrary<Sample> lists() {
        Arbitrary<BigDecimal> values = Arbitraries.oneOf(
                Arbitraries.integers().between(-9, 30).map(BigDecimal::valueOf),
                Arbitraries.bigDecimals()
                        .between(new BigDecimal("-2"), new BigDecimal("40"))
                        .ofScale(1));
        return values.list().ofMinSize(1).ofMaxSize(9).map(list -> Sample.list(Decimals.from(list)));
    }

    @Provide
    Arbitrary<Sample> tables() {
        Arbitrary<List<Integer>> values = Arbitraries.integers()
                .between(-5, 20)
                .list()
                .ofMinSize(1)
                .ofMaxSize(6)
                .uniqueElements();
        return Combinators.combine(
                        values, Arbitraries.integers().between(1, 9).list().ofSize(6))
                .as((xs, fs) -> Sample.frequencies(
                        Decimals.of(0, xs.stream().mapToLong(x -> x).toArray()),
                        Decimals.of(
                                0,
                                fs.stream().limit(xs.size()).mapToLong(f -> f).toArray()),
                        false));
    }

    @Provide
    Arbitrary<Sample> classes() {
        return Combinators.combine(
                        Arbitraries.integers()
                                .between(0, 12)
                                .list()
                                .ofMinSize(1)
                                .ofMaxSize(6),
                        Arbitraries.of(5, 10, 10, 20).list().ofSize(6),
                        Arbitraries.integers().between(0, 5))
                .as((frequencies, widths, even) -> {
                    List<ClassInterval> classes = new ArrayList<>();
                    int from = 10;
                    for (int i = 0; i < frequencies.size(); i++) {
                        int to = from + (even > 1 ? 10 : widths.get(i));
                        classes.add(new ClassInterval(
                                from + "–" + to,
                                Optional.of(Exact.of(from)),
                                Optional.of(Exact.of(to)),
                                Exact.of(frequencies.get(i) + (i == 0 ? 1 : 0)),
                                false,
                                i));
                        from = to;
                    }
                    ClassTable table = ClassTable.of(classes, false, Exact.ONE);
                    return Sample.classes(table.assuming(even % classes.size()));
                });
    }

    @Property(tries = 30)
    void every_line_of_a_list_comes_to_what_it_says(@ForAll("lists") Sample sample) {
        linesAreTrue(sample, Catalogue.lists().all(), CourseCard.STANDARD);
    }

    @Property(tries = 30)
    void every_line_of_a_class_table_comes_to_what_it_says(@ForAll("classes") Sample sample) {
        linesAreTrue(sample, Catalogue.classes().all(), CourseCard.STANDARD);
    }

    @Provide
    Arbitrary<Sample> pairs() {
        return Combinators.combine(
                        Arbitraries.integers().between(-9, 30).list().ofSize(9),
                        Arbitraries.bigDecimals()
                                .between(new BigDecimal("-2"), new BigDecimal("40"))
                                .ofScale(1)
                                .list()
                                .ofMinSize(1)
                                .ofMaxSize(9))
                .as((xs, ys) -> Sample.pairs(
                        Decimals.of(
                                0,
                                xs.stream().limit(ys.size()).mapToLong(x -> x).toArray()),
                        Decimals.from(ys)));
    }

    @Property(tries = 30)
    void every_line_of_pairs_comes_to_what_it_says(@ForAll("pairs") Sample sample) {
        linesAreTrue(sample, Catalogue.pairs().all(), CourseCard.STANDARD);
        CourseCard rounded = CourseCard.STANDARD.with(CardKey.WORKING, Optional.of(3));
        linesAreTrue(sample, Catalogue.pairs().page(rounded), rounded);
    }

    @Property(tries = 40)
    void every_rounded_line_is_what_a_hand_gets_from_the_figures_on_the_paper(
            @ForAll("lists") Sample list,
            @ForAll("classes") Sample table,
            @ForAll @IntRange(min = 0, max = 4) int places) {
        CourseCard rounded = CourseCard.STANDARD.with(CardKey.WORKING, Optional.of(places));
        linesAreTrue(list, Catalogue.lists().page(rounded), rounded);
        linesAreTrue(table, Catalogue.classes().page(rounded), rounded);
    }

    /** L, F, f and h of the class of Q₁ are not those of the class of Q₃, so they are not written alike. */
    @Property(tries = 40)
    void one_letter_has_one_value_in_a_working(
            @ForAll("lists") Sample list, @ForAll("tables") Sample table, @ForAll("classes") Sample classes) {
        for (Sample sample : List.of(list, table, classes)) {
            for (Measure measure : Catalogue.of(sample).all()) {
                for (Measure.Method method : measure.methods(sample.shape())) {
                    assertThat(new Working(method, sample, CourseCard.STANDARD).lines())
                            .as("%s by %s of %s", measure.key(), method.id(), sample)
                            .extracting(line -> line.symbol().text())
                            .doesNotHaveDuplicates();
                }
            }
        }
    }

    private static void linesAreTrue(Sample sample, List<Measure> measures, CourseCard card) {
        for (Measure measure : measures) {
            for (Measure.Method method : measure.methods(sample.shape())) {
                for (Working.Line line : new Working(method, sample, card).lines()) {
                    String as = "%s by %s of %s: %s"
                            .formatted(
                                    measure.key(),
                                    method.id(),
                                    sample,
                                    line.notation().text());
                    line.inFigures()
                            .flatMap(figures -> Arithmetic.of(figures.text()))
                            .ifPresent(value -> holds(line, value, as));
                }
            }
        }
    }

    private static void holds(Working.Line line, BigDecimal value, String as) {
        if (line.result().contains(";")) {
            return;
        }
        boolean cut = line.result().endsWith("…");
        BigDecimal shown = Arithmetic.number(line.result());
        // Sixty digits lie a hair beside a value that ends.
        BigDecimal clean = value.setScale(40, RoundingMode.HALF_EVEN);
        if (cut) {
            assertThat(clean.setScale(shown.scale(), RoundingMode.DOWN)).as(as).isEqualByComparingTo(shown);
        } else if (line.exact()) {
            assertThat(clean).as(as).isEqualByComparingTo(shown);
        } else {
            assertThat(clean.setScale(shown.scale(), RoundingMode.HALF_UP))
                    .as(as)
                    .isEqualByComparingTo(shown);
        }
    }

    @Property(tries = 80)
    void the_cells_of_a_rounded_table_add_up_to_the_total_below_them(
            @ForAll("lists") Sample list,
            @ForAll("tables") Sample table,
            @ForAll @IntRange(min = 0, max = 3) int places) {
        CourseCard rounded = CourseCard.STANDARD.with(CardKey.WORKING, Optional.of(places));
        Sample shares = Sample.frequencies(table.values(), hundredths(table), true);
        for (Sample sample : List.of(list, table, shares)) {
            for (Measure measure : Catalogue.lists().page(rounded)) {
                for (Measure.Method method : measure.methods(sample.shape())) {
                    Working working = new Working(method, sample, rounded);
                    for (Columns.Column column : working.columns()) {
                        working.totalText(column).ifPresent(total -> assertThat(sum(working, column))
                                .as(
                                        "%s of %s, column %s",
                                        measure.key(),
                                        sample,
                                        working.head(column).text())
                                .isEqualByComparingTo(Arithmetic.number(total)));
                    }
                }
            }
        }
    }

    /** The frequencies of a table as proportions with two places, whatever they add up to. */
    private static Decimals hundredths(Sample table) {
        Decimals.Builder shares = new Decimals.Builder(table.rows());
        for (int row = 0; row < table.rows(); row++) {
            shares.add(table.weight(row).numerator().longValueExact() * 7 + 1, 2);
        }
        return shares.build();
    }

    private static BigDecimal sum(Working working, Columns.Column column) {
        BigDecimal sum = BigDecimal.ZERO;
        for (int row = 0; row < working.rows(); row++) {
            sum = sum.add(Arithmetic.number(working.cellText(column, row)));
        }
        return sum;
    }

    @Property(tries = 30)
    void lines_rounded_to_many_places_lead_to_the_exact_answer(
            @ForAll("lists") Sample list, @ForAll("classes") Sample table) {
        CourseCard fine = CourseCard.STANDARD.with(CardKey.WORKING, Optional.of(12));
        for (Sample sample : List.of(list, table)) {
            for (Measure measure : Catalogue.of(sample).page(fine)) {
                for (Measure.Method method : measure.methods(sample.shape())) {
                    Working working = new Working(method, sample, fine);
                    double exact = measure.outcome(Evaluation.of(sample))
                            .single()
                            .map(Figure::toDouble)
                            .orElse(0.0);
                    working.drift().ifPresent(drift -> assertThat(drift.toDouble())
                            .as("%s by %s of %s", measure.key(), method.id(), sample)
                            .isCloseTo(0, within(1e-8 * Math.max(1, Math.abs(exact)))));
                }
            }
        }
    }
}
