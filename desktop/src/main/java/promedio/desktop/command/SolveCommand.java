package promedio.desktop.command;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.InputStream;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.Frequencies;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.files.InputProblem;
import promedio.files.delimited.SampleReader;
import promedio.files.delimited.TextSource;

/** {@code promedio solve}: every measure of samples from files, as text or JSON. Definitions, section 8. */
@Command(
        name = "solve",
        mixinStandardHelpOptions = true,
        description = "Print every measure of a sample, frequency table or class table.",
        sortOptions = false)
public final class SolveCommand implements Callable<Integer> {
    private static final int INPUT_NOT_READ = 3;
    private static final int MOST_DIGITS = 1_000;

    @Spec
    private CommandSpec spec;

    @Parameters(arity = "1..*", paramLabel = "INPUT", description = "CSV or TSV files, or - for standard input.")
    private List<String> inputs = new ArrayList<>();

    @Option(
            names = "--kind",
            paramLabel = "KIND",
            description = "values (a list), frequencies (columns value, frequency) or classes (class, frequency);"
                    + " unless said, what the input holds.",
            converter = KindConverter.class)
    private SampleSheet.Kind kind;

    @Option(names = "--column", paramLabel = "NAME-OR-NUMBER", description = "The column to read; numbers from 1.")
    private String column;

    @Option(names = "--missing", paramLabel = "CODE", description = "A cell that means missing, such as n/a.")
    private List<String> missing = new ArrayList<>();

    @Option(names = "--measure", paramLabel = "KEY", description = "Only this measure; may be repeated.")
    private List<String> measures = new ArrayList<>();

    @Option(
            names = "--digits",
            paramLabel = "S",
            description = "Significant digits, 1 to " + MOST_DIGITS + "; 15 unless said.",
            defaultValue = "15")
    private int digits = 15;

    @Option(names = "--rule", paramLabel = "KEY=VALUE", description = "A rule of the course card.")
    private List<String> rules = new ArrayList<>();

    @Option(names = "--json", description = "One JSON object per input, each on a line.")
    private boolean json;

    private final InputStream standardInput;

    /** The command, reading {@code -} from a stream. */
    public SolveCommand(InputStream standardInput) {
        this.standardInput = standardInput;
    }

    /** Reads {@code --kind}. */
    static final class KindConverter implements CommandLine.ITypeConverter<SampleSheet.Kind> {
        @Override
        public SampleSheet.Kind convert(String value) {
            return SampleSheet.Kind.find(value)
                    .orElseThrow(() -> new CommandLine.TypeConversionException(
                            "expected values, frequencies or classes, not '" + value + "'"));
        }
    }

    @Override
    public Integer call() {
        CourseCard card = card();
        checkAsked(card);
        if (digits < 1 || digits > MOST_DIGITS) {
            throw usage("--digits takes 1 to " + MOST_DIGITS + ", not " + digits + ".");
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
            SampleReader reader = new SampleReader(input, card.numerals(), Set.copyOf(missing));
            String text = TextSource.read(input, standardInput);
            SampleSheet.Kind holds = kind != null ? kind : column == null ? reader.kind(text) : SampleSheet.Kind.VALUES;
            SampleReader.Reading reading = read(reader, text, holds, card);
            Results results = new Results(holds, outcomes(reading.sample(), asked(catalogue(holds), card)));
            return new Answered(
                    Optional.of(json ? results.json(input, reading) : results.text(input, reading)), Optional.empty());
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

    private CourseCard card() {
        CourseCard card = CourseCard.STANDARD;
        for (String rule : rules) {
            int equals = rule.indexOf('=');
            if (equals < 0) {
                throw usage("--rule takes KEY=VALUE, not '" + rule + "'.");
            }
            String key = rule.substring(0, equals);
            Optional<CourseCard> changed = card.withRule(key, rule.substring(equals + 1));
            if (changed.isEmpty()) {
                throw usage(unknownRule(key, rule));
            }
            card = changed.get();
        }
        return card;
    }

    private static String unknownRule(String key, String rule) {
        return CardKey.find(key)
                .map(known -> "The rule " + rule + " has no such value; " + key + " takes "
                        + String.join(", ", ids(known)) + ".")
                .orElseGet(() -> "There is no rule '" + key + "'; there are "
                        + String.join(
                                ", ", CardKey.all().stream().map(CardKey::id).toList()) + ".");
    }

    private static <T> List<String> ids(CardKey<T> key) {
        return key.choices().stream().map(key::idOf).toList();
    }

    private static Catalogue catalogue(SampleSheet.Kind holds) {
        return holds == SampleSheet.Kind.CLASSES ? Catalogue.classes() : Catalogue.lists();
    }

    /** Refuses measures that no input could have, before any is read. */
    private void checkAsked(CourseCard card) {
        for (String key : measures) {
            boolean known = kind == null
                    ? Catalogue.lists().find(key, card).isPresent()
                            || Catalogue.classes().find(key, card).isPresent()
                    : catalogue(kind).find(key, card).isPresent();
            if (!known) {
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
            catalogue.all().forEach(measure -> asked.put(measure.key(), measure));
        }
        return asked;
    }

    private SampleReader.Reading read(SampleReader reader, String text, SampleSheet.Kind holds, CourseCard card)
            throws InputProblem {
        return switch (holds) {
            case VALUES -> reader.values(text, Optional.ofNullable(column));
            case FREQUENCIES -> reader.frequencies(text, card.get(CardKey.FREQUENCIES) == Frequencies.RELATIVE);
            case CLASSES -> reader.classes(text, card);
        };
    }

    private static Map<String, Outcome> outcomes(Sample sample, Map<String, Measure> asked) {
        Evaluation evaluation = Evaluation.of(sample);
        Map<String, Outcome> outcomes = new LinkedHashMap<>();
        asked.forEach((key, measure) -> outcomes.put(key, measure.outcome(evaluation)));
        return outcomes;
    }

    /** The outcomes by key, and the two ways to print them. */
    private final class Results {
        private final SampleSheet.Kind holds;
        private final Map<String, Outcome> outcomes;

        Results(SampleSheet.Kind holds, Map<String, Outcome> outcomes) {
            this.holds = holds;
            this.outcomes = outcomes;
        }

        String json(String source, SampleReader.Reading reading) {
            Sample sample = reading.sample();
            ObjectNode object = new ObjectMapper().createObjectNode();
            object.put("source", source).put("kind", holds.id());
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
            return object.toString();
        }

        String text(String source, SampleReader.Reading reading) {
            Sample sample = reading.sample();
            StringBuilder text = new StringBuilder(Visible.line(source) + ": " + written(sample.count()) + " values");
            if (sample.missing().signum() > 0) {
                text.append(", ").append(written(sample.missing())).append(" missing");
            }
            reading.heading().ifPresent(heading -> text.append(", headed “")
                    .append(Visible.line(heading))
                    .append("”"));
            outcomes.forEach((key, outcome) -> text.append(String.format(
                    Locale.ROOT,
                    "%n  %-42s %s",
                    key,
                    outcome.figures().isEmpty()
                            ? "undefined: " + outcome.whyUndefined().orElseThrow()
                            : String.join(
                                    "; ",
                                    outcome.figures().stream()
                                            .map(this::written)
                                            .toList()))));
            return text.toString();
        }

        private String written(Figure figure) {
            return SignificantText.of(figure, digits);
        }

        private String written(Exact figure) {
            return SignificantText.of(figure, digits);
        }
    }
}
