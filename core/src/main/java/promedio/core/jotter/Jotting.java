package promedio.core.jotter;

import java.math.BigDecimal;
import promedio.core.sentence.Visible;

/**
 * What was asked in the jotter and what came of it, as it is kept: later changes of samples do not change it.
 *
 * @param asked what was asked
 * @param result what came of it, as it is read; empty where there was no result
 * @param exact the same as a formula that means the very result; empty where that would be too long
 * @param approximate whether the result is only approximate
 */
public record Jotting(String asked, String result, String exact, boolean approximate) {
    /** Makes the texts such as can be written anywhere. */
    public Jotting {
        asked = Visible.encodable(asked);
        result = Visible.encodable(result);
        exact = Visible.encodable(exact);
    }

    /** Whether the result is a fraction, and so is more exactly written as one. */
    public boolean isFraction() {
        return exact.matches("-?[0-9]+/[0-9]+");
    }

    /** Whether the result is a single number that is written with fewer digits than it has. */
    public boolean breaksOff() {
        if (!isFraction() || approximate) {
            return false;
        }
        int slash = exact.indexOf('/');
        BigDecimal written = new BigDecimal(result).multiply(new BigDecimal(exact.substring(slash + 1)));
        return written.compareTo(new BigDecimal(exact.substring(0, slash))) != 0;
    }

    /** Whether the result is a list. */
    public boolean isList() {
        return result.startsWith("(");
    }
}
