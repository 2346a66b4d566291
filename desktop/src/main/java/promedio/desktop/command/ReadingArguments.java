package promedio.desktop.command;

import java.nio.charset.Charset;
import java.nio.charset.IllegalCharsetNameException;
import java.nio.charset.UnsupportedCharsetException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import picocli.CommandLine;
import picocli.CommandLine.Option;
import promedio.core.data.DateForm;
import promedio.core.data.ThousandsMark;
import promedio.core.sentence.Sentence;
import promedio.files.table.Delimiter;
import promedio.files.table.ReadingOptions;

/** The options that say how a file is to be read. */
final class ReadingArguments {
    @Option(names = "--sheet", paramLabel = "NAME-OR-NUMBER", description = "The sheet of a workbook; numbers from 1.")
    private String sheet;

    @Option(
            names = "--skip",
            paramLabel = "N",
            description = "So many lines stand before the heading or the first row.")
    private Integer skip;

    @Option(names = "--heading", paramLabel = "yes|no", description = "Whether the first row read names the columns.")
    private String heading;

    @Option(
            names = "--delimiter",
            paramLabel = "WORD",
            description = "What parts cells: comma, semicolon, tab, pipe, space, exclamation, or one character.")
    private String delimiter;

    @Option(names = "--encoding", paramLabel = "NAME", description = "How characters are encoded, such as UTF-8.")
    private String encoding;

    @Option(
            names = "--thousands",
            paramLabel = "WORD",
            description = "What parts thousands: none, comma, point, space or apostrophe.")
    private String thousands;

    @Option(
            names = "--dates",
            paramLabel = "ORDER",
            description = "How dates are written: d.m.y, d/m/y, m/d/y, y-m-d or d-mon-y.")
    private String dates;

    @Option(
            names = "--missing",
            paramLabel = "[COLUMN=]CODE",
            description = "A cell that means missing, such as n/a; may be repeated.")
    private List<String> missing = new ArrayList<>();

    @Option(names = "--column", paramLabel = "NAME-OR-NUMBER", description = "A column to read; numbers from 1.")
    private List<String> columns = new ArrayList<>();

    List<String> missing() {
        return missing;
    }

    List<String> columns() {
        return columns;
    }

    /** The options, under a decimal mark where one is said. */
    ReadingOptions options(CommandLine command, Optional<Character> decimalMark) {
        return new ReadingOptions(
                Optional.ofNullable(sheet),
                skip == null ? OptionalInt.empty() : OptionalInt.of(skip(command)),
                Optional.ofNullable(heading).map(word -> yes(command, word)),
                Optional.ofNullable(delimiter).map(word -> Delimiter.find(word)
                        .orElseThrow(() -> usage(
                                command,
                                "--delimiter takes "
                                        + Delimiter.NAMED.stream()
                                                .map(Delimiter::id)
                                                .collect(Collectors.joining(", "))
                                        + " or one character, not '" + word + "'."))),
                Optional.ofNullable(encoding).map(name -> charset(command, name)),
                decimalMark,
                Optional.ofNullable(thousands).map(word -> ThousandsMark.find(word)
                        .orElseThrow(() -> usage(
                                command,
                                "--thousands takes "
                                        + Arrays.stream(ThousandsMark.values())
                                                .map(ThousandsMark::id)
                                                .collect(Collectors.joining(", "))
                                        + ", not '" + word + "'."))),
                Optional.ofNullable(dates).map(word -> DateForm.find(word)
                        .orElseThrow(() -> usage(
                                command,
                                "--dates takes "
                                        + Arrays.stream(DateForm.values())
                                                .map(DateForm::id)
                                                .collect(Collectors.joining(", "))
                                        + ", not '" + word + "'."))),
                missing,
                columns);
    }

    /** The decimal mark that {@code --rule decimal-mark=…} says. */
    static char decimalMark(CommandLine command, String rule) {
        return switch (rule) {
            case "decimal-mark=comma" -> ',';
            case "decimal-mark=point" -> '.';
            default ->
                throw usage(command, "--rule takes decimal-mark=point or decimal-mark=comma here, not '" + rule + "'.");
        };
    }

    private int skip(CommandLine command) {
        if (skip < 0) {
            throw usage(command, "--skip takes a number of lines, not " + skip + ".");
        }
        return skip;
    }

    private static boolean yes(CommandLine command, String word) {
        if (!word.equals("yes") && !word.equals("no")) {
            throw usage(command, "--heading takes yes or no, not '" + word + "'.");
        }
        return word.equals("yes");
    }

    private static Charset charset(CommandLine command, String name) {
        try {
            return Charset.forName(name);
        } catch (IllegalCharsetNameException | UnsupportedCharsetException unknown) {
            throw usage(command, Sentence.of("input.no-encoding", name).toString());
        }
    }

    private static CommandLine.ParameterException usage(CommandLine command, String sentence) {
        return new CommandLine.ParameterException(command, sentence);
    }
}
