package promedio.core.ownwork;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.number.Exact;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Paired;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind.Use;
import promedio.core.tabulate.ClassLabel;

/** The rows that a student's table should have: what is given of each, and what follows from it. */
final class DataRows {
    private final Sample sample;
    private final boolean classes;
    private final List<Row> rows = new ArrayList<>();
    private final Map<Quantity, Exact> whole = new EnumMap<>(Quantity.class);

    /**
     * A row.
     *
     * @param label the class as it is written; empty where there are no classes
     * @param stated the ends of the class as they are written
     * @param entry the entry of the sample
     */
    record Row(Map<Quantity, Exact> given, String label, Optional<ClassLabel> stated, int entry) {}

    private DataRows(Sample sample, CourseCard card, boolean classes) {
        this.sample = sample;
        this.classes = classes;
        whole.put(Quantity.COUNT, sample.count());
        one(sample, card, "mean").ifPresent(mean -> whole.put(Quantity.MEAN, mean));
        one(sample, card, "median").ifPresent(median -> whole.put(Quantity.CENTRE, median));
    }

    /** Of a figure of the whole that is a ratio. */
    private static Optional<Exact> one(Sample sample, CourseCard card, String key) {
        String asked = key.equals("mean") && sample.kind().can(Use.VARIABLES) ? "mean/x" : key;
        return Catalogue.of(sample)
                .find(asked, card)
                .flatMap(measure -> measure.outcome(Evaluation.of(sample)).single())
                .filter(Exact.class::isInstance)
                .map(Exact.class::cast);
    }

    /** The rows of a sample, a row for each value, or for each that is different. */
    static DataRows of(Sample sample, CourseCard card, boolean distinct) {
        DataRows data = new DataRows(sample, card, sample.classes().isPresent());
        if (sample.classes().isPresent()) {
            data.addClasses(sample.classes().get(), card);
        } else if (sample.kind().can(Use.VARIABLES)) {
            data.addPairs(sample.paired().orElseThrow());
        } else if (distinct) {
            for (int i = 0; i < sample.ranking().distinct().size(); i++) {
                data.add(sample.ranking().distinct().at(i), sample.ranking().weight(i), i);
            }
        } else {
            for (int i = 0; i < sample.rows(); i++) {
                data.add(sample.value(i), sample.weight(i), i);
            }
        }
        data.cumulate();
        return data;
    }

    private Row add(Exact x, Exact weight, int entry) {
        Map<Quantity, Exact> given = new EnumMap<>(Quantity.class);
        given.put(Quantity.X, x);
        given.put(Quantity.F, weight);
        Row row = new Row(given, "", Optional.empty(), entry);
        rows.add(row);
        return row;
    }

    private void addPairs(Paired pairs) {
        Exact sum = Exact.ZERO;
        for (int i = 0; i < sample.rows(); i++) {
            Exact y = pairs.second().value(i);
            add(sample.value(i), sample.weight(i), i).given().put(Quantity.Y, y);
            sum = sum.plus(y.times(sample.weight(i)));
        }
        if (sample.count().signum() > 0) {
            whole.put(Quantity.MEAN_OF_Y, sum.over(sample.count()));
        }
    }

    private void addClasses(ClassTable table, CourseCard card) {
        for (ClassInterval one : table.classes()) {
            Map<Quantity, Exact> given = new EnumMap<>(Quantity.class);
            one.lower().ifPresent(lower -> given.put(Quantity.LOWER, lower));
            one.upper().ifPresent(upper -> given.put(Quantity.UPPER, upper));
            given.put(Quantity.F, one.frequency());
            rows.add(new Row(given, one.label(), ClassLabel.parse(one.label(), card.numerals()), one.entry()));
        }
    }

    /** Frequencies so far, from here on, and ranks, in order of size. */
    private void cumulate() {
        List<Integer> order = order();
        Exact before = Exact.ZERO;
        Exact all = rows.stream().map(row -> row.given().get(Quantity.F)).reduce(Exact.ZERO, Exact::plus);
        for (int at : order) {
            Exact f = rows.get(at).given().get(Quantity.F);
            rows.get(at).given().put(Quantity.CF_MORE, all.minus(before));
            before = before.plus(f);
            rows.get(at).given().put(Quantity.CF, before);
        }
        if (!classes) {
            for (Row row : rows) {
                Exact x = row.given().get(Quantity.X);
                Exact below = sample.ranking().countBelow(x);
                Exact equal = sample.ranking().countOf(x);
                row.given().put(Quantity.RANK, below.plus(equal.plus(Exact.ONE).half()));
            }
        }
    }

    /** The rows from the smallest value to the largest; classes stand in their order. */
    List<Integer> order() {
        List<Integer> order =
                new ArrayList<>(IntStream.range(0, rows.size()).boxed().toList());
        if (!classes) {
            order.sort(Comparator.comparing(at -> rows.get(at).given().get(Quantity.X)));
        }
        return order;
    }

    /** Whether every row counts once, so that a column adds up without frequencies. */
    boolean isEach() {
        return rows.stream().allMatch(row -> row.given().get(Quantity.F).equals(Exact.ONE));
    }

    List<Row> rows() {
        return rows;
    }

    Sample sample() {
        return sample;
    }

    /** x of classes is their midpoint, and the midpoint of a value is that value. */
    Quantity meant(Quantity what) {
        return switch (what) {
            case X -> classes ? Quantity.MIDPOINT : what;
            case MIDPOINT -> classes ? what : Quantity.X;
            default -> what;
        };
    }

    boolean ofClasses() {
        return classes;
    }

    /** A figure of the whole as it is; A and h are the student's choice. */
    Optional<Exact> whole(Quantity what) {
        return Optional.ofNullable(whole.get(what));
    }

    /** The median, where it is a ratio. */
    Optional<Exact> median() {
        return whole(Quantity.CENTRE);
    }

    /** What a figure of a row is, worked out from the data with these figures of the whole; empty where there is none. */
    Optional<Exact> figure(int row, Quantity asked, Map<Quantity, Exact> of) {
        Quantity what = meant(asked);
        if (!what.isColumn()) {
            return Optional.ofNullable(of.get(what)).or(() -> what == Quantity.CENTRE ? Optional.empty() : whole(what));
        }
        Exact given = rows.get(row).given().get(what);
        if (given != null) {
            return Optional.of(given);
        }
        for (Recipe recipe : Recipe.of(what)) {
            List<Exact> needs = new ArrayList<>();
            for (Quantity need : recipe.needs()) {
                figure(row, need, of).ifPresent(needs::add);
            }
            if (needs.size() == recipe.needs().size() && !divides(recipe, needs)) {
                return Optional.of(recipe.works().apply(needs));
            }
        }
        return Optional.empty();
    }

    /** Whether something would be divided by nothing. */
    static boolean divides(Recipe recipe, List<Exact> needs) {
        int last = recipe.needs().size() - 1;
        return switch (recipe.needs().get(last)) {
            case STEP, COUNT, WIDTH -> needs.get(last).signum() == 0;
            default -> false;
        };
    }
}
