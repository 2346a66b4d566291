package promedio.core.assignment;

import java.util.List;
import promedio.core.data.TableReading;
import promedio.core.sentence.Sentence;

/**
 * What a data table was read from: bytes that never change, known by what they are, and how they were read. Two originals are
 * equal when the bytes and the way of reading are the same; what was read of them follows from those.
 */
public interface Original {
    /** The SHA-256 of the bytes, as 64 hexadecimal digits. */
    String hash();

    /** The name of the file they came from, without its folder. */
    String source();

    /** How they were read, as it stands in files. */
    String reading();

    /** What was read. */
    TableReading read();

    /** How it was read and what was passed over, in sentences. */
    List<Sentence> told();
}
