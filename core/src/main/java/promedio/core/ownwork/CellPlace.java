package promedio.core.ownwork;

/**
 * Where a cell of a student's table is.
 *
 * @param row the row from 0; as many as there are rows for the totals below them
 * @param column the column from 0
 */
public record CellPlace(int row, int column) {}
