package promedio.desktop.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.StringJoiner;
import java.util.TreeMap;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import promedio.core.assignment.Interpretation;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.Divisor;
import promedio.core.course.Frequencies;
import promedio.core.measure.GivenMeasures;
import promedio.core.measure.Measure;
import promedio.core.measure.WeightedMean;
import promedio.core.measure.Within;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.Numerals;
import promedio.core.pasted.Found;
import promedio.core.pasted.Pasted;
import promedio.core.report.GivenReport;
import promedio.core.report.GroupingReport;
import promedio.core.sample.GivenName;
import promedio.core.sample.Givens;
import promedio.core.sample.GivensReader;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.LetteredReader;
import promedio.files.InputProblem;
import promedio.files.sample.SampleReader;
import promedio.files.table.ReadingOptions;
import promedio.files.table.TableFile;
import promedio.files.table.TableFiles;
import promedio.files.table.Watch;

/** A call of a question of a kind: what is given, and what follows. */
@Command(name = "--as", sortOptions = false)
final class KindCall {
    @Parameters(arity = "0..*", paramLabel = "NAME=VALUE")
    private List<String> given = new ArrayList<>();

    @Option(names = "--values", paramLabel = "VALUES", description = "A list of values.")
    private String values;

    @Option(names = "--table", paramLabel = "FILE", description = "A file with values or classes and frequencies.")
    private String table;

    @Mixin
    private RuleArguments rules = new RuleArguments();

    private final InputStream standardInput;

    private KindCall() {
        // A line of standard input says where its table is; standard input itself is no table then.
        this.standardInput = InputStream.nullInputStream();
    }

    KindCall(InputStream standardInput, List<String> given, String values, String table) {
        this.standardInput = standardInput;
        this.given = given;
        this.values = values;
        this.table = table;
    }

    /** A call with the arguments behind the kind. */
    static KindCall of(String... arguments) {
        KindCall call = new KindCall();
        new CommandLine(call).parseArgs(arguments);
        return call;
    }

    /** The card of the call: its own rules upon that of all calls. */
    CourseCard card(CourseCard all) {
        return rules.card(new CommandLine(this), all);
    }

    /**
     * Answers a question of a kind.
     *
     * @throws InputProblem when what is given cannot be read, cannot be, or there is no such kind
     */
    KindAnswer answer(String kind, CourseCard card) throws InputProblem {
        KindAnswer answer = new KindAnswer(kind);
        for (String pair : given) {
            int equals = pair.indexOf('=');
            if (equals <= 0) {
                throw new InputProblem(Sentence.of("question.not-given", pair));
            }
            answer.given(pair.substring(0, equals), pair.substring(equals + 1));
        }
        Optional<SampleKind> known = SampleKind.find(kind).filter(one -> one.can(Use.GIVEN));
        if (known.isPresent()) {
            ofGivens(known.get(), card, answer);
            return answer;
        }
        switch (kind.toLowerCase(Locale.ROOT)) {
            case "within" -> within(card, answer);
            case "weighted" -> weighted(card, answer);
            case "grouping" -> grouping(card, answer);
            default -> throw new InputProblem(Sentence.of("question.no-kind", kind, String.join(", ", kinds())));
        }
        return answer;
    }

    /** All kinds. */
    static List<String> kinds() {
        List<String> kinds = new ArrayList<>();
        for (SampleKind kind : SampleKind.values()) {
            if (kind.can(Use.GIVEN)) {
                kinds.add(kind.id());
            }
        }
        kinds.addAll(List.of("within", "grouping", "weighted"));
        return kinds;
    }

    private void ofGivens(SampleKind kind, CourseCard card, KindAnswer answer) throws InputProblem {
        GivensReader reader = LetteredReader.givens(kind, card);
        for (String pair : given) {
            int equals = pair.indexOf('=');
            try {
                reader.take(pair.substring(0, equals), pair.substring(equals + 1));
            } catch (GivensReader.Fault fault) {
                throw new InputProblem(fault.sentence(), fault);
            }
        }
        if (GivenName.of(kind).contains(GivenName.VALUES)) {
            lettered(reader);
        }
        Givens givens = reader.givens();
        if (givens.items().isEmpty()) {
            throw new InputProblem(Sentence.of("question.nothing-given"));
        }
        if (givens.unread().isPresent()) {
            throw new InputProblem(givens.unread().get());
        }
        GivenReport report = new GivenReport(Sample.givens(givens), card);
        if (report.refused().isPresent()) {
            throw new InputProblem(report.refused().get());
        }
        answer.add(report);
        GivenMeasures.whole(givens).filter(whole -> !whole).ifPresent(part -> answer.more()
                .put("whole", false));
        List<Map<String, Figure>> solutions = GivenMeasures.solutions(givens);
        if (!solutions.isEmpty()) {
            ArrayNode all = answer.more().putArray("solutions");
            solutions.forEach(one -> {
                ObjectNode solution = all.addObject();
                new TreeMap<>(one).forEach((letter, value) -> solution.put(letter, KindAnswer.written(value)));
            });
        }
        List<String> best = GivenMeasures.best(givens);
        if (!best.isEmpty()) {
            answer.add("best", best);
        }
    }

    /** The list or table with letters, as it stands on the command line or in a file. */
    private void lettered(GivensReader reader) throws InputProblem {
        try {
            if (values != null) {
                reader.take(GivenName.VALUES.id(), values);
            }
            if (table == null) {
                return;
            }
            TableFile file =
                    TableFiles.read(table, standardInput, ReadingOptions.GUESSED.withAllColumns(), Watch.NOBODY);
            List<String> names = List.of(GivenName.VALUES.id(), GivenName.FREQUENCIES.id());
            int columns = Math.min(names.size(), file.table().columns().size());
            for (int column = 0; column < columns; column++) {
                StringJoiner cells = new StringJoiner("; ");
                for (int row = 0; row < file.table().rows(); row++) {
                    cells.add(file.table().columns().get(column).entries().text(row));
                }
                reader.take(names.get(column), cells.toString());
            }
        } catch (GivensReader.Fault fault) {
            throw new InputProblem(fault.sentence(), fault);
        }
    }

    private Sample data(CourseCard card, boolean weights) throws InputProblem {
        if (table == null && values == null) {
            throw new InputProblem(Sentence.of("question.no-table"));
        }
        if (table == null) {
            return listed(card);
        }
        TableFile file = TableFiles.read(table, standardInput, ReadingOptions.GUESSED.withAllColumns(), Watch.NOBODY);
        SampleReader reader = new SampleReader(file);
        if (weights) {
            return reader.frequencies(true).sample();
        }
        return switch (reader.kind()) {
            case CLASSES -> reader.classes(card).sample();
            default ->
                file.table().columns().size() == 2
                        ? reader.frequencies(card.get(CardKey.FREQUENCIES) == Frequencies.RELATIVE)
                                .sample()
                        : reader.values(Optional.empty()).sample();
        };
    }

    /** The values as a paste of them is read. */
    private Sample listed(CourseCard card) throws InputProblem {
        List<Found> found = Pasted.read(values, card.numerals()).stream()
                .limit(1)
                .flatMap(reading -> reading.samples().stream())
                .toList();
        if (found.size() != 1) {
            throw new InputProblem(Sentence.of("input.no-number", "--values"));
        }
        Interpretation read = Interpretation.of(found.get(0).sheet("s", ""), card);
        for (int entry = 0; entry < read.sheet().size(); entry++) {
            if (read.remark(entry).isPresent()) {
                throw new InputProblem(read.remark(entry).get());
            }
        }
        return read.sample();
    }

    private Exact number(String text) throws InputProblem {
        return Numerals.POINT
                .read(text.strip())
                .map(Numerals.Numeral::exact)
                .orElseThrow(() -> new InputProblem(Sentence.of("given.no-number", "k", text.strip())));
    }

    private void within(CourseCard card, KindAnswer answer) throws InputProblem {
        Sample sample = data(card, false);
        Divisor divisor = sample.classes().isPresent() ? card.groupedDivisor() : card.get(CardKey.DIVISOR);
        Map<String, Measure> asked = new LinkedHashMap<>();
        for (String pair : given) {
            if (!pair.startsWith("k=")) {
                throw new InputProblem(Sentence.of("given.unknown", pair.substring(0, pair.indexOf('=')), "k"));
            }
            for (String text : pair.substring(2).split(",", -1)) {
                Exact k = number(text);
                if (k.signum() <= 0) {
                    throw new InputProblem(Sentence.of("question.k", text.strip()));
                }
                for (Within.What what : Within.What.values()) {
                    asked.put(what.id() + "/" + k, new Within(what, k, divisor));
                }
            }
        }
        if (asked.isEmpty()) {
            throw new InputProblem(Sentence.of("given.missing", "k"));
        }
        answer.add(new GivenReport(sample, card, asked));
    }

    private void weighted(CourseCard card, KindAnswer answer) throws InputProblem {
        answer.add(new GivenReport(data(card, true), card, Map.of("mean", new WeightedMean())));
    }

    private void grouping(CourseCard card, KindAnswer answer) throws InputProblem {
        GroupingReport report = new GroupingReport(data(card, false), card);
        answer.add("mode", report.outcome());
        report.lines().forEach(answer::line);
        ArrayNode columns = answer.more().putArray("columns");
        for (List<Exact> column : report.grouping().columns()) {
            ArrayNode totals = columns.addArray();
            column.forEach(total -> totals.add(KindAnswer.written(total)));
        }
        ArrayNode analysis = answer.more().putArray("analysis");
        for (int row = 0; row < report.labels().size(); row++) {
            analysis.addArray()
                    .add(report.labels().get(row))
                    .add(report.grouping().marks().get(row));
        }
    }
}
