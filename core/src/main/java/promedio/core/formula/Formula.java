package promedio.core.formula;

import java.util.Collection;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import promedio.core.distribution.Curve;
import promedio.core.distribution.Side;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.Letter;

/**
 * A measure's definition as an expression tree. Everything the program says about a measure is read off its tree: the
 * value ({@link Evaluation}), the notation ({@link Writer}), the working table ({@link Columns}), and what a changed
 * computation would give ({@link #rewrite}).
 *
 * <p>Trees are immutable and share parts: x̄ in Σ(x − x̄)² and in 3(x̄ − x̃)/s is the same object, evaluated once.
 */
public sealed interface Formula {

    /** A number that stands in the formula itself. */
    record Constant(Exact value) implements Formula {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.constant(this);
        }
    }

    /** A letter of the row that a total or a pick runs over: x, its value, or f, its frequency. */
    record Variable(Letter letter) implements Formula {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.variable(this);
        }
    }

    /**
     * A count: of all values (Σf of a frequency table), or of some of them.
     *
     * @param what what is counted
     * @param bound the value that {@code BELOW} and {@code EQUAL} compare with
     */
    record Count(Counted what, Exact bound) implements Formula {
        /** The count of all values. */
        public Count() {
            this(Counted.VALUES, Exact.ZERO);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.count(this);
        }
    }

    /** A part with a symbol of its own, written down on a line of its own. */
    record Named(Symbol symbol, Formula body) implements Formula {
        @Override
        public List<Formula> parts() {
            return List.of(body);
        }

        @Override
        public Formula with(List<Formula> parts) {
            return new Named(symbol, parts.get(0));
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.named(this);
        }
    }

    /** An operator with its operands. */
    record Operation(Operator operator, List<Formula> operands) implements Formula {
        /** Copies the operands. */
        public Operation {
            operands = List.copyOf(operands);
        }

        @Override
        public List<Formula> parts() {
            return operands;
        }

        @Override
        public Formula with(List<Formula> parts) {
            return new Operation(operator, parts);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.operation(this);
        }
    }

    /** Σ of a row expression over some rows, each once; where rows count by their frequency, f is a factor of it. */
    record Total(Formula each, Rows rows) implements Formula {
        @Override
        public List<Formula> parts() {
            return Stream.concat(Stream.of(each), rows.parts().stream()).toList();
        }

        @Override
        public Formula with(List<Formula> parts) {
            return new Total(parts.get(0), rows.with(parts.subList(1, parts.size())));
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.total(this);
        }
    }

    /** A figure of somebody's own in place of a part: what they wrote on a line, or under a column. */
    record Given(Formula of, Figure figure) implements Formula {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.given(this);
        }
    }

    /** Figures of somebody's own in some cells of a column, by row of the sample. */
    record GivenCells(Formula column, Map<Integer, Figure> figures) implements Formula {
        /** Copies the figures. */
        public GivenCells {
            figures = Map.copyOf(figures);
        }

        @Override
        public List<Formula> parts() {
            return List.of(column);
        }

        @Override
        public Formula with(List<Formula> parts) {
            return new GivenCells(parts.get(0), figures);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.givenCells(this);
        }
    }

    /** The value of a row expression at a rank of its values in order of size, counted from 1. */
    record Pick(Formula each, Formula rank) implements Formula {
        @Override
        public List<Formula> parts() {
            return List.of(each, rank);
        }

        @Override
        public Formula with(List<Formula> parts) {
            return new Pick(parts.get(0), parts.get(1));
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.pick(this);
        }
    }

    /** The value that occurs most often. */
    record Commonest() implements Formula {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.commonest(this);
        }
    }

    /** The nth root of the product of the values of all n rows, ⁿ√(Πx): leaves the ratios. */
    record RootOfProduct() implements Formula {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.rootOfProduct(this);
        }
    }

    /** Several figures side by side, which make up one measure: the five-number summary. */
    record Series(List<Formula> members) implements Formula {
        /** Copies the members. */
        public Series {
            members = List.copyOf(members);
        }

        @Override
        public List<Formula> parts() {
            return members;
        }

        @Override
        public Formula with(List<Formula> parts) {
            return new Series(parts);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.series(this);
        }
    }

    /** The different values beyond two bounds: those below the lower, and those above the upper. */
    record Beyond(Formula lower, Formula upper) implements Formula {
        @Override
        public List<Formula> parts() {
            return List.of(lower, upper);
        }

        @Override
        public Formula with(List<Formula> parts) {
            return new Beyond(parts.get(0), parts.get(1));
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.beyond(this);
        }
    }

    /**
     * The class found in a class table, or a modal interval of several; what is read off it shares this one part.
     *
     * @param search how it is found
     * @param by the position or value that the search goes by; nothing for the others
     * @param which which of several, counted from 0
     */
    record Found(Search search, List<Formula> by, int which) implements Formula {
        /** Copies the list. */
        public Found {
            by = List.copyOf(by);
        }

        @Override
        public List<Formula> parts() {
            return by;
        }

        @Override
        public Formula with(List<Formula> parts) {
            return new Found(search, parts, which);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.found(this);
        }
    }

    /** A figure read off the class found: one of its boundaries, its frequency, its neighbour’s. */
    record Reading(ReadOff what, Formula found) implements Formula {
        @Override
        public List<Formula> parts() {
            return List.of(found);
        }

        @Override
        public Formula with(List<Formula> parts) {
            return new Reading(what, parts.get(0));
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.reading(this);
        }
    }

    /**
     * The share of a distribution on one side of a figure, or as far out on either side: P(|T| ≥ |t|).
     *
     * @param curve the distribution
     * @param side which share
     * @param of the figure, then the parameters of the distribution in their order
     */
    record Tail(Curve curve, Side side, List<Formula> of) implements Formula {
        /** @throws IllegalArgumentException for more or fewer parameters than the curve has, or both sides of one that has no middle */
        public Tail {
            of = List.copyOf(of);
            if (of.size() != 1 + curve.parameters() || side == Side.BOTH && !curve.isSymmetric()) {
                throw new IllegalArgumentException("There is no " + side + " of " + curve + " of " + of.size() + ".");
            }
        }

        @Override
        public List<Formula> parts() {
            return of;
        }

        @Override
        public Formula with(List<Formula> parts) {
            return new Tail(curve, side, parts);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.tail(this);
        }
    }

    /**
     * The value of a distribution above which a share of it lies, as printed tables have it: t with 0.025 above it, of 9 degrees of freedom.
     *
     * @param curve the distribution
     * @param of the share, then the parameters of the distribution in their order
     */
    record Cut(Curve curve, List<Formula> of) implements Formula {
        /** @throws IllegalArgumentException for more or fewer parameters than the curve has */
        public Cut {
            of = List.copyOf(of);
            if (of.size() != 1 + curve.parameters()) {
                throw new IllegalArgumentException("There is no cut of " + curve + " by " + of.size() + " figures.");
            }
        }

        @Override
        public List<Formula> parts() {
            return of;
        }

        @Override
        public Formula with(List<Formula> parts) {
            return new Cut(curve, parts);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.cut(this);
        }
    }

    /** The direct parts, in the order of writing; none of a node that has none. */
    default List<Formula> parts() {
        return List.of();
    }

    /** The same kind of node with other parts, as many as {@link #parts} gives. */
    default Formula with(List<Formula> parts) {
        return this;
    }

    /** The answer of the case for this node's kind. */
    <R> R fold(Cases<R> cases);

    /** A whole number. */
    static Formula number(long value) {
        return new Constant(Exact.of(value));
    }

    /** A number. */
    static Formula number(Exact value) {
        return new Constant(value);
    }

    /** Σf·e over all rows: what each value adds, counted by its frequency. */
    static Formula total(Formula each) {
        return total(each, new Rows.All());
    }

    /** Σf·e over some rows. */
    static Formula total(Formula each, Rows rows) {
        boolean one = each instanceof Constant constant && constant.value().equals(Exact.ONE);
        return new Total(one ? Row.F : Row.F.times(each), rows);
    }

    /** The value at a rank of the sorted sample. */
    static Formula valueAt(Formula rank) {
        return new Pick(Row.X, rank);
    }

    /** This plus another. */
    default Formula plus(Formula other) {
        return new Operation(Operator.PLUS, List.of(this, other));
    }

    /** This minus another. */
    default Formula minus(Formula other) {
        return new Operation(Operator.MINUS, List.of(this, other));
    }

    /** This times another. */
    default Formula times(Formula other) {
        return new Operation(Operator.TIMES, List.of(this, other));
    }

    /** This over another. */
    default Formula over(Formula divisor) {
        return new Operation(Operator.OVER, List.of(this, divisor));
    }

    /** A whole power. */
    default Formula power(int exponent) {
        return new Operation(Operator.POWER, List.of(this, number(exponent)));
    }

    /** The square. */
    default Formula squared() {
        return power(2);
    }

    /** The square root. */
    default Formula root() {
        return new Operation(Operator.ROOT, List.of(this));
    }

    /** The size without its sign. */
    default Formula abs() {
        return new Operation(Operator.ABS, List.of(this));
    }

    /** This under a symbol. */
    default Named named(Symbol symbol) {
        return new Named(symbol, this);
    }

    /** Whether the row's value occurs outside an inner total or pick. */
    default boolean variesByRow() {
        return this instanceof Variable
                || this instanceof GivenCells
                || (!(this instanceof Total || this instanceof Pick)
                        && parts().stream().anyMatch(Formula::variesByRow));
    }

    /** Visits every node once, parts before wholes. */
    default void visit(Consumer<Formula> visitor) {
        visit(visitor, new IdentityHashMap<>());
    }

    private void visit(Consumer<Formula> visitor, IdentityHashMap<Formula, Boolean> seen) {
        if (seen.put(this, true) == null) {
            parts().forEach(part -> part.visit(visitor, seen));
            visitor.accept(this);
        }
    }

    /** The first place of every node, parts before wholes. */
    default List<Site> firstSites() {
        return Places.first(this);
    }

    /**
     * The tree with some nodes replaced. The rule is asked from the top down; below a replacement it is not asked again.
     * Parts that were shared stay shared, and a tree without a replacement comes back as it is.
     */
    default Formula rewrite(Function<Formula, Optional<Formula>> rule) {
        return rewrite(rule, new IdentityHashMap<>());
    }

    private Formula rewrite(Function<Formula, Optional<Formula>> rule, IdentityHashMap<Formula, Formula> done) {
        List<Formula> parts = parts();
        if (parts.isEmpty()) {
            return rule.apply(this).orElse(this);
        }
        Formula known = done.get(this);
        if (known != null) {
            return known;
        }
        Optional<Formula> replaced = rule.apply(this);
        Formula result = replaced.isPresent() ? replaced.get() : rewritten(parts, rule, done);
        done.put(this, result);
        return result;
    }

    private Formula rewritten(
            List<Formula> parts, Function<Formula, Optional<Formula>> rule, IdentityHashMap<Formula, Formula> done) {
        Formula[] changed = new Formula[parts.size()];
        boolean same = true;
        for (int i = 0; i < changed.length; i++) {
            changed[i] = parts.get(i).rewrite(rule, done);
            same &= parts.get(i) == changed[i];
        }
        return same ? this : with(List.of(changed));
    }

    /** The part at a place. @throws IndexOutOfBoundsException when the formula has no such place */
    default Formula at(Site site) {
        return Places.at(this, site);
    }

    /** The places at which a part stands that passes a test, wholes before their parts; none is looked for inside a match. */
    default List<Site> sites(Predicate<Formula> test) {
        return Places.of(this, test);
    }

    /** The formula with what stands at one place replaced, and at no other: a slip at one use of a quantity. */
    default Formula rewriteAt(Site site, UnaryOperator<Formula> change) {
        return Places.rewrite(this, site, change);
    }

    /** The same at several places, none of which lies inside another. */
    default Formula rewriteAt(Collection<Site> sites, UnaryOperator<Formula> change) {
        Formula changed = this;
        for (Site site : sites) {
            changed = changed.rewriteAt(site, change);
        }
        return changed;
    }

    /** The named part with a symbol's id, where the tree has one. */
    default Optional<Named> find(String symbolId) {
        Named[] found = new Named[1];
        visit(node -> {
            if (node instanceof Named named && named.symbol().id().equals(symbolId)) {
                found[0] = named;
            }
        });
        return Optional.ofNullable(found[0]);
    }
}
