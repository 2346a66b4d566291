package promedio.desktop.model;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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

    Intake(DeskModel desk) {
        this.desk = desk;
    }

    /** How something is taken apart, given the decimal mark. */
    private interface Source {
        Typing read(Numerals numerals) throws InputProblem;
    }

    void type(String text) {
        try {
            take(numerals -> Typing.parse(text, numerals), "");
        } catch (InputProblem impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    void file(Path path) {
        try {
            boolean some = take(numerals -> TypingReader.read(path, numerals), name(path));
            if (!some) {
                desk.say(Words.of("message.nothing", path.getFileName()));
            }
        } catch (InputProblem problem) {
            desk.say(problem.getMessage());
        }
    }

    /** The file's name without its ending, as the name of a sample without a heading. */
    private static String name(Path path) {
        return path.getFileName().toString().replaceFirst("\\.[^.]*$", "");
    }

    private boolean take(Source source, String name) throws InputProblem {
        Numerals numerals = desk.assignment().card().numerals();
        Typing typing = source.read(numerals);
        if (typing.isEmpty()) {
            return false;
        }
        Optional<Typing> commas = withCommas(source, typing, numerals);
        if (commas.isPresent()) {
            desk.choose(CardKey.DECIMAL_MARK, DecimalMark.COMMA);
            add(commas.get(), name);
            desk.say(Words.of("message.commas"));
            return true;
        }
        Optional<SampleSheet> chosen = desk.sheet();
        if (chosen.isPresent()) {
            append(chosen.get(), typing, name);
        } else {
            add(typing, name);
        }
        return true;
    }

    /** On an empty shelf, the reading with decimal commas where more of the cells are numbers so. */
    private Optional<Typing> withCommas(Source source, Typing typing, Numerals numerals) throws InputProblem {
        if (numerals.decimalMark() == ',' || !desk.assignment().sheets().isEmpty()) {
            return Optional.empty();
        }
        Typing other = source.read(Numerals.COMMA);
        return other.numbers(Numerals.COMMA) > typing.numbers(numerals) ? Optional.of(other) : Optional.empty();
    }

    private void append(SampleSheet sheet, Typing typing, String name) {
        int columns = sheet.columns().size();
        List<List<String>> rows = new ArrayList<>(typing.columns());
        if (columns == 1 && typing.columns().size() > 1) {
            add(typing, name);
            return;
        }
        while (rows.size() < columns) {
            rows.add(typing.columns().get(0).stream().map(entry -> "1").toList());
        }
        desk.make(new Edit.InsertRows(sheet.id(), sheet.size(), rows));
    }

    private void add(Typing typing, String name) {
        if (typing.table()) {
            SampleSheet table = SampleSheet.frequencies(
                    desk.assignment().freshId(),
                    heading(typing, 0, name),
                    "",
                    Entries.of(typing.columns().get(0)),
                    Entries.of(typing.columns().get(1)));
            add(table);
            if (typing.headings().get(0).isEmpty()) {
                desk.say(Words.of("message.table"));
            }
            return;
        }
        String first = null;
        for (int i = 0; i < typing.columns().size(); i++) {
            SampleSheet sheet = SampleSheet.list(
                    desk.assignment().freshId(),
                    heading(typing, i, name),
                    "",
                    Entries.of(typing.columns().get(i)));
            add(sheet);
            first = first == null ? sheet.id() : first;
        }
        desk.select(first);
    }

    private void add(SampleSheet sheet) {
        desk.make(new Edit.AddSheet(desk.assignment().sheets().size(), sheet));
        desk.select(sheet.id());
    }

    private String heading(Typing typing, int column, String name) {
        String heading = typing.headings().get(column);
        boolean only = typing.table() || typing.columns().size() == 1;
        return !heading.isEmpty()
                ? heading
                : only && !name.isEmpty()
                        ? name
                        : Words.of("sample.name", desk.assignment().sheets().size() + 1);
    }
}
