package promedio.core.pasted;

import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;

/** What is said of a total that was left out: also when it is not the sum of what it stands below. */
final class Totals {
    private Totals() {}

    /** Of a total behind a row. */
    static Sentence told(List<String> added, String total, PastedCells cells) {
        Optional<Exact> sum = TableForm.sum(added, cells);
        Optional<Exact> written = cells.number(total).map(PastedCells.Quantity::value);
        boolean wrong = sum.isPresent() && written.isPresent() && !sum.equals(written);
        return wrong
                ? Sentence.of("pasted.left-out.wrong-total", total.strip(), sum.get())
                : Sentence.of("pasted.left-out.sum", total.strip());
    }

    /** Of a total below columns, as its row stands. */
    static Sentence told(String row, List<List<String>> lines, PastedCells cells) {
        List<List<String>> columns = Grid.turned(lines);
        List<String> figures = java.util.Arrays.stream(row.split("[\\s=:]+"))
                .filter(cells::isNumber)
                .toList();
        boolean right = figures.stream()
                .allMatch(figure -> columns.stream().anyMatch(column -> TableForm.isTotalOf(column, figure, cells)));
        if (right || figures.size() != 1) {
            boolean named = row.chars().anyMatch(Character::isLetter) || row.indexOf('Σ') >= 0;
            String totals = String.join(", ", figures);
            return named
                    ? Sentence.of("pasted.left-out.total", row)
                    : Sentence.of("pasted.left-out." + (figures.size() > 1 ? "sums" : "sum"), totals);
        }
        Optional<Exact> sum = TableForm.sum(columns.get(columns.size() - 1), cells);
        return sum.isPresent()
                ? Sentence.of("pasted.left-out.wrong-row", row, sum.get())
                : Sentence.of("pasted.left-out.total", row);
    }
}
