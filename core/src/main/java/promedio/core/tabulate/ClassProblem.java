package promedio.core.tabulate;

import promedio.core.sentence.Sentence;

/**
 * What is wrong with a row of a class table.
 *
 * @param row the row, counted from 0
 * @param sentence what is wrong, and what would do
 */
public record ClassProblem(int row, Sentence sentence) {}
