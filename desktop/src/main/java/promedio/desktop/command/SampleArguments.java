package promedio.desktop.command;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import picocli.CommandLine;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.DecimalMark;
import promedio.core.course.Frequencies;
import promedio.core.data.Column;
import promedio.core.data.Counts;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.files.InputProblem;
import promedio.files.sample.SampleReader;
import promedio.files.table.ReadingOptions;
import promedio.files.table.TableFile;
import promedio.files.table.TableFiles;
import promedio.files.table.Watch;

/** The options that say which sample of an input is meant, and under which card. */
final class SampleArguments {
    /** Kinds of which there are pictures, but no measures. */
    private static final List<String> OF_PICTURES = List.of("groups", "two-way");

    private static final String KINDS = Arrays.stream(SampleKind.values())
            .map(SampleKind::id)
            .collect(Collectors.collectingAndThen(
                    Collectors.toList(),
                    ids -> String.join(", ", ids.subList(0, ids.size() - 1)) + " or " + ids.get(ids.size() - 1)));
    private static final int MOST_LISTED = 8;
    private static final int LONGEST_LISTED = 31;

    @Option(
            names = "--kind",
            paramLabel = "KIND",
            description = "values (a list), frequencies (columns value, frequency), classes (class, frequency) or pairs"
                    + " (two columns of numbers, row by row); totals, correction, combination, transform, empirical, missing or"
                    + " scores: what a question gives (columns name, value); unless said, what the input holds. For solve also"
                    + " categories: how often each text occurs; for picture also groups and two-way.",
            converter = KindConverter.class)
    private String kind;

    @Option(
            names = "--frequency",
            paramLabel = "NAME-OR-NUMBER",
            description = "Of pairs: the column that says how often each counts.")
    private String frequency;

    @Mixin
    private ReadingArguments arguments;

    @Mixin
    private RuleArguments rules = new RuleArguments();

    /** Reads {@code --kind}. */
    static final class KindConverter implements CommandLine.ITypeConverter<String> {
        @Override
        public String convert(String value) {
            if (SampleKind.find(value).isEmpty() && !OF_PICTURES.contains(value)) {
                throw new CommandLine.TypeConversionException("expected " + KINDS + ", not '" + value + "'");
            }
            return value;
        }
    }

    /** The kind that is said; empty where the input tells it. */
    Optional<SampleKind> kind() {
        return Optional.ofNullable(kind).flatMap(SampleKind::find);
    }

    /**
     * A sample as it was read.
     *
     * @param kind what the input holds
     * @param reading the sample and its heading
     * @param told what should be known of how it was read
     * @param card the card under which it was read: its decimal mark is that of the input
     * @param again the sample as another card reads it
     */
    record Input(
            SampleKind kind,
            SampleReader.Reading reading,
            List<Sentence> told,
            CourseCard card,
            Function<CourseCard, Sample> again) {}

    /** Whether texts are to be counted. */
    boolean categories() {
        return kind().filter(said -> !said.can(Use.MEASURED)).isPresent();
    }

    /**
     * The counts of a column.
     *
     * @param heading what stands over it, where something does
     */
    record Counted(Optional<String> heading, Counts counts) {}

    /** Counts the texts of a column of an input. */
    Counted counts(CommandLine command, String input, InputStream standardInput) throws InputProblem {
        ReadingOptions options = arguments.options(command, rules.decimalMark(command));
        TableFile file = TableFiles.read(input, standardInput, options, Watch.NOBODY);
        List<Column> columns = file.table().columns();
        if (columns.size() > 1) {
            String names = columns.stream()
                    .limit(MOST_LISTED)
                    .map(column -> Visible.line(column.name(), LONGEST_LISTED))
                    .collect(Collectors.joining(", "));
            throw new InputProblem(Sentence.of(
                    "input.columns",
                    input,
                    Integer.toString(columns.size()),
                    columns.size() > MOST_LISTED ? names + ", …" : names));
        }
        Column column = columns.get(0);
        return new Counted(file.heading() ? Optional.of(column.name()) : Optional.empty(), Counts.of(column));
    }

    /** Whether a kind is said that only pictures know. */
    boolean isKind(String word) {
        return word.equals(kind);
    }

    /** The columns that are named. */
    List<String> columns() {
        return arguments.columns();
    }

    /** An input as a table of all its columns. */
    TableFile table(CommandLine command, String input, InputStream standardInput) throws InputProblem {
        if (frequency != null) {
            throw usage(command, "--frequency is for solve and mark; a picture shows every pair once.");
        }
        ReadingOptions options =
                arguments.options(command, rules.decimalMark(command)).withAllColumns();
        return TableFiles.read(input, standardInput, options, Watch.NOBODY);
    }

    /** Refuses what no input could be read by, before any is read. */
    void check(CommandLine command) {
        if (kind != null && OF_PICTURES.contains(kind)) {
            throw usage(command, "--kind takes " + KINDS + " here, not '" + kind + "'.");
        }
        if (frequency != null && !takesColumns()) {
            throw usage(command, "--frequency goes with --kind pairs only.");
        }
        if (takesColumns() && columns().size() != 0 && columns().size() != 2) {
            throw usage(command, "--kind pairs takes two --column, that of x and that of y.");
        }
        if (!takesColumns()) {
            column(command);
        }
        arguments.options(command, rules.decimalMark(command));
    }

    /** Reads the sample of an input. */
    Input read(CommandLine command, String input, InputStream standardInput, CourseCard card) throws InputProblem {
        Optional<String> column = takesColumns() ? Optional.empty() : column(command);
        ReadingOptions options =
                arguments.options(command, rules.decimalMark(command)).withAllColumns();
        TableFile file = TableFiles.read(input, standardInput, options, Watch.NOBODY);
        CourseCard marked = marked(card, file);
        SampleReader reader = new SampleReader(file);
        SampleKind holds = kind != null ? kind().orElseThrow() : column.isEmpty() ? reader.kind() : SampleKind.VALUES;
        SampleReader.Reading reading = read(reader, holds, column, marked);
        return new Input(holds, reading, reader.told(holds, reading), marked, other -> {
            try {
                return read(reader, holds, column, other).sample();
            } catch (InputProblem otherwise) {
                // Under this card it cannot be read: then nobody meant this card.
                return reading.sample();
            }
        });
    }

    /** Every column of numbers of an input as a sample of its own. */
    List<Input> each(CommandLine command, String input, InputStream standardInput, CourseCard card)
            throws InputProblem {
        TableFile file = table(command, input, standardInput);
        CourseCard marked = marked(card, file);
        SampleReader reader = new SampleReader(file);
        List<Input> all = new ArrayList<>();
        for (Column column : file.table().columns()) {
            if (column instanceof Column.OfNumbers) {
                SampleReader.Reading reading = reader.values(Optional.of(column.name()));
                all.add(new Input(
                        SampleKind.VALUES,
                        reading.headed(column.name()),
                        reader.told(SampleKind.VALUES, reading),
                        marked,
                        other -> reading.sample()));
            }
        }
        if (all.isEmpty()) {
            throw new InputProblem(Sentence.of("input.no-column-of-numbers", input));
        }
        return all;
    }

    /** A card with the decimal mark of a file. */
    static CourseCard marked(CourseCard card, TableFile file) {
        return card.with(
                CardKey.DECIMAL_MARK, file.reading().decimalMark() == ',' ? DecimalMark.COMMA : DecimalMark.POINT);
    }

    /** Whether several variables are asked for, a column each. */
    private boolean takesColumns() {
        return kind().filter(said -> said.can(Use.VARIABLES)).isPresent();
    }

    private SampleReader.Reading read(SampleReader reader, SampleKind holds, Optional<String> column, CourseCard card)
            throws InputProblem {
        return switch (holds.form()) {
            case VALUES -> reader.values(column);
            case FREQUENCIES -> reader.frequencies(card.get(CardKey.FREQUENCIES) == Frequencies.RELATIVE);
            case CLASSES -> reader.classes(card);
            case PAIRS -> reader.pairs(columns(), Optional.ofNullable(frequency));
            case GIVENS -> reader.givens(holds, card);
            case CATEGORIES -> throw new IllegalStateException("Words are counted.");
        };
    }

    private Optional<String> column(CommandLine command) {
        if (arguments.columns().size() > 1) {
            throw usage(command, "One --column is taken here.");
        }
        return arguments.columns().stream().findFirst();
    }

    private static CommandLine.ParameterException usage(CommandLine command, String sentence) {
        return new CommandLine.ParameterException(command, sentence);
    }

    /** The card that the rules make. */
    CourseCard card(CommandLine command) {
        return rules.card(command);
    }
}
