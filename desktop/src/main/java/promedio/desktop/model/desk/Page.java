package promedio.desktop.model.desk;

import promedio.core.sample.SampleKind;
import promedio.core.sample.SampleKind.Use;

/** The pages of a sample, in the order of the work. */
public enum Page {
    /** What was entered. */
    ENTRIES,
    /** What comes of it. */
    MEASURES,
    /** A class table as it was read, or a list put into classes. */
    CLASSES,
    /** The sample as pictures. */
    PICTURE,
    /** What the student works by hand. */
    OWN;

    /** Whether samples of a kind have such a page. */
    public static boolean has(SampleKind kind, Page page) {
        return switch (page) {
            case ENTRIES, MEASURES -> true;
            case CLASSES -> kind.can(Use.CLASSED);
            case PICTURE, OWN -> !kind.can(Use.GIVEN);
        };
    }
}
