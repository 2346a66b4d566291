/** Columns of a table: their cells as written, and what they are. Read {@link promedio.core.data.Column} first. */
package promedio.core.data;
