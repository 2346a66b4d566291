package promedio.core.slip;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import promedio.core.formula.Counted;
import promedio.core.formula.Estimate;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Operator;
import promedio.core.formula.Site;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.Sample;

/**
 * A question about a sample, and what mistakes are made of: its formulas with something replaced, and other samples under it.
 *
 * @param measure what is asked
 * @param sample of what
 * @param evaluation of the sample
 * @param estimate of the sample, in floating point
 * @param formulas of all hand methods, the usual one first
 */
public record Asked(Measure measure, Sample sample, Evaluation evaluation, Estimate estimate, List<Formula> formulas) {
    /** Copies the list. */
    public Asked {
        formulas = List.copyOf(formulas);
    }

    /** A question as it is to be worked. */
    public static Asked of(Measure measure, Evaluation evaluation) {
        Sample sample = evaluation.sample();
        return new Asked(
                measure,
                sample,
                evaluation,
                Estimate.of(evaluation),
                measure.methods(sample.shape()).stream()
                        .<Formula>map(Measure.Method::formula)
                        .toList());
    }

    /** The same question where one mistake has been made in it already, so that a second can be made; empty where no more can. */
    public Optional<Asked> after(Changed mistake) {
        Way way = mistake.way();
        if (way.sample().isPresent()) {
            return alike(way.sample().get())
                    .map(same -> of(same, Evaluation.of(way.sample().get())));
        }
        return way.formula().map(formula -> new Asked(measure, sample, evaluation, estimate, List.of(formula)));
    }

    /** Whether it is of data: a question may give figures in their place, which are no rows. */
    boolean hasRows() {
        return sample.givens().isEmpty();
    }

    /** The formula of the usual method. */
    Formula formula() {
        return formulas.get(0);
    }

    /** How the figure of a formula of this sample comes about; empty where it has none. */
    Optional<Way> value(Formula formula) {
        double about = estimate.value(formula);
        return Double.isFinite(about)
                ? Optional.of(Way.of(about, () -> figure(formula), Optional.of(() -> formula), Optional.empty()))
                : Optional.empty();
    }

    /** The figure of a formula of this sample; empty where it has none. */
    Optional<Figure> figure(Formula formula) {
        return evaluation.outcome(formula).single();
    }

    /** The same question of another sample. */
    Optional<Way> under(Sample other) {
        return alike(other).flatMap(same -> {
            double about = Estimate.of(Evaluation.of(other)).value(same.formula(other.shape()));
            return Double.isFinite(about)
                    ? Optional.of(Way.of(
                            about,
                            () -> same.outcome(Evaluation.of(other)).single(),
                            Optional.empty(),
                            Optional.of(other)))
                    : Optional.empty();
        });
    }

    /** The same where the values are still counted as before. */
    Optional<Way> underAsCounted(Sample other) {
        Formula count = Formula.number(sample.count());
        return alike(other).flatMap(same -> {
            Formula formula = same.formula(other.shape());
            Formula changed = formula.rewrite(part -> part instanceof Formula.Count n && n.what() == Counted.VALUES
                    ? Optional.of(count)
                    : Optional.empty());
            double about = Estimate.of(Evaluation.of(other)).value(changed);
            return changed != formula && Double.isFinite(about)
                    ? Optional.of(Way.of(
                            about,
                            () -> Evaluation.of(other).outcome(changed).single(),
                            Optional.of(() -> changed),
                            Optional.of(other)))
                    : Optional.empty();
        });
    }

    /** The measure of the same name for another sample. */
    private Optional<Measure> alike(Sample other) {
        return other.isEmpty() ? Optional.empty() : named(other).filter(same -> same.isDefined(other));
    }

    private Optional<Measure> named(Sample other) {
        return sample.classes().isPresent() == other.classes().isPresent()
                ? Optional.of(measure)
                : Catalogue.of(other).all().stream()
                        .filter(one -> one.key().equals(measure.key()))
                        .findFirst();
    }

    /** The usual formula with something replaced at one place, for each place where there is something to replace. */
    List<Way> replacing(Predicate<Formula> at, Function<Formula, Optional<Formula>> change) {
        return replacingIn(List.of(formula()), at, change);
    }

    /** The same in the formulas of all hand methods. */
    List<Way> replacingInAll(Predicate<Formula> at, Function<Formula, Optional<Formula>> change) {
        return replacingIn(formulas(), at, change);
    }

    /** The same in some formulas. */
    List<Way> replacingIn(List<Formula> formulas, Predicate<Formula> at, Function<Formula, Optional<Formula>> change) {
        List<Way> figures = new ArrayList<>();
        for (Formula formula : formulas) {
            for (Site site : everySite(formula, at)) {
                change.apply(formula.at(site))
                        .map(changed -> formula.rewriteAt(site, part -> changed))
                        .flatMap(this::value)
                        .ifPresent(figures::add);
            }
        }
        return figures;
    }

    /** All places at which such a part stands, also inside others of them. */
    private static List<Site> everySite(Formula formula, Predicate<Formula> at) {
        List<Site> found = new ArrayList<>();
        collect(formula, Site.ROOT, at, found, 0);
        return found;
    }

    private static void collect(Formula part, Site site, Predicate<Formula> at, List<Site> found, int depth) {
        if (at.test(part)) {
            found.add(site);
        }
        for (int i = 0; i < part.parts().size() && depth < 24; i++) {
            collect(part.parts().get(i), site.part(i), at, found, depth + 1);
        }
    }

    /** The usual formula with every part replaced for which there is something else. */
    Optional<Way> everywhere(Function<Formula, Optional<Formula>> change) {
        Formula formula = formula();
        Formula changed = formula.rewrite(change);
        return changed == formula ? Optional.empty() : value(changed);
    }

    /** A part without the symbols it stands under. */
    static Formula bare(Formula part) {
        return part instanceof Formula.Named named ? bare(named.body()) : part;
    }

    /** The operands of an operation, be it under a symbol; none where it is no such one. */
    static List<Formula> operands(Formula part, Operator operator) {
        return bare(part) instanceof Formula.Operation operation && operation.operator() == operator
                ? operation.operands()
                : List.of();
    }

    /** Whether it is an operation of a kind, not under a symbol. */
    static Predicate<Formula> is(Operator operator) {
        return part -> part instanceof Formula.Operation operation && operation.operator() == operator;
    }

    /** Whether the question is one of some. */
    boolean asks(String... questions) {
        return List.of(questions).contains(measure.question());
    }

    /** Whether it is a measure of spread that squares deviations, or rests on one. */
    boolean squares() {
        return asks("variance", "sd", "cv", "standard-error");
    }

    Exact count() {
        return sample.count();
    }
}
