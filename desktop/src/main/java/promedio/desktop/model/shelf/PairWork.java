package promedio.desktop.model.shelf;

import java.util.List;
import java.util.Optional;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Link;
import promedio.core.assignment.Links;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SampleSheet.Variables;
import promedio.core.assignment.SheetEdit;
import promedio.core.assignment.TableEdit;
import promedio.core.data.Column;
import promedio.core.sample.SampleKind.Use;
import promedio.core.trail.Field;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.table.Followers;
import promedio.desktop.text.Words;

/** Pairs on the shelf: made of two columns or two lists, taken apart again, called otherwise, turned round. */
public final class PairWork {
    private final Desk desk;
    private final Followers followers;

    /** The pairs of a desk. */
    public PairWork(Desk desk, Followers followers) {
        this.desk = desk;
        this.followers = followers;
    }

    /** Puts two columns of the chosen table on the shelf as pairs that stay linked to them. */
    public void take(int first, int second) {
        desk.table().ifPresent(table -> {
            List<Column> columns = table.all().columns();
            String name = name(columns.get(first).label(), columns.get(second).label());
            take(name, columns.get(first).unit(), Link.pairs(table.id(), first, second), List.of());
        });
    }

    /** The same of two columns of what the steps of the chosen table make, as pairs that follow the steps. */
    public void takeMade(String first, String second) {
        followers.withColumn(first, (table, walk) -> {
            String unit = walk.find(first).map(Field::unit).orElse("");
            Link link = new Link.Made(table.id(), first, List.of(), Optional.of(second));
            desk.make(taking(name(first, second), unit, link));
            followers.settle(table, desk.assignment().card(), walk);
            openLast();
        });
    }

    private void take(String name, String unit, Link link, List<Integer> off) {
        desk.make(taken(name, unit, link, off));
        openLast();
    }

    /** Takes a sample of a table, some entries of which are switched off. */
    private Edit taken(String name, String unit, Link link, List<Integer> off) {
        TableEdit.TakeColumn take = taking(name, unit, link);
        return off.isEmpty()
                ? take
                : new Edit.Together(
                        "add-sample", List.of(take, new SheetEdit.SwitchEntries(take.sheetId(), off, false)));
    }

    private TableEdit.TakeColumn taking(String name, String unit, Link link) {
        Assignment now = desk.assignment();
        return new TableEdit.TakeColumn(now.sheets().size(), now.freshId(), name, unit, link);
    }

    private static String name(String first, String second) {
        return Words.of("pairs.name", first, second);
    }

    private void openLast() {
        open(desk.assignment().sheets().get(desk.assignment().sheets().size() - 1));
    }

    /** Looks at pairs that have just come, at their measures. */
    private void open(SampleSheet pairs) {
        desk.select(pairs.id());
        desk.looking().pageProperty().set(Page.MEASURES);
        desk.say(Words.of("message.taken.pairs", pairs.name(), pairs.size()));
    }

    /** Whether two samples are lists that make pairs, entry by entry. */
    public boolean fit(String first, String second) {
        Optional<SampleSheet> one = list(first);
        Optional<SampleSheet> other = list(second);
        return one.isPresent()
                && other.isPresent()
                && one.get() != other.get()
                && one.get().size() == other.get().size();
    }

    private Optional<SampleSheet> list(String id) {
        return desk.assignment().sheet(id).filter(sheet -> sheet.can(Use.PAIRED));
    }

    /** Makes pairs of two lists of equal length, entry by entry; whole columns of one table stay linked to it. */
    public void pair(String first, String second) {
        if (!fit(first, second)) {
            return;
        }
        SampleSheet one = list(first).orElseThrow();
        SampleSheet other = list(second).orElseThrow();
        Optional<Link> link = together(one, other);
        if (link.isPresent()) {
            take(name(one.name(), other.name()), one.unit(), link.get(), Links.offInEither(one, other));
            return;
        }
        Assignment now = desk.assignment();
        SampleSheet pairs = Links.paired(now.freshId(), name(one.name(), other.name()), one, other);
        desk.make(new Edit.AddSheet(now.sheets().size(), pairs));
        open(pairs);
    }

    /** The link to two columns of one table, where both are whole columns of it as it was read. */
    private static Optional<Link> together(SampleSheet one, SampleSheet other) {
        if (one.link().orElse(null) instanceof Link.Cells first
                && other.link().orElse(null) instanceof Link.Cells second
                && first.tableId().equals(second.tableId())
                && first.part().equals(second.part())) {
            return Optional.of(
                    new Link.Cells(first.tableId(), first.column(), first.part(), Optional.of(second.column())));
        }
        return Optional.empty();
    }

    /** Puts one of the variables of the chosen pairs on the shelf as a list of its own. */
    public void alone(boolean second) {
        desk.sheet().filter(sheet -> sheet.can(Use.VARIABLES)).ifPresent(pairs -> {
            Variables of = pairs.variables().orElseThrow();
            String called = second ? of.second() : of.first();
            String name = called.isEmpty() ? Words.of("pairs.alone", pairs.name(), second ? "y" : "x") : called;
            String unit = second ? of.secondUnit() : pairs.unit();
            List<Integer> off = List.copyOf(pairs.off());
            Assignment now = desk.assignment();
            Edit edit = pairs.link()
                    .map(link -> taken(name, unit, link.alone(second), link instanceof Link.Cells ? off : List.of()))
                    .orElseGet(() -> new Edit.AddSheet(
                            now.sheets().size(),
                            SampleSheet.list(
                                            now.freshId(),
                                            name,
                                            unit,
                                            pairs.columns().get(second ? 1 : 0))
                                    .withMissingCodes(pairs.missingCodes())
                                    .switched(off, false)));
            desk.make(edit);
            desk.say(Words.of("message.taken", name, pairs.size()));
        });
    }

    /** Calls the variables of pairs otherwise. */
    public void call(String sheetId, Variables variables, String unit) {
        desk.make(new SheetEdit.NameVariables(sheetId, variables, unit));
    }

    /** Turns the chosen pairs round: x becomes y. */
    public void swap() {
        desk.sheet()
                .filter(sheet -> sheet.can(Use.VARIABLES))
                .ifPresent(sheet -> desk.make(new SheetEdit.SwapVariables(sheet.id())));
    }
}
