package promedio.core.ownwork;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import promedio.core.number.Exact;

/** A student's own table, marked. */
public final class OwnMarks {
    private final OwnColumns own;
    private final List<List<Optional<CellMark>>> cells = new ArrayList<>();
    private final List<Optional<CellMark>> totals = new ArrayList<>();

    private final BiFunction<Integer, Quantity, Optional<OwnWay>> ways;

    OwnMarks(
            OwnColumns own,
            Map<Quantity, CellMark[]> marks,
            Map<Quantity, CellMark> sums,
            BiFunction<Integer, Quantity, Optional<OwnWay>> ways) {
        this.own = own;
        this.ways = ways;
        for (int row = 0; row < own.table().rows().size(); row++) {
            List<Optional<CellMark>> line = new ArrayList<>();
            for (int column = 0; column < own.columns().size(); column++) {
                CellMark[] of = known(column).map(marks::get).orElse(null);
                line.add(of == null ? Optional.empty() : Optional.ofNullable(of[row]));
            }
            cells.add(List.copyOf(line));
        }
        for (int column = 0; column < own.columns().size(); column++) {
            totals.add(known(column).map(sums::get));
        }
    }

    /** What a column is, where it is the one in which that stands. */
    private Optional<Quantity> known(int column) {
        return own.columns()
                .get(column)
                .filter(one -> own.column(one).filter(at -> at == column).isPresent())
                .map(own.data()::meant);
    }

    /** The table. */
    public OwnTable table() {
        return own.table();
    }

    /** What each column is; empty where nothing that is known fits. */
    public List<Optional<Quantity>> columns() {
        return List.copyOf(own.columns());
    }

    /** The marks of the cells by row and column; none in a column that is nothing known. */
    public List<List<Optional<CellMark>>> cells() {
        return List.copyOf(cells);
    }

    /** The marks of the totals by column; none where nothing is written. */
    public List<Optional<CellMark>> totals() {
        return List.copyOf(totals);
    }

    /** The mark of a cell or total; none in a column that is nothing known, or of a total that is not written. */
    public Optional<CellMark> at(CellPlace place) {
        boolean total = place.row() >= cells.size();
        return place.column() >= totals.size()
                ? Optional.empty()
                : (total ? totals : cells.get(place.row())).get(place.column());
    }

    /** The entry of the sample that a row is about; empty where it is about none. */
    public Optional<Integer> entry(int row) {
        return own.datum(row).map(at -> own.data().rows().get(at).entry());
    }

    /** How a cell is worked out of the student's own figures before it; empty for data, and in a column that is nothing known. */
    public Optional<OwnWay> way(int row, int column) {
        return own.columns().get(column).flatMap(what -> ways.apply(row, what));
    }

    /**
     * What belongs into a cell or a total, from the student's own figures before it where there are any: in full where it ends within six places,
     * else to four. Empty where it is no figure, or rests on something that the student has not chosen yet.
     */
    public Optional<String> figure(CellPlace place) {
        if (place.column() >= own.columns().size()) {
            return Optional.empty();
        }
        Optional<Quantity> what = own.columns().get(place.column());
        Optional<Exact> figure = place.row() >= cells.size()
                ? sumOfCells(place.column()).filter(sum -> what.isPresent())
                : way(place.row(), place.column())
                        .map(OwnWay::comes)
                        .or(() -> what.flatMap(one ->
                                own.datum(place.row()).flatMap(at -> own.data().figure(at, one, own.whole()))));
        return figure.map(OwnFigure::rounded);
    }

    /** What comes of every cell that is some arithmetic, such as {@code 18*2.5}, by how it is written; of such as end within six places. */
    public Map<String, String> results() {
        Map<String, String> results = new HashMap<>();
        for (int column = 0; column < own.columns().size(); column++) {
            Optional<Quantity> what = own.columns().get(column);
            if (what.isEmpty() || what.get() == Quantity.CLASS) {
                continue;
            }
            for (int row = 0; row < own.table().rows().size(); row++) {
                result(own.cell(row, column), results);
            }
            int at = column;
            own.table().totals().ifPresent(totals -> result(totals.get(at), results));
        }
        return results;
    }

    private void result(String cell, Map<String, String> results) {
        own.written(cell)
                .filter(written -> written.places().isEmpty())
                .map(written -> OwnFigure.of(written.value()))
                .filter(figure -> !figure.endsWith("…"))
                .map(figure -> figure.replace('.', own.numerals().decimalMark()))
                .ifPresent(figure -> results.put(cell, figure));
    }

    /** A, as the student chose it; empty where no column rests on one. */
    public Optional<Exact> assumedMean() {
        return Optional.ofNullable(own.whole().get(Quantity.ORIGIN));
    }

    /** h, as the student chose it; empty where no column rests on one. */
    public Optional<Exact> step() {
        return Optional.ofNullable(own.whole().get(Quantity.STEP));
    }

    /** Whether anything is written that is no data. */
    public boolean isBegun() {
        for (int column = 0; column < columns().size(); column++) {
            int at = column;
            boolean worked =
                    columns().get(column).filter(what -> !what.isData()).isPresent();
            if (totals.get(column).isPresent()
                    || worked
                            && cells.stream()
                                    .flatMap(row -> row.get(at).stream())
                                    .anyMatch(mark -> mark.verdict() != CellMark.Verdict.EMPTY)) {
                return true;
            }
        }
        return false;
    }

    /** How many cells and totals have which verdict. */
    public Map<CellMark.Verdict, Integer> summary() {
        Map<CellMark.Verdict, Integer> counts = new EnumMap<>(CellMark.Verdict.class);
        for (CellMark.Verdict verdict : CellMark.Verdict.values()) {
            counts.put(verdict, 0);
        }
        cells.stream()
                .flatMap(List::stream)
                .flatMap(Optional::stream)
                .forEach(one -> counts.merge(one.verdict(), 1, Integer::sum));
        totals.stream().flatMap(Optional::stream).forEach(one -> counts.merge(one.verdict(), 1, Integer::sum));
        return counts;
    }

    /** How many cells are written of which nobody can decide whether they are right, since a class has no end. */
    public int undecided() {
        int undecided = 0;
        for (int row = 0; row < cells.size(); row++) {
            for (int column = 0; column < totals.size(); column++) {
                boolean written =
                        known(column).isPresent() && !own.cell(row, column).isEmpty();
                undecided += written && cells.get(row).get(column).isEmpty() ? 1 : 0;
            }
        }
        return undecided;
    }

    /** How many rows of the data stand in no row of the table. */
    public int missingRows() {
        return Math.max(0, own.data().rows().size() - own.table().rows().size());
    }

    /** The total of a column as the student has it, with whether it is right; empty where there is none. */
    Optional<OwnMarker.Taken> total(Quantity what) {
        Optional<Integer> column = own.column(what);
        return column.flatMap(totals::get).flatMap(mark -> own.written(mark.text())
                .map(sum -> new OwnMarker.Taken(sum.value(), mark.verdict().isGood(), true)));
    }

    /** What the student's own cells of a column add up to; empty where one of them is no figure. */
    public Optional<Exact> sumOfCells(int column) {
        Exact sum = Exact.ZERO;
        for (int row = 0; row < own.table().rows().size(); row++) {
            String cell = own.cell(row, column);
            Optional<Written> written = own.written(cell);
            if (written.isEmpty() && !cell.isEmpty()) {
                return Optional.empty();
            }
            sum = written.map(Written::value).map(sum::plus).orElse(sum);
        }
        return Optional.of(sum);
    }

    OwnColumns own() {
        return own;
    }
}
