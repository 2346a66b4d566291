package promedio.core.formula;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.Paired;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;

/**
 * The value of formulas for one sample. Each node is computed once, known by identity. With a rounding, every figure
 * that a hand writes on a line of its own is rounded as it is written: named parts, cells other than data, totals;
 * counts and positions are not.
 */
public final class Evaluation {
    private final Sample sample;
    private final LineRounding rounding;
    private final ClassLookup classes;
    private final IdentityHashMap<Formula, Object> known = new IdentityHashMap<>();

    private Evaluation(Sample sample, LineRounding rounding) {
        this.sample = sample;
        this.classes = new ClassLookup(sample, this::value);
        this.rounding = rounding;
    }

    /** Exact evaluation. */
    public static Evaluation of(Sample sample) {
        return new Evaluation(sample, LineRounding.EXACT);
    }

    /** The same with a rounding at each line. */
    public Evaluation rounded(LineRounding lines) {
        return new Evaluation(sample, lines);
    }

    /** The sample it computes from. */
    public Sample sample() {
        return sample;
    }

    /** The rounding at each line. */
    public LineRounding rounding() {
        return rounding;
    }

    /** What a formula comes to: a figure, figures, or undefined with the reason. */
    public Outcome outcome(Formula formula) {
        try {
            Optional<List<Figure>> several = several(bare(formula));
            if (several.isPresent()) {
                return new Outcome.Several(several.get());
            }
            return new Outcome.Single(value(formula));
        } catch (NoValue none) {
            return new Outcome.Undefined(none.reason());
        }
    }

    /** The figures of a node that may have more than one; empty for a node of another kind. */
    private Optional<List<Figure>> several(Formula bare) {
        if (bare instanceof Formula.Commonest) {
            List<Exact> modes = sample.ranking().commonest();
            if (modes.isEmpty()) {
                throw new NoValue(Sentence.of("undefined.no-mode"));
            }
            return Optional.of(List.copyOf(modes));
        }
        if (bare instanceof Formula.Series series) {
            if (series.members().isEmpty()) {
                throw noMode();
            }
            return Optional.of(series.members().stream().map(this::value).toList());
        }
        if (bare instanceof Formula.Beyond beyond) {
            List<Figure> found = beyond(value(beyond.lower()), value(beyond.upper()));
            if (found.isEmpty()) {
                throw new NoValue(Sentence.of("undefined.none-beyond"));
            }
            return Optional.of(found);
        }
        return Optional.empty();
    }

    private NoValue noMode() {
        return new NoValue(sample.classes()
                .flatMap(table -> table.modes().whyNone())
                .orElseGet(() -> Sentence.of("undefined.no-mode")));
    }

    /** Reciprocals and the root of a product are of positive values only. */
    private void needPositive() {
        needValues();
        if (sample.ranking().distinct().at(0).signum() <= 0) {
            throw new NoValue(Sentence.of("need.positive"));
        }
    }

    private void needValues() {
        if (sample.rows() == 0) {
            throw new NoValue(Sentence.of("need.a-value"));
        }
    }

    /** Midpoints are needed: an end that is missing leaves no value. */
    private void needMidpoints() {
        if (sample.isOpenEnded()) {
            throw new NoValue(Sentence.of("undefined.open-class"));
        }
    }

    private List<Figure> beyond(Figure lower, Figure upper) {
        Decimals distinct = sample.ranking().distinct();
        List<Figure> found = new ArrayList<>();
        for (int i = 0; i < distinct.size() && distinct.at(i).compare(lower) < 0; i++) {
            found.add(distinct.at(i));
        }
        int first = distinct.size();
        while (first > found.size() && distinct.at(first - 1).compare(upper) > 0) {
            first--;
        }
        for (int i = first; i < distinct.size(); i++) {
            found.add(distinct.at(i));
        }
        return found;
    }

    private static Formula bare(Formula formula) {
        return formula instanceof Formula.Named named ? bare(named.body()) : formula;
    }

    /** The value of a node that does not vary by row. */
    private Figure value(Formula formula) {
        Object before = known.get(formula);
        if (before == null) {
            try {
                before = formula.fold(new Value());
            } catch (NoValue none) {
                before = none;
            }
            known.put(formula, before);
        }
        if (before instanceof NoValue none) {
            throw none;
        }
        return (Figure) before;
    }

    /** The figure in one row’s cell of a column, rounded unless it is data; empty where it has none. */
    public Optional<Figure> cell(Formula column, int row) {
        try {
            return Optional.of(cell(column, Row.of(sample, row)));
        } catch (NoValue none) {
            return Optional.empty();
        }
    }

    private Figure cell(Formula column, Row row) {
        if (column instanceof Formula.Variable letter) {
            return row.read(letter.letter(), sample);
        }
        if (!column.variesByRow()) {
            return value(column);
        }
        if (column instanceof Formula.Named named) {
            return cell(named.body(), row);
        }
        if (column instanceof Formula.GivenCells given) {
            Figure own = given.figures().get(row.index());
            return own != null ? own : cell(given.column(), row);
        }
        if (column instanceof Formula.Operation operation) {
            List<Formula> operands = operation.operands();
            Figure left = cell(operands.get(0), row);
            Figure figure = Operating.on(operation, left, operands.size() == 1 ? left : cell(operands.get(1), row));
            return rounding.isExact() || Patterns.isData(column) ? figure : rounding.write(figure);
        }
        throw NoValue.because("undefined.no-cell");
    }

    private final class Value implements Cases<Figure> {
        @Override
        public Figure constant(Formula.Constant node) {
            return node.value();
        }

        @Override
        public Figure variable(Formula.Variable node) {
            throw new NoValue(Sentence.of("undefined.no-row"));
        }

        @Override
        public Figure count(Formula.Count node) {
            return switch (node.what()) {
                case VALUES -> sample.count();
                case DISTINCT -> Exact.of(sample.ranking().distinct().size());
                case MISSING -> sample.missing();
                case BELOW -> sample.ranking().countBelow(node.bound());
                case EQUAL -> sample.ranking().countOf(node.bound());
                case CONCORDANT -> pairs().concordance().concordant();
                case DISCORDANT -> pairs().concordance().discordant();
                case TIED_IN_X -> pairs().tiedInFirst();
                case TIED_IN_Y -> pairs().tiedInSecond();
                case TIE_CUBES_IN_X -> pairs().cubesInFirst();
                case TIE_CUBES_IN_Y -> pairs().cubesInSecond();
            };
        }

        @Override
        public Figure named(Formula.Named node) {
            Figure value = value(node.body());
            return node.symbol().counts() ? value : rounding.write(value);
        }

        @Override
        public Figure operation(Formula.Operation node) {
            List<Formula> operands = node.operands();
            Figure left = value(operands.get(0));
            return Operating.on(node, left, operands.size() == 1 ? left : value(operands.get(1)));
        }

        @Override
        public Figure total(Formula.Total node) {
            needMidpoints();
            Optional<Figure> ofPairs = ofPairs(node);
            if (ofPairs.isPresent()) {
                return written(node, ofPairs.get());
            }
            Optional<Formula> counted = Patterns.counted(node.each()).filter(each -> !Patterns.goesByRow(each));
            if (counted.filter(Patterns::isReciprocal).isPresent()) {
                needPositive();
            }
            if (counted.isEmpty() || node.rows() instanceof Rows.Where) {
                return written(node, rowByRow(node));
            }
            return written(node, ofValues(node, counted.get()));
        }

        /** A total as a hand writes it down: rounded unless it is of data. */
        private Figure written(Formula.Total node, Figure total) {
            return Patterns.isData(node.each()) ? total : rounding.write(total);
        }

        @Override
        public Figure given(Formula.Given node) {
            return node.figure();
        }

        @Override
        public Figure givenCells(Formula.GivenCells node) {
            throw NoValue.because("undefined.no-row");
        }

        @Override
        public Figure pick(Formula.Pick node) {
            needMidpoints();
            Exact rank = rank(value(node.rank()));
            if (Row.isValue(node.each())) {
                return sample.ranking().at(rank);
            }
            if (node.each().equals(Row.Y)) {
                return pairs().second().ranking().at(rank);
            }
            return Patterns.distanceFrom(node.each())
                    .flatMap(Evaluation.this::ratio)
                    .<Figure>map(centre -> sample.ranking().distanceAt(centre, rank))
                    .orElseGet(() -> RowTotals.cellAt(sample, row -> cell(node.each(), row), rank));
        }

        @Override
        public Figure commonest(Formula.Commonest node) {
            List<Exact> modes = sample.ranking().commonest();
            if (modes.size() != 1) {
                throw new NoValue(
                        modes.isEmpty()
                                ? Sentence.of("undefined.no-mode")
                                : Sentence.of("undefined.several-modes", modes.size()));
            }
            return modes.get(0);
        }

        @Override
        public Figure series(Formula.Series node) {
            int size = node.members().size();
            if (size != 1) {
                throw size == 0 ? noMode() : new NoValue(Sentence.of("undefined.several-modes", size));
            }
            return value(node.members().get(0));
        }

        @Override
        public Figure found(Formula.Found node) {
            return Exact.of(classes.first(node));
        }

        @Override
        public Figure reading(Formula.Reading node) {
            if (!(node.found() instanceof Formula.Found found)) {
                throw new NoValue(Sentence.of("undefined.no-class"));
            }
            return classes.read(node.what(), found);
        }

        @Override
        public Figure tail(Formula.Tail node) {
            return TailShare.of(
                    node, node.of().stream().map(Evaluation.this::value).toList());
        }

        @Override
        public Figure cut(Formula.Cut node) {
            return TailShare.of(
                    node, node.of().stream().map(Evaluation.this::value).toList());
        }

        @Override
        public Figure beyond(Formula.Beyond node) {
            throw new NoValue(Sentence.of("undefined.not-one"));
        }

        @Override
        public Figure rootOfProduct(Formula.RootOfProduct node) {
            needMidpoints();
            needPositive();
            return GeometricRoot.of(sample);
        }
    }

    private Paired pairs() {
        return sample.paired().orElseThrow(() -> NoValue.because("undefined.no-pairs"));
    }

    /** A total over all pairs that follows from their sums; empty where it does not, or y does not stand in it. */
    private Optional<Figure> ofPairs(Formula.Total node) {
        return Patterns.counted(node.each())
                .filter(each -> node.rows() instanceof Rows.All
                        && sample.kind().can(Use.VARIABLES)
                        && Patterns.goesByRow(each)
                        && (rounding.isExact() || Patterns.isData(each)))
                .flatMap(each -> Polynomial.of(each, this::value))
                .map(polynomial -> polynomial.total(sample));
    }

    /** A rank at which there is a value: whole where values are counted, and within 1 … n. */
    private Exact rank(Figure at) {
        boolean there = at instanceof Exact rank
                && rank.signum() > 0
                && rank.compareTo(sample.count()) <= 0
                && (sample.shape().relative() || rank.isWhole());
        if (!there || sample.rows() == 0) {
            throw new NoValue(Sentence.of("undefined.no-rank", at));
        }
        return (Exact) at;
    }

    /** The value of a node where that is a ratio. */
    private Optional<Exact> ratio(Formula formula) {
        return value(formula) instanceof Exact ratio ? Optional.of(ratio) : Optional.empty();
    }

    /** Σ|x − c| by splitting the sorted values at c: S − n·c + 2·(c·n₋ − S₋) with n₋, S₋ of the values below c. */
    private Optional<Figure> distanceFrom(Formula each) {
        return Patterns.distanceFrom(each).flatMap(this::ratio).map(centre -> {
            Exact below = sample.ranking().countBelow(centre);
            Exact sumBelow = sample.ranking().sumBelow(centre);
            return sample.powerSum(1)
                    .minus(sample.count().times(centre))
                    .plus(centre.times(below).minus(sumBelow).times(2));
        });
    }

    /** Σf·e: of power sums where that is possible, else of the values in order of size. */
    private Figure ofValues(Formula.Total node, Formula each) {
        Function<Row, Figure> cell = row -> cell(node.each(), row);
        if (node.rows() instanceof Rows.Ranks ranks) {
            Exact from = rank(ranks.from());
            if (ranks.to().compareTo(from) < 0) {
                return Exact.ZERO;
            }
            Exact to = rank(ranks.to());
            return Row.isValue(each)
                    ? sample.ranking().sumOfRanks(from, to)
                    : RowTotals.ofRanks(sample, cell, from, to);
        }
        if (!rounding.isExact() && !Row.isValue(each)) {
            return RowTotals.ofValues(sample, cell);
        }
        Optional<Polynomial> polynomial = Polynomial.of(each, this::value);
        if (polynomial.isPresent()) {
            return polynomial.get().total(sample);
        }
        return Patterns.isReciprocal(each)
                ? RowTotals.ofReciprocals(sample)
                : distanceFrom(each).orElseGet(() -> RowTotals.ofValues(sample, cell));
    }

    private Figure rowByRow(Formula.Total node) {
        Function<Row, Figure> cell = row -> cell(node.each(), row);
        if (node.rows() instanceof Rows.Where where) {
            return RowTotals.ofRows(
                    sample,
                    row -> where.order().holds(cell(where.left(), row).compare(cell(where.right(), row))),
                    cell);
        }
        if (node.rows() instanceof Rows.Ranks ranks) {
            return RowTotals.ofRanks(sample, cell, rank(ranks.from()), rank(ranks.to()));
        }
        return RowTotals.ofRows(sample, row -> true, cell);
    }
}
