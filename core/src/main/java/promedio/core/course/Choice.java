package promedio.core.course;

/** One choice of a convention, with the id that stands in files and on the command line. */
public interface Choice {
    /** The stable id, for instance {@code halves-exclusive}. */
    String id();
}
