package promedio.core.sample;

import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;

/**
 * A figure in which letters stand for what is not known, each times a number: {@code p}, {@code x + 2}, {@code 20 − 2f1}.
 *
 * @param constant what stands there without a letter
 * @param factors what each letter is multiplied by, never 0
 */
public record Linear(Exact constant, SortedMap<String, Exact> factors) {
    private static final Pattern TERM =
            Pattern.compile("\\s*([+−–-]?)\\s*([0-9][0-9.,]*)?\\s*[·*]?\\s*(\\p{L}[0-9₀-₉]?)?");

    private static final int SUBSCRIPT_ZERO = '₀';
    private static final int SUBSCRIPT_NINE = '₉';

    /** Copies the factors. */
    public Linear {
        factors = Collections.unmodifiableSortedMap(new TreeMap<>(factors));
    }

    /** A number. */
    public static Linear of(Exact constant) {
        return new Linear(constant, new TreeMap<>());
    }

    /** A letter alone. */
    public static Linear letter(String letter) {
        return new Linear(Exact.ZERO, new TreeMap<>(Map.of(letter, Exact.ONE)));
    }

    /** Reads a sum of numbers and letters; empty when it is none. */
    public static Optional<Linear> read(String text, Numerals numerals) {
        Optional<Exact> number = numerals.read(text.strip()).map(Numerals.Numeral::exact);
        if (number.isPresent()) {
            return number.map(Linear::of);
        }
        Linear sum = of(Exact.ZERO);
        Matcher term = TERM.matcher(text.strip());
        int at = 0;
        int end = text.strip().length();
        while (at < end) {
            term.region(at, end);
            boolean found = term.lookingAt() && (term.group(2) != null || term.group(3) != null);
            if (!found || at > 0 && term.group(1).isEmpty()) {
                return Optional.empty();
            }
            Optional<Exact> factor = term.group(2) == null
                    ? Optional.of(Exact.ONE)
                    : numerals.read(term.group(2)).map(Numerals.Numeral::exact);
            if (factor.isEmpty()) {
                return Optional.empty();
            }
            Exact signed = term.group(1).isEmpty() || term.group(1).equals("+")
                    ? factor.get()
                    : factor.get().negated();
            sum = sum.plus(
                    term.group(3) == null
                            ? of(signed)
                            : letter(plain(term.group(3))).times(signed));
            at = term.end();
        }
        return Optional.of(sum).filter(read -> end > 0);
    }

    private static String plain(String letter) {
        int last = letter.codePointAt(letter.length() - 1);
        return last >= SUBSCRIPT_ZERO && last <= SUBSCRIPT_NINE
                ? letter.substring(0, letter.length() - 1) + (last - SUBSCRIPT_ZERO)
                : letter;
    }

    /** The sum. */
    public Linear plus(Linear other) {
        SortedMap<String, Exact> sum = new TreeMap<>(factors);
        other.factors.forEach((letter, factor) -> sum.merge(letter, factor, Exact::plus));
        sum.values().removeIf(factor -> factor.signum() == 0);
        return new Linear(constant.plus(other.constant), sum);
    }

    /** The product with a number. */
    public Linear times(Exact number) {
        SortedMap<String, Exact> product = new TreeMap<>();
        if (number.signum() != 0) {
            factors.forEach((letter, factor) -> product.put(letter, factor.times(number)));
        }
        return new Linear(constant.times(number), product);
    }

    /** What a letter is multiplied by: 0 where it does not stand there. */
    public Exact factor(String letter) {
        return factors.getOrDefault(letter, Exact.ZERO);
    }

    /** Whether no letter stands there. */
    public boolean isNumber() {
        return factors.isEmpty();
    }

    /** What it comes to where each letter is known. */
    public Exact at(Map<String, Exact> letters) {
        Exact sum = constant;
        for (Map.Entry<String, Exact> term : factors.entrySet()) {
            sum = sum.plus(term.getValue().times(letters.get(term.getKey())));
        }
        return sum;
    }
}
