package promedio.core.tabulate;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;

/**
 * A class as it is written, taken apart: {@code 10-19}, {@code 10 to under 20}, {@code [10, 20)}, {@code 50 and over}.
 *
 * @param from the lower limit; empty for a class that is open below
 * @param to the upper limit; empty for a class that is open above
 * @param kind how it is written
 * @param stated the end that was added behind an open class: {@code 50 and over (to 60)}
 */
public record ClassLabel(Optional<Exact> from, Optional<Exact> to, Kind kind, Optional<Exact> stated) {
    /** How a class is written. */
    public enum Kind {
        /** Both limits belong to it, values between two classes were rounded: 10–19. */
        LIMITS,
        /** A stretch of numbers that ends where the next begins: 10 to under 20. */
        INTERVAL,
        /** A single number. */
        SINGLE,
        /** Everything up to a number, or from a number on. */
        OPEN
    }

    private static final int LONGEST = 200;
    private static final String N = "([+\u2212-]?\\s*+[.,]*+[0-9][0-9.,]*+(?:[eE][+-]?[0-9]++)?)";
    private static final Pattern DASHED =
            Pattern.compile(N + "\\s*(?:(?<!\\s)-|-(?=\\s)|\u2013|\u2014|\u2212|\\bto\\b)\\s*" + N);
    private static final Pattern UNDER =
            Pattern.compile(N + "\\s*(?:-|\u2013|to|but|and)?\\s*(?:to\\s+)?(?:under|below|less\\s+than)\\s+" + N);
    private static final Pattern BRACKETS = Pattern.compile("([\\[(])\\s*" + N + "\\s*[,;]\\s*" + N + "\\s*([\\])])");
    private static final Pattern INEQUALITY = Pattern.compile(N + "\\s*(<=|≤|<)\\s*\\p{L}\\s*(<=|≤|<)\\s*" + N);
    private static final Pattern LOW = Pattern.compile("(?:under|below|less\\s+than|up\\s+to|<=|≤|<)\\s*" + N);
    private static final Pattern HIGH = Pattern.compile("(?:over|above|more\\s+than|>=|≥|>)\\s*" + N + "|" + N
            + "\\s*(?:\\+|and\\s+over|and\\s+above|or\\s+more|or\\s+over)");
    /** The narrow space between thousands, as this program writes it. */
    private static final Pattern GROUPED = Pattern.compile("(?<=[0-9])\\u202f(?=[0-9]{3})");

    private static final Pattern SINGLE = Pattern.compile(N);
    private static final Pattern STATED = Pattern.compile("(.*?)\\s*\\(\\s*(to|from)\\s+" + N + "\\s*\\)");

    /** Takes a class apart; empty when it is none. */
    public static Optional<ClassLabel> parse(String text, Numerals numerals) {
        if (text.length() > 2 * LONGEST) {
            return Optional.empty();
        }
        String plain = GROUPED.matcher(text.strip())
                .replaceAll("")
                .replaceAll("[\\u00a0\\u202f\\s]+", " ")
                .toLowerCase(java.util.Locale.ROOT);
        if (plain.isEmpty() || plain.length() > LONGEST) {
            return Optional.empty();
        }
        Optional<Exact> number = plain.endsWith("%") ? Optional.empty() : number(plain, numerals);
        if (number.isPresent()) {
            return Optional.of(new ClassLabel(number, number, Kind.SINGLE, Optional.empty()));
        }
        Matcher stated = STATED.matcher(plain);
        if (stated.matches()) {
            Optional<Exact> end = number(stated.group(3), numerals);
            return end.isEmpty()
                    ? Optional.empty()
                    : open(stated.group(1), numerals).map(open -> new ClassLabel(open.from, open.to, Kind.OPEN, end));
        }
        return closed(plain, numerals).or(() -> open(plain, numerals)).or(() -> single(plain, numerals));
    }

    private static Optional<ClassLabel> closed(String plain, Numerals numerals) {
        Matcher brackets = BRACKETS.matcher(bracketed(plain, numerals));
        if (brackets.matches()
                && !brackets.group(1).equals("(") == brackets.group(4).equals(")")) {
            return both(brackets.group(2), brackets.group(3), Kind.INTERVAL, numerals);
        }
        Matcher under = UNDER.matcher(plain);
        if (under.matches()) {
            return both(under.group(1), under.group(2), Kind.INTERVAL, numerals);
        }
        Matcher inequality = INEQUALITY.matcher(plain);
        if (inequality.matches()
                && (inequality.group(2).equals("<") != inequality.group(3).equals("<"))) {
            return both(inequality.group(1), inequality.group(4), Kind.INTERVAL, numerals);
        }
        Matcher dashed = DASHED.matcher(plain);
        return dashed.matches() ? both(dashed.group(1), dashed.group(2), Kind.LIMITS, numerals) : Optional.empty();
    }

    /** With decimal commas, {@code [1,5, 2]} is taken apart at the comma before the blank. */
    private static String bracketed(String plain, Numerals numerals) {
        return numerals.decimalMark() == ','
                ? plain.replaceFirst(",\\s+", "; ")
                : plain.replaceFirst("\\s*,\\s*", "; ");
    }

    private static Optional<ClassLabel> both(String from, String to, Kind kind, Numerals numerals) {
        Optional<Exact> lower = number(from, numerals);
        Optional<Exact> upper = number(to, numerals);
        return lower.isPresent() && upper.isPresent()
                ? Optional.of(new ClassLabel(lower, upper, kind, Optional.empty()))
                : Optional.empty();
    }

    private static Optional<ClassLabel> open(String plain, Numerals numerals) {
        Matcher low = LOW.matcher(plain);
        if (low.matches()) {
            return number(low.group(1), numerals)
                    .map(limit -> new ClassLabel(Optional.empty(), Optional.of(limit), Kind.OPEN, Optional.empty()));
        }
        Matcher high = HIGH.matcher(plain);
        if (high.matches()) {
            return number(high.group(1) == null ? high.group(2) : high.group(1), numerals)
                    .map(limit -> new ClassLabel(Optional.of(limit), Optional.empty(), Kind.OPEN, Optional.empty()));
        }
        return Optional.empty();
    }

    private static Optional<ClassLabel> single(String plain, Numerals numerals) {
        Matcher single = SINGLE.matcher(plain);
        return single.matches()
                ? number(single.group(1), numerals)
                        .map(value ->
                                new ClassLabel(Optional.of(value), Optional.of(value), Kind.SINGLE, Optional.empty()))
                : Optional.empty();
    }

    private static Optional<Exact> number(String text, Numerals numerals) {
        return numerals.read(text.replaceAll("\\s+", "")).map(Numerals.Numeral::exact);
    }

    /** Whether an end is missing in what is written. */
    public boolean isOpen() {
        return from.isEmpty() || to.isEmpty();
    }

    /** A number that stands in it, by which classes are put in order. */
    public Exact anchor() {
        return from.or(() -> to).orElseThrow();
    }
}
