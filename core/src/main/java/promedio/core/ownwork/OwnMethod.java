package promedio.core.ownwork;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.course.CourseCard;
import promedio.core.measure.Catalogue;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind.Use;

/** A method by hand as it is set out on paper: the columns of its table behind the data, and the lines below it. */
public enum OwnMethod {
    /** Variance and standard deviation from deviations. */
    DEVIATIONS(
            List.of(Quantity.DEVIATION, Quantity.DEVIATION2),
            List.of(Quantity.FX, Quantity.DEVIATION, Quantity.DEVIATION2, Quantity.F_DEVIATION2),
            List.of("mean", "variance", "sd")),
    /** Variance and standard deviation from Σx and Σx². */
    TOTALS(List.of(Quantity.X2), List.of(Quantity.FX, Quantity.FX2), List.of("mean", "variance", "sd")),
    /** The same from an assumed mean. */
    ASSUMED_MEAN(
            List.of(Quantity.D, Quantity.D2),
            List.of(Quantity.D, Quantity.FD, Quantity.FD2),
            List.of("mean", "variance", "sd")),
    /** The same in steps of the width of the classes. */
    STEP_DEVIATIONS(List.of(), List.of(Quantity.U, Quantity.FU, Quantity.FU2), List.of("mean", "variance", "sd")),
    /** The mean from Σfx. */
    MEAN(List.of(), List.of(Quantity.FX), List.of("mean")),
    /** Median and quartiles from the frequencies so far. */
    CUMULATIVE(List.of(), List.of(Quantity.CF), List.of("median", "quartile-1", "quartile-3", "iqr")),
    /** The mean deviation. */
    MEAN_DEVIATION(
            List.of(Quantity.ABS_DEVIATION),
            List.of(Quantity.ABS_DEVIATION, Quantity.F_ABS_DEVIATION),
            List.of("mean", "mean-deviation")),
    /** Skewness and kurtosis from moments. */
    MOMENTS(
            List.of(Quantity.DEVIATION, Quantity.DEVIATION2, Quantity.DEVIATION3, Quantity.DEVIATION4),
            List.of(Quantity.DEVIATION, Quantity.F_DEVIATION2, Quantity.F_DEVIATION3, Quantity.F_DEVIATION4),
            List.of("mean", "skewness-moment", "kurtosis-moment")),
    /** Shares of the whole. */
    SHARES(List.of(), List.of(Quantity.RELATIVE, Quantity.PERCENT), List.of()),
    /** How high the columns of a histogram are. */
    DENSITIES(List.of(), List.of(Quantity.LOWER, Quantity.UPPER, Quantity.WIDTH, Quantity.DENSITY), List.of()),
    /** Ranks by size. */
    RANKS(List.of(Quantity.RANK), List.of(), List.of("median")),
    /** Correlation and line from Σx, Σy, Σxy, Σx² and Σy². */
    PRODUCTS(
            List.of(Quantity.XY, Quantity.X2, Quantity.Y2),
            List.of(),
            List.of("mean/x", "mean/y", "slope", "intercept", "correlation-pearson"));

    /** From so many times as many values as there are different ones on, a list is tallied first. */
    private static final int TALLIED = 2;

    private static final int MOST_PLACES = 12;

    private final List<Quantity> ofEach;
    private final List<Quantity> ofCounted;
    private final List<String> lines;

    /**
     * @param ofEach the columns where each row counts once; none where the method is not for such rows
     * @param ofCounted the columns where rows have frequencies; none where the method is not for such rows
     */
    OwnMethod(List<Quantity> ofEach, List<Quantity> ofCounted, List<String> lines) {
        this.ofEach = ofEach;
        this.ofCounted = ofCounted;
        this.lines = lines;
    }

    /** Its stable id: {@code step-deviations}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The method with an id; empty where there is none. */
    public static Optional<OwnMethod> find(String id) {
        return Arrays.stream(values()).filter(one -> one.id().equals(id)).findFirst();
    }

    /** The methods by which a sample is worked, the usual one first. */
    public static List<OwnMethod> of(Sample sample) {
        return Arrays.stream(values()).filter(one -> one.fits(sample)).toList();
    }

    private boolean fits(Sample sample) {
        return this == PRODUCTS == sample.kind().can(Use.VARIABLES)
                && !worked(sample).isEmpty()
                && (this != DENSITIES || sample.classes().isPresent());
    }

    private List<Quantity> worked(Sample sample) {
        return isCounted(sample) ? ofCounted : ofEach;
    }

    /** Whether its table has a row for each different value, or class, with how often it comes. */
    static boolean isCounted(Sample sample) {
        return sample.weighted() || sample.classes().isPresent() || isTallied(sample);
    }

    /** Whether a list has so many equal values that they are counted first. */
    static boolean isTallied(Sample sample) {
        return sample.kind().can(Use.LISTED)
                && !sample.weighted()
                && sample.rows() >= TALLIED * sample.ranking().distinct().size();
    }

    /** The columns of its table for a sample, those with the data first. */
    public List<Quantity> columns(Sample sample) {
        List<Quantity> columns = new ArrayList<>();
        columns.add(sample.classes().isPresent() ? Quantity.CLASS : Quantity.X);
        if (sample.kind().can(Use.VARIABLES)) {
            columns.add(Quantity.Y);
        }
        if (isCounted(sample)) {
            columns.add(Quantity.F);
        }
        if (sample.classes().isPresent() && worked(sample).stream().anyMatch(one -> Recipe.rests(one, Quantity.X))) {
            columns.add(Quantity.MIDPOINT);
        }
        columns.addAll(worked(sample));
        return columns;
    }

    /** Every column that a table of a sample can have, data first: whatever can be worked out of what its rows have. */
    public static List<Quantity> every(Sample sample) {
        boolean classes = sample.classes().isPresent();
        boolean pairs = sample.kind().can(Use.VARIABLES);
        return Arrays.stream(Quantity.values())
                .filter(Quantity::isColumn)
                .filter(one -> classes || !one.isOfClasses())
                .filter(one -> pairs || one != Quantity.Y && !Recipe.rests(one, Quantity.Y))
                // The x of a class is its midpoint, and nobody ranks classes.
                .filter(one -> !classes || one != Quantity.X && one != Quantity.RANK)
                .toList();
    }

    /** The questions that the lines below its table answer, as far as a sample has them. */
    public List<String> lines(Sample sample, CourseCard card) {
        return lines.stream()
                .filter(line -> Catalogue.of(sample).find(line, card).isPresent())
                .toList();
    }

    /**
     * The table set out for a sample, with its data and nothing that is worked out; a tally is left to be made. What stands over the columns is
     * written with the letters of the course.
     *
     * @param heading what is written over a column
     */
    public OwnSheet blank(Sample sample, CourseCard card, Function<Quantity, String> heading) {
        List<Quantity> columns = columns(sample);
        DataRows data = DataRows.of(sample, card, isTallied(sample));
        List<List<String>> rows = new ArrayList<>();
        for (int row = 0; row < Math.min(OwnSheet.MOST_ROWS, data.rows().size()); row++) {
            List<String> cells = new ArrayList<>();
            for (Quantity what : columns) {
                cells.add(given(data.rows().get(row), what, isTallied(sample), card));
            }
            rows.add(cells);
        }
        return new OwnSheet(
                columns.stream()
                        .map(what -> new OwnSheet.Column(heading.apply(what), Optional.of(what)))
                        .toList(),
                rows,
                List.of(),
                lines(sample, card),
                Map.of());
    }

    private static String given(DataRows.Row row, Quantity what, boolean tallied, CourseCard card) {
        return switch (what) {
            case CLASS -> row.label();
            case X, Y -> written(row, what, card);
            case F -> tallied ? "" : written(row, what, card);
            default -> "";
        };
    }

    private static String written(DataRows.Row row, Quantity what, CourseCard card) {
        Exact figure = row.given().get(what);
        int places = figure.placesInFull().orElse(MOST_PLACES);
        String text = figure.toPlaces(places, HalfRule.HALF_UP).toPlainString().replace('-', '−');
        return text.replace('.', card.numerals().decimalMark());
    }
}
