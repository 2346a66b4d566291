package promedio.desktop.model.desk;

/** A part of the desk with a state of its own, which is told what happens to the whole. */
public interface Part {
    /** Another assignment lies on the desk: what was known of the former one is forgotten. */
    default void forget() {}

    /** Another assignment lies on the desk, and is shown. */
    default void laid() {}

    /** The assignment is another than before, or something else of it is chosen. */
    default void refresh() {}

    /** Something else is looked at: a page that lies over those of the chosen item closes. */
    default void close() {}
}
