package promedio.core.picture;

import java.util.Arrays;
import java.util.Optional;

/** The kinds of pictures: definitions for relations, section 15. */
public enum PictureKind {
    /** Bars over classes, their areas true to the frequencies. */
    HISTOGRAM("histogram"),
    /** A line through the tops of the bars, at the midpoints of the classes. */
    POLYGON("polygon"),
    /** Cumulative frequencies at the boundaries of the classes. */
    OGIVE("ogive"),
    /** The five numbers as a box with whiskers, and what is beyond the fences. */
    BOXES("boxes"),
    /** A dot for each value. */
    DOTS("dots"),
    /** The digits of the values themselves: stems and leaves. */
    STEMS("stems"),
    /** A bar for each category. */
    BARS("bars"),
    /** A point for each pair. */
    SCATTER("scatter"),
    /** The normal curve of the same mean and standard deviation over the histogram. */
    CURVE("curve");

    private final String id;

    PictureKind(String id) {
        this.id = id;
    }

    /** The stable id, in files and on the command line. */
    public String id() {
        return id;
    }

    /** The kind with an id; empty where there is none. */
    public static Optional<PictureKind> find(String id) {
        return Arrays.stream(values()).filter(kind -> kind.id.equals(id)).findFirst();
    }
}
