package promedio.core.course;

/** Whether variances of class tables are corrected for grouping. */
public enum Sheppard implements Choice {
    /** They are not. */
    NO("no"),
    /** h²/12 is taken off. */
    YES("yes");

    private final String id;

    Sheppard(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
