package promedio.core.assignment;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import promedio.core.tabulate.Tabulation;

/**
 * A sample on the shelf, as it was entered: a list in one column, or a frequency or class table in two. What it means under a
 * course card is its {@link Interpretation}.
 *
 * @param id the stable id within the assignment
 * @param name what it is called
 * @param unit the unit of its values; may be empty
 * @param kind what the columns hold
 * @param columns one column of values, or values and frequencies; all of the same length
 * @param missingCodes entries that mean “missing” besides an empty one
 * @param off the indices of entries that are switched off
 * @param tabulation the classes that a list was put into, where it was
 */
public record SampleSheet(
        String id,
        String name,
        String unit,
        Kind kind,
        List<Entries> columns,
        Set<String> missingCodes,
        SortedSet<Integer> off,
        Optional<Tabulation> tabulation) {
    /** What the columns hold. */
    public enum Kind {
        /** A list: one column. */
        VALUES("values"),
        /** Values and their frequencies. */
        FREQUENCIES("frequencies"),
        /** Classes and their frequencies. */
        CLASSES("classes");

        private final String id;

        Kind(String id) {
            this.id = id;
        }

        /** The stable id, in files and on the command line. */
        public String id() {
            return id;
        }

        /** The kind with an id; a list where there is none. */
        public static Kind of(String id) {
            return Arrays.stream(values())
                    .filter(kind -> kind.id.equals(id))
                    .findFirst()
                    .orElse(VALUES);
        }

        /** How many columns it has. */
        public int width() {
            return this == VALUES ? 1 : 2;
        }
    }

    /** @throws IllegalArgumentException for no column, more than two, or columns of different lengths */
    public SampleSheet {
        columns = List.copyOf(columns);
        missingCodes = Set.copyOf(missingCodes);
        off = java.util.Collections.unmodifiableSortedSet(new TreeSet<>(off));
        if (columns.size() != kind.width()
                || columns.get(0).size() != columns.get(columns.size() - 1).size()) {
            throw new IllegalArgumentException("A sample has one column, or two of the same length.");
        }
    }

    /** A list of entries. */
    public static SampleSheet list(String id, String name, String unit, Entries entries) {
        return new SampleSheet(
                id, name, unit, Kind.VALUES, List.of(entries), Set.of(), new TreeSet<>(), Optional.empty());
    }

    /** A frequency table. */
    public static SampleSheet frequencies(String id, String name, String unit, Entries values, Entries frequencies) {
        return table(Kind.FREQUENCIES, id, name, unit, values, frequencies);
    }

    /** A frequency or class table. */
    public static SampleSheet table(
            Kind kind, String id, String name, String unit, Entries first, Entries frequencies) {
        return new SampleSheet(
                id, name, unit, kind, List.of(first, frequencies), Set.of(), new TreeSet<>(), Optional.empty());
    }

    /** With other classes, or none, that the list is put into. */
    public SampleSheet tabulated(Optional<Tabulation> classes) {
        return new SampleSheet(id, name, unit, kind, columns, missingCodes, off, classes);
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
        return new SampleSheet(id, newName, newUnit, kind, columns, missingCodes, off, tabulation);
    }

    /** With other codes for missing values. */
    public SampleSheet withMissingCodes(Set<String> codes) {
        return new SampleSheet(id, name, unit, kind, columns, codes, off, tabulation);
    }

    /** With one entry of a column replaced. */
    public SampleSheet with(int column, int row, String typed) {
        List<Entries> changed = new ArrayList<>(columns);
        changed.set(column, columns.get(column).with(row, typed));
        return new SampleSheet(id, name, unit, kind, changed, missingCodes, off, tabulation);
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
                kind,
                changed,
                missingCodes,
                shifted(at, 0, byColumn.get(0).size()),
                tabulation);
    }

    /** Without some rows. */
    public SampleSheet removed(int from, int count) {
        List<Entries> changed =
                columns.stream().map(column -> column.removed(from, count)).toList();
        return new SampleSheet(id, name, unit, kind, changed, missingCodes, shifted(from, count, 0), tabulation);
    }

    /** With one entry switched off, or on again. */
    public SampleSheet switched(int row, boolean on) {
        TreeSet<Integer> changed = new TreeSet<>(off);
        if (on) {
            changed.remove(row);
        } else {
            changed.add(row);
        }
        return new SampleSheet(id, name, unit, kind, columns, missingCodes, changed, tabulation);
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
