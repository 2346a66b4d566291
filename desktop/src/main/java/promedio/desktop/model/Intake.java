package promedio.desktop.model;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
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
    private long reading;

    Intake(DeskModel desk) {
        this.desk = desk;
    }

    /** How something is taken apart, given the decimal mark. */
    private interface Source {
        Typing read(Numerals numerals) throws InputProblem;
    }

    void type(String text) {
        try {
            Read read = better(
                    numerals -> Typing.parse(text, numerals),
                    desk.assignment().card().numerals(),
                    desk.assignment().sheets().isEmpty());
            if (!read.typing().isEmpty()) {
                take(read.typing(), read.commas(), "");
            }
        } catch (InputProblem impossible) {
            throw new IllegalStateException(impossible);
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
        desk.filing().readingProperty().set(false);
        desk.say(Words.of("message.stopped"));
    }

    /** What came of reading: cells, whether with decimal commas, or the sentence why not. */
    private record Read(Typing typing, boolean commas, Optional<String> problem) {}

    private static Read read(Path path, Numerals numerals, boolean empty) {
        try {
            return better(mark -> TypingReader.read(path, mark), numerals, empty);
        } catch (InputProblem problem) {
            return new Read(Typing.NOTHING, false, Optional.of(problem.getMessage()));
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

    private void take(Typing typing, boolean commas, String name) {
        if (commas) {
            desk.choose(CardKey.DECIMAL_MARK, DecimalMark.COMMA);
        }
        Optional<SampleSheet> chosen = desk.sheet();
        if (chosen.isPresent()) {
            append(chosen.get(), typing, name);
        } else {
            add(typing, name);
        }
        if (commas) {
            desk.say(Words.of("message.commas"));
        }
    }

    private void append(SampleSheet sheet, Typing typing, String name) {
        int columns = sheet.columns().size();
        List<List<String>> rows =
                new ArrayList<>(typing.columns().stream().map(Entries::texts).toList());
        if (columns == 1 && typing.columns().size() > 1
                || typing.kind() != SampleSheet.Kind.VALUES && typing.kind() != sheet.kind()) {
            add(typing, name);
            return;
        }
        while (rows.size() < columns) {
            rows.add(Collections.nCopies(typing.columns().get(0).size(), "1"));
        }
        desk.make(new Edit.InsertRows(sheet.id(), sheet.size(), rows));
    }

    private void add(Typing typing, String name) {
        if (typing.kind() != SampleSheet.Kind.VALUES) {
            add(SampleSheet.table(
                    typing.kind(),
                    desk.assignment().freshId(),
                    heading(typing, 0, name),
                    "",
                    typing.columns().get(0),
                    typing.columns().get(1)));
            if (typing.kind() == SampleSheet.Kind.CLASSES) {
                desk.looking().pageProperty().set(DeskModel.Page.CLASSES);
            }
            typing.told().ifPresent(told -> desk.say(Words.of(told)));
            return;
        }
        String first = null;
        for (int i = 0; i < typing.columns().size(); i++) {
            SampleSheet sheet = SampleSheet.list(
                    desk.assignment().freshId(),
                    heading(typing, i, name),
                    "",
                    typing.columns().get(i));
            add(sheet);
            first = first == null ? sheet.id() : first;
        }
        desk.select(first);
        typing.told().ifPresent(told -> desk.say(Words.of(told)));
    }

    private void add(SampleSheet sheet) {
        desk.make(new Edit.AddSheet(desk.assignment().sheets().size(), sheet));
        desk.select(sheet.id());
    }

    private String heading(Typing typing, int column, String name) {
        String heading = typing.headings().get(column);
        boolean only =
                typing.kind() != SampleSheet.Kind.VALUES || typing.columns().size() == 1;
        return !heading.isEmpty()
                ? heading
                : only && !name.isEmpty()
                        ? name
                        : Words.of("sample.name", desk.assignment().sheets().size() + 1);
    }
}
