package promedio.core.assignment;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;
import promedio.core.data.Entries;
import promedio.core.sentence.Visible;
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
 * @param link where the entries come from, when that is a column of a data table
 * @param pasted the text that it was read from, with what was left out of it; empty where there is none, or it is long
 */
public record SampleSheet(
        String id,
        String name,
        String unit,
        Kind kind,
        List<Entries> columns,
        Set<String> missingCodes,
        SortedSet<Integer> off,
        Optional<Tabulation> tabulation,
        Optional<Link> link,
        Optional<String> pasted) {
    /** A longer text is not kept with its sample: it would stand in every copy of it. */
    private static final int LONGEST_PASTED = 20_000;

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

        /** The kind with an id; empty where there is none. */
        public static Optional<Kind> find(String id) {
            return Arrays.stream(values()).filter(kind -> kind.id.equals(id)).findFirst();
        }

        /** How many columns it has. */
        public int width() {
            return this == VALUES ? 1 : 2;
        }
    }

    /** @throws IllegalArgumentException for another number of columns, different lengths, or a row off that is not there */
    public SampleSheet {
        name = Visible.encodable(name);
        unit = Visible.encodable(unit);
        columns = List.copyOf(columns);
        missingCodes = missingCodes.stream().map(Visible::encodable).collect(Collectors.toUnmodifiableSet());
        off = Collections.unmodifiableSortedSet(new TreeSet<>(off));
        pasted = pasted.filter(text -> text.length() <= LONGEST_PASTED).map(Visible::encodable);
        if (columns.size() != kind.width()
                || columns.get(0).size() != columns.get(columns.size() - 1).size()) {
            throw new IllegalArgumentException("A sample has one column, or two of the same length.");
        }
        if (link.isPresent() && kind != Kind.VALUES) {
            throw new IllegalArgumentException("Only a list comes from a column.");
        }
        if (!off.isEmpty() && (off.first() < 0 || off.last() >= columns.get(0).size())) {
            throw new IllegalArgumentException("There is no entry " + off.last() + " to be switched off.");
        }
    }

    /** A sample whose entries come from nowhere else. */
    public SampleSheet(
            String id,
            String name,
            String unit,
            Kind kind,
            List<Entries> columns,
            Set<String> missingCodes,
            SortedSet<Integer> off,
            Optional<Tabulation> tabulation) {
        this(id, name, unit, kind, columns, missingCodes, off, tabulation, Optional.empty(), Optional.empty());
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
        return new SampleSheet(id, name, unit, kind, columns, missingCodes, off, classes, link, pasted);
    }

    /** With the text that it was read from, unless that is long. */
    public SampleSheet readFrom(String text) {
        Optional<String> kept = Optional.of(text).filter(some -> !some.isBlank());
        return new SampleSheet(id, name, unit, kind, columns, missingCodes, off, tabulation, link, kept);
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
        return new SampleSheet(id, newName, newUnit, kind, columns, missingCodes, off, tabulation, link, pasted);
    }

    /** With other codes for missing values. */
    public SampleSheet withMissingCodes(Set<String> codes) {
        return new SampleSheet(id, name, unit, kind, columns, codes, off, tabulation, link, pasted);
    }

    /** With one entry of a column replaced; it comes from nowhere else then. */
    public SampleSheet with(int column, int row, String typed) {
        List<Entries> changed = new ArrayList<>(columns);
        changed.set(column, columns.get(column).with(row, typed));
        return new SampleSheet(id, name, unit, kind, changed, missingCodes, off, tabulation, Optional.empty(), pasted);
    }

    /** With rows put in: for each column the entries of the new rows. It comes from nowhere else then. */
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
                shifted(at, byColumn.get(0).size()),
                tabulation,
                Optional.empty(),
                pasted);
    }

    /** Without some rows, given ascending. It comes from nowhere else then. */
    public SampleSheet without(List<Integer> rows) {
        List<Entries> changed =
                columns.stream().map(column -> column.without(rows)).toList();
        TreeSet<Integer> left = new TreeSet<>();
        for (int row : off) {
            int found = Collections.binarySearch(rows, row);
            if (found < 0) {
                left.add(row - (-found - 1));
            }
        }
        return new SampleSheet(id, name, unit, kind, changed, missingCodes, left, tabulation, Optional.empty(), pasted);
    }

    /** With some entries switched off, or on again. */
    public SampleSheet switched(List<Integer> rows, boolean on) {
        TreeSet<Integer> changed = new TreeSet<>(off);
        if (on) {
            rows.forEach(changed::remove);
        } else {
            changed.addAll(rows);
        }
        return new SampleSheet(id, name, unit, kind, columns, missingCodes, changed, tabulation, link, pasted);
    }

    /** With entries that come from a column of a table, or from nowhere else. */
    SampleSheet linked(Optional<Link> from, Entries entries, SortedSet<Integer> switchedOff) {
        return new SampleSheet(
                id, name, unit, kind, List.of(entries), missingCodes, switchedOff, tabulation, from, pasted);
    }

    /** The rows that are switched off, after some were put in before a row. */
    private SortedSet<Integer> shifted(int at, int in) {
        TreeSet<Integer> shifted = new TreeSet<>();
        for (int row : off) {
            shifted.add(row < at ? row : row + in);
        }
        return shifted;
    }
}
