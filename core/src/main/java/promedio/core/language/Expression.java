package promedio.core.language;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import promedio.core.distribution.Distribution;
import promedio.core.number.Exact;

/** A formula as a tree. Each node knows where it was written. */
public sealed interface Expression {
    /** Where it was written. */
    Place at();

    /** The formulas that it is directly made of. */
    default List<Expression> parts() {
        return List.of();
    }

    /** The answer of the case for this kind of formula. */
    <R> R fold(Cases<R> cases);

    /** A number. */
    record Numeral(Place at, Exact value) implements Expression {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.numeral(this);
        }
    }

    /** A text. */
    record Text(Place at, String text) implements Expression {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.text(this);
        }
    }

    /** Yes or no. */
    record Truth(Place at, boolean yes) implements Expression {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.truth(this);
        }
    }

    /** A missing cell. */
    record Missing(Place at) implements Expression {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.missing(this);
        }
    }

    /** A date. */
    record Date(Place at, LocalDateTime date, boolean time) implements Expression {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.date(this);
        }
    }

    /** A column, or whatever else has a name. */
    record Column(Place at, String name) implements Expression {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.column(this);
        }
    }

    /** What stands between two operands. */
    enum Operator {
        PLUS("+"),
        MINUS("−"),
        TIMES("×"),
        OVER("÷"),
        POWER("^"),
        JOINED("joined with"),
        EQUAL("="),
        UNEQUAL("≠"),
        LESS("<"),
        AT_MOST("≤"),
        MORE(">"),
        AT_LEAST("≥"),
        CONTAINS("contains"),
        STARTS("starts with"),
        ENDS("ends with"),
        AND("and"),
        OR("or");

        private final String sign;

        Operator(String sign) {
            this.sign = sign;
        }

        /** How it is written. */
        public String sign() {
            return sign;
        }
    }

    /** Two operands and what stands between them. */
    record Operation(Place at, Operator operator, Expression left, Expression right) implements Expression {
        @Override
        public List<Expression> parts() {
            return List.of(left, right);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.operation(this);
        }
    }

    /** The number with the other sign. */
    record Negated(Place at, Expression of) implements Expression {
        @Override
        public List<Expression> parts() {
            return List.of(of);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.negated(this);
        }
    }

    /** The opposite of yes and no. */
    record Not(Place at, Expression of) implements Expression {
        @Override
        public List<Expression> parts() {
            return List.of(of);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.not(this);
        }
    }

    /** One of two, by a condition. */
    record Choice(Place at, Expression condition, Expression then, Expression otherwise) implements Expression {
        @Override
        public List<Expression> parts() {
            return List.of(condition, then, otherwise);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.choice(this);
        }
    }

    /** Whether something lies between two, both included. */
    record Between(Place at, Expression of, Expression low, Expression high) implements Expression {
        @Override
        public List<Expression> parts() {
            return List.of(of, low, high);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.between(this);
        }
    }

    /** Whether a cell is missing. */
    record IsMissing(Place at, Expression of, boolean not) implements Expression {
        @Override
        public List<Expression> parts() {
            return List.of(of);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.isMissing(this);
        }
    }

    /** Whether something is one of some others. */
    record OneOf(Place at, Expression of, List<Expression> items, boolean not) implements Expression {
        /** Copies the items. */
        public OneOf {
            items = List.copyOf(items);
        }

        @Override
        public List<Expression> parts() {
            return Stream.concat(Stream.of(of), items.stream()).toList();
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.oneOf(this);
        }
    }

    /** A function of a row's values. */
    record Call(Place at, Function function, List<Expression> arguments) implements Expression {
        /** Copies the arguments. */
        public Call {
            arguments = List.copyOf(arguments);
        }

        @Override
        public List<Expression> parts() {
            return arguments;
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.call(this);
        }
    }

    /**
     * A measure of a column, or of the rows that agree in some others.
     *
     * @param part which quartile or percentile; empty for other measures
     * @param within the columns whose values make the groups; none for all rows
     */
    record Summary(Place at, Measured measure, Optional<Exact> part, Expression of, List<Column> within)
            implements Expression {
        /** Copies the columns. */
        public Summary {
            within = List.copyOf(within);
        }

        @Override
        public List<Expression> parts() {
            return List.of(of);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.summary(this);
        }
    }

    /** How many rows, or which share of those in which it is known, meet a condition. */
    record Counted(Place at, boolean share, Expression condition, List<Column> within) implements Expression {
        /** Copies the columns. */
        public Counted {
            within = List.copyOf(within);
        }

        @Override
        public List<Expression> parts() {
            return List.of(condition);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.counted(this);
        }
    }

    /** What depends on where a row stands among the others. */
    enum Standing {
        SCORE,
        RANK,
        RANK_FROM_LARGEST,
        RUNNING_TOTAL,
        PREVIOUS
    }

    /** Where a row stands among the others. */
    record ByPlace(Place at, Standing standing, Expression of, List<Column> within) implements Expression {
        /** Copies the columns. */
        public ByPlace {
            within = List.copyOf(within);
        }

        @Override
        public List<Expression> parts() {
            return List.of(of);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.byPlace(this);
        }
    }

    /** The number of the row, from 1. */
    record RowNumber(Place at) implements Expression {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.rowNumber(this);
        }
    }

    /** A measure of some cells of each row. */
    record Along(Place at, Measured measure, List<Run> columns) implements Expression {
        /** Copies the columns. */
        public Along {
            columns = List.copyOf(columns);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.along(this);
        }
    }

    /** A column, or a run of them in their present order. */
    record Run(Place at, Column from, Optional<Column> to) {}

    /** Several values. */
    record Listed(Place at, List<Expression> items) implements Expression {
        /** Copies the items. */
        public Listed {
            items = List.copyOf(items);
        }

        @Override
        public List<Expression> parts() {
            return items;
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.listed(this);
        }
    }

    /** Numbers from one to another by steps. */
    record Range(Place at, Expression from, Expression to, Optional<Expression> by) implements Expression {
        @Override
        public List<Expression> parts() {
            return Stream.concat(Stream.of(from, to), by.stream()).toList();
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.range(this);
        }
    }

    /** The value that cuts off a share of a distribution above it. */
    record Critical(Place at, Distribution of, Exact share) implements Expression {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.critical(this);
        }
    }

    /** The share of a distribution from one value to another; one that is not there is endless. */
    record Tail(Place at, Distribution of, Optional<Exact> from, Optional<Exact> to) implements Expression {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.tail(this);
        }
    }

    /** Some of several values, drawn at random. */
    record Take(Place at, Exact count, Expression of) implements Expression {
        @Override
        public List<Expression> parts() {
            return List.of(of);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.take(this);
        }
    }

    /** An answer for each kind: one that is added does not compile until all of them have an answer for it. */
    interface Cases<R> {
        /** Of a number. */
        R numeral(Numeral numeral);

        /** Of a text. */
        R text(Text text);

        /** Of yes or no. */
        R truth(Truth truth);

        /** Of a missing cell. */
        R missing(Missing missing);

        /** Of a date. */
        R date(Date date);

        /** Of a column. */
        R column(Column column);

        /** Of two operands. */
        R operation(Operation operation);

        /** Of a number with the other sign. */
        R negated(Negated negated);

        /** Of the opposite. */
        R not(Not not);

        /** Of one of two. */
        R choice(Choice choice);

        /** Of something between two. */
        R between(Between between);

        /** Of whether a cell is missing. */
        R isMissing(IsMissing isMissing);

        /** Of one of some. */
        R oneOf(OneOf oneOf);

        /** Of a function. */
        R call(Call call);

        /** Of a measure of a column. */
        R summary(Summary summary);

        /** Of a count of rows. */
        R counted(Counted counted);

        /** Of where a row stands. */
        R byPlace(ByPlace byPlace);

        /** Of the number of the row. */
        R rowNumber(RowNumber rowNumber);

        /** Of a measure of cells of a row. */
        R along(Along along);

        /** Of several values. */
        R listed(Listed listed);

        /** Of numbers from one to another. */
        R range(Range range);

        /** Of a critical value. */
        R critical(Critical critical);

        /** Of a share of a distribution. */
        R tail(Tail tail);

        /** Of values drawn. */
        R take(Take take);
    }
}
