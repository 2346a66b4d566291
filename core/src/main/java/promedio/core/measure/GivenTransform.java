package promedio.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.course.CardKey;
import promedio.core.course.CvUnit;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.measure.Measure.Dimension;
import promedio.core.measure.Measure.Group;
import promedio.core.number.Exact;
import promedio.core.sample.GivenName;
import promedio.core.sample.Givens;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;

/**
 * Measures of y = A + B·x out of those of x: centres and positions move and are multiplied, spreads are multiplied by |B|, the variance
 * by B², skewness and kurtosis stay; where B is negative the quartiles exchange and the skewness changes its sign.
 *
 * <p><b>By hand.</b> Celsius with the mean 20 and the standard deviation 5 are Fahrenheit with 32 + 1.8·20 = 68 and 1.8·5 = 9.
 * <p><b>Source.</b> Common practice.
 */
final class GivenTransform {
    private static final SampleKind KIND = SampleKind.TRANSFORM;

    private final Givens givens;
    private final Formula plus;
    private final Formula times;
    private final boolean turned;

    private GivenTransform(Givens givens) {
        this.givens = givens;
        this.plus = GivenLetters.given(
                Symbol.of("plus", Notation.letter("A")),
                givens.figure(GivenName.PLUS).orElse(Exact.ZERO));
        Exact by = givens.figure(GivenName.TIMES).orElse(Exact.ONE);
        this.times = GivenLetters.given(Symbol.of("times", Notation.letter("B")), by);
        this.turned = by.signum() < 0;
    }

    static List<Entry> of(Givens givens) {
        return new GivenTransform(givens).entries();
    }

    /** What becomes of a quantity. */
    private enum Way {
        PLACE,
        SPREAD,
        SQUARE,
        SIGN,
        NOTHING
    }

    private static Way way(GivenName name) {
        return switch (name) {
            case MEAN, MEDIAN, MODE, LOWER_QUARTILE, UPPER_QUARTILE -> Way.PLACE;
            case RANGE, IQR, SD, MEAN_DEVIATION -> Way.SPREAD;
            case VARIANCE -> Way.SQUARE;
            case SKEWNESS -> Way.SIGN;
            default -> Way.NOTHING;
        };
    }

    private List<Entry> entries() {
        List<Entry> entries = new ArrayList<>();
        for (GivenName name : GivenName.of(KIND)) {
            boolean measured = name != GivenName.PLUS && name != GivenName.TIMES;
            if (measured && (givens.has(name) || givens.has(source(name)))) {
                entries.add(Entry.one(of(name)));
            }
        }
        if (givens.has(GivenName.MEAN) && (givens.has(GivenName.SD) || givens.has(GivenName.VARIANCE))) {
            entries.add(Entry.variants(List.of(cv(CvUnit.PERCENT)), card -> cv(card.get(CardKey.CV))));
        }
        return entries;
    }

    private static Symbol symbol(GivenName name, String of) {
        Notation letter =
                switch (name) {
                    case MEAN -> Notation.bar(of);
                    case MEDIAN -> Notation.tilde(of);
                    case MODE -> new Notation.Lowered(Notation.word("mode"), Notation.letter(of));
                    case LOWER_QUARTILE -> new Notation.Lowered(Notation.letter("Q"), Notation.word("1" + of));
                    case UPPER_QUARTILE -> new Notation.Lowered(Notation.letter("Q"), Notation.word("3" + of));
                    case RANGE -> new Notation.Lowered(Notation.letter("R"), Notation.letter(of));
                    case IQR -> new Notation.Lowered(Notation.word("IQR"), Notation.letter(of));
                    case SD -> new Notation.Lowered(Notation.letter("s"), Notation.letter(of));
                    case VARIANCE -> new Notation.Lowered(Notation.letter("s"), Notation.letter(of)).raisedTo(2);
                    case MEAN_DEVIATION -> new Notation.Lowered(Notation.word("MD"), Notation.letter(of));
                    case SKEWNESS -> new Notation.Lowered(Notation.word("Sk"), Notation.letter(of));
                    default -> new Notation.Lowered(Notation.word("K"), Notation.letter(of));
                };
        return Symbol.of(name.id() + "-" + of, letter);
    }

    private Formula before(GivenName name) {
        return GivenLetters.given(symbol(name, "x"), givens.figure(name).orElseThrow());
    }

    /** The quantity of x that a quantity of y comes from. */
    private GivenName source(GivenName name) {
        return switch (name) {
            case LOWER_QUARTILE -> turned ? GivenName.UPPER_QUARTILE : name;
            case UPPER_QUARTILE -> turned ? GivenName.LOWER_QUARTILE : name;
            default -> name;
        };
    }

    private Formula after(GivenName name, Formula x) {
        return switch (way(name)) {
            case PLACE -> plus.plus(times.times(x));
            case SPREAD -> times.abs().times(x);
            case SQUARE -> times.squared().times(x);
            case SIGN -> times.over(times.abs()).times(x);
            case NOTHING -> x;
        };
    }

    private Measure of(GivenName name) {
        GivenName source = source(name);
        Symbol symbol = symbol(name, "y");
        Way way = way(name);
        GivenResult result = GivenResult.of(KIND, name.id(), symbol)
                .called(Sentence.of("measure.given.of-y", Sentence.of("given.name." + name.id())))
                .in(
                        way == Way.PLACE
                                ? Group.CENTRE
                                : way == Way.SIGN || way == Way.NOTHING ? Group.SHAPE : Group.SPREAD,
                        way == Way.SQUARE
                                ? Dimension.SQUARED
                                : way == Way.SIGN || way == Way.NOTHING ? Dimension.NONE : Dimension.UNIT);
        if (!givens.has(source)) {
            return result.without(Sentence.of("given.missing", source.id())).made();
        }
        if ((way == Way.SPREAD || way == Way.SQUARE)
                && givens.figure(source).get().signum() < 0) {
            return result.without(GivenResult.impossible(
                            "negative", source.id(), givens.figure(source).get()))
                    .made();
        }
        Formula x = before(source);
        Formula.Named y = after(name, x).named(symbol);
        result.as(y.body());
        switch (way) {
            case PLACE -> {
                result.slip("not-multiplied", plus.plus(x)).slip("not-added", times.times(x));
                result.slip("added-first", times.times(plus.plus(x)));
                if (source != name && givens.has(name)) {
                    result.slip("quartiles-not-exchanged", after(name, before(name)));
                }
                if (givens.figure(GivenName.TIMES).orElse(Exact.ONE).signum() != 0) {
                    result.checked(
                            y.minus(plus).over(times),
                            symbol(source, "x"),
                            givens.figure(source).get());
                }
            }
            case SPREAD ->
                result.slip("added-to-spread", plus.plus(times.abs().times(x)))
                        .slip("spread-kept", x)
                        .slip("factor-squared", times.squared().times(x));
            case SQUARE ->
                result.slip("factor-not-squared", times.abs().times(x))
                        .slip("added-to-spread", plus.plus(times.squared().times(x)))
                        .slip("spread-kept", x);
            case SIGN -> {
                if (turned) {
                    result.slip("sign-kept", x);
                }
            }
            case NOTHING -> result.slip("shape-multiplied", times.times(x));
        }
        return result.made();
    }

    /** Of y: its spread is multiplied, its mean moved as well. */
    private Measure cv(CvUnit unit) {
        GivenResult result = GivenResult.of(KIND, "cv", Symbol.of("cv", Notation.word("CV")))
                .called(Sentence.of("measure.given.of-y", Sentence.of("measure.cv")))
                .in(Group.SPREAD, unit == CvUnit.PERCENT ? Dimension.PERCENT : Dimension.NONE);
        Formula mean = after(GivenName.MEAN, before(GivenName.MEAN)).named(symbol(GivenName.MEAN, "y"));
        Formula sd = givens.has(GivenName.SD)
                ? after(GivenName.SD, before(GivenName.SD)).named(symbol(GivenName.SD, "y"))
                : after(GivenName.VARIANCE, before(GivenName.VARIANCE))
                        .named(symbol(GivenName.VARIANCE, "y"))
                        .root();
        Formula hundred = Formula.number(100);
        boolean percent = unit == CvUnit.PERCENT;
        Optional<Formula> before = givens.has(GivenName.SD)
                ? Optional.of(before(GivenName.SD).over(before(GivenName.MEAN)))
                : Optional.empty();
        result.as((percent ? hundred.times(sd) : sd).over(mean));
        before.ifPresent(kept -> result.slip("cv-kept", percent ? hundred.times(kept) : kept));
        return result.made();
    }
}
