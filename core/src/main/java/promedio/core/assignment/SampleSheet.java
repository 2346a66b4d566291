package promedio.core.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * A sample on the shelf, as it was entered: a list in one column, or a frequency table in two. What it means under a
 * course card is its {@link Interpretation}.
 *
 * @param id the stable id within the assignment
 * @param name what it is called
 * @param unit the unit of its values; may be empty
 * @param columns one column of values, or values and frequencies; all of the same length
 * @param missingCodes entries that mean “missing” besides an empty one
 * @param off the indices of entries that are switched off
 */
public record SampleSheet(
        String id, String name, String unit, List<Entries> columns, Set<String> missingCodes, SortedSet<Integer> off) {
    /** @throws IllegalArgumentException for no column, more than two, or columns of different lengths */
    public SampleSheet {
        columns = List.copyOf(columns);
        missingCodes = Set.copyOf(missingCodes);
        off = java.util.Collections.unmodifiableSortedSet(new TreeSet<>(off));
        if (columns.isEmpty()
                || columns.size() > 2
                || columns.get(0).size() != columns.get(columns.size() - 1).size()) {
            throw new IllegalArgumentException("A sample has one column, or two of the same length.");
        }
    }

    /** A list of entries. */
    public static SampleSheet list(String id, String name, String unit, Entries entries) {
        return new SampleSheet(id, name, unit, List.of(entries), Set.of(), new TreeSet<>());
    }

    /** A frequency table. */
    public static SampleSheet frequencies(String id, String name, String unit, Entries values, Entries frequencies) {
        return new SampleSheet(id, name, unit, List.of(values, frequencies), Set.of(), new TreeSet<>());
    }

    /** The number of entries, or of rows of a table. */
    public int size() {
        return columns.get(0).size();
    }

    /** The values. */
    public Entries values() {
        return columns.get(0);
    }

    /** The frequencies of a table. */
    public Optional<Entries> frequencies() {
        return columns.size() == 2 ? Optional.of(columns.get(1)) : Optional.empty();
    }

    /** With another name and unit. */
    public SampleSheet renamed(String newName, String newUnit) {
        return new SampleSheet(id, newName, newUnit, columns, missingCodes, off);
    }

    /** With other codes for missing values. */
    public SampleSheet withMissingCodes(Set<String> codes) {
        return new SampleSheet(id, name, unit, columns, codes, off);
    }

    /** With one entry of a column replaced. */
    public SampleSheet with(int column, int row, String typed) {
        List<Entries> changed = new ArrayList<>(columns);
        changed.set(column, columns.get(column).with(row, typed));
        return new SampleSheet(id, name, unit, changed, missingCodes, off);
    }

    /** With rows put in: for each column the entries of the new rows. */
    public SampleSheet inserted(int at, List<List<String>> byColumn) {
        List<Entries> changed = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            changed.add(columns.get(i).inserted(at, byColumn.get(i)));
        }
        return new SampleSheet(
                id,
                name,
                unit,
                changed,
                missingCodes,
                shifted(at, 0, byColumn.get(0).size()));
    }

    /** Without some rows. */
    public SampleSheet removed(int from, int count) {
        List<Entries> changed =
                columns.stream().map(column -> column.removed(from, count)).toList();
        return new SampleSheet(id, name, unit, changed, missingCodes, shifted(from, count, 0));
    }

    /** With one entry switched off, or on again. */
    public SampleSheet switched(int row, boolean on) {
        TreeSet<Integer> changed = new TreeSet<>(off);
        if (on) {
            changed.remove(row);
        } else {
            changed.add(row);
        }
        return new SampleSheet(id, name, unit, columns, missingCodes, changed);
    }

    private SortedSet<Integer> shifted(int at, int out, int in) {
        TreeSet<Integer> shifted = new TreeSet<>();
        for (int row : off) {
            if (row < at) {
                shifted.add(row);
            } else if (row >= at + out) {
                shifted.add(row - out + in);
            }
        }
        return shifted;
    }
}
