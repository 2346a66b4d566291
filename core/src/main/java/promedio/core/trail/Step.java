package promedio.core.trail;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Notation;
import promedio.core.language.Expression;
import promedio.core.language.Fault;
import promedio.core.language.Place;
import promedio.core.language.Typeset;
import promedio.core.number.Exact;

/** A step of a trail, taken apart: definitions for tables, section 10. */
public sealed interface Step {
    /** How the formula of a step looks on paper; empty where it has none, or it looks as it is written. */
    static Optional<Notation> notation(String text) {
        try {
            Step step = StepReader.read(text);
            if (step instanceof WorkOut worked) {
                return Typeset.column(worked.name().name(), worked.formula());
            }
            return step instanceof Where where ? Typeset.of(where.condition()) : Optional.empty();
        } catch (Fault | ArithmeticException | StackOverflowError none) {
            return Optional.empty();
        }
    }

    /** The answer of the case for this kind of step. */
    <R> R fold(Cases<R> cases);

    /** Rows where a condition is true stay, or go. */
    record Where(boolean keep, Expression condition) implements Step {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.where(this);
        }
    }

    /** Columns stay in the order given, or go. */
    record Columns(boolean keep, List<Expression.Run> columns) implements Step {
        /** Copies the columns. */
        public Columns {
            columns = List.copyOf(columns);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.columns(this);
        }
    }

    /** A column gets another name. */
    record Rename(Expression.Column column, Expression.Column name) implements Step {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.rename(this);
        }
    }

    /** A column is worked out. */
    record WorkOut(Expression.Column name, Expression formula) implements Step {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.workOut(this);
        }
    }

    /** Numbers are sorted into bands. */
    record Bands(Expression.Column column, Expression.Column name, List<Band> bands) implements Step {
        /** Copies the bands. */
        public Bands {
            bands = List.copyOf(bands);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.bands(this);
        }
    }

    /** A band: a class as it is written, and what it is called. */
    record Band(Place at, String written, Optional<String> label) {}

    /** A cell as it is written in a step. */
    sealed interface Cell {
        /** Where it was written. */
        Place at();
    }

    /** A number. */
    record NumberCell(Place at, Exact value) implements Cell {}

    /** A text. */
    record TextCell(Place at, String text) implements Cell {}

    /** Yes or no. */
    record TruthCell(Place at, boolean yes) implements Cell {}

    /** A missing cell. */
    record MissingCell(Place at) implements Cell {}

    /** A cell and what stands there instead. */
    record Replacement(Cell of, Cell with) {}

    /** Cells are replaced, all at once. */
    record Replace(List<Expression.Run> columns, List<Replacement> replacements) implements Step {
        /** Copies the lists. */
        public Replace {
            columns = List.copyOf(columns);
            replacements = List.copyOf(replacements);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.replace(this);
        }
    }

    /** Values are given names, which make a category. */
    record NameValues(Expression.Column column, List<Named> names) implements Step {
        /** Copies the names. */
        public NameValues {
            names = List.copyOf(names);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.nameValues(this);
        }
    }

    /** A value and its name. */
    record Named(Cell value, String name) {}

    /** A missing cell takes the nearest above that is not. */
    record CarryDown(List<Expression.Run> columns) implements Step {
        /** Copies the columns. */
        public CarryDown {
            columns = List.copyOf(columns);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.carryDown(this);
        }
    }

    /** Rows are put in order. */
    record Order(List<Key> keys) implements Step {
        /** Copies the keys. */
        public Order {
            keys = List.copyOf(keys);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.order(this);
        }
    }

    /** A column to order by. */
    record Key(Expression.Column column, boolean largestFirst) {}

    /** Standard scores. */
    record Standardise(Place at, Expression.Column column, Expression.Column name, List<Expression.Column> within)
            implements Step {
        /** Copies the columns. */
        public Standardise {
            within = List.copyOf(within);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.standardise(this);
        }
    }

    /** A row for each group, or one in all. */
    record RowPer(List<Expression.Column> groups, List<Summary> summaries) implements Step {
        /** Copies the lists. */
        public RowPer {
            groups = List.copyOf(groups);
            summaries = List.copyOf(summaries);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.rowPer(this);
        }
    }

    /** A summary of a group; without a formula how many rows it has. */
    record Summary(Place at, Optional<Expression> formula, String name) {}

    /** A row for each cell of some columns. */
    record RowPerCell(List<Expression.Run> columns, Expression.Column values, Expression.Column names) implements Step {
        /** Copies the columns. */
        public RowPerCell {
            columns = List.copyOf(columns);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.rowPerCell(this);
        }
    }

    /** A column for each value of one. */
    record ColumnPer(Expression.Column names, Expression.Column values) implements Step {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.columnPer(this);
        }
    }

    /** Some rows are drawn. */
    record Draw(Place at, Exact count, Exact seed) implements Step {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.draw(this);
        }
    }

    /** Columns of another file are added where a key agrees. */
    record Join(Place at, String file, Expression.Column key) implements Step {
        /** The step that a sentence is, where it is one that joins. */
        public static Optional<Join> read(String text) {
            try {
                return StepReader.read(text) instanceof Join join ? Optional.of(join) : Optional.empty();
            } catch (Fault | StackOverflowError none) {
                return Optional.empty();
            }
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.join(this);
        }
    }

    /** An answer for each kind: one that is added does not compile until all of them have an answer for it. */
    interface Cases<R> {
        /** Of rows that stay or go. */
        R where(Where where);

        /** Of columns that stay or go. */
        R columns(Columns columns);

        /** Of another name. */
        R rename(Rename rename);

        /** Of a column worked out. */
        R workOut(WorkOut workOut);

        /** Of bands. */
        R bands(Bands bands);

        /** Of replaced cells. */
        R replace(Replace replace);

        /** Of named values. */
        R nameValues(NameValues nameValues);

        /** Of cells carried down. */
        R carryDown(CarryDown carryDown);

        /** Of an order. */
        R order(Order order);

        /** Of standard scores. */
        R standardise(Standardise standardise);

        /** Of a row for each group. */
        R rowPer(RowPer rowPer);

        /** Of a row for each cell. */
        R rowPerCell(RowPerCell rowPerCell);

        /** Of a column for each value. */
        R columnPer(ColumnPer columnPer);

        /** Of rows drawn. */
        R draw(Draw draw);

        /** Of columns of another file. */
        R join(Join join);
    }
}
