package promedio.core.formula;

import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;

/**
 * What a hand does with a figure when it writes it on a line of its own: carries it exactly, or rounds it to some places
 * and carries on from there (definitions, section 7).
 *
 * @param places the decimal places, or empty for exact working
 * @param halves what happens to a half
 */
public record LineRounding(Optional<Integer> places, HalfRule halves) {
    private static final double HAIR = 1e-9;

    /** Every line carried exactly. */
    public static final LineRounding EXACT = new LineRounding(Optional.empty(), HalfRule.HALF_UP);

    /** Every line rounded to some places. */
    public static LineRounding to(int places, HalfRule halves) {
        return new LineRounding(Optional.of(places), halves);
    }

    /** Whether lines are carried exactly. */
    public boolean isExact() {
        return places.isEmpty();
    }

    /** The figure as it is written down. */
    public Figure write(Figure figure) {
        return places.isEmpty() ? figure : Exact.from(figure.toPlaces(places.get(), halves));
    }

    /** About the same in floating point: next to a half it may be the other neighbour. */
    double write(double figure) {
        if (places.isEmpty() || !Double.isFinite(figure)) {
            return figure;
        }
        double scale = Math.pow(10, places.get());
        return Math.copySign(Math.floor(Math.abs(figure) * scale + 0.5 + HAIR) / scale, figure);
    }
}
