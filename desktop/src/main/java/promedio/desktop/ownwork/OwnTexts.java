package promedio.desktop.ownwork;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import promedio.core.ownwork.CellPlace;
import promedio.core.ownwork.OwnSheet;
import promedio.desktop.grid.Aligned;

/** The cells of an own table as they are shown: arithmetic as what comes of it, decimal marks below each other; made once for each that is shown. */
final class OwnTexts {
    private static final int NARROWEST = 7;
    private static final int WIDEST = 24;
    /** Letters beside a figure: its mark. */
    private static final int BESIDE = 3;

    private final OwnSheet sheet;
    private final Map<String, String> results;
    private final char mark;
    private final int[] places;
    private final int[] letters;

    /**
     * The texts of a table.
     *
     * @param results what comes of arithmetic
     * @param meanings what stands below each heading
     */
    OwnTexts(OwnSheet sheet, Map<String, String> results, char mark, List<String> meanings) {
        this.sheet = sheet;
        this.results = results;
        this.mark = mark;
        int columns = sheet.columns().size();
        places = IntStream.range(0, columns).map(this::mostPlaces).toArray();
        letters = IntStream.range(0, columns)
                .map(column -> letters(column, meanings.get(column)))
                .toArray();
    }

    private IntStream rows() {
        return IntStream.rangeClosed(0, sheet.rows().size());
    }

    private int mostPlaces(int column) {
        return rows().mapToObj(row -> shown(new CellPlace(row, column)))
                .filter(OwnTexts::isFigure)
                .mapToInt(text -> Aligned.places(mark, text))
                .max()
                .orElse(0);
    }

    private int letters(int column, String meaning) {
        int head = Math.max(sheet.columns().get(column).heading().length(), meaning.length()) + 1;
        int longest = rows().map(row -> aligned(new CellPlace(row, column)).length() + BESIDE)
                .max()
                .orElse(0);
        return Math.max(NARROWEST, Math.min(WIDEST, Math.max(head, longest)));
    }

    private static boolean isFigure(String text) {
        return text.matches("[-+−]?[0-9]+(?:[.,][0-9]+)?");
    }

    OwnSheet sheet() {
        return sheet;
    }

    /** A cell as it is read. */
    String shown(CellPlace place) {
        String written = sheet.cell(place);
        return results.getOrDefault(written, written);
    }

    /** A cell with the blanks behind it that have its decimal mark stand below the others. */
    String aligned(CellPlace place) {
        String text = shown(place);
        return isFigure(text) ? Aligned.padded(text, Aligned.places(mark, text), places[place.column()]) : text;
    }

    /** How many letters wide a column is. */
    int letters(int column) {
        return letters[column];
    }
}
