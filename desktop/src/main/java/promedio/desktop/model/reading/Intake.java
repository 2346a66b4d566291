package promedio.desktop.model.reading;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.SimpleBooleanProperty;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.OpenFrequency;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.Frequencies;
import promedio.core.number.Numerals;
import promedio.core.pasted.Found;
import promedio.core.pasted.Reading;
import promedio.core.question.PrintedQuestion;
import promedio.core.question.QuestionReader;
import promedio.core.sample.SampleKind.Use;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Gathering;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.desk.Part;
import promedio.desktop.model.table.Taking;
import promedio.desktop.text.Words;
import promedio.files.InputProblem;

/** Turns what is typed, pasted or read from a file into samples and tables of the desk. */
public final class Intake implements Part {
    private final Desk desk;
    /** So many characters are read in a moment. */
    private static final int FEW_CHARACTERS = 400;

    private final Taking taking;
    private final BooleanProperty busy = new SimpleBooleanProperty();
    private final FileReading page;
    private final Remembered remembered;
    /** What the file on the page was pasted as, whose samples it is to replace. */
    private Optional<HowRead> replaced = Optional.empty();
    /** A paste as a file, as long as it is on the page. */
    private Optional<Path> asFile = Optional.empty();

    private String questionText = "";
    private CourseCard questionCard = CourseCard.STANDARD;
    private Optional<PrintedQuestion> question = Optional.empty();

    private long reading;
    private final AtomicLong stopped = new AtomicLong();
    private int waiting;
    private long laid;

    /** What comes onto a desk. */
    public Intake(Desk desk, Taking taking) {
        this.desk = desk;
        this.taking = taking;
        page = new FileReading(desk, busy);
        remembered = new Remembered(desk);
    }

    @Override
    public void close() {
        page.close();
        forgetFile();
    }

    private void forgetFile() {
        try {
            for (Path file : asFile.stream().toList()) {
                Files.deleteIfExists(file);
                Files.deleteIfExists(file.getParent());
            }
        } catch (IOException inUse) {
            // It goes when the program ends.
            return;
        } finally {
            asFile = Optional.empty();
        }
    }

    @Override
    public void forget() {
        laid++;
    }

    @Override
    public void laid() {
        remembered.readAgain();
    }

    /** Whether something is being read. */
    public BooleanProperty busyProperty() {
        return busy;
    }

    /** How a sample was read, while its entries stand as they were read. */
    public Optional<HowRead> howRead(SampleSheet sheet) {
        return remembered.of(sheet);
    }

    /** How often it was found out anew how samples were read: changes when there is more to be said. */
    public ReadOnlyIntegerProperty rereadProperty() {
        return remembered.countProperty();
    }

    /**
     * Takes what was typed or pasted: a few words at once, more of it off the thread of the window and one after another, so
     * that it stands there in the order in which it came. It belongs where it was typed, whatever is chosen by then.
     */
    public void type(String text) {
        CourseCard card = desk.assignment().card();
        if (text.length() <= FEW_CHARACTERS && waiting == 0) {
            typed(Typed.of(text, card, () -> {}));
            return;
        }
        waiting++;
        busy.set(true);
        long mine = stopped.get();
        long lying = laid;
        String target = desk.selectedProperty().get();
        desk.inBackground(
                Lane.READING,
                () -> unlessStopped(text, card, mine),
                read -> {
                    done();
                    if (mine == stopped.get() && read.isPresent()) {
                        typed(read.get(), target, lying);
                    }
                },
                this::done);
    }

    private Optional<Typed> unlessStopped(String text, CourseCard card, long mine) {
        try {
            return Optional.of(Typed.of(text, card, () -> {
                if (mine != stopped.get()) {
                    throw new CancellationException();
                }
            }));
        } catch (CancellationException stop) {
            return Optional.empty();
        }
    }

    /** Puts what was read where it was typed; in another assignment it has no business. */
    private void typed(Typed read, String target, long lying) {
        if (lying != laid) {
            desk.say(Words.of("message.typed.elsewhere"));
            return;
        }
        String chosen = desk.selectedProperty().get();
        if (!chosen.equals(target)) {
            if (target.isEmpty() || !desk.assignment().has(target)) {
                desk.startSample();
            } else {
                desk.select(target);
            }
        }
        typed(read);
    }

    private void done() {
        waiting--;
        if (waiting == 0) {
            busy.set(false);
        }
    }

    private void typed(Typed read) {
        if (!read.questions().isEmpty()) {
            ask(read.questions(), read.left());
            return;
        }
        if (read.left() > 0) {
            desk.say(Words.of("message.question.no-data"));
            return;
        }
        String text = read.text();
        List<Reading> readings = read.readings();
        Numerals numerals = desk.assignment().card().numerals();
        Optional<Edit> row = desk.sheet().flatMap(sheet -> More.row(sheet, text, numerals));
        Optional<More.OfPairs> pairs =
                desk.sheet().filter(sheet -> sheet.can(Use.VARIABLES)).map(sheet -> More.pairs(sheet, text, readings));
        Optional<Edit> more = row.or(() -> pairs.flatMap(More.OfPairs::edit));
        if (more.isPresent()) {
            desk.make(more.get());
        } else if (pairs.isPresent() && pairs.get().odd() > 0) {
            desk.say(Words.of("message.pairs.odd", pairs.get().odd()));
        } else if (!readings.isEmpty()) {
            take(readings, "", text);
        }
    }

    /**
     * Reads a file off the thread of the window: one list or table becomes a sample at once, a table of several columns comes on
     * the page that shows how it was read. {@link #stop} lets its contents drop.
     */
    public void file(Path path) {
        replaced = Optional.empty();
        Numerals numerals = desk.assignment().card().numerals();
        inTurn(path, () -> Contents.of(path, numerals), result -> {
            if (result.problem().isPresent() && result.otherwise()) {
                desk.startSample();
                page.open(path, result.problem().get());
            } else if (result.problem().isPresent()) {
                desk.say(result.problem().get());
            } else if (result.table().isPresent()) {
                desk.startSample();
                page.open(path, result.table().get());
            } else if (result.readings().isEmpty()) {
                desk.say(Words.of("message.nothing", path.getFileName()));
            } else {
                desk.startSample();
                take(result.readings(), name(path), "");
            }
        });
    }

    /** The page on which it is shown how a file was read. */
    public FileReading page() {
        return page;
    }

    /** Puts the file on that page on the shelf, and its wanted columns. */
    public void takePage() {
        page.take((path, original, off, columns) -> {
            List<SampleSheet> instead = replaced.map(note -> desk.assignment().sheets().stream()
                            .filter(note::made)
                            .toList())
                    .orElse(List.of());
            replaced = Optional.empty();
            forgetFile();
            taking.add(name(path), original, off, columns, instead);
        });
    }

    /** Shows a paste on the page on which files are read, to be kept as a data table in the place of its samples. */
    public void readAsTable(HowRead note) {
        try {
            Path folder = Files.createTempDirectory("promedio");
            folder.toFile().deleteOnExit();
            Path file = Files.writeString(folder.resolve(Words.of("table.pasted") + ".txt"), note.text());
            file.toFile().deleteOnExit();
            forgetFile();
            asFile = Optional.of(file);
            page.open(file, Contents.head(file));
            replaced = Optional.of(note);
        } catch (IOException full) {
            desk.say(Words.of("message.log", full.getMessage()));
        } catch (InputProblem problem) {
            desk.say(Words.of(problem.sentence()));
        }
    }

    /** Reads something of a file off the thread of the window, unless it is stopped or something else is read instead. */
    <T> void inTurn(Path path, Supplier<T> work, Consumer<T> done) {
        long mine = ++reading;
        desk.say(Words.of("message.reading", path.getFileName()));
        busy.set(true);
        desk.inBackground(
                Lane.READING,
                work,
                result -> {
                    if (mine == reading) {
                        busy.set(false);
                        desk.say("");
                        done.accept(result);
                    }
                },
                () -> busy.set(false));
    }

    /** Stops waiting for a file. */
    public void stop() {
        reading++;
        stopped.incrementAndGet();
        busy.set(false);
        desk.say(Words.of("message.stopped"));
    }

    /** The file's name without its ending, as the name of a sample without a heading. */
    private static String name(Path path) {
        return path.getFileName().toString().replaceFirst("\\.[^.]*$", "");
    }

    /** Everything that comes of a paste or a file is one edit, to be taken back at once. */
    private void take(List<Reading> readings, String name, String text) {
        Reading reading = readings.get(0);
        if (reading.samples().isEmpty()) {
            desk.say(reading.told().stream().map(Words::of).collect(Collectors.joining(" ")));
            return;
        }
        Optional<Edit> more = desk.sheet().flatMap(sheet -> More.entries(sheet, reading));
        if (more.isPresent()) {
            desk.make(more.get());
            return;
        }
        Assignment before = desk.assignment();
        make("add-sample", List.of(), before.sheets().size(), List.of(new HowRead(readings, 0, List.of(), name, text)));
    }

    /** Puts questions on the shelf, each with its samples and what it asks of them; the first is shown. */
    private void ask(List<PrintedQuestion> questions, int left) {
        List<HowRead> notes = questions.stream()
                .map(question -> new HowRead(
                        question.readings(),
                        0,
                        List.of(),
                        question.number()
                                .map(number -> Words.of("question.name", number))
                                .orElse(""),
                        question.text()))
                .toList();
        make("ask-question", List.of(), desk.assignment().sheets().size(), notes);
        long asked = questions.stream().mapToInt(one -> one.asked().size()).sum();
        String said = questions.size() == 1
                ? Words.of("message.question.one", asked)
                : Words.of("message.question.many", questions.size(), asked);
        desk.say(left == 0 ? said : said + " " + Words.of("message.question.left", left));
    }

    /** Makes the samples of readings, in place of others, at a place of the shelf, and poses what their texts ask. */
    private void make(String undoKey, List<Edit> first, int at, List<HowRead> notes) {
        Assignment with = desk.assignment();
        List<Edit> edits = new ArrayList<>(first);
        for (Edit edit : first) {
            with = edit.apply(with);
        }
        List<SampleSheet> all = new ArrayList<>();
        boolean asks = false;
        for (HowRead note : notes) {
            List<SampleSheet> made = new ArrayList<>();
            List<Found> samples = note.reading().samples();
            for (Found found : samples) {
                SampleSheet sheet = sheet(with, found, note).readFrom(note.text());
                Edit add = new Edit.AddSheet(at + all.size(), sheet);
                with = add.apply(with);
                edits.add(add);
                made.add(sheet);
                all.add(sheet);
            }
            if (note.reading().areGroups()) {
                List<String> ids = made.stream().map(SampleSheet::id).toList();
                edits.add(Gathering.of(with, ids, Words.of("together.pasted")));
            }
            for (Edit posed : Posed.edits(with, note.text(), made)) {
                with = posed.apply(with);
                edits.add(posed);
                asks = true;
            }
            remembered.add(new HowRead(note.readings(), note.chosen(), made, note.name(), note.text()));
        }
        shares(notes, with, all).ifPresent(edits::add);
        desk.make(edits.size() == 1 ? edits.get(0) : new Edit.Together(undoKey, edits));
        show(all, asks);
    }

    /** The card with frequencies as shares or as counts, where the tables that were read have them so and there are no others. */
    private Optional<Edit> shares(List<HowRead> notes, Assignment with, List<SampleSheet> made) {
        CourseCard card = desk.assignment().card();
        boolean relative = card.get(CardKey.FREQUENCIES) == Frequencies.RELATIVE;
        boolean found = notes.stream().anyMatch(note -> note.reading().relative());
        boolean others =
                with.sheets().stream().anyMatch(sheet -> sheet.frequencies().isPresent() && !made.contains(sheet));
        return Optional.of(found ? Frequencies.RELATIVE : Frequencies.COUNTS)
                .filter(frequencies -> found != relative && !others)
                .map(frequencies -> new Edit.ChangeCard(card.with(CardKey.FREQUENCIES, frequencies)));
    }

    /** Shows the first of some samples that has numbers: what is asked of it, else its entries or classes. */
    private void show(List<SampleSheet> made, boolean asks) {
        made.stream()
                .filter(sheet -> hasNumbers(sheet, desk.assignment().card().numerals()))
                .findFirst()
                .or(() -> made.stream().findFirst())
                .ifPresent(sheet -> {
                    desk.select(sheet.id());
                    boolean classes = sheet.can(Use.MIDPOINTS)
                            && sheet.columns().get(1).texts().stream().noneMatch(OpenFrequency::is);
                    Page page = asks ? Page.MEASURES : classes ? Page.CLASSES : Page.ENTRIES;
                    desk.looking().pageProperty().set(page);
                    if (asks) {
                        methods(sheet);
                    }
                });
    }

    /** Workings begin with the method that the question names. */
    private void methods(SampleSheet sheet) {
        CourseCard card = desk.assignment().card();
        QuestionReader.single(sheet.pasted().orElse(""), card)
                .ifPresent(question -> question.asked().forEach(wanted -> Posed.measure(sheet, wanted, card)
                        .ifPresent(measure -> Posed.method(sheet, wanted, card)
                                .ifPresent(method -> desk.looking().methods().put(measure.question(), method)))));
    }

    /** What the chosen sample was pasted with, where that is a question of which something is still asked. */
    public Optional<PrintedQuestion> question(SampleSheet sheet) {
        boolean posed = desk.assignment().tasks().all().stream()
                .anyMatch(task -> task.question().sheetId().equals(sheet.id()));
        return sheet.pasted().filter(text -> posed).flatMap(text -> {
            if (!text.equals(questionText) || desk.assignment().card() != questionCard) {
                questionText = text;
                questionCard = desk.assignment().card();
                question = QuestionReader.single(text, questionCard);
            }
            return question;
        });
    }

    private static boolean hasNumbers(SampleSheet sheet, Numerals numerals) {
        return !sheet.can(Use.WORDS) || sheet.values().hasNumbers(numerals);
    }

    /** Puts the samples of another reading in the place of those that were made. */
    public void readAs(HowRead note, int which) {
        List<SampleSheet> present = desk.assignment().sheets();
        List<SampleSheet> made = present.stream().filter(note::made).toList();
        if (!made.isEmpty()) {
            List<Edit> gone = made.stream()
                    .<Edit>map(sheet -> new Edit.RemoveSheet(sheet.id()))
                    .toList();
            HowRead other = new HowRead(note.readings(), which, List.of(), note.name(), note.text());
            make("read-otherwise", gone, present.indexOf(made.get(0)), List.of(other));
        }
    }

    /** A sample under its heading; of a question under its number, with the heading behind. */
    private static SampleSheet sheet(Assignment with, Found found, HowRead note) {
        boolean asked = !note.name().isEmpty() && QuestionReader.looksAsked(note.text());
        boolean alone = note.reading().samples().size() == 1;
        String called;
        if (found.name().isEmpty()) {
            called = asked || alone && !note.name().isEmpty()
                    ? note.name()
                    : Words.of("sample.name", with.sheets().size() + 1);
        } else {
            called = asked ? Words.of("question.named", note.name(), found.name()) : found.name();
        }
        return found.sheet(with.freshId(), called);
    }
}
