package promedio.core.pasted;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import promedio.core.number.Exact;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.ClassLabel;

/** Running totals taken apart into frequencies; the last (or first) of them is Σf, they are never added up. */
final class Cumulative {
    private static final int FEWEST = 2;

    private Cumulative() {}

    /**
     * What comes of running totals.
     *
     * @param first the column of classes or values
     * @param totals the column of running totals
     * @param kind what the table is
     * @param labels its classes or values, as they are typed
     * @param frequencies their frequencies
     * @param told what is to be said of it
     */
    record Cut(
            PastedColumn first,
            PastedColumn totals,
            SampleKind kind,
            List<String> labels,
            List<String> frequencies,
            Sentence told) {}

    /** “Less than” throughout with totals that grow, or “or more” with totals that shrink. */
    static Optional<Cut> ofLabels(PastedColumn classes, List<PastedColumn> others, PastedCells cells) {
        List<Optional<ClassLabel>> labels =
                classes.texts().stream().map(cells::label).toList();
        if (labels.size() < FEWEST || labels.stream().anyMatch(Optional::isEmpty)) {
            return Optional.empty();
        }
        boolean low =
                labels.stream().allMatch(label -> label.orElseThrow().from().isEmpty());
        boolean high =
                labels.stream().allMatch(label -> label.orElseThrow().to().isEmpty());
        Optional<PastedColumn> totals = others.stream()
                .filter(column -> (low || high) && column.canBeShares() && runs(column.texts(), low ? 1 : -1, cells))
                .findFirst();
        List<Exact> limits =
                labels.stream().map(label -> label.orElseThrow().anchor()).toList();
        if (totals.isEmpty() || !ascends(limits, 1)) {
            return Optional.empty();
        }
        List<Exact> sums = values(totals.get().texts(), cells);
        List<String> cut = new ArrayList<>();
        List<String> frequencies = new ArrayList<>();
        if (low) {
            cut.add("under " + Limits.write(limits.get(0), cells));
            frequencies.add(Limits.write(sums.get(0), cells));
        }
        for (int i = 1; i < limits.size(); i++) {
            cut.add(Limits.write(limits.get(i - 1), cells) + " to under " + Limits.write(limits.get(i), cells));
            frequencies.add(Limits.write(sums.get(i).minus(sums.get(i - 1)).abs(), cells));
        }
        if (high) {
            cut.add(Limits.write(limits.get(limits.size() - 1), cells) + " and over");
            frequencies.add(Limits.write(sums.get(sums.size() - 1), cells));
        }
        dropEmptyEnd(cut, frequencies);
        return Optional.of(new Cut(
                classes,
                totals.get(),
                SampleKind.CLASSES,
                cut,
                frequencies,
                told(low ? "pasted.less-than" : "pasted.more-than", sums, frequencies)));
    }

    /** “Less than 10: 0” only says where the classes begin. */
    private static void dropEmptyEnd(List<String> classes, List<String> frequencies) {
        int last = classes.size() - 1;
        if (frequencies.get(last).equals("0") && classes.get(last).endsWith("over")) {
            classes.remove(last);
            frequencies.remove(last);
        }
        if (frequencies.get(0).equals("0") && classes.get(0).startsWith("under")) {
            classes.remove(0);
            frequencies.remove(0);
        }
    }

    /** Running totals beside closed classes. */
    static Optional<Cut> besideClasses(PastedColumn classes, PastedColumn totals, PastedCells cells) {
        return beside(classes, totals, SampleKind.CLASSES, Limits.written(classes, cells), cells);
    }

    /** Running totals beside values. */
    static Optional<Cut> besideValues(PastedColumn values, PastedColumn totals, PastedCells cells) {
        List<String> written = cells.values(values.texts());
        return beside(values, totals, SampleKind.FREQUENCIES, written, cells);
    }

    private static Optional<Cut> beside(
            PastedColumn first, PastedColumn totals, SampleKind kind, List<String> labels, PastedCells cells) {
        boolean up = runs(totals.texts(), 1, cells);
        if (totals.texts().size() < FEWEST || !up && !runs(totals.texts(), -1, cells)) {
            return Optional.empty();
        }
        List<Exact> sums = values(totals.texts(), cells);
        List<String> frequencies = new ArrayList<>();
        for (int i = 0; i < sums.size(); i++) {
            int other = up ? i - 1 : i + 1;
            Exact before = other < 0 || other == sums.size() ? Exact.ZERO : sums.get(other);
            frequencies.add(Limits.write(sums.get(i).minus(before), cells));
        }
        return Optional.of(
                new Cut(first, totals, kind, labels, frequencies, told("pasted.running", sums, frequencies)));
    }

    private static Sentence told(String key, List<Exact> sums, List<String> frequencies) {
        return Sentence.of(
                key,
                sums.stream().map(Exact::toString).collect(Collectors.joining(", ")),
                String.join(", ", frequencies));
    }

    private static boolean runs(List<String> texts, int direction, PastedCells cells) {
        return texts.stream().allMatch(cells::isNumber) && ascends(values(texts, cells), direction);
    }

    private static List<Exact> values(List<String> texts, PastedCells cells) {
        return texts.stream()
                .map(text -> cells.number(text).orElseThrow().value())
                .toList();
    }

    private static boolean ascends(List<Exact> values, int direction) {
        for (int i = 1; i < values.size(); i++) {
            if (values.get(i).compareTo(values.get(i - 1)) * direction < 0) {
                return false;
            }
        }
        return true;
    }
}
