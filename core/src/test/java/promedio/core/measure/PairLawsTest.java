package promedio.core.measure;

import static java.math.RoundingMode.HALF_EVEN;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BinaryOperator;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.number.Decimals;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;

/** Measures of pairs against their definitions (definitions for relations, section 12), worked out with sixty digits here. */
class PairLawsTest {
    private static final MathContext MC = new MathContext(60, HALF_EVEN);

    /** A pair, and how often it occurs. */
    record Row(BigDecimal x, BigDecimal y, int times) {}

    @Provide
    Arbitrary<List<Row>> tables() {
        Arbitrary<BigDecimal> few = Arbitraries.integers().between(-4, 5).map(BigDecimal::valueOf);
        Arbitrary<BigDecimal> many =
                Arbitraries.bigDecimals().ofScale(2).between(new BigDecimal("-90"), new BigDecimal("90"));
        Arbitrary<BigDecimal> value = Arbitraries.oneOf(few, many);
        return Combinators.combine(value, value, Arbitraries.integers().between(1, 3))
                .as(Row::new)
                .list()
                .ofMinSize(1)
                .ofMaxSize(8);
    }

    private static Sample weighted(List<Row> rows) {
        return Sample.pairs(
                Decimals.from(rows.stream().map(Row::x).toList()),
                Decimals.from(rows.stream().map(Row::y).toList()),
                Decimals.of(0, rows.stream().mapToLong(Row::times).toArray()));
    }

    private static Outcome outcome(String key, Sample sample) {
        return Catalogue.pairs().find(key, CourseCard.STANDARD).orElseThrow().outcome(Evaluation.of(sample));
    }

    private static void same(Figure figure, BigDecimal defined, String what) {
        assertThat(figure.toFigures(15, HalfRule.HALF_EVEN))
                .as(what)
                .isEqualByComparingTo(defined.setScale(40, HALF_EVEN).round(new MathContext(15, HALF_EVEN)));
    }

    @Property(tries = 300)
    void every_measure_is_what_its_definition_says(@ForAll("tables") List<Row> rows) {
        Sample sample = weighted(rows);
        Map<String, BigDecimal> defined = new Defined(rows).all();
        for (Measure measure : Catalogue.pairs().all()) {
            if (!measure.key().equals("p")) {
                Outcome outcome = measure.outcome(Evaluation.of(sample));
                String what = measure.key() + " of " + rows;
                assertThat(outcome.single().isPresent())
                        .as(what + outcome.whyUndefined())
                        .isEqualTo(defined.containsKey(measure.key()));
                outcome.single().ifPresent(figure -> same(figure, defined.get(measure.key()), what));
            }
        }
    }

    @Property(tries = 150)
    void frequencies_count_as_the_list_written_out_and_every_way_by_hand_comes_to_the_same(
            @ForAll("tables") List<Row> rows) {
        Sample sample = weighted(rows);
        Evaluation list = Evaluation.of(sample.expanded());
        for (Measure measure : Catalogue.pairs().all()) {
            Outcome outcome = measure.outcome(Evaluation.of(sample));
            assertThat(measure.outcome(list).figures().toString())
                    .as(measure.key() + " of " + rows)
                    .isEqualTo(outcome.figures().toString());
            for (Measure.Method method : measure.methods(sample.shape())) {
                outcome.single().ifPresent(figure -> assertThat(Evaluation.of(sample)
                                .outcome(method.formula())
                                .single()
                                .map(other -> other.toFigures(18, HalfRule.HALF_EVEN)))
                        .as(measure.key() + " by " + method.id())
                        .contains(figure.toFigures(18, HalfRule.HALF_EVEN)));
            }
        }
    }

    @Property(tries = 100)
    void the_chance_of_so_large_a_t_is_right_where_it_has_a_closed_form(@ForAll("tables") List<Row> rows) {
        List<Row> four = new ArrayList<>();
        for (int i = 0; i < 3 + rows.size() % 2; i++) {
            Row row = rows.get(i % rows.size());
            four.add(new Row(
                    row.x().add(BigDecimal.valueOf((long) i * i)), row.y().add(BigDecimal.valueOf(7L * i)), 1));
        }
        Sample sample = weighted(four);
        outcome("p", sample).single().ifPresent(p -> {
            double t = Math.abs(outcome("t", sample).single().orElseThrow().toDouble());
            double expected = four.size() == 3 ? 2 / Math.PI * Math.atan(1 / t) : 1 - t / Math.sqrt(2 + t * t);
            assertThat(p.toDouble()).isCloseTo(expected, within(1e-12 + 1e-9 * expected));
        });
    }

    @Test
    void certified_values_of_a_line_come_out_to_the_last_digit() {
        // NIST Statistical Reference Datasets, linear regression, Norris: y before x.
        String data =
                "0.1 0.2 338.8 337.4 118.1 118.2 888.0 884.6 9.2 10.1 228.1 226.5 668.5 666.3 998.5 996.3 449.1 448.6 "
                        + "778.9 777.0 559.2 558.2 0.3 0.4 0.1 0.6 778.1 775.5 668.8 666.9 339.3 338.0 448.9 447.5 10.8 11.6 557.7 556.0 "
                        + "228.3 228.1 998.0 995.8 888.8 887.6 119.6 120.2 0.3 0.3 0.6 0.3 557.6 556.8 339.3 339.1 888.0 887.2 998.5 999.0 "
                        + "778.9 779.0 10.2 11.1 117.6 118.3 228.9 229.2 668.4 669.1 449.2 448.9 0.2 0.5";
        List<BigDecimal> all =
                Arrays.stream(data.split(" ")).map(BigDecimal::new).toList();
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < all.size(); i += 2) {
            rows.add(new Row(all.get(i + 1), all.get(i), 1));
        }
        Sample norris = weighted(rows);
        Map<String, String> certified = Map.of(
                "intercept", "-0.262323073774029",
                "slope", "1.00211681802045",
                "residual-sd", "0.884796396144373",
                "determination", "0.999993745883712");
        certified.forEach((key, value) -> assertThat(
                        outcome(key, norris).single().orElseThrow().toFigures(15, HalfRule.HALF_EVEN))
                .as(key)
                .isEqualByComparingTo(value));
    }

    @Test
    void a_line_may_be_asked_for_a_value_and_says_where_it_has_no_data() {
        Sample sample = Sample.pairs(Decimals.of(0, 1, 2, 3), Decimals.of(0, 2, 3, 5));
        Measure beyond = Catalogue.pairs().find("fitted=4", CourseCard.STANDARD).orElseThrow();
        Outcome outcome = beyond.outcome(Evaluation.of(sample));
        assertThat(outcome.single().orElseThrow()).hasToString("19/3");
        assertThat(beyond.note(sample, outcome).toString()).contains("where there are no data");
    }

    /** The definitions themselves. */
    private static final class Defined {
        private final Map<String, BigDecimal> found = new LinkedHashMap<>();
        private final List<BigDecimal> xs = new ArrayList<>();
        private final List<BigDecimal> ys = new ArrayList<>();
        private final BigDecimal n;

        Defined(List<Row> rows) {
            for (Row row : rows) {
                for (int i = 0; i < row.times(); i++) {
                    xs.add(row.x());
                    ys.add(row.y());
                }
            }
            this.n = BigDecimal.valueOf(xs.size());
        }

        private static BigDecimal sum(List<BigDecimal> left, List<BigDecimal> right, BinaryOperator<BigDecimal> of) {
            BigDecimal sum = BigDecimal.ZERO;
            for (int i = 0; i < left.size(); i++) {
                sum = sum.add(of.apply(left.get(i), right.get(i)), MC);
            }
            return sum;
        }

        private BigDecimal mean(List<BigDecimal> of) {
            return sum(of, of, (a, b) -> a).divide(n, MC);
        }

        private BigDecimal products(List<BigDecimal> left, List<BigDecimal> right) {
            BigDecimal middle = mean(left);
            BigDecimal other = mean(right);
            BigDecimal sum = sum(left, right, (a, b) -> a.subtract(middle).multiply(b.subtract(other)));
            return sum.setScale(45, HALF_EVEN);
        }

        private static List<BigDecimal> ranks(List<BigDecimal> of) {
            return of.stream()
                    .map(one -> {
                        long below = of.stream()
                                .filter(other -> other.compareTo(one) < 0)
                                .count();
                        long equal = of.stream()
                                .filter(other -> other.compareTo(one) == 0)
                                .count();
                        return BigDecimal.valueOf(2 * below + equal + 1).divide(BigDecimal.valueOf(2), MC);
                    })
                    .toList();
        }

        private static BigDecimal cubes(List<BigDecimal> of) {
            return of.stream()
                    .distinct()
                    .map(one -> of.stream()
                            .filter(other -> other.compareTo(one) == 0)
                            .count())
                    .map(m -> BigDecimal.valueOf(m * m * m - m))
                    .reduce(BigDecimal.ZERO, BigDecimal::add);
        }

        private void put(String key, BigDecimal above, BigDecimal below) {
            if (below.signum() != 0) {
                found.put(key, above.divide(below, MC));
            }
        }

        private void root(String key, BigDecimal above, BigDecimal below) {
            if (below.signum() > 0) {
                found.put(key, above.divide(below, MC).sqrt(MC));
            }
        }

        Map<String, BigDecimal> all() {
            List<BigDecimal> x = xs.stream().map(BigDecimal::stripTrailingZeros).toList();
            List<BigDecimal> y = ys.stream().map(BigDecimal::stripTrailingZeros).toList();
            BigDecimal one = BigDecimal.ONE;
            found.put("sum/x", sum(x, y, (a, b) -> a));
            found.put("sum/y", sum(x, y, (a, b) -> b));
            found.put("sum/xx", sum(x, x, BigDecimal::multiply));
            found.put("sum/yy", sum(y, y, BigDecimal::multiply));
            found.put("sum/xy", sum(x, y, BigDecimal::multiply));
            found.put("mean/x", mean(x));
            found.put("mean/y", mean(y));
            BigDecimal sxx = products(x, x);
            BigDecimal syy = products(y, y);
            BigDecimal sxy = products(x, y);
            root("sd-sample/x", sxx, n.subtract(one));
            root("sd-sample/y", syy, n.subtract(one));
            root("sd-population/x", sxx, n);
            root("sd-population/y", syy, n);
            put("covariance-sample", sxy, n.subtract(one));
            put("covariance-population", sxy, n);
            put("slope", sxy, sxx);
            put("slope/x-on-y", sxy, syy);
            if (sxx.signum() > 0) {
                found.put("intercept", mean(y).subtract(found.get("slope").multiply(mean(x)), MC));
            }
            if (syy.signum() > 0) {
                found.put(
                        "intercept/x-on-y",
                        mean(x).subtract(found.get("slope/x-on-y").multiply(mean(y)), MC));
            }
            boolean both = sxx.signum() > 0 && syy.signum() > 0;
            if (both) {
                together(x, y, sxy.divide(sxx.multiply(syy).sqrt(MC), MC));
            }
            if (n.intValue() > 2) {
                BigDecimal freedom = n.subtract(BigDecimal.valueOf(2));
                found.put("degrees-of-freedom", freedom);
                if (sxx.signum() > 0) {
                    BigDecimal left = syy.subtract(sxy.multiply(sxy).divide(sxx, MC));
                    found.put(
                            "residual-sd",
                            left.setScale(36, HALF_EVEN)
                                    .max(BigDecimal.ZERO)
                                    .divide(freedom, MC)
                                    .sqrt(MC));
                }
                BigDecimal r = found.get("correlation-pearson");
                BigDecimal rest = both ? one.subtract(r.multiply(r)).setScale(40, HALF_EVEN) : BigDecimal.ZERO;
                if (rest.signum() > 0) {
                    found.put(
                            "t",
                            r.multiply(
                                    freedom.divide(one.subtract(r.multiply(r)), MC)
                                            .sqrt(MC),
                                    MC));
                }
            }
            return found;
        }

        private void together(List<BigDecimal> x, List<BigDecimal> y, BigDecimal r) {
            found.put("correlation-pearson", r);
            found.put("determination", r.multiply(r));
            List<BigDecimal> rx = ranks(x);
            List<BigDecimal> ry = ranks(y);
            found.put(
                    "correlation-spearman",
                    products(rx, ry)
                            .divide(products(rx, rx).multiply(products(ry, ry)).sqrt(MC), MC));
            BigDecimal squares = sum(rx, ry, (a, b) -> a.subtract(b).pow(2));
            BigDecimal below = n.pow(3).subtract(n);
            BigDecimal six = BigDecimal.valueOf(6);
            found.put(
                    "correlation-spearman-formula",
                    BigDecimal.ONE.subtract(six.multiply(squares).divide(below, MC)));
            BigDecimal ties = cubes(x).add(cubes(y)).divide(BigDecimal.valueOf(12), MC);
            found.put(
                    "correlation-spearman-corrected",
                    BigDecimal.ONE.subtract(six.multiply(squares.add(ties)).divide(below, MC)));
            long order = 0;
            long inX = 0;
            long inY = 0;
            for (int i = 0; i < x.size(); i++) {
                for (int j = 0; j < i; j++) {
                    int byX = x.get(i).compareTo(x.get(j));
                    int byY = y.get(i).compareTo(y.get(j));
                    order += (long) byX * byY;
                    inX += byX != 0 ? 1 : 0;
                    inY += byY != 0 ? 1 : 0;
                }
            }
            BigDecimal untied = BigDecimal.valueOf(inX).multiply(BigDecimal.valueOf(inY));
            found.put("correlation-kendall", BigDecimal.valueOf(order).divide(untied.sqrt(MC), MC));
        }
    }
}
