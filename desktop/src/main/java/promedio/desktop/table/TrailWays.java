package promedio.desktop.table;

import promedio.core.trail.Step;

/** Ways of a trail and its table out to files and in from them; the window asks which. */
public interface TrailWays {
    /** Asks where the steps are to be written as a trail of their own, and writes them there. */
    void saveTrail();

    /** Asks for a trail, whose steps the table takes. */
    void openTrail();

    /** Asks for a trail to hold the steps of the table against. */
    void compareTrail();

    /** Asks for the file that a step joins. */
    void handOver(Step.Join step);

    /** Asks for another file, which is prepared by the same steps. */
    void runTrail();

    /** Asks where the table that is looked at is to be written, and writes it there. */
    void writePrepared();
}
