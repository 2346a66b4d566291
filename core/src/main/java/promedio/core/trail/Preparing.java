package promedio.core.trail;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import promedio.core.course.CourseCard;
import promedio.core.data.Column;
import promedio.core.language.Evaluator;
import promedio.core.language.Expression;
import promedio.core.language.Fault;
import promedio.core.language.Scope;
import promedio.core.language.Told;
import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;
import promedio.core.vector.Kind;
import promedio.core.vector.Truths;
import promedio.core.vector.Vector;
import promedio.core.vector.Vectors;

/** Makes a step on a table as it is before it. */
final class Preparing {
    private final Prepared before;
    private final CourseCard card;
    private final Sources sources;
    private final Told told;
    private final Runnable pause;

    /**
     * For one step.
     *
     * @param told who is told what the step did besides
     * @param pause what is asked every few thousand rows; it stops the work by throwing
     */
    Preparing(Prepared before, CourseCard card, Sources sources, Told told, Runnable pause) {
        this.before = before;
        this.card = card;
        this.sources = sources;
        this.told = told;
        this.pause = pause;
    }

    /** The table after the step. @throws Fault for a step that does not fit */
    Prepared make(Step step) {
        return step.fold(new ByKind());
    }

    private final class ByKind implements Step.Cases<Prepared> {
        @Override
        public Prepared where(Step.Where where) {
            return Preparing.this.where(where);
        }

        @Override
        public Prepared columns(Step.Columns columns) {
            return Preparing.this.columns(columns);
        }

        @Override
        public Prepared rename(Step.Rename rename) {
            return Preparing.this.rename(rename);
        }

        @Override
        public Prepared workOut(Step.WorkOut workOut) {
            return before.and(Field.of(fresh(workOut.name()), unit(workOut.name()), evaluate(workOut.formula())));
        }

        @Override
        public Prepared bands(Step.Bands bands) {
            return before.and(new Banding(field(bands.column()), bands, card, told).field(fresh(bands.name())));
        }

        @Override
        public Prepared replace(Step.Replace replace) {
            return Preparing.this.replace(replace);
        }

        @Override
        public Prepared nameValues(Step.NameValues names) {
            int place = place(names.column());
            return before.with(place, Cells.named(before.fields().get(place), names, told));
        }

        @Override
        public Prepared carryDown(Step.CarryDown down) {
            return Preparing.this.carryDown(down);
        }

        @Override
        public Prepared order(Step.Order order) {
            return Preparing.this.order(order);
        }

        @Override
        public Prepared standardise(Step.Standardise standardise) {
            return Preparing.this.standardise(standardise);
        }

        @Override
        public Prepared rowPer(Step.RowPer rowPer) {
            return Preparing.this.rowPer(rowPer);
        }

        @Override
        public Prepared rowPerCell(Step.RowPerCell rowPerCell) {
            return new Reshaping(before, told).rowPerCell(rowPerCell);
        }

        @Override
        public Prepared columnPer(Step.ColumnPer columnPer) {
            return new Reshaping(before, told).columnPer(columnPer);
        }

        @Override
        public Prepared draw(Step.Draw draw) {
            return Preparing.this.draw(draw);
        }

        @Override
        public Prepared join(Step.Join join) {
            return Preparing.this.join(join);
        }
    }

    private int place(Expression.Column column) {
        return before.names().indexOf(Scope.find(before.names(), column));
    }

    private Field field(Expression.Column column) {
        return before.fields().get(place(column));
    }

    private List<String> named(List<Expression.Run> runs) {
        List<String> names = Scope.find(before.names(), runs);
        Set<String> seen = new LinkedHashSet<>();
        for (String name : names) {
            if (!seen.add(name)) {
                throw Fault.of(runs.get(0).at(), "step.twice", name);
            }
        }
        return names;
    }

    private String fresh(Expression.Column name) {
        if (before.names().contains(name.name())) {
            throw Fault.of(name.at(), "step.taken", name.name());
        }
        return name.name();
    }

    private static String unit(Expression.Column name) {
        return Column.unitIn(name.name());
    }

    private Evaluator evaluator() {
        return new Evaluator(new Names(), card, told, pause, new SplittableRandom(0));
    }

    private Vector evaluate(Expression formula) {
        Vector vector = evaluator().of(formula);
        return vector.size() == before.rows() ? vector : vector.stretched(before.rows());
    }

    /** The columns of the table; cells that are none of the kind are told when a formula meets them. */
    private final class Names implements Scope {
        private final Set<String> met = new LinkedHashSet<>();

        @Override
        public int rows() {
            return before.rows();
        }

        @Override
        public List<String> names() {
            return before.names();
        }

        @Override
        public Vector column(String name) {
            Field field = before.field(name);
            if (met.add(name)) {
                String key = field.kind() == Kind.DATE ? "told.not-dates." : "told.not-numbers.";
                told.count(key, field.countOthers(), name);
            }
            return field.vector();
        }
    }

    private Prepared where(Step.Where where) {
        Vector condition = evaluate(where.condition());
        Truths truths = Vectors.truths(condition)
                .orElseThrow(() -> Fault.of(
                        where.condition().at(),
                        "language.needs.TRUTH",
                        Sentence.of("language.kind." + condition.kind())));
        int[] rows = new int[before.rows()];
        int kept = 0;
        long missing = 0;
        for (int row = 0; row < rows.length; row++) {
            missing += truths.isMissing(row) ? 1 : 0;
            if (truths.isYes(row) == where.keep()) {
                rows[kept++] = row;
            }
        }
        told.count(where.keep() ? "told.condition-left-out." : "told.condition-kept.", missing);
        return kept == rows.length ? before : before.picked(Arrays.copyOf(rows, kept));
    }

    private Prepared columns(Step.Columns columns) {
        List<String> names = named(columns.columns());
        List<Field> kept = columns.keep()
                ? names.stream().map(before::field).toList()
                : before.fields().stream()
                        .filter(field -> !names.contains(field.name()))
                        .toList();
        if (kept.isEmpty()) {
            throw Fault.of(columns.columns().get(0).at(), "step.no-column-left");
        }
        return new Prepared(kept, before.rows());
    }

    private Prepared rename(Step.Rename rename) {
        int place = place(rename.column());
        String name = fresh(rename.name());
        Field field = before.fields().get(place);
        String unit = unit(rename.name());
        return before.with(place, field.renamed(name, unit.isEmpty() ? field.unit() : unit));
    }

    private Prepared replace(Step.Replace replace) {
        Prepared now = before;
        for (String name : named(replace.columns())) {
            int place = before.names().indexOf(name);
            now = now.with(place, Cells.replaced(before.fields().get(place), replace, told));
        }
        return now;
    }

    private Prepared carryDown(Step.CarryDown down) {
        Prepared now = before;
        for (String name : named(down.columns())) {
            Field field = before.field(name);
            int[] from = new int[before.rows()];
            int last = -1;
            long carried = 0;
            for (int row = 0; row < from.length; row++) {
                boolean missing =
                        field.vector().isMissing(row) && field.others().isMissing(row);
                last = missing ? last : row;
                from[row] = last;
                carried += missing && last >= 0 ? 1 : 0;
            }
            told.count("told.carried.", carried, name);
            Vector vector = field.vector().pick(from);
            now = now.with(
                    before.names().indexOf(name),
                    Field.of(name, field.unit(), vector, field.others().pick(from)));
        }
        return now;
    }

    private Prepared order(Step.Order order) {
        Comparator<Integer> comparator = null;
        for (Step.Key key : order.keys()) {
            Vector vector = field(key.column()).vector();
            Comparator<Integer> one = (first, second) -> {
                boolean gone = vector.isMissing(first) || vector.isMissing(second);
                int compared = vector.compare(first, second);
                return gone || !key.largestFirst() ? compared : -compared;
            };
            comparator = comparator == null ? one : comparator.thenComparing(one);
        }
        pause.run();
        Integer[] rows = new Integer[before.rows()];
        Arrays.setAll(rows, row -> row);
        Arrays.parallelSort(rows, comparator);
        return before.picked(Arrays.stream(rows).mapToInt(row -> row).toArray());
    }

    private Prepared standardise(Step.Standardise step) {
        Vector scores = evaluator().scores(step.at(), step.column(), step.within());
        return before.and(Field.of(fresh(step.name()), "", scores));
    }

    private Prepared draw(Step.Draw draw) {
        boolean fits = draw.count().isWhole() && draw.count().compareTo(Exact.of(before.rows())) <= 0;
        if (!fits) {
            throw Fault.of(draw.at(), "step.draw", draw.count(), before.rows());
        }
        if (!draw.seed().isWhole() || draw.seed().numerator().bitLength() >= Long.SIZE) {
            throw Fault.of(draw.at(), "step.seed");
        }
        return before.picked(promedio.core.language.Draw.rows(
                before.rows(),
                draw.count().numerator().intValue(),
                new SplittableRandom(draw.seed().numerator().longValue())));
    }

    private Prepared rowPer(Step.RowPer step) {
        List<Field> keys = new ArrayList<>();
        for (Expression.Column column : step.groups()) {
            Field field = field(column);
            if (keys.contains(field)) {
                throw Fault.of(column.at(), "step.twice", field.name());
            }
            keys.add(field);
        }
        return new Reshaping(before, told).rowPer(step, keys, evaluator());
    }

    private Prepared join(Step.Join join) {
        try {
            return new Joining(before, field(join.key()), told)
                    .with(join, sources.table(join.file(), join.key().name()));
        } catch (Sources.NotRead problem) {
            throw new Fault(join.at(), problem.sentence());
        }
    }
}
