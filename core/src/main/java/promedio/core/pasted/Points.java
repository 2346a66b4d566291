package promedio.core.pasted;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.assignment.SampleSheet;
import promedio.core.number.Numerals;
import promedio.core.sample.SampleKind;

/** Pairs as points are written: {@code (1, 2), (2, 3.5), (4; 5)}. */
final class Points {
    private static final String NUMBER = "([+\u2212–-]?[0-9.,]+)";
    private static final Pattern POINT = Pattern.compile("\\(\\s*" + NUMBER
            + "\\s*(?:;|\\||,(?=\\s)|(?<=[0-9]),(?=[0-9.+\u2212–-]*\\s*\\)))\\s*" + NUMBER + "\\s*\\)");
    private static final Pattern BETWEEN = Pattern.compile("[\\s,;{}\\[\\].]*(?:and)?[\\s,;{}\\[\\].]*");
    private static final Pattern LABEL = Pattern.compile("\\s*[^(]{0,60}?[:=]?\\s*");
    private static final int LONGEST = 100_000;
    private static final int FEWEST = 2;

    private Points() {}

    static Optional<Reading> read(List<String> lines, PastedCells cells) {
        String text = String.join("\n", lines);
        if (text.length() > LONGEST || text.indexOf('(') < 0) {
            return Optional.empty();
        }
        List<String> first = new ArrayList<>();
        List<String> second = new ArrayList<>();
        Matcher points = POINT.matcher(text);
        int end = 0;
        while (points.find()) {
            String between = text.substring(end, points.start());
            boolean apart = end == 0
                    ? LABEL.matcher(between).matches() && between.chars().noneMatch(Character::isDigit)
                    : BETWEEN.matcher(between).matches();
            Numerals numerals = numerals(points.group(), cells);
            if (!apart
                    || numerals.read(points.group(1)).isEmpty()
                    || numerals.read(points.group(2)).isEmpty()) {
                return Optional.empty();
            }
            first.add(written(points.group(1), numerals, cells));
            second.add(written(points.group(2), numerals, cells));
            end = points.end();
        }
        if (first.size() < FEWEST || !BETWEEN.matcher(text.substring(end)).matches()) {
            return Optional.empty();
        }
        Found found = Found.pairs("", SampleSheet.Variables.UNNAMED, first, second);
        return Optional.of(
                Reading.of(Reading.what(SampleKind.PAIRS, first.size()), Layout.STANDING, List.of(found), List.of()));
    }

    /** Where a semicolon parts the two, a comma can only be a decimal mark. */
    private static Numerals numerals(String point, PastedCells cells) {
        boolean comma = point.indexOf(',') >= 0 && (point.indexOf(';') >= 0 || point.indexOf('|') >= 0);
        return comma
                ? Numerals.COMMA
                : point.indexOf(',') >= 0 ? Numerals.POINT : cells.style().numerals();
    }

    private static String written(String number, Numerals numerals, PastedCells cells) {
        return cells.card().write(numerals.read(number).orElseThrow().value());
    }
}
