package promedio.core.sample;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;

/**
 * Values that are known only by the class they lie in: classes in order, each beginning where the one before ends. Only the
 * first may be open below and only the last open above; an open class of frequency 0 is none.
 */
public final class ClassTable {
    private final List<ClassInterval> classes;
    private final boolean relative;
    private final Exact recordingUnit;
    private final int assumed;
    private final List<Exact> before = new ArrayList<>();
    private final Exact count;
    private final Modes modes;

    private ClassTable(List<ClassInterval> classes, boolean relative, Exact recordingUnit, int assumed) {
        this.classes = List.copyOf(classes);
        this.relative = relative;
        this.recordingUnit = recordingUnit;
        this.assumed = assumed;
        Exact sum = Exact.ZERO;
        for (ClassInterval one : this.classes) {
            before.add(sum);
            sum = sum.plus(one.frequency());
        }
        this.count = sum;
        this.modes = Modes.of(this);
    }

    /**
     * A table.
     *
     * @param relative whether frequencies are proportions or percentages
     * @param recordingUnit the unit in which the values were recorded
     * @throws IllegalArgumentException for no class, classes that do not join, open classes within, or a total of 0
     */
    public static ClassTable of(List<ClassInterval> classes, boolean relative, Exact recordingUnit) {
        List<ClassInterval> kept = classes.stream()
                .filter(one -> !one.isOpen() || one.frequency().signum() > 0)
                .toList();
        for (int i = 1; i < kept.size(); i++) {
            if (!kept.get(i - 1).upper().equals(kept.get(i).lower())
                    || kept.get(i).lower().isEmpty()) {
                throw new IllegalArgumentException("The classes "
                        + kept.get(i - 1).label() + " and " + kept.get(i).label() + " do not join.");
            }
        }
        ClassTable table = new ClassTable(kept, relative, recordingUnit, (kept.size() - 1) / 2);
        if (table.count.signum() == 0) {
            throw new IllegalArgumentException("The frequencies add up to 0.");
        }
        return table;
    }

    /** The same table with the midpoint of another class as the assumed mean. */
    public ClassTable assuming(int index) {
        return new ClassTable(classes, relative, recordingUnit, Math.max(0, Math.min(index, classes.size() - 1)));
    }

    /** The classes, in order. */
    public List<ClassInterval> classes() {
        return classes;
    }

    /** The number of classes. */
    public int size() {
        return classes.size();
    }

    /** A class, counted from 0. */
    public ClassInterval at(int index) {
        return classes.get(index);
    }

    /** Whether frequencies are proportions. */
    public boolean isRelative() {
        return relative;
    }

    /** The unit in which the values were recorded. */
    public Exact recordingUnit() {
        return recordingUnit;
    }

    /** The class whose midpoint is taken as the assumed mean; the middle one, of two the lower, where nothing is said. */
    public int assumed() {
        return assumed;
    }

    /** n, the total of the frequencies. */
    public Exact count() {
        return count;
    }

    /** F, the cumulative frequency before a class. */
    public Exact before(int index) {
        return before.get(index);
    }

    /** Whether an end is missing, so that there are measures without a value. */
    public boolean isOpen() {
        return classes.stream().anyMatch(ClassInterval::isOpen);
    }

    /** Whether an end is assumed, so that results may rest on it. */
    public boolean hasAssumedEnd() {
        return classes.stream().anyMatch(ClassInterval::assumed);
    }

    /** The same table with the ends left open that are only assumed: what has another value there rests on them. */
    public ClassTable withoutAssumedEnds() {
        List<ClassInterval> opened = new ArrayList<>();
        for (int i = 0; i < size(); i++) {
            ClassInterval one = at(i);
            opened.add(
                    !one.assumed()
                            ? one
                            : new ClassInterval(
                                    one.label(),
                                    i == 0 && size() > 1 ? Optional.empty() : one.lower(),
                                    i == 0 && size() > 1 ? one.upper() : Optional.empty(),
                                    one.frequency(),
                                    false,
                                    one.entry()));
        }
        return of(opened, relative, recordingUnit);
    }

    /** The common width of the closed classes; empty when they differ. */
    public Optional<Exact> commonWidth() {
        List<Exact> widths =
                classes.stream().flatMap(one -> one.width().stream()).distinct().toList();
        return widths.size() == 1 ? Optional.of(widths.get(0)) : Optional.empty();
    }

    /** The class in which a position lies: the first non-empty one whose cumulative frequency reaches it. */
    public int classAt(Exact position) {
        for (int i = 0; i < size(); i++) {
            boolean reached = before.get(i).plus(at(i).frequency()).compareTo(position) >= 0;
            if (at(i).frequency().signum() > 0 && reached) {
                return i;
            }
        }
        throw new IllegalArgumentException("There is no class at position " + position + ".");
    }

    /** The class in which a value lies; the first or last for a value outside all of them. */
    public int classOf(Exact value) {
        int index = 0;
        while (index < size() - 1
                && at(index).upper().filter(end -> end.compareTo(value) <= 0).isPresent()) {
            index++;
        }
        return index;
    }

    /** The modal classes, or why there are none. */
    public Modes modes() {
        return modes;
    }

    /**
     * The modal classes: those of the greatest frequency or, with unequal widths, the greatest density; neighbours that tie
     * are one modal interval.
     *
     * @param runs first and last class of each modal interval, ascending
     * @param whyNone why there is no mode, where there is none
     */
    public record Modes(List<Run> runs, Optional<Sentence> whyNone) {
        /** A modal interval, from its first class to its last. */
        public record Run(int first, int last) {
            /** The number of its classes. */
            public int length() {
                return last - first + 1;
            }
        }

        private static Modes none(String key, Object... facts) {
            return new Modes(List.of(), Optional.of(Sentence.of(key, facts)));
        }

        private static Modes of(ClassTable table) {
            boolean byDensity = table.commonWidth().isEmpty();
            List<Optional<Exact>> heights = table.classes.stream()
                    .map(one -> one.isOpen()
                            ? Optional.<Exact>empty()
                            : byDensity ? one.density() : Optional.of(one.frequency()))
                    .toList();
            Optional<Exact> highest = heights.stream().flatMap(Optional::stream).max(Exact::compareTo);
            if (highest.isEmpty() || highest.get().signum() == 0) {
                return none("undefined.grouped-mode.open");
            }
            long closed = heights.stream().filter(Optional::isPresent).count();
            long tied = heights.stream().filter(highest::equals).count();
            if (tied == closed && closed > 1) {
                return none("undefined.grouped-mode.all-tie");
            }
            List<Run> runs = new ArrayList<>();
            for (int i = 0; i < heights.size(); i++) {
                if (heights.get(i).equals(highest)) {
                    int last = runs.isEmpty() ? -2 : runs.get(runs.size() - 1).last();
                    int first = last == i - 1 ? runs.remove(runs.size() - 1).first() : i;
                    runs.add(new Run(first, i));
                }
            }
            return table.openClassMayHoldIt(runs)
                    ? none("undefined.grouped-mode.open")
                    : new Modes(runs, Optional.empty());
        }
    }

    /** An open class does not compete, but leaves no mode when it is a modal class’s neighbour or might be as dense. */
    private boolean openClassMayHoldIt(List<Modes.Run> runs) {
        Optional<Exact> narrowest =
                classes.stream().flatMap(one -> one.width().stream()).min(Exact::compareTo);
        Exact modal = at(runs.get(0).first()).density().orElseThrow();
        for (int i = 0; i < size(); i++) {
            int index = i;
            boolean open = at(i).isOpen();
            boolean neighbour = runs.stream().anyMatch(run -> index == run.first() - 1 || index == run.last() + 1);
            if (open
                    && (neighbour
                            || at(i).frequency().over(narrowest.orElseThrow()).compareTo(modal) >= 0)) {
                return true;
            }
        }
        return false;
    }
}
