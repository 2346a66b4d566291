package promedio.files.answers;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.course.CourseCard;
import promedio.core.ownwork.OwnSheet;
import promedio.core.ownwork.OwnTable;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;
import promedio.files.table.ReadingOptions;
import promedio.files.table.RowFile;

/** Tables that students worked by hand, from files and texts of any format. */
public final class WorkingTables {
    private WorkingTables() {}

    /** How what a student wrote is read: numbers as the card writes them, so that a decimal comma parts no cells. */
    public static ReadingOptions reading(CourseCard card) {
        return ReadingOptions.GUESSED.withDecimalMark(
                Optional.of(card.numerals().decimalMark()));
    }

    /**
     * A table: its headings, and as many rows as are kept, of which the last may have the totals.
     *
     * @param name what it is called where there is something to be said of it
     * @throws InputProblem when it cannot be read, or there is no row below the headings
     */
    public static OwnTable read(RowFile file, String name) throws InputProblem {
        List<List<String>> rows = new ArrayList<>();
        file.each(row -> {
            // One more for the headings, and one for the totals.
            if (rows.size() < OwnSheet.MOST_ROWS + 2) {
                rows.add(row.cells());
            }
        });
        if (rows.size() < 2) {
            throw new InputProblem(Sentence.of("input.no-working", name));
        }
        return OwnTable.of(rows);
    }
}
