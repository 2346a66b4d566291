package promedio.core.vector;

/**
 * Nothing but missing cells.
 *
 * @param size how many
 */
public record Nothing(int size) implements Vector {
    @Override
    public Kind kind() {
        return Kind.NOTHING;
    }

    @Override
    public boolean isMissing(int row) {
        return true;
    }

    @Override
    public boolean isConstant() {
        return true;
    }

    @Override
    public Vector pick(int[] rows) {
        return new Nothing(rows.length);
    }

    @Override
    public Vector stretched(int rows) {
        return new Nothing(rows);
    }

    @Override
    public int compare(int row, int other) {
        return 0;
    }

    @Override
    public int[] groups() {
        return new int[size];
    }

    @Override
    public String text(int row, int digits) {
        return "";
    }
}
