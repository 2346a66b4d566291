package promedio.desktop.model.shelf;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SheetEdit;
import promedio.core.data.Entries;
import promedio.core.sample.GivenName;
import promedio.core.sample.SampleKind;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Page;
import promedio.desktop.text.Words;

/** Questions that give figures in place of data: begun with a row for each name, filled in row by row. */
public final class GivenWork {
    /** Of what is put together or compared there are two at least. */
    private static final int LABELLED = 2;

    private final Desk desk;

    /** The questions of a desk. */
    public GivenWork(Desk desk) {
        this.desk = desk;
    }

    /** Puts a question of a kind on the shelf, with nothing given yet, and opens it. */
    public void begin(SampleKind kind) {
        begin(kind, Words.of("given.kind." + kind.id()), Map.of());
    }

    /** Puts a question about what is missing in a table on the shelf, with its rows as they are, and opens it. */
    public void findMissing(SampleSheet table) {
        Map<GivenName, String> rows = new EnumMap<>(GivenName.class);
        rows.put(GivenName.VALUES, String.join("; ", table.values().texts()));
        table.frequencies().ifPresent(counts -> rows.put(GivenName.FREQUENCIES, String.join("; ", counts.texts())));
        begin(SampleKind.MISSING, table.name(), rows);
    }

    private void begin(SampleKind kind, String called, Map<GivenName, String> given) {
        Assignment now = desk.assignment();
        List<GivenName> names = GivenName.of(kind).stream()
                .flatMap(name -> Collections.nCopies(name.isLabelled() ? LABELLED : 1, name).stream())
                .toList();
        SampleSheet sheet = new SampleSheet(
                now.freshId(),
                called,
                "",
                kind,
                List.of(
                        Entries.of(names.stream().map(GivenName::id).toArray(String[]::new)),
                        Entries.of(names.stream()
                                .map(name -> given.getOrDefault(name, ""))
                                .toArray(String[]::new))),
                Set.of(),
                new TreeSet<>(),
                Optional.empty());
        desk.make(new Edit.AddSheet(now.sheets().size(), sheet));
        desk.select(sheet.id());
        desk.looking().pageProperty().set(Page.ENTRIES);
    }

    /** Writes what a row gives. */
    public void give(String sheetId, int row, String text) {
        desk.make(new SheetEdit.SetEntry(sheetId, 1, row, text));
    }

    /** Puts another row of a name below a row. */
    public void another(String sheetId, int row, String name) {
        desk.make(new SheetEdit.InsertRows(sheetId, row + 1, List.of(List.of(name), List.of(""))));
    }

    /** Takes a row out. */
    public void remove(String sheetId, int row) {
        desk.make(new SheetEdit.RemoveRows(sheetId, List.of(row)));
    }
}
