package promedio.core.assignment;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Pattern;
import promedio.core.sentence.Visible;

/**
 * A run of entries. Plain decimals lie in machine words; only text that is something else (a word, a blank, {@code 1e3}) is
 * kept as text. Immutable.
 */
final class EntryPiece {
    /** How many entries a piece has that is not the last of what was put in at once. */
    static final int FULL = 2048;

    private static final Pattern CANONICAL = Pattern.compile("-?(0|[1-9][0-9]{0,16})([.,][0-9]{1,17})?");
    private static final Pattern NEGATIVE_ZERO = Pattern.compile("-0([.,]0+)?");
    private static final int MOST_DIGITS = 18;
    private static final byte AS_TEXT = -1;
    /** Empty text, of which there may be many. */
    private static final byte BLANK = -2;
    /** Beside the places: written with a comma. */
    private static final byte COMMA = 64;

    private final long[] units;
    private final byte[] places;
    private final NavigableMap<Integer, String> texts;

    private EntryPiece(long[] units, byte[] places, NavigableMap<Integer, String> texts) {
        this.units = units;
        this.places = places;
        this.texts = texts;
    }

    int size() {
        return units.length;
    }

    String text(int index) {
        if (places[index] < 0) {
            return places[index] == BLANK ? "" : texts.get(index);
        }
        if (places[index] == 0) {
            return Long.toString(units[index]);
        }
        String point = BigDecimal.valueOf(units[index], places(index)).toPlainString();
        return hasComma(index) ? point.replace('.', ',') : point;
    }

    boolean isDecimal(int index, char mark) {
        return places[index] == 0 || places[index] > 0 && hasComma(index) == (mark == ',');
    }

    private boolean hasComma(int index) {
        return places[index] > 0 && (places[index] & COMMA) != 0;
    }

    long unit(int index) {
        return units[index];
    }

    int places(int index) {
        return places[index] & ~COMMA;
    }

    boolean areDecimals(int from) {
        for (int i = from; i < size(); i++) {
            if (places[i] < 0) {
                return false;
            }
        }
        return true;
    }

    boolean hasCommas() {
        for (int i = 0; i < size(); i++) {
            if (hasComma(i)) {
                return true;
            }
        }
        return texts.values().stream().anyMatch(text -> text.indexOf(',') >= 0);
    }

    /** Whether an entry is that of another piece, letter by letter. */
    boolean isSame(int index, EntryPiece other, int itsIndex) {
        return units[index] == other.units[itsIndex]
                && places[index] == other.places[itsIndex]
                && (places[index] != AS_TEXT || texts.get(index).equals(other.texts.get(itsIndex)));
    }

    /** Takes up to {@link #FULL} entries one after another. */
    static final class Builder {
        private long[] units = new long[16];
        private byte[] places = new byte[16];
        private final NavigableMap<Integer, String> texts = new TreeMap<>();
        private int size;

        void add(String typed) {
            if (size == units.length) {
                units = Arrays.copyOf(units, 2 * size);
                places = Arrays.copyOf(places, 2 * size);
            }
            Optional<BigDecimal> decimal = canonical(typed);
            if (typed.isEmpty()) {
                places[size] = BLANK;
            } else if (decimal.isPresent()) {
                int scale = decimal.get().scale();
                units[size] = decimal.get().unscaledValue().longValueExact();
                places[size] = (byte) (typed.indexOf(',') >= 0 ? scale | COMMA : scale);
            } else {
                places[size] = AS_TEXT;
                texts.put(size, Visible.encodable(typed));
            }
            size++;
        }

        int size() {
            return size;
        }

        EntryPiece build() {
            return new EntryPiece(Arrays.copyOf(units, size), Arrays.copyOf(places, size), new TreeMap<>(texts));
        }

        private static Optional<BigDecimal> canonical(String typed) {
            return typed.length() <= MOST_DIGITS + 1
                            && CANONICAL.matcher(typed).matches()
                            && !NEGATIVE_ZERO.matcher(typed).matches()
                    ? Optional.of(new BigDecimal(typed.replace(',', '.')))
                    : Optional.empty();
        }
    }
}
