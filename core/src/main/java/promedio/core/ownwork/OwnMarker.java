package promedio.core.ownwork;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.course.CourseCard;
import promedio.core.number.Exact;
import promedio.core.ownwork.CellMark.Verdict;
import promedio.core.sample.Sample;

/**
 * Marks a student's own table cell by cell: what is right, what is right from their own figures before it, and where it goes wrong first.
 * Definitions for relations, section 16.
 */
public final class OwnMarker {
    /** Which mean was used shows in so many rows already. */
    private static final int MOST_LOOKED_AT = 40;

    private final OwnColumns own;
    private final DataRows data;
    private final Map<Quantity, CellMark[]> marks = new EnumMap<>(Quantity.class);
    private final Map<Quantity, CellMark> totals = new EnumMap<>(Quantity.class);
    private final Map<Quantity, List<Taken>> candidates = new EnumMap<>(Quantity.class);
    private final CellSlips slips;
    /** The figures of the whole that a column rests on, as the student has them. */
    private final Map<Quantity, Map<Quantity, Taken>> wholes = new EnumMap<>(Quantity.class);

    /**
     * A figure that a cell may have been worked out from.
     *
     * @param isGood whether every figure of the student's in it is right
     * @param own whether there is any of the student's in it
     */
    record Taken(Exact value, boolean isGood, boolean own) {
        static Taken given(Exact value) {
            return new Taken(value, true, false);
        }
    }

    private OwnMarker(OwnColumns own, List<Taken> means) {
        this.own = own;
        this.data = own.data();
        this.slips = new CellSlips(own);
        List<Quantity> before = new ArrayList<>();
        List<Quantity> after = new ArrayList<>();
        own.columns().stream().flatMap(Optional::stream).distinct().sorted().forEach(one -> (one.isOfWhole()
                        ? after
                        : before)
                .add(one));
        before.forEach(this::mark);
        before.forEach(this::total);
        candidates.put(Quantity.COUNT, counts());
        OwnMeans taken = new OwnMeans(own, this::totalOf);
        candidates.put(Quantity.MEAN, taken.of(means, candidates.get(Quantity.COUNT)));
        data.whole(Quantity.MEAN_OF_Y).ifPresent(mean -> candidates.put(Quantity.MEAN_OF_Y, taken.ofY(mean)));
        after.forEach(one -> {
            mark(one);
            total(one);
        });
    }

    /**
     * Marks a table.
     *
     * @param said what each column is, where the student has said it
     * @param means the means that the student wrote below the table, as they stand there
     */
    public static OwnMarks mark(
            OwnTable table, Sample sample, CourseCard card, List<Optional<Quantity>> said, List<String> means) {
        OwnColumns own = OwnColumns.of(table, sample, card, said);
        List<Taken> written = means.stream()
                .flatMap(mean -> own.written(mean).stream())
                .map(mean -> new Taken(
                        mean.value(),
                        own.data().whole(Quantity.MEAN).map(mean::isRounded).orElse(true),
                        true))
                .toList();
        OwnMarker marker = new OwnMarker(own, written);
        return new OwnMarks(own, marker.marks, marker.totals, marker::way);
    }

    /** A table as it stands, with nothing said about it. */
    public static OwnMarks mark(OwnTable table, Sample sample, CourseCard card) {
        return mark(table, sample, card, List.of(), List.of());
    }

    // ---- figures of the whole

    /** Σf as it is, as the student added it up, or as their own frequencies add up. */
    private List<Taken> counts() {
        List<Taken> counts = new ArrayList<>();
        counts.add(Taken.given(data.whole(Quantity.COUNT).orElseThrow()));
        totalOf(Quantity.F).ifPresent(counts::add);
        sum(Quantity.F).ifPresent(counts::add);
        return counts;
    }

    private Optional<Taken> totalOf(Quantity what) {
        CellMark mark = totals.get(data.meant(what));
        return mark == null
                ? Optional.empty()
                : own.written(mark.text())
                        .map(sum -> new Taken(sum.value(), mark.verdict().isGood(), true));
    }

    // ---- cells

    /** The figure of a row as the student has it: their own cell, or worked out from their cells, or the data. */
    private Optional<Taken> taken(int row, Quantity asked, Map<Quantity, Taken> whole) {
        Quantity what = data.meant(asked);
        if (!what.isColumn()) {
            return whole.containsKey(what)
                    ? Optional.of(whole.get(what))
                    : figure(row, what).map(Taken::given);
        }
        Optional<Integer> column = own.column(what);
        if (column.isPresent()) {
            Optional<Written> cell = own.written(own.cell(row, column.get()));
            if (cell.isPresent()) {
                CellMark[] known = marks.get(what);
                // What nobody can decide is taken as it is.
                boolean good = known != null
                        && (known[row] == null || known[row].verdict().isGood());
                return Optional.of(new Taken(cell.get().value(), good, true));
            }
        }
        for (Recipe recipe : Recipe.of(what)) {
            Optional<Taken> made = made(row, recipe, whole);
            if (made.isPresent()) {
                return made;
            }
        }
        return figure(row, what).map(Taken::given);
    }

    /** What a recipe gives of the student's own figures; nothing where one is not there. */
    private Optional<Taken> made(int row, Recipe recipe, Map<Quantity, Taken> whole) {
        List<Exact> needs = new ArrayList<>();
        boolean good = true;
        boolean any = false;
        for (Quantity need : recipe.needs()) {
            Optional<Taken> one = taken(row, need, whole);
            if (one.isEmpty()) {
                return Optional.empty();
            }
            needs.add(one.get().value());
            good &= one.get().isGood();
            any |= one.get().own();
        }
        return DataRows.divides(recipe, needs)
                ? Optional.empty()
                : Optional.of(new Taken(recipe.works().apply(needs), good, any));
    }

    private Optional<Exact> figure(int row, Quantity what) {
        return own.datum(row).flatMap(at -> data.figure(at, what, own.whole()));
    }

    /** All that a cell may be from the student's own figures, with one choice of the figures of the whole. */
    private List<Taken> ways(int row, Quantity what, Map<Quantity, Taken> whole) {
        List<Taken> ways = new ArrayList<>();
        for (Recipe recipe : Recipe.of(what)) {
            made(row, recipe, whole).ifPresent(ways::add);
        }
        if (what == Quantity.CF || what == Quantity.CF_MORE) {
            ways.addAll(soFar(row, what));
        }
        if (what == Quantity.RANK) {
            own.datum(row)
                    .flatMap(at -> data.figure(at, Quantity.RANK, own.whole()))
                    .map(rank -> data.whole(Quantity.COUNT)
                            .orElseThrow()
                            .plus(Exact.ONE)
                            .minus(rank))
                    .map(Taken::given)
                    .ifPresent(ways::add);
        }
        return ways;
    }

    /** Their frequencies so far added up, and what they had before with this one added. */
    private List<Taken> soFar(int row, Quantity what) {
        List<Integer> order = new ArrayList<>(data.order());
        if (what == Quantity.CF_MORE) {
            Collections.reverse(order);
        }
        Map<Integer, Integer> rowOf = new HashMap<>();
        for (int other = 0; other < own.table().rows().size(); other++) {
            int at = other;
            own.datum(other).ifPresent(datum -> rowOf.put(datum, at));
        }
        Taken sum = new Taken(Exact.ZERO, true, false);
        List<Taken> ways = new ArrayList<>();
        Taken before = sum;
        for (int datum : order) {
            Integer at = rowOf.get(datum);
            Taken f = at == null
                    ? Taken.given(data.rows().get(datum).given().get(Quantity.F))
                    : taken(at, Quantity.F, Map.of()).orElse(Taken.given(Exact.ZERO));
            sum = plus(sum, f);
            if (at != null && at == row) {
                ways.add(plus(before, f));
                ways.add(sum);
                return ways;
            }
            Optional<Taken> written = at == null
                    ? Optional.empty()
                    : own.column(what)
                            .flatMap(column -> own.written(own.cell(at, column)))
                            .map(cell -> {
                                CellMark[] known = marks.get(what);
                                return new Taken(
                                        cell.value(),
                                        known[at] != null && known[at].verdict().isGood(),
                                        true);
                            });
            before = written.orElse(plus(before, f));
        }
        return ways;
    }

    /** How a cell is worked out of the student's own figures of its row, and what comes of it; empty for data. */
    private Optional<OwnWay> way(int row, Quantity asked) {
        Quantity what = data.meant(asked);
        Map<Quantity, Taken> whole = wholes.getOrDefault(what, Map.of());
        for (Recipe recipe : Recipe.of(what)) {
            Optional<Taken> made = made(row, recipe, whole);
            if (made.isPresent()) {
                List<Exact> needs = recipe.needs().stream()
                        .map(need -> taken(row, need, whole).orElseThrow().value())
                        .toList();
                return Optional.of(new OwnWay(recipe.written(needs), made.get().value()));
            }
        }
        return what == Quantity.CF || what == Quantity.CF_MORE
                ? soFar(row, what).stream().findFirst().map(sum -> addedUp(row, sum.value()))
                : Optional.empty();
    }

    private OwnWay addedUp(int row, Exact sum) {
        Exact f = taken(row, Quantity.F, Map.of()).map(Taken::value).orElse(Exact.ZERO);
        return new OwnWay(Recipe.written("{0} + {1}", List.of(sum.minus(f), f)), sum);
    }

    private static Taken plus(Taken one, Taken other) {
        return new Taken(one.value().plus(other.value()), one.isGood() && other.isGood(), one.own() || other.own());
    }

    private void mark(Quantity asked) {
        Quantity what = data.meant(asked);
        int column = own.column(asked).orElseThrow();
        if (marks.containsKey(what)) {
            return;
        }
        int rows = own.table().rows().size();
        CellMark[] cells = new CellMark[rows];
        marks.put(what, cells);
        Map<Quantity, Taken> whole = chosen(what, column);
        wholes.put(what, whole);
        for (int row : inOrder(what)) {
            String cell = own.cell(row, column);
            cells[row] = what == Quantity.CLASS ? ofClass(row, cell) : mark(row, what, cell, whole);
        }
    }

    /** Running totals are judged in their order, since each goes on from the one before; all else from the top down. */
    private List<Integer> inOrder(Quantity what) {
        List<Integer> rows = new ArrayList<>();
        for (int row = 0; row < own.table().rows().size(); row++) {
            rows.add(row);
        }
        if (what == Quantity.CF || what == Quantity.CF_MORE) {
            List<Integer> order = data.order();
            rows.sort(Comparator.comparing(
                    row -> own.datum(row).map(order::indexOf).orElse(Integer.MAX_VALUE)));
            if (what == Quantity.CF_MORE) {
                Collections.reverse(rows);
            }
        }
        return rows;
    }

    private CellMark ofClass(int row, String cell) {
        Optional<DataRows.Row> datum = own.datum(row).map(at -> data.rows().get(at));
        boolean right = datum.filter(one -> OwnRows.isClassOf(cell, one, own.numerals()))
                .isPresent();
        Verdict verdict = cell.isEmpty() ? Verdict.EMPTY : right ? Verdict.RIGHT : Verdict.WRONG;
        return new CellMark(cell, verdict, Optional.empty(), verdict == Verdict.WRONG, Optional.empty());
    }

    /** The mean and the count that most of the cells of a column come from. */
    private Map<Quantity, Taken> chosen(Quantity what, int column) {
        Map<Quantity, Taken> best = new EnumMap<>(Quantity.class);
        for (Quantity of : EnumSet.of(Quantity.COUNT, Quantity.MEAN, Quantity.MEAN_OF_Y)) {
            if (!Recipe.rests(what, of) || !candidates.containsKey(of)) {
                continue;
            }
            int looked = Math.min(own.table().rows().size(), MOST_LOOKED_AT);
            int most = -1;
            Taken chosen = null;
            for (Taken candidate : candidates.get(of)) {
                Map<Quantity, Taken> whole = new EnumMap<>(best);
                whole.put(of, candidate);
                int right = 0;
                for (int row = 0; row < looked; row++) {
                    int at = row;
                    Optional<Written> cell = own.written(own.cell(row, column));
                    right += cell.filter(one ->
                                            ways(at, what, whole).stream().anyMatch(way -> one.isRounded(way.value())))
                                    .isPresent()
                            ? 1
                            : 0;
                }
                if (right > most) {
                    most = right;
                    chosen = candidate;
                }
                if (right == looked) {
                    break;
                }
            }
            if (chosen != null) {
                best.put(of, chosen);
            }
        }
        return best;
    }

    /** The mark of a cell; null where nobody can decide whether it is right. */
    private CellMark mark(int row, Quantity what, String cell, Map<Quantity, Taken> whole) {
        Optional<Exact> expected = figure(row, what);
        if (cell.isEmpty()) {
            return new CellMark(cell, Verdict.EMPTY, expected, false, Optional.empty());
        }
        Optional<Written> read = own.written(cell);
        if (read.isEmpty()) {
            return new CellMark(cell, Verdict.UNREADABLE, expected, false, Optional.empty());
        }
        Written written = read.get();
        List<Taken> ways = ways(row, what, whole);
        if (expected.isEmpty() && ways.isEmpty() && isOpen(row, what)) {
            return null;
        }
        Verdict verdict = verdict(what, written, expected, ways);
        boolean first = verdict == Verdict.WRONG && ways.stream().allMatch(Taken::isGood);
        Optional<CellSlip> slip = verdict == Verdict.WRONG
                ? slips.of(
                        written, what, expected, need -> taken(row, need, whole).map(Taken::value), own.datum(row))
                : Optional.empty();
        return new CellMark(cell, verdict, expected, first, slip);
    }

    /** Whether a figure rests on the end of a class that has none under the card: what a student takes it for is theirs to choose. */
    private boolean isOpen(int row, Quantity what) {
        return own.datum(row)
                .map(at -> data.rows().get(at).given())
                .filter(given -> !given.containsKey(Quantity.LOWER) || !given.containsKey(Quantity.UPPER))
                .filter(given -> what.isOfClasses())
                .isPresent();
    }

    private static Verdict verdict(Quantity what, Written written, Optional<Exact> expected, List<Taken> ways) {
        if (expected.filter(written::is).isPresent()) {
            return Verdict.RIGHT;
        }
        if (what == Quantity.LOWER || what == Quantity.UPPER) {
            // 10 for 9.5 is the limit in place of the boundary, not a boundary that was rounded.
            return Verdict.WRONG;
        }
        if (expected.filter(written::isRounded).isPresent()) {
            return Verdict.ROUNDED;
        }
        Verdict verdict = Verdict.WRONG;
        for (Taken way : ways) {
            if (written.isRounded(way.value())) {
                if (way.isGood()) {
                    return Verdict.ROUNDED;
                }
                verdict = Verdict.FOLLOWS;
            }
        }
        return verdict;
    }

    // ---- totals

    private void total(Quantity asked) {
        Quantity what = data.meant(asked);
        Optional<String> text =
                own.table().totals().map(row -> row.get(own.column(asked).orElseThrow()));
        if (text.filter(cell -> !cell.isEmpty()).isEmpty() || totals.containsKey(what) || what == Quantity.CLASS) {
            return;
        }
        Optional<Exact> expected = right(what);
        Optional<Written> read = own.written(text.get());
        if (read.isEmpty()) {
            totals.put(what, new CellMark(text.get(), Verdict.UNREADABLE, expected, false, Optional.empty()));
            return;
        }
        List<Taken> ways = sum(what).map(List::of).orElse(List.of());
        Verdict verdict = verdict(what, read.get(), expected, ways);
        Optional<CellSlip> slip = verdict == Verdict.WRONG
                ? slips.ofTotal(
                        read.get(), what, expected, ways.stream().findFirst().map(Taken::value), this::right)
                : Optional.empty();
        boolean first = verdict == Verdict.WRONG && ways.stream().allMatch(Taken::isGood);
        totals.put(what, new CellMark(text.get(), verdict, expected, first, slip));
    }

    /** The total of a column as it should be. */
    private Optional<Exact> right(Quantity what) {
        Exact sum = Exact.ZERO;
        for (int row = 0; row < data.rows().size(); row++) {
            Optional<Exact> cell = data.figure(row, what, own.whole());
            if (cell.isEmpty()) {
                return Optional.empty();
            }
            sum = sum.plus(cell.get());
        }
        return Optional.of(sum);
    }

    /** What the student's own cells of a column add up to; empty where there is no such column, or a cell of it is no figure. */
    private Optional<Taken> sum(Quantity what) {
        Optional<Integer> column = own.column(what);
        CellMark[] cells = marks.get(data.meant(what));
        if (column.isEmpty() || cells == null) {
            return Optional.empty();
        }
        Taken sum = new Taken(Exact.ZERO, true, true);
        for (int row = 0; row < cells.length; row++) {
            Optional<Written> cell = own.written(own.cell(row, column.get()));
            if (cell.isEmpty() && (cells[row] == null || cells[row].verdict() != Verdict.EMPTY)) {
                return Optional.empty();
            }
            Exact figure = cell.map(Written::value).orElse(Exact.ZERO);
            boolean good = cells[row] == null || cells[row].verdict().isGood();
            sum = plus(sum, new Taken(figure, good, true));
        }
        return Optional.of(sum);
    }
}
