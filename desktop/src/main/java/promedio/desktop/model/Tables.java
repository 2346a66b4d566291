package promedio.desktop.model;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleIntegerProperty;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Link;
import promedio.core.assignment.Original;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.TableEdit;
import promedio.core.course.CourseCard;
import promedio.core.data.Column;
import promedio.core.measure.Catalogue;
import promedio.core.sentence.Visible;
import promedio.core.trail.Trail;
import promedio.desktop.text.Words;

/** The data table that is chosen: what its pages show, and what is done with it. */
public final class Tables {
    private static final int LONGEST_NAME = 60;
    private static final int MOST_TICKED = 8;
    private static final int MOST_EMPTIED = 2_000;
    private static final List<String> FIRST_QUESTIONS = List.of("mean", "sd", "median", "quartile-1", "quartile-3");

    private final DeskModel desk;
    private final ReadOnlyObjectWrapper<TableFigures> figures = new ReadOnlyObjectWrapper<>();
    private final IntegerProperty counted = new SimpleIntegerProperty(-1);
    private final ReadOnlyObjectWrapper<SideBySide> sideBySide = new ReadOnlyObjectWrapper<>();
    private final List<String> questions = new ArrayList<>(FIRST_QUESTIONS);
    private final TreeSet<Integer> ticked = new TreeSet<>();
    private final SideBySide.Memory memory = new SideBySide.Memory();
    private final ReadOnlyObjectWrapper<Along> along = new ReadOnlyObjectWrapper<>();
    private String alongQuestion = "";
    /** What was worked out last, of whichever table; null for nothing. */
    private TableFigures last;

    private long desks;
    private DataTable asked;
    private CourseCard askedCard;
    private volatile long asking;

    Tables(DeskModel desk) {
        this.desk = desk;
    }

    /** What is shown of the chosen table; null while there is nothing. */
    public ReadOnlyObjectProperty<TableFigures> figuresProperty() {
        return figures.getReadOnlyProperty();
    }

    /** The column whose words are counted on the page Counts; −1 for the first that can be. */
    public IntegerProperty countedProperty() {
        return counted;
    }

    /** The chosen table. */
    public Optional<DataTable> chosen() {
        return desk.assignment().table(desk.selectedProperty().get());
    }

    /** Forgets what was shown of another assignment. */
    void forget() {
        last = null;
        desks++;
        leave();
    }

    /** How many assignments have lain on the desk: a table of another one is another, whatever it is called. */
    public long desks() {
        return desks;
    }

    private void leave() {
        asked = null;
        figures.set(null);
    }

    /** Brings what is shown up to date with the assignment. */
    void refresh() {
        Optional<DataTable> now = chosen();
        if (now.isEmpty()) {
            leave();
            return;
        }
        DataTable table = now.get();
        CourseCard card = desk.assignment().card();
        if (asked == table) {
            if (!card.equals(askedCard)) {
                compare();
            }
            return;
        }
        asked = table;
        boolean same = last != null && last.table().id().equals(table.id());
        if (same && last.table() == table) {
            figures.set(last);
            compare();
            return;
        }
        if (!same) {
            figures.set(null);
            sideBySide.set(null);
            alongQuestion = "";
            along.set(null);
            counted.set(-1);
            memory.forget();
        }
        Optional<TableFigures> before = same ? Optional.of(last) : Optional.empty();
        desk.inBackground(
                () -> TableFigures.of(table, before),
                made -> {
                    if (asked == table) {
                        if (!same) {
                            tickFirst(made);
                        }
                        last = made;
                        figures.set(made);
                        compare();
                    }
                },
                () -> asked = null);
    }

    /** The columns of measured numbers: not those that only number the rows, nor codes. */
    private void tickFirst(TableFigures made) {
        ticked.clear();
        List<String> coded = made.table().original().read().pointedOut().stream()
                .filter(notice -> notice.what().equals("coded-category"))
                .flatMap(notice -> notice.column().stream())
                .toList();
        for (int i = 0; i < made.all().columns().size() && ticked.size() < MOST_TICKED; i++) {
            if (made.all().columns().get(i) instanceof Column.OfNumbers numbers
                    && !numbers.isNumbering()
                    && !coded.contains(numbers.name())) {
                ticked.add(i);
            }
        }
    }

    /** Measures of the ticked columns beside each other; null while they are not worked out. */
    public ReadOnlyObjectProperty<SideBySide> sideBySideProperty() {
        return sideBySide.getReadOnlyProperty();
    }

    /** The columns that are ticked, to be compared and to be taken along each row. */
    public SortedSet<Integer> ticked() {
        return Collections.unmodifiableSortedSet(ticked);
    }

    /** Ticks a column, or not any more. */
    public void tick(int column, boolean on) {
        if (on ? ticked.add(column) : ticked.remove(column)) {
            compare();
        }
    }

    /** The measure that stands beside each row; null for none. */
    public ReadOnlyObjectProperty<Along> alongProperty() {
        return along.getReadOnlyProperty();
    }

    /** Puts a measure of the ticked columns beside each row; an empty question takes it away. */
    public void along(String question) {
        alongQuestion = question;
        showAlong();
    }

    private void showAlong() {
        TableFigures shown = figures.get();
        CourseCard card = desk.assignment().card();
        along.set(
                shown == null || ticked.isEmpty()
                        ? null
                        : Catalogue.lists()
                                .find(alongQuestion, card)
                                .map(measure -> new Along(shown, List.copyOf(ticked), measure, card))
                                .orElse(null));
    }

    /** Puts a measure beside the others, or takes it away. */
    public void compareBy(String question, boolean on) {
        if (on ? !questions.contains(question) && questions.add(question) : questions.remove(question)) {
            compare();
        }
    }

    private void compare() {
        TableFigures shown = figures.get();
        if (shown == null) {
            return;
        }
        showAlong();
        CourseCard card = desk.assignment().card();
        askedCard = card;
        TreeSet<Integer> columns = new TreeSet<>(ticked);
        List<String> lines = List.copyOf(questions);
        long mine = asking + 1;
        asking = mine;
        desk.inBackground(
                () -> mine < asking ? null : SideBySide.of(shown, columns, lines, card, memory),
                made -> {
                    if (made != null && mine == asking && figures.get() == shown) {
                        sideBySide.set(made);
                    }
                },
                () -> {});
    }

    /** Goes to the working of a measure of a column: its sample is chosen, and taken first where it is not on the shelf. */
    public void open(int column, String question) {
        withTable(table -> {
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
    void add(String name, Original original, SortedSet<Integer> off, List<Integer> columns, List<SampleSheet> instead) {
        add(name, original, off, columns, instead, Trail.NONE);
    }

    /** Puts a table on the shelf that is prepared by a trail. */
    void add(String name, Original original, Trail trail) {
        add(name, original, Collections.emptySortedSet(), List.of(), List.of(), trail);
    }

    private void add(
            String name,
            Original original,
            SortedSet<Integer> off,
            List<Integer> columns,
            List<SampleSheet> instead,
            Trail trail) {
        Assignment now = desk.assignment();
        DataTable table = new DataTable(now.freshTableId(), name, original, Map.of(), Map.of(), off, trail);
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
            desk.looking().pageProperty().set(DeskModel.Page.ENTRIES);
        }
    }

    static TableEdit.TakeColumn take(Assignment now, DataTable table, Link.Cells link, String which) {
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
        withTable(table -> {
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
        withTable(table -> {
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
                edits.add(GroupWork.gathering(now, ids, Words.of("together.by", of, categories.name())));
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

    private void withTable(Consumer<DataTable> use) {
        chosen().ifPresent(use);
    }

    /** Writes something else into a cell. */
    public void set(int row, int column, String typed) {
        withTable(table -> desk.make(new TableEdit.SetCells(table.id(), column, row, typed)));
    }

    /** Writes something else into every cell of a column that holds a text: one edit. */
    public void replace(String column, String text, String with) {
        TableFigures shown = figures.get();
        int index = shown == null ? -1 : shown.all().indexOf(column);
        if (index < 0) {
            return;
        }
        Column cells = shown.all().columns().get(index);
        List<Integer> rows = IntStream.range(0, cells.size())
                .filter(row -> cells.entries().text(row).strip().equals(text))
                .boxed()
                .toList();
        desk.make(new TableEdit.SetCells(shown.table().id(), index, rows, with));
    }

    /** Empties cells: one edit; says so where they are more than a hand would. */
    public void empty(List<Integer> rows, int firstColumn, int lastColumn) {
        int columns = lastColumn - firstColumn + 1;
        if ((long) rows.size() * columns > MOST_EMPTIED) {
            desk.say(Words.of("message.empty.too-many", MOST_EMPTIED));
            return;
        }
        withTable(table -> {
            List<Edit> edits = IntStream.rangeClosed(firstColumn, lastColumn)
                    .<Edit>mapToObj(column -> new TableEdit.SetCells(table.id(), column, rows, ""))
                    .toList();
            desk.make(columns == 1 ? edits.get(0) : new Edit.Together("change-cells", edits));
        });
    }

    /**
     * Writes what lies on the clipboard over cells: one edit. One cell fills all that are chosen; what does not fit changes nothing.
     *
     * @param rows the rows from the first that is chosen on, as they are shown
     * @param chosen how many rows are chosen
     * @param left the first column that is chosen
     * @param columns how many columns are chosen
     */
    public void paste(String text, int[] rows, int chosen, int left, int columns) {
        PastedCells cells = PastedCells.of(text).over(chosen, columns);
        withTable(table -> {
            int across = table.all().columns().size() - left;
            if (cells.isTooMany()) {
                desk.say(Words.of("message.paste.too-many", PastedCells.MOST));
            } else if (cells.lines().size() > rows.length || cells.width() > across) {
                desk.say(Words.of("message.paste.no-room", cells.lines().size(), cells.width(), rows.length, across));
            } else {
                desk.make(new Edit.Together("change-cells", cells.edits(table.id(), rows, left)));
                desk.say(Words.of("message.paste.done", cells.lines().size(), cells.width()));
            }
        });
    }

    /** Puts back what stood in a cell of the original. */
    public void putBack(DataTable.Place place) {
        withTable(table -> set(place.row(), place.column(), table.before(place)));
    }

    /** Leaves rows out, or takes them after all. */
    public void leaveOut(List<Integer> rows, boolean out) {
        withTable(table -> desk.make(new TableEdit.LeaveOutRows(table.id(), rows, out)));
    }

    /** Gives a column another name, unit and label; says why where that cannot be. */
    public void name(int column, String name, String unit, String label) {
        withTable(table -> {
            int taken = table.all().indexOf(name.strip());
            if (name.isBlank()) {
                desk.say(Words.of("message.column.no-name"));
            } else if (taken >= 0 && taken != column) {
                desk.say(Words.of("message.column.taken", Visible.line(name, LONGEST_NAME)));
            } else {
                desk.make(new TableEdit.NameColumn(table.id(), column, name, unit, label));
            }
        });
    }

    /** Calls a table otherwise. */
    public void rename(String tableId, String name) {
        if (!name.isBlank()) {
            desk.make(new TableEdit.RenameTable(tableId, name.strip()));
        }
    }

    /** Takes the table off the shelf; samples of its columns keep their entries. */
    public void remove() {
        withTable(table -> desk.make(new TableEdit.RemoveTable(table.id())));
    }

    /** Puts the rows of a table in an order to look at them, off the thread of the window; none for the order of the file. */
    public void order(TableFigures shown, RowOrder order, Consumer<Optional<int[]>> done) {
        if (order.column() < 0) {
            done.accept(Optional.empty());
            return;
        }
        desk.inBackground(
                () -> order.of(shown.all().columns().get(order.column())),
                rows -> done.accept(Optional.of(rows)),
                () -> {});
    }

    /** Turns to the counts of a column. */
    public void count(int column) {
        counted.set(column);
        desk.looking().tablePageProperty().set(DeskModel.TablePage.COUNTS);
    }
}
