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
    private final List<Sentence> said = new ArrayList<>();
    private Optional<Sentence> first = Optional.empty();

    private OwnSaid(OwnMarks marks) {
        this.marks = marks;
    }

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
        OwnSaid all = new OwnSaid(marks);
        all.columns();
        all.cells();
        all.totals();
        all.whole();
        return all.said;
    }

    private String head(int column) {
        String heading = marks.table().headings().get(column);
        return heading.isEmpty() ? marks.columns().get(column).map(Quantity::id).orElse("") : heading;
    }

    private void columns() {
        for (int column = 0; column < marks.columns().size(); column++) {
            if (marks.columns().get(column).isEmpty()) {
                said.add(Sentence.of("own.unknown", head(column)));
            }
        }
    }

    /** The mistake that is made all down a column, where one is. */
    private Optional<String> systematic(int column) {
        Map<String, Integer> counts = new HashMap<>();
        marks.cells()
                .forEach(row ->
                        row.get(column).flatMap(CellMark::slip).ifPresent(slip -> counts.merge(slip, 1, Integer::sum)));
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
                Optional<String> whole =
                        systematic(column).filter(mark.get().slip().orElse("")::equals);
                if (whole.isPresent()) {
                    if (known.putIfAbsent(column, whole.get()) == null) {
                        say(mark.get(), Sentence.of("own.whole-column", head(column), slip(whole.get())));
                    }
                } else {
                    say(mark.get(), cell(mark.get(), row, column));
                }
            }
        }
    }

    private void say(CellMark mark, Sentence sentence) {
        said.add(sentence);
        if (mark.first() && first.isEmpty()) {
            first = Optional.of(sentence);
        }
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
                .map(slip -> Sentence.of("own.wrong-by", at, head(column), mark.text(), right, slip(slip)))
                .orElseGet(() -> Sentence.of("own.wrong", at, head(column), mark.text(), right));
    }

    private void totals() {
        for (int column = 0; column < marks.totals().size(); column++) {
            int at = column;
            marks.totals()
                    .get(column)
                    .filter(mark -> mark.verdict() == Verdict.WRONG)
                    .ifPresent(mark -> {
                        Optional<Exact> sum = marks.sumOfCells(at);
                        String own = sum.map(figure -> expected(mark, figure)).orElse("");
                        say(
                                mark,
                                mark.slip()
                                        .map(slip ->
                                                Sentence.of("own.total-by", head(at), own, mark.text(), slip(slip)))
                                        .orElseGet(() -> Sentence.of("own.total", head(at), own, mark.text())));
                    });
        }
    }

    private void whole() {
        if (marks.missingRows() > 0) {
            said.add(counted("own.rows-missing", marks.missingRows()));
        }
        Map<Verdict, Integer> counts = marks.summary();
        int good = counts.get(Verdict.RIGHT) + counts.get(Verdict.ROUNDED);
        int bad = counts.get(Verdict.WRONG) + counts.get(Verdict.UNREADABLE);
        int follows = counts.get(Verdict.FOLLOWS);
        if (bad == 0 && follows == 0) {
            said.add(Sentence.of(counts.get(Verdict.EMPTY) == 0 ? "own.all-right" : "own.right-so-far", good));
            return;
        }
        first.ifPresent(sentence -> said.add(Sentence.of("own.first", sentence)));
        if (follows > 0) {
            said.add(counted("own.follows", follows));
        }
        said.add(Sentence.of("own.counts", good, bad));
    }
}
