package promedio.desktop.command;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.InputStream;
import java.io.PrintWriter;
import java.math.BigDecimal;
import java.util.ArrayList;
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
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.marking.Mark;
import promedio.core.marking.Marker;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.ownwork.OwnLine;
import promedio.core.ownwork.OwnLines;
import promedio.core.ownwork.OwnMarker;
import promedio.core.ownwork.OwnMarks;
import promedio.core.ownwork.OwnSaid;
import promedio.core.ownwork.Quantity;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.core.working.FigureText;
import promedio.files.InputProblem;
import promedio.files.answers.MarksJson;
import promedio.files.answers.WorkingJson;
import promedio.files.answers.WorkingTables;
import promedio.files.table.RowFile;

/** {@code promedio check}: a student's own table marked cell by cell, with the lines below it. Definitions for relations, section 16. */
@Command(
        name = "check",
        mixinStandardHelpOptions = true,
        description = "Mark a student's own working: the table cell by cell, its totals, and the lines below it.",
        sortOptions = false)
public final class CheckCommand implements Callable<Integer> {
    private static final int INPUT_NOT_READ = 3;

    @Spec
    private CommandSpec spec;

    @Parameters(arity = "1", paramLabel = "INPUT", description = "The data, or - for standard input.")
    private String input = "";

    @Option(
            names = "--working",
            required = true,
            paramLabel = "TABLE",
            description =
                    "The table as the student wrote it: a heading row, a row for each value or class, and a row of totals."
                            + " May be repeated.")
    private List<String> workings = new ArrayList<>();

    @Option(
            names = "--lines",
            paramLabel = "LINES",
            description = "The lines below the table: columns line (mean, variance …) and answer.")
    private String lines;

    @Option(
            names = "--points",
            paramLabel = "POINTS",
            description = "What the lines are worth: columns line, method and accuracy.")
    private String points;

    @Mixin
    private SampleArguments arguments;

    @Option(names = "--json", description = "A JSON object, one line for each table.")
    private boolean json;

    private final InputStream standardInput;

    /** The command, reading {@code -} from a stream. */
    public CheckCommand(InputStream standardInput) {
        this.standardInput = standardInput;
    }

    /** What a line is worth: for its method, and for its figure. */
    private record Worth(String line, BigDecimal method, BigDecimal accuracy) {}

    @Override
    public Integer call() {
        CourseCard card = arguments.card(spec.commandLine());
        arguments.check(spec.commandLine());
        if (arguments.categories()) {
            throw new CommandLine.ParameterException(spec.commandLine(), "--kind categories is for solve.");
        }
        PrintWriter out = spec.commandLine().getOut();
        PrintWriter err = spec.commandLine().getErr();
        int status = 0;
        try {
            SampleArguments.Input read = arguments.read(spec.commandLine(), input, standardInput, card);
            Sample sample = read.reading().sample();
            if (sample.kind().can(Use.GIVEN)) {
                throw new InputProblem(Sentence.of("input.no-table-of-givens", input));
            }
            List<List<String>> written =
                    lines == null ? List.of() : rows(lines, read.card(), List.of("line", "answer"));
            List<Worth> worth = points == null ? List.of() : worth(read.card());
            Marker marker = new Marker(sample, read.card(), read.again());
            for (String working : workings) {
                try {
                    out.println(checked(working, read, written, worth, marker));
                } catch (InputProblem problem) {
                    String line = Visible.line(problem.sentence().toString());
                    err.println(line);
                    status = INPUT_NOT_READ;
                    if (json) {
                        out.println(error(working, line));
                    }
                }
            }
            read.told().forEach(sentence -> err.println(Visible.line(input + ": " + sentence)));
        } catch (InputProblem problem) {
            String line = Visible.line(problem.sentence().toString());
            err.println(line);
            status = INPUT_NOT_READ;
            if (json) {
                out.println(error(input, line));
            }
        }
        out.flush();
        err.flush();
        return status;
    }

    private static String error(String source, String line) {
        return Visible.json(new ObjectMapper()
                .createObjectNode()
                .put("source", source)
                .put("error", line)
                .toString());
    }

    private RowFile file(String name, CourseCard card) throws InputProblem {
        return RowFile.of(name, standardInput, WorkingTables.reading(card));
    }

    /** The rows of a table under some headings, in the order of these; a heading that is not there is told. */
    private List<List<String>> rows(String name, CourseCard card, List<String> headings) throws InputProblem {
        List<List<String>> all = new ArrayList<>();
        List<Integer> places = new ArrayList<>();
        file(name, card).each(row -> {
            if (places.isEmpty()) {
                List<String> heads = row.cells().stream()
                        .map(cell -> cell.strip().toLowerCase(Locale.ROOT))
                        .toList();
                for (String heading : headings) {
                    if (!heads.contains(heading)) {
                        throw new InputProblem(Sentence.of("input.no-headings", name, String.join(", ", headings)));
                    }
                    places.add(heads.indexOf(heading));
                }
            } else if (!row.isBlank()) {
                all.add(places.stream().map(row::cell).toList());
            }
        });
        return all;
    }

    private List<Worth> worth(CourseCard card) throws InputProblem {
        List<Worth> all = new ArrayList<>();
        for (List<String> row : rows(points, card, List.of("line", "method", "accuracy"))) {
            all.add(new Worth(row.get(0), points(row.get(1)), points(row.get(2))));
        }
        return all;
    }

    private BigDecimal points(String text) throws InputProblem {
        if (!text.matches("[0-9]{0,4}(?:\\.[0-9]{1,2})?")) {
            throw new InputProblem(Sentence.of("input.points", points, text));
        }
        return text.isEmpty() ? BigDecimal.ZERO : new BigDecimal(text);
    }

    private String checked(
            String working, SampleArguments.Input read, List<List<String>> written, List<Worth> worth, Marker marker)
            throws InputProblem {
        Sample sample = read.reading().sample();
        CourseCard card = read.card();
        Map<String, String> asked = new LinkedHashMap<>();
        List<OwnLines.Line> below = new ArrayList<>();
        List<String> means = new ArrayList<>();
        for (List<String> row : written) {
            Measure measure = Catalogue.of(sample)
                    .find(row.get(0), card)
                    .orElseThrow(() -> new InputProblem(Sentence.of("input.no-measure", row.get(0))));
            String question = question(sample, card, measure, row.get(0));
            asked.put(question, row.get(0));
            below.add(new OwnLines.Line(question, row.get(1)));
            if (measure.id().equals("mean")) {
                means.add(row.get(1));
            }
        }
        OwnMarks marks =
                OwnMarker.mark(WorkingTables.read(file(working, card), working), sample, card, List.of(), means);
        List<OwnLine> marked = OwnLines.mark(marks, below, marker, card);
        Optional<BigDecimal[]> given = given(worth, marked, asked);
        return json
                ? json(working, marks, marked, asked, sample, card, given)
                : text(working, marks, marked, sample, card, given);
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

    /** The points that are given, and those that there are; nothing where none were set. */
    private Optional<BigDecimal[]> given(List<Worth> worth, List<OwnLine> marked, Map<String, String> asked) {
        if (points == null) {
            return Optional.empty();
        }
        BigDecimal given = BigDecimal.ZERO;
        BigDecimal of = BigDecimal.ZERO;
        for (Worth one : worth) {
            of = of.add(one.method()).add(one.accuracy());
            Optional<OwnLine> line = marked.stream()
                    .filter(any ->
                            any.question().equals(one.line()) || one.line().equals(asked.get(any.question())))
                    .findFirst();
            if (line.filter(OwnLine::isByMethod).isPresent()) {
                given = given.add(one.method());
            }
            if (line.filter(OwnLine::agrees).isPresent()) {
                given = given.add(one.accuracy());
            }
        }
        return Optional.of(new BigDecimal[] {given, of});
    }

    private String json(
            String working,
            OwnMarks marks,
            List<OwnLine> marked,
            Map<String, String> asked,
            Sample sample,
            CourseCard card,
            Optional<BigDecimal[]> given) {
        Evaluation evaluation = Evaluation.of(sample);
        List<ObjectNode> nodes = new ArrayList<>();
        for (OwnLine line : marked) {
            Measure measure = Catalogue.of(sample).find(line.question(), card).orElseThrow();
            ObjectNode node = MarksJson.mark(
                    MarksJson.answer("", asked.getOrDefault(line.question(), line.question()), line.answer()),
                    line.verdict(),
                    measure.outcome(evaluation),
                    card,
                    sample.places());
            line.first().ifPresent(column -> node.put("verdict", line.id())
                    .putArray("explanations")
                    .addObject()
                    .put("slip", column.id())
                    .put("detail", followed(marks, column).toString()));
            nodes.add(node);
        }
        ObjectNode object = WorkingJson.of(working, marks, nodes);
        given.ifPresent(points -> object.putObject("points")
                .put("given", points[0].toPlainString())
                .put("of", points[1].toPlainString()));
        return Visible.json(object.toString());
    }

    private static Sentence followed(OwnMarks marks, Quantity column) {
        int at = marks.columns().indexOf(Optional.of(column));
        return Sentence.of(
                "own.line.follows",
                at < 0 ? column.id() : marks.table().headings().get(at));
    }

    private static String text(
            String working,
            OwnMarks marks,
            List<OwnLine> marked,
            Sample sample,
            CourseCard card,
            Optional<BigDecimal[]> given) {
        List<String> lines = new ArrayList<>();
        lines.add(working);
        OwnSaid.of(marks).forEach(sentence -> lines.add("  " + sentence));
        for (OwnLine line : marked) {
            Mark mark = Mark.of(line.verdict(), card, new FigureText(card, sample.places()));
            Sentence words = line.first().map(column -> followed(marks, column)).orElse(mark.word());
            lines.add("  " + Sentence.of("own.line", line.question(), line.answer(), words));
            if (line.from().isEmpty()) {
                mark.details().forEach(detail -> lines.add("    " + detail));
            }
        }
        given.ifPresent(points ->
                lines.add("  " + Sentence.of("own.points", points[0].toPlainString(), points[1].toPlainString())));
        return String.join(
                System.lineSeparator(), lines.stream().map(Visible::line).toList());
    }
}
