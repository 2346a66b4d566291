package promedio.core.language;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import promedio.core.course.CourseCard;
import promedio.core.data.DateForm;
import promedio.core.distribution.Distribution;
import promedio.core.language.Expression.Operator;
import promedio.core.sentence.Sentence;
import promedio.core.vector.Dates;
import promedio.core.vector.Kind;
import promedio.core.vector.Nothing;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;
import promedio.core.vector.Texts;
import promedio.core.vector.Truths;
import promedio.core.vector.Vector;
import promedio.core.vector.Vectors;

/**
 * Works a formula out over all rows at once. Kinds are checked as the columns meet, so that a formula is wrong for a table or right
 * for it, whatever its rows hold.
 */
public final class Evaluator {
    private final Scope scope;
    private final Rowwise rowwise;
    private final Arithmetic arithmetic;
    private final Wording wording;
    private final Aggregates aggregates;
    private final Comparisons comparisons;
    private final Told told;
    private final Several several;
    private final ByKind kinds = new ByKind();
    /** Rows for which the formula counts; null while all do. */
    private Truths taken;

    /**
     * An evaluator.
     *
     * @param told who is told of rows that were given up
     * @param pause what is asked every few thousand rows; it stops the work by throwing
     * @param random what draws are made with
     */
    public Evaluator(Scope scope, CourseCard card, Told told, Runnable pause, RandomGenerator random) {
        this.scope = scope;
        this.told = told;
        this.several = new Several(this, random);
        Conventions conventions = new Conventions(card);
        this.rowwise = new Rowwise(pause, this::lose);
        this.arithmetic = new Arithmetic(rowwise, conventions);
        this.wording = new Wording(rowwise);
        this.comparisons = new Comparisons(this, scope, rowwise, told);
        this.aggregates = new Aggregates(this, scope, new Summaries(conventions, pause));
    }

    private void lose(String key, int row, boolean everywhere) {
        if (everywhere) {
            told.count(key, scope.rows());
        } else if (taken == null || row >= taken.size() || taken.isYes(row)) {
            told.count(key, 1);
        }
    }

    private static double share(Expression.Tail tail) {
        Distribution of = tail.of();
        if (tail.from().isEmpty()) {
            return of.below(tail.to().orElseThrow().toDouble());
        }
        double from = tail.from().get().toDouble();
        return tail.to().isEmpty()
                ? of.above(from)
                : of.between(from, tail.to().get().toDouble());
    }

    private Numbers approximate(double value) {
        Register register = new Register();
        register.approximate(value);
        return Numbers.constant(register, scope.rows());
    }

    /** Works a formula out. @throws Fault where it makes no sense for these columns */
    public Vector of(Expression expression) {
        return expression.fold(kinds);
    }

    private final class ByKind implements Expression.Cases<Vector> {
        @Override
        public Vector numeral(Expression.Numeral numeral) {
            return Numbers.constant(Optional.of(numeral.value()), scope.rows());
        }

        @Override
        public Vector text(Expression.Text text) {
            return Texts.constant(Optional.of(text.text()), scope.rows());
        }

        @Override
        public Vector truth(Expression.Truth truth) {
            return Truths.constant(truth.yes() ? Truths.YES : Truths.NO, scope.rows());
        }

        @Override
        public Vector critical(Expression.Critical critical) {
            return approximate(critical.of()
                    .cutting(critical.share().toDouble())
                    .orElseThrow(() -> Fault.of(critical.at(), "language.beyond")));
        }

        @Override
        public Vector tail(Expression.Tail tail) {
            return approximate(share(tail));
        }

        @Override
        public Vector missing(Expression.Missing missing) {
            return new Nothing(scope.rows());
        }

        @Override
        public Vector date(Expression.Date date) {
            return Dates.constant(date.date(), date.time(), scope.rows());
        }

        @Override
        public Vector column(Expression.Column column) {
            return Evaluator.this.column(column);
        }

        @Override
        public Vector operation(Expression.Operation operation) {
            return Evaluator.this.operation(operation);
        }

        @Override
        public Vector negated(Expression.Negated negated) {
            return arithmetic.negated(numbers(negated.of()));
        }

        @Override
        public Vector not(Expression.Not not) {
            return rowwise.not(truths(not.of()));
        }

        @Override
        public Vector choice(Expression.Choice choice) {
            return Evaluator.this.choice(choice);
        }

        @Override
        public Vector between(Expression.Between between) {
            return comparisons.between(between);
        }

        @Override
        public Vector isMissing(Expression.IsMissing is) {
            Vector of = of(is.of());
            return Rowwise.test(of, row -> of.isMissing(row) != is.not());
        }

        @Override
        public Vector oneOf(Expression.OneOf one) {
            return comparisons.oneOf(one);
        }

        @Override
        public Vector call(Expression.Call call) {
            return Evaluator.this.call(call);
        }

        @Override
        public Vector summary(Expression.Summary summary) {
            return aggregates.summary(summary);
        }

        @Override
        public Vector counted(Expression.Counted counted) {
            return aggregates.counted(counted);
        }

        @Override
        public Vector byPlace(Expression.ByPlace place) {
            return aggregates.byPlace(place);
        }

        @Override
        public Vector rowNumber(Expression.RowNumber number) {
            return aggregates.rowNumber(number);
        }

        @Override
        public Vector along(Expression.Along along) {
            return aggregates.along(along);
        }

        @Override
        public Vector listed(Expression.Listed listed) {
            return lists(listed).listed(listed);
        }

        @Override
        public Vector range(Expression.Range range) {
            return lists(range).range(range);
        }

        @Override
        public Vector take(Expression.Take take) {
            return lists(take).taken(take);
        }
    }

    /**
     * Works out a formula of summaries, one answer for each group.
     *
     * @return a column of as many rows as there are groups, or one that is the same for all
     * @throws Fault where the formula depends on a single row
     */
    public Vector summarized(Expression expression, Groups groups) {
        return aggregates.ofGroups(expression, groups);
    }

    /** The standard scores of a column, within groups where some are named. */
    public Vector scores(Place at, Expression.Column of, List<Expression.Column> within) {
        return aggregates.byPlace(new Expression.ByPlace(at, Expression.Standing.SCORE, of, within));
    }

    private Vector column(Expression.Column column) {
        if (aggregates.isSummarized()) {
            throw Fault.of(column.at(), "language.differs", column.name());
        }
        return scope.column(Scope.find(scope.names(), column));
    }

    private Numbers numbers(Expression expression) {
        return Kinds.numbers(of(expression), expression.at());
    }

    private Truths truths(Expression expression) {
        Vector found = of(expression);
        // A column of yes and no is a condition; a text is none, whatever stands in it.
        if (found.kind() == Kind.TEXT && !(expression instanceof Expression.Column)) {
            throw Fault.of(expression.at(), "language.needs.TRUTH", Sentence.of("language.kind.TEXT"));
        }
        return Kinds.truths(found, expression.at());
    }

    private Texts texts(Expression expression) {
        return Kinds.texts(of(expression), expression.at());
    }

    private Dates dates(Expression expression) {
        return Kinds.dates(of(expression), expression.at());
    }

    private Vector operation(Expression.Operation operation) {
        switch (operation.operator()) {
            case AND, OR -> {
                Truths left = truths(operation.left());
                Truths right = truths(operation.right());
                return rowwise.joined(
                        operation.operator() == Operator.AND, left, right, Kinds.size(operation.at(), left, right));
            }
            case PLUS, MINUS, TIMES, OVER, POWER -> {
                Numbers left = numbers(operation.left());
                Numbers right = numbers(operation.right());
                return arithmetic.of(operation.operator(), left, right, Kinds.size(operation.at(), left, right));
            }
            case JOINED -> {
                Texts left = texts(operation.left());
                Texts right = texts(operation.right());
                return rowwise.made(
                        List.of(left, right),
                        Kinds.size(operation.at(), left, right),
                        row -> Optional.of(left.get(row) + right.get(row)));
            }
            case CONTAINS, STARTS, ENDS -> {
                Texts left = texts(operation.left());
                Texts right = texts(operation.right());
                return rowwise.texts(
                        left,
                        right,
                        Kinds.size(operation.at(), left, right),
                        (whole, part) -> switch (operation.operator()) {
                            case CONTAINS -> whole.contains(part);
                            case STARTS -> whole.startsWith(part);
                            default -> whole.endsWith(part);
                        });
            }
            default -> {
                return comparisons.operation(operation);
            }
        }
    }

    private Vector choice(Expression.Choice choice) {
        Truths condition = truths(choice.condition());
        Truths before = taken;
        Vector then;
        Vector otherwise;
        try {
            // What comes about in rows that do not take a branch is not told.
            taken = and(before, condition);
            then = of(choice.then());
            taken = and(before, rowwise.not(condition));
            otherwise = of(choice.otherwise());
        } finally {
            taken = before;
        }
        Kinds.alike(then, otherwise, choice.otherwise().at());
        int size = Kinds.size(choice.at(), condition, then);
        Vector shaped = condition.isConstant() ? then : condition;
        size = Math.max(size, Kinds.size(choice.at(), shaped, otherwise));
        boolean constant = condition.isConstant() && then.isConstant() && otherwise.isConstant();
        int[] which = new int[constant ? 1 : size];
        for (int row = 0; row < which.length; row++) {
            which[row] = condition.isMissing(row) ? -1 : condition.isYes(row) ? 0 : 1;
        }
        Vector chosen = Vectors.chosen(List.of(then, otherwise), which);
        return constant ? Vectors.constant(chosen, size) : chosen;
    }

    private Truths and(Truths before, Truths condition) {
        return before == null || before.size() != condition.size()
                ? condition
                : rowwise.joined(true, before, condition, condition.size());
    }

    private Vector call(Expression.Call call) {
        Function function = call.function();
        List<Expression> arguments = call.arguments();
        return switch (function) {
            case ABSOLUTE, ROOT, LN, LOG10, EXP, ROUNDED, DOWN, UP, REMAINDER -> {
                List<Vector> numbers = new ArrayList<>();
                arguments.forEach(one -> numbers.add(numbers(one)));
                int size = numbers.size() == 1
                        ? numbers.get(0).size()
                        : Kinds.size(call.at(), numbers.get(0), numbers.get(1));
                yield arithmetic.call(function, numbers, size);
            }
            case LENGTH, LOWER, UPPER, TRIMMED, NUMBER -> {
                Texts text = texts(arguments.get(0));
                yield wording.ofText(function, List.of(text), text.size());
            }
            case PART -> {
                Texts text = texts(arguments.get(0));
                Numbers from = numbers(arguments.get(1));
                Numbers to = numbers(arguments.get(2));
                int size = Math.max(Kinds.size(call.at(), text, from), Kinds.size(call.at(), text, to));
                yield wording.ofText(function, List.of(text, from, to), size);
            }
            case TEXT -> {
                Vector of = of(arguments.get(0));
                yield rowwise.made(List.of(of), of.size(), row -> Optional.of(of.text(row, Vectors.DIGITS)));
            }
            case YEAR, MONTH, DAY, WEEKDAY, HOUR, MINUTE -> wording.ofDate(function, dates(arguments.get(0)));
            case DAYS -> {
                Dates from = dates(arguments.get(0));
                Dates to = dates(arguments.get(1));
                yield wording.days(from, to, Kinds.size(call.at(), from, to));
            }
            case DATE -> {
                DateForm form = arguments.get(1) instanceof Expression.Text text
                        ? DateForm.find(text.text()).orElse(null)
                        : null;
                if (form == null) {
                    throw Fault.of(arguments.get(1).at(), "language.date-form");
                }
                Texts texts = texts(arguments.get(0));
                yield wording.dates(texts, form, texts.size());
            }
            case FIRST_KNOWN -> firstKnown(call);
        };
    }

    private Vector firstKnown(Expression.Call call) {
        List<Vector> all = new ArrayList<>();
        Vector first = null;
        int size = 0;
        for (Expression argument : call.arguments()) {
            Vector one = of(argument);
            if (first != null) {
                Kinds.alike(first, one, argument.at());
                Kinds.size(call.at(), first, one);
            }
            first = first == null || first.kind() == Kind.NOTHING || first.isConstant() && !one.isConstant()
                    ? one
                    : first;
            size = Math.max(size, one.size());
            all.add(one);
        }
        boolean constant = all.stream().allMatch(Vector::isConstant);
        int[] which = new int[constant ? 1 : size];
        for (int row = 0; row < which.length; row++) {
            which[row] = -1;
            for (int i = 0; i < all.size() && which[row] < 0; i++) {
                which[row] = all.get(i).isMissing(row) ? -1 : i;
            }
        }
        Vector chosen = Vectors.chosen(all, which);
        return constant ? Vectors.constant(chosen, size) : chosen;
    }

    /** Works out a column for itself, whatever branch it stands in. */
    Vector apart(Expression of) {
        Truths before = taken;
        taken = null;
        try {
            return of(of);
        } finally {
            taken = before;
        }
    }

    /** Lists, which only the jotter has. */
    private Several lists(Expression asked) {
        if (!scope.hasLists()) {
            throw Fault.of(asked.at(), "language.no-lists");
        }
        return several;
    }
}
