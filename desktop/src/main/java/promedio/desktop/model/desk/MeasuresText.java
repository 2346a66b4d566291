package promedio.desktop.model.desk;

import java.util.List;
import java.util.stream.Collectors;
import promedio.core.data.Guarded;

/** Measures as text for the clipboard. */
public final class MeasuresText {
    private MeasuresText() {}

    /** A row a measure: name, symbol, figure and unit. */
    public static List<List<String>> rows(List<MeasureLine> lines) {
        return lines.stream()
                .map(line -> List.of(line.label(), line.symbol().text(), line.shown(), line.unit()))
                .toList();
    }

    /** A table with symbols in MathML, in which no cell is a formula in another program. */
    public static String html(String caption, List<MeasureLine> lines) {
        return lines.stream()
                .map(line -> "<tr><td>" + cell(line.label()) + "</td><td>"
                        + line.symbol().mathMl() + "</td><td>" + cell(line.shown()) + "</td><td>" + cell(line.unit())
                        + "</td></tr>")
                .collect(Collectors.joining(
                        "", "<table><caption>" + TableText.escaped(caption) + "</caption>", "</table>"));
    }

    private static String cell(String text) {
        return TableText.escaped(Guarded.cell(text));
    }
}
