package promedio.files.table;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/** Finds the lines before a table. */
final class Preamble {
    private Preamble() {}

    /**
     * A row that is held back.
     *
     * @param line the line on which it begins, from 1
     * @param cells its cells
     */
    record Held(long line, List<String> cells) {
        /** How many cells it has; empty ones at its end do not count. */
        int width() {
            int width = cells.size();
            while (width > 0 && cells.get(width - 1).isBlank()) {
                width--;
            }
            return width;
        }
    }

    /** Which of the rows is the first of the table: behind the lines to be skipped, else the first that is as wide as most. */
    static int first(List<Held> rows, OptionalInt skip) {
        if (skip.isPresent()) {
            return (int)
                    rows.stream().filter(row -> row.line() <= skip.getAsInt()).count();
        }
        int usual = usualWidth(rows);
        for (int i = 0; i < rows.size() && usual > 0; i++) {
            if (rows.get(i).width() >= usual) {
                return i > 0 && isHeading(rows.get(i - 1), rows.get(i), usual) ? i - 1 : i;
            }
        }
        return rows.size();
    }

    /** Whether a row just above the first full one is a heading that lacks its last name: words over data. */
    private static boolean isHeading(Held above, Held first, int usual) {
        boolean allButOne = above.cells().size() == usual && above.width() == usual - 1 && usual > 2;
        return allButOne
                && above.cells().stream().noneMatch(Preamble::hasDigit)
                && first.cells().stream().anyMatch(Preamble::hasDigit);
    }

    private static boolean hasDigit(String text) {
        return text.chars().anyMatch(Character::isDigit);
    }

    /** The width that most rows have, the larger of two that are as common; 0 where all are blank. */
    static int usualWidth(List<Held> rows) {
        Map<Integer, Integer> widths = new HashMap<>();
        for (Held row : rows) {
            if (row.width() > 0) {
                widths.merge(row.width(), 1, Integer::sum);
            }
        }
        int most = widths.values().stream().mapToInt(Integer::intValue).max().orElse(0);
        return widths.entrySet().stream()
                .filter(entry -> entry.getValue() == most)
                .mapToInt(Map.Entry::getKey)
                .max()
                .orElse(0);
    }
}
