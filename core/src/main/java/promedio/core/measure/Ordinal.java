package promedio.core.measure;

import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;

/** A place in the list in words: 1st, 22nd, 113th. The endings stand in the bundle. */
final class Ordinal {
    private Ordinal() {}

    static Sentence of(Exact rank) {
        if (!rank.isWhole()) {
            return Sentence.of("ordinal.th", rank);
        }
        int tail = rank.numerator().mod(java.math.BigInteger.valueOf(100)).intValue();
        boolean teen = tail >= 11 && tail <= 13;
        String ending =
                switch (tail % 10) {
                    case 1 -> "st";
                    case 2 -> "nd";
                    case 3 -> "rd";
                    default -> "th";
                };
        return Sentence.of("ordinal." + (teen ? "th" : ending), rank);
    }
}
