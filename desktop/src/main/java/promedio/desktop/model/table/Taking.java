package promedio.desktop.model.table;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Link;
import promedio.core.assignment.Original;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.TableEdit;
import promedio.core.data.Column;
import promedio.core.trail.Trail;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Gathering;
import promedio.desktop.model.desk.Page;
import promedio.desktop.text.Words;

/** Puts tables on the shelf, and columns of the chosen one as samples that stay linked to it. */
public final class Taking {
    private final Desk desk;

    /** What is done on a desk. */
    public Taking(Desk desk) {
        this.desk = desk;
    }

    /** Goes to the working of a measure of a column: its sample is chosen, and taken first where it is not on the shelf. */
    public void open(int column, String question) {
        desk.table().ifPresent(table -> {
            Link.Cells link = Link.column(table.id(), column);
            Optional<SampleSheet> there = linked(link);
            if (there.isEmpty()) {
                take(column, new Link.All());
            }
            linked(link).ifPresent(sheet -> desk.open(sheet.id(), question));
        });
    }

    private Optional<SampleSheet> linked(Link link) {
        return desk.assignment().sheets().stream()
                .filter(sheet -> sheet.link().filter(link::equals).isPresent())
                .findFirst();
    }

    /**
     * Puts a table on the shelf, and some of its columns as samples: one edit, to be taken back at once.
     *
     * @param instead samples that make room for it
     */
    public void add(
            String name, Original original, SortedSet<Integer> off, List<Integer> columns, List<SampleSheet> instead) {
        add(name, original, off, columns, instead, Trail.NONE, Map.of());
    }

    /** Puts a table on the shelf that is prepared by a trail, with the tables that its steps join. */
    public void add(String name, Original original, Trail trail, Map<String, Original> joined) {
        add(name, original, Collections.emptySortedSet(), List.of(), List.of(), trail, joined);
    }

    private void add(
            String name,
            Original original,
            SortedSet<Integer> off,
            List<Integer> columns,
            List<SampleSheet> instead,
            Trail trail,
            Map<String, Original> joined) {
        Assignment now = desk.assignment();
        DataTable table = new DataTable(now.freshTableId(), name, original, Map.of(), Map.of(), off, trail, joined);
        List<Edit> edits = new ArrayList<>();
        instead.forEach(sheet -> edits.add(new Edit.RemoveSheet(sheet.id())));
        edits.add(new TableEdit.AddTable(now.tables().size(), table));
        for (Edit edit : edits) {
            now = edit.apply(now);
        }
        String first = table.id();
        for (int column : columns) {
            TableEdit.TakeColumn take = take(now, table, Link.column(table.id(), column), "");
            first = first.equals(table.id()) ? take.sheetId() : first;
            now = take.apply(now);
            edits.add(take);
        }
        desk.make(edits.size() == 1 ? edits.get(0) : new Edit.Together("add-table", edits));
        desk.select(first);
        if (!columns.isEmpty()) {
            desk.looking().pageProperty().set(Page.ENTRIES);
        }
    }

    /** The edit that takes a column; {@code which} tells its rows, where they are not all. */
    public static TableEdit.TakeColumn take(Assignment now, DataTable table, Link.Cells link, String which) {
        Column column = table.all().columns().get(link.column());
        String label = table.label(link.column()).isEmpty() ? column.label() : table.label(link.column());
        return new TableEdit.TakeColumn(
                now.sheets().size(),
                now.freshId(),
                which.isEmpty() ? label : Words.of("table.sample-name", label, which),
                column.unit(),
                link);
    }

    /** Puts a column, or some rows of it, on the shelf as a sample that stays linked to it. */
    public void take(int column, Link.Part part) {
        desk.table().ifPresent(table -> {
            TableEdit.TakeColumn take =
                    take(desk.assignment(), table, new Link.Cells(table.id(), column, part), which(part));
            desk.make(take);
            desk.assignment()
                    .sheet(take.sheetId())
                    .ifPresent(sheet -> desk.say(Words.of("message.taken", sheet.name(), sheet.size())));
        });
    }

    /** A sample of each text of a category: all of them one edit. */
    public void takeEach(int column, int category) {
        desk.table().ifPresent(table -> {
            if (table.table().columns().get(category) instanceof Column.OfCategories categories) {
                Assignment now = desk.assignment();
                List<String> ids = new ArrayList<>();
                List<Edit> edits = new ArrayList<>();
                for (String value : categories.counts().keySet()) {
                    Link.Part part = new Link.Where(category, value.strip());
                    TableEdit.TakeColumn take = take(now, table, new Link.Cells(table.id(), column, part), value);
                    now = take.apply(now);
                    edits.add(take);
                    ids.add(take.sheetId());
                }
                String of = table.table().columns().get(column).label();
                edits.add(Gathering.of(now, ids, Words.of("together.by", of, categories.name())));
                desk.make(new Edit.Together("add-samples", edits));
                desk.say(Words.of("message.taken.each", ids.size()));
            }
        });
    }

    private static String which(Link.Part part) {
        if (part instanceof Link.Where where) {
            return where.value();
        }
        return part instanceof Link.Listed listed
                ? Words.of(
                        listed.rows().size() == 1 ? "table.rows.one" : "table.rows.many",
                        listed.rows().size())
                : "";
    }
}
