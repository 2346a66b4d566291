package promedio.desktop.command;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.InputStream;
import java.io.PrintWriter;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.marking.Explanation;
import promedio.core.marking.Mark;
import promedio.core.marking.Marker;
import promedio.core.marking.Verdict;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.core.working.FigureText;
import promedio.files.InputProblem;
import promedio.files.table.ReadingOptions;
import promedio.files.table.RowFile;

/** {@code promedio mark}: answers about one sample marked, each with what may have happened. Definitions, section 8. */
@Command(
        name = "mark",
        mixinStandardHelpOptions = true,
        description = "Mark answers about a sample: right, right under another rule, following on, or what went wrong.",
        sortOptions = false)
public final class MarkCommand implements Callable<Integer> {
    private static final int INPUT_NOT_READ = 3;
    private static final int DIGITS = 15;

    @Spec
    private CommandSpec spec;

    @Parameters(arity = "1", paramLabel = "INPUT", description = "The data, or - for standard input.")
    private String input = "";

    @Option(
            names = "--answers",
            required = true,
            paramLabel = "ANSWERS",
            description = "A file with the columns measure and answer, and if wanted who and places.")
    private String answers = "";

    @Mixin
    private SampleArguments arguments;

    @Option(names = "--json", description = "A JSON list, an object for each answer.")
    private boolean json;

    private final InputStream standardInput;

    /** The command, reading {@code -} from a stream. */
    public MarkCommand(InputStream standardInput) {
        this.standardInput = standardInput;
    }

    /** An answer as it stands in the file. */
    private record Given(String who, String measure, String answer, Optional<String> places) {}

    @Override
    public Integer call() {
        CourseCard card = arguments.card(spec.commandLine());
        arguments.check(spec.commandLine());
        if (arguments.categories()) {
            throw new CommandLine.ParameterException(spec.commandLine(), "--kind categories is for solve.");
        }
        PrintWriter out = spec.commandLine().getOut();
        PrintWriter err = spec.commandLine().getErr();
        try {
            SampleArguments.Input read = arguments.read(spec.commandLine(), input, standardInput, card);
            List<String> problems = new ArrayList<>();
            String printed = marked(read, given(card), problems);
            out.println(json ? Visible.json(printed) : printed);
            out.flush();
            problems.forEach(err::println);
            err.flush();
            return problems.isEmpty() ? 0 : INPUT_NOT_READ;
        } catch (InputProblem problem) {
            String line = Visible.line(problem.sentence().toString());
            err.println(line);
            if (json) {
                out.println(Visible.json(new ObjectMapper()
                        .createObjectNode()
                        .put("source", input)
                        .put("error", line)
                        .toString()));
            }
            out.flush();
            err.flush();
            return INPUT_NOT_READ;
        }
    }

    /** The answers, with columns told by their headings. */
    private List<Given> given(CourseCard card) throws InputProblem {
        List<Given> given = new ArrayList<>();
        Map<String, Integer> columns = new HashMap<>();
        ReadingOptions options = ReadingOptions.GUESSED.withDecimalMark(
                Optional.of(card.numerals().decimalMark()));
        RowFile.of(answers, standardInput, options).each(row -> {
            if (row.isBlank()) {
                return;
            }
            if (columns.isEmpty()) {
                for (int i = 0; i < row.cells().size(); i++) {
                    columns.putIfAbsent(row.cell(i).toLowerCase(Locale.ROOT), i);
                }
                if (!columns.containsKey("measure") || !columns.containsKey("answer")) {
                    throw new InputProblem(Sentence.of("input.answers", answers));
                }
                return;
            }
            String places = columns.containsKey("places") ? row.cell(columns.get("places")) : "";
            if (!places.isEmpty() && !places.matches("[0-9]{1,2}")) {
                throw new InputProblem(Sentence.of("input.places", answers, Long.toString(row.line()), places));
            }
            given.add(new Given(
                    columns.containsKey("who") ? row.cell(columns.get("who")) : "",
                    row.cell(columns.get("measure")),
                    row.cell(columns.get("answer")),
                    places.isEmpty() ? Optional.empty() : Optional.of(places)));
        });
        return given;
    }

    /** The markers of one sample, one for each number of places that is asked. */
    private static final class Markers {
        private final SampleArguments.Input read;
        private final Map<String, Marker> byPlaces = new HashMap<>();

        Markers(SampleArguments.Input read) {
            this.read = read;
        }

        CourseCard card(Given one) {
            return one.places()
                    .flatMap(places -> read.card().withRule("places", places))
                    .orElse(read.card());
        }

        Marker of(Given one) {
            return byPlaces.computeIfAbsent(
                    one.places().orElse(""), places -> new Marker(read.reading().sample(), card(one), read.again()));
        }
    }

    /** The marks; an answer to a question that nobody knows is told among them, and keeps no other from being marked. */
    private String marked(SampleArguments.Input read, List<Given> given, List<String> problems) {
        Sample sample = read.reading().sample();
        Evaluation evaluation = Evaluation.of(sample);
        Markers markers = new Markers(read);
        ArrayNode list = new ObjectMapper().createArrayNode();
        StringBuilder text = new StringBuilder();
        for (Given one : given) {
            CourseCard card = markers.card(one);
            Optional<Measure> known = Catalogue.of(sample).find(one.measure(), card);
            if (known.isEmpty()) {
                String problem = Visible.line(
                        Sentence.of("input.no-measure", one.measure()).toString());
                problems.add(problem);
                list.add(json(one).put("error", problem));
                text.append(line(one, problem));
                continue;
            }
            Measure measure = known.get();
            String question = question(sample, card, measure, one.measure());
            Map<String, String> earlier = new LinkedHashMap<>();
            given.stream()
                    .filter(other -> other != one && other.who().equals(one.who()))
                    .forEach(other -> earlier.putIfAbsent(
                            Catalogue.of(sample)
                                    .find(other.measure(), card)
                                    .map(Measure::question)
                                    .orElse(other.measure()),
                            other.answer()));
            Verdict verdict = markers.of(one).mark(question, one.answer(), earlier);
            Outcome outcome = measure.outcome(evaluation);
            list.add(json(one, verdict, outcome, card, sample));
            text.append(text(one, verdict, card, sample));
        }
        return json ? list.toString() : text.toString().stripTrailing();
    }

    /** The question without its convention where that is the card's own. */
    private static String question(Sample sample, CourseCard card, Measure measure, String asked) {
        return Catalogue.of(sample)
                        .find(measure.question(), card)
                        .filter(measure::equals)
                        .isPresent()
                ? measure.question()
                : asked;
    }

    private static ObjectNode json(Given one) {
        ObjectNode object = new ObjectMapper().createObjectNode();
        if (!one.who().isEmpty()) {
            object.put("who", one.who());
        }
        return object.put("measure", one.measure()).put("answer", one.answer());
    }

    private ObjectNode json(Given one, Verdict verdict, Outcome outcome, CourseCard card, Sample sample) {
        ObjectNode object = json(one);
        Verdicts told = verdict.fold(new Verdicts.Telling());
        object.put("verdict", told.id());
        List<String> expected = outcome.figures().stream()
                .map(figure -> expected(figure, card, sample))
                .toList();
        if (expected.size() == 1) {
            object.put("expected", expected.get(0));
        } else {
            ArrayNode several = object.putArray("expected");
            expected.forEach(several::add);
        }
        ArrayNode explanations = object.putArray("explanations");
        Mark mark = Mark.of(verdict, card, new FigureText(card, sample.places()));
        for (int i = 0; i < told.explanations().size(); i++) {
            Verdicts.Told explanation = told.explanations().get(i);
            ObjectNode node = explanations.addObject();
            node.put("slip", explanation.slip());
            explanation.also().ifPresent(also -> node.put("and", also));
            String detail = explanation.detail().isEmpty() && !mark.details().isEmpty()
                    ? mark.details().get(0).toString()
                    : explanation.detail();
            node.put("detail", detail);
            explanation.value().ifPresent(value -> node.put("value", SignificantText.of(value, DIGITS)));
            explanation.where().ifPresent(where -> node.put("where", where));
        }
        return object;
    }

    /** The value at the places asked. */
    private static String expected(Figure figure, CourseCard card, Sample sample) {
        HalfRule halves = card.halves();
        BigDecimal rounded = figure.toPlaces(card.get(CardKey.ACCURACY).placesFor(figure, sample.places()), halves);
        return rounded.signum() == 0 ? rounded.abs().toPlainString() : rounded.toPlainString();
    }

    private static String text(Given one, Verdict verdict, CourseCard card, Sample sample) {
        Mark mark = Mark.of(verdict, card, new FigureText(card, sample.places()));
        StringBuilder text = new StringBuilder(line(one, mark.word().toString()));
        mark.details().forEach(detail -> text.append(String.format("    %s%n", detail)));
        return text.toString();
    }

    private static String line(Given one, String said) {
        String who = one.who().isEmpty() ? "" : Visible.line(one.who()) + ": ";
        return String.format(
                Locale.ROOT, "%s%-24s %-14s %s%n", who, Visible.line(one.measure()), Visible.line(one.answer()), said);
    }

    /** An explanation as it is printed. */
    static Verdicts.Told told(Explanation one) {
        return new Verdicts.Told(one.slip(), one.also(), one.told().toString(), Optional.of(one.value()), one.where());
    }
}
