package promedio.desktop.command;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import promedio.core.data.Counts;
import promedio.core.number.Exact;
import promedio.core.number.SignificantText;
import promedio.core.sentence.Visible;

/** How often each text of a column occurs, as {@code solve} prints it: definitions for relations, section 13. */
final class CountedText {
    private static final int LONGEST = 40;

    private final String source;
    private final SampleArguments.Counted counted;
    private final int digits;

    CountedText(String source, SampleArguments.Counted counted, int digits) {
        this.source = source;
        this.counted = counted;
        this.digits = digits;
    }

    private Counts counts() {
        return counted.counts();
    }

    /** A text with its count, its proportion and its percent. */
    private List<String> line(Counts.Line line) {
        Exact share = counts().proportion(line);
        return List.of(
                line.value(),
                Integer.toString(line.times()),
                SignificantText.of(share, digits),
                SignificantText.of(share.times(Exact.of(100)), digits));
    }

    String json() {
        ObjectMapper mapper = new ObjectMapper();
        ObjectNode object = mapper.createObjectNode().put("source", source).put("kind", "categories");
        object.put("count", Integer.toString(counts().count())).put("missing", Integer.toString(counts().missing()));
        counted.heading().ifPresent(heading -> object.put("heading", heading));
        ObjectNode results = object.putObject("results");
        results.put("distinct", Integer.toString(counts().lines().size()));
        results.set("mode", mapper.valueToTree(counts().modes()));
        object.set(
                "frequencies",
                mapper.valueToTree(counts().lines().stream().map(this::line).toList()));
        return object.toString();
    }

    String text() {
        StringBuilder text = new StringBuilder(
                Visible.line(source) + ": " + counts().count() + " cells, " + counts().missing() + " missing");
        counted.heading()
                .ifPresent(heading ->
                        text.append(", headed “").append(Visible.line(heading)).append("”"));
        List<String> modes = counts().modes();
        text.append(String.format(
                Locale.ROOT,
                "%n  %-42s %s",
                "mode",
                modes.isEmpty() ? "none" : Visible.line(String.join("; ", modes))));
        for (Counts.Line line : counts().lines()) {
            List<String> cells = line(line);
            text.append(String.format(
                    Locale.ROOT,
                    "%n  %-42s %s  %s  %s %%",
                    Visible.line(cells.get(0), LONGEST),
                    cells.get(1),
                    cells.get(2),
                    cells.get(3)));
        }
        return text.toString();
    }
}
