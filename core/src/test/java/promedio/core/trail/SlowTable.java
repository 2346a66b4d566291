package promedio.core.trail;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.language.Fraction;

/**
 * A table as lists of plain cells, and the steps of section 10 of the definitions done to it one cell after another. What a step makes is
 * null where the step does not fit.
 */
record SlowTable(List<Column> columns, int rows) {
    /**
     * A column.
     *
     * @param order the texts that have an order of their own, first to last; the others follow by Unicode
     */
    record Column(String name, boolean number, List<String> order, List<Object> cells) {
        Column with(List<Object> others) {
            return new Column(name, number, order, others);
        }

        Column called(String other) {
            return new Column(other, number, order, cells);
        }

        /** By value, texts by their order and else by Unicode, missing ones last. */
        Comparator<Integer> byRow(boolean largest) {
            Comparator<Object> values = Comparator.comparing((Object cell) ->
                            cell instanceof String text && order.contains(text) ? order.indexOf(text) : order.size())
                    .thenComparing(Column::compare);
            Comparator<Object> asked = largest ? values.reversed() : values;
            return Comparator.comparing(cells::get, Comparator.nullsLast(asked));
        }

        private static int compare(Object one, Object other) {
            return one instanceof Fraction number
                    ? number.compareTo((Fraction) other)
                    : ((String) one).compareTo((String) other);
        }
    }

    List<String> names() {
        return columns.stream().map(Column::name).toList();
    }

    Column column(String name) {
        return columns.get(names().indexOf(name));
    }

    private boolean has(String name) {
        return names().contains(name);
    }

    SlowTable picked(List<Integer> of) {
        return new SlowTable(
                columns.stream()
                        .map(column -> {
                            List<Object> cells = new ArrayList<>();
                            of.forEach(row ->
                                    cells.add(row < 0 ? null : column.cells().get(row)));
                            return column.with(cells);
                        })
                        .toList(),
                of.size());
    }

    SlowTable where(IntPredicate kept) {
        return picked(IntStream.range(0, rows).filter(kept).boxed().toList());
    }

    SlowTable keep(List<String> names) {
        return new SlowTable(names.stream().map(this::column).toList(), rows);
    }

    SlowTable without(List<String> names) {
        return keep(names().stream().filter(name -> !names.contains(name)).toList());
    }

    SlowTable rename(String name, String other) {
        return has(other)
                ? null
                : new SlowTable(
                        columns.stream()
                                .map(column -> column.name().equals(name) ? column.called(other) : column)
                                .toList(),
                        rows);
    }

    SlowTable with(Column column) {
        if (has(column.name())) {
            return null;
        }
        List<Column> all = new ArrayList<>(columns);
        all.add(column);
        return new SlowTable(all, rows);
    }

    SlowTable mapped(List<String> names, Function<Object, Object> change) {
        return new SlowTable(
                columns.stream()
                        .map(column -> {
                            List<Object> cells = new ArrayList<>();
                            column.cells().forEach(cell -> cells.add(change.apply(cell)));
                            return names.contains(column.name()) ? column.with(cells) : column;
                        })
                        .toList(),
                rows);
    }

    SlowTable carriedDown(String name) {
        List<Object> cells = new ArrayList<>();
        Object last = null;
        for (Object cell : column(name).cells()) {
            last = cell == null ? last : cell;
            cells.add(last);
        }
        return new SlowTable(
                columns.stream()
                        .map(column -> column.name().equals(name) ? column.with(cells) : column)
                        .toList(),
                rows);
    }

    /** Rows in order of some columns; those of the second list from the largest. */
    SlowTable ordered(List<String> by, List<String> largest) {
        Comparator<Integer> order = by.stream()
                .map(name -> column(name).byRow(largest.contains(name)))
                .reduce(Comparator::thenComparing)
                .orElseThrow();
        return picked(IntStream.range(0, rows).boxed().sorted(order).toList());
    }

    /** The rows that agree in some columns, in the order of their values. */
    List<List<Integer>> groups(List<String> by) {
        Map<List<Object>, List<Integer>> groups = IntStream.range(0, rows)
                .boxed()
                .collect(Collectors.groupingBy(
                        row -> key(by, row), LinkedHashMap::new, Collectors.mapping(row -> row, Collectors.toList())));
        Comparator<Integer> rowsInOrder = by.stream()
                .map(name -> column(name).byRow(false))
                .reduce(Comparator::thenComparing)
                .orElseThrow();
        Comparator<List<Integer>> order = Comparator.comparing(group -> group.get(0), rowsInOrder);
        return groups.values().stream().sorted(order).toList();
    }

    private List<Object> key(List<String> by, int row) {
        List<Object> key = new ArrayList<>();
        by.forEach(name -> key.add(column(name).cells().get(row)));
        return key;
    }

    /** A row for each group: the columns that make it, how many rows, and a measure of a column. */
    SlowTable rowPer(List<String> by, String of, String called, Function<List<Fraction>, Fraction> measure) {
        List<List<Integer>> groups =
                by.isEmpty() ? List.of(IntStream.range(0, rows).boxed().toList()) : groups(by);
        SlowTable made = by.isEmpty()
                ? new SlowTable(List.of(), 1)
                : picked(groups.stream().map(group -> group.get(0)).toList()).keep(by);
        List<Object> counts = new ArrayList<>();
        List<Object> measures = new ArrayList<>();
        for (List<Integer> group : groups) {
            counts.add(Fraction.of(group.size()));
            measures.add(measure.apply(group.stream()
                    .map(row -> (Fraction) column(of).cells().get(row))
                    .filter(Objects::nonNull)
                    .toList()));
        }
        SlowTable counted = made.with(new Column("n", true, List.of(), counts));
        return counted == null ? null : counted.with(new Column(called, true, List.of(), measures));
    }

    /** A row for each cell of some columns of numbers. */
    SlowTable rowPerCell(List<String> of, String values, String called) {
        List<Integer> repeated = new ArrayList<>();
        List<Object> cells = new ArrayList<>();
        List<Object> texts = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            for (String name : of) {
                repeated.add(row);
                texts.add(name);
                cells.add(column(name).cells().get(row));
            }
        }
        SlowTable others = without(of).picked(repeated);
        SlowTable named = new SlowTable(others.columns(), repeated.size()).with(new Column(called, false, of, texts));
        return named == null ? null : named.with(new Column(values, true, List.of(), cells));
    }

    /** A column for each value of one, and in it the cells of another. */
    SlowTable columnPer(String by, String values) {
        List<String> others = names().stream()
                .filter(name -> !name.equals(by) && !name.equals(values))
                .toList();
        List<Integer> known = IntStream.range(0, rows)
                .filter(row -> column(by).cells().get(row) != null)
                .boxed()
                .toList();
        Map<List<Object>, Integer> places = new LinkedHashMap<>();
        List<Integer> firsts = new ArrayList<>();
        for (int row : known) {
            if (places.putIfAbsent(key(others, row), places.size()) == null) {
                firsts.add(row);
            }
        }
        Column names = column(by);
        List<Object> different = known.stream()
                .sorted(names.byRow(false))
                .map(row -> names.cells().get(row))
                .distinct()
                .toList();
        SlowTable made = new SlowTable(picked(firsts).keep(others).columns(), firsts.size());
        for (Object value : different) {
            List<Object> cells = new ArrayList<>();
            firsts.forEach(row -> cells.add(null));
            boolean[] taken = new boolean[firsts.size()];
            for (int row : known) {
                int place = places.get(key(others, row));
                if (value.equals(names.cells().get(row))) {
                    if (taken[place]) {
                        return null;
                    }
                    taken[place] = true;
                    cells.set(place, column(values).cells().get(row));
                }
            }
            made = made == null
                    ? null
                    : made.with(new Column(
                            (String) value,
                            column(values).number(),
                            column(values).order(),
                            cells));
        }
        return made;
    }
}
