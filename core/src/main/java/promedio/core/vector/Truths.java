package promedio.core.vector;

/** Yes and no. */
public final class Truths implements Vector {
    /** No. */
    public static final byte NO = 0;
    /** Yes. */
    public static final byte YES = 1;
    /** Neither is known. */
    public static final byte MISSING = 2;

    private final byte[] cells;
    private final int size;
    private final boolean constant;

    private Truths(byte[] cells, int size, boolean constant) {
        this.cells = cells;
        this.size = size;
        this.constant = constant;
    }

    /** Cells, one a row. */
    public static Truths of(byte[] cells) {
        return new Truths(cells.clone(), cells.length, false);
    }

    /** The same in so many rows. */
    public static Truths constant(byte cell, int size) {
        return new Truths(new byte[] {cell}, size, true);
    }

    /** No, yes or missing. */
    public byte get(int row) {
        return cells[constant ? 0 : row];
    }

    /** Whether a cell is yes; one that is missing is not. */
    public boolean isYes(int row) {
        return get(row) == YES;
    }

    @Override
    public int size() {
        return size;
    }

    @Override
    public Kind kind() {
        return Kind.TRUTH;
    }

    @Override
    public boolean isConstant() {
        return constant;
    }

    @Override
    public boolean isMissing(int row) {
        return get(row) == MISSING;
    }

    @Override
    public Truths pick(int[] rows) {
        byte[] picked = new byte[rows.length];
        for (int i = 0; i < rows.length; i++) {
            picked[i] = rows[i] < 0 ? MISSING : get(rows[i]);
        }
        return new Truths(picked, rows.length, false);
    }

    @Override
    public Truths stretched(int rows) {
        return new Truths(cells, rows, true);
    }

    @Override
    public int compare(int row, int other) {
        return Byte.compare(get(row), get(other));
    }

    @Override
    public int[] groups() {
        int[] groups = new int[size];
        int[] known = {-1, -1, -1};
        int fresh = 0;
        for (int row = 0; row < size; row++) {
            if (known[get(row)] < 0) {
                known[get(row)] = fresh++;
            }
            groups[row] = known[get(row)];
        }
        return groups;
    }

    @Override
    public String text(int row, int digits) {
        return switch (get(row)) {
            case YES -> "yes";
            case NO -> "no";
            default -> "";
        };
    }
}
