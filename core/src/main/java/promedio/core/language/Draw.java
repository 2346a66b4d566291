package promedio.core.language;

import java.util.BitSet;
import java.util.random.RandomGenerator;

/** Draws without repeats: every choice of so many rows is equally likely. Floyd's algorithm, with SplitMix64 (java.util.SplittableRandom). */
public final class Draw {
    private Draw() {}

    /** Some rows out of all, ascending. */
    public static int[] rows(int all, int count, RandomGenerator random) {
        BitSet drawn = new BitSet(all);
        for (int last = all - count; last < all; last++) {
            int row = random.nextInt(last + 1);
            drawn.set(drawn.get(row) ? last : row);
        }
        return drawn.stream().toArray();
    }
}
