package promedio.desktop.model.desk;

import promedio.core.number.Exact;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;

/**
 * Where the classes of a table lie in a picture, which needs both ends of each: a missing end is drawn as far out as the
 * neighbour is wide.
 *
 * @param table the classes
 */
public record ClassEdges(ClassTable table) {
    /** The lower end of a class. */
    public double lower(int index) {
        return table.at(index)
                .lower()
                .map(Exact::toDouble)
                .orElseGet(() -> upper(index) - width(Math.min(index + 1, table.size() - 1)));
    }

    /** The upper end of a class. */
    public double upper(int index) {
        return table.at(index)
                .upper()
                .map(Exact::toDouble)
                .orElseGet(() -> lower(index) + width(Math.max(0, index - 1)));
    }

    private double width(int index) {
        return table.at(index).width().map(Exact::toDouble).orElse(1.0);
    }

    /** The lower end of the first class. */
    public double least() {
        return lower(0);
    }

    /** The upper end of the last class. */
    public double most() {
        return upper(table.size() - 1);
    }

    /** Frequency over width. */
    public double density(int index) {
        return table.at(index).frequency().toDouble() / (upper(index) - lower(index));
    }

    /** Whether an end of the class is missing or only assumed, so that it is drawn dashed. */
    public boolean isDashed(int index) {
        ClassInterval one = table.at(index);
        return one.isOpen() || one.assumed();
    }
}
