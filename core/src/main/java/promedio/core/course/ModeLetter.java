package promedio.core.course;

/** The letters for the mode. */
public enum ModeLetter implements Choice {
    /** Mo. */
    MO("Mo"),
    /** D. */
    D("D"),
    /** Z. */
    Z("Z");

    private final String id;

    ModeLetter(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
