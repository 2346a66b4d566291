package promedio.desktop.model.picture;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.data.Column;
import promedio.core.data.ColumnKind;
import promedio.core.picture.Subjects;

/**
 * Which columns of a data table a picture is of.
 *
 * @param of the column that is drawn
 * @param against the column of numbers that it is drawn against; −1 for none
 * @param by the column whose words part it into groups; −1 for none
 */
public record OfColumns(int of, int against, int by) {
    /** What is drawn first: the first column that measures something, else the first. */
    static OfColumns first(List<Column> columns) {
        int of = IntStream.range(0, columns.size())
                .filter(i -> columns.get(i) instanceof Column.OfNumbers numbers && !numbers.isNumbering())
                .findFirst()
                .orElse(0);
        return new OfColumns(of, -1, -1);
    }

    /** The same as far as there are such columns, and as far as they can be drawn so. */
    OfColumns within(List<Column> columns) {
        int size = columns.size();
        int safe = of < size ? of : 0;
        boolean numbers = isNumbers(columns.get(safe));
        return new OfColumns(
                safe,
                numbers && against < size && against >= 0 && isNumbers(columns.get(against)) ? against : -1,
                by < size ? by : -1);
    }

    private static boolean isNumbers(Column column) {
        return column.kind() == ColumnKind.NUMBER;
    }

    Subjects.Made made(List<Column> columns) {
        Column drawn = columns.get(of);
        Optional<Column> group = by < 0 ? Optional.empty() : Optional.of(columns.get(by));
        if (!isNumbers(drawn)) {
            return Subjects.categories(drawn, group);
        }
        if (against >= 0) {
            return Subjects.pairs(columns.get(against), drawn, group);
        }
        return group.isPresent()
                ? Subjects.groups(drawn, group.get(), Optional.empty())
                : Subjects.lists(List.of(drawn), Optional.empty());
    }
}
