package promedio.core.sample;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;

/**
 * A product of powers of letters, x²y, whose total over the rows may be known without going through them.
 *
 * @param of the letters with their powers, which are above 0
 */
public record Powers(Map<Letter, Integer> of) {
    /** 1. */
    public static final Powers NONE = new Powers(Map.of());

    private static final int HIGHEST = 4;
    private static final int HIGHEST_TOGETHER = 2;

    /** Copies the map. */
    public Powers {
        of = Map.copyOf(of);
    }

    /** The first power of a letter. */
    public static Powers of(Letter letter) {
        return new Powers(Map.of(letter, 1));
    }

    /** How often a letter stands in it. */
    public int power(Letter letter) {
        return of.getOrDefault(letter, 0);
    }

    /** The product of two. */
    public Powers times(Powers other) {
        Map<Letter, Integer> product = new EnumMap<>(Letter.class);
        product.putAll(of);
        other.of.forEach((letter, power) -> product.merge(letter, power, Integer::sum));
        return new Powers(product);
    }

    private int degree() {
        return of.values().stream().mapToInt(Integer::intValue).sum();
    }

    private boolean isOnly(Letter... letters) {
        return Arrays.asList(letters).containsAll(of.keySet());
    }

    /** Whether samples that have these letters know its total: of x alone to the fourth power, of x and y, and of ranks, to the second. */
    public boolean isKept() {
        return isOnly(Letter.X) && degree() <= HIGHEST
                || (isOnly(Letter.X, Letter.Y) || isOnly(Letter.RANK_OF_X, Letter.RANK_OF_Y))
                        && degree() <= HIGHEST_TOGETHER;
    }
}
