package promedio.core.assignment;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import promedio.core.data.Column;
import promedio.core.data.ColumnEntries;
import promedio.core.data.Entries;
import promedio.core.number.Numerals;
import promedio.core.sample.SampleKind;
import promedio.core.sample.SampleKind.Use;

/** Samples and the columns that their entries come from: what is changed in one of them is changed in the other. */
public final class Links {
    private Links() {}

    /**
     * A sample of a column, or of two as pairs, or of some rows; one of what steps make is empty until it is {@link Following#settled}.
     *
     * @throws IllegalArgumentException when the table has no such place
     */
    public static SampleSheet sheet(String id, String name, String unit, Link link, DataTable table, Numerals card) {
        if (!link.fits(table)) {
            throw new IllegalArgumentException("The table “" + table.name() + "” has no such column.");
        }
        SampleSheet sheet = SampleSheet.empty(link.kind(), id, name, unit);
        if (!(link instanceof Link.Cells cells)) {
            return sheet.linked(Optional.of(link), sheet.columns(), new TreeSet<>());
        }
        List<Column> columns = cells.columns().stream()
                .map(column -> table.all().columns().get(column))
                .toList();
        SampleSheet linked = sheet.withMissingCodes(codes(columns))
                .linked(Optional.of(link), cells.entries(table, card), new TreeSet<>());
        return linked.can(Use.VARIABLES) ? linked.of(variables(columns)) : linked;
    }

    /** What the two of a pair are that come from two columns. */
    static SampleSheet.Variables variables(List<Column> columns) {
        return new SampleSheet.Variables(
                columns.get(0).label(), columns.get(1).label(), columns.get(1).unit());
    }

    /** The codes for missing values that hold in all of some columns. */
    static Set<String> codes(List<Column> columns) {
        return common(columns.stream().map(Column::missingCodes).toList());
    }

    private static Set<String> common(List<Set<String>> codes) {
        Set<String> common = new HashSet<>(codes.get(0));
        codes.forEach(common::retainAll);
        return common;
    }

    /** The entries of columns beside each other. */
    static List<Entries> beside(List<Column> columns, List<Entries> entries) {
        return withOwnCodes(columns.stream().map(Column::missingCodes).toList(), entries);
    }

    /** What means missing in its own column only is an empty entry, since 99 may be a number in another. */
    private static List<Entries> withOwnCodes(List<Set<String>> codes, List<Entries> entries) {
        List<Entries> written = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            Set<String> own = new HashSet<>(codes.get(i));
            own.removeAll(common(codes));
            written.add(own.isEmpty() ? entries.get(i) : without(entries.get(i), own));
        }
        return written;
    }

    /**
     * Pairs of two lists, entry by entry; one that is switched off in either is off.
     *
     * @throws IllegalArgumentException when they are no lists of equal length
     */
    public static SampleSheet paired(String id, String name, SampleSheet one, SampleSheet other) {
        List<Set<String>> codes = List.of(one.missingCodes(), other.missingCodes());
        List<Entries> entries = withOwnCodes(codes, List.of(one.values(), other.values()));
        return SampleSheet.table(SampleKind.PAIRS, id, name, one.unit(), entries.get(0), entries.get(1))
                .of(new SampleSheet.Variables(one.name(), other.name(), other.unit()))
                .withMissingCodes(common(codes))
                .switched(offInEither(one, other), false);
    }

    /** The entries that are switched off in one of two samples, or in both. */
    public static List<Integer> offInEither(SampleSheet one, SampleSheet other) {
        TreeSet<Integer> off = new TreeSet<>(one.off());
        off.addAll(other.off());
        return List.copyOf(off);
    }

    private static Entries without(Entries entries, Set<String> codes) {
        Entries.Builder written = new Entries.Builder();
        for (int row = 0; row < entries.size(); row++) {
            String text = entries.text(row);
            written.add(codes.contains(text.strip()) ? "" : text);
        }
        return written.build();
    }

    /** A sample with the entries that its column has by now. @throws IllegalArgumentException when there is no such column */
    public static SampleSheet filled(SampleSheet sheet, Link link, DataTable table, Numerals card) {
        if (!link.fits(table)) {
            throw new IllegalArgumentException("The table “" + table.name() + "” has no such column.");
        }
        List<Entries> entries = link instanceof Link.Cells cells ? cells.entries(table, card) : sheet.columns();
        TreeSet<Integer> off = new TreeSet<>(sheet.off().headSet(entries.get(0).size()));
        return sheet.linked(Optional.of(link), entries, off);
    }

    /** The assignment with another state of a table, and of all samples of its columns. */
    static Assignment follow(Assignment before, DataTable now) {
        DataTable old = before.table(now.id()).orElse(now);
        Numerals card = before.card().numerals();
        return before.withTable(now)
                .withSheets(before.sheets().stream()
                        .map(sheet -> cells(sheet)
                                .filter(link -> link.tableId().equals(now.id()))
                                .map(link -> follow(sheet, link, old, now, card))
                                .orElse(sheet))
                        .toList());
    }

    /** The cells that a sample is linked to both ways. */
    private static Optional<Link.Cells> cells(SampleSheet sheet) {
        return sheet.link().filter(Link.Cells.class::isInstance).map(Link.Cells.class::cast);
    }

    private static SampleSheet follow(SampleSheet sheet, Link.Cells link, DataTable old, DataTable now, Numerals card) {
        List<Entries> entries = link.entries(now, card);
        if (entries.equals(sheet.columns())) {
            return sheet;
        }
        TreeSet<Integer> off = new TreeSet<>();
        if (!sheet.off().isEmpty()) {
            Optional<int[]> before = link.rows(old);
            Optional<int[]> after = link.rows(now);
            for (int entry : sheet.off()) {
                place(after, row(before, entry)).ifPresent(off::add);
            }
        }
        return sheet.linked(Optional.of(link), entries, off);
    }

    private static int row(Optional<int[]> rows, int entry) {
        return rows.map(some -> some[entry]).orElse(entry);
    }

    private static OptionalInt place(Optional<int[]> rows, int row) {
        if (rows.isEmpty()) {
            return OptionalInt.of(row);
        }
        int found = Arrays.binarySearch(rows.get(), row);
        return found < 0 ? OptionalInt.empty() : OptionalInt.of(found);
    }

    /** Where an entry of a sample stands after its table has changed; empty when its row belongs to it no more. */
    static OptionalInt entryAfter(Assignment before, Assignment after, String sheetId, int entry) {
        Optional<Link.Cells> link = before.sheet(sheetId).flatMap(Links::cells);
        Optional<DataTable> old = link.flatMap(from -> before.table(from.tableId()));
        Optional<DataTable> now = link.flatMap(from -> after.table(from.tableId()));
        return old.isEmpty() || now.isEmpty() || old.get() == now.get()
                ? OptionalInt.of(entry)
                : place(link.get().rows(now.get()), row(link.get().rows(old.get()), entry));
    }

    /** All samples with the entries that their columns have, as numbers are written by now. */
    static Assignment rewritten(Assignment assignment) {
        Numerals card = assignment.card().numerals();
        return assignment.withSheets(assignment.sheets().stream()
                .map(sheet -> sheet.link()
                        .flatMap(
                                link -> assignment.table(link.tableId()).map(table -> filled(sheet, link, table, card)))
                        .orElse(sheet))
                .toList());
    }

    /** An entry typed anew in a sample that comes from a table: the cell of the table is changed. */
    static Optional<Assignment> typed(Assignment before, SampleSheet sheet, int column, int entry, String typed) {
        return cells(sheet).flatMap(link -> before.table(link.tableId()).map(table -> {
            int row = link.row(table, entry);
            int of = link.columns().get(column);
            String cell = ColumnEntries.cell(
                    table.all().columns().get(of), typed, before.card().numerals());
            return follow(before, table.with(of, List.of(row), cell));
        }));
    }

    /** A sample with the entries that it has, as they came from a table. */
    public static SampleSheet linked(SampleSheet sheet, Link link) {
        return sheet.linked(Optional.of(link), sheet.columns(), sheet.off());
    }

    /** A sample with the entries that it has, which come from nowhere else. */
    public static SampleSheet unlinked(SampleSheet sheet) {
        return sheet.linked(Optional.empty(), sheet.columns(), sheet.off());
    }

    /** The assignment without a table: samples of its columns keep their entries. */
    static Assignment without(Assignment before, String tableId) {
        return before.withTables(before.tables().stream()
                        .filter(table -> !table.id().equals(tableId))
                        .toList())
                .withSheets(before.sheets().stream()
                        .map(sheet -> sheet.link()
                                        .filter(link -> link.tableId().equals(tableId))
                                        .isPresent()
                                ? unlinked(sheet)
                                : sheet)
                        .toList());
    }
}
