package promedio.core.language;

import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.vector.Dates;
import promedio.core.vector.Numbers;
import promedio.core.vector.Texts;
import promedio.core.vector.Truths;
import promedio.core.vector.Vector;

/** Cells of columns as plain objects: {@link Fraction} or double, texts, dates, yes and no, null for a missing one. */
public final class Plain {
    private Plain() {}

    /** A cell. */
    public static Object cell(Vector vector, int row) {
        if (vector.isMissing(row)) {
            return null;
        } else if (vector instanceof Numbers numbers) {
            Figure figure = numbers.figure(row).orElseThrow();
            return figure instanceof Exact exact
                    ? new Fraction(exact.numerator(), exact.denominator())
                    : (Object) figure.toDouble();
        } else if (vector instanceof Texts texts) {
            return texts.get(row);
        } else if (vector instanceof Dates dates) {
            return dates.get(row);
        } else {
            return ((Truths) vector).isYes(row);
        }
    }
}
