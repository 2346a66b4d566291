package promedio.desktop.model.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import promedio.core.assignment.Edit;
import promedio.core.assignment.TableEdit;
import promedio.core.pasted.Quoted;

/**
 * Cells of a clipboard, a line a row and tabs between, to be written over cells of a table.
 *
 * @param lines the cells, all lines equally long
 */
record PastedCells(List<List<String>> lines) {
    /** More than that is no work of a hand. */
    static final int MOST = 5_000;

    /** Copies the lines. */
    PastedCells {
        lines = List.copyOf(lines);
    }

    /** Takes a text apart; shorter lines end in empty cells, and the last line end is none of its own. */
    static PastedCells of(String text) {
        List<List<String>> lines = Arrays.stream(
                        Quoted.flat(text).replaceFirst("\\R\\z", "").split("\\R", -1))
                .map(line -> List.of(line.split("\t", -1)))
                .toList();
        int width = lines.stream().mapToInt(List::size).max().orElse(0);
        return new PastedCells(lines.stream()
                .map(line -> {
                    List<String> whole = new ArrayList<>(line);
                    while (whole.size() < width) {
                        whole.add("");
                    }
                    return List.copyOf(whole);
                })
                .toList());
    }

    /** The same cell over a stretch of others, where there is only one; else as they are. */
    PastedCells over(int rows, int columns) {
        boolean one = lines.size() == 1 && width() == 1;
        return one && (long) rows * columns <= MOST
                ? new PastedCells(Collections.nCopies(
                        rows, Collections.nCopies(columns, lines.get(0).get(0))))
                : this;
    }

    int width() {
        return lines.isEmpty() ? 0 : lines.get(0).size();
    }

    boolean isTooMany() {
        return (long) lines.size() * width() > MOST;
    }

    /**
     * What writes them, an edit for each text in a column.
     *
     * @param rows the rows of the table they are to stand in
     * @param left the column of the first
     */
    List<Edit> edits(String tableId, int[] rows, int left) {
        List<Edit> edits = new ArrayList<>();
        for (int column = 0; column < width(); column++) {
            Map<String, List<Integer>> byText = new LinkedHashMap<>();
            for (int line = 0; line < lines.size(); line++) {
                byText.computeIfAbsent(lines.get(line).get(column), text -> new ArrayList<>())
                        .add(rows[line]);
            }
            int to = left + column;
            byText.forEach((text, some) -> edits.add(new TableEdit.SetCells(tableId, to, some, text)));
        }
        return edits;
    }
}
