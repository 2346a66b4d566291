package promedio.core.assignment;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import promedio.core.data.Column;
import promedio.core.data.Entries;
import promedio.core.data.Table;
import promedio.core.data.TableReading;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.core.trail.Sources;
import promedio.core.trail.Trail;

/**
 * A data table on the shelf: its original, and what was changed in it by hand. Immutable; the original never changes, and what
 * was changed by hand is known cell by cell, so that each can be taken back.
 */
public final class DataTable {
    private final String id;
    private final String name;
    private final Original original;
    private final SortedMap<Place, String> byHand;
    private final SortedMap<Integer, Head> heads;
    private final SortedSet<Integer> off;
    private final Trail trail;
    private final SortedMap<String, Original> joined;
    private volatile Table all;
    private volatile Table table;

    /**
     * Where a cell stands.
     *
     * @param row the row of the original, from 0
     * @param column the column, from 0
     */
    public record Place(int row, int column) implements Comparable<Place> {
        private static final Comparator<Place> ORDER =
                Comparator.comparingInt(Place::row).thenComparingInt(Place::column);

        @Override
        public int compareTo(Place other) {
            return ORDER.compare(this, other);
        }
    }

    /**
     * What stands over a column.
     *
     * @param name what it is called
     * @param unit the unit of its numbers; may be empty
     * @param label what it is, in so many words as it takes, for whoever does not know its name; may be empty
     */
    public record Head(String name, String unit, String label) {
        /** Makes the texts such as can be written anywhere. */
        public Head {
            name = Visible.encodable(name.strip());
            unit = Visible.encodable(unit.strip());
            label = Visible.encodable(label.strip());
        }
    }

    /**
     * A table as it is kept.
     *
     * @param id the stable id within the assignment
     * @param name what it is called
     * @param original what it was read from
     * @param byHand cells that were changed
     * @param heads columns that were given another name, unit or label, by their place
     * @param off rows that are left out, from 0
     * @param trail the steps of its preparation
     * @param joined the tables that its steps join, by the names of their files in the steps; those that no step names are not kept
     * @throws IllegalArgumentException for a place outside the original
     */
    public DataTable(
            String id,
            String name,
            Original original,
            Map<Place, String> byHand,
            Map<Integer, Head> heads,
            SortedSet<Integer> off,
            Trail trail,
            Map<String, Original> joined) {
        this.id = id;
        this.trail = trail;
        TreeMap<String, Original> named = new TreeMap<>(joined);
        named.keySet().removeIf(file -> !trail.names(file));
        this.joined = Collections.unmodifiableSortedMap(named);
        this.name = Visible.encodable(name);
        this.original = original;
        TreeMap<Place, String> cells = new TreeMap<>();
        byHand.forEach((place, typed) -> cells.put(place, Visible.encodable(typed)));
        this.byHand = Collections.unmodifiableSortedMap(cells);
        this.heads = Collections.unmodifiableSortedMap(new TreeMap<>(heads));
        this.off = Collections.unmodifiableSortedSet(new TreeSet<>(off));
        boolean within = byHand.keySet().stream().allMatch(place -> isRow(place.row()) && isColumn(place.column()))
                && heads.keySet().stream().allMatch(this::isColumn)
                && off.stream().allMatch(this::isRow);
        if (!within) {
            throw new IllegalArgumentException("The table “" + name + "” has no such place.");
        }
    }

    /** A table as it was read. */
    public static DataTable of(String id, String name, Original original) {
        return new DataTable(
                id, name, original, Map.of(), Map.of(), Collections.emptySortedSet(), Trail.NONE, Map.of());
    }

    private Table source() {
        return original.read().table();
    }

    boolean isRow(int row) {
        return row >= 0 && row < source().rows();
    }

    boolean isColumn(int column) {
        return column >= 0 && column < source().columns().size();
    }

    /** The stable id within the assignment. */
    public String id() {
        return id;
    }

    /** What it is called. */
    public String name() {
        return name;
    }

    /** What it was read from. */
    public Original original() {
        return original;
    }

    /** Cells that were changed, by their place. */
    public SortedMap<Place, String> byHand() {
        return byHand;
    }

    /** Columns that were given another name, unit or label, by their place. */
    public SortedMap<Integer, Head> heads() {
        return heads;
    }

    /** What a column is, in so many words as it takes; empty where nobody has said. */
    public String label(int column) {
        Head head = heads.get(column);
        return head == null ? "" : head.label();
    }

    /** Rows that are left out. */
    public SortedSet<Integer> off() {
        return off;
    }

    /** The steps of its preparation. */
    public Trail trail() {
        return trail;
    }

    /** The tables that its steps join, by the names of their files in the steps. */
    public SortedMap<String, Original> joined() {
        return joined;
    }

    /** All originals that it needs: what it was read from, and what its steps join. */
    public List<Original> originals() {
        List<Original> all = new ArrayList<>(List.of(original));
        all.addAll(joined.values());
        return all;
    }

    /** The tables that its steps name, as far as they are kept with it; no file is looked for. */
    public Sources sources() {
        return (file, key) -> {
            Original kept = joined.get(file);
            if (kept == null) {
                throw new Sources.NotRead(Sentence.of("step.not-handed", file));
            }
            return kept.read().table();
        };
    }

    /** With a table that its steps name. */
    DataTable joining(String file, Original table) {
        TreeMap<String, Original> more = new TreeMap<>(joined);
        more.put(file, table);
        DataTable made = new DataTable(id, name, original, byHand, heads, off, trail, more);
        made.all = all;
        made.table = this.table;
        return made;
    }

    /** With other steps of preparation. */
    public DataTable prepared(Trail other) {
        DataTable made = new DataTable(id, name, original, byHand, heads, off, other, joined);
        // The rows before any step are the same, and what was worked out of them stays known.
        made.all = all;
        made.table = table;
        return made;
    }

    /** How many rows its original has. */
    public int size() {
        return source().rows();
    }

    /** What stood in a cell before it was changed. */
    public String before(Place place) {
        return source().columns().get(place.column()).entries().text(place.row());
    }

    /** All rows, those that are left out too, as they are by now. May take a moment the first time. */
    public synchronized Table all() {
        if (all == null) {
            List<Column> columns = new ArrayList<>();
            for (int i = 0; i < source().columns().size(); i++) {
                columns.add(column(i));
            }
            all = new Table(columns, source().rows());
        }
        return all;
    }

    /** The rows that are not left out. May take a moment the first time. */
    public synchronized Table table() {
        if (table == null) {
            table = off.isEmpty() ? all() : without(all(), new ArrayList<>(off), original.read());
        }
        return table;
    }

    private static Table without(Table all, List<Integer> rows, TableReading reading) {
        List<Column> left = all.columns().stream()
                .map(column -> reading.again(column, column.entries().without(rows)))
                .toList();
        return new Table(left, all.rows() - rows.size());
    }

    /** A column as it is by now; the original’s own where nothing in it was changed. */
    private Column column(int index) {
        Column before = source().columns().get(index);
        Entries cells = entries(index);
        Column now = cells == before.entries() ? before : original.read().again(before, cells);
        Head head = heads.get(index);
        return head == null ? now : now.renamed(head.name(), head.unit());
    }

    /** The cells of a column as they are by now, those of rows left out too. */
    private Entries entries(int column) {
        Entries cells = source().columns().get(column).entries();
        for (Map.Entry<Place, String> one : byHand.entrySet()) {
            if (one.getKey().column() == column) {
                cells = cells.with(one.getKey().row(), one.getValue());
            }
        }
        return cells;
    }

    /** Under another name. */
    DataTable renamed(String other) {
        return new DataTable(id, other, original, byHand, heads, off, trail, joined);
    }

    /** With something else over a column; nothing where it is what stands over the original. */
    DataTable headed(int column, Head head) {
        Column before = source().columns().get(column);
        TreeMap<Integer, Head> changed = new TreeMap<>(heads);
        if (head.equals(new Head(before.name(), before.unit(), ""))) {
            changed.remove(column);
        } else {
            changed.put(column, head);
        }
        return new DataTable(id, name, original, byHand, changed, off, trail, joined);
    }

    /** With something else in cells of a column; with what stood in the original they count as not changed. */
    DataTable with(int column, List<Integer> rows, String typed) {
        TreeMap<Place, String> changed = new TreeMap<>(byHand);
        for (int row : rows) {
            Place place = new Place(row, column);
            if (typed.equals(before(place))) {
                changed.remove(place);
            } else {
                changed.put(place, typed);
            }
        }
        return new DataTable(id, name, original, changed, heads, off, trail, joined);
    }

    /** With some rows left out, or not any more. */
    DataTable leavingOut(List<Integer> rows, boolean out) {
        TreeSet<Integer> changed = new TreeSet<>(off);
        if (out) {
            changed.addAll(rows);
        } else {
            rows.forEach(changed::remove);
        }
        return new DataTable(id, name, original, byHand, heads, changed, trail, joined);
    }

    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof DataTable table
                        && id.equals(table.id)
                        && name.equals(table.name)
                        && original.equals(table.original)
                        && byHand.equals(table.byHand)
                        && heads.equals(table.heads)
                        && off.equals(table.off)
                        && trail.equals(table.trail)
                        && joined.equals(table.joined);
    }

    @Override
    public int hashCode() {
        return Objects.hash(id, name, original, byHand, heads, off, trail, joined);
    }

    @Override
    public String toString() {
        return id + " “" + name + "” of " + original.source();
    }
}
