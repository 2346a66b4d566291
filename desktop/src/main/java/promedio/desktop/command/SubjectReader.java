package promedio.desktop.command;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import picocli.CommandLine;
import promedio.core.course.CourseCard;
import promedio.core.data.Column;
import promedio.core.data.ColumnKind;
import promedio.core.picture.Named;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Subject;
import promedio.core.picture.Subjects;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.Tabulation;
import promedio.files.InputProblem;
import promedio.files.table.ColumnSearch;
import promedio.files.table.TableFile;

/** Reads what a picture is of: samples, groups, pairs or categories, by its kind and the columns that are named. */
final class SubjectReader {
    /** Headings that say what a column is for, and not what its numbers are. */
    private static final Pattern UNSAYING =
            Pattern.compile("(?iu)class(?:es)?|class intervals?|intervals?|values?|x|xᵢ|data|numbers?");

    private final CommandLine command;
    private final SampleArguments arguments;
    private final InputStream standardInput;
    private CourseCard card;

    SubjectReader(CommandLine command, SampleArguments arguments, InputStream standardInput, CourseCard card) {
        this.command = command;
        this.arguments = arguments;
        this.standardInput = standardInput;
        this.card = card;
    }

    /** The card, with the decimal mark that was found. */
    CourseCard card() {
        return card;
    }

    /** The decimal places of the data. */
    int places(Subject subject) {
        return subject instanceof Subject.Samples samples
                ? samples.samples().stream()
                        .mapToInt(one -> one.sample().places())
                        .max()
                        .orElse(0)
                : 0;
    }

    Subjects.Made read(List<String> inputs, PictureKind kind, Optional<String> by, Optional<Tabulation> classes)
            throws InputProblem {
        List<String> columns = arguments.columns();
        boolean pairs = kind == PictureKind.SCATTER || arguments.isKind("pairs");
        boolean categories = kind == PictureKind.BARS || arguments.isKind("two-way") || arguments.categories();
        boolean groups = by.isPresent() || columns.size() > 1 || arguments.isKind("groups");
        if (!pairs && !categories && !groups) {
            List<Named> samples = new ArrayList<>();
            List<Sentence> told = new ArrayList<>();
            for (String input : inputs) {
                SampleArguments.Input read = arguments.read(command, input, standardInput, card);
                card = read.card();
                told.addAll(read.told());
                String name = read.reading()
                        .heading()
                        .filter(heading -> !UNSAYING.matcher(heading).matches())
                        .orElse(inputs.size() == 1 ? "" : input);
                samples.add(new Named(name, "", read.reading().sample(), classes));
            }
            return new Subjects.Made(Optional.of(Subjects.together(distinct(samples, inputs))), Optional.empty(), told);
        }
        if (inputs.size() > 1) {
            throw new InputProblem(Sentence.of("picture.one-input"));
        }
        TableFile file = arguments.table(command, inputs.get(0), standardInput);
        card = SampleArguments.marked(card, file);
        List<Column> all = file.table().columns();
        // The table has the columns in its own order; they are wanted in the order in which they were named.
        List<Column> named = new ArrayList<>();
        for (String column : columns) {
            named.add(find(all, column, inputs.get(0)));
        }
        Optional<Column> group = by.isPresent() ? Optional.of(find(all, by.get(), inputs.get(0))) : Optional.empty();
        if (!categories) {
            for (Column column : named.isEmpty() ? without(all, group) : named) {
                Optional<Sentence> problem = Subjects.notNumbers(column);
                if (problem.isPresent() && (!named.isEmpty() || !pairs)) {
                    throw new InputProblem(problem.get());
                }
            }
        }
        return pairs
                ? pairs(named.isEmpty() ? without(all, group) : named, group)
                : categories
                        ? categories(named, all, group)
                        : groups(named.isEmpty() ? without(all, group) : named, group, classes);
    }

    private static List<Column> without(List<Column> all, Optional<Column> group) {
        return all.stream()
                .filter(column -> group.filter(column::equals).isEmpty())
                .toList();
    }

    private static List<Named> distinct(List<Named> samples, List<String> inputs) {
        List<Named> distinct = new ArrayList<>();
        for (int i = 0; i < samples.size(); i++) {
            Named one = samples.get(i);
            boolean taken = samples.stream()
                            .filter(other -> other.name().equals(one.name()))
                            .count()
                    > 1;
            String name = taken ? (one.name() + " " + inputs.get(i)).strip() : one.name();
            distinct.add(new Named(name, one.unit(), one.sample(), one.classes()));
        }
        return distinct;
    }

    private static Column find(List<Column> all, String asked, String source) throws InputProblem {
        return all.get(ColumnSearch.find(source, all, asked));
    }

    private Subjects.Made pairs(List<Column> columns, Optional<Column> by) throws InputProblem {
        List<Column> numbers = columns.size() == 2
                ? columns
                : columns.stream()
                        .filter(column -> column.kind() == ColumnKind.NUMBER)
                        .toList();
        if (numbers.size() != 2) {
            throw new InputProblem(Sentence.of("picture.two-columns"));
        }
        return Subjects.pairs(numbers.get(0), numbers.get(1), by);
    }

    private Subjects.Made categories(List<Column> named, List<Column> all, Optional<Column> by) throws InputProblem {
        if (named.size() > 2 || named.size() == 2 && by.isPresent()) {
            throw new InputProblem(Sentence.of("picture.categories.columns"));
        }
        if (named.size() == 2) {
            return Subjects.categories(named.get(0), Optional.of(named.get(1)));
        }
        if (named.size() == 1) {
            return Subjects.categories(named.get(0), by);
        }
        boolean words = all.stream().noneMatch(column -> column.kind() == ColumnKind.NUMBER);
        if (all.size() == 1) {
            return Subjects.categories(all.get(0), Optional.empty());
        }
        return words && all.size() == 2
                ? Subjects.categories(all.get(0), Optional.of(all.get(1)))
                : Subjects.counted(all);
    }

    private static Subjects.Made groups(List<Column> columns, Optional<Column> by, Optional<Tabulation> classes)
            throws InputProblem {
        if (by.isPresent()) {
            if (columns.size() != 1) {
                throw new InputProblem(Sentence.of("picture.by-one-column"));
            }
            return Subjects.groups(columns.get(0), by.get(), classes);
        }
        return Subjects.lists(columns, classes);
    }
}
