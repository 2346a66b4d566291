package promedio.core.working;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Optional;

/** Works out a line as it is printed, as a reader with a calculator would: with sixty digits, and nothing of the trees. */
final class Arithmetic {
    private static final MathContext DIGITS = new MathContext(60, RoundingMode.HALF_EVEN);
    private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";

    private final String text;
    private int at;

    private Arithmetic(String text) {
        this.text = text.codePoints()
                .filter(c -> !Character.isSpaceChar(c))
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    /** What a printed expression comes to; empty where it has letters, a numeral that breaks off with dots, or several figures. */
    static Optional<BigDecimal> of(String text) {
        if (text.chars().anyMatch(Character::isLetter) || text.contains("…") || text.contains(";")) {
            return Optional.empty();
        }
        Arithmetic line = new Arithmetic(text);
        BigDecimal value = line.sum();
        if (line.at < line.text.length()) {
            throw new AssertionError("“" + text + "” cannot be read from “" + line.text.substring(line.at) + "” on.");
        }
        return Optional.of(value);
    }

    /** A number as it is printed, with a true minus and small spaces between thousands. */
    static BigDecimal number(String printed) {
        return of(printed.replace("…", "")).orElseThrow();
    }

    private boolean take(char sign) {
        boolean is = at < text.length() && text.charAt(at) == sign;
        at += is ? 1 : 0;
        return is;
    }

    private BigDecimal sum() {
        BigDecimal value = take('−') ? product().negate() : product();
        while (true) {
            if (take('+')) {
                value = value.add(product());
            } else if (take('−')) {
                value = value.subtract(product());
            } else {
                return value;
            }
        }
    }

    private BigDecimal product() {
        BigDecimal value = power();
        while (true) {
            if (take('·')) {
                value = value.multiply(power());
            } else if (take('/')) {
                value = value.divide(power(), DIGITS);
            } else if (at < text.length() && "(√".indexOf(text.charAt(at)) >= 0) {
                value = value.multiply(power());
            } else {
                return value;
            }
        }
    }

    private BigDecimal power() {
        BigDecimal value = atom();
        int exponent = 0;
        while (at < text.length() && RAISED.indexOf(text.charAt(at)) >= 0) {
            exponent = 10 * exponent + RAISED.indexOf(text.charAt(at++));
        }
        return exponent == 0 ? value : value.pow(exponent, DIGITS);
    }

    private BigDecimal atom() {
        if (take('(')) {
            BigDecimal value = sum();
            expect(')');
            return value;
        }
        if (take('|')) {
            BigDecimal value = sum().abs();
            expect('|');
            return value;
        }
        if (take('√')) {
            return atom().sqrt(DIGITS);
        }
        int start = at;
        while (at < text.length() && (Character.isDigit(text.charAt(at)) || text.charAt(at) == '.')) {
            at++;
        }
        if (start == at) {
            throw new AssertionError("A number is wanted in “" + text + "” before “" + text.substring(at) + "”.");
        }
        return new BigDecimal(text.substring(start, at));
    }

    private void expect(char sign) {
        if (!take(sign)) {
            throw new AssertionError("“" + sign + "” is wanted in “" + text + "” before “" + text.substring(at) + "”.");
        }
    }
}
