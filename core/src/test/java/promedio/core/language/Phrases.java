package promedio.core.language;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Formulas put together at random, each with what it means by section 11 of the definitions, row by row and in plain arithmetic. */
final class Phrases {
    private static final List<String> MEASURES = List.of(
            "count",
            "sum",
            "mean",
            "median",
            "mode",
            "smallest",
            "largest",
            "range",
            "variance",
            "distinct",
            "quartile 1",
            "quartile 3");
    private static final List<String> ALONG = List.of("count", "sum", "mean", "median", "smallest", "largest");
    private static final List<String> SIGNS = List.of("=", "<>", "≠", "<", "<=", "≤", ">", ">=", "≥");
    private static final List<String> TEXTS = List.of("oak", "", "12", "a\"b", "É", " two  words ");
    private static final List<String> DATES = List.of("2031-04-05", "2031-01-31", "2032-02-29");

    private final Random random;

    Phrases(Random random) {
        this.random = random;
    }

    private <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private static Phrase name(String written) {
        return new Phrase(written, Phrase.PRIMARY, (sheet, row) -> sheet.cell(written, row));
    }

    private static Phrase constant(String written, Object value) {
        return new Phrase(written, Phrase.PRIMARY, (sheet, row) -> value);
    }

    /** A formula of numbers whose outcome is exact. */
    Phrase number(int depth) {
        if (depth == 0) {
            return switch (random.nextInt(5)) {
                case 0 -> constant("missing", null);
                case 1 -> literal();
                default -> name(one(Sheet.NUMBERS));
            };
        }
        return switch (random.nextInt(16)) {
            case 0, 1 -> sum(depth);
            case 2, 3 -> product(depth);
            case 4 -> {
                Phrase of = number(depth - 1);
                yield new Phrase(
                        one(List.of("-", "−")) + of.in(Phrase.SIGNED), Phrase.SIGNED, known(of, Fraction::negated));
            }
            case 5 -> {
                Phrase of = number(depth - 1);
                int exponent = random.nextInt(6) - 2;
                yield new Phrase(
                        of.in(Phrase.PRIMARY) + "^" + exponent,
                        Phrase.POWER,
                        Phrases.<Fraction>known(of, base -> base.power(exponent)));
            }
            case 6 -> ofOne(depth);
            case 7 -> ofTwo(depth);
            case 8 -> ofOther(depth);
            case 9 -> choice(depth, this::number);
            case 10 -> firstKnown(depth, this::number);
            case 11, 12 -> measure(depth);
            case 13 -> counted(depth);
            case 14 -> byPlace(depth);
            default -> along();
        };
    }

    private Phrase literal() {
        String written = one(List.of("0", "1", "2", "7", "0.5", ".25", "3.", "1e2", "12.50"));
        return constant(written, decimal(written));
    }

    /** What is missing where its operand is, and else a function of it. */
    private static <T> Phrase.Meaning known(Phrase of, Function<T, Object> then) {
        return (sheet, row) -> {
            @SuppressWarnings("unchecked")
            T value = (T) of.meaning().in(sheet, row);
            return value == null ? null : then.apply(value);
        };
    }

    private static <T> Phrase.Meaning bothKnown(Phrase left, Phrase right, BiFunction<T, T, Object> then) {
        return (sheet, row) -> {
            @SuppressWarnings("unchecked")
            T one = (T) left.meaning().in(sheet, row);
            @SuppressWarnings("unchecked")
            T two = (T) right.meaning().in(sheet, row);
            return one == null || two == null ? null : then.apply(one, two);
        };
    }

    private Phrase sum(int depth) {
        Phrase left = number(depth - 1);
        Phrase right = number(depth - 1);
        boolean plus = random.nextBoolean();
        return new Phrase(
                left.in(Phrase.SUM) + (plus ? " + " : one(List.of(" - ", " − "))) + right.in(Phrase.PRODUCT),
                Phrase.SUM,
                plus ? bothKnown(left, right, Fraction::plus) : bothKnown(left, right, Fraction::minus));
    }

    private Phrase product(int depth) {
        Phrase left = number(depth - 1);
        Phrase right = number(depth - 1);
        boolean times = random.nextBoolean();
        return new Phrase(
                left.in(Phrase.PRODUCT)
                        + (times ? one(List.of("*", " × ")) : one(List.of("/", " ÷ ")))
                        + right.in(Phrase.SIGNED),
                Phrase.PRODUCT,
                times
                        ? bothKnown(left, right, Fraction::times)
                        : Phrases.<Fraction>bothKnown(left, right, (one, two) -> one.over(two)));
    }

    private Phrase ofOne(int depth) {
        Phrase of = number(depth - 1);
        return switch (random.nextInt(3)) {
            case 0 ->
                new Phrase(
                        "absolute(" + of.text() + ")",
                        Phrase.PRIMARY,
                        Phrases.<Fraction>known(of, value -> value.signum() < 0 ? value.negated() : value));
            case 1 -> new Phrase("down(" + of.text() + ")", Phrase.PRIMARY, known(of, Fraction::down));
            default ->
                new Phrase("up(" + of.text() + ")", Phrase.PRIMARY, Phrases.<Fraction>known(of, value -> value.negated()
                        .down()
                        .negated()));
        };
    }

    private Phrase ofTwo(int depth) {
        Phrase of = number(depth - 1);
        if (random.nextBoolean()) {
            int places = random.nextInt(5) - 2;
            return new Phrase(
                    "rounded(" + of.text() + ", " + places + ")",
                    Phrase.PRIMARY,
                    Phrases.<Fraction>known(of, value -> value.rounded(places)));
        }
        Phrase by = number(depth - 1);
        return new Phrase(
                "remainder(" + of.text() + ", " + by.text() + ")",
                Phrase.PRIMARY,
                Phrases.<Fraction>bothKnown(
                        of,
                        by,
                        (one, two) -> two.signum() == 0
                                ? null
                                : one.minus(two.times(one.over(two).down()))));
    }

    /** A number as it is typed: a point may stand at either end. */
    private static Fraction decimal(String typed) {
        return Fraction.of(new BigDecimal("0" + (typed.endsWith(".") ? typed + "0" : typed)));
    }

    /** A number made of a text or a date. */
    private Phrase ofOther(int depth) {
        Phrase text = text(depth - 1);
        Phrase date = date(depth - 1);
        return switch (random.nextInt(5)) {
            case 0 ->
                new Phrase(
                        "length(" + text.text() + ")",
                        Phrase.PRIMARY,
                        Phrases.<String>known(text, words -> Fraction.of(words.length())));
            case 1 ->
                new Phrase(
                        "number(" + text.text() + ")",
                        Phrase.PRIMARY,
                        Phrases.<String>known(
                                text,
                                words -> words.strip().matches("[0-9]+[.]?[0-9]*|[.][0-9]+")
                                        ? decimal(words.strip())
                                        : null));
            case 2 -> {
                Phrase other = date(depth - 1);
                yield new Phrase(
                        "days(" + date.text() + ", " + other.text() + ")",
                        Phrase.PRIMARY,
                        Phrases.<LocalDateTime>bothKnown(
                                date, other, (from, to) -> Fraction.of(ChronoUnit.DAYS.between(from, to))));
            }
            case 3 ->
                new Phrase(
                        "weekday(" + date.text() + ")",
                        Phrase.PRIMARY,
                        Phrases.<LocalDateTime>known(
                                date, day -> Fraction.of(day.getDayOfWeek().getValue())));
            default -> {
                Map<String, Function<LocalDateTime, Integer>> parts = Map.of(
                        "year", LocalDateTime::getYear,
                        "month", LocalDateTime::getMonthValue,
                        "day", LocalDateTime::getDayOfMonth);
                String part = one(List.of("year", "month", "day"));
                yield new Phrase(
                        part + "(" + date.text() + ")",
                        Phrase.PRIMARY,
                        Phrases.<LocalDateTime>known(
                                date, day -> Fraction.of(parts.get(part).apply(day))));
            }
        };
    }

    private Phrase choice(int depth, Function<Integer, Phrase> made) {
        Phrase condition = truth(depth - 1);
        Phrase then = made.apply(depth - 1);
        Phrase otherwise = made.apply(depth - 1);
        return new Phrase(
                "if " + condition.text() + " then " + then.text() + " else " + otherwise.text(),
                Phrase.CHOICE,
                (sheet, row) -> {
                    Boolean yes = condition.truth(sheet, row);
                    return yes == null
                            ? null
                            : (yes ? then : otherwise).meaning().in(sheet, row);
                });
    }

    private Phrase firstKnown(int depth, Function<Integer, Phrase> made) {
        List<Phrase> of = new ArrayList<>();
        for (int i = random.nextInt(3); i >= 0; i--) {
            of.add(made.apply(depth - 1));
        }
        return new Phrase(
                "first known(" + of.stream().map(Phrase::text).collect(Collectors.joining(", ")) + ")",
                Phrase.PRIMARY,
                (sheet, row) -> of.stream()
                        .map(phrase -> phrase.meaning().in(sheet, row))
                        .filter(Objects::nonNull)
                        .findFirst()
                        .orElse(null));
    }

    /** The columns that a measure is taken within, as they are written. */
    private List<String> within() {
        return one(List.of(List.<String>of(), List.<String>of(), List.of("g"), List.of("g", "h")));
    }

    private static String said(List<String> within) {
        return within.isEmpty()
                ? ""
                : within.size() == 1 ? " within " + within.get(0) : " within (" + String.join(", ", within) + ")";
    }

    /** The rows that agree with a row in some columns, in their order. */
    private static List<Integer> group(Sheet sheet, int row, List<String> within) {
        List<Integer> rows = new ArrayList<>();
        for (int other = 0; other < sheet.rows(); other++) {
            int at = other;
            if (within.stream().allMatch(name -> Objects.equals(sheet.cell(name, row), sheet.cell(name, at)))) {
                rows.add(other);
            }
        }
        return rows;
    }

    private static <T> List<T> values(Phrase of, Sheet sheet, List<Integer> rows) {
        List<T> values = new ArrayList<>();
        for (int row : rows) {
            @SuppressWarnings("unchecked")
            T value = (T) of.meaning().in(sheet, row);
            if (value != null) {
                values.add(value);
            }
        }
        return values;
    }

    private Phrase measure(int depth) {
        String measure = one(MEASURES);
        Phrase of = number(depth - 1);
        List<String> within = within();
        return new Phrase(
                measure + " of " + of.operand() + said(within),
                Phrase.PRIMARY,
                (sheet, row) -> measured(measure, values(of, sheet, group(sheet, row, within))));
    }

    /** Measures by their definitions, under the standard card: divisor n − 1, quartiles by halves without the median. */
    static Fraction measured(String measure, List<Fraction> values) {
        List<Fraction> sorted = values.stream().sorted().toList();
        int n = values.size();
        Fraction sum = values.stream().reduce(Fraction.ZERO, Fraction::plus);
        return switch (measure) {
            case "count" -> Fraction.of(n);
            case "sum" -> sum;
            case "distinct" -> Fraction.of(values.stream().distinct().count());
            case "variance" -> {
                Fraction mean = n == 0 ? null : sum.over(n);
                yield n < 2
                        ? null
                        : values.stream()
                                .map(value -> value.minus(mean).power(2))
                                .reduce(Fraction.ZERO, Fraction::plus)
                                .over(n - 1);
            }
            case "quartile 1" -> n < 2 ? null : middle(sorted.subList(0, n / 2));
            case "quartile 3" -> n < 2 ? null : middle(sorted.subList(n - n / 2, n));
            default -> n == 0 ? null : ofSome(measure, sorted, sum);
        };
    }

    private static Fraction ofSome(String measure, List<Fraction> sorted, Fraction sum) {
        int n = sorted.size();
        return switch (measure) {
            case "mean" -> sum.over(n);
            case "median" -> middle(sorted);
            case "smallest" -> sorted.get(0);
            case "largest" -> sorted.get(n - 1);
            case "range" -> sorted.get(n - 1).minus(sorted.get(0));
            default -> {
                Map<Fraction, Integer> times = new LinkedHashMap<>();
                sorted.forEach(value -> times.merge(value, 1, Integer::sum));
                int most = Collections.max(times.values());
                List<Fraction> modes = times.keySet().stream()
                        .filter(value -> times.get(value) == most)
                        .toList();
                yield modes.size() == 1 ? modes.get(0) : null;
            }
        };
    }

    private static Fraction middle(List<Fraction> sorted) {
        int n = sorted.size();
        return sorted.get((n - 1) / 2).plus(sorted.get(n / 2)).over(2);
    }

    private Phrase counted(int depth) {
        Phrase condition = truth(depth - 1);
        boolean share = random.nextBoolean();
        List<String> within = within();
        // Whatever follows would belong to the condition, so that it holds nothing together without brackets.
        return new Phrase(
                (share ? "share where " : "count where ")
                        + (within.isEmpty() ? condition.in(Phrase.OR) : "(" + condition.text() + ")")
                        + said(within),
                Phrase.CHOICE,
                (sheet, row) -> {
                    List<Boolean> known = values(condition, sheet, group(sheet, row, within));
                    Fraction yes = Fraction.of(known.stream().filter(one -> one).count());
                    return share ? yes.over(known.size()) : yes;
                });
    }

    private Phrase byPlace(int depth) {
        Phrase of = number(depth - 1);
        List<String> within = within();
        return switch (random.nextInt(4)) {
            case 0 ->
                new Phrase("running total of " + of.operand() + said(within), Phrase.PRIMARY, (sheet, row) -> Phrases
                        .<Fraction>values(
                                of,
                                sheet,
                                group(sheet, row, within).stream()
                                        .filter(other -> other <= row)
                                        .toList())
                        .stream()
                        .reduce(Fraction.ZERO, Fraction::plus));
            case 1 ->
                new Phrase(
                        "previous of " + of.operand(),
                        Phrase.PRIMARY,
                        (sheet, row) -> row == 0 ? null : of.meaning().in(sheet, row - 1));
            case 2 -> new Phrase("row number", Phrase.PRIMARY, (sheet, row) -> Fraction.of(row + 1L));
            default -> {
                boolean largest = random.nextBoolean();
                yield new Phrase(
                        "rank of " + of.operand() + (largest ? " from the largest" : "") + said(within),
                        Phrase.PRIMARY,
                        (sheet, row) -> rank(of, sheet, row, within, largest));
            }
        };
    }

    /** How many are before it, and half of those that tie with it. */
    private static Fraction rank(Phrase of, Sheet sheet, int row, List<String> within, boolean largest) {
        Fraction own = of.number(sheet, row);
        if (own == null) {
            return null;
        }
        long before = 0;
        long ties = 0;
        for (Fraction other : Phrases.<Fraction>values(of, sheet, group(sheet, row, within))) {
            int compared = largest ? own.compareTo(other) : other.compareTo(own);
            before += compared < 0 ? 1 : 0;
            ties += compared == 0 ? 1 : 0;
        }
        return Fraction.of(2 * before + ties + 1).over(2);
    }

    private Phrase along() {
        String measure = one(ALONG);
        boolean run = random.nextBoolean();
        List<String> names = run ? Sheet.NUMBERS : List.of("b", "a");
        return new Phrase(
                measure + " along (" + (run ? "a to 'c d'" : "b, a") + ")",
                Phrase.PRIMARY,
                (sheet, row) -> measured(
                        measure,
                        names.stream()
                                .map(name -> (Fraction) sheet.cell(name, row))
                                .filter(Objects::nonNull)
                                .toList()));
    }

    /** A formula of texts. */
    Phrase text(int depth) {
        if (depth <= 0) {
            String literal = one(TEXTS);
            return random.nextInt(3) == 0
                    ? constant("\"" + literal.replace("\"", "\"\"") + "\"", literal)
                    : name(one(Sheet.TEXTS));
        }
        Phrase of = text(depth - 1);
        return switch (random.nextInt(6)) {
            case 0 -> {
                Phrase other = text(depth - 1);
                yield new Phrase(
                        of.in(Phrase.JOINED) + " joined with " + other.in(Phrase.SUM),
                        Phrase.JOINED,
                        Phrases.<String>bothKnown(of, other, (one, two) -> one + two));
            }
            case 1 ->
                new Phrase(
                        "lower(" + of.text() + ")",
                        Phrase.PRIMARY,
                        Phrases.<String>known(of, words -> words.toLowerCase(Locale.ROOT)));
            case 2 ->
                new Phrase("trimmed(" + of.text() + ")", Phrase.PRIMARY, Phrases.<String>known(of, String::strip));
            case 3 -> {
                int from = random.nextInt(5) - 1;
                int to = random.nextInt(6);
                yield new Phrase(
                        "part(" + of.text() + ", " + from + ", " + to + ")",
                        Phrase.PRIMARY,
                        Phrases.<String>known(of, words -> {
                            int end = Math.min(to, words.length());
                            return Math.max(1, from) > end ? "" : words.substring(Math.max(1, from) - 1, end);
                        }));
            }
            case 4 -> choice(depth, this::text);
            default -> firstKnown(depth, this::text);
        };
    }

    /** A formula of dates. */
    Phrase date(int depth) {
        if (depth <= 0 || random.nextBoolean()) {
            String literal = one(DATES);
            return random.nextInt(3) == 0
                    ? constant(
                            "date \"" + literal + "\"", LocalDate.parse(literal).atStartOfDay())
                    : name("w");
        }
        return random.nextBoolean() ? choice(depth, this::date) : read(text(depth - 1));
    }

    private static Phrase read(Phrase of) {
        return new Phrase(
                "date(" + of.text() + ", \"d/m/y\")",
                Phrase.PRIMARY,
                Phrases.<String>known(
                        of,
                        words -> words.equals("4/5/2031")
                                ? LocalDate.of(2031, 5, 4).atStartOfDay()
                                : null));
    }

    /** A condition. */
    Phrase truth(int depth) {
        if (depth <= 0) {
            boolean yes = random.nextBoolean();
            return random.nextInt(4) == 0
                    ? constant(yes ? "yes" : "no", yes)
                    : new Phrase("done", Phrase.PRIMARY, (sheet, row) -> {
                        Object cell = sheet.cell("done", row);
                        return cell == null ? null : cell.equals("yes");
                    });
        }
        return switch (random.nextInt(10)) {
            case 0, 1 -> compared(number(depth - 1), number(depth - 1));
            case 2 -> compared(text(depth - 1), text(depth - 1));
            case 3 -> compared(date(depth - 1), date(depth - 1));
            case 4 -> junction(depth, true);
            case 5 -> junction(depth, false);
            case 6 -> {
                Phrase of = truth(depth - 1);
                yield new Phrase("not " + of.in(Phrase.NOT), Phrase.NOT, Phrases.<Boolean>known(of, yes -> !yes));
            }
            case 7 -> between(number(depth - 1), number(depth - 1), number(depth - 1));
            case 8 -> oneOf(depth);
            default -> random.nextBoolean() ? isMissing(depth) : holds(text(depth - 1), text(depth - 1));
        };
    }

    private <T extends Comparable<? super T>> Phrase compared(Phrase left, Phrase right) {
        String sign = one(SIGNS);
        return new Phrase(
                left.in(Phrase.JOINED) + " " + sign + " " + right.in(Phrase.JOINED),
                Phrase.COMPARISON,
                Phrases.<T>bothKnown(left, right, (one, two) -> stands(sign, one.compareTo(two))));
    }

    private static boolean stands(String sign, int compared) {
        return switch (sign) {
            case "=" -> compared == 0;
            case "<>", "≠" -> compared != 0;
            case "<" -> compared < 0;
            case "<=", "≤" -> compared <= 0;
            case ">" -> compared > 0;
            default -> compared >= 0;
        };
    }

    private static Boolean and(Boolean one, Boolean two) {
        if (Boolean.FALSE.equals(one) || Boolean.FALSE.equals(two)) {
            return false;
        }
        return one == null || two == null ? null : true;
    }

    private static Boolean or(Boolean one, Boolean two) {
        if (Boolean.TRUE.equals(one) || Boolean.TRUE.equals(two)) {
            return true;
        }
        return one == null || two == null ? null : false;
    }

    private Phrase junction(int depth, boolean and) {
        Phrase left = truth(depth - 1);
        Phrase right = truth(depth - 1);
        int level = and ? Phrase.AND : Phrase.OR;
        return new Phrase(
                left.in(level) + (and ? " and " : " or ") + right.in(level + 1),
                level,
                (sheet, row) -> and
                        ? and(left.truth(sheet, row), right.truth(sheet, row))
                        : or(left.truth(sheet, row), right.truth(sheet, row)));
    }

    private static Phrase between(Phrase of, Phrase low, Phrase high) {
        Phrase.Meaning above = Phrases.<Fraction>bothKnown(of, low, (one, two) -> one.compareTo(two) >= 0);
        Phrase.Meaning below = Phrases.<Fraction>bothKnown(of, high, (one, two) -> one.compareTo(two) <= 0);
        return new Phrase(
                of.in(Phrase.JOINED) + " between " + low.in(Phrase.JOINED) + " and " + high.in(Phrase.JOINED),
                Phrase.COMPARISON,
                (sheet, row) -> and((Boolean) above.in(sheet, row), (Boolean) below.in(sheet, row)));
    }

    private Phrase oneOf(int depth) {
        Phrase of = random.nextBoolean() ? number(depth - 1) : null;
        boolean numbers = of != null;
        Phrase asked = numbers ? of : text(depth - 1);
        List<Phrase> items = new ArrayList<>();
        for (int i = random.nextInt(3); i >= 0; i--) {
            items.add(numbers ? number(depth - 1) : text(depth - 1));
        }
        boolean not = random.nextBoolean();
        return new Phrase(
                asked.in(Phrase.JOINED) + " is " + (not ? "not " : "") + "one of ("
                        + items.stream().map(Phrase::text).collect(Collectors.joining(", ")) + ")",
                Phrase.COMPARISON,
                (sheet, row) -> {
                    Boolean found = false;
                    for (Phrase item : items) {
                        found = or(found, (Boolean)
                                bothKnown(asked, item, Object::equals).in(sheet, row));
                    }
                    return found == null ? null : found != not;
                });
    }

    private Phrase isMissing(int depth) {
        Phrase of = random.nextBoolean() ? number(depth - 1) : text(depth - 1);
        boolean not = random.nextBoolean();
        return new Phrase(
                of.in(Phrase.JOINED) + " is " + (not ? "not " : "") + "missing",
                Phrase.COMPARISON,
                (sheet, row) -> (of.meaning().in(sheet, row) == null) != not);
    }

    private Phrase holds(Phrase whole, Phrase part) {
        Map<String, BiFunction<String, String, Object>> tests =
                Map.of("contains", String::contains, "starts with", String::startsWith, "ends with", String::endsWith);
        String test = one(List.of("contains", "starts with", "ends with"));
        return new Phrase(
                whole.in(Phrase.JOINED) + " " + test + " " + part.in(Phrase.JOINED),
                Phrase.COMPARISON,
                bothKnown(whole, part, tests.get(test)));
    }
}
