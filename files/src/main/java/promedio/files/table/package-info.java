/** Data tables from files of any format. Read {@link promedio.files.table.TableFiles} first. */
package promedio.files.table;
