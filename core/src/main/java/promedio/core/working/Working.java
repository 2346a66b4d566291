package promedio.core.working;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.formula.Columns;
import promedio.core.formula.Counted;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Lettering;
import promedio.core.formula.LineRounding;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Patterns;
import promedio.core.formula.Row;
import promedio.core.formula.Site;
import promedio.core.formula.Writer;
import promedio.core.measure.Measure;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;

/**
 * A measure worked as a hand does it: one line for each part with a symbol, in the order in which they are needed, and the
 * table of columns whose totals the lines use. With exact lines every = is true; with rounded lines each line shows what a
 * hand writes, and {@link #drift} how far that strays.
 */
public final class Working {
    private static final int MANY_ROWS = 2_000;

    private final Sample sample;
    private final Formula.Named formula;
    private final Evaluation evaluation;
    private final Evaluation exact;
    private final FigureText text;
    private final Writer symbols;
    private final Writer figures;
    private final CourseCard card;
    private final IdentityHashMap<Formula, Optional<Notation>> shown = new IdentityHashMap<>();

    /**
     * Works a measure.
     *
     * @param method one of the measure's methods for the sample's shape
     */
    public Working(Measure.Method method, Sample sample, CourseCard card) {
        this(method.formula(), sample, card);
    }

    /** Works a formula, be it one that nobody should work by. */
    public Working(Formula.Named formula, Sample sample, CourseCard card) {
        this.sample = sample;
        this.formula = Lettering.distinct(formula);
        this.card = card;
        this.exact = Evaluation.of(sample);
        this.evaluation = exact.rounded(card.lines());
        this.text = new FigureText(card, sample.places());
        this.symbols = new Writer(card.letters(), sample.weighted(), Writer.SYMBOLS);
        this.figures = new Writer(card.letters(), sample.weighted(), this::figureOf);
    }

    /**
     * One line: symbol = formula in symbols = formula in figures = result.
     *
     * @param site where it stands in the formula; of several places the first
     * @param part what the line works out
     * @param symbol its symbol
     * @param inSymbols the right side in symbols
     * @param inFigures the right side with figures put in; empty where that would repeat the result
     * @param result the result as shown, or why there is none
     * @param exact whether the result as shown is exactly what the right side gives, so that = is true
     * @param last whether it is the measure itself, rounded as the card asks
     * @param exactly with rounded lines, what exact working has here, where that differs
     */
    public record Line(
            Site site,
            Formula.Named part,
            Notation symbol,
            Notation inSymbols,
            Optional<Notation> inFigures,
            String result,
            boolean exact,
            boolean last,
            Optional<String> exactly) {
        /** The whole line as one notation. */
        public Notation notation() {
            List<Notation> items = new ArrayList<>();
            steps().forEach(step -> items.addAll(step.items()));
            return new Notation.Row(items);
        }

        /** The line in parts, each but the first from its sign of equality on: where it may be broken. */
        public List<Notation.Row> steps() {
            List<Notation.Row> steps = new ArrayList<>();
            Notation.Row end = Notation.row(exact ? Writer.EQUALS : Writer.ABOUT, Notation.numeral(result));
            // What is given is its own result.
            if (part.body() instanceof Formula.Constant || inSymbols.text().equals(symbol.text())) {
                steps.add(Notation.row(symbol));
            } else {
                steps.add(Notation.row(symbol, Writer.EQUALS, inSymbols));
            }
            inFigures.ifPresent(put -> steps.add(Notation.row(Writer.EQUALS, put)));
            steps.add(end);
            return List.copyOf(steps);
        }
    }

    /** The lines, the measure itself last. Empty when the measure has no value. */
    public List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        List<String> written = new ArrayList<>();
        for (Site site : formula.firstSites()) {
            if (formula.at(site) instanceof Formula.Named named
                    && (sample.weighted() || named == formula || !isN(named))
                    && !written.contains(named.symbol().id())) {
                written.add(named.symbol().id());
                line(site, named).ifPresent(lines::add);
            }
        }
        return lines;
    }

    private static boolean isN(Formula.Named named) {
        return named.body() instanceof Formula.Count count && count.what() == Counted.VALUES;
    }

    private Optional<Line> line(Site site, Formula.Named part) {
        Site body = site.part(0);
        boolean last = part == formula;
        Outcome outcome = evaluation.outcome(last ? part.body() : part);
        if (outcome.figures().isEmpty()) {
            return Optional.empty();
        }
        Notation inFigures = figures.write(part.body(), body);
        Notation inSymbols = symbols.write(part.body(), body);
        boolean single = outcome.figures().size() == 1;
        Figure value = outcome.figures().get(0);
        boolean rounded = last && !part.symbol().counts();
        String result = single && !rounded ? shownText(part, value) : text.answer(outcome);
        boolean plain = inFigures.text().equals(result) || inFigures.text().equals(inSymbols.text());
        boolean exact = !rounded || !single || text.answerIsExact(value);
        boolean roundedAway = !evaluation.rounding().isExact()
                && !part.symbol().counts()
                && !last
                && evaluation
                        .outcome(part.body())
                        .single()
                        .filter(value::equals)
                        .isEmpty();
        return Optional.of(new Line(
                site,
                part,
                symbols.symbol(part.symbol()),
                inSymbols,
                plain ? Optional.empty() : Optional.of(inFigures),
                result,
                exact && !roundedAway && value.isExact(),
                last,
                exactly(part, value)));
    }

    /** What exact working has in place of a rounded figure. */
    private Optional<String> exactly(Formula.Named part, Figure value) {
        if (evaluation.rounding().isExact()) {
            return Optional.empty();
        }
        return exact.outcome(part)
                .single()
                .filter(figure -> figure.compare(value) != 0)
                .map(text::carried);
    }

    /** The figure that stands for a node once it has been worked out: named parts, totals, picks and n. */
    private Optional<Notation> figureOf(Formula node) {
        if (node == formula
                || !(node instanceof Formula.Named
                        || node instanceof Formula.Total
                        || node instanceof Formula.Pick
                        || node instanceof Formula.Count)) {
            return Optional.empty();
        }
        return shown.computeIfAbsent(
                node, part -> evaluation.outcome(part).single().map(value -> Notation.numeral(shownText(part, value))));
    }

    private String shownText(Formula part, Figure value) {
        boolean counts = part instanceof Formula.Count
                || part instanceof Formula.Named named && named.symbol().counts();
        LineRounding rounding = evaluation.rounding();
        return rounding.isExact() || counts || part instanceof Formula.Pick
                ? text.carried(value)
                : isData(part)
                        ? text.carried(value)
                        : text.rounded(value, rounding.places().orElseThrow());
    }

    private static boolean isData(Formula part) {
        return part instanceof Formula.Total total && Patterns.isData(total.each());
    }

    /** The columns of the working table; empty when the measure needs none. */
    public List<Columns.Column> columns() {
        return Columns.of(formula, sample.weighted());
    }

    /** A column's head: x − x̄, or fx² where frequencies count. */
    public Notation head(Columns.Column column) {
        return symbols.write(column.expression());
    }

    /** The figure in a cell; empty where it has none. What is multiplied by f is a cell of its own, rounded unless it is data. */
    public Optional<Figure> cell(Columns.Column column, int row) {
        return evaluation.cell(column.expression(), row);
    }

    /** The cell as text. */
    public String cellText(Columns.Column column, int row) {
        return cell(column, row).map(figure -> cellText(column, figure)).orElse("");
    }

    private String cellText(Columns.Column column, Figure figure) {
        boolean data = Patterns.isData(column.expression());
        LineRounding rounding = evaluation.rounding();
        return data || rounding.isExact()
                ? text.carried(figure)
                : text.rounded(figure, rounding.places().orElseThrow());
    }

    /** The column's total as text, where the working uses it. */
    public Optional<String> totalText(Columns.Column column) {
        return column.totals().stream()
                .map(Formula.class::cast)
                .findFirst()
                .or(() -> teaching(column))
                .flatMap(total -> evaluation.outcome(total).single())
                .map(figure -> cellText(column, figure));
    }

    /** Totals that no line uses but that teach: deviations from the mean of a list add up to 0. */
    private Optional<Formula> teaching(Columns.Column column) {
        boolean fromMean = Patterns.deviationFrom(column.expression())
                .filter(Formula.Named.class::isInstance)
                .map(centre -> ((Formula.Named) centre).symbol().id())
                .filter("mean"::equals)
                .isPresent();
        return fromMean && !sample.weighted() ? Optional.of(Formula.total(column.expression())) : Optional.empty();
    }

    /** Whether working this takes a noticeable time: every cell of a large table is rounded. Then {@link #prepare} first. */
    public boolean isLong() {
        return !evaluation.rounding().isExact()
                && sample.rows() > MANY_ROWS
                && !columns().isEmpty();
    }

    /** Works everything out, so that lines and drift are known at once afterwards. */
    public Working prepare() {
        lines();
        drift();
        return this;
    }

    /** Whether the table has a column f. */
    public boolean isWeighted() {
        return sample.weighted();
    }

    /** The number of rows of the table. */
    public int rows() {
        return sample.rows();
    }

    /** Whether what is lit up of its rows is an entry, not a value. */
    public boolean goesByEntry() {
        return sample.kind().can(Use.BY_ENTRY);
    }

    /** The entry that a row comes from. */
    public int entry(int row) {
        return sample.entry(row);
    }

    /** The value of a row. */
    public Exact value(int row) {
        return sample.value(row);
    }

    /** The frequency of a row as text. */
    public String weightText(int row) {
        return text.carried(sample.weight(row));
    }

    /** The total of the frequencies as text. */
    public String countText() {
        return text.carried(sample.count());
    }

    /** The figure that a part of the formula comes to here; empty where it has none, or more than one. */
    public Optional<Figure> figure(Formula part) {
        return evaluation.outcome(part).single();
    }

    /** The ranks, in order of size, at which the measure reads values: of medians and quartiles. */
    public List<Exact> ranksRead() {
        List<Exact> ranks = new ArrayList<>();
        formula.visit(node -> {
            if (node instanceof Formula.Pick pick && Row.isValue(pick.each())) {
                evaluation.outcome(pick.rank()).single().map(Exact.class::cast).ifPresent(rank -> {
                    if (!ranks.contains(rank)) {
                        ranks.add(rank);
                    }
                });
            }
        });
        return ranks;
    }

    /** With rounded lines, the answer they lead to minus the exact value; empty for exact lines. */
    public Optional<Figure> drift() {
        if (evaluation.rounding().isExact()) {
            return Optional.empty();
        }
        Optional<Figure> rounded = evaluation.outcome(formula.body()).single();
        Optional<Figure> exact = this.exact.outcome(formula).single();
        return rounded.flatMap(by -> exact.map(by::minus));
    }

    /** With rounded lines, why they lead nowhere although there is a value: a divisor rounded to 0. */
    public Optional<Sentence> stuck() {
        return evaluation
                .outcome(formula.body())
                .whyUndefined()
                .filter(reason -> exact.outcome(formula).whyUndefined().isEmpty())
                .map(reason -> Sentence.of("working.stuck", reason));
    }

    /** What the lines lead to, rounded as the card asks; differs from the exact answer by the drift. */
    public Optional<String> answer() {
        Outcome outcome = evaluation.outcome(formula.body());
        return outcome.single()
                .map(value -> text.answer(outcome, formula.symbol().counts()));
    }

    /** How figures are written here. */
    public Function<Figure, String> carriedText() {
        return text::carried;
    }

    /** Whether lines are rounded, and to how many places. */
    public Optional<Integer> roundedTo() {
        return card.get(CardKey.WORKING);
    }
}
