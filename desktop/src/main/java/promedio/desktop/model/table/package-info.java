/** The chosen data table, its steps, and what follows them. Read {@link promedio.desktop.model.table.Tables} first. */
package promedio.desktop.model.table;
