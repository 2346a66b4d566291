package promedio.core.data;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import promedio.core.sentence.Sentence;

/**
 * Something in a table that would do harm if nobody knew of it. Nothing is changed because of it.
 *
 * @param what which kind of thing, by its stable id: {@code total-row}, {@code code}, {@code coded-category},
 *     {@code number-as-text}, {@code two-date-orders}, {@code repeated-heading}, {@code repeated-row}, {@code years-as-heading}
 * @param column the column in which it is
 * @param row the row in which it is, from 1
 * @param value the text it is about
 * @param cells how many cells (or rows) it is in
 * @param readings the numbers that such a cell could mean
 */
public record PointedOut(
        String what,
        Optional<String> column,
        OptionalLong row,
        Optional<String> value,
        OptionalLong cells,
        List<String> readings) {
    /** Copies the list. */
    public PointedOut {
        readings = List.copyOf(readings);
    }

    /** Something of a kind. */
    public static PointedOut of(String what) {
        return new PointedOut(
                what, Optional.empty(), OptionalLong.empty(), Optional.empty(), OptionalLong.empty(), List.of());
    }

    /** The same in a column. */
    PointedOut in(String name) {
        return new PointedOut(what, Optional.of(name), row, value, cells, readings);
    }

    /** The same in a row, from 1. */
    PointedOut at(long number) {
        return new PointedOut(what, column, OptionalLong.of(number), value, cells, readings);
    }

    /** The same of a text that stands in so many cells. */
    PointedOut with(String text, long number) {
        return new PointedOut(what, column, row, Optional.of(text), OptionalLong.of(number), readings);
    }

    /** The same in so many rows. */
    PointedOut times(long number) {
        return new PointedOut(what, column, row, value, OptionalLong.of(number), readings);
    }

    /** The same with what the text could mean. */
    PointedOut readAs(List<String> numbers) {
        return new PointedOut(what, column, row, value, cells, numbers);
    }

    /** What to say of it. */
    public Sentence sentence() {
        List<Object> facts = new ArrayList<>();
        column.ifPresent(facts::add);
        row.ifPresent(number -> facts.add(Long.toString(number)));
        value.ifPresent(facts::add);
        cells.ifPresent(number -> facts.add(Long.toString(number)));
        String key = "pointed-out." + what;
        if (what.equals("number-as-text")) {
            facts.add(String.join(" or ", readings));
        }
        boolean one = cells.isPresent() && cells.getAsLong() == 1;
        return Sentence.of(cells.isPresent() ? key + (one ? ".one" : ".many") : key, facts.toArray());
    }
}
