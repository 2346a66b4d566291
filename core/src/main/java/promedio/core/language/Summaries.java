package promedio.core.language;

import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.number.Exact;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;
import promedio.core.vector.Vector;

/** Measures of the cells of a column, group by group. Missing cells are left out. */
final class Summaries {
    /** Each cell may be off by half of its last bit, and so may each step of the sum. */
    private static final double ROUNDING = 0x1p-51;

    private static final int PIECE = 1 << 13;

    private final Conventions conventions;
    private final Runnable pause;

    Summaries(Conventions conventions, Runnable pause) {
        this.conventions = conventions;
        this.pause = pause;
    }

    /** A measure of each group, in the order of the groups. */
    Numbers measures(Measured measure, Optional<Exact> part, Vector of, Groups groups) {
        Groups.Laid laid = groups.laid();
        Numbers.Builder builder = new Numbers.Builder(groups.count());
        Register out = new Register();
        for (int group = 0; group < groups.count(); group++) {
            if (group % PIECE == 0) {
                pause.run();
            }
            int[] rows = known(of, laid, group);
            measure(measure, part, of, rows, out);
            if (groups.one()) {
                return Numbers.constant(out, 1);
            }
            builder.add(out);
        }
        return builder.build();
    }

    /** The rows of a group whose cells are not missing. */
    private static int[] known(Vector of, Groups.Laid laid, int group) {
        int[] known = new int[laid.starts()[group + 1] - laid.starts()[group]];
        int count = 0;
        for (int i = laid.starts()[group]; i < laid.starts()[group + 1]; i++) {
            int row = laid.rows()[i];
            if (!of.isMissing(row)) {
                known[count++] = row;
            }
        }
        return Arrays.copyOf(known, count);
    }

    /**
     * For each group the row of its smallest or largest cell, or of the cell that occurs most often, if there is exactly one; −1
     * where there is none.
     */
    int[] rows(Measured measure, Vector of, Groups groups) {
        Groups.Laid laid = groups.laid();
        int[] found = new int[groups.count()];
        for (int group = 0; group < groups.count(); group++) {
            int[] rows = known(of, laid, group);
            found[group] = measure == Measured.MODE ? mode(of, rows) : extreme(of, rows, measure == Measured.LARGEST);
        }
        return found;
    }

    private static int extreme(Vector of, int[] rows, boolean largest) {
        int best = -1;
        for (int row : rows) {
            int compared = best < 0 ? 0 : of.compare(row, best);
            if (best < 0 || (largest ? compared > 0 : compared < 0)) {
                best = row;
            }
        }
        return best;
    }

    /** The row of the only cell that occurs most often; −1 where there are several such, or none. */
    private static int mode(Vector of, int[] rows) {
        int[] cells = of.pick(rows).groups();
        int[] times = new int[rows.length];
        int most = 0;
        for (int cell : cells) {
            most = Math.max(most, ++times[cell]);
        }
        int found = -1;
        int groups = 0;
        for (int i = 0; i < cells.length; i++) {
            if (times[cells[i]] == most) {
                groups++;
                times[cells[i]] = -1;
                found = rows[i];
            }
        }
        return groups == 1 ? found : -1;
    }

    private void measure(Measured measure, Optional<Exact> part, Vector of, int[] rows, Register out) {
        out.clear();
        switch (measure) {
            case COUNT -> out.whole(rows.length);
            case DISTINCT -> {
                Set<Integer> different = new HashSet<>();
                for (int cell : of.pick(rows).groups()) {
                    different.add(cell);
                }
                out.whole(different.size());
            }
            case SUM -> sum((Numbers) of, rows, out);
            case MEAN -> mean((Numbers) of, rows, out);
            case SMALLEST, LARGEST, MODE -> {
                int row = measure == Measured.MODE ? mode(of, rows) : extreme(of, rows, measure == Measured.LARGEST);
                if (row >= 0) {
                    ((Numbers) of).get(row, out);
                }
            }
            case RANGE -> {
                if (rows.length > 0) {
                    Register least = new Register();
                    ((Numbers) of).get(extreme(of, rows, false), least);
                    ((Numbers) of).get(extreme(of, rows, true), out);
                    least.negate();
                    out.plus(least);
                }
            }
            case VARIANCE, SD -> {
                variance((Numbers) of, rows, out);
                if (measure == Measured.SD && !out.isMissing()) {
                    root(out);
                }
            }
            case MEDIAN -> quantile("median", (Numbers) of, rows, out);
            case QUARTILE -> quantile("quartile-" + part.orElseThrow(), (Numbers) of, rows, out);
            case PERCENTILE -> percentile(part.orElseThrow(), (Numbers) of, rows, out);
        }
    }

    private static void root(Register of) {
        if (of.state() == Register.State.DOUBLE) {
            of.approximate(Math.sqrt(of.toDouble()));
        } else if (!of.rootOfRatio()) {
            of.figure(of.figure().root());
        }
    }

    private void sum(Numbers of, int[] rows, Register out) {
        Optional<Sums> sums = Sums.of(of, rows, false, pause);
        if (sums.isPresent()) {
            out.figure(sums.get().sum());
        } else {
            out.approximate(settled(Sums.approximate(of, rows), of, rows));
        }
    }

    /** A sum of rounded cells; where it is no more than their rounding may come to, it is 0. */
    private static double settled(double sum, Numbers of, int[] rows) {
        double size = 0;
        Register cell = new Register();
        for (int row : rows) {
            of.get(row, cell);
            size += Math.abs(cell.toDouble());
        }
        return Math.abs(sum) <= size * ROUNDING ? 0 : sum;
    }

    private void mean(Numbers of, int[] rows, Register out) {
        if (rows.length > 0) {
            sum(of, rows, out);
            Register count = new Register();
            count.whole(rows.length);
            out.over(count);
        }
    }

    /** The variance: (Σx² − (Σx)²/n) over the divisor of the course. */
    private void variance(Numbers of, int[] rows, Register out) {
        int divisor = conventions.dividesByLess() ? rows.length - 1 : rows.length;
        if (divisor <= 0) {
            return;
        }
        Optional<Sums> sums = Sums.of(of, rows, true, pause);
        if (sums.isPresent()) {
            Exact sum = sums.get().sum();
            out.figure(
                    sums.get().squares().minus(sum.squared().over(rows.length)).over(divisor));
        } else {
            double mean = Sums.approximate(of, rows) / rows.length;
            out.approximate(Sums.deviations(of, rows, mean) / divisor);
        }
    }

    private void percentile(Exact part, Numbers of, int[] rows, Register out) {
        boolean least = part.signum() == 0;
        if (least || part.equals(Exact.of(100))) {
            int row = extreme(of, rows, !least);
            if (row >= 0) {
                of.get(row, out);
            }
            return;
        }
        Exact share = part.over(100);
        String key = "quantile/"
                + share.toPlaces(share.placesInFull().orElseThrow(), conventions.halves())
                        .toPlainString();
        quantile(key, of, rows, out);
    }

    private void quantile(String measure, Numbers of, int[] rows, Register out) {
        if (rows.length == 0) {
            return;
        }
        Optional<Exact> place = conventions.place(measure, rows.length);
        if (place.isEmpty()) {
            return;
        }
        int k = place.get().floor().intValue();
        Exact rest = place.get().minus(Exact.of(k));
        Register[] sorted = sorted(of, rows, k);
        out.copy(sorted[0]);
        if (rest.signum() > 0) {
            Register apart = sorted[1];
            Register down = new Register();
            down.copy(sorted[0]);
            down.negate();
            apart.plus(down);
            Register share = new Register();
            share.figure(rest);
            apart.times(share);
            out.plus(apart);
        }
    }

    /** The cells in places k and k + 1 of the sorted ones, from 1. */
    private static Register[] sorted(Numbers of, int[] rows, int k) {
        Register[] found = {new Register(), new Register()};
        if (of.common() != 0) {
            long[] words = new long[rows.length];
            for (int i = 0; i < rows.length; i++) {
                words[i] = of.word(rows[i]);
            }
            Arrays.sort(words);
            found[0].ratio(words[k - 1], of.common());
            found[1].ratio(words[Math.min(k, words.length - 1)], of.common());
            return found;
        }
        Integer[] places = new Integer[rows.length];
        Arrays.setAll(places, i -> rows[i]);
        Arrays.sort(places, of::compare);
        of.get(places[k - 1], found[0]);
        of.get(places[Math.min(k, places.length - 1)], found[1]);
        return found;
    }

    /** For each row its standard score within its group; missing where the group has no spread. */
    Numbers scores(Numbers of, Groups groups) {
        Numbers means = measures(Measured.MEAN, Optional.empty(), of, groups);
        Numbers spreads = measures(Measured.SD, Optional.empty(), of, groups);
        Numbers.Builder builder = new Numbers.Builder(of.size());
        Register cell = new Register();
        Register other = new Register();
        for (int row = 0; row < of.size(); row++) {
            if (row % PIECE == 0) {
                pause.run();
            }
            of.get(row, cell);
            int group = groups.one() ? 0 : groups.of()[row];
            means.get(group, other);
            other.settle(of.size());
            other.negate();
            cell.plus(other);
            spreads.get(group, other);
            other.settle();
            if (other.isMissing()) {
                cell.clear();
            }
            cell.over(other);
            builder.add(cell);
        }
        return builder.build();
    }

    /** For each row the rank of its cell within its group, 1 the smallest or the largest; equal ones share the mean of their ranks. */
    Numbers ranks(Vector of, Groups groups, boolean fromLargest) {
        Groups.Laid laid = groups.laid();
        long[] twice = new long[of.size()];
        for (int group = 0; group < groups.count(); group++) {
            int[] rows = known(of, laid, group);
            Integer[] places = new Integer[rows.length];
            Arrays.setAll(places, i -> rows[i]);
            Arrays.sort(places, of::compare);
            int from = 0;
            while (from < places.length) {
                int to = from + 1;
                while (to < places.length && of.compare(places[from], places[to]) == 0) {
                    to++;
                }
                long rank = fromLargest ? 2L * places.length - from - to + 1 : (long) from + to + 1;
                for (int i = from; i < to; i++) {
                    twice[places[i]] = rank;
                }
                from = to;
            }
        }
        Numbers.Builder builder = new Numbers.Builder(of.size());
        Register rank = new Register();
        for (int row = 0; row < of.size(); row++) {
            if (of.isMissing(row)) {
                rank.clear();
            } else if (twice[row] % 2 == 0) {
                rank.whole(twice[row] / 2);
            } else {
                rank.ratio(twice[row] * 5, 10);
            }
            builder.add(rank);
        }
        return builder.build();
    }

    /** For each row the sum of the cells of its group so far; at a missing one the total so far. */
    Numbers runningTotals(Numbers of, Groups groups) {
        Map<Integer, Register> totals = new HashMap<>();
        Numbers.Builder builder = new Numbers.Builder(of.size());
        Register cell = new Register();
        Register out = new Register();
        for (int row = 0; row < of.size(); row++) {
            if (row % PIECE == 0) {
                pause.run();
            }
            Register total = totals.computeIfAbsent(groups.of()[row], group -> {
                Register fresh = new Register();
                fresh.whole(0);
                return fresh;
            });
            of.get(row, cell);
            if (!cell.isMissing()) {
                total.plus(cell);
            }
            total.settle(of.size());
            out.copy(total);
            builder.add(out);
        }
        return builder.build();
    }
}
