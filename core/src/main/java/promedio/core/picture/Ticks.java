package promedio.core.picture;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;
import promedio.core.working.FigureText;

/** Round places on an axis: multiples of 1, 2, 2.5 or 5 · 10ᵏ. */
public final class Ticks {
    private static final Exact[] ROUND = {Exact.ONE, Exact.TWO, Exact.ratio(5, 2), Exact.of(5), Exact.of(10)};

    private Ticks() {}

    /** The smallest round step of which at most so many fit into a length; a whole number where only such make sense. */
    public static Exact step(Exact length, int most, boolean whole) {
        Exact least = length.over(Math.max(1, most));
        if (whole && least.compareTo(Exact.ONE) < 0) {
            least = Exact.ONE;
        }
        int exponent = least.magnitude();
        for (Exact round : ROUND) {
            Exact step = round.times(power(exponent));
            if (step.compareTo(least) >= 0 && (!whole || step.isWhole())) {
                return step;
            }
        }
        return Exact.of(10).times(power(exponent));
    }

    private static Exact power(int exponent) {
        return exponent < 0
                ? Exact.ONE.over(Exact.of(10).power(-exponent))
                : Exact.of(10).power(exponent);
    }

    /** The multiples of a step from one place to another, both with them. */
    public static List<Exact> multiples(Exact from, Exact to, Exact step) {
        List<Exact> found = new ArrayList<>();
        Exact at = Exact.of(from.over(step).ceiling()).times(step);
        while (at.compareTo(to) <= 0) {
            found.add(at);
            at = at.plus(step);
        }
        return found;
    }

    /** The places as ticks, written out. */
    static List<Axis.Tick> written(List<Exact> places, FigureText text) {
        return places.stream()
                .map(place -> new Axis.Tick(place, written(place, text)))
                .toList();
    }

    /** A place as it stands at an axis. */
    public static String written(Exact place, FigureText text) {
        if (place.placesInFull().isEmpty()) {
            return text.carried(place);
        }
        BigDecimal full = place.toPlaces(place.placesInFull().getAsInt(), HalfRule.HALF_UP);
        return text.plain(full);
    }

    /** An axis with round ends around what is to be shown, or with the ends that are wished for. */
    static Axis axis(String title, Exact least, Exact most, int ticks, boolean whole, Frame frame, boolean ofValues) {
        Exact length = most.minus(least);
        if (length.signum() == 0) {
            length = least.signum() == 0 ? Exact.ONE : least.abs().over(5);
        }
        Exact step = step(length, ticks, whole);
        Exact from = Exact.of(least.over(step).floor()).times(step);
        Exact to = Exact.of(most.over(step).ceiling()).times(step);
        if (from.equals(to)) {
            from = from.minus(step);
            to = to.plus(step);
        }
        if (ofValues) {
            Exact asked = frame.from().orElse(from);
            Exact end = frame.to().orElse(to);
            if (asked.compareTo(end) < 0
                    && (frame.from().isPresent() || frame.to().isPresent())) {
                from = asked;
                to = end;
                step = step(to.minus(from), ticks, whole);
            }
        }
        return new Axis(title, from, to, written(multiples(from, to, step), frame.text()), false);
    }
}
