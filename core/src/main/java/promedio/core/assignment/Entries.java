package promedio.core.assignment;

import java.math.BigDecimal;
import java.util.AbstractList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.RandomAccess;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import promedio.core.number.Numerals;

/**
 * A column of entries as they were typed, in order. Plain decimals lie in machine words; only text that is something else
 * (a word, a blank, {@code 1e3}) is kept as text. Immutable.
 */
public final class Entries {
    /** A column without entries. */
    public static final Entries NONE = new Entries(new long[0], new byte[0], new TreeMap<>());

    private static final Pattern CANONICAL = Pattern.compile("-?(0|[1-9][0-9]{0,16})([.,][0-9]{1,17})?");
    private static final Pattern NEGATIVE_ZERO = Pattern.compile("-0([.,]0+)?");
    private static final int MOST_DIGITS = 18;
    private static final byte AS_TEXT = -1;
    /** Beside the places: written with a comma. */
    private static final byte COMMA = 64;

    private final long[] units;
    private final byte[] places;
    private final NavigableMap<Integer, String> texts;

    private Entries(long[] units, byte[] places, NavigableMap<Integer, String> texts) {
        this.units = units;
        this.places = places;
        this.texts = texts;
    }

    /** Entries as typed. */
    public static Entries of(List<String> typed) {
        return NONE.inserted(0, typed);
    }

    /** Entries as typed. */
    public static Entries of(String... typed) {
        return of(Arrays.asList(typed));
    }

    /** How many entries there are. */
    public int size() {
        return units.length;
    }

    /** An entry as it was typed. */
    public String text(int index) {
        if (places[index] == AS_TEXT) {
            return texts.get(index);
        }
        if (places[index] == 0) {
            return Long.toString(units[index]);
        }
        String point = BigDecimal.valueOf(units[index], places(index)).toPlainString();
        return hasComma(index) ? point.replace('.', ',') : point;
    }

    /** Whether an entry is a plain decimal where this is the decimal mark. */
    boolean isDecimal(int index, char mark) {
        return places[index] == 0 || places[index] != AS_TEXT && hasComma(index) == (mark == ',');
    }

    private boolean hasComma(int index) {
        return places[index] > 0 && (places[index] & COMMA) != 0;
    }

    /** Whether an entry reads as a number. */
    boolean isNumber(int index, Numerals numerals) {
        return isDecimal(index, numerals.decimalMark())
                || numerals.read(text(index)).isPresent();
    }

    /** Whether all entries from an index on are plain decimals, with a point or a comma. */
    public boolean areDecimals(int from) {
        return texts.tailMap(from, true).isEmpty();
    }

    /** A plain decimal's units of 10^−places. */
    long unit(int index) {
        return units[index];
    }

    /** The decimal places a plain decimal was written with. */
    int places(int index) {
        return places[index] & ~COMMA;
    }

    /** Whether a comma stands in one of the entries. */
    boolean hasCommas() {
        return IntStream.range(0, size()).anyMatch(this::hasComma)
                || texts.values().stream().anyMatch(text -> text.indexOf(',') >= 0);
    }

    /** All entries as text, each written when it is asked for. */
    public List<String> texts() {
        return new Texts();
    }

    private final class Texts extends AbstractList<String> implements RandomAccess {
        @Override
        public String get(int index) {
            return text(index);
        }

        @Override
        public int size() {
            return Entries.this.size();
        }
    }

    /** Takes entries one after another, and holds each as briefly as the column does. */
    public static final class Builder {
        private Entries column = new Entries(new long[16], new byte[16], new TreeMap<>());
        private int size;

        /** Adds an entry as typed. */
        public Builder add(String typed) {
            if (size == column.size()) {
                int wider = size * 2;
                column = new Entries(
                        Arrays.copyOf(column.units, wider), Arrays.copyOf(column.places, wider), column.texts);
            }
            column.put(size++, typed);
            return this;
        }

        /** How many were added. */
        public int size() {
            return size;
        }

        /** The column of all that was added. */
        public Entries build() {
            return new Entries(
                    Arrays.copyOf(column.units, size), Arrays.copyOf(column.places, size), new TreeMap<>(column.texts));
        }
    }

    /** The entries with one replaced. */
    public Entries with(int index, String typed) {
        Entries copy = new Entries(units.clone(), places.clone(), new TreeMap<>(texts));
        copy.put(index, typed);
        return copy;
    }

    /** The entries with some put in before an index. */
    public Entries inserted(int at, List<String> typed) {
        int more = typed.size();
        Entries wider = resized(at, 0, more);
        for (int i = 0; i < more; i++) {
            wider.put(at + i, typed.get(i));
        }
        return wider;
    }

    /** The entries without some. */
    public Entries removed(int from, int count) {
        return resized(from, count, 0);
    }

    /** A copy with {@code out} entries from an index on taken out and {@code in} empty ones put there. */
    private Entries resized(int at, int out, int in) {
        int size = size() - out + in;
        long[] newUnits = new long[size];
        byte[] newPlaces = new byte[size];
        System.arraycopy(units, 0, newUnits, 0, at);
        System.arraycopy(places, 0, newPlaces, 0, at);
        System.arraycopy(units, at + out, newUnits, at + in, size() - at - out);
        System.arraycopy(places, at + out, newPlaces, at + in, size() - at - out);
        NavigableMap<Integer, String> newTexts = new TreeMap<>(texts.headMap(at, false));
        for (Map.Entry<Integer, String> later : texts.tailMap(at + out, true).entrySet()) {
            newTexts.put(later.getKey() - out + in, later.getValue());
        }
        return new Entries(newUnits, newPlaces, newTexts);
    }

    private void put(int index, String typed) {
        texts.remove(index);
        Optional<BigDecimal> decimal = canonical(typed);
        if (decimal.isPresent()) {
            units[index] = decimal.get().unscaledValue().longValueExact();
            int scale = decimal.get().scale();
            places[index] = (byte) (typed.indexOf(',') >= 0 ? scale | COMMA : scale);
        } else {
            units[index] = 0;
            places[index] = AS_TEXT;
            texts.put(index, typed);
        }
    }

    private static Optional<BigDecimal> canonical(String typed) {
        return typed.length() <= MOST_DIGITS + 1
                        && CANONICAL.matcher(typed).matches()
                        && !NEGATIVE_ZERO.matcher(typed).matches()
                ? Optional.of(new BigDecimal(typed.replace(',', '.')))
                : Optional.empty();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Entries entries
                && Arrays.equals(units, entries.units)
                && Arrays.equals(places, entries.places)
                && texts.equals(entries.texts);
    }

    @Override
    public String toString() {
        return texts().toString();
    }

    @Override
    public int hashCode() {
        return 31 * Arrays.hashCode(units) + texts.hashCode();
    }
}
