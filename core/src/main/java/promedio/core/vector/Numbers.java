package promedio.core.vector;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.SignificantText;

/**
 * Numbers: a machine word each while they share a denominator, two while each has its own; what does not fit lies aside. Cells
 * that a function made approximate are floating-point numbers.
 */
public final class Numbers implements Vector {
    /** Numbers are written in full when they end within so many digits. */
    private static final int FULL_DIGITS = 34;

    private static final long MISSING = Long.MIN_VALUE;
    /** Instead of a denominator: the bits of a floating-point number. */
    private static final long AS_DOUBLE = 0;
    /** Instead of a denominator: the place among what does not fit. */
    private static final long ASIDE = -1;

    private final long[] above;
    private final long[] below;
    private final long common;
    private final List<Figure> aside;
    private final int size;
    private final boolean constant;

    private Numbers(long[] above, long[] below, long common, List<Figure> aside, int size, boolean constant) {
        this.above = above;
        this.below = below;
        this.common = common;
        this.aside = aside;
        this.size = size;
        this.constant = constant;
    }

    /** The same number in so many rows; empty for a missing one. */
    public static Numbers constant(Optional<Figure> figure, int size) {
        Register register = new Register();
        figure.ifPresent(register::figure);
        return constant(register, size);
    }

    /** The same number in so many rows, as it is in hand. */
    public static Numbers constant(Register register, int size) {
        Builder builder = new Builder(1);
        builder.keep(register);
        Numbers one = builder.build();
        return new Numbers(one.above, one.below, one.common, one.aside, size, true);
    }

    @Override
    public int size() {
        return size;
    }

    @Override
    public Kind kind() {
        return Kind.NUMBER;
    }

    @Override
    public boolean isConstant() {
        return constant;
    }

    @Override
    public boolean isMissing(int row) {
        return above[constant ? 0 : row] == MISSING;
    }

    /** Takes a cell in hand. */
    public void get(int row, Register into) {
        int at = constant ? 0 : row;
        long word = above[at];
        if (word == MISSING) {
            into.clear();
        } else if (below == null) {
            into.ratio(word, common);
        } else if (below[at] > 0) {
            into.ratio(word, below[at]);
        } else if (below[at] == AS_DOUBLE) {
            into.approximate(Double.longBitsToDouble(word));
        } else {
            into.figure(aside.get((int) word));
        }
    }

    /** A cell; empty for a missing one. */
    public Optional<Figure> figure(int row) {
        Register register = new Register();
        get(row, register);
        return register.isMissing() ? Optional.empty() : Optional.of(register.figure());
    }

    /** The denominator that all cells share; 0 where they do not, or one is no ratio. */
    public long common() {
        return below == null ? common : 0;
    }

    /** What a cell that is not missing has over the denominator that all share. */
    public long word(int row) {
        return above[constant ? 0 : row];
    }

    /** Whether some cell is only approximate. */
    public boolean isApproximate() {
        Register register = new Register();
        for (int row = 0; row < (constant ? Math.min(1, size) : size) && below != null; row++) {
            get(row, register);
            if (register.isApproximate()) {
                return true;
            }
        }
        return false;
    }

    @Override
    public Numbers pick(int[] rows) {
        if (constant && Arrays.stream(rows).noneMatch(row -> row < 0)) {
            return stretched(rows.length);
        }
        long[] up = new long[rows.length];
        long[] down = below == null ? null : new long[rows.length];
        for (int i = 0; i < rows.length; i++) {
            int at = constant ? 0 : rows[i];
            up[i] = rows[i] < 0 ? MISSING : above[at];
            if (down != null) {
                down[i] = rows[i] < 0 ? 1 : below[at];
            }
        }
        return new Numbers(up, down, common, aside, rows.length, false);
    }

    @Override
    public Numbers stretched(int rows) {
        return new Numbers(above, below, common, aside, rows, true);
    }

    @Override
    public int compare(int row, int other) {
        if (isMissing(row) || isMissing(other)) {
            return Boolean.compare(isMissing(row), isMissing(other));
        }
        if (constant) {
            return 0;
        }
        if (below == null) {
            return Long.compare(above[row], above[other]);
        }
        Register one = new Register();
        Register two = new Register();
        get(row, one);
        get(other, two);
        return one.compare(two);
    }

    @Override
    public int[] groups() {
        int[] groups = new int[size];
        if (constant) {
            return groups;
        }
        Map<Object, Integer> known = new HashMap<>();
        Register register = new Register();
        for (int row = 0; row < size; row++) {
            Object key;
            if (isMissing(row)) {
                key = "";
            } else if (below == null) {
                key = above[row];
            } else {
                get(row, register);
                key = register.figure();
            }
            groups[row] = known.computeIfAbsent(key, fresh -> known.size());
        }
        return groups;
    }

    @Override
    public String text(int row, int digits) {
        Register register = new Register();
        get(row, register);
        return text(register, digits);
    }

    /** A number as it is written out: in full when it ends within 34 digits, else to some digits. */
    public static String text(Register register, int digits) {
        if (register.isMissing()) {
            return "";
        }
        if (register.state() == Register.State.DOUBLE) {
            BigDecimal rounded =
                    new BigDecimal(register.x()).round(new MathContext(Math.min(digits, 17), RoundingMode.HALF_EVEN));
            return SignificantText.of(Exact.from(rounded), digits);
        }
        Figure figure = register.figure();
        return SignificantText.of(figure, isInFull(figure) ? FULL_DIGITS : digits);
    }

    private static boolean isInFull(Figure figure) {
        return figure instanceof Exact exact && exact.endsWithin(FULL_DIGITS);
    }

    /** Whether a cell that is not missing is the very number that is {@link #text written out} for it. */
    public boolean isInFull(int row) {
        Register register = new Register();
        get(row, register);
        return register.state() != Register.State.DOUBLE && isInFull(register.figure());
    }

    /** Takes numbers in the order of the rows. */
    public static final class Builder {
        private final long[] above;
        private long[] below;
        private long common = 1;
        private List<Figure> aside = List.of();
        private int size;

        /** For so many rows. */
        public Builder(int rows) {
            above = new long[rows];
        }

        /** Adds a number; an irrational one becomes approximate. */
        public void add(Register register) {
            register.settle();
            keep(register);
        }

        private void keep(Register register) {
            switch (register.state()) {
                case MISSING -> {
                    above[size] = MISSING;
                    if (below != null) {
                        below[size] = 1;
                    }
                }
                case RATIO -> ratio(register.n(), register.d());
                case DOUBLE -> {
                    apart();
                    above[size] = Double.doubleToLongBits(register.x());
                    below[size] = AS_DOUBLE;
                }
                case BIG -> {
                    apart();
                    if (aside.isEmpty()) {
                        aside = new ArrayList<>();
                    }
                    above[size] = aside.size();
                    below[size] = ASIDE;
                    aside.add(register.big());
                }
            }
            size++;
        }

        private void ratio(long n, long d) {
            if (below == null && d != common && !rescaled(d)) {
                apart();
            }
            if (below != null) {
                above[size] = n;
                below[size] = d;
            } else {
                long factor = common / d;
                if (Math.multiplyHigh(n, factor) == (n * factor >> 63) && n * factor != MISSING) {
                    above[size] = n * factor;
                } else {
                    apart();
                    above[size] = n;
                    below[size] = d;
                }
            }
        }

        /** Makes the common denominator one that another divides, where that is soon done. */
        private boolean rescaled(long d) {
            if (common % d == 0) {
                return true;
            }
            if (d % common != 0 || !isPowerOfTen(d)) {
                return false;
            }
            long factor = d / common;
            for (int i = 0; i < size; i++) {
                if (above[i] != MISSING && Math.multiplyHigh(above[i], factor) != (above[i] * factor >> 63)) {
                    return false;
                }
            }
            for (int i = 0; i < size; i++) {
                above[i] = above[i] == MISSING ? MISSING : above[i] * factor;
            }
            common = d;
            return true;
        }

        private static boolean isPowerOfTen(long d) {
            long rest = d;
            while (rest % 10 == 0) {
                rest /= 10;
            }
            return rest == 1;
        }

        private void apart() {
            if (below == null) {
                below = new long[above.length];
                Arrays.fill(below, 0, size, common);
            }
        }

        /** How many were added. */
        public int size() {
            return size;
        }

        /** All that was added. */
        public Numbers build() {
            return new Numbers(
                    size == above.length ? above : Arrays.copyOf(above, size), below, common, aside, size, false);
        }
    }
}
