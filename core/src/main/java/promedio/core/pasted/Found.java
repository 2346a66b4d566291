package promedio.core.pasted;

import java.util.List;
import java.util.Set;
import promedio.core.assignment.SampleSheet;
import promedio.core.data.Entries;

/**
 * A sample found in a text.
 *
 * @param name what it is headed; empty where it is not
 * @param unit the unit that stands in its heading or behind its numbers; may be empty
 * @param kind what its columns hold
 * @param columns one column of values, or values or classes beside frequencies
 * @param missing entries that mean missing besides empty ones
 */
public record Found(String name, String unit, SampleSheet.Kind kind, List<Entries> columns, Set<String> missing) {
    /** Copies them. */
    public Found {
        columns = List.copyOf(columns);
        missing = Set.copyOf(missing);
    }

    /** A sample in which only empty entries are missing. */
    public Found(String name, String unit, SampleSheet.Kind kind, List<Entries> columns) {
        this(name, unit, kind, columns, Set.of());
    }

    static Found list(String name, String unit, List<String> values) {
        return new Found(name, unit, SampleSheet.Kind.VALUES, List.of(Entries.of(values)));
    }

    static Found table(String name, String unit, SampleSheet.Kind kind, List<String> first, List<String> frequencies) {
        return new Found(name, unit, kind, List.of(Entries.of(first), Entries.of(frequencies)));
    }

    /** The same as a sample of the shelf, under an id and a name. */
    public SampleSheet sheet(String id, String called) {
        return kind == SampleSheet.Kind.VALUES
                ? SampleSheet.list(id, called, unit, columns.get(0)).withMissingCodes(missing)
                : SampleSheet.table(kind, id, called, unit, columns.get(0), columns.get(1));
    }

    /** How many rows it has. */
    public int size() {
        return columns.get(0).size();
    }
}
