package promedio.desktop.model.compare;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.Link;
import promedio.core.assignment.SampleSheet;
import promedio.core.compare.OneScale;
import promedio.core.course.CourseCard;
import promedio.core.data.Column;
import promedio.core.picture.Named;
import promedio.core.sentence.Sentence;

/**
 * Samples on one scale, as the page Compare shows them.
 *
 * @param scale their standard scores; empty where there are none
 * @param why why there are none, or why values cannot be put together in rows; empty where both can be done
 * @param names what a row is called, by its place
 * @param low the samples of which low values are good, by their ids
 */
public record Scaled(Optional<OneScale> scale, Optional<Sentence> why, IntFunction<String> names, Set<String> low) {
    /** The rows with their ranks; none where values cannot be put together. */
    public List<OneScale.Row> rows() {
        return why.isPresent() ? List.of() : scale.map(OneScale::rows).orElse(List.of());
    }

    /** Puts samples on one scale: values of one row of a table belong together, or the first entries of equally long lists, and so on. */
    static Scaled of(Assignment assignment, List<SampleSheet> sheets, Set<String> low, CourseCard card) {
        Optional<DataTable> table = table(assignment, sheets);
        List<OneScale.Source> sources = new ArrayList<>();
        for (SampleSheet sheet : sheets) {
            Named named = new Named(
                    sheet.name(), sheet.unit(), Interpretation.of(sheet, card).sample(), Optional.empty());
            List<Integer> places = IntStream.range(0, named.sample().rows())
                    .map(row -> named.sample().entry(row))
                    .boxed()
                    .toList();
            Optional<int[]> rows =
                    table.flatMap(from -> ((Link.Cells) sheet.link().orElseThrow()).rows(from));
            sources.add(new OneScale.Source(
                    named,
                    rows.map(of -> places.stream().map(entry -> of[entry]).toList())
                            .orElse(places),
                    low.contains(sheet.id())));
        }
        OneScale.Made made = OneScale.of(sources, card);
        List<Integer> lengths =
                sheets.stream().map(SampleSheet::size).distinct().toList();
        Optional<Sentence> why = made.why()
                .or(() -> table.isEmpty() && lengths.size() > 1
                        ? Optional.of(Sentence.of("compare.scale.lengths", String.join(", ", texts(lengths))))
                        : Optional.empty())
                .or(() -> made.scale().filter(scale -> scale.rows().isEmpty()).isPresent()
                        ? Optional.of(Sentence.of("compare.scale.no-rows"))
                        : Optional.empty());
        return new Scaled(made.scale(), why, names(table), Set.copyOf(low));
    }

    private static List<String> texts(List<Integer> numbers) {
        return numbers.stream()
                .map(number -> Sentence.grouped(number.toString()))
                .toList();
    }

    /** The table that all samples are columns of, as it was read. */
    private static Optional<DataTable> table(Assignment assignment, List<SampleSheet> sheets) {
        List<String> ids = sheets.stream()
                .map(sheet -> sheet.link()
                        .filter(Link.Cells.class::isInstance)
                        .map(Link::tableId)
                        .orElse(""))
                .distinct()
                .toList();
        return ids.size() == 1 ? assignment.table(ids.get(0)) : Optional.empty();
    }

    /** Rows are called by the first column of words in which each row has its own, else by their number. */
    private static IntFunction<String> names(Optional<DataTable> table) {
        return table.stream()
                .flatMap(from -> from.all().columns().stream())
                .filter(Scaled::names)
                .findFirst()
                .<IntFunction<String>>map(
                        column -> row -> column.entries().text(row).strip())
                .orElse(row -> Sentence.of("compare.scale.row-name", row + 1).toString());
    }

    private static boolean names(Column column) {
        boolean words = column instanceof Column.OfTexts || column instanceof Column.OfCategories;
        if (!words || column.missing() > 0) {
            return false;
        }
        Set<String> seen = new HashSet<>();
        return IntStream.range(0, column.size())
                .allMatch(row -> seen.add(column.entries().text(row).strip()));
    }
}
