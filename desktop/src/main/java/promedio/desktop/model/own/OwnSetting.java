package promedio.desktop.model.own;

import java.io.InputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.OwnEdit;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.core.ownwork.OwnMethod;
import promedio.core.ownwork.OwnSheet;
import promedio.core.ownwork.OwnTable;
import promedio.core.ownwork.Quantity;
import promedio.core.sample.Sample;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.text.Words;
import promedio.files.InputProblem;
import promedio.files.answers.WorkingTables;
import promedio.files.table.RowFile;

/** How a working comes to a sample: a blank table of a method, or a table that was written elsewhere. */
public final class OwnSetting {
    private final Desk desk;
    private final OwnWork work;

    /** Workings set out on a desk. */
    public OwnSetting(Desk desk, OwnWork work) {
        this.desk = desk;
        this.work = work;
    }

    private Optional<Sample> sample() {
        return Optional.ofNullable(desk.settledProperty().get())
                .filter(figures -> figures.basis().id().equals(work.sample()))
                .map(figures -> figures.sample())
                .filter(sample -> !sample.isEmpty());
    }

    /** The methods by which the chosen sample can be worked; none while it has no figures. */
    public List<OwnMethod> methods() {
        return sample().map(OwnMethod::of).orElse(List.of());
    }

    /** The columns that the table of a method has for the chosen sample, as they are headed. */
    public List<String> headings(OwnMethod method) {
        return sample().map(sample ->
                        method.columns(sample).stream().map(work::heading).toList())
                .orElse(List.of());
    }

    /** The columns that a table of the chosen sample may have. */
    public List<Quantity> columns() {
        return sample().map(OwnMethod::every).orElse(List.of());
    }

    /** Sets a blank table of a method out, with the data of the sample. */
    public void setOut(OwnMethod method) {
        sample().ifPresent(sample ->
                put(work.sample(), method.blank(sample, desk.assignment().card(), work::heading), "own-set-out"));
    }

    /** Puts a working in the place of what stood there, which can be had back. */
    private void put(String of, OwnSheet sheet, String what) {
        boolean worked = desk.assignment().working(of).isPresent();
        desk.make(new OwnEdit.SetOut(of, sheet, what));
        if (worked) {
            desk.say(Words.of("own.replaced"));
        }
    }

    /** Puts the working away, which can be had back. */
    public void putAway() {
        desk.make(new OwnEdit.PutAway(work.sample()));
        desk.say(Words.of("own.replaced"));
    }

    /** Takes a table that was worked elsewhere: lines of cells parted by tabs, semicolons or commas, the first the headings. */
    public void take(String text) {
        String called = Words.of("own.pasted");
        take(card -> WorkingTables.read(RowFile.ofText(called, text, WorkingTables.reading(card)), called));
    }

    /** Takes a table that was worked elsewhere, in a file. */
    public void take(Path file) {
        String called = file.getFileName().toString();
        take(card -> WorkingTables.read(
                RowFile.of(file.toString(), InputStream.nullInputStream(), WorkingTables.reading(card)), called));
    }

    private interface Reading {
        OwnTable under(CourseCard card) throws InputProblem;
    }

    /** Reads off the thread of the window; what was read belongs to the sample that was chosen when that began. */
    private void take(Reading reading) {
        CourseCard card = desk.assignment().card();
        desk.sheet()
                .ifPresent(of -> desk.<Runnable>inBackground(
                        Lane.READING, () -> read(reading, of, card), Runnable::run, () -> {}));
    }

    private Runnable read(Reading reading, SampleSheet of, CourseCard card) {
        try {
            OwnTable table = reading.under(card);
            List<String> usual = usualLines(Interpretation.of(of, card).sample(), card);
            return () -> taken(of.id(), table, usual);
        } catch (InputProblem problem) {
            return () -> desk.say(Words.of(problem.sentence()));
        }
    }

    private static List<String> usualLines(Sample sample, CourseCard card) {
        return sample.isEmpty()
                ? List.of()
                : OwnMethod.of(sample).stream()
                        .findFirst()
                        .map(method -> method.lines(sample, card))
                        .orElse(List.of());
    }

    private void taken(String of, OwnTable table, List<String> usual) {
        List<String> lines = desk.assignment().working(of).map(OwnSheet::lines).orElse(usual);
        put(of, OwnSheet.of(table, lines), "own-taken");
        if (table.rows().size() > OwnSheet.MOST_ROWS || table.headings().size() > OwnSheet.MOST_COLUMNS) {
            desk.say(Words.of("own.cut", OwnSheet.MOST_ROWS, OwnSheet.MOST_COLUMNS));
        }
    }
}
