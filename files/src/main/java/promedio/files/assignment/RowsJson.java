package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.util.ArrayList;
import java.util.List;

/** Rows, ascending, as runs of neighbours: from, count, from, count … */
final class RowsJson {
    private RowsJson() {}

    static ArrayNode write(List<Integer> rows) {
        ArrayNode runs = JsonNodeFactory.instance.arrayNode();
        for (int begin = 0, end; begin < rows.size(); begin = end) {
            end = begin + 1;
            while (end < rows.size() && rows.get(end) == rows.get(end - 1) + 1) {
                end++;
            }
            runs.add(rows.get(begin)).add(end - begin);
        }
        return runs;
    }

    static List<Integer> read(JsonNode array) {
        return read(array, Budget.MOST_ENTRIES);
    }

    /** @throws IllegalArgumentException for rows beyond so many */
    static List<Integer> read(JsonNode array, int size) {
        List<Integer> runs = new ArrayList<>();
        array.forEach(number -> runs.add(number.asInt(-1)));
        return rows(runs, size);
    }

    /** @throws IllegalArgumentException for runs that cannot be */
    static List<Integer> rows(List<Integer> runs) {
        return rows(runs, Budget.MOST_ENTRIES);
    }

    private static List<Integer> rows(List<Integer> runs, int size) {
        List<Integer> rows = new ArrayList<>();
        for (int i = 0; i + 1 < runs.size(); i += 2) {
            int from = runs.get(i);
            int count = runs.get(i + 1);
            if (from < 0 || count < 0 || (long) from + count > size || rows.size() + (long) count > size) {
                throw new IllegalArgumentException("There are no such rows: " + runs + ".");
            }
            for (int row = from; row < from + count; row++) {
                rows.add(row);
            }
        }
        return rows;
    }
}
