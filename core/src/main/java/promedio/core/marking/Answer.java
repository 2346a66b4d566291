package promedio.core.marking;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoublePredicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.Numerals;
import promedio.core.number.Root;
import promedio.core.number.Units;
import promedio.core.slip.Way;

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
     * @param unit the unit it was written with
     */
    record Given(Figure value, Optional<Integer> places, int figures, Optional<Units.Unit> unit) {
        /** What figures in floating point may be off, for each unit of their size. */
        private static final double TINY = 1e-9;

        private static final double UNKNOWN_PLACES = 0.01;

        /** Whether a figure, known in floating point, may be what is written here: only such a one is worked out. */
        DoublePredicate near() {
            double written = Way.of(value).about();
            double unit = places.map(many -> Math.pow(10, -many)).orElse(UNKNOWN_PLACES * Math.abs(written));
            double reach = 2 * unit + TINY * Math.max(1, Math.abs(written));
            return about -> Math.abs(about - written) <= reach;
        }

        private Given in(Optional<Units.Unit> read) {
            return new Given(value, places, figures, read);
        }
    }

    /** No answer is longer than this. */
    int MOST_CHARACTERS = 200;

    /** Reads an answer about a sample without a unit. */
    static Answer parse(String text) {
        return parse(text, "");
    }

    /**
     * Reads an answer, the whole of it or nothing: what is neither number nor unit makes it none. A comma is a decimal mark
     * unless the text only makes sense with thousands marks.
     *
     * @param unit the unit of the sample; empty where it has none
     */
    static Answer parse(String text, String unit) {
        return new Reader(unit).read(text);
    }

    /** How an answer is read. */
    final class Reader {
        private static final String DIGITS = "[0-9][0-9.,]*+|[.,][0-9][0-9.,]*+";
        private static final String NUMBER = "(?:" + DIGITS
                + ")(?:[eE][+\\-\u2212]?[0-9]{1,3})?(?:\\s*[·×*x]\\s*10(?:\\^\\s*[+\\-\u2212]?[0-9]{1,3}|[⁺⁻]?[⁰¹²³⁴⁵⁶⁷⁸⁹]{1,3}))?";
        private static final String SIGN = "([+\\-\u2212]?)\\s*";
        private static final Pattern PLAIN = Pattern.compile(SIGN + "(" + NUMBER + ")");
        private static final Pattern FRACTION =
                Pattern.compile(SIGN + "(?:([0-9]+)\\s+)?(" + DIGITS + ")\\s*[/⁄]\\s*(" + DIGITS + ")");
        private static final Pattern ROOT =
                Pattern.compile(SIGN + "(?:(" + DIGITS + ")\\s*[·×*]?\\s*)?(?:√|sqrt|root)\\s*"
                        + "(?:\\(\\s*(" + DIGITS + ")\\s*(?:/\\s*(" + DIGITS + ")\\s*)?\\)|(" + DIGITS + "))"
                        + "(?:\\s*/\\s*(" + DIGITS + "))?");
        private static final Pattern NONE =
                Pattern.compile("(?i)none|no mode|no value|undefined|not defined|does not exist|n/?a|-|–|—");
        private static final Pattern BETWEEN = Pattern.compile("\\s*;\\s*|\\s+and\\s+");
        /** What is worked out, by name or symbol, and an equals sign; or a sign that the number was rounded. */
        private static final Pattern BEFORE = Pattern.compile("^(?:[\\p{L}σμ][^=≈;]{0,40}?)?\\s*[=≈]\\s*(?:[=≈]\\s*)?");
        /** A currency before the number. */
        private static final Pattern CURRENCY = Pattern.compile("^([€$£₹]|Rs\\.?)\\s*(?=[0-9.,+\\-\u2212])");

        private static final Pattern GROUPS = Pattern.compile("(?<=[0-9]) (?=[0-9]{3}(?![0-9]))");
        private static final Pattern FULL_STOP = Pattern.compile("\\.\\s*$");
        private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";

        private final String unit;

        private Reader(String unit) {
            this.unit = unit;
        }

        /** What is left behind a number. */
        private record Part(Given given, int end) {}

        private Answer read(String text) {
            String plain = text.strip().replaceAll("[\\u00a0\\u202f\\u2009]", " ");
            if (plain.isEmpty() || plain.length() > MOST_CHARACTERS) {
                return new Unreadable(text);
            }
            if (NONE.matcher(plain).matches()) {
                return new None();
            }
            List<Given> numbers = new ArrayList<>();
            for (String part : BETWEEN.split(plain, -1)) {
                Optional<Given> number =
                        number(part).or(() -> number(FULL_STOP.matcher(part).replaceFirst("")));
                if (number.isEmpty()) {
                    return new Unreadable(text);
                }
                numbers.add(number.get());
            }
            return new Numbers(numbers);
        }

        private Optional<Given> number(String part) {
            String bare = BEFORE.matcher(part.strip()).replaceFirst("").strip();
            Matcher currency = CURRENCY.matcher(bare);
            Optional<Units.Unit> before = currency.find() ? Units.read(currency.group(1), unit) : Optional.empty();
            String rest = GROUPS.matcher(before.isEmpty() ? bare : bare.substring(currency.end()))
                    .replaceAll("");
            return root(rest)
                    .or(() -> fraction(rest))
                    .or(() -> plain(rest))
                    .flatMap(found -> withUnit(found.given(), rest.substring(found.end()), before));
        }

        /** The number with what stands behind it, which must be nothing or a unit. */
        private Optional<Given> withUnit(Given given, String behind, Optional<Units.Unit> before) {
            if (behind.isBlank()) {
                return Optional.of(given.in(before));
            }
            return before.isPresent()
                    ? Optional.empty()
                    : Units.read(behind, unit).map(read -> given.in(Optional.of(read)));
        }

        private static Optional<Part> plain(String text) {
            Matcher plain = PLAIN.matcher(text);
            if (!plain.lookingAt()) {
                return Optional.empty();
            }
            return decimal(plain.group(1) + scientific(plain.group(2)))
                    .map(numeral -> new Part(
                            new Given(
                                    numeral.exact(),
                                    Optional.of(numeral.places()),
                                    figures(numeral.value()),
                                    Optional.empty()),
                            plain.end()));
        }

        /** 1.2 · 10³ as 1.2e3. */
        private static String scientific(String number) {
            int times = Math.max(
                    Math.max(number.indexOf('·'), number.indexOf('×')),
                    Math.max(number.indexOf('*'), number.indexOf('x')));
            if (times < 0) {
                return number;
            }
            String exponent = number.substring(times + 1).strip().substring(2);
            StringBuilder plain = new StringBuilder();
            for (int i = 0; i < exponent.length(); i++) {
                int raised = RAISED.indexOf(exponent.charAt(i));
                plain.append(raised >= 0 ? (char) ('0' + raised) : exponent.charAt(i));
            }
            return number.substring(0, times).strip() + "e"
                    + plain.toString().replaceAll("[\\s^⁺]", "").replace('⁻', '-');
        }

        private static Optional<Part> fraction(String text) {
            Matcher matcher = FRACTION.matcher(text);
            if (!matcher.lookingAt()) {
                return Optional.empty();
            }
            Optional<Exact> top = exact(matcher.group(3));
            Optional<Exact> bottom = exact(matcher.group(4)).filter(below -> below.signum() != 0);
            Exact whole = matcher.group(2) == null
                    ? Exact.ZERO
                    : exact(matcher.group(2)).orElse(Exact.ZERO);
            return top.flatMap(over -> bottom.map(below -> whole.plus(over.over(below))))
                    .map(value ->
                            new Part(exactly(isMinus(matcher.group(1)) ? value.negated() : value), matcher.end()));
        }

        private static Optional<Part> root(String text) {
            Matcher matcher = ROOT.matcher(text);
            if (!matcher.lookingAt()) {
                return Optional.empty();
            }
            Optional<Exact> under = exact(matcher.group(3) == null ? matcher.group(5) : matcher.group(3));
            Optional<Exact> underBelow = matcher.group(4) == null ? Optional.of(Exact.ONE) : exact(matcher.group(4));
            Optional<Exact> times = matcher.group(2) == null ? Optional.of(Exact.ONE) : exact(matcher.group(2));
            Optional<Exact> below = matcher.group(6) == null ? Optional.of(Exact.ONE) : exact(matcher.group(6));
            boolean read = under.isPresent()
                    && times.isPresent()
                    && underBelow.filter(value -> value.signum() != 0).isPresent()
                    && below.filter(value -> value.signum() != 0).isPresent();
            if (!read) {
                return Optional.empty();
            }
            Figure root = Root.of(1, under.get().over(underBelow.get()))
                    .times(times.get())
                    .over(below.get());
            return Optional.of(new Part(exactly(isMinus(matcher.group(1)) ? root.negated() : root), matcher.end()));
        }

        private static Given exactly(Figure value) {
            return new Given(value, Optional.empty(), Integer.MAX_VALUE, Optional.empty());
        }

        private static Optional<Exact> exact(String text) {
            return decimal(text).map(Numerals.Numeral::exact);
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
