package promedio.core.marking;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.Numerals;
import promedio.core.number.Root;

/**
 * An answer as a student writes it, read: units and a leading “s =” stripped, fractions, mixed numbers, roots, percent,
 * either decimal mark, several modes with {@code ;} or “and” between them, or “none”.
 */
public sealed interface Answer {

    /** One or several numbers, in the order of writing. */
    record Numbers(List<Given> numbers) implements Answer {
        /** Copies the numbers. */
        public Numbers {
            numbers = List.copyOf(numbers);
        }
    }

    /** “none”, “undefined”: there is no value. */
    record None() implements Answer {}

    /** Not an answer. */
    record Unreadable(String text) implements Answer {}

    /**
     * One number of an answer.
     *
     * @param value what it is
     * @param places the decimal places written; empty for a fraction or root, which is exact
     * @param figures the significant figures written
     * @param percent whether a percent sign stood behind it
     */
    record Given(Figure value, Optional<Integer> places, int figures, boolean percent) {}

    /** No answer is longer than this. */
    int MOST_CHARACTERS = 200;

    /** Reads an answer. A comma is a decimal mark unless the text only makes sense with thousands marks. */
    static Answer parse(String text) {
        return Reader.read(text);
    }

    /** How an answer is read. */
    final class Reader {
        private static final String NUMBER = "[+\\-\u2212]?\\s*[0-9.,]*[0-9][0-9.,]*(?:[eE][+\\-\u2212]?[0-9]{1,3})?";
        private static final Pattern PLAIN = Pattern.compile("(" + NUMBER + ")\\s*(%?)");
        private static final Pattern FRACTION = Pattern.compile(
                "([+\\-\u2212]?)\\s*(?:([0-9]+)\\s+)?([0-9.,]*[0-9][0-9.,]*)\\s*/\\s*([0-9.,]*[0-9][0-9.,]*)");
        private static final Pattern ROOT = Pattern.compile("([+\\-\u2212]?)\\s*([0-9.,]*)\\s*(?:√|sqrt)\\s*\\(?\\s*"
                + "([0-9.,]*[0-9][0-9.,]*)\\s*(?:/\\s*([0-9.,]*[0-9][0-9.,]*))?\\s*\\)?");
        private static final Pattern NONE =
                Pattern.compile("(?i)none|no mode|no value|undefined|not defined|does not exist|n/?a|-|–|—");
        private static final Pattern BETWEEN = Pattern.compile("\\s*;\\s*|\\s+and\\s+");
        /** A word or symbol and an equals sign before the answer, or an “about” sign. */
        private static final Pattern BEFORE = Pattern.compile("^(?:[^=≈]{0,20}[=≈])\\s*");
        /** A unit behind it: words, °, powers, slashes between words. */
        private static final Pattern UNIT =
                Pattern.compile("(?<=[0-9)%.,])\\s*(?:[\\p{L}°€$£µ][\\p{L}°²³/^0-9·.\\s]*)$");

        private Reader() {}

        private static Answer read(String text) {
            String plain = text.strip().replaceAll("[\\u00a0\\u202f\\u2009]", "");
            if (plain.isEmpty() || plain.length() > MOST_CHARACTERS) {
                return new Unreadable(text);
            }
            if (NONE.matcher(plain).matches()) {
                return new None();
            }
            List<Given> numbers = new ArrayList<>();
            for (String part : BETWEEN.split(plain, -1)) {
                Optional<Given> number = number(part);
                if (number.isEmpty()) {
                    return new Unreadable(text);
                }
                numbers.add(number.get());
            }
            return new Numbers(numbers);
        }

        private static Optional<Given> number(String part) {
            String bare =
                    UNIT.matcher(BEFORE.matcher(part.strip()).replaceFirst("")).replaceFirst("");
            bare = bare.strip();
            Matcher plain = PLAIN.matcher(bare.replaceAll("(?<=[0-9]) (?=[0-9]{3}(?![0-9]))", ""));
            if (plain.matches()) {
                boolean percent = !plain.group(2).isEmpty();
                return decimal(plain.group(1).replaceAll("\\s", ""))
                        .map(numeral -> new Given(
                                numeral.exact(), Optional.of(numeral.places()), figures(numeral.value()), percent));
            }
            Matcher fraction = FRACTION.matcher(bare);
            if (fraction.matches()) {
                return fraction(fraction);
            }
            Matcher root = ROOT.matcher(bare);
            return root.matches() ? root(root) : Optional.empty();
        }

        private static Optional<Given> fraction(Matcher matcher) {
            Optional<Exact> top = decimal(matcher.group(3)).map(Numerals.Numeral::exact);
            Optional<Exact> bottom = decimal(matcher.group(4)).map(Numerals.Numeral::exact);
            if (top.isEmpty() || bottom.isEmpty() || bottom.get().signum() == 0) {
                return Optional.empty();
            }
            Exact value = top.get().over(bottom.get());
            if (matcher.group(2) != null) {
                value = value.plus(decimal(matcher.group(2)).orElseThrow().exact());
            }
            return Optional.of(exact(isMinus(matcher.group(1)) ? value.negated() : value));
        }

        private static Optional<Given> root(Matcher matcher) {
            Optional<Exact> under = decimal(matcher.group(3)).map(Numerals.Numeral::exact);
            Optional<Exact> below = matcher.group(4) == null
                    ? Optional.of(Exact.ONE)
                    : decimal(matcher.group(4)).map(Numerals.Numeral::exact);
            Optional<Exact> times = matcher.group(2).isEmpty()
                    ? Optional.of(Exact.ONE)
                    : decimal(matcher.group(2)).map(Numerals.Numeral::exact);
            if (under.isEmpty()
                    || below.isEmpty()
                    || times.isEmpty()
                    || below.get().signum() == 0) {
                return Optional.empty();
            }
            Figure root = Root.of(1, under.get().over(below.get())).times(times.get());
            return Optional.of(exact(isMinus(matcher.group(1)) ? root.negated() : root));
        }

        private static Given exact(Figure value) {
            return new Given(value, Optional.empty(), Integer.MAX_VALUE, false);
        }

        private static boolean isMinus(String sign) {
            return sign.equals("-") || sign.equals("\u2212");
        }

        /** Either decimal mark; marks that come in threes, or beside the other mark, are thousands marks. */
        private static Optional<Numerals.Numeral> decimal(String text) {
            Optional<Numerals.Numeral> point = Numerals.POINT.read(text);
            if (point.isPresent()) {
                return point;
            }
            return Numerals.COMMA
                    .read(text)
                    .or(() -> new Numerals('.', ',').read(text))
                    .or(() -> new Numerals(',', '.').read(text));
        }

        private static int figures(BigDecimal value) {
            return value.signum() == 0 ? 0 : value.precision();
        }
    }
}
