package promedio.desktop.command;

import java.io.File;
import java.io.InputStream;
import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import promedio.core.sentence.Visible;

/** The command line of the program. */
@Command(
        name = "promedio",
        mixinStandardHelpOptions = true,
        version = "Promedio " + Commands.VERSION,
        description = "Hand-method statistics for students: exact measures, their working, and a check of your own.",
        footer = {"", "Without a command the window opens, on FILE or on an empty paper."},
        sortOptions = false)
public final class Commands implements Callable<Integer> {
    /** The version of the program. */
    public static final String VERSION = "0.1.0";

    /** What opening the window takes: kept apart, so that the command line loads nothing of it. */
    public interface Window {
        /** Opens the window on a file (or null), or on the demo assignment, and returns the exit status when it is closed. */
        int open(String file, boolean demo);
    }

    @Option(names = "--demo", description = "Open the demo assignment; without a display, walk it and draw a gallery.")
    private boolean demo;

    @Parameters(arity = "0..1", paramLabel = "FILE", description = "An assignment (.promedio) to open.")
    private String file;

    private static final int LONGEST_WORD = 60;

    @Spec
    private CommandSpec spec;

    private final Window window;

    private Commands(Window window) {
        this.window = window;
    }

    @Override
    public Integer call() {
        if (file != null && !new File(file).isFile()) {
            throw new CommandLine.ParameterException(
                    spec.commandLine(),
                    "There is no command and no file \"" + Visible.line(file, LONGEST_WORD)
                            + "\". The commands are solve, mark, read, picture, run, question and jot.");
        }
        return window.open(file, demo);
    }

    /** Runs the command line and returns the exit status: 0 done, 2 wrong usage, 3 input could not be read. */
    public static int run(String[] arguments, InputStream in, PrintWriter out, PrintWriter err, Window window) {
        CommandLine line = new CommandLine(new Commands(window))
                .addSubcommand(new SolveCommand(in))
                .addSubcommand(new MarkCommand(in))
                .addSubcommand(new CheckCommand(in))
                .addSubcommand(new ReadCommand(in))
                .addSubcommand(SettingOptions.onto(new CommandLine(new PictureCommand(in))))
                .addSubcommand(new RunCommand(in))
                .addSubcommand(new QuestionCommand(in))
                .addSubcommand(new CommandLine(new JotCommand()).setUnmatchedOptionsArePositionalParams(true))
                .setOut(out)
                .setErr(err);
        line.setParameterExceptionHandler((problem, args) -> {
            err.println(Visible.line(problem.getMessage()));
            err.println("Try --help.");
            err.flush();
            return CommandLine.ExitCode.USAGE;
        });
        line.setExecutionExceptionHandler((problem, command, result) -> {
            err.println(Visible.line("Promedio itself failed (" + problem + "); nothing was changed."));
            err.flush();
            return CommandLine.ExitCode.SOFTWARE;
        });
        return line.execute(arguments);
    }
}
