package promedio.core.ownwork;

import promedio.core.number.Exact;
import promedio.core.number.HalfRule;

/** Figures as they stand in a working by hand: in full where they end soon, else rounded, with the sign of what is left out. */
final class OwnFigure {
    private static final int MOST_PLACES = 6;
    private static final int CUT_PLACES = 4;

    private OwnFigure() {}

    static String of(Exact figure) {
        return ends(figure) ? rounded(figure) : rounded(figure) + "…";
    }

    private static boolean ends(Exact figure) {
        return figure.placesInFull().orElse(MOST_PLACES + 1) <= MOST_PLACES;
    }

    /** The same without a sign of what is left out. */
    static String rounded(Exact figure) {
        int places = ends(figure) ? figure.placesInFull().orElseThrow() : CUT_PLACES;
        return figure.toPlaces(places, HalfRule.HALF_UP).toPlainString().replace('-', '−');
    }
}
