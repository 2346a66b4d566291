package promedio.files.assignment;

import java.io.IOException;

/**
 * How much one file may unpack to while it is read: far more than any honest file, far less than would stop the machine. One
 * budget serves the whole of a file, however many parts it has and however often one of them is read.
 */
final class Budget {
    /** Beyond this a file may not be packed more tightly than data are. */
    static final long FREE_BYTES = 100L << 20;

    static final long MOST_TIMES_PACKED = 200;
    static final long MOST_BYTES = 1L << 30;
    static final int MOST_ENTRIES = 20_000_000;
    static final int MOST_PARTS = 10_000;
    private static final int FEW = 1 << 10;

    private final long mostBytes;
    private final long mostEntries;
    private final Runnable pause;
    private long bytes;
    private long entries;
    private int parts;

    /** The budget of a file of some size. */
    Budget(long packed) {
        this(Math.min(MOST_BYTES, Math.max(FREE_BYTES, MOST_TIMES_PACKED * packed)), MOST_ENTRIES, () -> {});
    }

    /**
     * A budget of its own.
     *
     * @param pause what is asked whenever something is spent; it stops the work by throwing
     */
    Budget(long mostBytes, long mostEntries, Runnable pause) {
        this.mostBytes = mostBytes;
        this.mostEntries = mostEntries;
        this.pause = pause;
    }

    /** Asks whether to go on. */
    void goOn() {
        pause.run();
    }

    /** What is larger than any assignment. */
    static final class Spent extends IOException {
        private static final long serialVersionUID = 1L;

        Spent() {
            super("It is larger than any assignment.");
        }
    }

    void part() throws Spent {
        parts++;
        check(parts <= MOST_PARTS);
    }

    void bytes(long more) throws Spent {
        goOn();
        bytes += more;
        check(bytes <= mostBytes);
    }

    void entry() throws Spent {
        entries++;
        if (entries % FEW == 0) {
            goOn();
        }
        check(entries <= mostEntries);
    }

    private static void check(boolean within) throws Spent {
        if (!within) {
            throw new Spent();
        }
    }
}
