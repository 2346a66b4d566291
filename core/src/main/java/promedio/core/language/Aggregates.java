package promedio.core.language;

import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.vector.Kind;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;
import promedio.core.vector.Truths;
import promedio.core.vector.Vector;
import promedio.core.vector.Vectors;

/**
 * What needs more than the row it stands in: measures of columns and of groups of rows, places among the others, measures along a
 * row.
 */
final class Aggregates {
    private final Evaluator evaluator;
    private final Scope scope;
    private final Summaries summaries;
    /** The groups that summaries are of unless they say otherwise; null for all rows. */
    private Groups grouped;

    private boolean summarized;

    Aggregates(Evaluator evaluator, Scope scope, Summaries summaries) {
        this.evaluator = evaluator;
        this.scope = scope;
        this.summaries = summaries;
    }

    /** Whether a formula of groups is worked out, in which nothing may depend on a single row. */
    boolean isSummarized() {
        return summarized;
    }

    /** Works out a formula of summaries, one answer for each group. */
    Vector ofGroups(Expression expression, Groups groups) {
        grouped = groups;
        summarized = true;
        try {
            return evaluator.of(expression);
        } finally {
            grouped = null;
            summarized = false;
        }
    }

    /** What a summary is of: a column for itself, whatever branch it stands in. */
    private Vector apart(Expression of) {
        boolean outer = summarized;
        summarized = false;
        try {
            return evaluator.apart(of);
        } finally {
            summarized = outer;
        }
    }

    private Groups groups(List<Expression.Column> within, int rows) {
        if (within.isEmpty()) {
            return grouped != null ? grouped : Groups.all(rows);
        }
        List<Vector> columns = within.stream()
                .map(column -> scope.column(Scope.find(scope.names(), column)))
                .toList();
        return Groups.of(columns, rows);
    }

    /** A measure of each group as a column: for each row that of its group, or one for each group where formulas are of groups. */
    private Vector spread(Vector measures, Groups groups, List<Expression.Column> within, Place at) {
        if (summarized) {
            if (!within.isEmpty()) {
                throw Fault.of(at, "language.within-groups");
            }
            return measures;
        }
        return groups.one()
                ? Vectors.constant(measures, scope.hasLists() ? 1 : scope.rows())
                : measures.pick(groups.of());
    }

    /** A measure of a column, or of each group of its rows. */
    Vector summary(Expression.Summary summary) {
        Vector of = apart(summary.of());
        Measured measure = summary.measure();
        Vector whole =
                of.isConstant() && !scope.hasLists() && of.size() != scope.rows() ? of.stretched(scope.rows()) : of;
        Groups groups = groups(summary.within(), whole.size());
        boolean any = measure == Measured.COUNT || measure == Measured.DISTINCT;
        boolean picked = measure == Measured.MODE || measure == Measured.SMALLEST || measure == Measured.LARGEST;
        boolean texts = measure == Measured.MODE && (whole.kind() == Kind.TEXT || whole.kind() == Kind.TRUTH);
        if (picked && (whole.kind() == Kind.DATE || texts)) {
            Vector chosen = whole.pick(summaries.rows(measure, whole, groups));
            return spread(chosen, groups, summary.within(), summary.at());
        }
        Vector numbers = any ? whole : Kinds.numbers(whole, summary.of().at());
        return spread(
                summaries.measures(measure, summary.part(), numbers, groups), groups, summary.within(), summary.at());
    }

    /** How many rows pass a test, or what share of them. */
    Vector counted(Expression.Counted counted) {
        Vector inner = apart(counted.condition());
        Truths of = Kinds.truths(inner, counted.condition().at());
        int rows = scope.hasLists() ? of.size() : scope.rows();
        Groups groups = groups(counted.within(), rows);
        long[] yes = new long[groups.count()];
        long[] known = new long[groups.count()];
        for (int row = 0; row < rows; row++) {
            int group = groups.of()[row];
            yes[group] += of.isYes(row) ? 1 : 0;
            known[group] += of.isMissing(row) ? 0 : 1;
        }
        Numbers.Builder builder = new Numbers.Builder(groups.count());
        Register register = new Register();
        for (int group = 0; group < groups.count(); group++) {
            register.clear();
            if (!counted.share()) {
                register.whole(yes[group]);
            } else if (known[group] > 0) {
                register.figure(Exact.ratio(yes[group], known[group]));
            }
            builder.add(register);
        }
        return spread(builder.build(), groups, counted.within(), counted.at());
    }

    /** What a row is among the others: its rank, its score, what has come together until it. */
    Vector byPlace(Expression.ByPlace place) {
        if (summarized) {
            throw Fault.of(place.at(), "language.no-place");
        }
        Vector of = apart(place.of());
        Vector whole = of.isConstant() && !scope.hasLists() ? of.stretched(scope.rows()) : of;
        Groups groups = groups(place.within(), whole.size());
        return switch (place.standing()) {
            case SCORE -> summaries.scores(Kinds.numbers(whole, place.of().at()), groups);
            case RANK, RANK_FROM_LARGEST -> {
                boolean ordered = whole.kind() == Kind.DATE || whole.kind() == Kind.TEXT;
                yield summaries.ranks(
                        ordered ? whole : Kinds.numbers(whole, place.of().at()),
                        groups,
                        place.standing() == Expression.Standing.RANK_FROM_LARGEST);
            }
            case RUNNING_TOTAL ->
                summaries.runningTotals(Kinds.numbers(whole, place.of().at()), groups);
            case PREVIOUS -> {
                int[] before = new int[whole.size()];
                for (int row = 0; row < before.length; row++) {
                    before[row] = row - 1;
                }
                yield whole.pick(before);
            }
        };
    }

    /** The numbers of the rows, from 1. */
    Vector rowNumber(Expression.RowNumber number) {
        if (summarized || scope.hasLists()) {
            throw Fault.of(number.at(), "language.no-place");
        }
        Numbers.Builder builder = new Numbers.Builder(scope.rows());
        Register register = new Register();
        for (int row = 1; row <= scope.rows(); row++) {
            register.whole(row);
            builder.add(register);
        }
        return builder.build();
    }

    /** A measure of some cells of each row: each row is a group of its own. */
    Vector along(Expression.Along along) {
        if (summarized) {
            throw Fault.of(along.at(), "language.no-place");
        }
        List<Vector> columns = Scope.find(scope.names(), along.columns()).stream()
                .map(scope::column)
                .toList();
        int rows = scope.rows();
        Vector all = Vectors.oneAfterAnother(columns, rows).orElseThrow(() -> Fault.of(along.at(), "language.along"));
        int[] of = new int[columns.size() * rows];
        for (int i = 0; i < of.length; i++) {
            of[i] = i % Math.max(1, rows);
        }
        Groups groups = new Groups(of, rows, false);
        boolean any = along.measure() == Measured.COUNT || along.measure() == Measured.DISTINCT;
        boolean picked = along.measure() == Measured.MODE
                || along.measure() == Measured.SMALLEST
                || along.measure() == Measured.LARGEST;
        return picked && all.kind() != Kind.NUMBER && all.kind() != Kind.NOTHING
                ? all.pick(summaries.rows(along.measure(), all, groups))
                : summaries.measures(
                        along.measure(), Optional.empty(), any ? all : Kinds.numbers(all, along.at()), groups);
    }
}
