package promedio.desktop.model.own;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import promedio.core.assignment.OwnEdit;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.MeanLetter;
import promedio.core.ownwork.CellMark;
import promedio.core.ownwork.CellPlace;
import promedio.core.ownwork.OwnSheet;
import promedio.core.ownwork.OwnWay;
import promedio.core.ownwork.Quantity;
import promedio.core.sentence.Sentence;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Latest;
import promedio.desktop.model.desk.Part;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** What the student works by hand of the chosen sample: filled in, and marked off the thread of the window. How it comes there is {@link OwnSetting}. */
public final class OwnWork implements Part {
    private final Desk desk;
    private final Latest marking;
    private Optional<OwnMarked> made = Optional.empty();
    /** What was marked last, or is being marked. */
    private Optional<State> followed = Optional.empty();
    /** What somebody asked to be marked; whatever else stands there then is not. */
    private Optional<State> wanted = Optional.empty();

    /** What marks depend on. */
    private record State(OwnSheet sheet, SampleSheet data, CourseCard card, Map<String, String> answers) {}

    /** The work of a desk. */
    public OwnWork(Desk desk) {
        this.desk = desk;
        this.marking = new Latest(desk, Lane.MARKING);
        desk.shownProperty().addListener((property, before, shown) -> follow());
        desk.margin().explainedBy(question -> known().flatMap(known -> known.follows(question)));
    }

    @Override
    public void forget() {
        marking.stop();
        made = Optional.empty();
        followed = Optional.empty();
        wanted = Optional.empty();
    }

    /** The id of the chosen sample, for what is begun now and done later. */
    public String sample() {
        return desk.selectedProperty().get();
    }

    /** What is worked of the chosen sample; empty where nothing is. */
    public Optional<OwnSheet> sheet() {
        return desk.assignment().working(sample());
    }

    /** What is known of it, whether it is to be shown or not: what its columns are, what belongs into a cell. */
    public Optional<OwnMarked> known() {
        return made.filter(known -> known.sample().id().equals(sample()));
    }

    /** The marks to be shown: always, or where the assignment marks only when asked, of what was there when that was. */
    public Optional<OwnMarked> shown() {
        return known().filter(known -> marksAtOnce() || wanted.isPresent() && wanted.equals(state()));
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

    /** Shows the marks of what is there now. */
    public void mark() {
        wanted = state();
        desk.margin().remark();
    }

    private Optional<State> state() {
        return sheet().flatMap(sheet -> figures()
                .filter(figures -> !figures.sample().isEmpty())
                .map(figures -> new State(sheet, figures.sheet(), figures.card(), answers(sheet))));
    }

    private Map<String, String> answers(OwnSheet sheet) {
        Map<String, String> answers = new LinkedHashMap<>();
        for (String line : sheet.lines()) {
            String answer = desk.margin().answer(line);
            if (!answer.isEmpty()) {
                answers.put(line, answer);
            }
        }
        return answers;
    }

    /** Brings what is known up to date; nothing is marked twice. */
    private void follow() {
        Optional<State> now = state();
        if (now.equals(followed)) {
            return;
        }
        followed = now;
        if (now.isEmpty()) {
            marking.stop();
            made = Optional.empty();
            return;
        }
        SheetFigures of = figures().orElseThrow();
        State state = now.get();
        marking.run(() -> OwnMarked.of(of, state.sheet(), state.answers()), marked -> {
            made = Optional.of(marked);
            desk.margin().remark();
        });
    }

    /** What is written over a column, with the letter that the course has for the mean. */
    public String heading(Quantity what) {
        CourseCard card = desk.assignment().card();
        String mean = card.get(CardKey.MEAN_LETTER) == MeanLetter.MU ? "μ" : "x̄";
        return Words.of(Sentence.of("own.head." + what.id(), mean));
    }

    // ---- columns, rows and lines

    /**
     * Has something else stand over a column.
     *
     * @param of the sample that was chosen when it began to be written
     */
    public void head(String of, int column, String heading) {
        change(
                of,
                "own-column",
                sheet -> sheet.withColumn(
                        column,
                        new OwnSheet.Column(heading, sheet.columns().get(column).is())));
    }

    /** Says what a column is; empty where that is to be found out. */
    public void say(int column, Optional<Quantity> is) {
        change(sample(), "own-column", sheet -> {
            OwnSheet.Column before = sheet.columns().get(column);
            String heading = before.heading().isEmpty() ? is.map(this::heading).orElse("") : before.heading();
            return sheet.withColumn(column, new OwnSheet.Column(heading, is));
        });
    }

    /** What a column is, as it was said or found out. */
    public Optional<Quantity> is(int column) {
        return sheet().filter(sheet -> column < sheet.columns().size())
                .flatMap(sheet -> sheet.columns().get(column).is())
                .or(() -> known().map(OwnMarked::marks)
                        .filter(marks -> column < marks.columns().size())
                        .flatMap(marks -> marks.columns().get(column)));
    }

    /** Puts an empty column at the right. */
    public void addColumn(Optional<Quantity> is) {
        change(
                sample(),
                "own-column",
                sheet -> sheet.withNewColumn(
                        sheet.columns().size(),
                        new OwnSheet.Column(is.map(this::heading).orElse(""), is)));
    }

    /** Takes a column out. */
    public void removeColumn(int column) {
        change(sample(), "own-column", sheet -> sheet.withoutColumn(column));
    }

    /** Puts an empty row before another, or at the end. */
    public void addRow(int at) {
        change(
                sample(),
                "own-row",
                sheet -> sheet.withNewRow(Math.min(at, sheet.rows().size())));
    }

    /** Takes a row out. */
    public void removeRow(int row) {
        change(sample(), "own-row", sheet -> row < sheet.rows().size() ? sheet.withoutRow(row) : sheet);
    }

    /** Has a line below the table, or no longer; what was answered stays. */
    public void line(String question, boolean on) {
        change(sample(), "own-line", sheet -> {
            List<String> lines = new ArrayList<>(sheet.lines());
            lines.remove(question);
            if (on) {
                lines.add(question);
            }
            return sheet.withLines(lines);
        });
    }

    private void change(String of, String what, UnaryOperator<OwnSheet> change) {
        desk.assignment().working(of).ifPresent(sheet -> {
            OwnSheet changed = change.apply(sheet);
            if (!changed.equals(sheet)) {
                desk.make(new OwnEdit.SetOut(of, changed, what));
            }
        });
    }

    // ---- cells

    /**
     * Writes cells from one on to the right and down.
     *
     * @param of the sample that was chosen when they began to be written
     */
    public void write(String of, CellPlace from, List<List<String>> cells) {
        desk.assignment()
                .working(of)
                .filter(sheet -> !sheet.with(from, cells).equals(sheet))
                .ifPresent(sheet -> desk.make(new OwnEdit.WriteCells(of, from.row(), from.column(), cells)));
    }

    /** Fills a cell in, since it is asked for: that is kept. */
    public void fill(CellPlace place) {
        Optional<String> figure = known().flatMap(known -> known.marks().figure(place));
        figure.ifPresentOrElse(
                text -> desk.make(new OwnEdit.FillCell(sample(), place.row(), place.column(), asWritten(text))),
                () -> desk.say(Words.of("own.nothing-to-show")));
    }

    private String asWritten(String figure) {
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
        Optional<Integer> entry = known().filter(
                        known -> row >= 0 && row < known.marks().cells().size())
                .flatMap(known -> known.marks().entry(row));
        desk.looking().litEntryProperty().set(entry.orElse(null));
        desk.looking()
                .litProperty()
                .set(entry.flatMap(at -> figures().flatMap(figures -> figures.valueOf(at)))
                        .orElse(null));
    }
}
