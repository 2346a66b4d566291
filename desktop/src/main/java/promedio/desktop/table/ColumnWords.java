package promedio.desktop.table;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.data.Column;
import promedio.core.data.Summary;
import promedio.core.number.Exact;
import promedio.core.sentence.Visible;
import promedio.desktop.model.table.TableFigures;
import promedio.desktop.text.Words;

/** A column in short, in words: what stands in its line of the page, and on the clipboard. */
record ColumnWords(
        String name,
        String unit,
        String kind,
        String count,
        String missing,
        String others,
        String distinct,
        String least,
        String mean,
        String largest) {
    private static final int LONGEST = 20;

    /** A column, its numbers written in some way. */
    static ColumnWords of(TableFigures.InShort shown, Function<Exact, String> written) {
        Column column = shown.column();
        Summary summary = shown.summary();
        return new ColumnWords(
                column.name(),
                column.unit(),
                Words.of("reading.kind." + column.kind().id()),
                Integer.toString(column.count()),
                unlessNone(column.missing()),
                unlessNone(column.others()),
                Integer.toString(summary.distinct()),
                bound(summary.least(), written),
                summary.mean()
                        .map(mean -> (summary.isApproximate() ? "≈ " : "") + written.apply(mean))
                        .orElse(""),
                summary.commonest().isEmpty()
                        ? bound(summary.largest(), written)
                        : Words.of(
                                "table.commonest",
                                Visible.line(summary.commonest().get(0).getKey(), LONGEST),
                                summary.commonest().get(0).getValue()));
    }

    private static String unlessNone(int cells) {
        return cells == 0 ? "" : Integer.toString(cells);
    }

    private static String bound(Optional<Summary.Bound> bound, Function<Exact, String> written) {
        return bound.map(some ->
                        some.number().map(written).orElseGet(() -> some.date().orElse("")))
                .orElse("");
    }

    /** All of them, in the order of the page. */
    List<String> all() {
        return List.of(name, unit, kind, count, missing, others, distinct, least, mean, largest);
    }
}
