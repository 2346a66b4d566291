package promedio.files.table;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.data.Column;
import promedio.core.language.Grammar;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.files.InputProblem;

/** Finds a column as somebody calls it: by its name, else by its number. */
public final class ColumnSearch {
    private static final int MOST_SHOWN = 31;
    private static final int MOST_LISTED = 8;

    private ColumnSearch() {}

    /**
     * The place of a column.
     *
     * @param asked its name as {@code promedio read} shows it, or its number from 1
     * @return from 0
     * @throws InputProblem naming those that there are, and the nearest where one is near
     */
    public static int find(String source, List<Column> columns, String asked) throws InputProblem {
        String name = asked.strip();
        for (int i = 0; i < columns.size(); i++) {
            if (columns.get(i).name().equals(name)) {
                return i;
            }
        }
        if (name.matches("[0-9]{1,6}")) {
            int number = Integer.parseInt(name);
            if (number >= 1 && number <= columns.size()) {
                return number - 1;
            }
        }
        // Any letter is near any other: of short names only the case may differ.
        Optional<String> near = Grammar.near(
                        name, columns.stream().map(Column::name).toList())
                .filter(one -> name.length() > 2 || one.equalsIgnoreCase(name));
        String shown = Visible.line(name, MOST_SHOWN);
        throw new InputProblem(near.map(one -> Sentence.of(
                        "input.no-column.near", source, shown, listed(columns), Visible.line(one, MOST_SHOWN)))
                .orElseGet(() -> Sentence.of("input.no-column", source, shown, listed(columns))));
    }

    /** The numbers and names of the first columns. */
    public static String listed(List<Column> columns) {
        String listed = IntStream.range(0, Math.min(columns.size(), MOST_LISTED))
                .mapToObj(i -> (i + 1) + " (" + Visible.line(columns.get(i).name(), MOST_SHOWN) + ")")
                .collect(Collectors.joining(", "));
        return columns.size() > MOST_LISTED ? listed + ", …" : listed;
    }
}
