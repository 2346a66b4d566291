package promedio.core.ownwork;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What a column of a hand method can be, each behind those that it is worked out from. */
public enum Quantity {
    /** The classes as they are written. */
    CLASS,
    /** Lower boundary. */
    LOWER,
    /** Upper boundary. */
    UPPER,
    /** The value; of a class its midpoint. */
    X,
    /** The midpoint of a class. */
    MIDPOINT,
    /** Frequency. */
    F,
    /** The second value of pairs. */
    Y,
    /** Width of a class. */
    WIDTH,
    /** Frequency so far. */
    CF,
    /** Frequency from here on. */
    CF_MORE,
    /** f·x. */
    FX,
    /** x². */
    X2,
    /** f·x². */
    FX2,
    /** x − A. */
    D,
    /** f·d. */
    FD,
    /** d². */
    D2,
    /** f·d². */
    FD2,
    /** (x − A)/h. */
    U,
    /** f·u. */
    FU,
    /** u². */
    U2,
    /** f·u². */
    FU2,
    /** f/n. */
    RELATIVE,
    /** 100·f/n. */
    PERCENT,
    /** f over the width. */
    DENSITY,
    /** Rank by size. */
    RANK,
    /** x·y. */
    XY,
    /** y². */
    Y2,
    /** x − x̄. */
    DEVIATION,
    /** |x − x̄|, or from the median. */
    ABS_DEVIATION,
    /** f·|x − x̄|. */
    F_ABS_DEVIATION,
    /** (x − x̄)². */
    DEVIATION2,
    /** f·(x − x̄)². */
    F_DEVIATION2,
    /** (x − x̄)³. */
    DEVIATION3,
    /** f·(x − x̄)³. */
    F_DEVIATION3,
    /** (x − x̄)⁴. */
    DEVIATION4,
    /** f·(x − x̄)⁴. */
    F_DEVIATION4,
    /** (x − x̄)(y − ȳ). */
    DX_DY,
    /** x̄; no column. */
    MEAN,
    /** ȳ; no column. */
    MEAN_OF_Y,
    /** What sizes of deviations are taken from: x̄ or the median; no column. */
    CENTRE,
    /** n; no column. */
    COUNT,
    /** A; no column. */
    ORIGIN,
    /** h; no column. */
    STEP;

    /** Its stable id: {@code f-deviation2}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The column with an id; empty where there is none. */
    public static Optional<Quantity> find(String id) {
        return Arrays.stream(values())
                .filter(one -> one.isColumn() && one.id().equals(id))
                .findFirst();
    }

    /** Whether it can stand in a column; else it is one figure of the whole. */
    public boolean isColumn() {
        return compareTo(MEAN) < 0;
    }

    /** Whether it is worked out with the mean, or with n: judged after the totals that these come from. */
    boolean isOfWhole() {
        return switch (this) {
            case RELATIVE, PERCENT, DX_DY -> true;
            default -> compareTo(DEVIATION) >= 0 && compareTo(DX_DY) < 0;
        };
    }

    /** Whether only classes have it. */
    boolean isOfClasses() {
        return switch (this) {
            case CLASS, LOWER, UPPER, MIDPOINT -> true;
            default -> Recipe.rests(this, LOWER);
        };
    }

    /** Whether it is data: nothing that a student works out. */
    boolean isData() {
        return switch (this) {
            case CLASS, X, F, Y, LOWER, UPPER -> true;
            default -> false;
        };
    }
}
