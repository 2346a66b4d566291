package promedio.core.picture;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What can be wished for in a picture. Texts are as they are typed, choices by their ids. */
public enum Setting {
    /** What stands over the picture. */
    TITLE("title", false),
    /** What stands along the axis across. */
    X_TITLE("x-title", true),
    /** What stands along the upright axis. */
    Y_TITLE("y-title", false),
    /** What stands below the picture. */
    CAPTION("caption", false),
    /** Where the axis of the values begins. */
    FROM("from", true),
    /** Where it ends. */
    TO("to-value", true),
    /** What heights are: frequencies, shares of the whole, or either per unit of width; percent for bars. */
    HEIGHT("height", false, "frequency", "relative", "density", "percent"),
    /** Which ogive. */
    DIRECTION("direction", false, "less-than", "more-than", "both"),
    /** How far whiskers reach. */
    WHISKERS("whiskers", false, "fences", "extremes"),
    /** Into how many lines a stem is split. */
    SPLIT("split", false, "1", "2", "5"),
    /** Whether groups stand on one another and not side by side. */
    STACKED("stacked", false, "yes", "no"),
    /** The order of bars or boxes: as they come, by size, or by name. */
    ORDER("order", false, "given", "size", "name"),
    /** Whether the least-squares line is drawn. */
    LINE("line", false, "yes", "no"),
    /** Whether a smooth line through the middle of the points is drawn. */
    SMOOTH("smooth", false, "yes", "no"),
    /** Named stretches of the scale: “good to 10; moderate to 20; poor”. */
    BANDS("bands", true),
    /** What groups and categories are called instead: “1 = Oak; 2 = Elm”. */
    NAMES("names", true),
    /** Which colour of the palette each series has, from 1: “2 1”. */
    COLOURS("colours", true);

    private final String id;
    private final boolean shared;
    private final List<String> choices;

    Setting(String id, boolean shared, String... choices) {
        this.id = id;
        this.shared = shared;
        this.choices = List.of(choices);
    }

    /** The stable id: in files, and as an option on the command line. */
    public String id() {
        return id;
    }

    /** Whether it holds for all pictures of a sample, and not only for those of one kind. */
    public boolean isShared() {
        return shared;
    }

    /** The ids it takes; empty where it takes any text. */
    public List<String> choices() {
        return choices;
    }

    /** The setting with an id; empty where there is none. */
    public static Optional<Setting> find(String id) {
        return Arrays.stream(values()).filter(one -> one.id.equals(id)).findFirst();
    }
}
