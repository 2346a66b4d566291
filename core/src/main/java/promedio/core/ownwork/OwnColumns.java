package promedio.core.ownwork;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.course.CourseCard;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind.Use;
import promedio.core.tabulate.ClassLabel;
import promedio.core.tabulate.ClassReading;

/**
 * What the columns of a student's table are, and which row is of which datum: by the headings where these say it, else by the figures. A and
 * h are found from the figures.
 */
final class OwnColumns {
    /** The share of the cells of a column that have to fit before it is taken for something that its heading does not say. */
    private static final double FITS = 0.5;

    private final OwnTable table;
    private final DataRows data;
    private final Numerals numerals;
    private final List<Optional<Quantity>> columns = new ArrayList<>();
    private final Map<Quantity, Integer> places = new EnumMap<>(Quantity.class);
    private final List<Optional<Integer>> rows = new ArrayList<>();
    private final Map<Quantity, Exact> whole = new EnumMap<>(Quantity.class);
    private final Map<String, Optional<Written>> read = new HashMap<>();

    private OwnColumns(OwnTable table, Sample sample, CourseCard card, List<Optional<Quantity>> said) {
        this.table = table;
        this.numerals = card.numerals();
        List<Headings.Meaning> meanings = meanings(sample, card);
        boolean grouped = sample.kind().can(Use.LISTED) && classColumn(meanings).isPresent();
        Sample of = grouped ? tabulated(sample, card, classColumn(meanings).orElseThrow()) : sample;
        this.data = DataRows.of(of, card, isDistinct(of, meanings));
        IntStream.range(0, table.headings().size()).forEach(at -> columns.add(Optional.empty()));
        for (int at = 0; at < said.size() && at < columns.size(); at++) {
            int column = at;
            said.get(at).ifPresent(one -> take(column, one));
        }
        key(meanings);
        rows.addAll(OwnRows.of(this));
        byHeading(meanings);
        byFigures();
    }

    /**
     * Reads a table.
     *
     * @param said what the student said of each column; empty lists and places are found out
     */
    static OwnColumns of(OwnTable table, Sample sample, CourseCard card, List<Optional<Quantity>> said) {
        return new OwnColumns(table, sample, card, said);
    }

    private List<Headings.Meaning> meanings(Sample sample, CourseCard card) {
        Optional<Exact> mean = DataRows.of(sample, card, false).whole(Quantity.MEAN);
        return table.headings().stream()
                .map(heading -> Headings.of(heading, mean))
                .toList();
    }

    private Optional<Integer> classColumn(List<Headings.Meaning> meanings) {
        for (int at = 0; at < table.headings().size(); at++) {
            int column = at;
            long classes = table.rows().stream()
                    .filter(row -> isClass(row.get(column)))
                    .count();
            if (classes > 0 && 2 * classes > table.rows().size()) {
                return Optional.of(at);
            }
        }
        return IntStream.range(0, meanings.size())
                .boxed()
                .filter(at -> meanings.get(at).all().contains(Quantity.CLASS))
                .findFirst();
    }

    private boolean isClass(String cell) {
        return written(cell).isEmpty()
                && ClassLabel.parse(cell, numerals)
                        .filter(label -> label.kind() != ClassLabel.Kind.SINGLE)
                        .isPresent();
    }

    /** The values of a list in the student's own classes; the list itself where these are no classes for it. */
    private Sample tabulated(Sample sample, CourseCard card, int column) {
        List<ClassReading.Row> rows = new ArrayList<>();
        for (int row = 0; row < table.rows().size(); row++) {
            String text = table.rows().get(row).get(column);
            Optional<ClassLabel> label = ClassLabel.parse(text, numerals);
            if (label.isEmpty()) {
                return sample;
            }
            rows.add(new ClassReading.Row(row, text, label.get(), Exact.ONE));
        }
        Optional<ClassTable> bounds = ClassReading.of(rows, card).table();
        if (bounds.isEmpty()) {
            return sample;
        }
        Map<Integer, Exact> counts = new HashMap<>();
        for (int row = 0; row < sample.rows(); row++) {
            int at = bounds.get().classOf(sample.value(row));
            if (at < 0) {
                return sample;
            }
            counts.merge(bounds.get().at(at).entry(), sample.weight(row), Exact::plus);
        }
        List<ClassReading.Row> counted = rows.stream()
                .map(row -> new ClassReading.Row(
                        row.entry(), row.text(), row.label(), counts.getOrDefault(row.entry(), Exact.ZERO)))
                .toList();
        return ClassReading.of(counted, card).table().map(Sample::classes).orElse(sample);
    }

    /** Whether the table of a list has a row for each different value. */
    private boolean isDistinct(Sample of, List<Headings.Meaning> meanings) {
        if (of.weighted() || !of.kind().can(Use.LISTED)) {
            return false;
        }
        int different = of.ranking().distinct().size();
        boolean frequencies = meanings.stream().anyMatch(one -> one.all().contains(Quantity.F));
        int written = table.rows().size();
        return different < of.rows() && (frequencies || Math.abs(written - different) < Math.abs(written - of.rows()));
    }

    private void take(int column, Quantity one) {
        columns.set(column, Optional.of(one));
        places.putIfAbsent(data.meant(one), column);
    }

    private boolean isFree(Quantity one) {
        return !places.containsKey(data.meant(one));
    }

    /** The column that says which row is of which datum. */
    private void key(List<Headings.Meaning> meanings) {
        if (data.ofClasses()) {
            classColumn(meanings).filter(at -> columns.get(at).isEmpty()).ifPresent(at -> take(at, Quantity.CLASS));
        }
        List<Quantity> keys = data.ofClasses()
                ? List.of(Quantity.LOWER, Quantity.UPPER, Quantity.MIDPOINT, Quantity.X)
                : List.of(Quantity.X, Quantity.Y);
        for (Quantity key : keys) {
            for (int at = 0; at < columns.size(); at++) {
                if (columns.get(at).isEmpty() && isFree(key) && means(meanings.get(at), key)) {
                    take(at, key);
                }
            }
        }
        if (!data.ofClasses() && isFree(Quantity.X)) {
            bestOverlap(Quantity.X).ifPresent(at -> take(at, Quantity.X));
        }
        if (data.sample().kind().can(Use.VARIABLES) && isFree(Quantity.Y)) {
            bestOverlap(Quantity.Y).ifPresent(at -> take(at, Quantity.Y));
        }
        if (data.ofClasses() && !places.containsKey(Quantity.CLASS) && isFree(Quantity.MIDPOINT)) {
            bestOverlap(Quantity.MIDPOINT).ifPresent(at -> take(at, Quantity.X));
        }
    }

    private static boolean means(Headings.Meaning meaning, Quantity one) {
        return !meaning.all().isEmpty() && meaning.all().get(0) == one;
    }

    /** The free column that shares most figures with those of the data. */
    private Optional<Integer> bestOverlap(Quantity of) {
        int best = -1;
        int most = 0;
        for (int at = 0; at < columns.size(); at++) {
            if (columns.get(at).isPresent()) {
                continue;
            }
            List<Exact> left = new ArrayList<>();
            for (int row = 0; row < data.rows().size(); row++) {
                data.figure(row, of, whole).ifPresent(left::add);
            }
            int shared = 0;
            for (List<String> row : table.rows()) {
                Optional<Written> written = written(row.get(at));
                if (written.isPresent() && left.remove(written.get().value())) {
                    shared++;
                }
            }
            if (shared > most && shared >= FITS * table.rows().size()) {
                most = shared;
                best = at;
            }
        }
        return best < 0 ? Optional.empty() : Optional.of(best);
    }

    /** What a heading says a column is; of several meanings the one that its figures fit best. */
    private void byHeading(List<Headings.Meaning> meanings) {
        for (int at = 0; at < columns.size(); at++) {
            if (columns.get(at).isPresent()) {
                origin(at, columns.get(at).get(), meanings.get(at));
                continue;
            }
            Quantity best = null;
            double fits = -1;
            for (Quantity one : meanings.get(at).all()) {
                boolean can = isFree(one) && (data.ofClasses() || one != Quantity.CLASS);
                double share = can ? fit(at, one, meanings.get(at)) : -1;
                if (share > fits) {
                    fits = share;
                    best = one;
                }
            }
            if (best != null) {
                take(at, best);
                origin(at, best, meanings.get(at));
            }
        }
    }

    /** A column whose heading says nothing is what most of its figures are. */
    private void byFigures() {
        for (int at = 0; at < columns.size(); at++) {
            if (columns.get(at).isPresent()) {
                continue;
            }
            Quantity best = null;
            double fits = FITS;
            Headings.Meaning nothing = new Headings.Meaning(List.of(), Optional.empty(), Optional.empty());
            for (Quantity one : EnumSet.range(Quantity.LOWER, Quantity.DX_DY)) {
                double share = isFree(one) && !isDeviation(at, one) ? fit(at, one, nothing) : 0;
                if (share > fits) {
                    fits = share;
                    best = one;
                }
            }
            if (best != null) {
                take(at, best);
                origin(at, best, nothing);
            }
        }
    }

    /** Whether a column is taken for d, or for u with an h of 1, where A would be the mean: those are deviations. */
    private boolean isDeviation(int column, Quantity one) {
        Headings.Meaning nothing = new Headings.Meaning(List.of(), Optional.empty(), Optional.empty());
        if (one != Quantity.D && one != Quantity.U) {
            return false;
        }
        Map<Quantity, Exact> found = new OwnOrigins(this).of(column, one, nothing);
        boolean whole = one == Quantity.D || Exact.ONE.equals(found.get(Quantity.STEP));
        return whole
                && data.whole(Quantity.MEAN)
                        .filter(mean -> mean.equals(found.get(Quantity.ORIGIN)))
                        .isPresent();
    }

    /** The share of the cells of a column that are right if it is something. */
    private double fit(int column, Quantity one, Headings.Meaning meaning) {
        Map<Quantity, Exact> of = new EnumMap<>(whole);
        of.putAll(new OwnOrigins(this).of(column, one, meaning));
        int fits = 0;
        int figures = 0;
        for (int row = 0; row < rows.size(); row++) {
            Optional<Written> written = written(cell(row, column));
            Optional<Exact> right = rows.get(row).flatMap(at -> data.figure(at, one, of));
            figures += written.isPresent() ? 1 : 0;
            fits += written.isPresent()
                            && right.filter(written.get()::isRounded).isPresent()
                    ? 1
                    : 0;
        }
        return figures < 2 ? 0 : (double) fits / figures;
    }

    /** Keeps A and h where a column tells them and none before it has. */
    private void origin(int column, Quantity one, Headings.Meaning meaning) {
        new OwnOrigins(this).of(column, one, meaning).forEach(whole::putIfAbsent);
    }

    String cell(int row, int column) {
        return table.rows().get(row).get(column);
    }

    /** A cell as a figure; read once. */
    Optional<Written> written(String cell) {
        return read.computeIfAbsent(cell, text -> Written.read(text, numerals));
    }

    Numerals numerals() {
        return numerals;
    }

    OwnTable table() {
        return table;
    }

    DataRows data() {
        return data;
    }

    /** What each column is. */
    List<Optional<Quantity>> columns() {
        return columns;
    }

    /** The column in which something stands. */
    Optional<Integer> column(Quantity one) {
        return Optional.ofNullable(places.get(data.meant(one)));
    }

    /** The datum of a row of the table. */
    Optional<Integer> datum(int row) {
        return rows.get(row);
    }

    /** A and h as the student chose them. */
    Map<Quantity, Exact> whole() {
        return whole;
    }
}
