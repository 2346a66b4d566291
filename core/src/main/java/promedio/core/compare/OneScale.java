package promedio.core.compare;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.picture.Named;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.working.FigureText;

/**
 * Lists on one scale: each value as its standard score z = (x − mean)/sd, so many standard deviations above the mean of its own
 * list, with the divisor of the card. Values of one row can then be added up: a row's mean score and its rank among all rows.
 * Scores are exact; where a low value is the good one, its score counts with the other sign.
 */
public final class OneScale {
    /** Drawn scores keep so many places. */
    private static final int DRAWN_PLACES = 9;
    /** Means of scores this close are compared exactly, since rounding may part what is equal. */
    private static final double CLOSE = 1e-9;

    private static final int EQUAL_PLACES = 40;
    /** Places that scores are written with. */
    public static final int SCORE_PLACES = 2;

    private final List<Part> parts;
    private final List<Row> rows;
    private final int incomplete;

    private OneScale(List<Part> parts, List<Row> rows, int incomplete) {
        this.parts = List.copyOf(parts);
        this.rows = List.copyOf(rows);
        this.incomplete = incomplete;
    }

    /**
     * A list that is put on the scale.
     *
     * @param named its values, a row each
     * @param places for each row of the sample, the row in which it stands beside the others
     * @param lowIsGood whether a low value counts for its row
     */
    public record Source(Named named, List<Integer> places, boolean lowIsGood) {
        /** Copies the places. @throws IllegalArgumentException unless there is one a row */
        public Source {
            places = List.copyOf(places);
            if (places.size() != named.sample().rows()) {
                throw new IllegalArgumentException("Each value needs a place.");
            }
        }

        /** A list without anything missing: its values stand in rows 0, 1, 2 …. */
        public static Source of(Named named) {
            List<Integer> places = new ArrayList<>();
            for (int i = 0; i < named.sample().rows(); i++) {
                places.add(named.sample().entry(i));
            }
            return new Source(named, places, false);
        }
    }

    /**
     * A list on the scale.
     *
     * @param source what it was
     * @param mean its mean
     * @param sd its standard deviation, more than 0
     */
    public record Part(Source source, Figure mean, Figure sd) {
        /** The standard score of a value: how many standard deviations above the mean. */
        public Figure score(Exact value) {
            return value.minus(mean).over(sd);
        }

        /** What a score counts for its row: with the other sign where low values are good. */
        Figure counted(Exact value) {
            return source.lowIsGood() ? score(value).negated() : score(value);
        }

        /** Its scores as a sample, rounded to be drawn. */
        Named drawn() {
            Sample sample = source.named().sample();
            double centre = mean.toDouble();
            double spread = sd.toDouble();
            List<BigDecimal> scores = new ArrayList<>();
            for (int i = 0; i < sample.rows(); i++) {
                scores.add(BigDecimal.valueOf((sample.value(i).toDouble() - centre) / spread)
                        .setScale(DRAWN_PLACES, RoundingMode.HALF_EVEN)
                        .stripTrailingZeros());
            }
            return new Named(source.named().name(), "", Sample.list(Decimals.from(scores)), Optional.empty());
        }
    }

    /**
     * A row that has a value in every list.
     *
     * @param place which row, from 0
     * @param values its values, one a list
     * @param rank its rank, 1 for the largest mean; rows of equal means share the mean of their ranks
     */
    public record Row(int place, List<Exact> values, Exact rank) {
        /** Copies the values. */
        public Row {
            values = List.copyOf(values);
        }
    }

    /** What comes of putting lists on one scale: the scale, or why there is none. */
    public record Made(Optional<OneScale> scale, Optional<Sentence> why) {}

    /** Puts lists on one scale. */
    public static Made of(List<Source> sources, CourseCard card) {
        List<Part> parts = new ArrayList<>();
        for (Source source : sources) {
            Named named = source.named();
            if (!named.isList() || named.sample().weighted()) {
                return none("compare.scale.list", named.name());
            }
            Optional<Figure> mean = figure(named, "mean", card);
            Optional<Figure> sd = figure(named, "sd", card);
            if (mean.isEmpty() || sd.isEmpty()) {
                return none("compare.scale.few", named.name());
            }
            if (sd.get().signum() == 0) {
                return none("compare.scale.no-spread", named.name());
            }
            parts.add(new Part(source, mean.get(), sd.get()));
        }
        Map<Integer, List<Exact>> together = new LinkedHashMap<>();
        for (int i = 0; i < parts.size(); i++) {
            Source source = parts.get(i).source();
            for (int row = 0; row < source.places().size(); row++) {
                List<Exact> values = together.computeIfAbsent(source.places().get(row), place -> new ArrayList<>());
                // A row that misses an earlier list stays behind, and is counted as incomplete.
                if (values.size() == i) {
                    values.add(source.named().sample().value(row));
                }
            }
        }
        List<Integer> places = new ArrayList<>();
        List<List<Exact>> whole = new ArrayList<>();
        together.forEach((place, values) -> {
            if (values.size() == parts.size()) {
                places.add(place);
                whole.add(values);
            }
        });
        Exact[] ranks = ranks(whole, parts);
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < ranks.length; i++) {
            rows.add(new Row(places.get(i), whole.get(i), ranks[i]));
        }
        rows.sort(Comparator.comparingInt(Row::place));
        return new Made(Optional.of(new OneScale(parts, rows, together.size() - rows.size())), Optional.empty());
    }

    private static Made none(String key, Object... facts) {
        return new Made(Optional.empty(), Optional.of(Sentence.of(key, facts)));
    }

    private static Optional<Figure> figure(Named named, String question, CourseCard card) {
        return Catalogue.of(named.sample()).find(question, card).flatMap(measure -> measure.outcome(
                        Evaluation.of(named.sample()))
                .single());
    }

    /** What the scores of a row come to on average, nearly. */
    private static double near(List<Exact> values, List<Part> parts) {
        double sum = 0;
        for (int i = 0; i < values.size(); i++) {
            Part part = parts.get(i);
            double score = (values.get(i).toDouble() - part.mean().toDouble())
                    / part.sd().toDouble();
            sum += part.source().lowIsGood() ? -score : score;
        }
        return sum / values.size();
    }

    private static Figure mean(List<Exact> values, List<Part> parts) {
        Figure sum = Exact.ZERO;
        for (int i = 0; i < values.size(); i++) {
            sum = sum.plus(parts.get(i).counted(values.get(i)));
        }
        return sum.over(Exact.of(values.size()));
    }

    /** The ranks of rows, the largest mean first. */
    private static Exact[] ranks(List<List<Exact>> rows, List<Part> parts) {
        double[] near = rows.stream().mapToDouble(values -> near(values, parts)).toArray();
        List<Integer> order = IntStream.range(0, near.length)
                .boxed()
                .sorted(Comparator.<Integer>comparingDouble(i -> near[i]).reversed())
                .toList();
        Exact[] ranks = new Exact[near.length];
        int from = 0;
        while (from < near.length) {
            int to = from + 1;
            while (to < near.length && near[order.get(to - 1)] - near[order.get(to)] < CLOSE) {
                to++;
            }
            int before = from;
            for (List<Integer> equal : apart(order.subList(from, to), rows, parts)) {
                Exact rank = Exact.of(2L * before + equal.size() + 1).half();
                equal.forEach(row -> ranks[row] = rank);
                before += equal.size();
            }
            from = to;
        }
        return ranks;
    }

    /** Rows of means that are nearly equal, parted by their exact means; those of one mean together, the largest first. */
    private static Iterable<List<Integer>> apart(List<Integer> some, List<List<Exact>> rows, List<Part> parts) {
        if (some.stream().map(rows::get).distinct().count() == 1) {
            return List.of(some);
        }
        Map<BigDecimal, List<Integer>> apart = new TreeMap<>(Comparator.reverseOrder());
        // Sums of different roots that agree to so many digits are as good as equal.
        some.forEach(row -> apart.computeIfAbsent(
                        mean(rows.get(row), parts)
                                .toPlaces(EQUAL_PLACES, HalfRule.HALF_EVEN)
                                .stripTrailingZeros(),
                        mean -> new ArrayList<>())
                .add(row));
        return apart.values();
    }

    /** The lists. */
    public List<Part> parts() {
        return parts;
    }

    /** The rows that have a value in every list, in their order. */
    public List<Row> rows() {
        return rows;
    }

    /** The mean of what the scores of a row count. */
    public Figure mean(Row row) {
        return mean(row.values(), parts);
    }

    /** How many rows miss a value in some list, and have no mean. */
    public int incomplete() {
        return incomplete;
    }

    /** The lists as scores, to be drawn; their unit is the standard deviation. */
    public List<Named> drawn() {
        return parts.stream().map(Part::drawn).toList();
    }

    /** Who stands highest over all lists; empty where no row has a value in each. */
    public Optional<Sentence> best(IntFunction<String> names, FigureText text) {
        Optional<Row> first = rows.stream().min(Comparator.comparing(Row::rank));
        return first.map(row -> {
            List<Row> equal =
                    rows.stream().filter(one -> one.rank().equals(row.rank())).toList();
            String mean = text.rounded(mean(row), SCORE_PLACES);
            return equal.size() == 1
                    ? Sentence.of("compare.scale.best", names.apply(row.place()), mean, rows.size())
                    : Sentence.of(
                            "compare.scale.best-shared", equal.size(), names.apply(row.place()), mean, rows.size());
        });
    }

    /** How a row comes to its place: a sentence a list, and one for its mean and rank. */
    public List<Sentence> explained(Row row, String name, FigureText text) {
        List<Sentence> said = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            Exact value = row.values().get(i);
            Figure score = part.score(value);
            said.add(Sentence.of(
                    part.source().lowIsGood() ? "compare.scale.part-low" : "compare.scale.part",
                    part.source().named().name(),
                    text.carried(value),
                    text.carried(part.mean()),
                    text.carried(part.sd()),
                    text.rounded(score, SCORE_PLACES),
                    text.rounded(part.counted(value), SCORE_PLACES)));
        }
        said.add(Sentence.of(
                "compare.scale.row", name, text.rounded(mean(row), SCORE_PLACES), rank(row.rank()), rows.size()));
        return said;
    }

    /** A rank as it is written: whole, or half of one. */
    public static String rank(Exact rank) {
        return rank.isWhole()
                ? rank.numerator().toString()
                : rank.toPlaces(1, HalfRule.HALF_UP).toPlainString();
    }
}
