package promedio.files.trail;

import java.nio.charset.Charset;
import java.nio.charset.IllegalCharsetNameException;
import java.nio.charset.UnsupportedCharsetException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import promedio.core.data.DateForm;
import promedio.core.data.ThousandsMark;
import promedio.core.language.Grammar;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.files.InputProblem;
import promedio.files.table.Delimiter;
import promedio.files.table.ReadingOptions;

/** What the {@code reading:} line of a trail says: {@code skip 2, delimiter semicolon, missing "n/a", missing Minutes "-99"}. */
public final class ReadingLine {
    private static final int LONGEST = 120;

    private ReadingLine() {}

    /** Reads the line. @throws InputProblem for something that cannot be said of a reading */
    public static ReadingOptions read(String line) throws InputProblem {
        ReadingOptions options = ReadingOptions.GUESSED;
        for (List<String> words : items(line)) {
            options = item(options, words);
        }
        return options;
    }

    /** What commas part, each as its words; commas and blanks between quotes part nothing. */
    private static List<List<String>> items(String line) throws InputProblem {
        List<List<String>> items = new ArrayList<>();
        List<String> words = new ArrayList<>();
        int at = 0;
        while (at < line.length()) {
            char sign = line.charAt(at);
            int end = at + 1;
            if (sign == ',') {
                items.add(words);
                words = new ArrayList<>();
            } else if (sign == '"' || sign == '\'') {
                end = closed(line, at);
                words.add(Grammar.unquoted(line.substring(at, end)));
            } else if (!Character.isWhitespace(sign)) {
                while (end < line.length() && !isPart(line.charAt(end))) {
                    end++;
                }
                words.add(line.substring(at, end));
            }
            at = end;
        }
        if (!words.isEmpty()) {
            items.add(words);
        }
        return items;
    }

    private static boolean isPart(char sign) {
        return sign == ',' || sign == '"' || sign == '\'' || Character.isWhitespace(sign);
    }

    /** Where a text ends that begins with a quote; a doubled one within is one of its signs. */
    private static int closed(String line, int from) throws InputProblem {
        char quote = line.charAt(from);
        for (int at = line.indexOf(quote, from + 1); at >= 0; at = line.indexOf(quote, at + 2)) {
            if (at + 1 == line.length() || line.charAt(at + 1) != quote) {
                return at + 1;
            }
        }
        throw problem(line.substring(from));
    }

    private static InputProblem problem(String item) {
        return new InputProblem(Sentence.of("trail.reading", Visible.line(item, LONGEST)));
    }

    private static ReadingOptions item(ReadingOptions options, List<String> words) throws InputProblem {
        String item = String.join(" ", words);
        if (words.size() < 2) {
            throw problem(item);
        }
        String said = words.get(1);
        switch (words.get(0)) {
            case "sheet" -> {
                return options.withSheet(Optional.of(said));
            }
            case "skip" -> {
                if (said.matches("[0-9]{1,9}")) {
                    return options.withSkip(OptionalInt.of(Integer.parseInt(said)));
                }
            }
            case "heading" -> {
                if (said.equals("yes") || said.equals("no")) {
                    return options.withHeading(Optional.of(said.equals("yes")));
                }
            }
            case "delimiter" -> {
                Optional<Delimiter> delimiter = Delimiter.find(said);
                if (delimiter.isPresent()) {
                    return options.withDelimiter(delimiter);
                }
            }
            case "encoding" -> {
                return options.withEncoding(Optional.of(charset(item, said)));
            }
            case "decimal-mark" -> {
                if (said.equals("comma") || said.equals("point")) {
                    return options.withDecimalMark(Optional.of(said.equals("comma") ? ',' : '.'));
                }
            }
            case "thousands" -> {
                Optional<ThousandsMark> mark = ThousandsMark.find(said);
                if (mark.isPresent()) {
                    return options.withThousands(mark);
                }
            }
            case "dates" -> {
                Optional<DateForm> form = DateForm.find(said);
                if (form.isPresent()) {
                    return options.withDates(form);
                }
            }
            case "missing" -> {
                return options.withMissing(words.size() > 2 ? said + "=" + words.get(2) : said);
            }
            default -> throw problem(item);
        }
        throw problem(item);
    }

    private static Charset charset(String item, String name) throws InputProblem {
        try {
            return Charset.forName(name);
        } catch (IllegalCharsetNameException | UnsupportedCharsetException unknown) {
            throw problem(item);
        }
    }

    /** The line that says so; empty where nothing is said. */
    public static Optional<String> written(ReadingOptions options) {
        List<String> items = new ArrayList<>();
        options.sheet().ifPresent(sheet -> items.add("sheet " + Grammar.text(sheet)));
        options.skip().ifPresent(lines -> items.add("skip " + lines));
        options.heading().ifPresent(heading -> items.add("heading " + (heading ? "yes" : "no")));
        options.delimiter().ifPresent(delimiter -> items.add("delimiter " + word(delimiter.id())));
        options.encoding().ifPresent(encoding -> items.add("encoding " + encoding.name()));
        options.decimalMark().ifPresent(mark -> items.add("decimal-mark " + (mark == ',' ? "comma" : "point")));
        options.thousands().ifPresent(mark -> items.add("thousands " + mark.id()));
        options.dates().ifPresent(form -> items.add("dates " + form.id()));
        for (String code : options.missing()) {
            int equals = code.indexOf('=');
            items.add(
                    equals > 0
                            ? "missing " + Grammar.name(code.substring(0, equals)) + " "
                                    + Grammar.text(code.substring(equals + 1))
                            : "missing " + Grammar.text(code));
        }
        return items.isEmpty() ? Optional.empty() : Optional.of(String.join(", ", items));
    }

    private static String word(String id) {
        return id.length() > 1 ? id : Grammar.text(id);
    }

    /** What is said first, and where it says nothing what is said second. */
    public static ReadingOptions over(ReadingOptions first, ReadingOptions second) {
        return new ReadingOptions(
                first.sheet().or(second::sheet),
                first.skip().isPresent() ? first.skip() : second.skip(),
                first.heading().or(second::heading),
                first.delimiter().or(second::delimiter),
                first.encoding().or(second::encoding),
                first.decimalMark().or(second::decimalMark),
                first.thousands().or(second::thousands),
                first.dates().or(second::dates),
                first.missing().isEmpty() ? second.missing() : first.missing(),
                first.columns().isEmpty() ? second.columns() : first.columns());
    }
}
