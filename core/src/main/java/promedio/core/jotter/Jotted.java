package promedio.core.jotter;

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
        return new Jotting(text, written(values), exact, isApproximate());
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
        return exact.isWhole() ? exact.numerator().toString() : exact.numerator() + "/" + exact.denominator();
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
