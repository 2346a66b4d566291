package promedio.desktop.model.desk;

/** Kinds of work off the thread of the window. Each waits for work of its own kind only, so that a file being read or written makes no figures wait. */
public enum Lane {
    /** The figures of samples. */
    FIGURES,
    /** Files and long texts being read. */
    READING,
    /** Steps walked over tables, and what tables come to. */
    WALKING,
    /** Answers being marked. */
    MARKING,
    /** Pictures. */
    DRAWING,
    /** Lines of the jotter. */
    JOTTING,
    /** Files being written; the assignment and its journal have a lane of their own, behind which nothing else may stand. */
    WRITING
}
