package promedio.core.ownwork;

import java.util.Optional;
import promedio.core.number.Numerals;

/** A cell as a student writes it. */
public final class OwnCell {
    private OwnCell() {}

    /** What comes of arithmetic such as {@code 18*2.5} or {@code 3.2²}; empty for a plain number, and for what does not end within six places. */
    public static Optional<String> worked(String cell, Numerals numerals) {
        if (cell.isEmpty() || numerals.read(cell.replace('−', '-')).isPresent()) {
            return Optional.empty();
        }
        return Written.read(cell, numerals)
                .map(written -> OwnFigure.of(written.value()))
                .filter(figure -> !figure.endsWith("…"))
                .map(figure -> figure.replace('.', numerals.decimalMark()));
    }
}
