package promedio.core.pasted;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.tabulate.ClassLabel;

/** Columns of classes: limits that stand in two columns, classes written by their beginnings, their middles. */
final class Limits {
    private Limits() {}

    /** The columns, a lower and an upper limit beside each other joined into one of classes. */
    static List<PastedColumn> joined(List<PastedColumn> columns, PastedCells cells) {
        for (int i = 0; i + 1 < columns.size(); i++) {
            PastedColumn lower = columns.get(i);
            PastedColumn upper = columns.get(i + 1);
            if (lower.is(Role.LOWER) && upper.is(Role.UPPER) && lower.isNumbers() && upper.isNumbers()) {
                List<String> texts = new ArrayList<>();
                for (int row = 0; row < lower.texts().size(); row++) {
                    texts.add(lower.texts().get(row) + "–" + upper.texts().get(row));
                }
                List<PastedColumn> joined = new ArrayList<>(columns);
                joined.set(i, new PastedColumn("", texts, cells));
                joined.remove(i + 1);
                return joined;
            }
        }
        return columns;
    }

    /** The classes as they are typed under the card; those written by their beginnings reach to the next. */
    static List<String> written(PastedColumn column, PastedCells cells) {
        if (!column.isBegins()) {
            return column.texts().stream().map(cells::writtenClass).toList();
        }
        List<String> written = new ArrayList<>();
        List<String> texts = column.texts();
        for (int row = 0; row < texts.size(); row++) {
            Optional<Exact> begins = cells.begins(texts.get(row));
            Optional<Exact> next = row + 1 < texts.size()
                    ? cells.begins(texts.get(row + 1)).or(() -> Optional.empty())
                    : Optional.empty();
            if (next.isEmpty() && row + 1 < texts.size()) {
                next = cells.label(texts.get(row + 1)).flatMap(ClassLabel::from);
            }
            if (begins.isEmpty()) {
                written.add(cells.writtenClass(texts.get(row)));
            } else if (next.isPresent()) {
                written.add(write(begins.get(), cells) + " to under " + write(next.get(), cells));
            } else {
                written.add(write(begins.get(), cells) + " and over");
            }
        }
        return written;
    }

    static String write(Exact value, PastedCells cells) {
        return cells.card().write(value);
    }

    /** The middles of classes, or the values of a column of numbers; none where a class is open. */
    static List<Exact> middles(PastedColumn column, PastedCells cells) {
        List<Exact> middles = new ArrayList<>();
        for (String text : column.texts()) {
            Optional<Exact> middle = cells.number(text)
                    .map(PastedCells.Quantity::value)
                    .or(() -> cells.label(text).filter(label -> !label.isOpen()).map(label -> label.from()
                            .orElseThrow()
                            .plus(label.to().orElseThrow())
                            .half()));
            if (middle.isEmpty()) {
                return List.of();
            }
            middles.add(middle.get());
        }
        return middles;
    }
}
