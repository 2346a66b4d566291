package promedio.core.course;

/** How the mode of a class table is found. */
public enum GroupedMode implements Choice {
    /** From the differences to the neighbouring classes. */
    INTERPOLATED("interpolated"),
    /** The midpoint of the modal class. */
    MIDPOINT("midpoint"),
    /** From the neighbouring classes alone. */
    NEIGHBOURS("neighbours"),
    /** 3 · median − 2 · mean. */
    EMPIRICAL("empirical");

    private final String id;

    GroupedMode(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
