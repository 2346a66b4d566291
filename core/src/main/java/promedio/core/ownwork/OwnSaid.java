package promedio.core.ownwork;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;
import promedio.core.ownwork.CellMark.Verdict;
import promedio.core.sentence.Sentence;

/** What is said of a marked table: each mistake where it is made, and at the end where the first is and what follows from it. */
public final class OwnSaid {
    private static final int EXACT_PLACES = 6;
    private static final int MORE_PLACES = 2;
    /** From so many cells on, a mistake is one of the column and no slip of the pen. */
    private static final int SYSTEMATIC = 3;

    private final OwnMarks marks;
    private final List<Said> said = new ArrayList<>();

    private OwnSaid(OwnMarks marks) {
        this.marks = marks;
    }

    /**
     * A sentence about a mistake.
     *
     * @param place the cell that it is about; of a mistake all down a column the first; empty for a column that is nothing known
     * @param first whether what follows went wrong because of it
     */
    public record Said(Optional<CellPlace> place, boolean first, Sentence sentence) {}

    /** What is right in a cell: exact where it ends within six places, else rounded to two places more than are written. */
    public static String expected(CellMark mark, Exact right) {
        int full = right.placesInFull().orElse(EXACT_PLACES + 1);
        int places = full <= EXACT_PLACES ? full : written(mark.text()) + MORE_PLACES;
        return right.toPlaces(places, HalfRule.HALF_UP).toPlainString();
    }

    /** The decimal places of a plain number; none of anything else. */
    private static int written(String text) {
        String plain = text.strip();
        int point = Math.max(plain.lastIndexOf('.'), plain.lastIndexOf(','));
        return plain.matches("[-+−]?[0-9]*[.,][0-9]+") ? plain.length() - 1 - point : 0;
    }

    /** Every mistake in the order of the table, then the whole in a few sentences. */
    public static List<Sentence> of(OwnMarks marks) {
        List<Said> mistakes = mistakes(marks);
        List<Sentence> all =
                new ArrayList<>(mistakes.stream().map(Said::sentence).toList());
        all.addAll(whole(marks, mistakes));
        return all;
    }

    /** Every mistake, where it is made; one that is made all down a column once. */
    public static List<Said> mistakes(OwnMarks marks) {
        OwnSaid all = new OwnSaid(marks);
        all.columns();
        all.cells();
        all.totals();
        return all.said;
    }

    /** What a cell or a total is, in a sentence; empty where there is nothing to say. */
    public static Optional<Sentence> of(OwnMarks marks, CellPlace place) {
        OwnSaid one = new OwnSaid(marks);
        return marks.at(place).flatMap(mark -> switch (mark.verdict()) {
            case WRONG, UNREADABLE ->
                Optional.of(
                        place.row() < marks.cells().size()
                                ? one.cell(mark, place.row(), place.column())
                                : one.total(mark, place.column()));
            case FOLLOWS ->
                mark.expected().map(right -> Sentence.of("own.cell.follows", mark.text(), expected(mark, right)));
            case ROUNDED -> Optional.of(Sentence.of("own.cell.rounded"));
            case RIGHT -> Optional.of(Sentence.of("own.cell.right"));
            case EMPTY -> Optional.empty();
        });
    }

    private String head(int column) {
        String heading = marks.table().headings().get(column);
        return heading.isEmpty() ? marks.columns().get(column).map(Quantity::id).orElse("") : heading;
    }

    private void columns() {
        for (int column = 0; column < marks.columns().size(); column++) {
            if (marks.columns().get(column).isEmpty()) {
                said.add(new Said(Optional.empty(), false, Sentence.of("own.unknown", head(column))));
            }
        }
    }

    /** The mistake that is made all down a column, where one is. */
    private Optional<String> systematic(int column) {
        Map<String, Integer> counts = new HashMap<>();
        marks.cells().forEach(row -> row.get(column)
                .flatMap(CellMark::slip)
                .map(CellSlip::id)
                .ifPresent(slip -> counts.merge(slip, 1, Integer::sum)));
        return counts.entrySet().stream()
                .filter(entry -> entry.getValue() >= SYSTEMATIC
                        && 2 * entry.getValue() > marks.cells().size())
                .map(Map.Entry::getKey)
                .findFirst();
    }

    private void cells() {
        Map<Integer, String> known = new HashMap<>();
        for (int row = 0; row < marks.cells().size(); row++) {
            for (int column = 0; column < marks.columns().size(); column++) {
                Optional<CellMark> mark = marks.cells().get(row).get(column);
                if (mark.filter(one -> one.verdict() == Verdict.WRONG || one.verdict() == Verdict.UNREADABLE)
                        .isEmpty()) {
                    continue;
                }
                Optional<String> whole = systematic(column)
                        .filter(mark.get().slip().map(CellSlip::id).orElse("")::equals);
                if (whole.isPresent()) {
                    if (known.putIfAbsent(column, whole.get()) == null) {
                        say(mark.get(), row, column, Sentence.of("own.whole-column", head(column), slip(whole.get())));
                    }
                } else {
                    say(mark.get(), row, column, cell(mark.get(), row, column));
                }
            }
        }
    }

    private void say(CellMark mark, int row, int column, Sentence sentence) {
        said.add(new Said(Optional.of(new CellPlace(row, column)), mark.first(), sentence));
    }

    private static Sentence counted(String key, int count) {
        return count == 1 ? Sentence.of(key + ".one") : Sentence.of(key, count);
    }

    private static Sentence slip(String id) {
        return Sentence.of("slip-name." + id);
    }

    private Sentence cell(CellMark mark, int row, int column) {
        int at = row + 1;
        if (mark.verdict() == Verdict.UNREADABLE) {
            return Sentence.of("own.unreadable", at, head(column), mark.text());
        }
        if (mark.expected().isEmpty()) {
            return Sentence.of("own.not-of-data", at, head(column), mark.text());
        }
        String right = expected(mark, mark.expected().get());
        return mark.slip()
                .map(slip -> Sentence.of("own.wrong-by", at, head(column), mark.text(), right, slip(slip.id())))
                .orElseGet(() -> Sentence.of("own.wrong", at, head(column), mark.text(), right));
    }

    private void totals() {
        for (int column = 0; column < marks.totals().size(); column++) {
            int at = column;
            marks.totals()
                    .get(column)
                    .filter(mark -> mark.verdict() == Verdict.WRONG || mark.verdict() == Verdict.UNREADABLE)
                    .ifPresent(mark -> say(mark, marks.cells().size(), at, total(mark, at)));
        }
    }

    private Sentence total(CellMark mark, int column) {
        if (mark.verdict() == Verdict.UNREADABLE) {
            return Sentence.of("own.unreadable-total", head(column), mark.text());
        }
        String own =
                marks.sumOfCells(column).map(figure -> expected(mark, figure)).orElse("");
        return mark.slip()
                .map(slip -> Sentence.of("own.total-by", head(column), own, mark.text(), slip(slip.id())))
                .orElseGet(() -> Sentence.of("own.total", head(column), own, mark.text()));
    }

    /** The whole in a few sentences: where it goes wrong first, what that cost, and what is right. */
    public static List<Sentence> whole(OwnMarks marks, List<Said> mistakes) {
        List<Sentence> said = new ArrayList<>();
        if (marks.missingRows() > 0) {
            said.add(counted("own.rows-missing", marks.missingRows()));
        }
        if (marks.undecided() > 0) {
            said.add(counted("own.undecided", marks.undecided()));
        }
        Map<Verdict, Integer> counts = marks.summary();
        int good = counts.get(Verdict.RIGHT) + counts.get(Verdict.ROUNDED);
        int bad = counts.get(Verdict.WRONG) + counts.get(Verdict.UNREADABLE);
        int follows = counts.get(Verdict.FOLLOWS);
        if (bad == 0 && follows == 0) {
            said.add(Sentence.of(counts.get(Verdict.EMPTY) == 0 ? "own.all-right" : "own.right-so-far", good));
            return said;
        }
        mistakes.stream()
                .filter(Said::first)
                .findFirst()
                .ifPresent(one -> said.add(Sentence.of("own.first", one.sentence())));
        if (follows > 0) {
            said.add(counted("own.follows", follows));
        }
        said.add(Sentence.of("own.counts", good, bad));
        return said;
    }

    /** The totals that would be others without the mistakes, each as <code>Σfx = 246</code>. */
    public static List<String> totalsWithout(OwnMarks marks) {
        List<String> without = new ArrayList<>();
        for (int column = 0; column < marks.totals().size(); column++) {
            String head = new OwnSaid(marks).head(column);
            marks.totals()
                    .get(column)
                    .filter(mark -> mark.verdict() == Verdict.WRONG || mark.verdict() == Verdict.FOLLOWS)
                    .flatMap(mark -> mark.expected().map(right -> "Σ" + head + " = " + expected(mark, right)))
                    .ifPresent(without::add);
        }
        return without;
    }
}
