package promedio.desktop.command;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ThreadLocalRandom;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.core.course.CourseCard;
import promedio.core.jotter.Jotted;
import promedio.core.jotter.Jotter;
import promedio.core.jotter.Lists;
import promedio.core.language.Fault;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.core.vector.Vectors;

/** {@code promedio jot}: works out formulas, one after another. Definitions for tables, section 11. */
@Command(
        name = "jot",
        mixinStandardHelpOptions = true,
        description = "Work out formulas, one after another: \"mean of (3, 4, 5)\", \"it × 2\", \"root(2)^2\".",
        sortOptions = false)
public final class JotCommand implements Callable<Integer> {
    private static final int WRONG = 3;

    @Spec
    private CommandSpec spec;

    @Parameters(arity = "1..*", paramLabel = "FORMULA", description = "What is asked; “it” is the last result.")
    private List<String> asked = new ArrayList<>();

    @Mixin
    private RuleArguments rules = new RuleArguments();

    @Option(
            names = "--digits",
            paramLabel = "S",
            description = "Digits of a result that does not end (default: ${DEFAULT-VALUE}).")
    private int digits = Vectors.DIGITS;

    @Option(names = "--json", description = "One JSON object per formula, each on a line.")
    private boolean json;

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        PrintWriter err = spec.commandLine().getErr();
        int shown = RunCommand.digits(spec.commandLine(), digits);
        CourseCard card = rules.card(spec.commandLine());
        Jotter jotter = new Jotter(ThreadLocalRandom.current().nextInt(Integer.MAX_VALUE), () -> {});
        int status = 0;
        for (String text : asked) {
            Jotted jotted = jotter.ask(text, Lists.NONE, card);
            if (jotted.fault().isPresent()) {
                status = WRONG;
                Fault fault = jotted.fault().get();
                err.println(Visible.line(
                        Sentence.of("step.fault.line", text, fault.at().from() + 1, fault.sentence())
                                .toString()));
            }
            String line = json ? json(jotted, shown) : plain(jotted, shown);
            if (!line.isEmpty()) {
                out.println(Visible.json(line));
            }
        }
        out.flush();
        err.flush();
        return status;
    }

    private static String plain(Jotted jotted, int digits) {
        if (jotted.result().isEmpty()) {
            return jotted.told().isEmpty() ? "" : jotted.told().get(0).toString();
        }
        return (jotted.isApproximate() ? "≈ " : "") + jotted.kept(digits).result();
    }

    private static String json(Jotted jotted, int digits) {
        ObjectNode object = new ObjectMapper().createObjectNode().put("text", jotted.text());
        jotted.fault().ifPresent(fault -> object.put("error", fault.sentence().toString())
                .put("place", Integer.toString(fault.at().from() + 1)));
        if (jotted.result().isPresent()) {
            List<String> values = jotted.values(digits);
            if (jotted.isList()) {
                ArrayNode list = object.putArray("value");
                values.forEach(value -> list.add(value.isEmpty() ? null : value));
            } else {
                object.put("value", values.get(0).isEmpty() ? null : values.get(0));
            }
            if (jotted.isApproximate()) {
                object.put("approximate", true);
            }
        }
        return object.toString();
    }
}
