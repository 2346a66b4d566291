package promedio.core.ownwork;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;
import promedio.core.ownwork.OwnMarker.Taken;

/** The means that a student may have taken deviations from. */
final class OwnMeans {
    /** To so many places a mean is written down before deviations are taken from it. */
    private static final int MOST_PLACES = 6;

    private final OwnColumns own;
    private final DataRows data;
    private final Function<Quantity, Optional<Taken>> totalOf;

    /** @param totalOf the total of a column as the student has it */
    OwnMeans(OwnColumns own, Function<Quantity, Optional<Taken>> totalOf) {
        this.own = own;
        this.data = own.data();
        this.totalOf = totalOf;
    }

    /** The mean of y, as it is or as the student's own total gives it. */
    List<Taken> ofY(Exact mean) {
        return ofMean(mean, totalOf.apply(Quantity.Y));
    }

    /** The mean as it is, as it is written below, as the student's own totals give it, each also rounded. */
    List<Taken> of(List<Taken> written, List<Taken> counts) {
        List<Taken> means = new ArrayList<>();
        data.whole(Quantity.MEAN).ifPresent(right -> means.addAll(ofMean(right, Optional.empty())));
        means.addAll(written);
        Optional<Exact> origin = Optional.ofNullable(own.whole().get(Quantity.ORIGIN));
        Optional<Exact> step = Optional.ofNullable(own.whole().get(Quantity.STEP));
        for (Taken count : counts) {
            if (count.value().signum() != 0) {
                totalOf.apply(Quantity.FX)
                        .or(() -> unweighted() ? totalOf.apply(Quantity.X) : Optional.empty())
                        .map(sum -> over(sum, count))
                        .ifPresent(mean -> means.addAll(ofMean(mean)));
                origin.flatMap(a -> totalOf.apply(Quantity.FD)
                                .or(() -> unweighted() ? totalOf.apply(Quantity.D) : Optional.empty())
                                .map(sum -> shifted(a, Exact.ONE, over(sum, count))))
                        .ifPresent(mean -> means.addAll(ofMean(mean)));
                origin.flatMap(a -> step.flatMap(h -> totalOf.apply(Quantity.FU)
                                .or(() -> unweighted() ? totalOf.apply(Quantity.U) : Optional.empty())
                                .map(sum -> shifted(a, h, over(sum, count)))))
                        .ifPresent(mean -> means.addAll(ofMean(mean)));
            }
        }
        return means;
    }

    private boolean unweighted() {
        return own.column(Quantity.F).isEmpty() && data.isEach();
    }

    private static Taken over(Taken sum, Taken count) {
        return new Taken(sum.value().over(count.value()), sum.isGood() && count.isGood(), true);
    }

    private static Taken shifted(Exact origin, Exact step, Taken mean) {
        return new Taken(origin.plus(step.times(mean.value())), mean.isGood(), true);
    }

    private List<Taken> ofMean(Taken mean) {
        List<Taken> all = new ArrayList<>();
        all.add(mean);
        for (int places = MOST_PLACES; places >= 0; places--) {
            all.add(new Taken(mean.value().rounded(places, HalfRule.HALF_UP), mean.isGood(), mean.own()));
        }
        return all;
    }

    /** A mean that is right, also rounded, and one of a total of the student's over as many as there are. */
    private List<Taken> ofMean(Exact mean, Optional<Taken> total) {
        List<Taken> all = new ArrayList<>(ofMean(Taken.given(mean)));
        Exact count = data.whole(Quantity.COUNT).orElseThrow();
        if (count.signum() != 0) {
            total.map(sum -> over(sum, Taken.given(count))).ifPresent(own -> all.addAll(ofMean(own)));
        }
        return all;
    }
}
