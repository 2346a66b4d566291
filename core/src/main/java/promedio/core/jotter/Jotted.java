package promedio.core.jotter;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.language.Fault;
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
