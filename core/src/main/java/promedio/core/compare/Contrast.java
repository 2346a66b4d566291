package promedio.core.compare;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.measure.Catalogue;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.picture.Named;
import promedio.core.sentence.Sentence;
import promedio.core.working.FigureText;

/**
 * What is to be said of samples side by side: what differs though the means do not, which is more consistent and why, and which centre
 * tells more of each.
 */
public final class Contrast {
    /** Means closer than this share of the usual SD are alike. */
    private static final double ALIKE = 0.25;
    /** Spreads differ that stand to each other as this or more. */
    private static final double APART = 1.5;

    /** Units whose 0 is a place on the scale, and not nothing. */
    private static final Set<String> WITHOUT_TRUE_ZERO =
            Set.of("°C", "°F", "℃", "℉", "degrees Celsius", "degrees Fahrenheit", "year AD", "CE", "pH");

    private static final double SKEWED = 0.5;
    private static final int MOST_LISTED = 3;
    private static final int MOST_CENTRES = 6;

    private final Comparison comparison;
    private final CourseCard card;
    private final FigureText text;

    private Contrast(Comparison comparison, CourseCard card, FigureText text) {
        this.comparison = comparison;
        this.card = card;
        this.text = text;
    }

    /**
     * The sentences, the most telling first.
     *
     * @param one the sample that is held against another, by its place
     * @param other the other one
     */
    public static List<Sentence> of(Comparison comparison, int one, int other, CourseCard card, FigureText text) {
        Contrast contrast = new Contrast(comparison, card, text);
        List<Sentence> said = new ArrayList<>();
        if (comparison.haveOneUnit(one, other)) {
            contrast.differs(one, other).ifPresent(said::add);
        } else {
            said.add(Sentence.of("compare.units", contrast.name(one), contrast.name(other)));
        }
        said.add(contrast.consistent());
        said.addAll(contrast.centres());
        return said;
    }

    private Optional<Figure> figure(String question, int sample) {
        return comparison.line(question).flatMap(line -> line.figure(sample));
    }

    private Optional<Figure> asked(String question, int sample) {
        Named named = comparison.samples().get(sample);
        return Catalogue.of(named.sample()).find(question, card).flatMap(measure -> measure.outcome(
                        Evaluation.of(named.sample()))
                .single());
    }

    private String name(int sample) {
        return comparison.samples().get(sample).name();
    }

    /** What differs between two samples: their centres, or their spreads though the centres do not. */
    private Optional<Sentence> differs(int one, int other) {
        Optional<Figure> first = figure("mean", one);
        Optional<Figure> second = figure("mean", other);
        Optional<Figure> sd1 = figure("sd", one);
        Optional<Figure> sd2 = figure("sd", other);
        if (first.isEmpty() || second.isEmpty() || sd1.isEmpty() || sd2.isEmpty()) {
            return Optional.empty();
        }
        Figure apart = first.get().minus(second.get()).abs();
        double usual = Math.sqrt(
                (Math.pow(sd1.get().toDouble(), 2) + Math.pow(sd2.get().toDouble(), 2)) / 2);
        boolean alike = apart.toDouble() <= ALIKE * usual;
        if (!alike) {
            boolean above = first.get().compare(second.get()) > 0;
            return Optional.of(Sentence.of(
                    usual == 0 ? "compare.mean-above.no-spread" : "compare.mean-above",
                    name(above ? one : other),
                    unit(text.answer(apart)),
                    name(above ? other : one),
                    text.rounded(Exact.from(BigDecimal.valueOf(usual == 0 ? 0 : apart.toDouble() / usual)), 1)));
        }
        return Optional.of(spreads(apart, one, other));
    }

    /** Of means that are alike: how closely each sample stands about its median. */
    private Sentence spreads(Figure apart, int one, int other) {
        Optional<Figure> near = asked("median-absolute-deviation", one);
        Optional<Figure> far = asked("median-absolute-deviation", other);
        boolean lists = near.isPresent() && far.isPresent();
        Optional<Figure> first = lists ? near : figure("iqr", one);
        Optional<Figure> second = lists ? far : figure("iqr", other);
        String means = unit(text.answer(apart));
        if (first.isEmpty() || second.isEmpty()) {
            return Sentence.of("compare.alike", means);
        }
        boolean narrower = first.get().compare(second.get()) <= 0;
        Figure small = (narrower ? first : second).get();
        Figure large = (narrower ? second : first).get();
        if (!areApart(small, large)) {
            return figure("sd", one)
                    .flatMap(sd1 -> figure("sd", other).flatMap(sd2 -> farOut(means, one, sd1, other, sd2, lists)))
                    .orElseGet(() -> Sentence.of("compare.alike", means));
        }
        return Sentence.of(
                lists ? "compare.spreads-differ" : "compare.boxes-differ",
                means,
                name(narrower ? one : other),
                unit(text.answer(small)),
                name(narrower ? other : one),
                unit(text.answer(large)));
    }

    private static boolean areApart(Figure small, Figure large) {
        return large.toDouble() >= APART * small.toDouble() && large.signum() > 0;
    }

    /** Of samples whose middles are spread alike: whether a few values far out spread one of them more. */
    private Optional<Sentence> farOut(String means, int one, Figure sd1, int other, Figure sd2, boolean lists) {
        boolean narrower = sd1.compare(sd2) <= 0;
        Figure small = narrower ? sd1 : sd2;
        Figure large = narrower ? sd2 : sd1;
        return areApart(small, large)
                ? Optional.of(Sentence.of(
                        lists ? "compare.far-out" : "compare.far-out.boxes",
                        means,
                        name(narrower ? one : other),
                        unit(text.answer(small)),
                        name(narrower ? other : one),
                        unit(text.answer(large))))
                : Optional.empty();
    }

    private String unit(String figure) {
        String unit = comparison.samples().get(0).unit();
        return unit.isEmpty() ? figure : figure + "\u00a0" + unit;
    }

    /** Which sample is the most consistent: by the coefficient of variation, where a mean says how large values are. */
    private Sentence consistent() {
        Comparison.Line cv = comparison.line("cv").orElseThrow();
        Comparison.Line mean = comparison.line("mean").orElseThrow();
        int size = comparison.samples().size();
        for (int i = 0; i < size; i++) {
            if (mean.figure(i).isPresent() && mean.figure(i).get().signum() <= 0) {
                return Sentence.of("compare.no-cv", name(i));
            }
        }
        Comparison.Line least = comparison.line("minimum").orElseThrow();
        Comparison.Line most = comparison.line("maximum").orElseThrow();
        for (int i = 0; i < size; i++) {
            boolean below = least.figure(i).filter(value -> value.signum() < 0).isPresent();
            boolean above = most.figure(i).filter(value -> value.signum() > 0).isPresent();
            String measured = comparison.samples().get(i).unit();
            if (below && above) {
                return Sentence.of("compare.both-sides", name(i));
            }
            if (WITHOUT_TRUE_ZERO.contains(measured)) {
                return Sentence.of("compare.no-true-zero", measured);
            }
        }
        if (cv.smallest().size() != 1) {
            return Sentence.of("compare.as-consistent");
        }
        int best = cv.smallest().iterator().next();
        String others = IntStream.range(0, size)
                .filter(i -> i != best && cv.figure(i).isPresent())
                .mapToObj(i -> name(i) + " " + text.answer(cv.figure(i).get()))
                .limit(MOST_CENTRES)
                .collect(Collectors.joining(", "));
        return Sentence.of(
                "compare.consistent", name(best), text.answer(cv.figure(best).get()), others);
    }

    /** Mean or median, for each sample, with the reason. */
    private List<Sentence> centres() {
        List<Sentence> centres = new ArrayList<>();
        for (int i = 0; i < Math.min(MOST_CENTRES, comparison.samples().size()); i++) {
            Named named = comparison.samples().get(i);
            List<? extends Figure> outliers = Catalogue.of(named.sample())
                    .find("outliers", card)
                    .map(measure -> measure.outcome(Evaluation.of(named.sample())))
                    .map(Outcome::figures)
                    .orElse(List.of());
            Optional<Figure> skewness = asked("skewness-moment", i);
            if (!outliers.isEmpty()) {
                String listed =
                        outliers.stream().limit(MOST_LISTED).map(text::carried).collect(Collectors.joining(", "));
                centres.add(Sentence.of(
                        outliers.size() == 1 ? "compare.median.outlier" : "compare.median.outliers",
                        named.name(),
                        outliers.size() > MOST_LISTED ? listed + " …" : listed));
            } else if (skewness.filter(one -> Math.abs(one.toDouble()) > SKEWED).isPresent()) {
                centres.add(Sentence.of("compare.median.skewed", named.name(), text.answer(skewness.get())));
            } else if (skewness.isPresent()) {
                centres.add(Sentence.of("compare.mean", named.name()));
            }
        }
        return centres;
    }
}
