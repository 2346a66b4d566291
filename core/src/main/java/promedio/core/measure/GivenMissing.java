package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.measure.LetterSolver.Solution;
import promedio.core.measure.Measure.Dimension;
import promedio.core.measure.Measure.Group;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.SignificantText;
import promedio.core.sample.GivenName;
import promedio.core.sample.Givens;
import promedio.core.sample.Lettered;
import promedio.core.sample.Lettered.Bounds;
import promedio.core.sample.Lettered.Row;
import promedio.core.sample.Linear;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;

/**
 * Values or frequencies that are not known, out of what is known of the whole: every measure given is an equation between the letters,
 * and what solves all of them is put in again.
 *
 * <p><b>By hand.</b> Of 5, 8, x, 12 with the mean 10: 25 + x = 4 · 10, x = 15. Of 10: 3, 20: f, 30: 5 with the mean 22:
 * 180 + 20f = 22 (8 + f), f = (22 · 8 − 180)/(20 − 22) = 2.
 * <p><b>Undefined</b> where nothing, or more than one thing, solves the equations, or a frequency would be below 0.
 * <p><b>Source.</b> The definitions of the measures that are given.
 */
final class GivenMissing {
    private static final SampleKind KIND = SampleKind.MISSING;
    private static final int DIGITS = 6;
    private static final double ROUNDING = 1e-9;
    private static final Exact NEAR = Exact.ratio(1, 7);

    private final Givens givens;
    private final Lettered data;
    private final List<String> letters;
    private final Formula known;
    private final Formula total;

    private GivenMissing(Givens givens) {
        this.givens = givens;
        this.data = givens.lettered().orElseThrow();
        this.letters = data.letters();
        List<Formula> counts = new ArrayList<>();
        List<Formula> totals = new ArrayList<>();
        for (Row row : data.rows()) {
            Exact f = row.frequency().constant();
            Exact v = row.value().constant();
            if (f.signum() != 0) {
                counts.add(number(f));
            }
            if (f.signum() != 0 && v.signum() != 0) {
                totals.add(f.equals(Exact.ONE) ? number(v) : number(f).times(number(v)));
            }
        }
        boolean list = !data.counted();
        this.known = list
                ? number(data.rows().size())
                : (counts.isEmpty() ? number(0) : GivenLetters.added(counts)).named(GivenLetters.count("0"));
        this.total = (totals.isEmpty() ? number(0) : GivenLetters.added(totals)).named(GivenLetters.sum("0"));
    }

    /** What came of the letters: the solutions that hold, or why there is none. */
    private record Result(List<Solution> solutions, Optional<Sentence> why) {}

    static List<Entry> of(Givens givens) {
        if (givens.lettered().isEmpty()) {
            Sentence why = givens.unread().orElse(Sentence.of("given.missing", "values"));
            return List.of(Entry.one(
                    GivenResult.of(KIND, "letter", symbol("x")).without(why).made()));
        }
        GivenMissing missing = new GivenMissing(givens);
        Result result = missing.result();
        return missing.letters.stream()
                .map(letter -> Entry.one(missing.measure(letter, result)))
                .toList();
    }

    /** Every solution where there is more than one: what each letter is, by the letters. */
    static List<Map<String, Figure>> solutions(Givens givens) {
        if (givens.lettered().isEmpty()) {
            return List.of();
        }
        List<Solution> all = new GivenMissing(givens).result().solutions();
        return all.size() < 2 ? List.of() : all.stream().map(Solution::values).toList();
    }

    /** Whether the only solution makes every frequency a whole number; empty where there is none, or nothing is counted. */
    static Optional<Boolean> whole(Givens givens) {
        if (givens.lettered().filter(Lettered::counted).isEmpty()) {
            return Optional.empty();
        }
        GivenMissing missing = new GivenMissing(givens);
        List<Solution> all = missing.result().solutions();
        return all.size() != 1
                ? Optional.empty()
                : all.get(0)
                        .exact()
                        .map(letters -> new LetteredFigures(missing.data, letters).isWhole())
                        .or(() -> Optional.of(false));
    }

    private static Symbol symbol(String letter) {
        return GivenLetters.of(
                "letter-" + letter.charAt(0), Notation.letter(letter.substring(0, 1)), letter.substring(1));
    }

    private Optional<Formula> given(GivenName name, Symbol symbol) {
        return givens.figure(name).map(figure -> GivenLetters.given(symbol, figure));
    }

    // ---- the equations

    /** What stands before the letters in some sum over the rows. */
    private Map<String, Exact> factors(Function<Row, Function<String, Exact>> of) {
        Map<String, Exact> all = new LinkedHashMap<>();
        for (String letter : letters) {
            Exact sum = Exact.ZERO;
            for (Row row : data.rows()) {
                sum = sum.plus(of.apply(row).apply(letter));
            }
            all.put(letter, sum);
        }
        return all;
    }

    private Map<String, Exact> inCount() {
        return factors(row -> letter -> row.frequency().factor(letter));
    }

    private Map<String, Exact> inSum() {
        return factors(row -> letter -> row.frequency()
                .factor(letter)
                .times(row.value().constant())
                .plus(row.value().factor(letter).times(row.frequency().constant())));
    }

    private Exact figure(Formula formula) {
        return (Exact) new GivenBase(givens, "", "").figure(formula);
    }

    private boolean countIsOpen() {
        return data.rows().stream().anyMatch(row -> !row.frequency().isNumber());
    }

    /** n, as it is given or counted; empty where letters are in it. */
    private Optional<Formula> count() {
        return given(GivenName.COUNT, GivenLetters.count(""))
                .or(() -> countIsOpen()
                        ? Optional.empty()
                        : Optional.of(
                                data.counted() ? ((Formula.Named) known).body().named(GivenLetters.count("")) : known));
    }

    private LetterEquation equation(Map<String, Exact> factors, Formula right, List<GivenMeasure.Mistake> mistakes) {
        return LetterEquation.of(factors, figure(right), right, mistakes);
    }

    /** Those that hold whatever the order of the values is. */
    private List<LetterEquation> plain() {
        List<LetterEquation> all = new ArrayList<>();
        if (countIsOpen()) {
            given(GivenName.COUNT, GivenLetters.count(""))
                    .ifPresent(n -> all.add(equation(inCount(), n.minus(known), List.of())));
        }
        given(GivenName.SUM, GivenLetters.sum(""))
                .ifPresent(sum -> all.add(equation(inSum(), sum.minus(total), List.of())));
        given(GivenName.MEAN, GivenLetters.mean("")).ifPresent(mean -> all.add(byMean(mean)));
        return all;
    }

    private LetterEquation byMean(Formula mean) {
        Map<String, Exact> sums = inSum();
        Optional<Formula> n = count();
        if (n.isPresent()) {
            return equation(sums, n.get().times(mean).minus(total), notCounted(mean, sums));
        }
        Exact about = givens.figure(GivenName.MEAN).orElseThrow();
        Map<String, Exact> counts = inCount();
        Map<String, Exact> factors = new LinkedHashMap<>();
        Map<String, Formula> left = new LinkedHashMap<>();
        for (String letter : letters) {
            factors.put(letter, sums.get(letter).minus(about.times(counts.get(letter))));
            left.put(letter, number(sums.get(letter)).minus(LetterEquation.times(number(counts.get(letter)), mean)));
        }
        Formula right = mean.times(known).minus(total);
        return new LetterEquation(factors, figure(right), left, right, asNothing(mean, sums));
    }

    /** The value that is sought was not counted. */
    private List<GivenMeasure.Mistake> notCounted(Formula mean, Map<String, Exact> sums) {
        boolean alone = letters.size() == 1 && !data.counted() && !givens.has(GivenName.COUNT);
        return alone
                ? List.of(mistake(
                        "letter-not-counted",
                        number(data.rows().size() - 1).times(mean).minus(total).over(number(sums.get(letters.get(0))))))
                : List.of();
    }

    /** The row with the letter was left out of one of the two sums. */
    private List<GivenMeasure.Mistake> asNothing(Formula mean, Map<String, Exact> sums) {
        if (letters.size() > 1 || sums.get(letters.get(0)).signum() == 0) {
            return List.of();
        }
        List<GivenMeasure.Mistake> mistakes = new ArrayList<>();
        mistakes.add(
                mistake("letter-not-counted", mean.times(known).minus(total).over(number(sums.get(letters.get(0))))));
        if (givens.figure(GivenName.MEAN).filter(figure -> figure.signum() != 0).isPresent()) {
            mistakes.add(mistake("letter-as-nothing", total.over(mean).minus(known)));
        }
        return mistakes;
    }

    private static GivenMeasure.Mistake mistake(String slip, Formula formula) {
        return new GivenMeasure.Mistake(slip, formula);
    }

    /** What median and mode may say, one of each at a time: which row they meet is seen only when the letters are known. */
    private List<List<LetterEquation>> cases() {
        List<List<LetterEquation>> all = List.of(List.of());
        for (GivenName name : List.of(GivenName.MEDIAN, GivenName.MODE)) {
            Optional<Exact> said = givens.figure(name);
            if (said.isPresent()) {
                List<LetterEquation> met = name == GivenName.MEDIAN ? medians(said.get()) : modes(said.get());
                List<List<LetterEquation>> next = new ArrayList<>(all);
                for (List<LetterEquation> before : all) {
                    for (LetterEquation one : met) {
                        List<LetterEquation> with = new ArrayList<>(before);
                        with.add(one);
                        next.add(with);
                    }
                }
                all = next;
            }
        }
        return all;
    }

    private static final Symbol MEDIAN = Symbol.of("median", Notation.word("median"));
    private static final Symbol MODE = Symbol.of("mode", Notation.word("mode"));

    private List<LetterEquation> medians(Exact said) {
        Formula median = GivenLetters.given(MEDIAN, said);
        if (data.classed()) {
            return classMedians(said, median);
        }
        List<Row> rows = data.rows();
        List<LetterEquation> all = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            if (!rows.get(i).value().isNumber()) {
                all.add(meets(median, rows.get(i)));
            }
            for (int j = i + 1; j < rows.size(); j++) {
                Row one = rows.get(i);
                Row other = rows.get(j);
                if (!one.value().plus(other.value()).isNumber()) {
                    Map<String, Exact> factors =
                            new LinkedHashMap<>(one.value().plus(other.value()).factors());
                    Formula right = number(2).times(median);
                    for (Exact constant :
                            List.of(one.value().constant(), other.value().constant())) {
                        right = constant.signum() == 0 ? right : right.minus(number(constant));
                    }
                    all.add(equation(factors, right, List.of()));
                }
            }
        }
        return all;
    }

    private LetterEquation meets(Formula said, Row row) {
        Exact constant = row.value().constant();
        return equation(
                new LinkedHashMap<>(row.value().factors()),
                constant.signum() == 0 ? said : said.minus(number(constant)),
                List.of());
    }

    /** F + f·w = n/2, where w is the part of the class below the median. */
    private List<LetterEquation> classMedians(Exact said, Formula median) {
        List<LetterEquation> all = new ArrayList<>();
        for (int at = 0; at < data.rows().size(); at++) {
            Bounds bounds = data.rows().get(at).bounds().orElseThrow();
            if (said.compareTo(bounds.lower()) < 0 || said.compareTo(bounds.upper()) > 0) {
                continue;
            }
            int row = at;
            Exact part = said.minus(bounds.lower()).over(bounds.width());
            Formula w = median.minus(number(bounds.lower()))
                    .over(number(bounds.width()))
                    .named(Symbol.of("part-of-class", Notation.letter("w")));
            Optional<Formula> n = given(GivenName.COUNT, GivenLetters.count(""));
            Map<String, Exact> factors = new LinkedHashMap<>();
            for (String letter : letters) {
                Exact factor = part.times(data.rows().get(row).frequency().factor(letter));
                for (int i = 0; i < row; i++) {
                    factor = factor.plus(data.rows().get(i).frequency().factor(letter));
                }
                factors.put(
                        letter,
                        n.isPresent()
                                ? factor
                                : factor.minus(inCount().get(letter).half()));
            }
            Formula half = n.orElse(known);
            half = (data.rules().plusOne() ? half.plus(number(1)) : half).over(number(2));
            Exact before = Exact.ZERO;
            for (int i = 0; i < row; i++) {
                before = before.plus(data.rows().get(i).frequency().constant());
            }
            Formula right = before.signum() == 0 ? half : half.minus(number(before));
            Exact own = data.rows().get(row).frequency().constant();
            if (own.signum() != 0) {
                right = right.minus(number(own).times(w));
            }
            all.add(equation(factors, right, List.of()));
        }
        return all;
    }

    private List<LetterEquation> modes(Exact said) {
        Formula mode = GivenLetters.given(MODE, said);
        if (!data.classed()) {
            return data.rows().stream()
                    .filter(row -> !row.value().isNumber())
                    .map(row -> meets(mode, row))
                    .toList();
        }
        List<LetterEquation> all = new ArrayList<>();
        for (int at = 0; at < data.rows().size() && data.rules().interpolated() && isOfOneWidth(); at++) {
            Bounds bounds = data.rows().get(at).bounds().orElseThrow();
            if (said.compareTo(bounds.lower()) >= 0 && said.compareTo(bounds.upper()) <= 0) {
                all.add(classMode(at, said, mode));
            }
        }
        // Of several classes that have the most, side by side, the letter may be one.
        Optional<Exact> most = data.rows().stream()
                .filter(row -> row.frequency().isNumber())
                .map(row -> row.frequency().constant())
                .max(Comparator.naturalOrder());
        for (Row row : data.rows()) {
            if (most.isPresent() && !row.frequency().isNumber() && data.rules().interpolated()) {
                Formula right = number(most.get().minus(row.frequency().constant()));
                all.add(equation(new LinkedHashMap<>(row.frequency().factors()), right, List.of()));
            }
        }
        return all;
    }

    private boolean isOfOneWidth() {
        return data.rows().stream()
                        .map(row -> row.bounds().orElseThrow().width())
                        .distinct()
                        .count()
                == 1;
    }

    /** f₁ − f₀ = w (2f₁ − f₀ − f₂), where w is the part of the class below the mode. */
    private LetterEquation classMode(int at, Exact said, Formula mode) {
        Bounds bounds = data.rows().get(at).bounds().orElseThrow();
        Exact part = said.minus(bounds.lower()).over(bounds.width());
        Formula w = mode.minus(number(bounds.lower()))
                .over(number(bounds.width()))
                .named(Symbol.of("part-of-class", Notation.letter("w")));
        Map<String, Exact> factors = new LinkedHashMap<>();
        for (String letter : letters) {
            Function<Integer, Exact> f =
                    i -> frequency(i).map(one -> one.frequency().factor(letter)).orElse(Exact.ZERO);
            Exact rise = f.apply(at).minus(f.apply(at - 1));
            Exact both = rise.plus(f.apply(at)).minus(f.apply(at + 1));
            factors.put(letter, rise.minus(part.times(both)));
        }
        Function<Integer, Exact> f =
                i -> frequency(i).map(one -> one.frequency().constant()).orElse(Exact.ZERO);
        Exact rise = f.apply(at).minus(f.apply(at - 1));
        Exact both = rise.plus(f.apply(at)).minus(f.apply(at + 1));
        // Both sides change their signs where the letter is taken away more often than it is added.
        boolean turned = factors.values().stream()
                .filter(factor -> factor.signum() != 0)
                .findFirst()
                .filter(factor -> factor.signum() < 0)
                .isPresent();
        if (turned) {
            factors.replaceAll((letter, factor) -> factor.negated());
        }
        Exact times = turned ? both.negated() : both;
        Exact less = turned ? rise.negated() : rise;
        return equation(factors, difference(w, times, less), List.of());
    }

    /** w·a − b, what is added before what is taken away. */
    private static Formula difference(Formula w, Exact times, Exact less) {
        Formula product = w.times(number(times.abs()));
        if (times.signum() > 0) {
            return less.signum() < 0 ? product.plus(number(less.abs())) : product.minus(number(less));
        }
        return number(less.negated()).minus(product);
    }

    private Optional<Row> frequency(int row) {
        return row < 0 || row >= data.rows().size()
                ? Optional.empty()
                : Optional.of(data.rows().get(row));
    }

    private Optional<Exact> variance() {
        return givens.figure(GivenName.VARIANCE)
                .or(() -> givens.figure(GivenName.SD).map(Exact::squared));
    }

    // ---- what solves them

    private Result result() {
        if (givens.figure(GivenName.SD).filter(sd -> sd.signum() < 0).isPresent()) {
            return none(GivenResult.impossible(
                    "negative", "sd", givens.figure(GivenName.SD).get()));
        }
        boolean some = List.of(
                        GivenName.COUNT,
                        GivenName.SUM,
                        GivenName.MEAN,
                        GivenName.MEDIAN,
                        GivenName.MODE,
                        GivenName.SD,
                        GivenName.VARIANCE)
                .stream()
                .anyMatch(givens::has);
        if (!some) {
            return none(Sentence.of("given.unsolved.nothing"));
        }
        if (plain().stream().anyMatch(one -> one.isEmpty() && one.right().signum() != 0)) {
            return none(Sentence.of("given.unsolved.none"));
        }
        LetterSolver solver = new LetterSolver(
                letters,
                GivenMissing::symbol,
                new GivenBase(givens, "", "")::figure,
                variance().map(said -> at -> new LetteredFigures(data, at).beyond(said)));
        List<Solution> found = new ArrayList<>();
        boolean negative = false;
        boolean endless = false;
        boolean any = false;
        for (List<LetterEquation> met : cases()) {
            List<LetterEquation> all = new ArrayList<>(plain());
            all.addAll(met);
            Optional<List<Solution>> solved = solver.solve(all);
            endless |= solved.isEmpty() && met.isEmpty();
            any |= solved.isEmpty()
                    && met.stream().anyMatch(one -> one.isEmpty() && one.right().signum() == 0);
            for (Solution one : solved.orElse(List.of())) {
                Optional<Map<String, Exact>> exact = one.exact();
                if (exact.isPresent()) {
                    LetteredFigures figures = new LetteredFigures(data, exact.get());
                    negative |= figures.isNegative();
                    if (figures.isNegative() || !figures.agree(givens, !met.isEmpty())) {
                        continue;
                    }
                    if (!met.isEmpty() && isLoose(exact.get())) {
                        return none(Sentence.of("given.unsolved.many"));
                    }
                }
                if (found.stream().noneMatch(other -> isSame(one, other))) {
                    found.add(one);
                }
            }
        }
        if (found.isEmpty()) {
            boolean open = endless && !negative && cases().size() == 1;
            return none(Sentence.of(
                    "given.unsolved." + (any ? "many" : negative ? "negative" : open ? "too-little" : "none")));
        }
        return found.size() == 1
                ? new Result(found, Optional.empty())
                : new Result(found, Optional.of(Sentence.of("given.unsolved.several", written(found))));
    }

    private static Result none(Sentence why) {
        return new Result(List.of(), Optional.of(why));
    }

    private static String written(List<Solution> solutions) {
        return solutions.stream()
                .map(solution -> solution.values().entrySet().stream()
                        .map(one -> one.getKey() + " = " + SignificantText.of(one.getValue(), DIGITS))
                        .sorted()
                        .collect(Collectors.joining(", ")))
                .collect(Collectors.joining("; "));
    }

    /** Whether all that is given holds, too, a little beside what was found: then it holds of a stretch of numbers. */
    private boolean isLoose(Map<String, Exact> letters) {
        if (letters.size() > 1) {
            return false;
        }
        String letter = letters.keySet().iterator().next();
        return List.of(NEAR, NEAR.negated()).stream().anyMatch(step -> {
            LetteredFigures beside =
                    new LetteredFigures(data, Map.of(letter, letters.get(letter).plus(step)));
            return !beside.isNegative() && beside.agree(givens, true);
        });
    }

    /** Whether two solutions are one, or one with the letters exchanged where that makes no other data. */
    private boolean isSame(Solution one, Solution other) {
        if (one.values().equals(other.values())) {
            return true;
        }
        if (letters.size() < 2 || data.counted()) {
            return false;
        }
        boolean alike = data.rows().stream()
                .allMatch(row -> row.value().isNumber()
                        || row.value().constant().signum() == 0
                                && row.value().factors().size() == 1
                                && row.value().factors().values().stream().allMatch(Exact.ONE::equals));
        boolean swapped = isNear(one, 0, other, 1) && isNear(one, 1, other, 0);
        return alike && swapped;
    }

    private boolean isNear(Solution one, int letter, Solution other, int otherLetter) {
        double first = one.values().get(letters.get(letter)).toDouble();
        double second = other.values().get(letters.get(otherLetter)).toDouble();
        return Math.abs(first - second) <= ROUNDING * Math.max(1, Math.abs(first));
    }

    // ---- what is shown

    private GivenMeasure measure(String letter, Result result) {
        boolean value =
                data.rows().stream().anyMatch(row -> row.value().factor(letter).signum() != 0);
        GivenResult made = GivenResult.of(KIND, letter, symbol(letter))
                .called(Sentence.of("measure.given." + (value ? "value" : "frequency"), letter))
                .in(value ? Group.CENTRE : Group.POSITION, value ? Dimension.UNIT : Dimension.NONE);
        if (result.why().isPresent()) {
            return made.without(result.why().get()).made();
        }
        Solution solution = result.solutions().get(0);
        made.as(solution.found().get(letter).body());
        if (letters.size() == 1) {
            solution.used().forEach(equation -> equation.mistakes()
                    .forEach(mistake -> made.slip(mistake.slip(), mistake.formula())));
        }
        check(solution.found(), made);
        String equations = solution.used().stream().map(LetterEquation::written).collect(Collectors.joining(", "));
        if (!equations.isEmpty()) {
            made.noted(Sentence.of(
                    whole(givens).orElse(true) ? "note.given.missing.by" : "note.given.missing.part", equations));
        }
        return made.made();
    }

    /** The letters put into what was given of the whole: the mean, else the total or the count. */
    private void check(Map<String, Formula.Named> found, GivenResult made) {
        List<Formula> counts = new ArrayList<>();
        List<Formula> totals = new ArrayList<>();
        for (Row row : data.rows()) {
            Formula f = putIn(row.frequency(), found);
            Formula v = putIn(row.value(), found);
            counts.add(f);
            totals.add(LetterEquation.isOne(f) ? v : f.times(v));
        }
        Formula n =
                data.counted() ? GivenLetters.added(counts) : number(data.rows().size());
        Optional<Exact> mean = givens.figure(GivenName.MEAN);
        Optional<Exact> sum = givens.figure(GivenName.SUM);
        Optional<Exact> count = givens.figure(GivenName.COUNT);
        if (mean.isPresent()) {
            made.checked(GivenLetters.added(totals).over(n), GivenLetters.mean(""), mean.get());
        } else if (sum.isPresent()) {
            made.checked(GivenLetters.added(totals), GivenLetters.sum(""), sum.get());
        } else if (count.isPresent() && data.counted()) {
            made.checked(n, GivenLetters.count(""), count.get());
        }
    }

    private static Formula putIn(Linear figure, Map<String, Formula.Named> found) {
        List<Formula> parts = new ArrayList<>();
        if (figure.constant().signum() != 0 || figure.isNumber()) {
            parts.add(number(figure.constant()));
        }
        figure.factors()
                .forEach((letter, factor) -> parts.add(LetterEquation.times(number(factor), found.get(letter))));
        return GivenLetters.added(parts);
    }
}
