package promedio.core.language;

import java.util.Optional;
import promedio.core.number.Figure;
import promedio.core.sentence.Sentence;
import promedio.core.vector.Dates;
import promedio.core.vector.Kind;
import promedio.core.vector.Numbers;
import promedio.core.vector.Texts;
import promedio.core.vector.Truths;
import promedio.core.vector.Vector;
import promedio.core.vector.Vectors;

/** Columns as what is needed of them where they stand; one of missing cells is whatever it is needed as. */
final class Kinds {
    private Kinds() {}

    /** The length of what is made of two columns. @throws Fault for lists of different length */
    static int size(Place at, Vector left, Vector right) {
        if (left.size() != right.size() && !left.isConstant() && !right.isConstant()) {
            throw Fault.of(at, "language.lengths", left.size(), right.size());
        }
        return left.isConstant() ? right.size() : left.size();
    }

    /** As numbers. @throws Fault for another kind */
    static Numbers numbers(Vector vector, Place at) {
        if (vector instanceof Numbers numbers) {
            return numbers;
        }
        if (vector.kind() == Kind.NOTHING) {
            return Numbers.constant(Optional.<Figure>empty(), vector.size());
        }
        throw fault(vector, at, "language.needs.NUMBER");
    }

    /** As yes and no; texts that say so are. @throws Fault for another kind */
    static Truths truths(Vector vector, Place at) {
        return Vectors.truths(vector).orElseThrow(() -> fault(vector, at, "language.needs.TRUTH"));
    }

    /** As texts. @throws Fault for another kind */
    static Texts texts(Vector vector, Place at) {
        if (vector instanceof Texts texts) {
            return texts;
        }
        if (vector.kind() == Kind.NOTHING) {
            return Texts.constant(Optional.empty(), vector.size());
        }
        throw fault(vector, at, vector.kind() == Kind.NUMBER ? "language.needs.text-of-number" : "language.needs.TEXT");
    }

    /** As dates. @throws Fault for another kind */
    static Dates dates(Vector vector, Place at) {
        if (vector instanceof Dates dates) {
            return dates;
        }
        if (vector.kind() == Kind.NOTHING) {
            return (Dates) Vectors.missing(Kind.DATE, vector.size());
        }
        throw fault(vector, at, "language.needs.DATE");
    }

    /** That two columns can stand in the place of each other. @throws Fault where they cannot */
    static void alike(Vector one, Vector other, Place at) {
        if (!one.kind().goesWith(other.kind())) {
            throw Fault.of(
                    at,
                    "language.branches",
                    Sentence.of("language.kind." + one.kind()),
                    Sentence.of("language.kind." + other.kind()));
        }
    }

    private static Fault fault(Vector vector, Place at, String key) {
        return Fault.of(at, key, Sentence.of("language.kind." + vector.kind()));
    }
}
