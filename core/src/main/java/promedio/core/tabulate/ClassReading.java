package promedio.core.tabulate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.course.Boundaries;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.Frequencies;
import promedio.core.course.OpenEnds;
import promedio.core.number.Exact;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sentence.Sentence;

/**
 * A class table as it was written, read under a course card: put in order, boundaries found, open ends closed where the card
 * or the table says how. Definitions, section 2.
 */
public final class ClassReading {
    private final List<ClassProblem> problems = new ArrayList<>();
    private final List<Row> rows;
    private final CourseCard card;
    private Optional<ClassTable> table = Optional.empty();
    private Optional<Exact> gap = Optional.empty();

    /**
     * A row of the table.
     *
     * @param entry the row as it was entered, counted from 0
     * @param text the class as it is written
     * @param label the class taken apart
     * @param frequency its frequency
     */
    public record Row(int entry, String text, ClassLabel label, Exact frequency) {}

    private ClassReading(List<Row> rows, CourseCard card) {
        this.card = card;
        this.rows = rows.stream().sorted(ORDER).toList();
    }

    /** By the numbers; a class open below before, one open above behind what begins at the same number. */
    private static final Comparator<Row> ORDER = Comparator.<Row, Exact>comparing(
                    row -> row.label().anchor())
            .thenComparing(
                    row -> row.label().from().isEmpty() ? 0 : row.label().to().isEmpty() ? 2 : 1);

    /** Reads rows under a card. */
    public static ClassReading of(List<Row> rows, CourseCard card) {
        ClassReading reading = new ClassReading(rows, card);
        reading.read();
        return reading;
    }

    /** The table; empty when there are problems. */
    public Optional<ClassTable> table() {
        return table;
    }

    /** What is wrong, in the order of the classes. */
    public List<ClassProblem> problems() {
        return problems;
    }

    /** The constant gap between the classes as written; empty where each begins at the end of the one before. */
    public Optional<Exact> gap() {
        return gap;
    }

    private void problem(Row row, String key, Object... facts) {
        problems.add(new ClassProblem(row.entry(), Sentence.of(key, facts)));
    }

    private void read() {
        if (rows.isEmpty()) {
            return;
        }
        for (Row row : rows) {
            checkFrequency(row);
            checkLimits(row);
        }
        if (!problems.isEmpty()) {
            return;
        }
        List<Row> closed = rows.stream().filter(row -> !row.label().isOpen()).toList();
        if (closed.isEmpty()) {
            problem(rows.get(0), "classes.only-open");
            return;
        }
        checkOrder(closed);
        if (problems.isEmpty()) {
            checkOpen(closed);
        }
        gap = gap.filter(distance -> distance.signum() > 0);
        if (problems.isEmpty() && gap.isEmpty()) {
            closed.stream()
                    .filter(row -> row.label().from().equals(row.label().to()))
                    .forEach(row -> problem(row, "classes.no-width", row.text()));
        }
        if (problems.isEmpty()) {
            build(closed);
        }
    }

    private void checkFrequency(Row row) {
        boolean relative = card.get(CardKey.FREQUENCIES) == Frequencies.RELATIVE;
        if (row.frequency().signum() < 0) {
            problem(row, "classes.negative", row.text(), row.frequency());
        } else if (!relative && !row.frequency().isWhole()) {
            problem(row, "classes.fractional", row.text(), row.frequency());
        }
    }

    private void checkLimits(Row row) {
        ClassLabel label = row.label();
        if (!label.isOpen()) {
            int order = label.from().orElseThrow().compareTo(label.to().orElseThrow());
            if (order > 0) {
                problem(row, "classes.reversed", row.text());
            } else if (order == 0 && label.kind() != ClassLabel.Kind.SINGLE && label.kind() != ClassLabel.Kind.LIMITS) {
                problem(row, "classes.no-width", row.text());
            }
        }
    }

    /** Classes must follow each other with one constant gap, or none; one that does not is held against no other. */
    private void checkOrder(List<Row> closed) {
        Row before = closed.get(0);
        for (Row row : closed.subList(1, closed.size())) {
            int found = problems.size();
            checkPair(before, row);
            if (problems.size() == found) {
                before = row;
            }
        }
    }

    private void checkPair(Row before, Row row) {
        Exact distance =
                row.label().from().orElseThrow().minus(before.label().to().orElseThrow());
        boolean intervals =
                row.label().kind() == ClassLabel.Kind.INTERVAL || before.label().kind() == ClassLabel.Kind.INTERVAL;
        if (distance.signum() < 0) {
            problem(row, "classes.overlap", before.text(), row.text());
        } else if (intervals && distance.signum() > 0) {
            problem(row, "classes.gap", before.text(), row.text());
        } else if (gap.isEmpty()) {
            gap = Optional.of(distance);
        } else if (!gap.get().equals(distance)) {
            problem(row, "classes.uneven-gaps", before.text(), row.text(), distance, gap.get());
        }
    }

    private void checkOpen(List<Row> closed) {
        for (Row row : rows) {
            ClassLabel label = row.label();
            if (!label.isOpen() || closed.isEmpty()) {
                continue;
            }
            boolean low = label.from().isEmpty();
            Row end = low ? rows.get(0) : rows.get(rows.size() - 1);
            if (end != row) {
                // Where the end is open itself, no other of its side is ever the end; else they are settled one at a
                // time.
                boolean settled = end.label().isOpen() && end.label().from().isEmpty() == low;
                if (settled || problems.isEmpty()) {
                    problem(row, "classes.open-within", row.text());
                }
                if (!settled) {
                    return;
                }
                continue;
            }
            if (!problems.isEmpty()) {
                continue;
            }
            Row neighbour = low ? closed.get(0) : closed.get(closed.size() - 1);
            Exact distance = low
                    ? neighbour.label().from().orElseThrow().minus(label.to().orElseThrow())
                    : label.from().orElseThrow().minus(neighbour.label().to().orElseThrow());
            if (distance.signum() < 0) {
                problem(row, "classes.overlap", neighbour.text(), row.text());
            } else if (gap.isPresent() && distance.compareTo(gap.get()) > 0) {
                problem(row, "classes.gap", neighbour.text(), row.text());
            }
            if (!problems.isEmpty()) {
                return; // without this end, the next of its side may be an end that fits
            }
        }
    }

    private void build(List<Row> closed) {
        Exact total = rows.stream().map(Row::frequency).reduce(Exact.ZERO, Exact::plus);
        if (total.signum() == 0) {
            problem(rows.get(0), "classes.no-total");
            return;
        }
        Exact below = Exact.ZERO;
        Exact above = Exact.ZERO;
        if (gap.isPresent()) {
            boolean completed = card.get(CardKey.BOUNDARIES) == Boundaries.COMPLETED_UNITS;
            below = completed ? Exact.ZERO : gap.get().half();
            above = gap.get().minus(below);
        }
        Exact least = closed.get(0).label().from().orElseThrow().minus(below);
        Exact most = closed.get(closed.size() - 1).label().to().orElseThrow().plus(above);
        List<ClassInterval> classes = new ArrayList<>();
        for (Row row : rows) {
            ClassLabel label = row.label();
            if (!label.isOpen()) {
                Exact lower = label.from().orElseThrow().minus(below);
                Exact upper = label.to().orElseThrow().plus(above);
                classes.add(interval(row, Optional.of(lower), Optional.of(upper), false));
            } else if (label.from().isEmpty()) {
                Row next = closed.get(0);
                Exact width = next.label().to().orElseThrow().plus(above).minus(least);
                Optional<Exact> lower = end(row, least.minus(width));
                if (lower.filter(end -> end.compareTo(least) >= 0).isPresent()) {
                    problem(row, "classes.stated-end", row.text());
                    return;
                }
                classes.add(interval(row, lower, Optional.of(least), lower.isPresent()));
            } else {
                Row last = closed.get(closed.size() - 1);
                Exact width = most.minus(last.label().from().orElseThrow().minus(below));
                Optional<Exact> upper = end(row, most.plus(width));
                if (upper.filter(end -> end.compareTo(most) <= 0).isPresent()) {
                    problem(row, "classes.stated-end", row.text());
                    return;
                }
                classes.add(interval(row, Optional.of(most), upper, upper.isPresent()));
            }
        }
        table = Optional.of(
                ClassTable.of(classes, card.get(CardKey.FREQUENCIES) == Frequencies.RELATIVE, recordingUnit()));
    }

    private static ClassInterval interval(Row row, Optional<Exact> lower, Optional<Exact> upper, boolean assumed) {
        return new ClassInterval(row.text().strip(), lower, upper, row.frequency(), assumed, row.entry());
    }

    /** The missing end of an open class: as stated, as wide as its neighbour where the card says so, or missing. */
    private Optional<Exact> end(Row row, Exact sameWidth) {
        return row.label()
                .stated()
                .or(() ->
                        card.get(CardKey.OPEN_ENDS) == OpenEnds.SAME_WIDTH ? Optional.of(sameWidth) : Optional.empty());
    }

    /** The gap, or 1 at the finest decimal place that the limits are written with. */
    private Exact recordingUnit() {
        return gap.orElseGet(() -> {
            int places = rows.stream()
                    .flatMap(row -> java.util.stream.Stream.of(
                            row.label().from(), row.label().to()))
                    .flatMap(Optional::stream)
                    .mapToInt(limit -> limit.placesInFull().orElse(0))
                    .max()
                    .orElse(0);
            return Exact.scaled(java.math.BigInteger.ONE, places);
        });
    }

    /** The rows in the order of the classes. */
    public List<Row> rows() {
        return rows;
    }

    /** Whether the rows were entered in another order. */
    public boolean wasReordered() {
        return IntStream.range(1, rows.size())
                .anyMatch(i -> rows.get(i).entry() < rows.get(i - 1).entry());
    }
}
