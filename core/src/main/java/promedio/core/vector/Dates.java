package promedio.core.vector;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** Dates, each with a time of day or without one. */
public final class Dates implements Vector {
    private static final long MISSING = Long.MIN_VALUE;
    private static final DateTimeFormatter WITH_TIME = DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm");
    private static final DateTimeFormatter WITH_SECONDS = DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm:ss");

    /** Twice the seconds since 1970, and one more where a time of day is given. */
    private final long[] cells;

    private final int size;
    private final boolean constant;

    private Dates(long[] cells, int size, boolean constant) {
        this.cells = cells;
        this.size = size;
        this.constant = constant;
    }

    /** The same date in so many rows. */
    public static Dates constant(LocalDateTime date, boolean time, int size) {
        return new Dates(new long[] {cell(date, time)}, size, true);
    }

    private static long cell(LocalDateTime date, boolean time) {
        return date.toEpochSecond(ZoneOffset.UTC) * 2 + (time ? 1 : 0);
    }

    @Override
    public int size() {
        return size;
    }

    @Override
    public Kind kind() {
        return Kind.DATE;
    }

    @Override
    public boolean isConstant() {
        return constant;
    }

    private long cell(int row) {
        return cells[constant ? 0 : row];
    }

    @Override
    public boolean isMissing(int row) {
        return cell(row) == MISSING;
    }

    /** A date that is not missing, at midnight where no time of day is given. */
    public LocalDateTime get(int row) {
        return LocalDateTime.ofEpochSecond(cell(row) >> 1, 0, ZoneOffset.UTC);
    }

    /** Whether a time of day is given. */
    public boolean hasTime(int row) {
        return (cell(row) & 1) == 1;
    }

    /** The seconds since the beginning of 1970, by the calendar. */
    public long seconds(int row) {
        return cell(row) >> 1;
    }

    @Override
    public Dates pick(int[] rows) {
        long[] picked = new long[rows.length];
        for (int i = 0; i < rows.length; i++) {
            picked[i] = rows[i] < 0 ? MISSING : cell(rows[i]);
        }
        return new Dates(picked, rows.length, false);
    }

    @Override
    public Dates stretched(int rows) {
        return new Dates(cells, rows, true);
    }

    @Override
    public int compare(int row, int other) {
        if (isMissing(row) || isMissing(other)) {
            return Boolean.compare(isMissing(row), isMissing(other));
        }
        return Long.compare(seconds(row), seconds(other));
    }

    @Override
    public int[] groups() {
        int[] groups = new int[size];
        Map<Long, Integer> known = new HashMap<>();
        for (int row = 0; row < size; row++) {
            groups[row] = known.computeIfAbsent(isMissing(row) ? MISSING : seconds(row), fresh -> known.size());
        }
        return groups;
    }

    @Override
    public String text(int row, int digits) {
        if (isMissing(row)) {
            return "";
        }
        LocalDateTime date = get(row);
        return !hasTime(row)
                ? date.toLocalDate().toString()
                : date.format(date.getSecond() == 0 ? WITH_TIME : WITH_SECONDS);
    }

    /** Takes dates in the order of the rows. */
    public static final class Builder {
        private final long[] cells;
        private int size;

        /** For so many rows. */
        public Builder(int rows) {
            cells = new long[rows];
        }

        /** Adds a date; empty for a missing one. */
        public void add(Optional<LocalDateTime> date, boolean time) {
            cells[size++] = date.map(one -> cell(one, time)).orElse(MISSING);
        }

        /** Adds a missing cell. */
        public Builder missing() {
            cells[size++] = MISSING;
            return this;
        }

        /** All that was added. */
        public Dates build() {
            return new Dates(cells, size, false);
        }
    }
}
