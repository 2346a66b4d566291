package promedio.desktop.model;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.OpenFrequency;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CardKey;
import promedio.core.course.Frequencies;
import promedio.core.data.Column;
import promedio.core.data.Entries;
import promedio.core.number.Numerals;
import promedio.core.pasted.Found;
import promedio.core.pasted.Pasted;
import promedio.core.pasted.Reading;
import promedio.desktop.text.Words;
import promedio.files.InputProblem;
import promedio.files.delimited.PastedReader;
import promedio.files.table.ReadingOptions;
import promedio.files.table.TableFile;
import promedio.files.table.TableFiles;

/** Turns what is typed, pasted or read from a text file into samples of the desk. */
final class Intake {
    private final DeskModel desk;
    /** So many characters are read in a moment. */
    private static final int FEW_CHARACTERS = 4_000;

    private static final int MOST_NOTES = 24;

    /** So many rows show what a file is. */
    private static final int FIRST_ROWS = 2_000;

    private final FileReading page;
    private final Deque<HowRead> notes = new ArrayDeque<>();
    /** What the file on the page was pasted as, whose samples it is to replace. */
    private Optional<HowRead> replaced = Optional.empty();

    private final ReadOnlyIntegerWrapper reread = new ReadOnlyIntegerWrapper();
    private long reading;
    private long stopped;
    private long laying;
    private int waiting;

    Intake(DeskModel desk) {
        this.desk = desk;
        this.page = new FileReading(desk);
    }

    /**
     * Takes what was typed or pasted: a few words at once, more of it off the thread of the window and one after another, so
     * that it stands there in the order in which it came.
     */
    void type(String text) {
        Numerals numerals = desk.assignment().card().numerals();
        if (text.length() <= FEW_CHARACTERS && waiting == 0) {
            typed(text, Pasted.read(text, numerals));
            return;
        }
        waiting++;
        desk.filing().readingProperty().set(true);
        long mine = stopped;
        desk.inBackground(
                () -> Pasted.read(text, numerals),
                read -> {
                    done();
                    if (mine == stopped) {
                        typed(text, read);
                    }
                },
                this::done);
    }

    private void done() {
        waiting--;
        if (waiting == 0) {
            desk.filing().readingProperty().set(false);
        }
    }

    private void typed(String text, List<Reading> readings) {
        Optional<Edit> row = desk.sheet()
                .filter(sheet -> sheet.kind() == SampleSheet.Kind.CLASSES)
                .flatMap(sheet -> Pasted.classRow(text, desk.assignment().card().numerals())
                        .<Edit>map(cells -> new Edit.InsertRows(
                                sheet.id(), sheet.size(), List.of(List.of(cells.get(0)), List.of(cells.get(1))))));
        if (row.isPresent()) {
            desk.make(row.get());
        } else if (desk.sheet().filter(SampleSheet::isOfPairs).isPresent() && addedPairs(text, readings)) {
            return;
        } else if (!readings.isEmpty()) {
            take(readings, "", text);
        }
    }

    /** More pairs of the chosen sample, or the numbers of one line two by two; false where what was typed is of another kind. */
    private boolean addedPairs(String text, List<Reading> readings) {
        SampleSheet sheet = desk.sheet().orElseThrow();
        Optional<Found> pairs = readings.stream()
                .filter(reading -> reading.samples().size() == 1)
                .map(reading -> reading.samples().get(0))
                .filter(found -> found.kind() == SampleSheet.Kind.PAIRS)
                .findFirst();
        if (pairs.isPresent()) {
            List<List<String>> columns =
                    pairs.get().columns().stream().map(Entries::texts).toList();
            desk.make(new Edit.InsertRows(sheet.id(), sheet.size(), columns));
            return true;
        }
        List<Found> first = readings.isEmpty() ? List.of() : readings.get(0).samples();
        boolean list = first.size() == 1 && first.get(0).kind() == SampleSheet.Kind.VALUES;
        if (!list || text.strip().lines().count() > 1) {
            return false;
        }
        List<String> texts = first.get(0).columns().get(0).texts();
        if (texts.size() % 2 == 1) {
            desk.say(Words.of("message.pairs.odd", texts.size()));
            return true;
        }
        List<String> xs = new ArrayList<>();
        List<String> ys = new ArrayList<>();
        for (int i = 0; i < texts.size(); i += 2) {
            xs.add(texts.get(i));
            ys.add(texts.get(i + 1));
        }
        desk.make(new Edit.InsertRows(sheet.id(), sheet.size(), List.of(xs, ys)));
        return true;
    }

    /**
     * Reads a file off the thread of the window: one list or table becomes a sample at once, a table of several columns comes on
     * the page that shows how it was read. {@link #stop} lets its contents drop.
     */
    void file(Path path) {
        replaced = Optional.empty();
        Numerals numerals = desk.assignment().card().numerals();
        inTurn(path, () -> read(path, numerals), result -> {
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
    FileReading page() {
        return page;
    }

    /** Puts the file on that page on the shelf, and its wanted columns. */
    void takePage() {
        page.take((path, original, off, columns) -> {
            List<SampleSheet> instead = replaced.map(note -> desk.assignment().sheets().stream()
                            .filter(note::made)
                            .toList())
                    .orElse(List.of());
            replaced = Optional.empty();
            desk.tables().add(name(path), original, off, columns, instead);
        });
    }

    /** Shows a paste on the page on which files are read, to be kept as a data table in the place of its samples. */
    void readAsTable(HowRead note) {
        try {
            Path folder = Files.createTempDirectory("promedio");
            folder.toFile().deleteOnExit();
            Path file = Files.writeString(folder.resolve(Words.of("table.pasted") + ".txt"), note.text());
            file.toFile().deleteOnExit();
            page.open(file, TableFiles.head(file, ReadingOptions.GUESSED, FIRST_ROWS));
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
        desk.filing().readingProperty().set(true);
        desk.inBackground(
                work,
                result -> {
                    if (mine == reading) {
                        desk.filing().readingProperty().set(false);
                        desk.say("");
                        done.accept(result);
                    }
                },
                () -> desk.filing().readingProperty().set(false));
    }

    /** Stops waiting for a file. */
    void stop() {
        reading++;
        stopped++;
        desk.filing().readingProperty().set(false);
        desk.say(Words.of("message.stopped"));
    }

    /** What came of reading a file: its readings as samples, or a table with columns to choose from, or the sentence why not. */
    private record Read(
            List<Reading> readings, Optional<TableFiles.Head> table, Optional<String> problem, boolean otherwise) {}

    /** What is wrong with a text that could be read if somebody said how. */
    private static final Set<String> OTHERWISE = Set.of(
            "input.more-cells",
            "input.too-wide",
            "input.broken.open-quote",
            "input.broken.after-quote",
            "input.broken.row",
            "input.cell-too-large");

    private static Read read(Path path, Numerals numerals) {
        try {
            TableFiles.Head head = TableFiles.head(path, ReadingOptions.GUESSED, FIRST_ROWS);
            List<Reading> readings = readings(path, head, numerals);
            boolean samples = !readings.isEmpty()
                    && (readings.get(0).samples().size() <= 1
                            || head.file().table().columns().size() <= 1);
            return samples
                    ? new Read(readings, Optional.empty(), Optional.empty(), false)
                    : new Read(List.of(), Optional.of(head), Optional.empty(), false);
        } catch (InputProblem problem) {
            boolean otherwise = OTHERWISE.contains(problem.sentence().key());
            return new Read(List.of(), Optional.empty(), Optional.of(Words.of(problem.sentence())), otherwise);
        }
    }

    /** A file that is one list or table; nothing where it is a table of several columns, or too large for one. */
    private static List<Reading> readings(Path path, TableFiles.Head head, Numerals numerals) throws InputProblem {
        TableFile file = head.file();
        boolean listOfText = file.format() == TableFile.Format.DELIMITED
                && file.table().columns().size() == 1;
        if (!head.whole() && !listOfText) {
            return List.of();
        }
        if (file.format() == TableFile.Format.DELIMITED) {
            return PastedReader.read(path, numerals);
        }
        List<Entries> columns = new ArrayList<>();
        for (Column column : file.table().columns()) {
            Entries.Builder entries = new Entries.Builder();
            if (file.heading()) {
                entries.add(column.name());
            }
            column.entries().texts().forEach(entries::add);
            columns.add(entries.build());
        }
        return Pasted.ofColumns(columns, numerals);
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
        Optional<Edit> more = desk.sheet().flatMap(sheet -> appended(sheet, reading));
        if (more.isPresent()) {
            desk.make(more.get());
            return;
        }
        Assignment before = desk.assignment();
        make("add-sample", List.of(), before.sheets().size(), new HowRead(readings, 0, List.of(), name, text));
    }

    /** Makes the samples of a reading, in place of others, at a place of the shelf. */
    private void make(String undoKey, List<Edit> first, int at, HowRead note) {
        Assignment with = desk.assignment();
        List<Edit> edits = new ArrayList<>(first);
        for (Edit edit : first) {
            with = edit.apply(with);
        }
        List<SampleSheet> made = new ArrayList<>();
        List<Found> samples = note.reading().samples();
        for (Found found : samples) {
            SampleSheet sheet =
                    sheet(with, found, samples.size() == 1 ? note.name() : "").readFrom(note.text());
            Edit add = new Edit.AddSheet(at + made.size(), sheet);
            with = add.apply(with);
            edits.add(add);
            made.add(sheet);
        }
        if (note.reading().areGroups()) {
            List<String> ids = made.stream().map(SampleSheet::id).toList();
            edits.add(GroupWork.gathering(with, ids, Words.of("together.pasted")));
        }
        boolean relative = desk.assignment().card().get(CardKey.FREQUENCIES) == Frequencies.RELATIVE;
        boolean others =
                with.sheets().stream().anyMatch(sheet -> sheet.frequencies().isPresent() && !made.contains(sheet));
        if (note.reading().relative() != relative && !others) {
            Frequencies frequencies = note.reading().relative() ? Frequencies.RELATIVE : Frequencies.COUNTS;
            edits.add(new Edit.ChangeCard(desk.assignment().card().with(CardKey.FREQUENCIES, frequencies)));
        }
        notes.addFirst(new HowRead(note.readings(), note.chosen(), made, note.name(), note.text()));
        while (notes.size() > MOST_NOTES) {
            notes.removeLast();
        }
        desk.make(edits.size() == 1 ? edits.get(0) : new Edit.Together(undoKey, edits));
        made.stream()
                .filter(sheet -> hasNumbers(sheet, desk.assignment().card().numerals()))
                .findFirst()
                .or(() -> made.stream().findFirst())
                .ifPresent(sheet -> {
                    desk.select(sheet.id());
                    boolean classes = sheet.kind() == SampleSheet.Kind.CLASSES
                            && sheet.columns().get(1).texts().stream().noneMatch(OpenFrequency::is);
                    desk.looking().pageProperty().set(classes ? DeskModel.Page.CLASSES : DeskModel.Page.ENTRIES);
                });
    }

    private static boolean hasNumbers(SampleSheet sheet, Numerals numerals) {
        return sheet.kind() != SampleSheet.Kind.VALUES || sheet.values().hasNumbers(numerals);
    }

    /** How a sample was read, while its entries stand as they were read. */
    Optional<HowRead> howRead(SampleSheet sheet) {
        return notes.stream().filter(note -> note.made(sheet)).findFirst();
    }

    /** How often notes have come that were not there before. */
    ReadOnlyIntegerProperty rereadProperty() {
        return reread.getReadOnlyProperty();
    }

    /** Finds out anew how the samples of another assignment were read from the texts that are kept with them. */
    void reread() {
        Assignment laid = desk.assignment();
        Numerals numerals = laid.card().numerals();
        List<String> texts = laid.sheets().stream()
                .flatMap(sheet -> sheet.pasted().stream())
                .distinct()
                .limit(MOST_NOTES)
                .toList();
        notes.clear();
        long mine = ++laying;
        if (!texts.isEmpty()) {
            desk.inBackground(
                    () -> texts.stream()
                            .flatMap(text -> again(laid.sheets(), text, Pasted.read(text, numerals)).stream())
                            .toList(),
                    found -> {
                        if (mine == laying) {
                            notes.addAll(found);
                            reread.set(reread.get() + 1);
                        }
                    },
                    () -> {});
        }
    }

    /** The first reading of a text that has made samples which still are as it made them; once for each time that it was pasted. */
    private static List<HowRead> again(List<SampleSheet> sheets, String text, List<Reading> readings) {
        for (int i = 0; i < readings.size(); i++) {
            List<Found> found = readings.get(i).samples();
            List<SampleSheet> made = sheets.stream()
                    .filter(sheet -> sheet.pasted().equals(Optional.of(text)))
                    .filter(sheet -> found.stream()
                            .anyMatch(one ->
                                    one.kind() == sheet.kind() && one.columns().equals(sheet.columns())))
                    .toList();
            if (!made.isEmpty()) {
                List<HowRead> notes = new ArrayList<>();
                for (int at = 0; at < made.size(); at += found.size()) {
                    List<SampleSheet> once = made.subList(at, Math.min(made.size(), at + found.size()));
                    notes.add(new HowRead(readings, i, once, "", text));
                }
                return notes;
            }
        }
        return List.of();
    }

    /** Puts the samples of another reading in the place of those that were made. */
    void readAs(HowRead note, int which) {
        List<SampleSheet> present = desk.assignment().sheets();
        List<SampleSheet> made = present.stream().filter(note::made).toList();
        if (!made.isEmpty()) {
            List<Edit> gone = made.stream()
                    .<Edit>map(sheet -> new Edit.RemoveSheet(sheet.id()))
                    .toList();
            HowRead other = new HowRead(note.readings(), which, List.of(), note.name(), note.text());
            make("read-otherwise", gone, present.indexOf(made.get(0)), other);
        }
    }

    /** More entries of a sample; empty where what was typed is of another kind, and makes samples of its own. */
    private static Optional<Edit> appended(SampleSheet sheet, Reading reading) {
        if (reading.samples().size() > 1) {
            return Optional.empty();
        }
        Found found = reading.samples().get(0);
        boolean values = found.kind() == SampleSheet.Kind.VALUES;
        boolean lists = sheet.kind() == SampleSheet.Kind.VALUES || sheet.kind() == SampleSheet.Kind.FREQUENCIES;
        if (values ? !lists : found.kind() != sheet.kind()) {
            return Optional.empty();
        }
        List<List<String>> rows =
                new ArrayList<>(found.columns().stream().map(Entries::texts).toList());
        while (rows.size() < sheet.columns().size()) {
            rows.add(Collections.nCopies(found.size(), "1"));
        }
        return Optional.of(new Edit.InsertRows(sheet.id(), sheet.size(), rows));
    }

    private static SampleSheet sheet(Assignment with, Found found, String name) {
        String called = !found.name().isEmpty()
                ? found.name()
                : !name.isEmpty() ? name : Words.of("sample.name", with.sheets().size() + 1);
        return found.sheet(with.freshId(), called);
    }
}
