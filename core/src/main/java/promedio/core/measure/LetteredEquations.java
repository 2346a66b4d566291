package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.GivenName;
import promedio.core.sample.Givens;
import promedio.core.sample.Lettered;
import promedio.core.sample.Lettered.Bounds;
import promedio.core.sample.Lettered.Row;

/** What is given of a list or table with letters, as equations of first degree between these. */
final class LetteredEquations {
    private static final Symbol MEDIAN = Symbol.of("median", Notation.word("median"));
    private static final Symbol MODE = Symbol.of("mode", Notation.word("mode"));
    /** A sum of more parts is written as what it comes to. */
    private static final int MOST_PARTS = 12;

    private final Givens givens;
    private final Lettered data;
    private final List<String> letters;
    /** Σf, as far as it is known; of a list how many values there are. */
    private final Formula counted;
    /** The same under n₀, but for a list, whose count is known. */
    private final Formula known;

    private final Formula total;

    LetteredEquations(Givens givens) {
        this.givens = givens;
        this.data = givens.lettered().orElseThrow();
        this.letters = data.letters();
        List<Formula> counts = new ArrayList<>();
        List<Formula> totals = new ArrayList<>();
        Exact count = Exact.ZERO;
        Exact sum = Exact.ZERO;
        for (Row row : data.rows()) {
            Exact f = row.frequency().constant();
            Exact v = row.value().constant();
            count = count.plus(f);
            sum = sum.plus(f.times(v));
            if (f.signum() != 0) {
                counts.add(number(f));
            }
            if (f.signum() != 0 && v.signum() != 0) {
                totals.add(LetterEquation.times(number(f), number(v)));
            }
        }
        this.counted = data.counted() ? sum(counts, count) : number(count);
        this.known = data.counted() ? counted.named(GivenLetters.count("0")) : counted;
        this.total = sum(totals, sum).named(GivenLetters.sum("0"));
    }

    /** A sum as its parts, or where these are many as what they come to. */
    static Formula sum(List<Formula> parts, Exact sum) {
        return parts.isEmpty() || parts.size() > MOST_PARTS ? number(sum) : GivenLetters.added(parts);
    }

    private Optional<Formula> given(GivenName name, Symbol symbol) {
        return givens.figure(name).map(figure -> GivenLetters.given(symbol, figure));
    }

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

    /** Σx with the letters put in. */
    Formula total(Map<String, ? extends Formula> found) {
        return with(total, inSum(), found);
    }

    /** n with the letters put in. */
    Formula count(Map<String, ? extends Formula> found) {
        return with(known, inCount(), found);
    }

    private static Formula with(Formula known, Map<String, Exact> factors, Map<String, ? extends Formula> found) {
        Formula sum = known;
        for (Map.Entry<String, Exact> one : factors.entrySet()) {
            Formula term = LetterEquation.times(number(one.getValue().abs()), found.get(one.getKey()));
            int sign = one.getValue().signum();
            sum = sign == 0 ? sum : sign > 0 ? sum.plus(term) : sum.minus(term);
        }
        return sum;
    }

    private boolean countIsOpen() {
        return data.rows().stream().anyMatch(row -> !row.frequency().isNumber());
    }

    /** n, as it is given or counted; empty where letters are in it. */
    private Optional<Formula> count() {
        Optional<Formula> given = given(GivenName.COUNT, GivenLetters.count(""));
        if (given.isPresent() || countIsOpen()) {
            return given;
        }
        return Optional.of(data.counted() ? counted.named(GivenLetters.count("")) : counted);
    }

    private LetterEquation equation(Map<String, Exact> factors, Formula right) {
        return equation(factors, right, List.of());
    }

    private LetterEquation equation(Map<String, Exact> factors, Formula right, List<GivenMeasure.Mistake> mistakes) {
        return LetterEquation.of(factors, (Exact) GivenBase.figure(givens, right), right, mistakes);
    }

    /** Those that hold whatever the order of the values is. */
    List<LetterEquation> plain() {
        List<LetterEquation> all = new ArrayList<>();
        if (countIsOpen()) {
            given(GivenName.COUNT, GivenLetters.count("")).ifPresent(n -> all.add(equation(inCount(), n.minus(known))));
        }
        given(GivenName.SUM, GivenLetters.sum("")).ifPresent(sum -> all.add(equation(inSum(), sum.minus(total))));
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
        return new LetterEquation(factors, (Exact) GivenBase.figure(givens, right), left, right, asNothing(mean, sums));
    }

    /** The value that is sought was not counted. */
    private List<GivenMeasure.Mistake> notCounted(Formula mean, Map<String, Exact> sums) {
        boolean alone = letters.size() == 1 && !data.counted() && !givens.has(GivenName.COUNT);
        return alone
                ? List.of(new GivenMeasure.Mistake(
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
        mistakes.add(new GivenMeasure.Mistake(
                "letter-not-counted", mean.times(known).minus(total).over(number(sums.get(letters.get(0))))));
        if (givens.figure(GivenName.MEAN).filter(figure -> figure.signum() != 0).isPresent()) {
            mistakes.add(new GivenMeasure.Mistake(
                    "letter-as-nothing", total.over(mean).minus(known)));
        }
        return mistakes;
    }

    /** What median and mode may say, one of each at a time: which row they meet is seen only when the letters are known. */
    List<List<LetterEquation>> cases() {
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

    private List<LetterEquation> medians(Exact said) {
        Formula median = GivenLetters.given(MEDIAN, said);
        if (data.classed()) {
            return classMedians(said, median);
        }
        List<Row> open =
                data.rows().stream().filter(row -> !row.value().isNumber()).toList();
        List<Row> others = new ArrayList<>(open);
        others.addAll(inTheMiddle(open));
        List<LetterEquation> all = new ArrayList<>();
        for (int i = 0; i < open.size(); i++) {
            all.add(meets(median, open.get(i)));
            for (Row other : others.subList(i + 1, others.size())) {
                all.add(meets(median, open.get(i), other));
            }
        }
        return all;
    }

    /** The known values that can stand beside an unknown one in the middle, wherever that belongs. */
    private List<Row> inTheMiddle(List<Row> open) {
        Exact away = open.stream().map(row -> row.frequency().constant()).reduce(Exact.ONE, Exact::plus);
        Exact half = data.count().constant().half();
        Exact before = Exact.ZERO;
        List<Row> middle = new ArrayList<>();
        List<Row> inOrder = data.rows().stream()
                .filter(row -> row.value().isNumber())
                .sorted(Comparator.comparing(row -> row.value().constant()))
                .toList();
        for (Row row : inOrder) {
            Exact with = before.plus(row.frequency().constant());
            if (with.compareTo(half.minus(away)) >= 0 && before.compareTo(half.plus(away)) <= 0) {
                middle.add(row);
            }
            before = with;
        }
        return middle;
    }

    /** A value that is the median or mode. */
    private LetterEquation meets(Formula said, Row row) {
        Exact constant = row.value().constant();
        return equation(
                new LinkedHashMap<>(row.value().factors()),
                constant.signum() == 0 ? said : said.minus(number(constant)));
    }

    /** Two values of which the median is the middle. */
    private LetterEquation meets(Formula median, Row one, Row other) {
        Formula right = number(2).times(median);
        for (Exact constant : List.of(one.value().constant(), other.value().constant())) {
            right = constant.signum() == 0 ? right : right.minus(number(constant));
        }
        return equation(new LinkedHashMap<>(one.value().plus(other.value()).factors()), right);
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
            Formula w = partBelow(median, bounds);
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
            all.add(equation(factors, right));
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
                all.add(equation(new LinkedHashMap<>(row.frequency().factors()), right));
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
        Formula w = partBelow(mode, bounds);
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
        return equation(factors, difference(w, times, less));
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

    /** w, the part of a class that lies below a figure. */
    private static Formula partBelow(Formula figure, Bounds bounds) {
        return figure.minus(number(bounds.lower()))
                .over(number(bounds.width()))
                .named(Symbol.of("part-of-class", Notation.letter("w")));
    }
}
