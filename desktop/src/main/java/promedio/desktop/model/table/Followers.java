package promedio.desktop.model.table;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Following;
import promedio.core.assignment.Link;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.TableEdit;
import promedio.core.course.CourseCard;
import promedio.core.data.Column;
import promedio.core.sentence.Sentence;
import promedio.core.trail.Field;
import promedio.core.trail.Walk;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Gathering;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Part;
import promedio.desktop.text.Words;

/** Samples of what the steps of tables make: taken from there, and given other entries whenever the steps make others. */
public final class Followers implements Part {
    private static final int MOST_EACH = 40;

    private final Desk desk;
    private final TableTrail trail;
    /** What each table was when its samples were given their entries last. */
    private final Map<String, Seen> settled = new HashMap<>();

    private final ReadOnlyObjectWrapper<Map<String, List<Sentence>>> told = new ReadOnlyObjectWrapper<>(Map.of());

    /** The very objects, since to compare what they hold would take long. */
    private record Seen(DataTable table, CourseCard card, List<SampleSheet> sheets) {
        boolean is(Seen other) {
            boolean same = other != null
                    && table == other.table
                    && card.equals(other.card)
                    && sheets.size() == other.sheets.size();
            for (int i = 0; same && i < sheets.size(); i++) {
                same = sheets.get(i) == other.sheets.get(i);
            }
            return same;
        }
    }

    /** The samples of a desk that follow its trails. */
    public Followers(Desk desk, TableTrail trail) {
        this.desk = desk;
        this.trail = trail;
    }

    @Override
    public void forget() {
        settled.clear();
        told.set(Map.of());
    }

    /** What is to be said of samples that follow a table, by their ids. */
    public ReadOnlyObjectProperty<Map<String, List<Sentence>>> toldProperty() {
        return told.getReadOnlyProperty();
    }

    /** Walks the steps of tables that samples follow, where something has changed since. */
    @Override
    public void refresh() {
        Assignment now = desk.assignment();
        for (DataTable table : now.tables()) {
            Seen seen = new Seen(table, now.card(), of(now, table));
            if (!seen.sheets().isEmpty() && !seen.is(settled.get(table.id()))) {
                settled.put(table.id(), seen);
                desk.inBackground(
                        Lane.WALKING,
                        () -> trail.walked(table, now.card()),
                        walk -> settle(table, now.card(), walk),
                        () -> settled.remove(table.id()));
            }
        }
    }

    private static List<SampleSheet> of(Assignment assignment, DataTable table) {
        return assignment.sheets().stream()
                .filter(sheet -> sheet.link().orElse(null) instanceof Link.Made made
                        && made.tableId().equals(table.id()))
                .toList();
    }

    /** Gives the samples that follow a table the entries that its steps made. */
    public void settle(DataTable table, CourseCard card, Walk walk) {
        Assignment now = desk.assignment();
        boolean same = now.card().equals(card)
                && now.table(table.id()).filter(one -> one == table).isPresent();
        if (same) {
            Following.Settled made = Following.settled(now, table, walk);
            Map<String, List<Sentence>> of = new HashMap<>(told.get());
            of(now, table).forEach(sheet -> of.remove(sheet.id()));
            of.putAll(made.told());
            settled.put(table.id(), new Seen(table, card, of(made.assignment(), table)));
            desk.settle(made.assignment());
            told.set(of);
            made.once().stream()
                    .map(Words::of)
                    .reduce((one, other) -> one + " " + other)
                    .ifPresent(desk::say);
        }
    }

    /** Puts a column of the table that is looked at on the shelf, as a sample that follows its steps. */
    public void take(String column) {
        withColumn(column, (table, walk) -> {
            Edit edit = take(desk.assignment(), walk, new Link.Made(table.id(), column, List.of()));
            desk.make(edit);
            settle(table, desk.assignment().card(), walk);
            desk.assignment().sheets().stream()
                    .skip(desk.assignment().sheets().size() - 1L)
                    .forEach(sheet -> desk.say(Words.of("message.taken", sheet.name(), sheet.size())));
        });
    }

    /** Goes to the working of a measure of a column, of the rows that have something in common; its sample is taken first. */
    public void open(String column, List<Link.Among> among, String question) {
        withColumn(column, (table, walk) -> {
            Link link = new Link.Made(table.id(), column, among);
            if (linked(link).isEmpty()) {
                desk.make(take(desk.assignment(), walk, (Link.Made) link));
                settle(table, desk.assignment().card(), walk);
            }
            linked(link).ifPresent(sheet -> desk.open(sheet.id(), question));
        });
    }

    private Optional<SampleSheet> linked(Link link) {
        return desk.assignment().sheets().stream()
                .filter(sheet -> sheet.link().filter(link::equals).isPresent())
                .findFirst();
    }

    /** A sample of a column for each text of another one: all of them one edit. */
    public void takeEach(String column, String by) {
        withColumn(column, (table, walk) -> {
            List<String> values = walk.find(by).map(Followers::texts).orElse(List.of());
            if (values.size() > MOST_EACH) {
                desk.say(Words.of("message.taken.too-many", values.size(), MOST_EACH));
                return;
            }
            Assignment now = desk.assignment();
            List<String> ids = new ArrayList<>();
            List<Edit> edits = new ArrayList<>();
            for (String value : values) {
                Link.Among among = new Link.Among(by, value);
                TableEdit.TakeColumn edit = take(now, walk, new Link.Made(table.id(), column, List.of(among)));
                now = edit.apply(now);
                edits.add(edit);
                ids.add(edit.sheetId());
            }
            edits.add(Gathering.of(now, ids, Words.of("together.by", column, by)));
            desk.make(new Edit.Together("add-samples", edits));
            settle(table, desk.assignment().card(), walk);
            desk.say(Words.of("message.taken.each", ids.size()));
        });
    }

    /** The texts of a column, each once, in the order in which they come. */
    private static List<String> texts(Field field) {
        Column column = field.column();
        return column instanceof Column.OfCategories categories
                ? categories.counts().keySet().stream().map(String::strip).toList()
                : List.of();
    }

    private static TableEdit.TakeColumn take(Assignment now, Walk walk, Link.Made link) {
        Optional<Field> field = walk.find(link.column());
        String among = link.among().stream()
                .map(one -> one.value().isEmpty() ? Words.of("link.missing") : one.value())
                .collect(Collectors.joining(", "));
        String name = among.isEmpty() ? link.column() : Words.of("table.sample-name", link.column(), among);
        return new TableEdit.TakeColumn(
                now.sheets().size(), now.freshId(), name, field.map(Field::unit).orElse(""), link);
    }

    /** What is done with a table and what all its steps make. */
    public interface Use {
        /** Does it. */
        void of(DataTable table, Walk walk);
    }

    /** Does something with what all steps of the chosen table make, though only the first of them may be looked at. */
    public void withColumn(String column, Use use) {
        TableTrail.Trodden trodden = trail.troddenProperty().get();
        if (trodden != null && trodden.walk().find(column).isEmpty()) {
            desk.say(Words.of("message.not-taken", column));
        } else if (trodden != null) {
            use.of(trodden.table(), trodden.walk());
        }
    }
}
