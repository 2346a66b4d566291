package promedio.desktop.tutor;

/** What the pages for the tutor ask of the window: which files. */
public interface TutorWays {
    /** Asks for a table of answers and marks it. */
    void markTable();

    /** Asks for a folder of assignments and marks the answers in them. */
    void markFolder();

    /** Shows how a set is marked: what an invented class answered to the demo assignment, which is opened. */
    void markDemo();

    /** Asks for a folder of workings and marks them. */
    void markWorkings();

    /** Shows how workings are marked: what eight invented students worked of the demo assignment, which is opened. */
    void markDemoWorkings();

    /** Asks where the marks are to be written: CSV, JSON or text by the ending. */
    void writeMarks(String ending);

    /** Asks where the assignment is to be saved as it is given to students. */
    void issue();
}
