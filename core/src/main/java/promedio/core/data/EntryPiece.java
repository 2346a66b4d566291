package promedio.core.data;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import promedio.core.sentence.Visible;

/**
 * A run of entries. Plain decimals lie as whole units and places; of text that is something else (a word, {@code 1e3}) each
 * entry has the number, and each different text lies there once. Immutable.
 */
final class EntryPiece {
    /** How many entries a piece has that is not the last of what was put in at once. */
    static final int FULL = 2048;

    private static final byte AS_TEXT = -1;
    /** Empty text, of which there may be many. */
    private static final byte BLANK = -2;
    /** Beside the places: written with a comma. */
    private static final byte COMMA = 64;

    private final int size;
    /** Units of a decimal, or which of the texts. */
    private final Packed units;
    /** One for all where all are alike. */
    private final byte[] places;

    private final String[] texts;

    private EntryPiece(int size, Packed units, byte[] places, String[] texts) {
        this.size = size;
        this.units = units;
        this.places = places;
        this.texts = texts;
    }

    int size() {
        return size;
    }

    private byte form(int index) {
        return places[places.length == 1 ? 0 : index];
    }

    String text(int index) {
        byte form = form(index);
        if (form < 0) {
            return form == BLANK ? "" : texts[(int) units.at(index)];
        }
        if (form == 0) {
            return Long.toString(units.at(index));
        }
        String point = BigDecimal.valueOf(units.at(index), form & ~COMMA).toPlainString();
        return (form & COMMA) != 0 ? point.replace('.', ',') : point;
    }

    boolean isBlank(int index) {
        return form(index) == BLANK;
    }

    boolean isDecimal(int index, char mark) {
        byte form = form(index);
        return form == 0 || form > 0 && (form & COMMA) != 0 == (mark == ',');
    }

    long unit(int index) {
        return units.at(index);
    }

    int places(int index) {
        return form(index) & ~COMMA;
    }

    /** Goes through all entries, the first of which stands in a row. */
    void walk(char mark, int from, Entries.Walk walk) {
        for (int i = 0; i < size; i++) {
            byte form = form(i);
            if (form == BLANK) {
                walk.blank(from + i);
            } else if (form == 0 || form > 0 && (form & COMMA) != 0 == (mark == ',')) {
                walk.plain(from + i, units.at(i), form & ~COMMA);
            } else {
                walk.other(from + i, text(i));
            }
        }
    }

    boolean areDecimals(int from) {
        for (int i = from; i < size; i++) {
            if (form(i) < 0) {
                return false;
            }
        }
        return true;
    }

    /** Whether all are decimals of so many places at most, and which: bit n stands for n places; 0 where one is something else. */
    long plainPlaces(char mark) {
        long found = 0;
        for (byte form : places) {
            if (form < 0 || form > 0 && (form & COMMA) != 0 != (mark == ',')) {
                return 0;
            }
            found |= 1L << (form & ~COMMA);
        }
        return found;
    }

    boolean hasCommas() {
        return hasDecimalCommas() || Arrays.stream(texts).anyMatch(text -> text.indexOf(',') >= 0);
    }

    boolean hasDecimalCommas() {
        for (byte form : places) {
            if (form > 0 && (form & COMMA) != 0) {
                return true;
            }
        }
        return false;
    }

    /** A number that is the same for the same text. */
    long fingerprint(int index) {
        byte form = form(index);
        return form == AS_TEXT
                ? ~(long) text(index).hashCode()
                : form == BLANK ? Long.MIN_VALUE : 131 * units.at(index) + form;
    }

    /** Whether an entry is that of another piece, letter by letter. */
    boolean isSame(int index, EntryPiece other, int itsIndex) {
        byte form = form(index);
        return form == other.form(itsIndex)
                && (form == AS_TEXT
                        ? text(index).equals(other.text(itsIndex))
                        : units.at(index) == other.units.at(itsIndex));
    }

    /** Takes up to {@link #FULL} entries one after another. */
    static final class Builder {
        private final PlainDecimal decimal = new PlainDecimal();
        private long[] units = new long[16];
        private byte[] places = new byte[16];
        private final List<String> texts = new ArrayList<>();
        private int size;

        void add(char[] typed, int from, int length, TextPool pool) {
            if (size == units.length) {
                units = Arrays.copyOf(units, 2 * size);
                places = Arrays.copyOf(places, 2 * size);
            }
            if (length == 0) {
                places[size] = BLANK;
            } else if (decimal.read(typed, from, length)) {
                units[size] = decimal.unit();
                places[size] = (byte) (decimal.hasComma() ? decimal.places() | COMMA : decimal.places());
            } else {
                places[size] = AS_TEXT;
                units[size] = number(pool, pool.slot(typed, from, length));
            }
            size++;
        }

        private int number(TextPool pool, int slot) {
            int number = pool.number(slot);
            if (number < 0) {
                number = texts.size();
                texts.add(Visible.encodable(pool.text(slot)));
                pool.number(slot, number);
            }
            return number;
        }

        int size() {
            return size;
        }

        /** Begins another piece in the same room. */
        void clear() {
            Arrays.fill(units, 0, size, 0);
            texts.clear();
            size = 0;
        }

        EntryPiece build() {
            boolean alike = size > 0;
            for (int i = 1; i < size && alike; i++) {
                alike = places[i] == places[0];
            }
            return new EntryPiece(
                    size,
                    Packed.of(units, size),
                    Arrays.copyOf(places, alike ? 1 : size),
                    texts.toArray(String[]::new));
        }
    }
}
