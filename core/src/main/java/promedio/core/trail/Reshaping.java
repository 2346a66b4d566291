package promedio.core.trail;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import promedio.core.language.Evaluator;
import promedio.core.language.Expression;
import promedio.core.language.Fault;
import promedio.core.language.Groups;
import promedio.core.language.Scope;
import promedio.core.language.Told;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;
import promedio.core.vector.Texts;
import promedio.core.vector.Vector;
import promedio.core.vector.Vectors;

/** Steps after which a row is something else: a group, a cell, or several cells in one row. */
final class Reshaping {
    private static final int MOST_COLUMNS = 16_384;
    private static final long MOST_ROWS = 50_000_000;

    private final Prepared before;
    private final Told told;

    Reshaping(Prepared before, Told told) {
        this.before = before;
        this.told = told;
    }

    private String fresh(Expression.Column name, Set<String> taken) {
        if (!taken.add(name.name())) {
            throw Fault.of(name.at(), "step.taken", name.name());
        }
        return name.name();
    }

    /** The different rows of some columns in their order, missing ones last. */
    private int[] ordered(List<Field> keys, int[] firstRows) {
        return IntStream.range(0, firstRows.length)
                .boxed()
                .sorted((one, two) -> {
                    int compared = 0;
                    for (int i = 0; i < keys.size() && compared == 0; i++) {
                        compared = keys.get(i).vector().compare(firstRows[one], firstRows[two]);
                    }
                    return compared;
                })
                .mapToInt(Integer::intValue)
                .toArray();
    }

    Prepared rowPer(Step.RowPer step, List<Field> keys, Evaluator evaluator) {
        boolean one = keys.isEmpty();
        Groups groups = one
                ? Groups.all(before.rows())
                : Groups.of(keys.stream().map(Field::key).toList(), before.rows());
        int[] firstRows = one ? new int[] {0} : groups.firstRows();
        int[] order = one ? new int[] {0} : ordered(keys, firstRows);
        int[] rows = Arrays.stream(order).map(group -> firstRows[group]).toArray();
        Set<String> taken = new HashSet<>();
        List<Field> fields = new ArrayList<>();
        for (Field key : keys) {
            taken.add(key.name());
            // What is none of the kind of its column is in the group of the missing ones.
            fields.add(Field.of(key.name(), key.unit(), key.key().pick(rows)));
        }
        for (Step.Summary summary : step.summaries()) {
            if (!taken.add(summary.name())) {
                throw Fault.of(summary.at(), "step.taken", summary.name());
            }
            Vector of = summary.formula()
                    .map(formula -> evaluator.summarized(formula, groups))
                    .orElseGet(() -> counts(groups));
            Vector stretched = of.isConstant() ? of.stretched(groups.count()) : of;
            fields.add(Field.of(summary.name(), unit(summary), stretched.pick(order)));
        }
        return new Prepared(fields, order.length);
    }

    /** A measure of a column is in the unit of the column, unless it is a count or a square. */
    private String unit(Step.Summary summary) {
        if (summary.formula().orElse(null) instanceof Expression.Summary of
                && of.of() instanceof Expression.Column column) {
            return switch (of.measure()) {
                case COUNT, DISTINCT, VARIANCE -> "";
                default ->
                    Scope.find(before.names(), column.name())
                            .map(name -> before.field(name).unit())
                            .orElse("");
            };
        }
        return "";
    }

    private static Vector counts(Groups groups) {
        int[] counts = new int[groups.count()];
        for (int group : groups.of()) {
            counts[group]++;
        }
        Numbers.Builder builder = new Numbers.Builder(counts.length);
        Register register = new Register();
        for (int count : counts) {
            register.whole(count);
            builder.add(register);
        }
        return builder.build();
    }

    Prepared rowPerCell(Step.RowPerCell step) {
        List<String> names = Scope.find(before.names(), step.columns());
        if (new HashSet<>(names).size() < names.size()) {
            throw Fault.of(step.columns().get(0).at(), "step.twice", names.get(0));
        }
        long rows = (long) before.rows() * names.size();
        if (rows > MOST_ROWS) {
            throw Fault.of(step.columns().get(0).at(), "step.too-many-rows", MOST_ROWS);
        }
        int times = names.size();
        int[] repeated = new int[(int) rows];
        int[] codes = new int[repeated.length];
        int[] which = new int[repeated.length];
        for (int i = 0; i < repeated.length; i++) {
            repeated[i] = i / times;
            codes[i] = i % times;
            which[i] = i % times * before.rows() + i / times;
        }
        Prepared others = new Prepared(
                before.fields().stream()
                        .filter(field -> !names.contains(field.name()))
                        .toList(),
                before.rows());
        Prepared longer = others.picked(repeated);
        Set<String> taken = new HashSet<>(longer.names());
        String label = fresh(step.names(), taken);
        String value = fresh(step.values(), taken);
        List<Field> cells = names.stream().map(before::field).toList();
        Vector together = Vectors.oneAfterAnother(
                        cells.stream().map(Field::vector).toList(), before.rows())
                .orElseThrow(() -> Fault.of(step.columns().get(0).at(), "step.cells-kinds"));
        Texts apart = (Texts) Vectors.oneAfterAnother(
                        cells.stream().<Vector>map(Field::others).toList(), before.rows())
                .orElseThrow();
        String unit = cells.stream().map(Field::unit).distinct().count() == 1
                ? cells.get(0).unit()
                : "";
        return longer.and(Field.of(label, "", Texts.of(codes, names, Optional.of(names))))
                .and(Field.of(value, unit, together.pick(which), apart.pick(which)));
    }

    Prepared columnPer(Step.ColumnPer step) {
        String by = Scope.find(before.names(), step.names());
        String of = Scope.find(before.names(), step.values());
        if (by.equals(of)) {
            throw Fault.of(step.values().at(), "step.twice", of);
        }
        Field names = before.field(by);
        List<Field> keys = before.fields().stream()
                .filter(field -> !field.name().equals(by) && !field.name().equals(of))
                .toList();
        int[] known = IntStream.range(0, before.rows())
                .filter(row -> !names.vector().isMissing(row))
                .toArray();
        told.count("told.without-name.", before.rows() - (long) known.length, by);
        Prepared some = before.picked(known);
        Groups rowGroups = Groups.of(
                keys.stream().map(field -> some.field(field.name()).vector()).toList(), known.length);
        Groups columnGroups = Groups.of(List.of(some.field(by).vector()), known.length);
        if (columnGroups.count() > MOST_COLUMNS) {
            throw Fault.of(step.names().at(), "step.too-many-columns", columnGroups.count());
        }
        int[] cells = new int[rowGroups.count() * columnGroups.count()];
        Arrays.fill(cells, -1);
        for (int row = 0; row < known.length; row++) {
            int at = columnGroups.of()[row] * rowGroups.count() + rowGroups.of()[row];
            if (cells[at] >= 0) {
                throw Fault.of(
                        step.names().at(),
                        "step.two-values",
                        some.field(of).written(cells[at]),
                        some.field(of).written(row),
                        some.field(by).written(row),
                        keys.isEmpty() ? "" : some.field(keys.get(0).name()).written(row));
            }
            cells[at] = row;
        }
        int[] firstRows = rowGroups.firstRows();
        Prepared wide = new Prepared(
                        keys.stream().map(field -> some.field(field.name())).toList(), known.length)
                .picked(firstRows);
        Set<String> taken = new HashSet<>(wide.names());
        int[] firstOfColumn = columnGroups.firstRows();
        int[] order = new Reshaping(some, told).ordered(List.of(some.field(by)), firstOfColumn);
        for (int column : order) {
            String name = some.field(by).written(firstOfColumn[column]);
            if (!taken.add(name)) {
                throw Fault.of(step.names().at(), "step.taken", name);
            }
            int[] from = Arrays.copyOfRange(cells, column * rowGroups.count(), (column + 1) * rowGroups.count());
            Field value = some.field(of);
            wide = wide.and(Field.of(
                    name,
                    value.unit(),
                    value.vector().pick(from),
                    value.others().pick(from)));
        }
        return wide;
    }
}
