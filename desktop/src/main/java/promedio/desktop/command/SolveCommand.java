package promedio.desktop.command;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.InputStream;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.core.course.CourseCard;
import promedio.core.document.Block;
import promedio.core.document.Document;
import promedio.core.document.Phrase;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.SignificantText;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.files.InputProblem;
import promedio.files.document.ConsoleText;
import promedio.files.sample.SampleReader;

/** {@code promedio solve}: every measure of samples from files, as text or JSON. Definitions, section 8. */
@Command(
        name = "solve",
        mixinStandardHelpOptions = true,
        description = "Print every measure of a sample, frequency table, class table or pairs.",
        sortOptions = false)
public final class SolveCommand implements Callable<Integer> {
    private static final int INPUT_NOT_READ = 3;
    private static final int MOST_DIGITS = 1_000;

    @Spec
    private CommandSpec spec;

    @Parameters(
            arity = "1..*",
            paramLabel = "INPUT",
            description = "Delimited text, XLSX, ODS, JSON or HTML files, or - for standard input.")
    private List<String> inputs = new ArrayList<>();

    @Mixin
    private SampleArguments arguments;

    @Option(names = "--measure", paramLabel = "KEY", description = "Only this measure; may be repeated.")
    private List<String> measures = new ArrayList<>();

    @Option(
            names = "--digits",
            paramLabel = "S",
            description = "Significant digits, 1 to " + MOST_DIGITS + "; 15 unless said.",
            defaultValue = "15")
    private int digits = 15;

    @Option(names = "--all", description = "Every measure under every rule; without it those of a first course.")
    private boolean all;

    @Option(names = "--each", description = "Each column of numbers as a sample of its own.")
    private boolean each;

    @Option(names = "--json", description = "One JSON object per input, each on a line, with every measure.")
    private boolean json;

    private final InputStream standardInput;

    /** The command, reading {@code -} from a stream. */
    public SolveCommand(InputStream standardInput) {
        this.standardInput = standardInput;
    }

    @Override
    public Integer call() {
        CourseCard card = arguments.card(spec.commandLine());
        arguments.check(spec.commandLine());
        checkAsked(card);
        if (digits < 1 || digits > MOST_DIGITS) {
            throw usage("--digits takes 1 to " + MOST_DIGITS + ", not " + digits + ".");
        }
        if (each && (arguments.kind().isPresent() || !arguments.columns().isEmpty())) {
            throw usage("--each takes every column of numbers by itself; --kind and --column do not go with it.");
        }
        int status = 0;
        PrintWriter out = spec.commandLine().getOut();
        for (String input : inputs) {
            Answered answered = answer(input, card);
            answered.printed().ifPresent(text -> out.println(json ? Visible.json(text) : text));
            if (answered.problem().isPresent()) {
                status = INPUT_NOT_READ;
                spec.commandLine().getErr().println(answered.problem().get());
            }
        }
        out.flush();
        spec.commandLine().getErr().flush();
        return status;
    }

    /** What is printed for an input, and what is wrong with it. */
    private record Answered(Optional<String> printed, Optional<String> problem) {}

    /** Answers for one input; whatever fails there, the others are answered too. */
    private Answered answer(String input, CourseCard card) {
        try {
            if (arguments.categories()) {
                SampleArguments.Counted counted = arguments.counts(spec.commandLine(), input, standardInput);
                CountedText text = new CountedText(input, counted, digits);
                return new Answered(Optional.of(json ? text.json() : text.text()), Optional.empty());
            }
            List<SampleArguments.Input> samples = each
                    ? arguments.each(spec.commandLine(), input, standardInput, card)
                    : List.of(arguments.read(spec.commandLine(), input, standardInput, card));
            List<String> printed = new ArrayList<>();
            for (SampleArguments.Input read : samples) {
                Catalogue catalogue = Catalogue.of(read.reading().sample());
                Map<String, Measure> asked = asked(catalogue, read.card());
                int left = catalogue.all().size() - asked.size();
                Results results = new Results(
                        read, outcomes(read.reading().sample(), asked), measures.isEmpty() ? Math.max(0, left) : 0);
                printed.add(
                        json ? results.json(input) : new ConsoleText(Sentence::toString).of(results.document(input)));
            }
            return new Answered(Optional.of(String.join(System.lineSeparator(), printed)), Optional.empty());
        } catch (InputProblem problem) {
            return failed(input, problem.sentence().toString());
        } catch (OutOfMemoryError tooLarge) {
            return failed(input, input + ": there is not enough memory to work this out.");
        } catch (RuntimeException | StackOverflowError fault) {
            return failed(input, input + ": Promedio itself failed here (" + fault + "); the input may be right.");
        }
    }

    private Answered failed(String input, String sentence) {
        String line = Visible.line(sentence);
        String object = new ObjectMapper()
                .createObjectNode()
                .put("source", input)
                .put("error", line)
                .toString();
        return new Answered(json ? Optional.of(object) : Optional.empty(), Optional.of(line));
    }

    private CommandLine.ParameterException usage(String sentence) {
        return new CommandLine.ParameterException(spec.commandLine(), sentence);
    }

    /** Refuses measures that no input could have, before any is read. */
    private void checkAsked(CourseCard card) {
        if (arguments.categories() && !measures.isEmpty()) {
            throw usage("--measure does not go with --kind categories, which has counts only.");
        }
        for (String key : measures) {
            List<SampleKind> kinds =
                    arguments.kind().map(List::of).orElse(List.of(SampleKind.VALUES, SampleKind.CLASSES));
            // What follows from givens is known when they are.
            if (kinds.stream().noneMatch(kind -> kind.can(Use.GIVEN))
                    && kinds.stream()
                            .noneMatch(
                                    kind -> Catalogue.of(kind).find(key, card).isPresent())) {
                throw usage("There is no measure '" + key + "'.");
            }
        }
    }

    private Map<String, Measure> asked(Catalogue catalogue, CourseCard card) throws InputProblem {
        Map<String, Measure> asked = new LinkedHashMap<>();
        for (String key : measures) {
            asked.put(
                    key,
                    catalogue
                            .find(key, card)
                            .orElseThrow(() -> new InputProblem(Sentence.of("input.no-measure", key))));
        }
        if (measures.isEmpty()) {
            boolean few = !all && !json;
            (few ? catalogue.usual(card) : catalogue.all()).forEach(measure -> asked.put(measure.key(), measure));
        }
        return asked;
    }

    private static Map<String, Outcome> outcomes(Sample sample, Map<String, Measure> asked) {
        Evaluation evaluation = Evaluation.of(sample);
        Map<String, Outcome> outcomes = new LinkedHashMap<>();
        asked.forEach((key, measure) -> outcomes.put(key, measure.outcome(evaluation)));
        return outcomes;
    }

    /** The outcomes by key, and the two ways to print them. */
    private final class Results {
        private final SampleArguments.Input read;
        private final Map<String, Outcome> outcomes;
        private final int left;

        Results(SampleArguments.Input read, Map<String, Outcome> outcomes, int left) {
            this.left = left;
            this.read = read;
            this.outcomes = outcomes;
        }

        String json(String source) {
            SampleReader.Reading reading = read.reading();
            Sample sample = reading.sample();
            ObjectNode object = new ObjectMapper().createObjectNode();
            object.put("source", source).put("kind", read.kind().id());
            object.put("count", written(sample.count())).put("missing", written(sample.missing()));
            reading.heading().ifPresent(heading -> object.put("heading", heading));
            ObjectNode results = object.putObject("results");
            ObjectNode undefined = object.putObject("undefined");
            outcomes.forEach((key, outcome) -> {
                if (outcome.figures().isEmpty()) {
                    undefined.put(key, outcome.whyUndefined().orElseThrow().toString());
                } else if (outcome instanceof Outcome.Several several) {
                    ArrayNode list = results.putArray(key);
                    several.figures().forEach(figure -> list.add(written(figure)));
                } else {
                    results.put(key, written(outcome.figures().get(0)));
                }
            });
            if (!read.told().isEmpty()) {
                ArrayNode told = object.putArray("told");
                read.told().forEach(sentence -> told.add(sentence.toString()));
            }
            return object.toString();
        }

        Document document(String source) {
            SampleReader.Reading reading = read.reading();
            Sample sample = reading.sample();
            String what = read.kind().can(Use.VARIABLES)
                    ? "solve.pair"
                    : read.kind().can(Use.GIVEN) ? "solve.given" : "solve.value";
            boolean one = sample.count().equals(Exact.ONE);
            Phrase head = Phrase.of(source + ": ")
                    .directly(Phrase.of(Sentence.of(one ? what : what + "s", written(sample.count()))));
            if (sample.missing().signum() > 0) {
                head = head.directly(Phrase.of(Sentence.of("solve.missing", written(sample.missing()))));
            }
            if (reading.heading().isPresent()) {
                head = head.directly(
                        Phrase.of(Sentence.of("solve.headed", reading.heading().get())));
            }
            List<Block> blocks = new ArrayList<>(List.of(new Block.Heading(1, head)));
            read.told().forEach(sentence -> blocks.add(new Block.Paragraph(Phrase.of(sentence))));
            List<List<Phrase>> rows = new ArrayList<>();
            outcomes.forEach((key, outcome) -> rows.add(List.of(Phrase.of(key), figures(outcome))));
            blocks.add(new Block.Table(Phrase.EMPTY, List.of(), rows, List.of()));
            if (left > 0) {
                blocks.add(new Block.Paragraph(Phrase.of(Sentence.of("solve.left", left))));
            }
            return new Document(blocks);
        }

        private Phrase figures(Outcome outcome) {
            return outcome.whyUndefined()
                    .map(why -> Phrase.of(Sentence.of("solve.undefined", why)))
                    .orElseGet(() -> Phrase.of(
                            outcome.figures().stream().map(this::written).collect(Collectors.joining("; "))));
        }

        private String written(Figure figure) {
            return SignificantText.of(figure, digits);
        }

        private String written(Exact figure) {
            return SignificantText.of(figure, digits);
        }
    }
}
