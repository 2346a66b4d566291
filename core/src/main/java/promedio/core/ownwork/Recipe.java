package promedio.core.ownwork;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import promedio.core.number.Exact;

/**
 * How a figure of a row is worked out from others of it.
 *
 * @param needs from which
 * @param text how it is written down, with a place for each of them: <code>{0} − {1}</code>
 * @param works what is done with them, in that order
 */
record Recipe(List<Quantity> needs, String text, Function<List<Exact>, Exact> works) {
    private static final Map<Quantity, List<Recipe>> ALL = new EnumMap<>(Quantity.class);

    static {
        put(Quantity.MIDPOINT, "({0} + {1})/2", of -> of.get(0).plus(of.get(1)).half(), Quantity.LOWER, Quantity.UPPER);
        put(Quantity.WIDTH, "{1} − {0}", of -> of.get(1).minus(of.get(0)), Quantity.LOWER, Quantity.UPPER);
        products(Quantity.X, Quantity.FX, Quantity.X2, Quantity.FX2);
        put(Quantity.D, "{0} − {1}", of -> of.get(0).minus(of.get(1)), Quantity.X, Quantity.ORIGIN);
        products(Quantity.D, Quantity.FD, Quantity.D2, Quantity.FD2);
        put(Quantity.U, "{0}/{1}", of -> of.get(0).over(of.get(1)), Quantity.D, Quantity.STEP);
        products(Quantity.U, Quantity.FU, Quantity.U2, Quantity.FU2);
        put(Quantity.RELATIVE, "{0}/{1}", of -> of.get(0).over(of.get(1)), Quantity.F, Quantity.COUNT);
        put(Quantity.PERCENT, "100 × {0}/{1}", of -> of.get(0).times(100).over(of.get(1)), Quantity.F, Quantity.COUNT);
        put(Quantity.PERCENT, "100 × {0}", of -> of.get(0).times(100), Quantity.RELATIVE);
        put(Quantity.DENSITY, "{0}/{1}", of -> of.get(0).over(of.get(1)), Quantity.F, Quantity.WIDTH);
        times(Quantity.XY, Quantity.X, Quantity.Y);
        times(Quantity.Y2, Quantity.Y, Quantity.Y);
        put(Quantity.DEVIATION, "{0} − {1}", of -> of.get(0).minus(of.get(1)), Quantity.X, Quantity.MEAN);
        put(
                Quantity.ABS_DEVIATION,
                "|{0} − {1}|",
                of -> of.get(0).minus(of.get(1)).abs(),
                Quantity.X,
                Quantity.CENTRE);
        put(Quantity.ABS_DEVIATION, "|{0}|", of -> of.get(0).abs(), Quantity.DEVIATION);
        times(Quantity.F_ABS_DEVIATION, Quantity.F, Quantity.ABS_DEVIATION);
        times(Quantity.DEVIATION2, Quantity.DEVIATION, Quantity.DEVIATION);
        times(Quantity.F_DEVIATION2, Quantity.F, Quantity.DEVIATION2);
        times(Quantity.DEVIATION3, Quantity.DEVIATION2, Quantity.DEVIATION);
        put(Quantity.DEVIATION3, "{0}³", of -> of.get(0).power(3), Quantity.DEVIATION);
        times(Quantity.F_DEVIATION3, Quantity.F, Quantity.DEVIATION3);
        times(Quantity.DEVIATION4, Quantity.DEVIATION2, Quantity.DEVIATION2);
        times(Quantity.DEVIATION4, Quantity.DEVIATION3, Quantity.DEVIATION);
        put(Quantity.DEVIATION4, "{0}⁴", of -> of.get(0).power(4), Quantity.DEVIATION);
        times(Quantity.F_DEVIATION4, Quantity.F, Quantity.DEVIATION4);
        put(
                Quantity.DX_DY,
                "({0} − {1}) × ({2} − {3})",
                of -> of.get(0).minus(of.get(1)).times(of.get(2).minus(of.get(3))),
                Quantity.X,
                Quantity.MEAN,
                Quantity.Y,
                Quantity.MEAN_OF_Y);
    }

    /** f·q, q² and f·q², the last in both ways. */
    private static void products(Quantity of, Quantity weighted, Quantity squared, Quantity both) {
        times(weighted, Quantity.F, of);
        times(squared, of, of);
        times(both, Quantity.F, squared);
        times(both, weighted, of);
    }

    private static void times(Quantity product, Quantity first, Quantity second) {
        put(product, first == second ? "{0}²" : "{0} × {1}", of -> of.get(0).times(of.get(1)), first, second);
    }

    private static void put(Quantity what, String text, Function<List<Exact>, Exact> works, Quantity... needs) {
        ALL.computeIfAbsent(what, any -> new ArrayList<>()).add(new Recipe(List.of(needs), text, works));
    }

    /** How it is worked with some figures: {@code (−3)²}. */
    String written(List<Exact> figures) {
        return written(text, figures);
    }

    /** A text with figures in its places; one below 0 in brackets unless it stands first or between bars. */
    static String written(String text, List<Exact> figures) {
        String all = text;
        for (int i = 0; i < figures.size(); i++) {
            String place = "{" + i + "}";
            String figure = OwnFigure.of(figures.get(i));
            boolean bare = figures.get(i).signum() >= 0
                    || all.startsWith(place) && !all.matches("\\{\\d}[²³⁴].*")
                    || all.contains("|" + place)
                    || all.contains("(" + place);
            all = all.replace(place, bare ? figure : "(" + figure + ")");
        }
        return all;
    }

    /** The ways to work out a figure, the usual one first; none of what is data, or goes by several rows. */
    static List<Recipe> of(Quantity what) {
        return ALL.getOrDefault(what, List.of());
    }

    /** Whether a figure of the whole goes into it, directly or by what it is worked out from. */
    static boolean rests(Quantity what, Quantity on) {
        return of(what).stream()
                .flatMap(recipe -> recipe.needs().stream())
                .anyMatch(need -> need == on || need.isColumn() && rests(need, on));
    }
}
