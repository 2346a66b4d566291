package promedio.core.trail;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import promedio.core.language.Grammar;
import promedio.core.vector.Kind;
import promedio.core.vector.Vectors;

/**
 * The values of a column with what is to stand in their place, while that is being written.
 *
 * @param column the column
 * @param kind what its cells are
 * @param values its values, what is none of its kind first, then the commonest
 * @param more how many different values there are besides
 */
public record Recoding(String column, Kind kind, List<Value> values, int more) {
    private static final int MOST = 200;
    private static final int MOST_CODES = 12;
    private static final String MISSING = "missing";

    /**
     * A value.
     *
     * @param shown as it is looked at
     * @param written as it is written in a step
     * @param times in how many rows it stands
     * @param isOther whether it is none of the kind of the column
     */
    public record Value(String shown, String written, int times, boolean isOther) {}

    /** Copies the list. */
    public Recoding {
        values = List.copyOf(values);
    }

    /** The values of a column. */
    public static Recoding of(Prepared table, String column) {
        Field field = table.field(column);
        Map<String, Value> others = new LinkedHashMap<>();
        Map<String, Value> known = new LinkedHashMap<>();
        for (int row = 0; row < table.rows(); row++) {
            if (!field.others().isMissing(row)) {
                String text = field.others().get(row);
                add(others, new Value(text, Grammar.text(text), 1, true));
            } else if (!field.vector().isMissing(row)) {
                String text = field.vector().text(row, Vectors.DIGITS);
                boolean bare = field.kind() == Kind.NUMBER || field.kind() == Kind.TRUTH;
                add(known, new Value(text, bare ? text : Grammar.text(text), 1, false));
            }
        }
        List<Value> values = new ArrayList<>(others.values());
        known.values().stream()
                .sorted(Comparator.comparingInt(Value::times).reversed())
                .forEach(values::add);
        int shown = Math.min(MOST, values.size());
        return new Recoding(column, field.kind(), values.subList(0, shown), values.size() - shown);
    }

    private static void add(Map<String, Value> values, Value one) {
        values.merge(
                one.written(),
                one,
                (before, more) -> new Value(before.shown(), before.written(), before.times() + 1, before.isOther()));
    }

    /**
     * The step that puts something else in place of some values; empty where nothing is.
     *
     * @param with for each value what is to stand in its place; blank for nothing else, {@code missing} for a missing cell
     */
    public String replacing(List<String> with) {
        List<String> parts = new ArrayList<>();
        for (int i = 0; i < values.size(); i++) {
            String other = with.get(i).strip();
            if (!other.isEmpty() && !other.equals(values.get(i).shown())) {
                parts.add(values.get(i).written() + " with " + written(other));
            }
        }
        return parts.isEmpty() ? "" : "replace in " + Grammar.name(column) + ": " + String.join(", ", parts);
    }

    /**
     * The values that a step which is being written can name; numbers only where they are few, as codes are.
     *
     * @param cell whether a cell is named as it stands there, or else a value to compare with
     */
    public List<String> named(boolean cell) {
        long numbers = kind == Kind.NUMBER
                ? more + values.stream().filter(value -> !value.isOther()).count()
                : 0;
        return values.stream()
                .filter(value -> value.isOther() ? cell : numbers <= MOST_CODES && !(cell && kind == Kind.DATE))
                .map(value -> kind == Kind.DATE && !value.isOther() ? "date " + value.written() : value.written())
                .toList();
    }

    /** Whether values of a column can be replaced and named at all: dates cannot. */
    public static boolean suits(Field field) {
        return field.kind() != Kind.DATE && field.kind() != Kind.NOTHING;
    }

    private String written(String other) {
        boolean bare = other.equals(MISSING)
                || kind == Kind.NUMBER && other.matches("[-−+]?[0-9]+([.][0-9]*)?")
                || kind == Kind.TRUTH && (other.equals("yes") || other.equals("no"));
        return bare ? other : Grammar.text(other);
    }

    /** The step that names values; empty where none has a name. */
    public String naming(List<String> names) {
        String parts = java.util.stream.IntStream.range(0, values.size())
                .filter(i -> !names.get(i).isBlank())
                .mapToObj(i -> values.get(i).written() + " = "
                        + Grammar.text(names.get(i).strip()))
                .collect(Collectors.joining(", "));
        return parts.isEmpty() ? "" : "name values of " + Grammar.name(column) + ": " + parts;
    }
}
