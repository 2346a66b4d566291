package promedio.core.pasted;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Numbers as they are printed, made numbers as they are read: powers of ten, fractions that end, a minus sign that stands apart, tally marks, a
 * stroke between the ends of a class, blanks between thousands.
 */
final class Signs {
    private static final Pattern POWER = Pattern.compile(
            "(?<![\\p{L}0-9.,])([-+\u2212]?[0-9]+(?:\\.[0-9]+)?)(?:\\s?[×x*·]\\s?10(?:\\^([-+\u2212]?[0-9]{1,2})|([⁻⁺]?[⁰¹²³⁴⁵⁶⁷⁸⁹]{1,2})))(?![\\p{L}0-9.⁰¹²³⁴⁵⁶⁷⁸⁹])");
    private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";
    private static final Pattern APART = Pattern.compile("(?:^|(?<=[,;\\t|({\\[])|(?<=[,;] ))\u2212\\s+(?=[0-9])");
    private static final Pattern STROKE = Pattern.compile("(?<=[0-9])\\s*\\|\\s*[-–—─]+\\s*\\|?\\s*(?=[0-9])");
    private static final Pattern TALLY = Pattern.compile("[|/\\\\]{1,5}(?:\\s+[|/\\\\]{1,5})*");
    private static final Pattern FRACTION = Pattern.compile("(?:([0-9]{1,4}) )?([0-9]{1,3})/([0-9]{1,3})");
    private static final Pattern WHOLE = Pattern.compile("[+-]?[0-9]+(?:\\.[0-9]+)?");
    private static final int MOST_PLACES = 6;
    private static final List<String> PARTING = List.of(";", "\t", "|", ", ");
    private static final Pattern SHORT_OR_GROUPED =
            Pattern.compile("[\\s€$£+-]*(?:[0-9]{1,3}(?: [0-9]{3})*(?:[.,][0-9]+)?)?\\s*");
    private static final Pattern GROUPED = Pattern.compile("(?<=[0-9]) (?=[0-9]{3}(?![0-9]))");

    private Signs() {}

    /** A line with its numbers as they are read. */
    static String plain(String line) {
        if (line.chars().noneMatch(sign -> sign < '\u0100' && Character.isDigit(sign))) {
            return line;
        }
        String strokes = STROKE.matcher(line).replaceAll("-");
        String apart = APART.matcher(strokes).replaceAll("-");
        return grouped(fractions(tallied(powers(apart))));
    }

    private static String powers(String line) {
        return POWER.matcher(line)
                .replaceAll(found -> new BigDecimal(found.group(1).replace('\u2212', '-'))
                        .scaleByPowerOfTen(exponent(found))
                        .toPlainString());
    }

    private static int exponent(MatchResult found) {
        String written = found.group(2);
        if (written == null) {
            StringBuilder digits = new StringBuilder();
            found.group(3)
                    .chars()
                    .forEach(sign -> digits.append(
                            sign == '⁻' ? "-" : sign == '⁺' ? "" : Integer.toString(RAISED.indexOf(sign))));
            written = digits.toString();
        }
        return Integer.parseInt(written.replace('\u2212', '-').replaceFirst("^[+]", ""));
    }

    /** Tally marks in a cell of their own are counted. */
    private static String tallied(String line) {
        if (line.indexOf('\t') < 0) {
            return line;
        }
        String[] cells = line.split("\t", -1);
        for (int i = 1; i < cells.length; i++) {
            if (TALLY.matcher(cells[i].strip()).matches()) {
                cells[i] = Long.toString(cells[i].chars()
                        .filter(sign -> !Character.isWhitespace(sign))
                        .count());
            }
        }
        return String.join("\t", cells);
    }

    /** Fractions that end, where a line is a list of numbers and nothing else. */
    private static String fractions(String line) {
        if (line.indexOf('/') < 0) {
            return line;
        }
        String[] items = line.strip().split("\\s*[,;]\\s*", -1);
        StringBuilder made = new StringBuilder();
        for (String item : items) {
            Matcher fraction = FRACTION.matcher(item);
            String number = WHOLE.matcher(item).matches() ? item : "";
            if (fraction.matches() && !fraction.group(3).matches("0+")) {
                number = decimal(fraction);
            }
            if (number.isEmpty() || items.length < 2) {
                return line;
            }
            made.append(made.isEmpty() ? "" : "; ").append(number);
        }
        return made.toString();
    }

    private static String decimal(Matcher fraction) {
        BigDecimal whole = new BigDecimal(fraction.group(1) == null ? "0" : fraction.group(1));
        BigDecimal below = new BigDecimal(fraction.group(3));
        for (int places = 0; places <= MOST_PLACES; places++) {
            BigDecimal[] parts =
                    new BigDecimal(fraction.group(2)).scaleByPowerOfTen(places).divideAndRemainder(below);
            if (parts[1].signum() == 0) {
                return whole.add(parts[0].scaleByPowerOfTen(-places))
                        .stripTrailingZeros()
                        .toPlainString();
            }
        }
        return "";
    }

    /** Blanks between thousands are taken out where something else parts the numbers, and all are written so. */
    private static String grouped(String line) {
        if (!GROUPED.matcher(line).find()) {
            return line;
        }
        boolean all = PARTING.stream().anyMatch(sign -> {
            String[] cells = line.split(Pattern.quote(sign), -1);
            return cells.length > 1
                    && Arrays.stream(cells)
                            .allMatch(cell -> SHORT_OR_GROUPED.matcher(cell).matches());
        });
        return all ? GROUPED.matcher(line).replaceAll("") : line;
    }
}
