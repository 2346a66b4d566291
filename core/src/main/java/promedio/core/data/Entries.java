package promedio.core.data;

import java.util.AbstractList;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.RandomAccess;
import java.util.stream.IntStream;
import promedio.core.number.Numerals;

/**
 * A column of entries as they were typed, in order. Immutable; a changed copy shares with it all pieces in which nothing
 * changed, so that the history of a long column stays light.
 */
public final class Entries {
    /** A column without entries. */
    public static final Entries NONE = new Entries(List.of());

    private final List<EntryPiece> pieces;
    /** At which entry each piece begins, and behind the last, how many there are. */
    private final int[] starts;

    private Entries(List<EntryPiece> pieces) {
        this.pieces = List.copyOf(pieces);
        this.starts = new int[pieces.size() + 1];
        for (int i = 0; i < pieces.size(); i++) {
            starts[i + 1] = starts[i] + pieces.get(i).size();
        }
    }

    /** Entries as typed. */
    public static Entries of(List<String> typed) {
        Builder builder = new Builder();
        typed.forEach(builder::add);
        return builder.build();
    }

    /** Entries as typed. */
    public static Entries of(String... typed) {
        return of(Arrays.asList(typed));
    }

    /** How many entries there are. */
    public int size() {
        return starts[pieces.size()];
    }

    private int pieceOf(int index) {
        // Pieces are full unless something was put in or taken out before them.
        int guess = Math.min(index / EntryPiece.FULL, pieces.size() - 1);
        if (starts[guess] <= index && index < starts[guess + 1]) {
            return guess;
        }
        int found = Arrays.binarySearch(starts, index);
        return found >= 0 ? found : -found - 2;
    }

    /** An entry as it was typed. */
    public String text(int index) {
        int piece = pieceOf(index);
        return pieces.get(piece).text(index - starts[piece]);
    }

    /** Whether an entry is empty. */
    public boolean isBlank(int index) {
        int piece = pieceOf(index);
        return pieces.get(piece).isBlank(index - starts[piece]);
    }

    /**
     * The decimal places of all entries where every one is a plain decimal with this mark: bit n stands for n places; 0 where one
     * is something else, and where there is none.
     */
    long plainPlaces(char mark) {
        long found = 0;
        for (EntryPiece piece : pieces) {
            long places = piece.plainPlaces(mark);
            if (places == 0) {
                return 0;
            }
            found |= places;
        }
        return found;
    }

    /** Works a number that is the same for the same text into one of each entry. */
    void mixInto(long[] prints) {
        for (int piece = 0; piece < pieces.size(); piece++) {
            for (int i = starts[piece]; i < starts[piece + 1]; i++) {
                long print = 1_000_003 * prints[i] + pieces.get(piece).fingerprint(i - starts[piece]);
                prints[i] = print ^ print >>> 29;
            }
        }
    }

    /** Whether an entry is a plain decimal where this is the decimal mark. */
    public boolean isDecimal(int index, char mark) {
        int piece = pieceOf(index);
        return pieces.get(piece).isDecimal(index - starts[piece], mark);
    }

    /** A plain decimal's units of 10^−places. */
    public long unit(int index) {
        int piece = pieceOf(index);
        return pieces.get(piece).unit(index - starts[piece]);
    }

    /** The decimal places a plain decimal was written with. */
    public int places(int index) {
        int piece = pieceOf(index);
        return pieces.get(piece).places(index - starts[piece]);
    }

    /** Whether an entry reads as a number. */
    public boolean isNumber(int index, Numerals numerals) {
        return isDecimal(index, numerals.decimalMark())
                || numerals.read(text(index)).isPresent();
    }

    /** What is done with entries as they are gone through. */
    interface Walk {
        /** A plain decimal, in units of 10^−places. */
        void plain(int row, long unit, int places);

        /** An empty entry. */
        default void blank(int row) {
            // Nothing is done with it.
        }

        /** Anything else. */
        void other(int row, String text);
    }

    /** Goes through all entries in order; plain decimals are those with this mark. */
    void walk(char mark, Walk walk) {
        for (int piece = 0; piece < pieces.size(); piece++) {
            pieces.get(piece).walk(mark, starts[piece], walk);
        }
    }

    /** Whether all entries from an index on are plain decimals, with a point or a comma. */
    public boolean areDecimals(int from) {
        return IntStream.range(0, pieces.size())
                .allMatch(piece -> pieces.get(piece).areDecimals(Math.max(0, from - starts[piece])));
    }

    /** Whether one of the entries reads as a number. */
    public boolean hasNumbers(Numerals numerals) {
        return IntStream.range(0, size()).anyMatch(index -> isNumber(index, numerals));
    }

    /** Whether a comma stands in one of the entries. */
    public boolean hasCommas() {
        return pieces.stream().anyMatch(EntryPiece::hasCommas);
    }

    /** Whether one of the plain decimals is written with a comma. */
    boolean hasDecimalCommas() {
        return pieces.stream().anyMatch(EntryPiece::hasDecimalCommas);
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
        private final List<EntryPiece> full = new ArrayList<>();
        private final TextPool pool = new TextPool();
        private final EntryPiece.Builder last = new EntryPiece.Builder();

        /** Adds an entry as typed. */
        public Builder add(String typed) {
            return add(typed.toCharArray(), 0, typed.length());
        }

        /** Adds some characters as an entry. */
        public Builder add(char[] typed, int from, int length) {
            if (last.size() == EntryPiece.FULL) {
                full.add(last.build());
                pool.nextRun();
                last.clear();
            }
            last.add(typed, from, length, pool);
            return this;
        }

        /** How many were added. */
        public int size() {
            return full.size() * EntryPiece.FULL + last.size();
        }

        /** The column of all that was added. */
        public Entries build() {
            return last.size() == 0 ? new Entries(full) : new Entries(pieces());
        }

        private List<EntryPiece> pieces() {
            List<EntryPiece> all = new ArrayList<>(full);
            all.add(last.build());
            return all;
        }
    }

    /** The entries with one replaced. */
    public Entries with(int index, String typed) {
        return replaced(index, 1, List.of(typed));
    }

    /** The entries with some put in before an index. */
    public Entries inserted(int at, List<String> typed) {
        return replaced(at, 0, typed);
    }

    /** The entries without some. */
    public Entries removed(int from, int count) {
        return replaced(from, count, List.of());
    }

    /**
     * The entries without some, however many: only pieces in which something is taken out are new.
     *
     * @param rows their indices, ascending
     * @throws IndexOutOfBoundsException when one of them is not there
     */
    public Entries without(List<Integer> rows) {
        if (rows.isEmpty()) {
            return this;
        }
        Objects.checkIndex(rows.get(0), size());
        Objects.checkIndex(rows.get(rows.size() - 1), size());
        List<EntryPiece> left = new ArrayList<>();
        int next = 0;
        for (int piece = 0; piece < pieces.size(); piece++) {
            int first = next;
            while (next < rows.size() && rows.get(next) < starts[piece + 1]) {
                next++;
            }
            if (first == next) {
                left.add(pieces.get(piece));
            } else {
                Builder rest = new Builder();
                int out = first;
                for (int i = starts[piece]; i < starts[piece + 1]; i++) {
                    if (out < next && rows.get(out) == i) {
                        out++;
                    } else {
                        rest.add(text(i));
                    }
                }
                left.addAll(rest.build().pieces);
            }
        }
        return new Entries(left);
    }

    /** A copy with {@code out} entries from an index on taken out and others put there; only pieces about that place are new. */
    private Entries replaced(int at, int out, List<String> in) {
        if (pieces.isEmpty()) {
            return of(in);
        }
        int first = pieceOf(Math.min(at, size() - 1));
        int last = pieceOf(Math.min(Math.max(at, at + out - 1), size() - 1));
        Builder about = new Builder();
        for (int i = starts[first]; i < at; i++) {
            about.add(text(i));
        }
        in.forEach(about::add);
        for (int i = at + out; i < starts[last + 1]; i++) {
            about.add(text(i));
        }
        List<EntryPiece> changed = new ArrayList<>(pieces.subList(0, first));
        changed.addAll(about.build().pieces);
        changed.addAll(pieces.subList(last + 1, pieces.size()));
        return new Entries(changed);
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Entries entries && size() == entries.size() && sameAs(entries);
    }

    private boolean sameAs(Entries other) {
        int i = 0;
        while (i < size()) {
            int mine = pieceOf(i);
            int its = other.pieceOf(i);
            EntryPiece piece = pieces.get(mine);
            if (piece == other.pieces.get(its) && starts[mine] == other.starts[its]) {
                i = starts[mine + 1];
            } else if (piece.isSame(i - starts[mine], other.pieces.get(its), i - other.starts[its])) {
                i++;
            } else {
                return false;
            }
        }
        return true;
    }

    @Override
    public int hashCode() {
        int hash = size();
        for (int i = 0; i < size(); i++) {
            hash = 31 * hash + text(i).hashCode();
        }
        return hash;
    }

    @Override
    public String toString() {
        return texts().toString();
    }
}
