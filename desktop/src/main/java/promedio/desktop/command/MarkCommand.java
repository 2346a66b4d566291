package promedio.desktop.command;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import java.io.InputStream;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
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
import promedio.core.course.Accuracy;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.document.Block;
import promedio.core.document.Document;
import promedio.core.document.Phrase;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.marking.Mark;
import promedio.core.marking.Markers;
import promedio.core.marking.Verdict;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasuredIn;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.core.working.FigureText;
import promedio.files.InputProblem;
import promedio.files.answers.AnswerRows;
import promedio.files.answers.MarksJson;
import promedio.files.document.ConsoleText;
import promedio.files.table.ReadingOptions;

/** {@code promedio mark}: answers about one sample marked, each with what may have happened. Definitions, section 8. */
@Command(
        name = "mark",
        mixinStandardHelpOptions = true,
        description = "Mark answers about a sample: right, right under another rule, following on, or what went wrong.",
        sortOptions = false)
public final class MarkCommand implements Callable<Integer> {
    private static final int INPUT_NOT_READ = 3;

    @Spec
    private CommandSpec spec;

    @Parameters(arity = "1", paramLabel = "INPUT", description = "The data, or - for standard input.")
    private String input = "";

    @Option(
            names = "--answers",
            required = true,
            paramLabel = "ANSWERS",
            description = "A table with the columns measure and answer, and if wanted who and places;"
                    + " or with who and a column for each measure.")
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
            read.told().forEach(sentence -> err.println(Visible.line(input + ": " + sentence)));
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

    private List<AnswerRows.Row> given(CourseCard card) throws InputProblem {
        return AnswerRows.read(
                answers,
                standardInput,
                ReadingOptions.GUESSED.withDecimalMark(
                        Optional.of(card.numerals().decimalMark())));
    }

    private static CourseCard card(SampleArguments.Input read, AnswerRows.Row one) {
        return one.places()
                .map(places -> read.card().with(CardKey.ACCURACY, Accuracy.places(places)))
                .orElse(read.card());
    }

    /** The marks; an answer to a question that nobody knows is told among them, and keeps no other from being marked. */
    private String marked(SampleArguments.Input read, List<AnswerRows.Row> given, List<String> problems) {
        Sample sample = read.reading().sample();
        Evaluation evaluation = Evaluation.of(sample);
        Markers markers = new Markers(sample, read.again(), MeasuredIn.NOTHING);
        ArrayNode list = new ObjectMapper().createArrayNode();
        List<Block> blocks = new ArrayList<>();
        for (AnswerRows.Row one : given) {
            CourseCard card = card(read, one);
            Optional<Measure> known = Catalogue.of(sample).find(one.measure(), card);
            if (known.isEmpty()) {
                String problem = Visible.line(
                        Sentence.of("input.no-measure", one.measure()).toString());
                problems.add(problem);
                list.add(
                        MarksJson.answer(one.who(), one.measure(), one.answer()).put("error", problem));
                blocks.add(block(one, unknown(Sentence.of("input.no-measure", one.measure()))));
                continue;
            }
            Measure measure = known.get();
            String question = question(sample, card, measure, one.measure());
            Map<String, String> earlier = new LinkedHashMap<>();
            // An answer follows from those above it, and from none below.
            given.stream()
                    .takeWhile(other -> other != one)
                    .filter(other -> other.who().equals(one.who()))
                    .forEach(other -> earlier.putIfAbsent(
                            Catalogue.of(sample)
                                    .find(other.measure(), card)
                                    .map(found -> question(sample, card, found, other.measure()))
                                    .orElse(other.measure()),
                            other.answer()));
            Verdict verdict = markers.under(card).mark(question, one.answer(), earlier);
            Outcome outcome = measure.outcome(evaluation);
            list.add(MarksJson.mark(
                    MarksJson.answer(one.who(), one.measure(), one.answer()), verdict, outcome, card, sample.places()));
            blocks.add(block(one, Mark.of(verdict, card, new FigureText(card, sample.places()))));
        }
        return json ? list.toString() : new ConsoleText(Sentence::toString).of(new Document(blocks));
    }

    /**
     * The question without its convention where that is the card's own. One that names its divisor asks for no other, and the bare word
     * “skewness” asks for any.
     */
    private static String question(Sample sample, CourseCard card, Measure measure, String asked) {
        if (asked.indexOf('/') < 0) {
            return asked;
        }
        return Catalogue.of(sample)
                        .find(measure.question(), card)
                        .filter(measure::equals)
                        .isPresent()
                ? measure.question()
                : asked;
    }

    private static Block block(AnswerRows.Row one, Mark mark) {
        return new Block.Marked(one.who(), Phrase.of(one.measure()), one.answer(), mark);
    }

    /** In place of a mark where there is no such question. */
    private static Mark unknown(Sentence why) {
        return new Mark(Mark.Kind.UNREADABLE, why, List.of(), Optional.empty(), Optional.empty());
    }
}
