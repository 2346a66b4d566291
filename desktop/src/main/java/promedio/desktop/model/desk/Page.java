package promedio.desktop.model.desk;

/** The pages of a sample, in the order of the work. */
public enum Page {
    /** What was entered. */
    ENTRIES,
    /** What comes of it. */
    MEASURES,
    /** A class table as it was read, or a list put into classes. */
    CLASSES,
    /** The sample as pictures. */
    PICTURE
}
