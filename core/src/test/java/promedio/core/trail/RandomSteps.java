package promedio.core.trail;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.language.Fraction;

/** Steps put together at random for a table as it is, each as it is written and as what it makes of the plain table. */
final class RandomSteps {
    private static final List<String> FRESH = List.of("p", "q", "'r s'", "mean", "n");
    private static final List<String> WORDS = List.of("Oak", "Elm", "Ash");

    private final Random random;

    RandomSteps(Random random) {
        this.random = random;
    }

    /** A step; what it makes is null where it does not fit. */
    record Made(String text, SlowTable table) {}

    private <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private List<String> some(List<String> of) {
        List<String> mixed = new ArrayList<>(of);
        Collections.shuffle(mixed, random);
        return mixed.subList(0, 1 + random.nextInt(mixed.size()));
    }

    private static String written(String name) {
        return name.matches("[a-zA-Z]+\\d*") ? name : "'" + name + "'";
    }

    private static String written(List<String> names) {
        return names.stream().map(RandomSteps::written).collect(Collectors.joining(", "));
    }

    private static String plain(String fresh) {
        return fresh.replace("'", "");
    }

    private static List<String> numbers(SlowTable table) {
        return table.columns().stream()
                .filter(SlowTable.Column::number)
                .map(SlowTable.Column::name)
                .toList();
    }

    private static List<String> texts(SlowTable table) {
        return table.columns().stream()
                .filter(column -> !column.number())
                .map(SlowTable.Column::name)
                .toList();
    }

    /** A table of three columns of numbers and two of words. */
    SlowTable table() {
        int rows = 12 + random.nextInt(10);
        List<SlowTable.Column> columns = new ArrayList<>();
        for (String name : List.of("a", "b", "c")) {
            columns.add(new SlowTable.Column(name, true, List.of(), cells(rows, () -> Fraction.of(random.nextInt(9) - 2)
                    .over(random.nextBoolean() ? 1 : 2))));
        }
        for (String name : List.of("t", "u")) {
            columns.add(new SlowTable.Column(name, false, List.of(), cells(rows, () -> one(WORDS))));
        }
        return new SlowTable(columns, rows);
    }

    private List<Object> cells(int rows, java.util.function.Supplier<Object> made) {
        List<Object> cells = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            // The first cells make sure that a column is of its kind.
            cells.add(row > 2 && random.nextInt(7) == 0 ? null : made.get());
        }
        return cells;
    }

    /** A step for a table. */
    Made step(SlowTable table) {
        List<String> numbers = numbers(table);
        List<String> texts = texts(table);
        int which = random.nextInt(14);
        if (which < 2) {
            return rows(table);
        } else if (which == 2) {
            return columns(table);
        } else if (which == 3) {
            String name = one(table.names());
            String fresh = one(FRESH);
            return new Made("rename " + written(name) + " to " + fresh, table.rename(name, plain(fresh)));
        } else if (which == 4) {
            return order(table);
        } else if (which == 5) {
            String name = one(table.names());
            return new Made("carry down " + written(name), table.carriedDown(name));
        } else if (which < 8 && !numbers.isEmpty()) {
            return which == 6 ? workOut(table) : bands(table, one(numbers));
        } else if (which == 8) {
            return replace(table);
        } else if (which == 9 && !texts.isEmpty()) {
            return name(table, one(texts));
        } else if (which == 10 && !numbers.isEmpty()) {
            return perGroup(table);
        } else if (which == 11 && !numbers.isEmpty()) {
            List<String> of = some(numbers);
            return new Made(
                    "one row per cell of " + written(of) + ": values as v, names as 'the name'",
                    table.rowPerCell(of, "v", "the name"));
        } else if (which == 12 && !texts.isEmpty() && !numbers.isEmpty()) {
            String by = one(texts);
            String values = one(numbers);
            return new Made(
                    "one column per " + written(by) + ": values " + written(values), table.columnPer(by, values));
        }
        return rows(table);
    }

    private Made rows(SlowTable table) {
        boolean keep = random.nextBoolean();
        String verb = keep ? "keep rows where " : "leave out rows where ";
        SlowTable.Column column = one(table.columns());
        String name = written(column.name());
        if (random.nextInt(3) == 0) {
            return new Made(
                    verb + name + " is missing",
                    table.where(row -> (column.cells().get(row) == null) == keep));
        }
        if (column.number()) {
            int bound = random.nextInt(7) - 1;
            return new Made(verb + name + " > " + bound, table.where(row -> {
                Fraction cell = (Fraction) column.cells().get(row);
                return (cell != null && cell.compareTo(Fraction.of(bound)) > 0) == keep;
            }));
        }
        String word = one(WORDS);
        return new Made(
                verb + name + " = \"" + word + "\"",
                table.where(row -> word.equals(column.cells().get(row)) == keep));
    }

    private Made columns(SlowTable table) {
        List<String> names = table.names();
        int from = random.nextInt(names.size());
        int to = from + random.nextInt(names.size() - from);
        List<String> run = names.subList(from, to + 1);
        boolean keep = random.nextBoolean() || run.size() == names.size();
        return new Made(
                (keep ? "keep columns " : "leave out columns ") + written(names.get(from)) + " to "
                        + written(names.get(to)),
                keep ? table.keep(run) : table.without(run));
    }

    private Made order(SlowTable table) {
        List<String> by = some(table.names());
        List<String> largest = by.stream().filter(name -> random.nextBoolean()).toList();
        return new Made(
                by.stream()
                        .map(name -> written(name) + (largest.contains(name) ? " largest first" : ""))
                        .collect(Collectors.joining(", ", "put in order by ", "")),
                table.ordered(by, largest));
    }

    private Made workOut(SlowTable table) {
        SlowTable.Column of = table.column(one(numbers(table)));
        String fresh = one(FRESH);
        boolean share = random.nextBoolean();
        Fraction sum = of.cells().stream()
                .filter(Fraction.class::isInstance)
                .map(Fraction.class::cast)
                .reduce(Fraction.of(0), Fraction::plus);
        List<Object> cells = new ArrayList<>();
        for (Object cell : of.cells()) {
            Fraction number = (Fraction) cell;
            cells.add(
                    number == null
                            ? null
                            : share ? number.over(sum) : number.times(number).plus(Fraction.of(1)));
        }
        String name = written(of.name());
        return new Made(
                "work out " + fresh + " = " + (share ? name + " / sum of " + name : name + "^2 + 1"),
                table.with(new SlowTable.Column(plain(fresh), true, List.of(), cells)));
    }

    private Made bands(SlowTable table, String of) {
        String fresh = one(FRESH);
        List<Object> cells = new ArrayList<>();
        for (Object cell : table.column(of).cells()) {
            Fraction number = (Fraction) cell;
            boolean none = number == null || number.compareTo(Fraction.of(5)) >= 0;
            cells.add(none ? null : number.compareTo(Fraction.of(2)) < 0 ? "under 2" : "some");
        }
        return new Made(
                "sort into bands " + written(of) + " as " + fresh + ": under 2, 2 to under 5 \"some\"",
                table.with(new SlowTable.Column(plain(fresh), false, List.of("under 2", "some"), cells)));
    }

    private Made replace(SlowTable table) {
        String name = one(table.names());
        boolean number = table.column(name).number();
        Object from = number ? Fraction.of(random.nextInt(4)) : one(WORDS);
        Object to = number ? Fraction.of(random.nextInt(4)) : "Ash";
        String said = number
                ? ((Fraction) from).above() + " with " + ((Fraction) to).above() + ", missing with 3"
                : "\"" + from + "\" with \"" + to + "\", \"Elm\" with missing";
        Function<Object, Object> change = number
                ? cell -> cell == null ? Fraction.of(3) : cell.equals(from) ? to : cell
                : cell -> from.equals(cell) ? to : "Elm".equals(cell) ? null : cell;
        return from.equals("Elm")
                ? rows(table)
                : new Made("replace in " + written(name) + ": " + said, table.mapped(List.of(name), change));
    }

    /** Values named anew: a category in the order given, with what has no name behind them as before. */
    private Made name(SlowTable table, String name) {
        Function<Object, Object> change = cell -> "Oak".equals(cell) ? "oak wood" : "Ash".equals(cell) ? "ash" : cell;
        SlowTable changed = table.mapped(List.of(name), change);
        List<SlowTable.Column> columns = changed.columns().stream()
                .map(column -> column.name().equals(name)
                        ? new SlowTable.Column(name, false, List.of("oak wood", "ash"), column.cells())
                        : column)
                .toList();
        return new Made(
                "name values of " + written(name) + ": \"Oak\" = \"oak wood\", \"Ash\" = \"ash\"",
                new SlowTable(columns, changed.rows()));
    }

    private Made perGroup(SlowTable table) {
        List<String> by = random.nextInt(4) == 0 ? List.of() : some(table.names());
        String of = one(numbers(table));
        Function<List<Fraction>, Fraction> mean = values -> values.isEmpty()
                ? null
                : values.stream().reduce(Fraction.of(0), Fraction::plus).over(values.size());
        Function<List<Fraction>, Fraction> largest =
                values -> values.stream().max(Fraction::compareTo).orElse(null);
        boolean means = random.nextBoolean();
        return new Made(
                (by.isEmpty() ? "one row in all" : "one row per " + written(by)) + ": n, "
                        + (means ? "mean" : "largest") + " of " + written(of) + " as q",
                table.rowPer(by, of, "q", means ? mean : largest));
    }

    /** The rows of a table as they would be typed. */
    static List<List<String>> typed(SlowTable table) {
        return table.columns().stream()
                .map(column -> IntStream.range(0, table.rows())
                        .mapToObj(row -> column.cells().get(row))
                        .map(cell -> cell == null
                                ? ""
                                : cell instanceof Fraction number ? Double.toString(number.toDouble()) : (String) cell)
                        .toList())
                .toList();
    }
}
