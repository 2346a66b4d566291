package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.course.Divisor;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.measure.Measure.Dimension;
import promedio.core.measure.Measure.Group;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.GivenName;
import promedio.core.sample.Givens;
import promedio.core.sample.Givens.Item;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;

/**
 * Groups put together, each by count, mean and perhaps standard deviation: the mean and spread of all, or what is missing of one group
 * where those of all are given.
 *
 * <p><b>Definition.</b> x̄ = Σnⱼx̄ⱼ/Σnⱼ and σ² = Σnⱼ(σⱼ² + dⱼ²)/Σnⱼ with dⱼ = x̄ⱼ − x̄; with the divisor n − 1
 * s² = Σ((nⱼ − 1)sⱼ² + nⱼdⱼ²)/(Σnⱼ − 1).
 * <p><b>By hand.</b> 20 with the mean 40 and 30 with the mean 35 have (800 + 1050)/50 = 37.
 * <p><b>Source.</b> Common practice.
 */
final class GivenCombination {
    private static final SampleKind KIND = SampleKind.COMBINATION;
    private static final int COUNT = 0;
    private static final int MEAN = 1;
    private static final int SD = 2;
    private static final int LONGEST_INDEX = 10;

    private final Givens givens;
    private final List<Part> parts;
    private final Optional<Item> whole;
    private final Divisor divisor;

    /** A group: its letters, of which one may be sought. */
    private record Part(Item item, String index, Optional<Formula> n, Optional<Formula> mean, Optional<Formula> sd) {
        Formula total() {
            return n.orElseThrow().times(mean.orElseThrow());
        }
    }

    private GivenCombination(Givens givens) {
        this.givens = givens;
        this.divisor = GivenBase.divisor(givens);
        List<Item> items = givens.all(GivenName.PART);
        List<String> indices = indices(items.stream().map(Item::label).toList());
        this.parts = IntStream.range(0, items.size())
                .mapToObj(i -> part(items.get(i), indices.get(i)))
                .toList();
        this.whole = givens.all(GivenName.WHOLE).stream().findFirst();
    }

    static List<Entry> of(Givens givens) {
        return new GivenCombination(givens).entries();
    }

    /** What stands beside the letters of each: its name where all names are short words, else its number. */
    static List<String> indices(List<String> labels) {
        boolean words = labels.stream().distinct().count() == labels.size()
                && labels.stream()
                        .allMatch(label -> label.length() <= LONGEST_INDEX && label.matches("[\\p{L}\\p{Nd}]+"));
        return words
                ? labels
                : IntStream.rangeClosed(1, labels.size())
                        .mapToObj(Integer::toString)
                        .toList();
    }

    private Part part(Item item, String index) {
        return new Part(
                item,
                index,
                item.figure(COUNT).map(figure -> GivenLetters.given(GivenLetters.count(index), figure)),
                item.figure(MEAN).map(figure -> GivenLetters.given(GivenLetters.mean(index), figure)),
                item.figure(SD).map(figure -> GivenLetters.given(GivenLetters.sd(divisor, index), figure)));
    }

    // ---- what is sought

    private List<Entry> entries() {
        Optional<Sentence> why = conflict();
        if (why.isPresent()) {
            return List.of(Entry.one(GivenResult.of(KIND, "combined-mean", GivenLetters.mean(""))
                    .without(why.get())
                    .made()));
        }
        List<GivenResult> results = new ArrayList<>();
        Optional<Part> sought = parts.stream()
                .filter(part -> IntStream.rangeClosed(COUNT, SD).anyMatch(part.item()::seeks))
                .findFirst();
        if (sought.isPresent()) {
            missing(sought.get()).forEach(results::add);
        } else if (whole.filter(all -> all.seeks(COUNT)).isPresent()) {
            results.add(wholeCount());
        } else {
            results.add(combinedMean());
            if (parts.stream().anyMatch(part -> part.sd().isPresent())) {
                results.add(combinedSd());
            }
        }
        return results.stream().map(GivenResult::made).map(Entry::one).toList();
    }

    private Optional<Sentence> conflict() {
        if (parts.size() < 2) {
            return impossible("parts", parts.size());
        }
        int sought =
                givens.items().stream().mapToInt(item -> item.sought().size()).sum();
        boolean meansAsked = whole.filter(all -> all.seeks(MEAN)).isPresent();
        if (sought > 1 && !(meansAsked && whole.get().seeks(SD) && sought == 2)) {
            return impossible("several-sought", sought);
        }
        for (Item item : givens.items()) {
            if (item.figure(COUNT).filter(n -> !n.isWhole() || n.signum() <= 0).isPresent()) {
                return impossible("count", item.figure(COUNT).get());
            }
            if (item.figure(SD).filter(sd -> sd.signum() < 0).isPresent()) {
                return impossible("negative", "sd", item.figure(SD).get());
            }
        }
        return sizes().or(this::wholeMean).or(this::wholeSd);
    }

    /** The same of a standard deviation of all. */
    private Optional<Sentence> wholeSd() {
        Optional<Exact> said = whole.flatMap(one -> one.figure(SD));
        if (said.isEmpty() || !know(parts, COUNT, MEAN, SD)) {
            return Optional.empty();
        }
        Figure found = figure(combined());
        return GivenBase.isRounded(said.get(), found) ? Optional.empty() : impossible("deviations", said.get(), found);
    }

    /** The standard deviation of all groups. */
    private Formula combined() {
        Formula.Named mean = mean();
        List<Formula> squares =
                parts.stream().map(part -> squares(part, mean, true)).toList();
        return GivenLetters.added(squares).over(below(count())).root();
    }

    /** The groups are as many together as all are. */
    private Optional<Sentence> sizes() {
        Optional<Exact> all = whole.flatMap(one -> one.figure(COUNT));
        if (all.isEmpty() || parts.stream().anyMatch(part -> part.n().isEmpty())) {
            return Optional.empty();
        }
        Figure found = figure(GivenLetters.added(counts()));
        return found.compare(all.get()) == 0 ? Optional.empty() : impossible("sizes", found, all.get());
    }

    /** A mean of all that is given beside those of all groups is theirs, as far as its places go. */
    private Optional<Sentence> wholeMean() {
        Optional<Exact> said = whole.flatMap(one -> one.figure(MEAN));
        boolean known = parts.stream()
                .allMatch(part -> part.n().isPresent() && part.mean().isPresent());
        if (said.isEmpty() || !known) {
            return Optional.empty();
        }
        Figure found = figure(mean().body());
        return GivenBase.isRounded(said.get(), found) ? Optional.empty() : impossible("means", said.get(), found);
    }

    private List<Formula> counts() {
        return parts.stream().map(part -> part.n().orElseThrow()).toList();
    }

    // ---- all together

    /** N. */
    private Formula.Named count() {
        return whole.flatMap(all -> all.figure(COUNT))
                .map(n -> GivenLetters.given(GivenLetters.count(""), n))
                .orElseGet(() -> GivenLetters.added(counts()).named(GivenLetters.count("")));
    }

    private Formula.Named mean() {
        return GivenLetters.added(parts.stream().map(Part::total).toList())
                .over(count())
                .named(GivenLetters.mean(""));
    }

    private Optional<String> lacking(int what) {
        return parts.stream()
                .filter(part -> part.item().figure(what).isEmpty())
                .map(part -> part.item().label())
                .findFirst();
    }

    private GivenResult lacks(GivenResult result, int what) {
        lacking(what)
                .ifPresent(label -> result.without(Sentence.of(
                        "given.missing-of." + List.of("n", "mean", "sd").get(what), label)));
        return result;
    }

    private GivenResult combinedMean() {
        GivenResult result = GivenResult.of(KIND, "combined-mean", GivenLetters.mean(""));
        if (lacking(COUNT).isPresent() || lacking(MEAN).isPresent()) {
            return lacks(lacks(result, MEAN), COUNT);
        }
        Formula.Named mean = mean();
        List<Formula> means = parts.stream().map(part -> part.mean().get()).toList();
        List<Formula> offsets = parts.stream()
                .<Formula>map(part -> part.n().get().times(part.mean().get().minus(mean)))
                .toList();
        return result.as(mean.body())
                .checked(
                        GivenLetters.added(offsets),
                        Symbol.of("balance", GivenLetters.sumOf(Notation.letter("n"), Notation.letter("d"))),
                        Exact.ZERO)
                .slip("mean-of-means", GivenLetters.added(means).over(number(parts.size())));
    }

    /** n(σ² + d²), or (n − 1)s² + n·d². */
    private Formula squares(Part part, Formula mean, boolean distance) {
        Formula square = part.sd().orElseThrow().squared();
        Formula n = part.n().orElseThrow();
        if (!distance) {
            return divisor == Divisor.POPULATION
                    ? n.times(square)
                    : n.minus(number(1)).times(square);
        }
        Formula d = distance(part, mean).squared();
        return divisor == Divisor.POPULATION
                ? n.times(square.plus(d))
                : n.minus(number(1)).times(square).plus(n.times(d));
    }

    /** d = x̄ⱼ − x̄. */
    private static Formula.Named distance(Part part, Formula mean) {
        return part.mean()
                .orElseThrow()
                .minus(mean)
                .named(GivenLetters.of("distance", Notation.letter("d"), part.index()));
    }

    private Formula below(Formula n) {
        return divisor == Divisor.POPULATION ? n : n.minus(number(1));
    }

    private GivenResult combinedSd() {
        GivenResult result = GivenResult.of(KIND, "combined-sd/" + divisor.id(), GivenLetters.sd(divisor, ""))
                .answering("combined-sd")
                .in(Group.SPREAD, Dimension.UNIT);
        if (lacking(COUNT).isPresent()
                || lacking(MEAN).isPresent()
                || lacking(SD).isPresent()) {
            return lacks(lacks(lacks(result, SD), MEAN), COUNT);
        }
        Formula.Named n = count();
        Formula.Named mean = mean();
        Function<Boolean, Formula> sum = distance -> GivenLetters.added(
                parts.stream().map(part -> squares(part, mean, distance)).toList());
        List<Formula> sds = parts.stream().map(part -> part.sd().get()).toList();
        List<Formula> weighted = parts.stream()
                .<Formula>map(part -> part.n().get().times(part.sd().get()))
                .toList();
        return result.as(sum.apply(true).over(below(n)).root())
                .slip("distances-omitted", sum.apply(false).over(below(n)).root())
                .slip("sds-averaged", GivenLetters.added(sds).over(number(parts.size())))
                .slip("sds-averaged", GivenLetters.added(weighted).over(n));
    }

    private GivenResult wholeCount() {
        GivenResult result =
                GivenResult.of(KIND, "whole/n", GivenLetters.count("")).in(Group.CENTRE, Dimension.NONE);
        return lacking(COUNT).isPresent() ? lacks(result, COUNT) : result.as(GivenLetters.added(counts()));
    }

    // ---- one group

    private List<GivenResult> missing(Part part) {
        if (part.item().seeks(COUNT)) {
            return List.of(missingCount(part));
        }
        return List.of(part.item().seeks(MEAN) ? missingMean(part) : missingSd(part));
    }

    private List<Part> others(Part part) {
        return parts.stream().filter(other -> other != part).toList();
    }

    private Optional<Formula> given(int place, Symbol symbol) {
        return whole.flatMap(all -> all.figure(place)).map(figure -> GivenLetters.given(symbol, figure));
    }

    private GivenResult result(Part part, String what, Symbol symbol) {
        return GivenResult.of(KIND, part.item().label() + "/" + what, symbol)
                .called(Sentence.of("measure.given." + what, part.item().label()));
    }

    private boolean know(List<Part> some, int... places) {
        return some.stream().allMatch(part -> IntStream.of(places)
                .allMatch(place -> part.item().figure(place).isPresent()));
    }

    private static GivenResult unknown(GivenResult result) {
        return result.without(Sentence.of("given.too-little"));
    }

    /** N·x̄ less what the other groups come to, shared out among the group. */
    private GivenResult missingMean(Part part) {
        GivenResult result = result(part, "mean", GivenLetters.mean(part.index()));
        Optional<Formula> all = given(MEAN, GivenLetters.mean(""));
        if (all.isEmpty() || part.n().isEmpty() || !know(others(part), COUNT, MEAN)) {
            return unknown(result);
        }
        Formula.Named n = count();
        Formula rest = n.times(all.get());
        for (Part other : others(part)) {
            rest = rest.minus(other.total());
        }
        Formula own = rest.over(part.n().get());
        Formula.Named found = own.named(GivenLetters.mean(part.index()));
        List<Formula> totals = parts.stream()
                .map(one -> one == part ? one.n().get().times(found) : one.total())
                .toList();
        Formula apart = all.get().times(number(parts.size()));
        for (Part other : others(part)) {
            apart = apart.minus(other.mean().get());
        }
        return result.as(own)
                .checked(
                        GivenLetters.added(totals).over(n),
                        GivenLetters.mean(""),
                        whole.get().figure(MEAN).get())
                .slip("mean-of-means", apart);
    }

    /** By the count of all, else by the means: nⱼ(x̄ⱼ − x̄) makes up for the others. */
    private GivenResult missingCount(Part part) {
        Symbol symbol = GivenLetters.count(part.index());
        GivenResult result = result(part, "n", symbol).in(Group.CENTRE, Dimension.NONE);
        Optional<Formula> n = given(COUNT, GivenLetters.count(""));
        Optional<Formula> all = given(MEAN, GivenLetters.mean(""));
        if (!know(others(part), COUNT)) {
            return unknown(result);
        }
        boolean byMeans = all.isPresent() && part.mean().isPresent() && know(others(part), MEAN);
        Formula found;
        if (n.isPresent()) {
            found = n.get();
            for (Part other : others(part)) {
                found = found.minus(other.n().get());
            }
        } else if (byMeans) {
            List<Formula> offsets = others(part).stream()
                    .<Formula>map(other ->
                            other.n().get().times(all.get().minus(other.mean().get())))
                    .toList();
            found = GivenLetters.added(offsets).over(part.mean().get().minus(all.get()));
        } else {
            return unknown(result);
        }
        Optional<Sentence> wrong = uncountable(found);
        if (wrong.isPresent()) {
            return result.without(wrong.get());
        }
        result.as(found);
        if (byMeans) {
            Formula.Named own = found.named(symbol);
            List<Formula> totals = parts.stream()
                    .map(one -> one == part ? own.times(part.mean().get()) : one.total())
                    .toList();
            List<Formula> sizes =
                    parts.stream().map(one -> one == part ? own : one.n().get()).toList();
            Exact said = whole.get().figure(MEAN).get();
            Formula back = GivenLetters.added(totals).over(GivenLetters.added(sizes));
            if (!GivenBase.isRounded(said, figure(back))) {
                return result.without(GivenResult.impossible("means", said, figure(back)));
            }
            if (figure(back).compare(said) == 0) {
                result.checked(back, GivenLetters.mean(""), said);
            }
        }
        return result;
    }

    private Optional<Sentence> uncountable(Formula found) {
        Optional<Figure> figure = Measure.only(GivenLetters.count(""), found).stream()
                .flatMap(way -> figures(way.formula()).stream())
                .findFirst();
        if (figure.isEmpty()) {
            return impossible("any-count");
        }
        boolean counts = figure.get() instanceof Exact exact && exact.isWhole() && exact.signum() > 0;
        return counts ? Optional.empty() : impossible("found-count", figure.get());
    }

    /** The squares of all less those of the other groups and of the distances. */
    private GivenResult missingSd(Part part) {
        GivenResult result =
                result(part, "sd", GivenLetters.sd(divisor, part.index())).in(Group.SPREAD, Dimension.UNIT);
        Optional<Formula> all = given(SD, GivenLetters.sd(divisor, ""));
        if (all.isEmpty() || !know(parts, COUNT, MEAN) || !know(others(part), SD)) {
            return unknown(result);
        }
        Formula.Named n = count();
        Formula.Named mean = mean();
        Formula rest = below(n).times(all.get().squared());
        for (Part other : others(part)) {
            rest = rest.minus(squares(other, mean, true));
        }
        Formula d = distance(part, mean).squared();
        Formula own = part.n().get();
        Formula square = divisor == Divisor.POPULATION
                ? rest.over(own).minus(d)
                : rest.minus(own.times(d)).over(own.minus(number(1)));
        Optional<Figure> figure = figures(square).stream().findFirst();
        if (figure.filter(found -> found.signum() >= 0).isEmpty()) {
            return result.without(
                    GivenResult.impossible("whole-sd", whole.get().figure(SD).get()));
        }
        Part with = new Part(
                part.item(),
                part.index(),
                part.n(),
                part.mean(),
                Optional.of(square.root().named(GivenLetters.sd(divisor, part.index()))));
        List<Formula> sum = parts.stream()
                .map(one -> squares(one == part ? with : one, mean, true))
                .toList();
        return result.as(square.root())
                .checked(
                        GivenLetters.added(sum).over(below(n)).root(),
                        GivenLetters.sd(divisor, ""),
                        whole.get().figure(SD).get());
    }

    private List<Figure> figures(Formula formula) {
        return Evaluation.of(Sample.givens(givens)).outcome(formula).figures().stream()
                .map(Figure.class::cast)
                .collect(Collectors.toList());
    }

    private Figure figure(Formula formula) {
        return GivenBase.figure(givens, formula);
    }

    private static Optional<Sentence> impossible(String what, Object... facts) {
        return Optional.of(GivenResult.impossible(what, facts));
    }
}
