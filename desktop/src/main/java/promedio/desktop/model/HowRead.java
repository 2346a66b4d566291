package promedio.desktop.model;

import java.util.List;
import promedio.core.assignment.SampleSheet;
import promedio.core.pasted.Reading;

/**
 * How a paste or a file was read, and how else it could be.
 *
 * @param readings its sensible readings, the likeliest first
 * @param chosen which of them made the samples
 * @param made the samples as they were made
 * @param name what samples without a heading are called; may be empty
 */
public record HowRead(List<Reading> readings, int chosen, List<SampleSheet> made, String name) {
    /** Copies the lists. */
    public HowRead {
        readings = List.copyOf(readings);
        made = List.copyOf(made);
    }

    /** The reading that made the samples. */
    public Reading reading() {
        return readings.get(chosen);
    }

    /** Whether a sample is one of those made, and its entries stand as they were read. */
    boolean made(SampleSheet sheet) {
        return made.stream()
                .anyMatch(one -> one.id().equals(sheet.id())
                        && one.kind() == sheet.kind()
                        && one.columns().equals(sheet.columns()));
    }
}
