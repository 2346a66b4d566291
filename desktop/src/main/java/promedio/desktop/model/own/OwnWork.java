package promedio.desktop.model.own;

import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import promedio.core.assignment.OwnEdit;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.MeanLetter;
import promedio.core.ownwork.CellMark;
import promedio.core.ownwork.CellPlace;
import promedio.core.ownwork.OwnMethod;
import promedio.core.ownwork.OwnSheet;
import promedio.core.ownwork.OwnTable;
import promedio.core.ownwork.OwnWay;
import promedio.core.ownwork.Quantity;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Latest;
import promedio.desktop.model.desk.Part;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;
import promedio.files.InputProblem;
import promedio.files.table.ReadingOptions;
import promedio.files.table.RowFile;

/** What the student works by hand of the chosen sample: set out, filled in, and marked off the thread of the window. */
public final class OwnWork implements Part {
    private final Desk desk;
    private final Latest marking;
    private final ReadOnlyObjectWrapper<OwnMarked> marked = new ReadOnlyObjectWrapper<>();
    /** What was asked to be marked last; nothing more is asked for as long as that is what is there. */
    private List<Object> asked = List.of();

    private boolean now;

    /** The work of a desk. */
    public OwnWork(Desk desk) {
        this.desk = desk;
        this.marking = new Latest(desk, Lane.MARKING);
        desk.shownProperty().addListener((property, before, shown) -> follow());
        desk.margin().explainedBy(question -> current().flatMap(known -> known.follows(question)));
    }

    @Override
    public void forget() {
        marking.stop();
        asked = List.of();
        marked.set(null);
    }

    /** What is worked of the chosen sample; empty where nothing is. */
    public Optional<OwnSheet> sheet() {
        return desk.assignment().working(sample());
    }

    private String sample() {
        return desk.selectedProperty().get();
    }

    /** The marks of what is worked; null while there are none, or none are to be shown. */
    public ReadOnlyObjectProperty<OwnMarked> markedProperty() {
        return marked.getReadOnlyProperty();
    }

    private Optional<OwnMarked> current() {
        return Optional.ofNullable(marked.get())
                .filter(known -> known.sample().id().equals(sample()));
    }

    private Optional<SheetFigures> figures() {
        return Optional.ofNullable(desk.settledProperty().get())
                .filter(figures -> figures.basis().id().equals(sample()));
    }

    /** Whether the assignment marks workings while they are written. */
    public boolean marksAtOnce() {
        return desk.assignment().asking().marksAtOnce();
    }

    /** Has the assignment mark workings while they are written, or only when that is asked for. */
    public void markAtOnce(boolean on) {
        desk.make(new OwnEdit.MarkAtOnce(on));
    }

    /** Marks what is there now. */
    public void mark() {
        now = true;
        asked = List.of();
        follow();
    }

    /** Brings the marks up to date; nothing is marked twice. */
    private void follow() {
        Optional<OwnSheet> sheet = sheet();
        Optional<SheetFigures> figures = figures();
        if (sheet.isEmpty() || figures.isEmpty() || figures.get().sample().isEmpty()) {
            if (current().isPresent() || marked.get() != null) {
                forget();
            }
            return;
        }
        Map<String, String> answers = new LinkedHashMap<>();
        for (String line : sheet.get().lines()) {
            String answer = desk.margin().answer(line);
            if (!answer.isEmpty()) {
                answers.put(line, answer);
            }
        }
        List<Object> all =
                List.of(sheet.get(), figures.get().sheet(), figures.get().card(), answers);
        if (all.equals(asked)) {
            return;
        }
        boolean wanted = marksAtOnce() || now;
        now = false;
        if (!wanted) {
            forget();
            return;
        }
        asked = all;
        OwnSheet mine = sheet.get();
        SheetFigures of = figures.get();
        marking.run(() -> OwnMarked.of(of, mine, answers), made -> {
            marked.set(made);
            desk.margin().remark();
        });
    }

    // ---- setting out

    /** The methods by which the chosen sample can be worked; none while it has no figures. */
    public List<OwnMethod> methods() {
        return figures()
                .map(SheetFigures::sample)
                .filter(sample -> !sample.isEmpty())
                .map(OwnMethod::of)
                .orElse(List.of());
    }

    /** The columns that the table of a method has for the chosen sample, as they are headed. */
    public List<String> headings(OwnMethod method) {
        return figures()
                .map(figures -> method.columns(figures.sample()).stream()
                        .map(this::heading)
                        .toList())
                .orElse(List.of());
    }

    /** What is written over a column, with the letter that the course has for the mean. */
    public String heading(Quantity what) {
        CourseCard card = desk.assignment().card();
        String mean = card.get(CardKey.MEAN_LETTER) == MeanLetter.MU ? "μ" : "x̄";
        return Words.of(Sentence.of("own.head." + what.id(), mean));
    }

    /** Sets a blank table of a method out, with the data of the sample; what stood there before can be had back. */
    public void setOut(OwnMethod method) {
        figures()
                .ifPresent(
                        figures -> set(method.blank(figures.sample(), figures.card(), this::heading), "own-set-out"));
    }

    private void set(OwnSheet sheet, String what) {
        desk.make(new OwnEdit.SetOut(sample(), sheet, what));
    }

    /** Takes a table that was worked elsewhere: lines of cells parted by tabs, semicolons or commas, the first the headings. */
    public void take(String text) {
        String sample = sample();
        desk.inBackground(
                Lane.READING,
                () -> read(() -> RowFile.ofText(Words.of("own.pasted"), text, ReadingOptions.GUESSED)),
                read -> read.accept(sample),
                () -> {});
    }

    /** Takes a table that was worked elsewhere, in a file. */
    public void take(Path file) {
        String sample = sample();
        desk.inBackground(
                Lane.READING,
                () -> read(() -> RowFile.of(file.toString(), InputStream.nullInputStream(), ReadingOptions.GUESSED)),
                read -> read.accept(sample),
                () -> {});
    }

    private interface Source {
        RowFile open() throws InputProblem;
    }

    private Consumer<String> read(Source source) {
        try {
            List<List<String>> rows = new ArrayList<>();
            source.open().each(row -> {
                if (rows.size() <= OwnSheet.MOST_ROWS + 1) {
                    rows.add(row.cells());
                }
            });
            if (rows.size() < 2) {
                return any -> desk.say(Words.of("own.no-table"));
            }
            OwnTable table = OwnTable.of(rows);
            return sample -> taken(sample, table);
        } catch (InputProblem problem) {
            return any -> desk.say(Words.of(problem.sentence()));
        }
    }

    private void taken(String sample, OwnTable table) {
        if (!sample.equals(sample())) {
            return;
        }
        List<String> lines = sheet().map(OwnSheet::lines).orElseGet(() -> figures()
                .map(figures -> lines(figures.sample(), figures.card()))
                .orElse(List.of()));
        set(OwnSheet.of(table, lines), "own-taken");
        int rows = table.rows().size();
        if (rows > OwnSheet.MOST_ROWS || table.headings().size() > OwnSheet.MOST_COLUMNS) {
            desk.say(Words.of("own.cut", OwnSheet.MOST_ROWS, OwnSheet.MOST_COLUMNS));
        }
    }

    private static List<String> lines(Sample sample, CourseCard card) {
        return OwnMethod.of(sample).get(0).lines(sample, card);
    }

    /** Puts the working away; that can be undone. */
    public void putAway() {
        desk.make(new OwnEdit.PutAway(sample()));
    }

    // ---- columns, rows and lines

    /** Has something else stand over a column. */
    public void head(int column, String heading) {
        sheet().map(sheet -> sheet.columns().get(column))
                .filter(one -> !one.heading().equals(heading.strip()))
                .ifPresent(one -> change(
                        "own-column", sheet -> sheet.withColumn(column, new OwnSheet.Column(heading, one.is()))));
    }

    /** Says what a column is; empty where that is to be found out. */
    public void say(int column, Optional<Quantity> is) {
        change("own-column", sheet -> {
            OwnSheet.Column before = sheet.columns().get(column);
            String heading = before.heading().isEmpty() ? is.map(this::heading).orElse("") : before.heading();
            return sheet.withColumn(column, new OwnSheet.Column(heading, is));
        });
    }

    /** What a column is, as it was said or found out. */
    public Optional<Quantity> is(int column) {
        return sheet().filter(sheet -> column < sheet.columns().size())
                .flatMap(sheet -> sheet.columns().get(column).is())
                .or(() -> current()
                        .map(OwnMarked::marks)
                        .filter(marks -> column < marks.columns().size())
                        .flatMap(marks -> marks.columns().get(column)));
    }

    /** The columns that a table of the chosen sample may have. */
    public List<Quantity> columns() {
        return figures().map(figures -> OwnMethod.every(figures.sample())).orElse(List.of());
    }

    /** Puts an empty column at the right. */
    public void addColumn(Optional<Quantity> is) {
        change(
                "own-column",
                sheet -> sheet.withNewColumn(
                        sheet.columns().size(),
                        new OwnSheet.Column(is.map(this::heading).orElse(""), is)));
    }

    /** Takes a column out. */
    public void removeColumn(int column) {
        change("own-column", sheet -> sheet.withoutColumn(column));
    }

    /** Puts an empty row before another, or at the end. */
    public void addRow(int at) {
        change("own-row", sheet -> sheet.withNewRow(Math.min(at, sheet.rows().size())));
    }

    /** Takes a row out. */
    public void removeRow(int row) {
        change("own-row", sheet -> row < sheet.rows().size() ? sheet.withoutRow(row) : sheet);
    }

    /** Has a line below the table, or no longer; what was answered stays. */
    public void line(String question, boolean on) {
        change("own-line", sheet -> {
            List<String> lines = new ArrayList<>(sheet.lines());
            lines.remove(question);
            if (on) {
                lines.add(question);
            }
            return sheet.withLines(lines);
        });
    }

    private void change(String what, UnaryOperator<OwnSheet> change) {
        sheet().ifPresent(sheet -> {
            OwnSheet changed = change.apply(sheet);
            if (!changed.equals(sheet)) {
                set(changed, what);
            }
        });
    }

    // ---- cells

    /** Writes a cell. */
    public void write(CellPlace place, String text) {
        write(place, List.of(List.of(text)));
    }

    /** Writes cells from one on to the right and down. */
    public void write(CellPlace from, List<List<String>> cells) {
        sheet().filter(sheet -> !sheet.with(from, cells).equals(sheet))
                .ifPresent(sheet -> desk.make(new OwnEdit.WriteCells(sample(), from.row(), from.column(), cells)));
    }

    /** Fills a cell in, since it is asked for: that is kept. */
    public void fill(CellPlace place) {
        Optional<String> figure = current().flatMap(known -> known.marks().figure(place));
        figure.ifPresentOrElse(
                text -> desk.make(new OwnEdit.FillCell(sample(), place.row(), place.column(), marked(text))),
                () -> desk.say(Words.of("own.nothing-to-show")));
    }

    private String marked(String figure) {
        return figure.replace('.', desk.assignment().card().numerals().decimalMark());
    }

    /** Takes one more hint to a cell. */
    public void hint(CellPlace place) {
        desk.make(new OwnEdit.HintCell(sample(), place.row(), place.column()));
    }

    /** Whether mistakes are only hinted at, one hint after the other. */
    public boolean hints() {
        return desk.margin().givesHints();
    }

    /** What is told of a wrong cell, as far as it may be: all of it, or as many hints as were taken. */
    public List<String> told(OwnMarked known, CellPlace place, CellMark mark) {
        int level = hints() ? sheet().map(sheet -> sheet.help(place).hints()).orElse(0) : OwnSheet.Help.LAST_HINT;
        List<String> told = new ArrayList<>();
        Optional<Quantity> what = is(place.column());
        boolean total = place.row() == known.marks().cells().size();
        if (level >= 1) {
            told.add(
                    total
                            ? Words.of("own.hint.total")
                            : what.map(one -> Words.of(
                                            "own.hint.step",
                                            heading(one),
                                            Words.of(Sentence.of("own.says." + one.id()))))
                                    .orElse(""));
        }
        if (level >= 2) {
            mark.slip()
                    .ifPresent(slip -> told.add(Words.of(
                            "own.hint.slip",
                            Words.of(Sentence.of("slip-name." + slip.id())),
                            slip.way().map(way -> way + " = " + mark.text()).orElse(mark.text()))));
        }
        if (level >= OwnSheet.Help.LAST_HINT) {
            Optional<String> way = total
                    ? Optional.empty()
                    : known.marks().way(place.row(), place.column()).map(OwnWay::written);
            way.or(() -> known.marks().figure(place)).ifPresent(right -> told.add(Words.of("own.hint.right", right)));
        }
        told.removeIf(String::isEmpty);
        return told;
    }

    /** Lights the datum of a row up wherever it is shown. */
    public void light(int row) {
        Optional<Integer> entry = current()
                .filter(known -> row >= 0 && row < known.marks().cells().size())
                .flatMap(known -> known.marks().entry(row));
        desk.looking().litEntryProperty().set(entry.orElse(null));
        desk.looking()
                .litProperty()
                .set(entry.flatMap(at -> figures().flatMap(figures -> figures.valueOf(at)))
                        .orElse(null));
    }
}
