/** The pages of a data table and its trail. Read {@link promedio.desktop.table.RowsPage} first. */
package promedio.desktop.table;
