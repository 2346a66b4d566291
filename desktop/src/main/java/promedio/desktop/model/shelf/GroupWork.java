package promedio.desktop.model.shelf;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Link;
import promedio.core.assignment.SampleSheet;
import promedio.core.sample.SampleKind.Use;
import promedio.desktop.model.compare.Comparing;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Gathering;
import promedio.desktop.model.table.Taking;
import promedio.desktop.text.Words;

/** Samples that are kept together on the shelf as groups: made of columns or of what was pasted, compared, taken apart. */
public final class GroupWork {
    private final Desk desk;
    private final Comparing comparing;

    /** The groups of a desk. */
    public GroupWork(Desk desk, Comparing comparing) {
        this.desk = desk;
        this.comparing = comparing;
    }

    /** The samples that are groups under a name. */
    public List<SampleSheet> of(String name) {
        return desk.assignment().sheets().stream()
                .filter(sheet -> sheet.groups().equals(name))
                .toList();
    }

    /** Whether samples can be kept together that are not yet. */
    public boolean fit(List<String> ids) {
        List<SampleSheet> sheets = ids.stream()
                .flatMap(id -> desk.assignment().sheet(id).stream())
                .filter(sheet -> sheet.can(Use.COMPARED))
                .toList();
        boolean together = sheets.stream().map(SampleSheet::groups).distinct().count() == 1
                && !sheets.get(0).groups().isEmpty();
        return sheets.size() > 1 && !together;
    }

    /** Keeps samples together as groups. */
    public void gather(List<String> ids) {
        Assignment now = desk.assignment();
        String names = ids.stream()
                .flatMap(id -> now.sheet(id).stream())
                .map(SampleSheet::name)
                .limit(2)
                .reduce((one, other) -> Words.of("pairs.name", one, other))
                .orElse("");
        String name = ids.size() > 2 ? Words.of("together.more", names, ids.size() - 2) : names;
        desk.make(Gathering.of(now, ids, name));
        desk.say(Words.of("message.groups", ids.size()));
    }

    /** Takes groups apart: their samples stay. */
    public void apart(String name) {
        desk.make(new Edit.Gather(of(name).stream().map(SampleSheet::id).toList(), ""));
    }

    /** Puts groups side by side. */
    public void compare(String name) {
        comparing.compare(of(name).stream().map(SampleSheet::id).toList());
    }

    /** Puts columns of the chosen table on the shelf as groups, and them side by side; columns that are there already are used. */
    public void take(List<Integer> columns) {
        desk.table().ifPresent(table -> {
            Assignment now = desk.assignment();
            List<Edit> edits = new ArrayList<>();
            List<String> ids = new ArrayList<>();
            for (int column : columns) {
                Link link = Link.column(table.id(), column);
                Optional<String> there = now.sheets().stream()
                        .filter(sheet -> sheet.link().filter(link::equals).isPresent()
                                && sheet.groups().isEmpty())
                        .map(SampleSheet::id)
                        .findFirst();
                if (there.isEmpty()) {
                    edits.add(Taking.take(now, table, Link.column(table.id(), column), ""));
                    now = edits.get(edits.size() - 1).apply(now);
                }
                ids.add(there.orElse(now.sheets().get(now.sheets().size() - 1).id()));
            }
            edits.add(Gathering.of(now, ids, name(table, columns)));
            desk.make(new Edit.Together("add-samples", edits));
            comparing.compare(ids);
        });
    }

    private static String name(DataTable table, List<Integer> columns) {
        String names = columns.stream()
                .map(column -> table.all().columns().get(column).label())
                .limit(2)
                .reduce((one, other) -> Words.of("pairs.name", one, other))
                .orElse("");
        return columns.size() > 2 ? Words.of("together.more", names, columns.size() - 2) : names;
    }
}
