package promedio.desktop.model;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Entries;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.Typing;
import promedio.core.course.CardKey;
import promedio.core.course.DecimalMark;
import promedio.core.number.Numerals;
import promedio.desktop.text.Words;
import promedio.files.InputProblem;
import promedio.files.delimited.TypingReader;

/** Turns what is typed, pasted or read from a text file into samples of the desk. */
final class Intake {
    private final DeskModel desk;
    /** So many characters are read in a moment. */
    private static final int FEW_CHARACTERS = 4_000;

    private long reading;
    private long stopped;
    private int waiting;

    Intake(DeskModel desk) {
        this.desk = desk;
    }

    /** How something is taken apart, given the decimal mark. */
    private interface Source {
        Typing read(Numerals numerals) throws InputProblem;
    }

    /**
     * Takes what was typed or pasted: a few words at once, more of it off the thread of the window and one after another, so
     * that it stands there in the order in which it came.
     */
    void type(String text) {
        Numerals numerals = desk.assignment().card().numerals();
        boolean empty = desk.assignment().sheets().isEmpty();
        if (text.length() <= FEW_CHARACTERS && waiting == 0) {
            typed(typed(text, numerals, empty));
            return;
        }
        waiting++;
        desk.filing().readingProperty().set(true);
        long mine = stopped;
        desk.inBackground(
                () -> typed(text, numerals, empty),
                read -> {
                    done();
                    if (mine == stopped) {
                        typed(read);
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

    private static Read typed(String text, Numerals numerals, boolean empty) {
        try {
            return better(mark -> Typing.parse(text, mark), numerals, empty);
        } catch (InputProblem impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private void typed(Read read) {
        if (!read.typing().isEmpty()) {
            take(read.typing(), read.commas(), "");
        } else {
            read.typing().told().ifPresent(told -> desk.say(Words.of(told)));
        }
    }

    /** Reads a text file off the thread of the window; {@link #stop} lets its contents drop. */
    void file(Path path) {
        Numerals numerals = desk.assignment().card().numerals();
        boolean empty = desk.assignment().sheets().isEmpty();
        inTurn(path, () -> read(path, numerals, empty), result -> {
            if (result.problem().isPresent()) {
                desk.say(result.problem().get());
            } else if (result.typing().isEmpty()) {
                desk.say(Words.of("message.nothing", path.getFileName()));
            } else {
                desk.startSample();
                take(result.typing(), result.commas(), name(path));
            }
        });
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

    /** What came of reading: cells, whether with decimal commas, or the sentence why not. */
    private record Read(Typing typing, boolean commas, Optional<String> problem) {}

    private static Read read(Path path, Numerals numerals, boolean empty) {
        try {
            return better(mark -> TypingReader.read(path, mark), numerals, empty);
        } catch (InputProblem problem) {
            return new Read(Typing.NOTHING, false, Optional.of(Words.of(problem.sentence())));
        }
    }

    /** The file's name without its ending, as the name of a sample without a heading. */
    private static String name(Path path) {
        return path.getFileName().toString().replaceFirst("\\.[^.]*$", "");
    }

    /** On an empty shelf, the reading with decimal commas where more of the cells are numbers so. */
    private static Read better(Source source, Numerals numerals, boolean empty) throws InputProblem {
        Typing typing = source.read(numerals);
        long numbers = typing.numbers(numerals);
        boolean all = typing.cells() == numbers;
        if (empty && !all && numerals.decimalMark() == '.') {
            Typing other = source.read(Numerals.COMMA);
            if (other.numbers(Numerals.COMMA) > numbers) {
                return new Read(other, true, Optional.empty());
            }
        }
        return new Read(typing, false, Optional.empty());
    }

    /** Everything that comes of a paste or a file is one edit, to be taken back at once. */
    private void take(Typing typing, boolean commas, String name) {
        List<Edit> edits = new ArrayList<>();
        Assignment before = desk.assignment();
        if (commas) {
            edits.add(new Edit.ChangeCard(before.card().with(CardKey.DECIMAL_MARK, DecimalMark.COMMA)));
        }
        Optional<SampleSheet> chosen = desk.sheet();
        Optional<Edit> more = chosen.flatMap(sheet -> appended(sheet, typing));
        List<SampleSheet> fresh = more.isPresent() ? List.of() : sheets(before, typing, name);
        more.ifPresent(edits::add);
        for (int i = 0; i < fresh.size(); i++) {
            edits.add(new Edit.AddSheet(before.sheets().size() + i, fresh.get(i)));
        }
        desk.make(
                edits.size() == 1
                        ? edits.get(0)
                        : new Edit.Together(more.isPresent() ? "add-entries" : "add-sample", edits));
        if (!fresh.isEmpty()) {
            desk.select(fresh.get(0).id());
            if (typing.kind() == SampleSheet.Kind.CLASSES) {
                desk.looking().pageProperty().set(DeskModel.Page.CLASSES);
            }
            typing.told().ifPresent(told -> desk.say(Words.of(told)));
        }
        if (commas) {
            desk.say(Words.of("message.commas"));
        }
    }

    /** More entries of a sample; empty where what was typed is of another kind, and makes samples of its own. */
    private static Optional<Edit> appended(SampleSheet sheet, Typing typing) {
        int columns = sheet.columns().size();
        if (columns == 1 && typing.columns().size() > 1
                || typing.kind() != SampleSheet.Kind.VALUES && typing.kind() != sheet.kind()) {
            return Optional.empty();
        }
        List<List<String>> rows =
                new ArrayList<>(typing.columns().stream().map(Entries::texts).toList());
        while (rows.size() < columns) {
            rows.add(Collections.nCopies(typing.columns().get(0).size(), "1"));
        }
        return Optional.of(new Edit.InsertRows(sheet.id(), sheet.size(), rows.subList(0, columns)));
    }

    private static List<SampleSheet> sheets(Assignment before, Typing typing, String name) {
        List<SampleSheet> fresh = new ArrayList<>();
        Assignment with = before;
        if (typing.kind() != SampleSheet.Kind.VALUES) {
            return List.of(SampleSheet.table(
                    typing.kind(),
                    before.freshId(),
                    heading(typing, 0, name, before.sheets().size() + 1),
                    "",
                    typing.columns().get(0),
                    typing.columns().get(1)));
        }
        for (int i = 0; i < typing.columns().size(); i++) {
            int at = with.sheets().size();
            SampleSheet sheet = SampleSheet.list(
                    with.freshId(),
                    heading(typing, i, name, at + 1),
                    "",
                    typing.columns().get(i));
            with = new Edit.AddSheet(at, sheet).apply(with);
            fresh.add(sheet);
        }
        return fresh;
    }

    private static String heading(Typing typing, int column, String name, int number) {
        String heading = typing.headings().get(column);
        boolean only =
                typing.kind() != SampleSheet.Kind.VALUES || typing.columns().size() == 1;
        return !heading.isEmpty() ? heading : only && !name.isEmpty() ? name : Words.of("sample.name", number);
    }
}
