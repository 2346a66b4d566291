package promedio.core.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** Where the rows of a sheet, as somebody saw it, stand in the sheet as it is now. */
@FunctionalInterface
public interface RowMap {
    /** Every row stands where it stood. */
    RowMap SAME = OptionalInt::of;

    /** Where a row stands now; empty when it is gone. */
    OptionalInt to(int row);

    /** The same as an object. */
    default Optional<Integer> optional(int row) {
        OptionalInt now = to(row);
        return now.isPresent() ? Optional.of(now.getAsInt()) : Optional.empty();
    }

    /** Where all of some rows stand now; empty when one of them is gone. */
    default Optional<List<Integer>> all(List<Integer> rows) {
        List<Integer> now = new ArrayList<>();
        for (int row : rows) {
            OptionalInt one = to(row);
            if (one.isEmpty()) {
                return Optional.empty();
            }
            now.add(one.getAsInt());
        }
        return Optional.of(now);
    }

    /** First this, then another. */
    default RowMap then(RowMap next) {
        return row -> {
            OptionalInt now = to(row);
            return now.isPresent() ? next.to(now.getAsInt()) : now;
        };
    }
}
