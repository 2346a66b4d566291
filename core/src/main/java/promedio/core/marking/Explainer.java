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
import java.util.function.DoublePredicate;
import java.util.function.Supplier;
import java.util.stream.Stream;
import promedio.core.course.CourseCard;
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
    /** A pair of mistakes is found by so many significant figures at least. */
    private static final int FIGURES_FOR_A_PAIR = 3;
    /** So many units of the last place off, an answer is all but right. */
    private static final int ALMOST = 5;
    /** Of about that size: between a third of it and three times it. */
    private static final double NEAR = 3;

    /** What figures in floating point may be off, for each unit of their size. */
    private static final double TINY = 1e-9;

    private static final int MOST_PLACES = 12;

    private static final Set<String> OF_ONE_DIGIT = Set.of("one-of-modes", "frequency-for-mode", "position-for-value");

    private final Sample sample;
    private final Evaluation evaluation;
    private final Agreement agreement;
    private final CourseCard card;
    private final HalfRule halves;
    private final RoundedWays ways;
    private final Map<String, List<Tried>> tried = new HashMap<>();
    private final Map<String, List<Tried>> pairs = new HashMap<>();

    Explainer(Sample sample, Evaluation evaluation, Agreement agreement, CourseCard card, RoundedWays ways) {
        this.sample = sample;
        this.evaluation = evaluation;
        this.agreement = agreement;
        this.card = card;
        this.halves = card.halves();
        this.ways = ways;
    }

    /** The mistakes that lead to an answer, the likeliest first; none where nothing honest is found. */
    List<Explanation> of(Measure measure, Answer answer) {
        List<? extends Figure> figures = measure.outcome(evaluation).figures();
        return number(answer)
                .filter(number -> !figures.isEmpty())
                .map(number -> {
                    Figure right = figures.get(0);
                    List<Explanation> found =
                            new ArrayList<>(figures.size() == 1 ? ofTheAnswer(number, right) : List.of());
                    found.addAll(among(singles(measure, right, figures.size() > 1), number, answer, List.of()));
                    return found.subList(0, Math.min(MOST, found.size()));
                })
                .orElse(List.of());
    }

    /**
     * The pairs of mistakes that lead to an answer, the likeliest first.
     *
     * @param otherRules the question under the other choices of the card, as mistakes that may be one of a pair
     */
    List<Explanation> pairs(Measure measure, Answer answer, Supplier<List<Pairs.Start>> otherRules) {
        Optional<Figure> right = measure.outcome(evaluation).single();
        Optional<Answer.Given> number = number(answer).filter(one -> one.figures() >= FIGURES_FOR_A_PAIR);
        if (right.isEmpty() || number.isEmpty() || isAlmost(number.get(), right.get())) {
            return List.of();
        }
        List<Tried> singles = singles(measure, right.get(), false);
        List<Tried> both = pairs.computeIfAbsent(measure.key(), key -> new Pairs(sample, ways, card)
                .of(Asked.of(measure, evaluation), otherRules.get(), agreement.placesAsked(right.get())));
        List<Explanation> found = among(both, number.get(), answer, singles);
        return found.subList(0, Math.min(MOST, found.size()));
    }

    /** All but right: that is a matter of rounding or copying, and nobody made two mistakes. */
    private static boolean isAlmost(Answer.Given number, Figure right) {
        double off = Math.abs(Way.of(number.value()).about() - Way.of(right).about());
        return off <= ALMOST * Math.pow(10, -number.places().orElse(0));
    }

    private static Optional<Answer.Given> number(Answer answer) {
        return answer instanceof Answer.Numbers given && given.numbers().size() == 1
                ? Optional.of(given.numbers().get(0))
                : Optional.empty();
    }

    private List<Tried> singles(Measure measure, Figure right, boolean several) {
        return tried.computeIfAbsent(measure.key(), key -> tried(measure, right, several));
    }

    /** Those of some mistakes that lead to an answer: each kind once before any kind a second time. */
    private List<Explanation> among(List<Tried> all, Answer.Given number, Answer answer, List<Tried> before) {
        DoublePredicate near = number.near();
        List<Tried> leading = all.stream()
                .filter(one -> near.test(one.about()) && matches(answer, one))
                .filter(one -> one.blames().isEmpty() || number.figures() >= FIGURES_TO_BLAME)
                .sorted(Comparator.comparing((Tried one) -> one.blames().isPresent())
                        .thenComparing(Tried::commonness, Comparator.reverseOrder()))
                .toList();
        if (leading.isEmpty()) {
            return List.of();
        }
        boolean chance = chance(Stream.concat(all.stream(), before.stream()), number) > LIKELY_CHANCE;
        Map<String, Tried> first = new LinkedHashMap<>();
        Map<String, Tried> more = new LinkedHashMap<>();
        for (Tried one : leading) {
            if (first.putIfAbsent(one.kind(), one) != null
                    && !first.get(one.kind()).detail().equals(one.detail())) {
                more.putIfAbsent(one.kind() + one.detail(), one);
            }
        }
        return Stream.concat(first.values().stream(), more.values().stream())
                .map(one -> one.explanation(chance))
                .toList();
    }

    /** Whether a mistake is seen in an answer: at the places asked it leads to another figure than the right one. */
    private boolean isElsewhere(Way way, Figure right, int places) {
        double off = Math.abs(way.about() - Way.of(right).about());
        return off > 2 * Math.pow(10, -places) + TINY * Math.abs(way.about())
                || way.figure()
                        .filter(figure ->
                                figure.toPlaces(places, halves).compareTo(right.toPlaces(places, halves)) != 0)
                        .isPresent();
    }

    /** One digit fits too much, but where a count or a position stands in place of a value. */
    private boolean matches(Answer answer, Tried one) {
        return one.way()
                .figure()
                .flatMap(value -> agreement
                        .of(answer, new Outcome.Single(value))
                        .filter(verdict -> hasTwoFigures(answer)
                                || OF_ONE_DIGIT.contains(one.slip())
                                || verdict instanceof Verdict.Agrees && isToThePlaces(answer, value)))
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
        Asked asked = Asked.of(measure, evaluation);
        int places = agreement.placesAsked(right);
        List<Tried> all = new ArrayList<>();
        for (Slip slip : Slips.all()) {
            for (Changed changed : slip.changes().apply(asked)) {
                // What leads to the right answer is no mistake anybody could see.
                if (several || isElsewhere(changed.way(), right, places)) {
                    all.add(Tried.of(slip.commonness(), changed));
                }
            }
        }
        for (RoundedWays.Rounded one : ways.all(measure, 0, places - 1)) {
            if (isElsewhere(one.way(), right, places)) {
                all.add(Tried.of(
                        4, new Changed("early-rounding", one.told(card.letters()), one.way(), Optional.empty())));
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
    private double chance(Stream<Tried> all, Answer.Given number) {
        double size = Math.abs(number.value().toPlaces(MOST_PLACES, halves).doubleValue());
        if (number.places().isEmpty() || size == 0) {
            return 0;
        }
        int places = number.places().get();
        double from = size / NEAR;
        double to = size * NEAR;
        double scale = Math.pow(10, places);
        Set<Long> different = new HashSet<>();
        all.mapToDouble(one -> Math.abs(one.about()))
                .filter(figure -> figure >= from && figure <= to)
                .forEach(figure -> different.add(Math.round(figure * scale)));
        double possible = Math.max(1, (to - from) * scale);
        return different.size() / possible;
    }
}
