package promedio.desktop;

import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import promedio.desktop.command.Commands;

/** Where the program starts: the command line first, and the window only when no command is given. */
public final class Promedio {
    private Promedio() {}

    /** Runs the program and ends it with its exit status. */
    public static void main(String[] arguments) {
        PrintWriter out = new PrintWriter(new OutputStreamWriter(System.out, StandardCharsets.UTF_8), true);
        PrintWriter err = new PrintWriter(new OutputStreamWriter(System.err, StandardCharsets.UTF_8), true);
        boolean walk = Boolean.getBoolean("promedio.walk");
        Commands.Window window = (file, demo) -> PromedioApp.run(file, demo, demo && walk);
        // The two plainest ways to start need no command line to be understood, which takes a fifth of a second.
        boolean plain = arguments.length == 0;
        boolean demo = arguments.length == 1 && arguments[0].equals("--demo");
        System.exit(plain || demo ? window.open(null, demo) : Commands.run(arguments, System.in, out, err, window));
    }
}
