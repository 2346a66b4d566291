package promedio.core.pasted;

/** What headings say, for whoever reads files column by column. */
public final class Headings {
    private Headings() {}

    /** Whether a heading says that its column holds frequencies: {@code f}, {@code Number of visitors}, {@code Frequency (f)}. */
    public static boolean isFrequency(String heading) {
        return Role.of(heading).filter(Role.FREQUENCY::equals).isPresent();
    }
}
