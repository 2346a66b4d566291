package promedio.files.table;

import java.io.IOException;
import java.util.List;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;

/** The tables of a file that may hold several. */
interface Sheets {
    /** Their names. */
    List<String> names();

    /** Hands out the cells of one of them. */
    void give(int sheet, RowTaker rows) throws InputProblem, IOException;

    /** What is to be said of the sheet that was handed out last. */
    List<Sentence> told();
}
