package promedio.core.measure;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import promedio.core.formula.Formula;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.SignificantText;

/**
 * An equation of first degree between letters: each letter times a number, all added, is a number.
 *
 * @param factors what each letter is multiplied by; letters that are multiplied by 0 are left out
 * @param right what they come to
 * @param left how each factor comes about
 * @param found how the right side comes about
 * @param mistakes what may go wrong where it has one letter: what the letter would be then
 */
record LetterEquation(
        Map<String, Exact> factors,
        Exact right,
        Map<String, Formula> left,
        Formula found,
        List<GivenMeasure.Mistake> mistakes) {
    private static final int DIGITS = 6;

    LetterEquation {
        factors = new TreeMap<>(factors);
        factors.values().removeIf(factor -> factor.signum() == 0);
        mistakes = List.copyOf(mistakes);
    }

    /** An equation whose factors are plain numbers. */
    static LetterEquation of(
            Map<String, Exact> factors, Exact right, Formula found, List<GivenMeasure.Mistake> mistakes) {
        Map<String, Formula> left = new LinkedHashMap<>();
        factors.forEach((letter, factor) -> left.put(letter, Formula.number(factor)));
        return new LetterEquation(factors, right, left, found, mistakes);
    }

    Exact factor(String letter) {
        return factors.getOrDefault(letter, Exact.ZERO);
    }

    /** Whether no letter is left in it. */
    boolean isEmpty() {
        return factors.isEmpty();
    }

    /** A letter times its factor; what is 1 is left out. */
    static Formula times(Formula factor, Formula letter) {
        if (isOne(letter)) {
            return factor;
        }
        return isOne(factor) ? letter : factor.times(letter);
    }

    static boolean isOne(Formula factor) {
        return factor.equals(Formula.number(1));
    }

    /** The right side over the factor of the only letter. */
    Formula solved(String letter) {
        return isOne(left.get(letter)) ? found : found.over(left.get(letter));
    }

    /** As it is written: {@code 15p + 25q = 1195}, with both sides turned where every letter is taken away. */
    String written() {
        boolean turned = factors.values().stream().allMatch(factor -> factor.signum() < 0);
        String sum = factors.entrySet().stream()
                .map(term -> term(turned ? term.getValue().negated() : term.getValue(), term.getKey()))
                .collect(Collectors.joining(" + "));
        String side = shortly(turned ? right.negated() : right);
        return sum.replace("+ -", "− ").replace("-", "−") + " = " + side.replace("-", "−");
    }

    private static final int SUBSCRIPT = '₀' - '0';

    /** A letter with its number below the line: {@code f₁}. */
    static String written(String letter) {
        StringBuilder written = new StringBuilder(letter.substring(0, 1));
        letter.chars().skip(1).forEach(digit -> written.append((char) (digit + SUBSCRIPT)));
        return written.toString();
    }

    private static String term(Exact factor, String name) {
        String letter = written(name);
        if (factor.abs().equals(Exact.ONE)) {
            return (factor.signum() < 0 ? "-" : "") + letter;
        }
        return shortly(factor) + letter;
    }

    private static String shortly(Figure figure) {
        return SignificantText.of(figure, DIGITS);
    }
}
