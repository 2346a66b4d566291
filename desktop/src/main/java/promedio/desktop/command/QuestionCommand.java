package promedio.desktop.command;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.InputStream;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.core.course.CourseCard;
import promedio.core.question.PrintedQuestion;
import promedio.core.question.QuestionReader;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.files.InputProblem;
import promedio.files.delimited.TextSource;

/** {@code promedio question}: questions as they are printed, their data and what they ask. Definitions for questions, section 18. */
@Command(
        name = "question",
        mixinStandardHelpOptions = true,
        description = "Read questions as they are printed: their data, what they ask, and what comes out.",
        sortOptions = false)
public final class QuestionCommand implements Callable<Integer> {
    private static final int INPUT_NOT_READ = 3;

    @Spec
    private CommandSpec spec;

    @Parameters(
            arity = "0..*",
            paramLabel = "FILE",
            description = "Texts, or - for standard input; with --as what is given, NAME=VALUE.")
    private List<String> inputs = new ArrayList<>();

    @Option(
            names = "--as",
            paramLabel = "KIND",
            description =
                    "A question of a kind, by what it gives: totals, correction, combination, transform, empirical, missing,"
                            + " scores, within, grouping or weighted; - reads a call a line from standard input.")
    private String kind;

    @Option(names = "--values", paramLabel = "VALUES", description = "With --as: a list of values.")
    private String values;

    @Option(names = "--table", paramLabel = "FILE", description = "With --as: values or classes and their frequencies.")
    private String table;

    @Mixin
    private RuleArguments rules = new RuleArguments();

    @Option(names = "--json", description = "One JSON object per question, each on a line.")
    private boolean json;

    private final InputStream standardInput;

    /** The command, reading {@code -} from a stream. */
    public QuestionCommand(InputStream standardInput) {
        this.standardInput = standardInput;
    }

    @Override
    public Integer call() {
        CourseCard card = rules.card(spec.commandLine());
        PrintWriter out = spec.commandLine().getOut();
        if (kind != null) {
            return new KindCalls(spec.commandLine(), standardInput).call(kind, inputs, values, table, card, json);
        }
        if (inputs.isEmpty()) {
            throw new CommandLine.ParameterException(
                    spec.commandLine(), "A text with questions is missing, or - for standard input.");
        }
        int status = 0;
        for (String input : inputs) {
            try {
                for (PrintedQuestion question : QuestionReader.read(TextSource.read(input, standardInput), card)) {
                    QuestionText text = new QuestionText(input, question, card);
                    out.println(json ? Visible.json(text.json()) : text.text());
                }
            } catch (InputProblem problem) {
                status = INPUT_NOT_READ;
                failed(input, problem.sentence());
            } catch (RuntimeException | StackOverflowError fault) {
                status = INPUT_NOT_READ;
                failed(input, Sentence.of("question.failed", input, fault));
            }
        }
        out.flush();
        spec.commandLine().getErr().flush();
        return status;
    }

    private void failed(String input, Sentence why) {
        String line = Visible.line(why.toString());
        spec.commandLine().getErr().println(line);
        if (json) {
            spec.commandLine()
                    .getOut()
                    .println(Visible.json(new ObjectMapper()
                            .createObjectNode()
                            .put("source", input)
                            .put("error", line)
                            .toString()));
        }
    }
}
