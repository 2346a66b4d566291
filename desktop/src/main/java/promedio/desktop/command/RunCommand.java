package promedio.desktop.command;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.core.course.CourseCard;
import promedio.core.language.Fault;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.core.trail.Prepared;
import promedio.core.trail.Trail;
import promedio.core.trail.Walk;
import promedio.core.vector.Vectors;
import promedio.files.InputProblem;
import promedio.files.table.ReadingOptions;
import promedio.files.table.TableFiles;
import promedio.files.table.Watch;
import promedio.files.trail.ReadingLine;
import promedio.files.trail.TableWriter;
import promedio.files.trail.TrailFiles;

/** {@code promedio run}: walks a trail over another file. Definitions for tables, section 10. */
@Command(
        name = "run",
        mixinStandardHelpOptions = true,
        description = "Walk a trail over a file: the table after its last step as CSV, or written to a file.",
        sortOptions = false)
public final class RunCommand implements Callable<Integer> {
    private static final int NOT_DONE = 3;
    private static final int MOST_DIGITS = 34;

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "TRAIL", description = "A trail (.trail).")
    private String trailName;

    @Parameters(index = "1", paramLabel = "FILE", description = "The file to prepare, or - for standard input.")
    private String input;

    @Mixin
    private ReadingArguments reading = new ReadingArguments();

    @Mixin
    private RuleArguments rules = new RuleArguments();

    @Option(names = "--to", paramLabel = "OUT", description = "Write the table to a .csv, .ods, .xlsx or .json file.")
    private String to;

    @Option(
            names = "--with",
            paramLabel = "FILE",
            description =
                    "A file that a step joins by its name, where it does not lie beside the trail or FILE, or below.")
    private List<Path> with = List.of();

    @Option(
            names = "--digits",
            paramLabel = "S",
            description = "Digits of numbers that do not end (default: ${DEFAULT-VALUE}).")
    private int digits = Vectors.DIGITS;

    @Option(
            names = "--plain",
            description = "CSV as the cells are: without the apostrophe before those that other programs may compute.")
    private boolean plain;

    @Option(names = "--json", description = "What each step did, and the columns at the end, as one JSON object.")
    private boolean json;

    private final InputStream standardInput;

    /** The command, reading {@code -} from a stream. */
    public RunCommand(InputStream standardInput) {
        this.standardInput = standardInput;
    }

    /** The digits that are asked for. @throws CommandLine.ParameterException for a number that cannot be */
    static int digits(CommandLine command, int digits) {
        if (digits < 1 || digits > MOST_DIGITS) {
            throw new CommandLine.ParameterException(
                    command, "--digits takes 1 to " + MOST_DIGITS + ", not " + digits + ".");
        }
        return digits;
    }

    @Override
    public Integer call() {
        int shown = digits(spec.commandLine(), digits);
        CourseCard card = rules.card(spec.commandLine());
        ReadingOptions said = reading.options(spec.commandLine(), rules.decimalMark(spec.commandLine()));
        try {
            Trail trail = TrailFiles.read(trailName);
            ReadingOptions options = trail.reading().isPresent()
                    ? ReadingLine.over(said, ReadingLine.read(trail.reading().get()))
                    : said;
            Prepared table = Prepared.of(
                    TableFiles.read(input, standardInput, options, Watch.NOBODY).table());
            Walk walk = Walk.of(table, card).along(trail, card, TrailFiles.in(folders(), with), () -> {});
            if (walk.fault().isPresent()) {
                return failed(walk);
            }
            write(walk, shown);
            return 0;
        } catch (InputProblem problem) {
            return failed(problem.sentence().toString(), Optional.empty());
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        } catch (OutOfMemoryError tooLarge) {
            return failed(Sentence.of("input.memory", input).toString(), Optional.empty());
        } finally {
            spec.commandLine().getOut().flush();
            spec.commandLine().getErr().flush();
        }
    }

    /** Where files lie that steps name: beside the trail, and beside the file that is prepared. */
    private List<Path> folders() {
        List<Path> folders =
                new ArrayList<>(List.of(Path.of(trailName).toAbsolutePath().getParent()));
        if (!input.equals("-")) {
            folders.add(Path.of(input).toAbsolutePath().getParent());
        }
        return folders;
    }

    private void write(Walk walk, int shown) throws InputProblem, IOException {
        PrintWriter out = spec.commandLine().getOut();
        TableWriter writer = new TableWriter(walk.last(), shown, plain);
        if (to != null) {
            writer.write(Path.of(to));
        } else if (!json) {
            writer.csv(out);
        }
        if (json) {
            out.println(Visible.json(json(walk)));
        } else {
            tell(walk);
        }
        if (writer.guarded() > 0 && !json) {
            Sentence told =
                    Sentence.of(writer.guarded() == 1 ? "csv.guarded.one" : "csv.guarded.many", writer.guarded());
            spec.commandLine().getErr().println(Visible.line(told.toString()));
        }
    }

    /** What is to be told of the steps, beside the table: it must not be lost where nobody asks for JSON. */
    private void tell(Walk walk) {
        for (int i = 0; i < walk.told().size(); i++) {
            for (Sentence told : walk.told().get(i)) {
                Sentence line = Sentence.of("step.fault", i + 1, told);
                spec.commandLine().getErr().println(Visible.line(line.toString()));
            }
        }
    }

    private int failed(Walk walk) {
        Fault fault = walk.fault().orElseThrow();
        String sentence = Sentence.of(
                        "step.fault.place", walk.faulty(), fault.at().from() + 1, fault.sentence())
                .toString();
        return failed(sentence, Optional.of(walk));
    }

    private int failed(String sentence, Optional<Walk> walk) {
        String line = Visible.line(sentence);
        spec.commandLine().getErr().println(line);
        if (json) {
            ObjectNode object = new ObjectMapper().createObjectNode().put("source", input);
            walk.ifPresent(walked -> object.put("step", Integer.toString(walked.faulty()))
                    .put(
                            "place",
                            Integer.toString(walked.fault().orElseThrow().at().from() + 1)));
            spec.commandLine()
                    .getOut()
                    .println(Visible.json(object.put("error", line).toString()));
        }
        return NOT_DONE;
    }

    private String json(Walk walk) {
        ObjectNode object = new ObjectMapper().createObjectNode().put("source", input);
        ArrayNode steps = object.putArray("steps");
        for (int i = 0; i < walk.told().size(); i++) {
            Trail.Line line = walk.trail().steps().get(i);
            Prepared before = walk.states().get(i);
            Prepared after = walk.states().get(i + 1);
            ArrayNode told = steps.addObject()
                    .put("step", Integer.toString(i + 1))
                    .put("text", line.text())
                    .put("off", line.off())
                    .put("rows-before", Integer.toString(before.rows()))
                    .put("rows-after", Integer.toString(after.rows()))
                    .put("columns-before", Integer.toString(before.fields().size()))
                    .put("columns-after", Integer.toString(after.fields().size()))
                    .putArray("told");
            walk.told().get(i).forEach(sentence -> told.add(sentence.toString()));
        }
        object.put("rows", Integer.toString(walk.last().rows()));
        ReadText.columns(object, walk.last().table());
        return object.toString();
    }
}
