package promedio.core.language;

import java.util.LinkedHashSet;
import java.util.Set;
import promedio.core.language.Expression.Operator;
import promedio.core.sentence.Sentence;
import promedio.core.vector.Kind;
import promedio.core.vector.Texts;
import promedio.core.vector.Truths;
import promedio.core.vector.Vector;
import promedio.core.vector.Vectors;

/** What compares: =, <, between, is one of. */
final class Comparisons {
    private static final int MOST_KNOWN = 1_000;

    private final Evaluator evaluator;
    private final Scope scope;
    private final Rowwise rowwise;
    private final Told told;

    Comparisons(Evaluator evaluator, Scope scope, Rowwise rowwise, Told told) {
        this.evaluator = evaluator;
        this.scope = scope;
        this.rowwise = rowwise;
        this.told = told;
    }

    /** Two operands compared; a text that occurs nowhere is told. */
    Vector operation(Expression.Operation operation) {
        Vector left = evaluator.of(operation.left());
        Vector right = comparand(left, operation.right());
        Truths made = compared(operation.at(), operation.operator(), left, right);
        if (operation.operator() == Operator.EQUAL) {
            tellNear(operation.left(), left, operation.right(), made);
        }
        return made;
    }

    /** How two columns compare. @throws Fault for kinds that do not */
    private Truths compared(Place at, Operator operator, Vector left, Vector right) {
        int size = Kinds.size(at, left, right);
        boolean equality = operator == Operator.EQUAL || operator == Operator.UNEQUAL;
        Vector one = left;
        Vector two = right;
        if (one.kind() == Kind.TRUTH && two.kind() == Kind.TEXT) {
            two = Vectors.truths(two).map(Vector.class::cast).orElse(two);
        } else if (two.kind() == Kind.TRUTH && one.kind() == Kind.TEXT) {
            one = Vectors.truths(one).map(Vector.class::cast).orElse(one);
        }
        if (!one.kind().goesWith(two.kind())) {
            throw Fault.of(
                    at,
                    "language.compared",
                    Sentence.of("language.kind." + one.kind()),
                    Sentence.of("language.kind." + two.kind()));
        }
        if (one.kind() == Kind.TRUTH && two.kind() == Kind.TRUTH && !equality) {
            throw Fault.of(at, "language.order-of-truths");
        }
        boolean nothing = one.kind() == Kind.NOTHING || two.kind() == Kind.NOTHING;
        return nothing ? Truths.constant(Truths.MISSING, size) : rowwise.compared(operator, one, two, size);
    }

    /** What texts are compared with: a bare word that is no column was meant to be a text. */
    private Vector comparand(Vector left, Expression right) {
        boolean word = left.kind() == Kind.TEXT
                && right instanceof Expression.Column column
                && Scope.find(scope.names(), column.name()).isEmpty();
        if (word) {
            throw Fault.of(right.at(), "language.text-without-quotes", ((Expression.Column) right).name());
        }
        return evaluator.of(right);
    }

    /** A text that stands in no cell of a column is told, with the nearest that does. */
    private void tellNear(Expression left, Vector of, Expression right, Truths made) {
        boolean asked = left instanceof Expression.Column
                && right instanceof Expression.Text
                && of instanceof Texts
                && !of.isConstant();
        for (int row = 0; asked && row < made.size(); row++) {
            asked = made.get(row) != Truths.YES;
        }
        if (!asked) {
            return;
        }
        Texts texts = (Texts) of;
        Set<String> known = new LinkedHashSet<>();
        for (int row = 0; row < texts.size() && known.size() < MOST_KNOWN; row++) {
            if (!texts.isMissing(row)) {
                known.add(texts.get(row));
            }
        }
        String written = ((Expression.Text) right).text();
        String column = ((Expression.Column) left).name();
        Grammar.near(written, known)
                .ifPresentOrElse(
                        near -> told.count("told.no-such-text.near.", 1, written, column, near),
                        () -> told.count("told.no-such-text.", 1, written, column));
    }

    /** Whether something lies between two. */
    Vector between(Expression.Between between) {
        Vector of = evaluator.of(between.of());
        Truths above = compared(between.at(), Operator.AT_LEAST, of, evaluator.of(between.low()));
        Truths below = compared(between.at(), Operator.AT_MOST, of, evaluator.of(between.high()));
        return rowwise.joined(true, above, below, Kinds.size(between.at(), above, below));
    }

    /** Whether something is one of some others. */
    Vector oneOf(Expression.OneOf one) {
        Vector of = evaluator.of(one.of());
        Truths found = null;
        for (Expression item : one.items()) {
            Truths same = compared(item.at(), Operator.EQUAL, of, evaluator.of(item));
            found = found == null ? same : rowwise.joined(false, found, same, Kinds.size(one.at(), found, same));
        }
        return one.not() ? rowwise.not(found) : found;
    }
}
