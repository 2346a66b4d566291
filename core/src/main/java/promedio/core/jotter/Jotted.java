package promedio.core.jotter;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.language.Fault;
import promedio.core.language.Grammar;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.Root;
import promedio.core.sentence.Sentence;
import promedio.core.vector.Numbers;
import promedio.core.vector.Vector;

/**
 * What was asked in the jotter, and what came of it.
 *
 * @param text what was asked
 * @param result the value, or the list of values; empty where it was wrong, or only set a seed
 * @param fault what is wrong with it
 * @param told what is to be said besides
 */
public record Jotted(String text, Optional<Vector> result, Optional<Fault> fault, List<Sentence> told) {
    private static final int MOST_EXACT = 1_000;
    private static final int DOUBLE_DIGITS = 17;
    private static final int LONGEST_EXACT = 20_000;
    private static final int SHORT_BITS = 100;
    private static final int PART = 30;

    /** Copies the sentences. */
    public Jotted {
        told = List.copyOf(told);
    }

    /** Whether the result is a list, however short. */
    public boolean isList() {
        return result.filter(vector -> !vector.isConstant()).isPresent();
    }

    /** Whether the result is only approximate. */
    public boolean isApproximate() {
        return result.filter(vector -> vector instanceof Numbers numbers && numbers.isApproximate())
                .isPresent();
    }

    /** How it is kept, with some digits of numbers that do not end. */
    public Jotting kept(int digits) {
        List<String> values = values(digits).stream()
                .map(value -> value.isEmpty() ? "missing" : value)
                .toList();
        String exact = values.size() <= MOST_EXACT ? written(exact()) : "";
        boolean tooLong = exact.length() > LONGEST_EXACT;
        return new Jotting(text, written(values), tooLong ? "" : exact, isApproximate() || tooLong);
    }

    private String written(List<String> values) {
        return isList() ? "(" + String.join(", ", values) + ")" : String.join("", values);
    }

    /** The values as formulas that mean them exactly, where they are not only approximate. */
    private List<String> exact() {
        List<String> values = new ArrayList<>();
        result.ifPresent(vector -> {
            int size = vector.isConstant() ? 1 : vector.size();
            for (int i = 0; i < size; i++) {
                values.add(vector.isMissing(i) ? "missing" : exact(vector, i));
            }
        });
        return values;
    }

    private static String exact(Vector vector, int row) {
        String text = vector.text(row, DOUBLE_DIGITS);
        return switch (vector.kind()) {
            case NUMBER ->
                ((Numbers) vector)
                        .figure(row)
                        .map(figure -> formula(figure, text))
                        .orElse(text);
            case TEXT -> Grammar.text(text);
            case DATE -> "date " + Grammar.text(text);
            case TRUTH, NOTHING -> text;
        };
    }

    private static String formula(Figure figure, String text) {
        if (figure instanceof Exact exact) {
            return fraction(exact);
        }
        return figure instanceof Root root
                ? (root.sign() < 0 ? "-" : "") + "root(" + fraction(root.square()) + ")"
                : text;
    }

    private static String fraction(Exact exact) {
        return exact.isWhole() ? whole(exact.numerator()) : whole(exact.numerator()) + "/" + whole(exact.denominator());
    }

    /** A whole number of any length as a formula: one numeral has no more than 34 digits. */
    private static String whole(BigInteger number) {
        if (number.bitLength() <= SHORT_BITS) {
            return number.toString();
        }
        String digits = number.abs().toString();
        List<String> parts = new ArrayList<>();
        for (int end = digits.length(), power = 0; end > 0; end -= PART, power++) {
            String part = digits.substring(Math.max(0, end - PART), end);
            parts.add(0, power == 0 ? part : part + "*1e" + PART + "^" + power);
        }
        return (number.signum() < 0 ? "-" : "") + "(" + String.join(" + ", parts) + ")";
    }

    /** The values as texts, one of a single value; an empty text for a missing one. */
    public List<String> values(int digits) {
        List<String> values = new ArrayList<>();
        result.ifPresent(vector -> {
            int size = vector.isConstant() ? 1 : vector.size();
            for (int i = 0; i < size; i++) {
                values.add(vector.text(i, digits));
            }
        });
        return values;
    }
}
