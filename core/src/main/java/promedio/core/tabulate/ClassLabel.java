package promedio.core.tabulate;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.number.Units;

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
    private static final int FLAGS = Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE;
    /** A limit; money before it and a usual unit behind it say nothing about the class. */
    private static final String N = "(?:[$£€₹¥]|rs\\.?)?\\s?"
            + "([+\u2212-]?\\s?(?:[0-9]++(?:[.,][0-9]++)*+|[.,][0-9]++)(?:e[+\u2212-]?[0-9]++)?+)"
            + "(?:\\s?(?:" + Units.ALTERNATIVES + ")(?!\\p{L}))?";
    /** Dashes of every length; a hyphen or a minus before a digit and behind a blank is a sign. */
    private static final String DASH = "(?:(?<!\\s)[-\u2212]|[-\u2212](?=\\s)|[\u2010-\u2015~])";

    private static final String WORDS = "(?:(?:\\p{L}[\\p{L}.]*+\\s+){1,3})?";
    private static final String LETTER = "\\p{L}[\\p{L}\\s_]{0,30}?";
    private static final String LESS = "(?:under|below|less\\s+than|fewer\\s+than)";
    private static final String MORE = "(?:over|above|more\\s+than)";

    private static final Pattern DASHED = compile("(?:from\\s+)?" + N + "\\s*(?:" + DASH + "|to(?=\\s))\\s*" + N);
    private static final Pattern UP_TO = compile(N + "\\s*(?:up\\s*to|till|until)\\s+" + N);
    private static final Pattern UNDER =
            compile(N + "\\s*(?:" + DASH + "|to|but|and|&)?\\s*(?:up\\s+)?(?:to\\s+)?(?:" + LESS + "\\s+|<\\s*)" + N);
    private static final Pattern ABOVE = compile("(?:" + MORE + "\\s+|>\\s*)" + N + "\\s*(?:,\\s*)?(?:" + DASH
            + "|to|but|and|&)?\\s*(?:up\\s+to|to|at\\s+most|not\\s+more\\s+than|≤|<=)\\s*" + N);
    private static final Pattern BRACKETS = compile("([\\[(\\]])\\s*" + N + "\\s*[,;]\\s*" + N + "\\s*([\\])\\[])");
    private static final Pattern INEQUALITY = compile(N + "\\s*(<=|≤|<)\\s*" + LETTER + "\\s*(<=|≤|<)\\s*" + N);
    private static final Pattern LOW =
            compile(WORDS + "(?:(?:" + LESS + "|up\\s+to|at\\s+most|not\\s+(?:more\\s+than|over|above))\\s*|(?:"
                    + LETTER + "\\s*)?(?:<=|≤|<)\\s*)" + N);
    private static final Pattern LOW_BEHIND =
            compile(N + "\\s*(?:and|or|&)\\s+(?:under|below|less|fewer|lower|younger|earlier)");
    private static final Pattern HIGH = compile(WORDS + "(?:(?:" + MORE
            + "|at\\s+least|from|not\\s+(?:less\\s+than|under|below))\\s*|(?:" + LETTER + "\\s*)?(?:>=|≥|>)\\s*)" + N);
    private static final Pattern HIGH_BEHIND = compile(
            N
                    + "\\s*(?:\\+|plus|(?:and|or|&)\\s+(?:over|above|more|up|upwards?|higher|greater|older|longer|later|beyond))");
    private static final Pattern SINGLE = compile(N);
    private static final Pattern STATED = compile("(.*?)\\s*\\(\\s*(?:to|from)\\s+" + N + "\\s*\\)");
    private static final List<Pattern> CLASSES =
            List.of(BRACKETS, UNDER, ABOVE, UP_TO, INEQUALITY, DASHED, LOW_BEHIND, HIGH_BEHIND, LOW, HIGH);
    private static final List<Pattern> FROM_NUMBER = List.of(UNDER, UP_TO, INEQUALITY, DASHED, LOW_BEHIND, HIGH_BEHIND);
    private static final List<Pattern> FROM_BRACKET = List.of(BRACKETS);
    private static final List<Pattern> FROM_WORD = List.of(ABOVE, DASHED, LOW, HIGH);
    /** The narrow space between thousands, as this program writes it. */
    private static final Pattern GROUPED = Pattern.compile("(?<=[0-9])\\u202f(?=[0-9]{3})");

    private static final Pattern BLANKS = Pattern.compile("[\\u00a0\\u202f\\s]+");
    private static final Pattern BOUNDARY = Pattern.compile("[\\s,;:|)=}]|\\.(?:\\s|$)");

    private static final int LONGEST_LIMIT = 50;
    /** So near the beginning of a class stands what makes it one. */
    private static final int FAR = 90;

    private static final Pattern KEYWORD =
            compile("[<>≤≥]|\\b(?:under|below|less|fewer|up|at|not|over|above|more|from|rs)\\b");

    private static Pattern compile(String regex) {
        return Pattern.compile(regex, FLAGS);
    }

    /** Whether what begins at a place of a line might be a class; a number before another number, or the last, is none. */
    private static boolean mightBegin(String line, int from) {
        char first = line.charAt(from);
        if (Character.isDigit(first) || first == '.') {
            int at = from;
            int last = Math.min(line.length(), from + LONGEST_LIMIT);
            while (at < last && "0123456789.,".indexOf(line.charAt(at)) >= 0) {
                at++;
            }
            at += at < line.length() && line.charAt(at) == ' ' ? 1 : 0;
            return at < line.length()
                    && at <= last
                    && !Character.isDigit(line.charAt(at))
                    && ",;:|)]}".indexOf(line.charAt(at)) < 0;
        }
        int far = Math.min(line.length(), from + FAR);
        return !Character.isLetter(first) && first != '<' && first != '>'
                || KEYWORD.matcher(line).region(from, far).find();
    }

    /** The ways to write a class that can begin with a sign or letter; the others need not be tried. */
    private static List<Pattern> beginningWith(char first) {
        if (Character.isDigit(first) || ".,+-\u2212$£€₹¥".indexOf(first) >= 0) {
            return FROM_NUMBER;
        }
        if ("[(]".indexOf(first) >= 0) {
            return FROM_BRACKET;
        }
        // A letter r may begin rs, which is money before a number.
        boolean word = Character.isLetter(first) && first != 'r' && first != 'R' || "<>≤≥".indexOf(first) >= 0;
        return word ? FROM_WORD : CLASSES;
    }

    /** Where a class that begins at a place of a line ends, units and all; −1 where none begins there. */
    public static int end(String line, int from) {
        int end = -1;
        if (!mightBegin(line, from)) {
            return end;
        }
        for (Pattern written : beginningWith(line.charAt(from))) {
            Matcher found = written.matcher(line).region(from, Math.min(line.length(), from + LONGEST));
            found.useTransparentBounds(true);
            if (found.lookingAt() && found.end() > end) {
                boolean whole = found.end() == line.length()
                        || BOUNDARY.matcher(line)
                                .region(found.end(), line.length())
                                .lookingAt();
                end = whole ? found.end() : end;
            }
        }
        return end;
    }

    /** Takes a class apart; empty when it is none. */
    public static Optional<ClassLabel> parse(String text, Numerals numerals) {
        if (text.length() > 2 * LONGEST) {
            return Optional.empty();
        }
        String plain =
                BLANKS.matcher(GROUPED.matcher(text.strip()).replaceAll("")).replaceAll(" ");
        if (plain.isEmpty() || plain.length() > LONGEST) {
            return Optional.empty();
        }
        Optional<Exact> number = plain.endsWith("%") ? Optional.empty() : number(plain, numerals);
        if (number.isPresent()) {
            return Optional.of(new ClassLabel(number, number, Kind.SINGLE, Optional.empty()));
        }
        Matcher stated = STATED.matcher(plain);
        if (stated.matches()) {
            Optional<Exact> end = number(stated.group(2), numerals);
            return end.isEmpty()
                    ? Optional.empty()
                    : open(stated.group(1), numerals).map(open -> new ClassLabel(open.from, open.to, Kind.OPEN, end));
        }
        return closed(plain, numerals).or(() -> open(plain, numerals)).or(() -> single(plain, numerals));
    }

    private static Optional<ClassLabel> closed(String plain, Numerals numerals) {
        Matcher brackets = BRACKETS.matcher(bracketed(plain, numerals));
        if (brackets.matches() && opens(brackets.group(1), "(]") == !opens(brackets.group(4), ")[")) {
            return both(brackets.group(2), brackets.group(3), Kind.INTERVAL, numerals);
        }
        for (Pattern stretch : List.of(UNDER, UP_TO, ABOVE)) {
            Matcher written = stretch.matcher(plain);
            if (written.matches()) {
                return both(written.group(1), written.group(2), Kind.INTERVAL, numerals);
            }
        }
        Matcher inequality = INEQUALITY.matcher(plain);
        if (inequality.matches()
                && (inequality.group(2).equals("<") != inequality.group(3).equals("<"))) {
            return both(inequality.group(1), inequality.group(4), Kind.INTERVAL, numerals);
        }
        Matcher dashed = DASHED.matcher(plain);
        return dashed.matches() ? both(dashed.group(1), dashed.group(2), Kind.LIMITS, numerals) : Optional.empty();
    }

    /** Whether the limit at a bracket is left out. */
    private static boolean opens(String bracket, String out) {
        return out.contains(bracket);
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
        return limit(plain, numerals, LOW, LOW_BEHIND)
                .map(limit -> new ClassLabel(Optional.empty(), Optional.of(limit), Kind.OPEN, Optional.empty()))
                .or(() -> limit(plain, numerals, HIGH, HIGH_BEHIND)
                        .map(limit ->
                                new ClassLabel(Optional.of(limit), Optional.empty(), Kind.OPEN, Optional.empty())));
    }

    private static Optional<Exact> limit(String plain, Numerals numerals, Pattern... ways) {
        for (Pattern way : ways) {
            Matcher written = way.matcher(plain);
            if (written.matches()) {
                return number(written.group(1), numerals);
            }
        }
        return Optional.empty();
    }

    private static Optional<ClassLabel> single(String plain, Numerals numerals) {
        Matcher single = SINGLE.matcher(plain);
        return single.matches() && !plain.endsWith("%")
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
