package promedio.core.data;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import promedio.core.number.Exact;

/**
 * How often each text of a column stands there: definitions for relations, section 13.
 *
 * @param lines the texts, in the order of their first appearance
 * @param count how many cells are not missing
 * @param missing how many are
 */
public record Counts(List<Line> lines, int count, int missing) {
    /** A text and how often it stands there. */
    public record Line(String value, int times) {}

    /** Copies the lines. */
    public Counts {
        lines = List.copyOf(lines);
    }

    /** Counts the cells of a column that are not missing, but for blanks around them; equal numbers are one. */
    public static Counts of(Column column) {
        Map<BigDecimal, String> written = new TreeMap<>();
        Map<String, Integer> times = new LinkedHashMap<>();
        for (int row = 0; row < column.size(); row++) {
            if (!column.isMissing(row)) {
                String text = column.entries().text(row).strip();
                String one = column instanceof Column.OfNumbers numbers
                        ? numbers.number(row)
                                .map(number -> written.computeIfAbsent(number, first -> text))
                                .orElse(text)
                        : text;
                times.merge(one, 1, Integer::sum);
            }
        }
        List<Line> lines = times.entrySet().stream()
                .map(one -> new Line(one.getKey(), one.getValue()))
                .toList();
        return new Counts(lines, lines.stream().mapToInt(Line::times).sum(), column.missing());
    }

    /** The share of a line in all that are not missing. */
    public Exact proportion(Line line) {
        return Exact.ratio(line.times(), count);
    }

    /** The texts that stand there most often; none where several different ones all stand there equally often. */
    public List<String> modes() {
        int most = lines.stream().mapToInt(Line::times).max().orElse(0);
        List<String> modes = lines.stream()
                .filter(line -> line.times() == most)
                .map(Line::value)
                .toList();
        return modes.size() > 1 && modes.size() == lines.size() ? List.of() : modes;
    }
}
