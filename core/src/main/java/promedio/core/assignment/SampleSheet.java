package promedio.core.assignment;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;
import promedio.core.data.Entries;
import promedio.core.measure.MeasuredIn;
import promedio.core.sample.SampleKind;
import promedio.core.sample.SampleKind.Role;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Visible;
import promedio.core.tabulate.Tabulation;

/**
 * A sample on the shelf, as it was entered: a list in one column, or a frequency or class table or pairs in two. What it means under
 * a course card is its {@link Interpretation}.
 *
 * @param id the stable id within the assignment
 * @param name what it is called
 * @param unit the unit of its values, of pairs that of the first of each; may be empty
 * @param kind what the columns hold
 * @param columns one column of values, values and frequencies, or pairs and perhaps their frequencies; all of the same length
 * @param missingCodes entries that mean “missing” besides an empty one
 * @param off the indices of entries that are switched off
 * @param tabulation the classes that a list was put into, where it was
 * @param link where the entries come from, when that is a data table
 * @param pasted the text that it was read from, with what was left out of it; empty where there is none, or it is long
 * @param variables what the two of a pair are; of pairs only
 * @param groups what the groups are called together that it is one of; empty where it is none
 */
public record SampleSheet(
        String id,
        String name,
        String unit,
        SampleKind kind,
        List<Entries> columns,
        Set<String> missingCodes,
        SortedSet<Integer> off,
        Optional<Tabulation> tabulation,
        Optional<Link> link,
        Optional<String> pasted,
        Optional<Variables> variables,
        String groups) {
    /** A longer text is not kept with its sample: it would stand in every copy of it. */
    private static final int LONGEST_PASTED = 20_000;

    /**
     * What the two of a pair are.
     *
     * @param first what the first are called; may be empty
     * @param second what the second are called; may be empty
     * @param secondUnit the unit of the second; may be empty
     */
    public record Variables(String first, String second, String secondUnit) {
        /** Nothing is said of them. */
        public static final Variables UNNAMED = new Variables("", "", "");

        /** Makes what they are called fit to be kept. */
        public Variables {
            first = Visible.encodable(first);
            second = Visible.encodable(second);
            secondUnit = Visible.encodable(secondUnit);
        }
    }

    /** @throws IllegalArgumentException for another number of columns, different lengths, or a row off that is not there */
    public SampleSheet {
        name = Visible.encodable(name);
        unit = Visible.encodable(unit);
        groups = Visible.encodable(groups);
        columns = List.copyOf(columns);
        missingCodes = missingCodes.stream().map(Visible::encodable).collect(Collectors.toUnmodifiableSet());
        off = Collections.unmodifiableSortedSet(new TreeSet<>(off));
        pasted = pasted.filter(text -> text.length() <= LONGEST_PASTED).map(Visible::encodable);
        int size = columns.get(0).size();
        boolean fits = kind.can(Use.SHELVED) && kind.columns(columns.size()).isPresent();
        if (!fits || columns.stream().anyMatch(column -> column.size() != size)) {
            throw new IllegalArgumentException("A sample has one column, or several of the same length.");
        }
        if (variables.isPresent() != kind.can(Use.VARIABLES)) {
            throw new IllegalArgumentException("Pairs, and only they, are of two variables.");
        }
        if (link.isPresent() && !kind.can(Use.LINKED)) {
            throw new IllegalArgumentException("Only lists and pairs come from a table.");
        }
        if (!off.isEmpty() && (off.first() < 0 || off.last() >= size)) {
            throw new IllegalArgumentException("There is no entry " + off.last() + " to be switched off.");
        }
    }

    /** A sample whose entries come from nowhere else. */
    public SampleSheet(
            String id,
            String name,
            String unit,
            SampleKind kind,
            List<Entries> columns,
            Set<String> missingCodes,
            SortedSet<Integer> off,
            Optional<Tabulation> tabulation) {
        this(
                id,
                name,
                unit,
                kind,
                columns,
                missingCodes,
                off,
                tabulation,
                Optional.empty(),
                Optional.empty(),
                kind.can(Use.VARIABLES) ? Optional.of(Variables.UNNAMED) : Optional.empty(),
                "");
    }

    /** A sample of which nothing is known yet but what it is called. */
    static SampleSheet empty(SampleKind kind, String id, String name, String unit) {
        return new SampleSheet(id, name, unit, kind, Collections.nCopies(kind.width(), Entries.NONE));
    }

    private SampleSheet(String id, String name, String unit, SampleKind kind, List<Entries> columns) {
        this(id, name, unit, kind, columns, Set.of(), new TreeSet<>(), Optional.empty());
    }

    /** A list of entries. */
    public static SampleSheet list(String id, String name, String unit, Entries entries) {
        return new SampleSheet(id, name, unit, SampleKind.VALUES, List.of(entries));
    }

    /** A frequency table. */
    public static SampleSheet frequencies(String id, String name, String unit, Entries values, Entries frequencies) {
        return table(SampleKind.FREQUENCIES, id, name, unit, values, frequencies);
    }

    /** A frequency or class table, or pairs of which nobody knows yet what they are of. */
    public static SampleSheet table(
            SampleKind kind, String id, String name, String unit, Entries first, Entries second) {
        return new SampleSheet(id, name, unit, kind, List.of(first, second));
    }

    /** The same sample, some of what makes it to be changed. */
    private final class Other {
        private String newName = name;
        private String newUnit = unit;
        private List<Entries> newColumns = columns;
        private Set<String> newCodes = missingCodes;
        private SortedSet<Integer> newOff = off;
        private Optional<Tabulation> newTabulation = tabulation;
        private Optional<Link> newLink = link;
        private Optional<String> newPasted = pasted;
        private Optional<Variables> newVariables = variables;
        private String newGroups = groups;

        /** With other entries, which come from nowhere else. */
        Other typed(List<Entries> other) {
            newColumns = other;
            newLink = Optional.empty();
            return this;
        }

        SampleSheet made() {
            return new SampleSheet(
                    id,
                    newName,
                    newUnit,
                    kind,
                    newColumns,
                    newCodes,
                    newOff,
                    newTabulation,
                    newLink,
                    newPasted,
                    newVariables,
                    newGroups);
        }
    }

    /** With other classes, or none, that the list is put into. */
    public SampleSheet tabulated(Optional<Tabulation> classes) {
        Other other = new Other();
        other.newTabulation = classes;
        return other.made();
    }

    /** With the text that it was read from, unless that is long. */
    public SampleSheet readFrom(String text) {
        Other other = new Other();
        other.newPasted = Optional.of(text).filter(some -> !some.isBlank());
        return other.made();
    }

    /** With another name and unit. */
    public SampleSheet renamed(String newName, String newUnit) {
        Other other = new Other();
        other.newName = newName;
        other.newUnit = newUnit;
        return other.made();
    }

    /** Pairs of other variables. @throws IllegalArgumentException for a sample of another kind */
    public SampleSheet of(Variables pair) {
        Other other = new Other();
        other.newVariables = Optional.of(pair);
        return other.made();
    }

    /** Pairs the other way round: what was second is first. @throws IllegalArgumentException for a sample of another kind */
    public SampleSheet swapped() {
        Variables pair = variables.orElseThrow(() -> new IllegalArgumentException("Only pairs are swapped."));
        List<Entries> turned = new ArrayList<>(columns);
        Collections.swap(turned, 0, 1);
        Other other = new Other();
        other.newColumns = turned;
        other.newUnit = pair.secondUnit();
        other.newVariables = Optional.of(new Variables(pair.second(), pair.first(), unit));
        other.newLink = link.map(Link::swapped);
        return other.made();
    }

    /** As one of some groups; as none for an empty name. */
    public SampleSheet among(String name) {
        Other other = new Other();
        other.newGroups = name;
        return other.made();
    }

    /** With other codes for missing values. */
    public SampleSheet withMissingCodes(Set<String> codes) {
        Other other = new Other();
        other.newCodes = codes;
        return other.made();
    }

    /** The number of entries, or of rows of a table. */
    public int size() {
        return columns.get(0).size();
    }

    /** The values; of pairs the first of each. */
    public Entries values() {
        return columns.get(0);
    }

    /** What stands beside the values: their frequencies, or the second of each pair. */
    public Optional<Entries> beside() {
        return columns.size() > 1 ? Optional.of(columns.get(1)) : Optional.empty();
    }

    /** The frequencies of a table. */
    public Optional<Entries> frequencies() {
        int column = roles().indexOf(Role.FREQUENCY);
        return column < 0 ? Optional.empty() : Optional.of(columns.get(column));
    }

    /** What its columns hold. */
    public List<Role> roles() {
        return kind.columns(columns.size()).orElseThrow();
    }

    /** Whether something can be done with it. */
    public boolean can(Use use) {
        return kind.can(use);
    }

    /** The units of its values. */
    public MeasuredIn measuredIn() {
        return new MeasuredIn(unit, variables.map(Variables::secondUnit).orElse(""));
    }

    /** With one entry of a column replaced; it comes from nowhere else then. */
    public SampleSheet with(int column, int row, String typed) {
        List<Entries> changed = new ArrayList<>(columns);
        changed.set(column, columns.get(column).with(row, typed));
        return new Other().typed(changed).made();
    }

    /** With rows put in: for each column the entries of the new rows. It comes from nowhere else then. */
    public SampleSheet inserted(int at, List<List<String>> byColumn) {
        List<Entries> changed = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            changed.add(columns.get(i).inserted(at, byColumn.get(i)));
        }
        Other other = new Other().typed(changed);
        other.newOff = shifted(at, byColumn.get(0).size());
        return other.made();
    }

    /** Without some rows, given ascending. It comes from nowhere else then. */
    public SampleSheet without(List<Integer> rows) {
        TreeSet<Integer> left = new TreeSet<>();
        for (int row : off) {
            int found = Collections.binarySearch(rows, row);
            if (found < 0) {
                left.add(row - (-found - 1));
            }
        }
        Other other = new Other()
                .typed(columns.stream().map(column -> column.without(rows)).toList());
        other.newOff = left;
        return other.made();
    }

    /** With some entries switched off, or on again. */
    public SampleSheet switched(List<Integer> rows, boolean on) {
        TreeSet<Integer> changed = new TreeSet<>(off);
        if (on) {
            rows.forEach(changed::remove);
        } else {
            changed.addAll(rows);
        }
        Other other = new Other();
        other.newOff = changed;
        return other.made();
    }

    /** With entries that come from a table, or from nowhere else. */
    SampleSheet linked(Optional<Link> from, List<Entries> entries, SortedSet<Integer> switchedOff) {
        Other other = new Other().typed(entries);
        other.newLink = from;
        other.newOff = switchedOff;
        return other.made();
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
