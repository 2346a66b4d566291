package promedio.files.table;

import java.io.IOException;
import promedio.files.InputProblem;

/** What is handed the cells of a file, row by row. */
interface RowTaker {
    /** The next cell of the present row. */
    void cell(char[] text, int from, int length);

    /** The present row is at its end, and began at this line (or is this row of a sheet), from 1. */
    void endRow(long line) throws InputProblem;

    /** The next cell of the present row. */
    default void cell(String text) {
        cell(text.toCharArray(), 0, text.length());
    }

    /** Something that hands out its cells. */
    interface Giver {
        /** Hands out all cells. */
        void give(RowTaker rows) throws InputProblem, IOException;
    }
}
