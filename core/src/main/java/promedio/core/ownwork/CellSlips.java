package promedio.core.ownwork;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BinaryOperator;
import java.util.function.Function;
import java.util.function.Predicate;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;
import promedio.core.tabulate.ClassLabel;

/** The mistakes that lead to a wrong cell, by the ids of definitions, section 6; the likeliest that fits is told. */
final class CellSlips {
    private static final int MOVED = 3;
    private static final int ENOUGH_FIGURES = 4;

    private final OwnColumns own;
    private final DataRows data;

    CellSlips(OwnColumns own) {
        this.own = own;
        this.data = own.data();
    }

    /** What may have been written in place of a figure: the id of each mistake, and what it leads to. */
    private static final class Tried {
        private final List<One> all = new ArrayList<>();
        private final Function<Quantity, Optional<Exact>> taken;

        private record One(String slip, Exact figure, Optional<String> way) {}

        Tried(Function<Quantity, Optional<Exact>> taken) {
            this.taken = taken;
        }

        private void add(String slip, Exact figure) {
            all.add(new One(slip, figure, Optional.empty()));
        }

        Optional<CellSlip> meeting(Predicate<Exact> figure) {
            return all.stream()
                    .filter(one -> figure.test(one.figure()))
                    .map(one -> new CellSlip(one.slip(), one.way()))
                    .findFirst();
        }

        /** @param way how it is worked, with a place for the figure */
        void one(String slip, String way, Quantity of, Function<Exact, Exact> change) {
            taken.apply(of)
                    .ifPresent(one ->
                            all.add(new One(slip, change.apply(one), Optional.of(Recipe.written(way, List.of(one))))));
        }

        /** @param way how it is worked, with places for both figures */
        void two(String slip, String way, Quantity first, Quantity second, BinaryOperator<Exact> change) {
            taken.apply(first).ifPresent(one -> taken.apply(second)
                    .ifPresent(other -> all.add(new One(
                            slip, change.apply(one, other), Optional.of(Recipe.written(way, List.of(one, other)))))));
        }
    }

    /**
     * The mistake that leads to a cell.
     *
     * @param taken the figures of the row as the student has them
     */
    Optional<CellSlip> of(
            Written written,
            Quantity what,
            Optional<Exact> expected,
            Function<Quantity, Optional<Exact>> taken,
            Optional<Integer> datum) {
        Tried tried = new Tried(taken);
        special(tried, what, datum);
        Optional<CellSlip> found = first(tried, written);
        if (found.isPresent()) {
            return found;
        }
        for (Exact right : right(what, expected, taken)) {
            Optional<CellSlip> copied = copied(written, right);
            if (copied.isPresent()) {
                return copied;
            }
        }
        return Optional.empty();
    }

    /** What should stand there: as it is, and as it follows from the figures before it. */
    private List<Exact> right(Quantity what, Optional<Exact> expected, Function<Quantity, Optional<Exact>> taken) {
        List<Exact> right = new ArrayList<>();
        expected.ifPresent(right::add);
        for (Recipe recipe : Recipe.of(what)) {
            List<Exact> needs = recipe.needs().stream()
                    .flatMap(need -> taken.apply(need).stream())
                    .toList();
            if (needs.size() == recipe.needs().size() && !DataRows.divides(recipe, needs)) {
                right.add(recipe.works().apply(needs));
            }
        }
        return right;
    }

    private static Optional<CellSlip> first(Tried tried, Written written) {
        // What is met to the last digit is likelier than what would have to be rounded.
        return tried.meeting(written::is).or(() -> tried.meeting(written::isRounded));
    }

    private void special(Tried tried, Quantity what, Optional<Integer> datum) {
        Quantity x = data.meant(Quantity.X);
        switch (what) {
            case X2 -> square(tried, x);
            case D2 -> square(tried, Quantity.D);
            case U2 -> square(tried, Quantity.U);
            case Y2 -> square(tried, Quantity.Y);
            case DEVIATION2 -> {
                square(tried, Quantity.DEVIATION);
                data.median()
                        .ifPresent(median -> tried.one(
                                "about-median", "({0} − " + OwnFigure.of(median) + ")²", x, of -> of.minus(median)
                                        .squared()));
            }
            case FX -> tried.one("unweighted", "{0}", x, Function.identity());
            case FD -> tried.one("unweighted", "{0}", Quantity.D, Function.identity());
            case FU -> tried.one("unweighted", "{0}", Quantity.U, Function.identity());
            case FX2 -> weightedSquare(tried, x, Quantity.FX);
            case FD2 -> weightedSquare(tried, Quantity.D, Quantity.FD);
            case FU2 -> weightedSquare(tried, Quantity.U, Quantity.FU);
            case F_DEVIATION2 -> weightedSquare(tried, Quantity.DEVIATION, Quantity.DEVIATION);
            case ABS_DEVIATION -> tried.one("signs-kept", "{0}", Quantity.DEVIATION, Function.identity());
            case F_ABS_DEVIATION -> {
                tried.two("signs-kept", "{0} × {1}", Quantity.F, Quantity.DEVIATION, Exact::times);
                tried.one("unweighted", "{0}", Quantity.ABS_DEVIATION, Function.identity());
            }
            case DEVIATION ->
                data.median()
                        .ifPresent(median ->
                                tried.one("about-median", "{0} − " + OwnFigure.of(median), x, of -> of.minus(median)));
            case U -> tried.one("not-divided", "{0}", Quantity.D, Function.identity());
            case RELATIVE -> {
                tried.one("not-divided", "{0}", Quantity.F, Function.identity());
                tried.one(
                        "divided-by-classes",
                        "{0}/" + data.rows().size(),
                        Quantity.F,
                        f -> f.over(data.rows().size()));
                tried.two("cumulative-as-frequency", "{0}/{1}", Quantity.CF, Quantity.COUNT, Exact::over);
            }
            case PERCENT -> {
                tried.two("factor-dropped", "{0}/{1}", Quantity.F, Quantity.COUNT, Exact::over);
                tried.one("not-divided", "{0}", Quantity.F, Function.identity());
            }
            case F -> tried.one("cumulative-as-frequency", "{0}", Quantity.CF, Function.identity());
            case DX_DY -> tried.two("products-not-corrected", "{0} × {1}", x, Quantity.Y, Exact::times);
            case CF -> neighbour(tried, what, datum);
            case CF_MORE -> neighbour(tried, what, datum);
            default -> ofClass(tried, what, datum);
        }
        if (what == Quantity.MIDPOINT) {
            tried.one("lower-limits", "{0}", Quantity.LOWER, Function.identity());
            tried.one("upper-limits", "{0}", Quantity.UPPER, Function.identity());
        }
    }

    private void square(Tried tried, Quantity of) {
        tried.one("doubled-for-square", "2 × |{0}|", of, one -> one.abs().times(2));
        tried.one("doubled-for-square", "2 × {0}", of, one -> one.times(2));
        tried.one("absolute-for-square", "|{0}|", of, Exact::abs);
        tried.one("sign-lost", "−{0}²", of, one -> one.squared().negated());
    }

    private void weightedSquare(Tried tried, Quantity of, Quantity weighted) {
        tried.two("fx-squared", "({0} × {1})²", Quantity.F, of, (f, one) -> f.times(one)
                .squared());
        tried.two("doubled-for-square", "{0} × 2 × {1}", Quantity.F, of, (f, one) -> f.times(one)
                .times(2));
        tried.two("doubled-for-square", "{0} × 2 × |{1}|", Quantity.F, of, (f, one) -> f.times(one.abs())
                .times(2));
        tried.two("absolute-for-square", "{0} × |{1}|", Quantity.F, of, (f, one) -> f.times(one)
                .abs());
        tried.one("unweighted", "{0}²", of, Exact::squared);
        if (weighted != of) {
            tried.one("fx-squared", "{0}²", weighted, Exact::squared);
        }
    }

    /** The row before or behind. */
    private void neighbour(Tried tried, Quantity what, Optional<Integer> datum) {
        datum.ifPresent(at -> {
            List<Integer> order = data.order();
            int place = order.indexOf(at);
            for (int next : new int[] {place - 1, place + 1}) {
                if (next >= 0 && next < order.size()) {
                    data.figure(order.get(next), what, own.whole())
                            .ifPresent(figure -> tried.add("neighbour-class", figure));
                }
            }
        });
    }

    /** The limits as they are written, where boundaries belong. */
    private void ofClass(Tried tried, Quantity what, Optional<Integer> datum) {
        Optional<ClassLabel> stated = datum.flatMap(at -> data.rows().get(at).stated());
        Optional<Exact> from = stated.flatMap(ClassLabel::from);
        Optional<Exact> to = stated.flatMap(ClassLabel::to);
        switch (what) {
            case LOWER -> from.ifPresent(limit -> tried.add("limits-for-boundaries", limit));
            case UPPER -> to.ifPresent(limit -> tried.add("limits-for-boundaries", limit));
            case WIDTH ->
                from.flatMap(low -> to.map(high -> high.minus(low)))
                        .ifPresent(width -> tried.add("other-width", width));
            case MIDPOINT ->
                from.flatMap(low -> to.map(high -> low.plus(high).half()))
                        .ifPresent(middle -> tried.add("limits-for-boundaries", middle));
            case DENSITY -> {
                tried.one("not-divided", "{0}", Quantity.F, Function.identity());
                from.flatMap(low -> to.map(high -> high.minus(low)))
                        .filter(width -> width.signum() != 0)
                        .ifPresent(width ->
                                tried.one("other-width", "{0}/" + OwnFigure.of(width), Quantity.F, f -> f.over(width)));
            }
            default -> {
                // Nothing of classes stands in other columns.
            }
        }
    }

    /** A figure written down otherwise than it came out. */
    private static Optional<CellSlip> copied(Written written, Exact right) {
        if (right.signum() != 0 && written.isRounded(right.negated())) {
            return Optional.of(CellSlip.of("sign-lost"));
        }
        if (written.places().isPresent()) {
            int places = written.places().getAsInt();
            BigDecimal own = written.value().toPlaces(places, HalfRule.HALF_UP);
            BigDecimal shown = right.toPlaces(places, HalfRule.HALF_UP);
            if (isSwapped(own, shown)) {
                return Optional.of(CellSlip.of("digits-swapped"));
            }
            if (cut(right, places).compareTo(own) == 0) {
                return Optional.of(CellSlip.of("truncated"));
            }
        }
        for (int moved = 1; moved <= MOVED; moved++) {
            Exact ten = Exact.of(10).power(moved);
            if (written.value().signum() != 0
                    && (written.isRounded(right.times(ten)) || written.isRounded(right.over(ten)))) {
                return Optional.of(CellSlip.of("point-moved"));
            }
        }
        return Optional.empty();
    }

    private static BigDecimal cut(Exact right, int places) {
        return right.toPlaces(places + 12, HalfRule.HALF_UP).setScale(places, RoundingMode.DOWN);
    }

    /** Whether two neighbouring digits of one are exchanged in the other. */
    private static boolean isSwapped(BigDecimal own, BigDecimal right) {
        String one = own.unscaledValue().toString();
        String other = right.unscaledValue().toString();
        if (one.length() != other.length() || one.equals(other)) {
            return false;
        }
        for (int i = 0; i + 1 < one.length(); i++) {
            String swapped = other.substring(0, i) + other.charAt(i + 1) + other.charAt(i) + other.substring(i + 2);
            if (swapped.equals(one)) {
                return true;
            }
        }
        return false;
    }

    /**
     * The mistake that leads to a total.
     *
     * @param sum what the student's own cells add up to
     * @param total what a column adds up to
     */
    Optional<CellSlip> ofTotal(
            Written written,
            Quantity what,
            Optional<Exact> expected,
            Optional<Exact> sum,
            Function<Quantity, Optional<Exact>> total) {
        Tried tried = new Tried(total);
        switch (what) {
            case X2 -> tried.one("square-of-sum", "{0}²", data.meant(Quantity.X), Exact::squared);
            case FX2 -> {
                tried.one("square-of-sum", "{0}²", Quantity.FX, Exact::squared);
                tried.one("unweighted", "{0}", Quantity.X2, Function.identity());
            }
            case FX -> tried.one("unweighted", "{0}", data.meant(Quantity.X), Function.identity());
            case FD -> tried.one("unweighted", "{0}", Quantity.D, Function.identity());
            case FU -> tried.one("unweighted", "{0}", Quantity.U, Function.identity());
            case FD2 -> tried.one("square-of-sum", "{0}²", Quantity.FD, Exact::squared);
            case FU2 -> tried.one("square-of-sum", "{0}²", Quantity.FU, Exact::squared);
            case F_ABS_DEVIATION -> tried.one("unweighted", "{0}", Quantity.ABS_DEVIATION, Function.identity());
            case F_DEVIATION2 -> tried.one("unweighted", "{0}", Quantity.DEVIATION2, Function.identity());
            default -> {
                // Of other columns nothing is usual but a slip of the pen.
            }
        }
        return first(tried, written)
                .or(() -> sum.flatMap(own -> copied(written, own)))
                .or(() -> expected.flatMap(right -> copied(written, right)))
                .or(() -> dropped(written, what, sum));
    }

    /** One cell left out, or counted twice; told only where the figure has digits enough to say so. */
    private Optional<CellSlip> dropped(Written written, Quantity what, Optional<Exact> sum) {
        Optional<Integer> column = own.column(what);
        if (sum.isEmpty() || column.isEmpty() || written.figures() < ENOUGH_FIGURES) {
            return Optional.empty();
        }
        Exact off = sum.get().minus(written.value());
        for (int row = 0; row < own.table().rows().size(); row++) {
            Optional<Exact> cell = own.written(own.cell(row, column.get())).map(Written::value);
            if (cell.filter(one -> one.signum() != 0).isPresent()) {
                if (cell.get().equals(off)) {
                    return Optional.of(CellSlip.of("value-dropped"));
                }
                if (cell.get().equals(off.negated())) {
                    return Optional.of(CellSlip.of("value-repeated"));
                }
            }
        }
        return Optional.empty();
    }
}
