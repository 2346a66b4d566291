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
        if (this instanceof Operation operation) {
            return List.of(operation.left(), operation.right());
        } else if (this instanceof Negated negated) {
            return List.of(negated.of());
        } else if (this instanceof Not not) {
            return List.of(not.of());
        } else if (this instanceof Choice choice) {
            return List.of(choice.condition(), choice.then(), choice.otherwise());
        } else if (this instanceof Between between) {
            return List.of(between.of(), between.low(), between.high());
        } else if (this instanceof OneOf one) {
            return Stream.concat(Stream.of(one.of()), one.items().stream()).toList();
        } else if (this instanceof IsMissing missing) {
            return List.of(missing.of());
        } else if (this instanceof Call call) {
            return call.arguments();
        } else if (this instanceof Summary summary) {
            return List.of(summary.of());
        } else if (this instanceof Counted counted) {
            return List.of(counted.condition());
        } else if (this instanceof ByPlace place) {
            return List.of(place.of());
        } else if (this instanceof Listed listed) {
            return listed.items();
        } else if (this instanceof Range range) {
            return Stream.concat(Stream.of(range.from(), range.to()), range.by().stream())
                    .toList();
        } else if (this instanceof Take take) {
            return List.of(take.of());
        }
        return List.of();
    }

    /** A number. */
    record Numeral(Place at, Exact value) implements Expression {}

    /** A text. */
    record Text(Place at, String text) implements Expression {}

    /** Yes or no. */
    record Truth(Place at, boolean yes) implements Expression {}

    /** A missing cell. */
    record Missing(Place at) implements Expression {}

    /** A date. */
    record Date(Place at, LocalDateTime date, boolean time) implements Expression {}

    /** A column, or whatever else has a name. */
    record Column(Place at, String name) implements Expression {}

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
    record Operation(Place at, Operator operator, Expression left, Expression right) implements Expression {}

    /** The number with the other sign. */
    record Negated(Place at, Expression of) implements Expression {}

    /** The opposite of yes and no. */
    record Not(Place at, Expression of) implements Expression {}

    /** One of two, by a condition. */
    record Choice(Place at, Expression condition, Expression then, Expression otherwise) implements Expression {}

    /** Whether something lies between two, both included. */
    record Between(Place at, Expression of, Expression low, Expression high) implements Expression {}

    /** Whether a cell is missing. */
    record IsMissing(Place at, Expression of, boolean not) implements Expression {}

    /** Whether something is one of some others. */
    record OneOf(Place at, Expression of, List<Expression> items, boolean not) implements Expression {
        /** Copies the items. */
        public OneOf {
            items = List.copyOf(items);
        }
    }

    /** A function of a row's values. */
    record Call(Place at, Function function, List<Expression> arguments) implements Expression {
        /** Copies the arguments. */
        public Call {
            arguments = List.copyOf(arguments);
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
    }

    /** How many rows, or which share of those in which it is known, meet a condition. */
    record Counted(Place at, boolean share, Expression condition, List<Column> within) implements Expression {
        /** Copies the columns. */
        public Counted {
            within = List.copyOf(within);
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
    }

    /** The number of the row, from 1. */
    record RowNumber(Place at) implements Expression {}

    /** A measure of some cells of each row. */
    record Along(Place at, Measured measure, List<Run> columns) implements Expression {
        /** Copies the columns. */
        public Along {
            columns = List.copyOf(columns);
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
    }

    /** Numbers from one to another by steps. */
    record Range(Place at, Expression from, Expression to, Optional<Expression> by) implements Expression {}

    /** The value that cuts off a share of a distribution above it. */
    record Critical(Place at, Distribution of, Exact share) implements Expression {}

    /** The share of a distribution from one value to another; one that is not there is endless. */
    record Tail(Place at, Distribution of, Optional<Exact> from, Optional<Exact> to) implements Expression {}

    /** Some of several values, drawn at random. */
    record Take(Place at, Exact count, Expression of) implements Expression {}
}
