package promedio.desktop.command;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine;
import promedio.core.course.CourseCard;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.files.InputProblem;

/** Questions of kinds, one from the arguments or one a line from standard input, which are answered as they come. */
final class KindCalls {
    private static final int INPUT_NOT_READ = 3;
    private static final int LONGEST_CALL = 1_000_000;

    private final CommandLine command;
    private final InputStream standardInput;

    KindCalls(CommandLine command, InputStream standardInput) {
        this.command = command;
        this.standardInput = standardInput;
    }

    /** Answers the call that the arguments make, or every line of standard input where the kind is {@code -}. */
    int call(String kind, List<String> given, String values, String table, CourseCard card, boolean json) {
        if (kind.equals("-")) {
            return calls(card);
        }
        try {
            KindAnswer answer = new KindCall(standardInput, given, values, table).answer(kind, card);
            command.getOut().println(json ? Visible.json(answer.json()) : answer.text());
            return done(0);
        } catch (InputProblem problem) {
            return failed(problem.sentence().toString(), json);
        } catch (RuntimeException | StackOverflowError fault) {
            return failed(Sentence.of("question.failed", kind, fault).toString(), json);
        }
    }

    private int failed(String sentence, boolean json) {
        String line = Visible.line(sentence);
        command.getErr().println(line);
        if (json) {
            command.getOut().println(error(line));
        }
        return done(INPUT_NOT_READ);
    }

    private static String error(String line) {
        return Visible.json(
                new ObjectMapper().createObjectNode().put("error", line).toString());
    }

    private int done(int status) {
        command.getOut().flush();
        command.getErr().flush();
        return status;
    }

    private int calls(CourseCard card) {
        PrintWriter out = command.getOut();
        int status = 0;
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(standardInput, StandardCharsets.UTF_8))) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.isBlank()) {
                    continue;
                }
                try {
                    out.println(Visible.json(answer(line, card).json()));
                } catch (InputProblem problem) {
                    status = INPUT_NOT_READ;
                    out.println(error(Visible.line(problem.sentence().toString())));
                } catch (CommandLine.ParameterException wrong) {
                    status = INPUT_NOT_READ;
                    out.println(error(Visible.line(wrong.getMessage())));
                } catch (RuntimeException | StackOverflowError fault) {
                    status = INPUT_NOT_READ;
                    out.println(error(Visible.line(
                            Sentence.of("question.failed", "-", fault).toString())));
                }
                out.flush();
            }
        } catch (IOException unread) {
            return failed(Sentence.of("input.unreadable", "-").toString(), true);
        }
        return done(status);
    }

    /** A line as if it were typed behind {@code --as}, which may stand at its beginning. */
    private KindAnswer answer(String line, CourseCard card) throws InputProblem {
        if (line.length() > LONGEST_CALL) {
            throw new InputProblem(Sentence.of("question.call-too-long", LONGEST_CALL));
        }
        List<String> words = new ArrayList<>(words(line));
        words.remove("--json");
        if (!words.isEmpty() && words.get(0).equals("--as")) {
            words = words.subList(1, words.size());
        }
        if (words.isEmpty()) {
            throw new InputProblem(Sentence.of("question.no-kind", "", String.join(", ", KindCall.kinds())));
        }
        KindCall call = KindCall.of(words.subList(1, words.size()).toArray(String[]::new));
        return call.answer(words.get(0), call.card(card));
    }

    /** The words of a line; what stands between quotes is one, or part of one. */
    static List<String> words(String line) {
        List<String> words = new ArrayList<>();
        StringBuilder word = new StringBuilder();
        boolean open = false;
        char quote = 0;
        for (int i = 0; i < line.length(); i++) {
            char character = line.charAt(i);
            if (quote != 0) {
                if (character == quote) {
                    quote = 0;
                } else {
                    word.append(character);
                }
            } else if (character == '"' || character == '\'') {
                quote = character;
                open = true;
            } else if (Character.isWhitespace(character)) {
                if (open) {
                    words.add(word.toString());
                    word.setLength(0);
                }
                open = false;
            } else {
                word.append(character);
                open = true;
            }
        }
        if (open) {
            words.add(word.toString());
        }
        return words;
    }
}
