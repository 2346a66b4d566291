package promedio.desktop.model.reading;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import promedio.core.assignment.Edit;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SheetEdit;
import promedio.core.data.Entries;
import promedio.core.number.Numerals;
import promedio.core.pasted.Found;
import promedio.core.pasted.Pasted;
import promedio.core.pasted.Reading;
import promedio.core.sample.SampleKind.Use;

/** More entries of the sample that is chosen, where what was typed is of its kind. */
final class More {
    private More() {}

    /** A row of a class table; empty where the text is none. */
    static Optional<Edit> row(SampleSheet sheet, String text, Numerals numerals) {
        return !sheet.can(Use.MIDPOINTS)
                ? Optional.empty()
                : Pasted.classRow(text, numerals)
                        .map(cells -> new SheetEdit.InsertRows(
                                sheet.id(), sheet.size(), List.of(List.of(cells.get(0)), List.of(cells.get(1)))));
    }

    /**
     * What a text adds to pairs.
     *
     * @param edit the edit; none where its numbers are odd in number, or where it is of another kind
     * @param odd how many numbers of a line cannot be taken two by two; 0 where they can
     */
    record OfPairs(Optional<Edit> edit, int odd) {
        private static final OfPairs NONE = new OfPairs(Optional.empty(), 0);
    }

    /** More pairs, or the numbers of one line two by two. */
    static OfPairs pairs(SampleSheet sheet, String text, List<Reading> readings) {
        Optional<Found> pairs = readings.stream()
                .filter(reading -> reading.samples().size() == 1)
                .map(reading -> reading.samples().get(0))
                .filter(found -> found.kind().can(Use.VARIABLES))
                .findFirst();
        if (pairs.isPresent()) {
            return added(
                    sheet, pairs.get().columns().stream().map(Entries::texts).toList());
        }
        List<Found> first = readings.isEmpty() ? List.of() : readings.get(0).samples();
        boolean list = first.size() == 1 && first.get(0).kind().width() == 1;
        if (!list || text.strip().lines().count() > 1) {
            return OfPairs.NONE;
        }
        List<String> texts = first.get(0).columns().get(0).texts();
        if (texts.size() % 2 == 1) {
            return new OfPairs(Optional.empty(), texts.size());
        }
        List<String> xs = new ArrayList<>();
        List<String> ys = new ArrayList<>();
        for (int i = 0; i < texts.size(); i += 2) {
            xs.add(texts.get(i));
            ys.add(texts.get(i + 1));
        }
        return added(sheet, List.of(xs, ys));
    }

    private static OfPairs added(SampleSheet sheet, List<List<String>> columns) {
        return new OfPairs(Optional.of(new SheetEdit.InsertRows(sheet.id(), sheet.size(), columns)), 0);
    }

    /** More entries of a sample; empty where what was typed is of another kind, and makes samples of its own. */
    static Optional<Edit> entries(SampleSheet sheet, Reading reading) {
        if (reading.samples().size() > 1) {
            return Optional.empty();
        }
        Found found = reading.samples().get(0);
        if (found.kind().width() == 1 ? !sheet.can(Use.TYPED_ON) : found.kind() != sheet.kind()) {
            return Optional.empty();
        }
        List<List<String>> rows =
                new ArrayList<>(found.columns().stream().map(Entries::texts).toList());
        while (rows.size() < sheet.columns().size()) {
            rows.add(Collections.nCopies(found.size(), "1"));
        }
        return Optional.of(new SheetEdit.InsertRows(sheet.id(), sheet.size(), rows));
    }
}
