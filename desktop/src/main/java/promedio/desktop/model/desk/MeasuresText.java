package promedio.desktop.model.desk;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import promedio.core.data.Guarded;

/** Measures as text for the clipboard. */
public final class MeasuresText {
    private MeasuresText() {}

    /** A line a measure: name, symbol, figure and unit with tabs between. */
    public static String tabbed(List<MeasureLine> lines) {
        return lines.stream()
                .map(line -> Stream.of(line.label(), line.symbol().text(), figure(line), line.unit())
                        .map(Guarded::cell)
                        .collect(Collectors.joining("\t")))
                .collect(Collectors.joining("\n", "", "\n"));
    }

    /** A table with symbols in MathML. */
    public static String html(String caption, List<MeasureLine> lines) {
        return lines.stream()
                .map(line -> "<tr><td>" + TableText.escaped(line.label()) + "</td><td>"
                        + line.symbol().mathMl() + "</td><td>" + TableText.escaped(figure(line)) + "</td><td>"
                        + TableText.escaped(line.unit()) + "</td></tr>")
                .collect(Collectors.joining(
                        "", "<table><caption>" + TableText.escaped(caption) + "</caption>", "</table>"));
    }

    private static String figure(MeasureLine line) {
        return line.shown();
    }
}
