package promedio.core.marking;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Outcome;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.Root;
import promedio.core.sample.Sample;

/**
 * Whether an answer follows from earlier ones that are not right: with these in their places in the formula, in every combination of the student's
 * figures and ours, or by what one measure has to do with another. Definitions, section 6.
 */
final class FollowingOn {
    private static final int MOST_SOURCES = 6;

    private final Sample sample;
    private final Evaluation evaluation;
    private final Agreement agreement;

    FollowingOn(Sample sample, Evaluation evaluation, Agreement agreement) {
        this.sample = sample;
        this.evaluation = evaluation;
        this.agreement = agreement;
    }

    /** @param wrong the earlier answers that are not right */
    Optional<Verdict> of(Measure measure, Answer answer, Map<Measure, Figure> wrong) {
        if (wrong.isEmpty()) {
            return Optional.empty();
        }
        return inFormula(measure, answer, wrong).or(() -> related(measure, answer, wrong));
    }

    private Optional<Verdict> inFormula(Measure measure, Answer answer, Map<Measure, Figure> wrong) {
        Formula formula = measure.formula(sample.shape());
        Map<Measure, Figure> own = new LinkedHashMap<>();
        wrong.forEach((other, figure) -> {
            if (!formula.find(other.symbol().id()).isEmpty()) {
                own.put(other, figure);
            }
        });
        Set<String> known = own.isEmpty() ? Set.of() : symbols();
        for (Map<Measure, Figure> some : combinations(own)) {
            // A wrong mean may have gone into the deviations as well, or only into what is worked last.
            for (Function<Formula, Optional<Formula>> rule : List.<Function<Formula, Optional<Formula>>>of(
                    part -> given(part, some), part -> shallow(part, formula, some, known))) {
                Formula changed = formula.rewrite(rule);
                Optional<Figure> value = changed == formula
                        ? Optional.empty()
                        : evaluation.outcome(changed).single();
                if (value.filter(figure -> agrees(answer, figure)).isPresent()) {
                    return Optional.of(new Verdict.Follows(used(changed, some.keySet()), value.get()));
                }
            }
        }
        return Optional.empty();
    }

    /** Those of the answers that went in: with another variance nothing depends on the mean any more. */
    private static List<Measure> used(Formula changed, Set<Measure> some) {
        return some.stream().filter(one -> hasGiven(changed, one.symbol().id())).toList();
    }

    private static boolean hasGiven(Formula part, String symbol) {
        return part instanceof Formula.Given given
                        && given.of() instanceof Formula.Named named
                        && named.symbol().id().equals(symbol)
                || part.parts().stream().anyMatch(inner -> hasGiven(inner, symbol));
    }

    private boolean agrees(Answer answer, Figure figure) {
        return agreement.of(answer, new Outcome.Single(figure)).isPresent();
    }

    private Set<String> symbols() {
        return Catalogue.of(sample).all().stream().map(one -> one.symbol().id()).collect(Collectors.toSet());
    }

    private static Optional<Formula> given(Formula part, Map<Measure, Figure> own) {
        return part instanceof Formula.Named named
                ? own.entrySet().stream()
                        .filter(one ->
                                one.getKey().symbol().id().equals(named.symbol().id()))
                        .findFirst()
                        .map(one -> new Formula.Given(named, one.getValue()))
                : Optional.empty();
    }

    /** The same, but what is a measure itself keeps the figures that it has. */
    private static Optional<Formula> shallow(Formula part, Formula whole, Map<Measure, Figure> own, Set<String> known) {
        if (part == whole || !(part instanceof Formula.Named named)) {
            return Optional.empty();
        }
        Optional<Formula> given = given(part, own);
        return given.isEmpty() && known.contains(named.symbol().id()) ? Optional.of(part) : given;
    }

    /** All of them, then each smaller choice, down to each alone. */
    private static List<Map<Measure, Figure>> combinations(Map<Measure, Figure> own) {
        List<Map.Entry<Measure, Figure>> all =
                own.entrySet().stream().limit(MOST_SOURCES).toList();
        List<Map<Measure, Figure>> combinations = new ArrayList<>();
        for (int chosen = 1; chosen < 1 << all.size(); chosen++) {
            Map<Measure, Figure> some = new LinkedHashMap<>();
            for (int i = 0; i < all.size(); i++) {
                if ((chosen >> i & 1) == 1) {
                    some.put(all.get(i).getKey(), all.get(i).getValue());
                }
            }
            combinations.add(some);
        }
        combinations.sort(Comparator.comparingInt(some -> -some.size()));
        return combinations;
    }

    // ---- what one measure has to do with another, where its formula does not name it

    private Optional<Verdict> related(Measure measure, Answer answer, Map<Measure, Figure> wrong) {
        for (Map.Entry<Measure, Figure> other : wrong.entrySet()) {
            Optional<Figure> value = other.getValue() instanceof Exact figure
                    ? related(measure, other.getKey(), figure)
                    : Optional.empty();
            if (value.filter(figure -> agrees(answer, figure)).isPresent()) {
                return Optional.of(new Verdict.Follows(List.of(other.getKey()), value.get()));
            }
        }
        return Optional.empty();
    }

    /** What a measure would be from another by itself: a mean from its sum, a variance from its root, half of an interquartile range. */
    private Optional<Figure> related(Measure measure, Measure from, Exact figure) {
        Exact n = sample.count();
        return switch (from.question() + " " + measure.question()) {
            case "sum mean" -> n.signum() > 0 ? Optional.of(figure.over(n)) : Optional.empty();
            case "mean sum" -> Optional.of(figure.times(n));
            case "iqr quartile-deviation" -> Optional.of(figure.half());
            case "quartile-deviation iqr" -> Optional.of(figure.times(2));
            case "sd variance" -> same(measure, from) ? Optional.of(figure.squared()) : Optional.empty();
            case "variance sd" ->
                same(measure, from) && figure.signum() >= 0 ? Optional.of(Root.of(1, figure)) : Optional.empty();
            default -> Optional.empty();
        };
    }

    /** Whether both divide by the same. */
    private static boolean same(Measure one, Measure other) {
        return one.key().replaceFirst("^[a-z]+-", "").equals(other.key().replaceFirst("^[a-z]+-", ""));
    }
}
