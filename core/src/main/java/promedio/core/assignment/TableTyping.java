package promedio.core.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.ClassLabel;

/** Class tables, cumulative tables and stem-and-leaf displays among what is typed or pasted. */
final class TableTyping {
    private static final Pattern ROW =
            Pattern.compile("(.*\\S)\\s*(?:[\\s:;=|×]|,\\s)\\s*(-?[0-9][0-9.,]*(?:\\s*(?:%|\\p{L}{2,}))?)\\s*");
    private static final Pattern STEM = Pattern.compile("\\s*+([-−]?)\\s*+([0-9]++)\\s*+\\|([0-9\\s]*+)");
    private static final int FEWEST_ROWS = 2;
    /** A class and its frequency are written in far less. */
    private static final int LONGEST_ROW = 500;

    private TableTyping() {}

    /** Lines of class and frequency, with blanks or a colon between them. */
    static Optional<Typing> ofLines(List<String> lines, Numerals numerals) {
        List<String> split = lines.size() == 1 && lines.get(0).indexOf(';') >= 0
                ? Stream.of(lines.get(0).split(";", -1)).toList()
                : lines;
        List<String> classes = new ArrayList<>();
        List<String> frequencies = new ArrayList<>();
        for (String line : split) {
            if (line.length() > LONGEST_ROW) {
                return Optional.empty();
            }
            Matcher row = ROW.matcher(line);
            boolean heading = classes.isEmpty() && line.chars().noneMatch(Character::isDigit);
            if (line.isBlank() || heading) {
                continue;
            }
            if (!row.matches()) {
                return Optional.empty();
            }
            classes.add(row.group(1).replaceFirst("[\\s:;=|×,]+$", "").strip());
            frequencies.add(row.group(2).strip());
        }
        return ofColumns(classes, frequencies, "", numerals);
    }

    /** A column of classes beside one of frequencies; empty when the first holds no classes. */
    static Optional<Typing> ofColumns(
            List<String> classes, List<String> frequencies, String heading, Numerals numerals) {
        boolean headed = heading.isEmpty()
                && classes.size() > FEWEST_ROWS
                && (classes.get(0) + frequencies.get(0)).chars().noneMatch(Character::isDigit)
                && !ClassRows.isTotal(classes.get(0));
        if (headed) {
            return ofColumns(
                    classes.subList(1, classes.size()),
                    frequencies.subList(1, frequencies.size()),
                    classes.get(0).strip(),
                    numerals);
        }
        List<Optional<ClassLabel>> labels = new ArrayList<>();
        int others = 0;
        for (String text : classes) {
            Optional<ClassLabel> label = ClassLabel.parse(text, numerals);
            labels.add(label);
            others += label.isPresent() || text.isBlank() || ClassRows.isTotal(text) ? 0 : 1;
            if (others > FEWEST_ROWS && others * 2 > classes.size()) {
                return Optional.empty();
            }
        }
        List<ClassLabel> known = labels.stream().flatMap(Optional::stream).toList();
        boolean classed = known.stream().anyMatch(label -> label.kind() != ClassLabel.Kind.SINGLE);
        if (known.size() < FEWEST_ROWS || !classed || others * 2 > known.size()) {
            return Optional.empty();
        }
        return cumulative(labels, frequencies, heading, numerals)
                .or(() -> Optional.of(Typing.table(
                        SampleSheet.Kind.CLASSES,
                        classes,
                        frequencies,
                        heading,
                        Optional.of(Sentence.of("typing.classes", known.size())))));
    }

    /** “Less than” throughout with frequencies that grow, or “or more” with frequencies that shrink: taken apart into classes. */
    private static Optional<Typing> cumulative(
            List<Optional<ClassLabel>> labels, List<String> typed, String heading, Numerals numerals) {
        List<Exact> limits = new ArrayList<>();
        List<Exact> sums = new ArrayList<>();
        boolean low = labels.stream().flatMap(Optional::stream).allMatch(label -> label.from()
                .isEmpty());
        boolean high = labels.stream().flatMap(Optional::stream).allMatch(label -> label.to()
                .isEmpty());
        for (int i = 0; i < labels.size() && (low || high); i++) {
            Optional<Exact> sum = numerals.read(typed.get(i)).map(Numerals.Numeral::exact);
            if (labels.get(i).isPresent() && sum.isPresent()) {
                limits.add(labels.get(i).get().anchor());
                sums.add(sum.get());
            }
        }
        if (limits.size() < FEWEST_ROWS || !ascends(limits, 1) || !ascends(sums, low ? 1 : -1)) {
            return Optional.empty();
        }
        List<String> classes = new ArrayList<>();
        List<String> frequencies = new ArrayList<>();
        if (low) {
            classes.add("under " + numerals.write(limits.get(0)));
            frequencies.add(numerals.write(sums.get(0)));
        }
        for (int i = 1; i < limits.size(); i++) {
            classes.add(numerals.write(limits.get(i - 1)) + " to under " + numerals.write(limits.get(i)));
            frequencies.add(numerals.write(sums.get(i).minus(sums.get(i - 1)).abs()));
        }
        if (high) {
            classes.add(numerals.write(limits.get(limits.size() - 1)) + " and over");
            frequencies.add(numerals.write(sums.get(sums.size() - 1)));
        }
        dropEmptyEnd(classes, frequencies);
        Sentence told = Sentence.of(
                low ? "typing.less-than" : "typing.more-than",
                sums.stream().map(Exact::toString).collect(Collectors.joining(", ")),
                String.join(", ", frequencies));
        return Optional.of(Typing.table(SampleSheet.Kind.CLASSES, classes, frequencies, heading, Optional.of(told)));
    }

    /** “Less than 10: 0” only says where the classes begin. */
    private static void dropEmptyEnd(List<String> classes, List<String> frequencies) {
        int last = classes.size() - 1;
        if (frequencies.get(last).equals("0") && classes.get(last).endsWith("over")) {
            classes.remove(last);
            frequencies.remove(last);
        }
        if (frequencies.get(0).equals("0") && classes.get(0).startsWith("under")) {
            classes.remove(0);
            frequencies.remove(0);
        }
    }

    private static boolean ascends(List<Exact> values, int direction) {
        for (int i = 1; i < values.size(); i++) {
            if (values.get(i).compareTo(values.get(i - 1)) * direction < 0) {
                return false;
            }
        }
        return true;
    }

    /** Stems and leaves: {@code 3 | 2 5 5} is 32, 35, 35. */
    static Optional<Typing> stems(List<String> lines) {
        List<String> values = new ArrayList<>();
        for (String line : lines) {
            Matcher stem = STEM.matcher(line);
            if (!stem.matches()) {
                return Optional.empty();
            }
            String sign = stem.group(1).isEmpty() ? "" : "-";
            for (char leaf : stem.group(3).replaceAll("\\s", "").toCharArray()) {
                String digits = (stem.group(2) + leaf).replaceFirst("^0+(?=[0-9])", "");
                values.add(sign + digits);
            }
        }
        return values.isEmpty()
                ? Optional.empty()
                : Optional.of(Typing.list(
                        values,
                        Optional.of(Sentence.of("typing.stems", lines.get(0).strip(), values.get(0)))));
    }
}
