package promedio.core.ownwork;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.course.CourseCard;
import promedio.core.marking.Marker;
import promedio.core.marking.Told;
import promedio.core.marking.Verdict;
import promedio.core.measure.Catalogue;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.number.Root;

/** Marks the lines below a student's table: as answers, and where these do not explain them, from the student's own totals. */
public final class OwnLines {
    private static final Set<String> EXPLAINED =
            Set.of("agrees", "agrees-rounded", "convention", "follows", "drift", "names-the-class", "unreadable");

    private final OwnMarks marks;
    private final Marker marker;
    private final CourseCard card;

    private OwnLines(OwnMarks marks, Marker marker, CourseCard card) {
        this.marks = marks;
        this.marker = marker;
        this.card = card;
    }

    /**
     * A line as it is written.
     *
     * @param question what it answers, under the card
     */
    public record Line(String question, String answer) {}

    /** What is to be said of some lines, each beside those above it. */
    public static List<OwnLine> mark(OwnMarks marks, List<Line> lines, Marker marker, CourseCard card) {
        OwnLines all = new OwnLines(marks, marker, card);
        List<OwnLine> marked = new ArrayList<>();
        Map<String, String> earlier = new LinkedHashMap<>();
        for (Line line : lines) {
            marked.add(all.mark(line, earlier));
            earlier.putIfAbsent(line.question(), line.answer());
        }
        return marked;
    }

    private OwnLine mark(Line line, Map<String, String> earlier) {
        Verdict verdict = marker.mark(line.question(), line.answer(), earlier);
        if (EXPLAINED.contains(Told.of(verdict).id())) {
            return new OwnLine(line.question(), line.answer(), verdict, List.of());
        }
        return new OwnLine(line.question(), line.answer(), verdict, followed(line, earlier));
    }

    /** The totals of which one is wrong that lead to an answer; none where none do. */
    private List<Quantity> followed(Line line, Map<String, String> earlier) {
        Optional<Written> answer = marks.own().written(line.answer());
        if (answer.isEmpty()) {
            return List.of();
        }
        String measure = Catalogue.of(marks.own().data().sample())
                .find(line.question(), card)
                .map(found -> found.key())
                .orElse(line.question());
        Optional<Exact> mean = Optional.ofNullable(earlier.get("mean"))
                .flatMap(marks.own()::written)
                .map(Written::value);
        for (Way way : ways(measure, mean)) {
            boolean wrong = way.of.stream()
                    .anyMatch(what ->
                            marks.total(what).filter(sum -> !sum.isGood()).isPresent());
            if (wrong && agrees(answer.get(), way.value)) {
                return way.of.stream()
                        .filter(what ->
                                marks.total(what).filter(sum -> !sum.isGood()).isPresent())
                        .toList();
            }
        }
        return List.of();
    }

    /** A figure has two digits at least before it is said to come of something wrong. */
    private static boolean agrees(Written answer, Figure value) {
        return answer.figures() >= 2
                && (value.compare(answer.value()) == 0
                        || answer.places().isPresent()
                                && value.toPlaces(answer.places().getAsInt(), HalfRule.HALF_UP)
                                                .compareTo(answer.value()
                                                        .toPlaces(
                                                                answer.places().getAsInt(), HalfRule.HALF_UP))
                                        == 0);
    }

    /** A way to a figure, and the columns whose totals it goes by. */
    private record Way(Figure value, List<Quantity> of) {}

    private List<Way> ways(String measure, Optional<Exact> ownMean) {
        Optional<Exact> count = marks.own().data().whole(Quantity.COUNT);
        if (count.isEmpty() || count.get().signum() == 0) {
            return List.of();
        }
        List<Way> ways = new ArrayList<>();
        for (boolean own : new boolean[] {true, false}) {
            Optional<Exact> n = own ? total(Quantity.F) : count;
            if (n.filter(one -> one.signum() > 0).isEmpty()) {
                continue;
            }
            List<Quantity> counted = own ? List.of(Quantity.F) : List.of();
            String bare = measure.replaceFirst("/.*", "");
            switch (bare) {
                case "mean" -> means(n.get(), counted, ways);
                case "variance-sample", "sd-sample" ->
                    squares(n.get(), n.get().minus(Exact.ONE), counted, ownMean, bare.startsWith("sd"), ways);
                case "variance-population", "sd-population" ->
                    squares(n.get(), n.get(), counted, ownMean, bare.startsWith("sd"), ways);
                case "mean-deviation", "mean-deviation-median" ->
                    sum(Quantity.F_ABS_DEVIATION, Quantity.ABS_DEVIATION)
                            .ifPresent(
                                    what -> add(ways, total(what).orElseThrow().over(n.get()), counted, what));
                case "sum" ->
                    sum(Quantity.FX, Quantity.X)
                            .ifPresent(what -> add(ways, total(what).orElseThrow(), List.of(), what));
                default -> {
                    // Other figures do not come of totals alone.
                }
            }
        }
        return ways;
    }

    private Optional<Exact> total(Quantity what) {
        return marks.total(what).map(OwnMarker.Taken::value);
    }

    /** The column whose total counts every value: the weighted one, or without frequencies the plain one. */
    private Optional<Quantity> sum(Quantity weighted, Quantity plain) {
        if (total(weighted).isPresent()) {
            return Optional.of(weighted);
        }
        boolean each =
                marks.own().column(Quantity.F).isEmpty() && marks.own().data().isEach();
        return each && total(plain).isPresent() ? Optional.of(plain) : Optional.empty();
    }

    private static void add(List<Way> ways, Figure value, List<Quantity> counted, Quantity... of) {
        List<Quantity> all = new ArrayList<>(List.of(of));
        all.addAll(counted);
        ways.add(new Way(value, all));
    }

    private void means(Exact n, List<Quantity> counted, List<Way> ways) {
        sum(Quantity.FX, Quantity.X)
                .ifPresent(what -> add(ways, total(what).orElseThrow().over(n), counted, what));
        marks.assumedMean().ifPresent(a -> {
            sum(Quantity.FD, Quantity.D)
                    .ifPresent(
                            what -> add(ways, a.plus(total(what).orElseThrow().over(n)), counted, what));
            marks.step().ifPresent(h -> sum(Quantity.FU, Quantity.U)
                    .ifPresent(what ->
                            add(ways, a.plus(h.times(total(what).orElseThrow()).over(n)), counted, what)));
        });
    }

    /** Every way from sums of squares to a variance, or its root. */
    private void squares(
            Exact n, Exact divisor, List<Quantity> counted, Optional<Exact> mean, boolean root, List<Way> ways) {
        if (divisor.signum() <= 0) {
            return;
        }
        sum(Quantity.F_DEVIATION2, Quantity.DEVIATION2)
                .ifPresent(what -> spread(ways, root, total(what).orElseThrow().over(divisor), counted, what));
        corrected(Exact.ONE, Quantity.FX2, Quantity.X2, Quantity.FX, Quantity.X, n, divisor, counted, root, ways);
        corrected(Exact.ONE, Quantity.FD2, Quantity.D2, Quantity.FD, Quantity.D, n, divisor, counted, root, ways);
        marks.step()
                .ifPresent(h -> corrected(
                        h.squared(),
                        Quantity.FU2,
                        Quantity.U2,
                        Quantity.FU,
                        Quantity.U,
                        n,
                        divisor,
                        counted,
                        root,
                        ways));
        mean.ifPresent(own -> sum(Quantity.FX2, Quantity.X2)
                .ifPresent(what -> spread(
                        ways,
                        root,
                        total(what).orElseThrow().minus(n.times(own.squared())).over(divisor),
                        counted,
                        what)));
    }

    private void corrected(
            Exact scale,
            Quantity weightedSquare,
            Quantity square,
            Quantity weighted,
            Quantity plain,
            Exact n,
            Exact divisor,
            List<Quantity> counted,
            boolean root,
            List<Way> ways) {
        Optional<Quantity> squares = sum(weightedSquare, square);
        Optional<Quantity> sums = sum(weighted, plain);
        if (squares.isPresent() && sums.isPresent()) {
            Exact sum = total(sums.get()).orElseThrow();
            spread(
                    ways,
                    root,
                    scale.times(total(squares.get())
                                    .orElseThrow()
                                    .minus(sum.squared().over(n)))
                            .over(divisor),
                    counted,
                    squares.get(),
                    sums.get());
        }
    }

    private static void spread(List<Way> ways, boolean root, Exact variance, List<Quantity> counted, Quantity... of) {
        if (!root) {
            add(ways, variance, counted, of);
        } else if (variance.signum() >= 0) {
            add(ways, Root.of(1, variance), counted, of);
        }
    }
}
