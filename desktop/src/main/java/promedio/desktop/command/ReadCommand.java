package promedio.desktop.command;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.InputStream;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.core.number.Numerals;
import promedio.core.pasted.Pasted;
import promedio.core.pasted.Reading;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.files.InputProblem;
import promedio.files.delimited.TextSource;
import promedio.files.table.ReadingOptions;
import promedio.files.table.TableFile;
import promedio.files.table.TableFiles;
import promedio.files.table.Watch;

/**
 * {@code promedio read}: how a file is read as a data table, or with {@code --pasted} as a paste into the window. Definitions
 * for tables, section 9.
 */
@Command(
        name = "read",
        mixinStandardHelpOptions = true,
        description = "Show how a file is read: delimited text, an XLSX or ODS workbook, JSON or a page with a table.",
        sortOptions = false)
public final class ReadCommand implements Callable<Integer> {
    private static final int INPUT_NOT_READ = 3;

    @Spec
    private CommandSpec spec;

    @Parameters(arity = "1..*", paramLabel = "FILE", description = "Files, or - for standard input.")
    private List<String> inputs = new ArrayList<>();

    @Mixin
    private ReadingArguments arguments;

    @Option(
            names = "--rule",
            paramLabel = "decimal-mark=point|comma",
            description = "The decimal mark; unless said, what the cells show.")
    private List<String> rules = new ArrayList<>();

    @Option(names = "--pasted", description = "Read each file's text as if it were pasted into the window.")
    private boolean pasted;

    @Option(names = "--json", description = "One JSON object per input, each on a line.")
    private boolean json;

    private final InputStream standardInput;

    /** The command, reading {@code -} from a stream. */
    public ReadCommand(InputStream standardInput) {
        this.standardInput = standardInput;
    }

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        PrintWriter err = spec.commandLine().getErr();
        Optional<Character> mark = rules.stream()
                .map(rule -> ReadingArguments.decimalMark(spec.commandLine(), rule))
                .reduce((first, second) -> second);
        ReadingOptions options = arguments.options(spec.commandLine(), mark);
        int status = 0;
        for (String input : inputs) {
            try {
                String printed = pasted ? pasted(input, mark) : table(input, options);
                out.println(json ? Visible.json(printed) : printed);
            } catch (InputProblem problem) {
                status = INPUT_NOT_READ;
                failed(input, problem.sentence().toString());
            } catch (OutOfMemoryError tooLarge) {
                status = INPUT_NOT_READ;
                failed(input, Sentence.of("input.memory", input).toString());
            } catch (RuntimeException | StackOverflowError fault) {
                status = INPUT_NOT_READ;
                failed(input, input + ": Promedio itself failed here (" + fault + "); the input may be right.");
            }
        }
        out.flush();
        err.flush();
        return status;
    }

    private void failed(String input, String sentence) {
        String line = Visible.line(sentence);
        spec.commandLine().getErr().println(line);
        if (json) {
            String object = new ObjectMapper()
                    .createObjectNode()
                    .put("source", input)
                    .put("error", line)
                    .toString();
            spec.commandLine().getOut().println(Visible.json(object));
        }
    }

    private String table(String input, ReadingOptions options) throws InputProblem {
        TableFile file = TableFiles.read(input, standardInput, options, Watch.NOBODY);
        return json ? ReadText.json(file) : ReadText.text(file);
    }

    private String pasted(String input, Optional<Character> mark) throws InputProblem {
        Numerals card = mark.filter(one -> one == ',').isPresent() ? Numerals.COMMA : Numerals.POINT;
        List<Reading> readings = Pasted.read(TextSource.read(input, standardInput), card);
        if (readings.isEmpty()) {
            throw new InputProblem(Sentence.of("input.empty", input));
        }
        return json ? PastedText.json(input, readings) : PastedText.text(input, readings);
    }
}
