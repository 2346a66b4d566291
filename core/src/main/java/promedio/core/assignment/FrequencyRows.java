package promedio.core.assignment;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import promedio.core.data.Entries;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.SampleKind.Use;

/** Frequency tables changed by one unit. */
final class FrequencyRows {
    private FrequencyRows() {}

    /** The table with one unit taken from a row (−1: from nowhere) and put to a value; empty where that makes no sense. */
    static Optional<SampleSheet> moved(SampleSheet sheet, Numerals numerals, int row, String to) {
        Optional<Exact> value = numerals.read(to).map(Numerals.Numeral::exact);
        if (!sheet.can(Use.COUNTED) || value.isEmpty() || row >= sheet.size()) {
            return Optional.empty();
        }
        if (row >= 0 && sheet.values().text(row).equals(to)) {
            return Optional.of(sheet);
        }
        Optional<SampleSheet> taken = row < 0 ? Optional.of(sheet) : changed(sheet, row, -1);
        return taken.flatMap(rest -> put(rest, numerals, value.get(), to));
    }

    private static Optional<SampleSheet> put(SampleSheet sheet, Numerals numerals, Exact value, String typed) {
        int at = sheet.size();
        for (int i = sheet.size() - 1; i >= 0; i--) {
            Optional<Exact> here = numerals.read(sheet.values().text(i)).map(Numerals.Numeral::exact);
            if (here.filter(value::equals).isPresent() && !sheet.off().contains(i)) {
                return changed(sheet, i, 1);
            }
            if (here.filter(other -> other.compareTo(value) > 0).isPresent()) {
                at = i;
            }
        }
        return Optional.of(sheet.inserted(at, List.of(List.of(typed), List.of("1"))));
    }

    /** Where a row stands after a unit was moved: a value that was not there yet has put a row in. */
    static OptionalInt rowAfter(Optional<SampleSheet> before, Optional<SampleSheet> after, int row) {
        if (before.isEmpty()
                || after.isEmpty()
                || before.get().size() == after.get().size()) {
            return OptionalInt.of(row);
        }
        Entries was = before.get().values();
        Entries is = after.get().values();
        int at = 0;
        while (at < was.size() && was.text(at).equals(is.text(at))) {
            at++;
        }
        return OptionalInt.of(row < at ? row : row + 1);
    }

    private static Optional<SampleSheet> changed(SampleSheet sheet, int row, int by) {
        String typed = sheet.frequencies().orElseThrow().text(row).strip();
        if (!typed.matches("[0-9]{1,15}") || Long.parseLong(typed) + by < 0) {
            return Optional.empty();
        }
        return Optional.of(sheet.with(1, row, Long.toString(Long.parseLong(typed) + by)));
    }
}
