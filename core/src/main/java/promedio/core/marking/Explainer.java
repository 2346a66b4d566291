package promedio.core.marking;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.measure.Measure;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.slip.Asked;
import promedio.core.slip.Changed;
import promedio.core.slip.Slip;
import promedio.core.slip.Slips;
import promedio.core.slip.Way;

/**
 * Looks for the mistakes that lead to an answer. What every mistake makes of a question is worked out once; how likely it is that
 * chance alone would match is told by how many different figures were tried near the value, at the places of the answer:
 * docs/decisions/0012-explaining-answers.md.
 */
final class Explainer {
    private static final int MOST = 3;
    /** From this chance on an explanation says “could be”. */
    private static final double LIKELY_CHANCE = 0.05;
    /** One particular value is blamed on so many significant figures at least. */
    private static final int FIGURES_TO_BLAME = 4;
    /** Of about that size: between a third of it and three times it. */
    private static final double NEAR = 3;

    private static final int MOST_PLACES = 12;

    private static final Set<String> OF_ONE_DIGIT = Set.of("one-of-modes", "frequency-for-mode", "position-for-value");

    private final Sample sample;
    private final Evaluation evaluation;
    private final Agreement agreement;
    private final HalfRule halves;
    private final RoundedWays ways;
    private final Map<String, List<Tried>> tried = new HashMap<>();

    Explainer(Sample sample, Evaluation evaluation, Agreement agreement, HalfRule halves, RoundedWays ways) {
        this.sample = sample;
        this.evaluation = evaluation;
        this.agreement = agreement;
        this.halves = halves;
        this.ways = ways;
    }

    /** A mistake, how common it is, and what it leads to. */
    private record Tried(int commonness, Changed changed, double about) {
        static Tried of(int commonness, Changed changed, HalfRule halves) {
            double about = changed.value().toPlaces(MOST_PLACES, halves).doubleValue();
            return new Tried(commonness, changed, about);
        }
    }

    /** The mistakes that lead to an answer, the likeliest first; none where nothing honest is found. */
    List<Explanation> of(Measure measure, Answer answer) {
        List<? extends Figure> figures = measure.outcome(evaluation).figures();
        Optional<Figure> right = figures.stream().findFirst().map(Figure.class::cast);
        if (!(answer instanceof Answer.Numbers given) || given.numbers().size() != 1 || right.isEmpty()) {
            return List.of();
        }
        Answer.Given number = given.numbers().get(0);
        List<Tried> all = tried.computeIfAbsent(measure.key(), key -> tried(measure, right.get(), figures.size() > 1));
        List<Explanation> found = new ArrayList<>(figures.size() == 1 ? ofTheAnswer(number, right.get()) : List.of());
        double chance = chance(all, number);
        Map<String, Explanation> bySlip = new LinkedHashMap<>();
        all.stream()
                .filter(one -> isNear(number, one) && matches(answer, one.changed()))
                .filter(one -> one.changed().blames().isEmpty() || number.figures() >= FIGURES_TO_BLAME)
                .sorted(Comparator.comparing(
                                (Tried one) -> one.changed().blames().isPresent())
                        .thenComparing(Tried::commonness, Comparator.reverseOrder()))
                .forEach(one -> bySlip.putIfAbsent(
                        one.changed().slip() + one.changed().detail(), explanation(one.changed(), chance)));
        found.addAll(bySlip.values());
        return found.subList(0, Math.min(MOST, found.size()));
    }

    private static Explanation explanation(Changed changed, double chance) {
        return new Explanation(
                changed.slip(),
                changed.detail(),
                changed.way(),
                chance > LIKELY_CHANCE && !changed.slip().equals("one-of-modes"),
                changed.blames());
    }

    /** Whether a figure is near enough to be looked at closely. */
    private boolean isNear(Answer.Given number, Tried one) {
        double written = number.value().toPlaces(MOST_PLACES, halves).doubleValue();
        double unit = number.places().map(places -> Math.pow(10, -places)).orElse(0.01 * Math.abs(written));
        return Math.abs(one.about() - written) <= 2 * unit + 1e-9;
    }

    /** One digit fits too much, but where a count or a position stands in place of a value. */
    private boolean matches(Answer answer, Changed changed) {
        return agreement
                .of(answer, new Outcome.Single(changed.value()))
                .filter(verdict -> hasTwoFigures(answer)
                        || OF_ONE_DIGIT.contains(changed.slip())
                        || verdict instanceof Verdict.Agrees && isToThePlaces(answer, changed.value()))
                .isPresent();
    }

    private boolean isToThePlaces(Answer answer, Figure value) {
        return answer instanceof Answer.Numbers given
                && given.numbers().stream()
                        .allMatch(number -> number.places().orElse(0) >= agreement.placesAsked(value)
                                && number.places().orElse(0) > 0);
    }

    private static boolean hasTwoFigures(Answer answer) {
        return answer instanceof Answer.Numbers given
                && given.numbers().stream().allMatch(number -> number.figures() >= 2);
    }

    private List<Tried> tried(Measure measure, Figure right, boolean several) {
        Asked asked = new Asked(measure, sample, evaluation);
        int places = agreement.placesAsked(right);
        BigDecimal rounded = right.toPlaces(places, halves);
        List<Tried> all = new ArrayList<>();
        for (Slip slip : Slips.all()) {
            for (Changed changed : slip.changes().apply(asked)) {
                // What leads to the right answer is no mistake anybody could see.
                if (several || changed.value().toPlaces(places, halves).compareTo(rounded) != 0) {
                    all.add(Tried.of(slip.commonness(), changed, halves));
                }
            }
        }
        for (int fewer = 0; fewer < places; fewer++) {
            for (RoundedWays.Way way : ways.all(measure, fewer, fewer)) {
                if (way.value().toPlaces(places, halves).compareTo(rounded) != 0) {
                    Sentence detail = Sentence.of("slip.early-rounding", fewer);
                    all.add(Tried.of(
                            4, new Changed("early-rounding", detail, Way.of(way.value()), Optional.empty()), halves));
                }
            }
        }
        return all;
    }

    /** The right figure, cut, or copied wrong at the end. */
    private List<Explanation> ofTheAnswer(Answer.Given number, Figure right) {
        List<Explanation> found = new ArrayList<>();
        if (number.places().isEmpty() || !(number.value() instanceof Exact written)) {
            return found;
        }
        int places = number.places().get();
        BigDecimal given = written.toPlaces(places, halves);
        BigDecimal rounded = right.toPlaces(places, halves);
        BigDecimal cut = right.toPlaces(places + 6, halves).setScale(places, RoundingMode.DOWN);
        boolean asked = places >= Math.min(1, agreement.placesAsked(right)) || number.figures() >= 2;
        if (cut.compareTo(given) == 0 && cut.compareTo(rounded) != 0 && asked) {
            found.add(answer("truncated", right, false));
        }
        if (given.signum() != 0 && given.negate().compareTo(rounded) == 0) {
            found.add(answer("sign-lost.answer", right, false));
        }
        for (int by : new int[] {-2, -1, 1, 2}) {
            BigDecimal moved =
                    right.toPlaces(places + 4, halves).movePointRight(by).setScale(places, RoundingMode.HALF_UP);
            if (number.figures() >= 3 && moved.signum() != 0 && moved.compareTo(given) == 0) {
                found.add(answer("point-moved.answer", right, false));
            }
        }
        if (number.figures() >= 2 && swapped(rounded).contains(given.stripTrailingZeros())) {
            found.add(answer("digits-swapped.answer", right, number.figures() < 3));
        }
        return found;
    }

    private static Explanation answer(String key, Figure value, boolean chance) {
        String slip = key.replace(".answer", "");
        Optional<String> where = slip.equals(key) ? Optional.empty() : Optional.of("answer");
        return new Explanation(slip, Sentence.of("slip." + key), Way.of(value), chance, where);
    }

    /** A number with two neighbouring digits exchanged. */
    private static Set<BigDecimal> swapped(BigDecimal number) {
        String digits = number.unscaledValue().abs().toString();
        Set<BigDecimal> swapped = new HashSet<>();
        for (int i = 0; i + 1 < digits.length(); i++) {
            if (digits.charAt(i) != digits.charAt(i + 1)) {
                String other =
                        digits.substring(0, i) + digits.charAt(i + 1) + digits.charAt(i) + digits.substring(i + 2);
                BigDecimal value = new BigDecimal(new java.math.BigInteger(other), number.scale());
                swapped.add((number.signum() < 0 ? value.negate() : value).stripTrailingZeros());
            }
        }
        return swapped;
    }

    /** How likely it is that some figure of about that size, written to these places, is one of those tried. */
    private double chance(List<Tried> all, Answer.Given number) {
        double size = Math.abs(number.value().toPlaces(MOST_PLACES, halves).doubleValue());
        if (number.places().isEmpty() || size == 0) {
            return 0;
        }
        int places = number.places().get();
        double from = size / NEAR;
        double to = size * NEAR;
        double scale = Math.pow(10, places);
        Set<Long> different = new HashSet<>();
        for (Tried one : all) {
            double figure = Math.abs(one.about());
            if (figure >= from && figure <= to) {
                different.add(Math.round(figure * scale));
            }
        }
        double possible = Math.max(1, (to - from) * scale);
        return different.size() / possible;
    }
}
