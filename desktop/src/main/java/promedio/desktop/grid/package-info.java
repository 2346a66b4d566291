/** Cells on ruled paper, of whatever table: chosen, gone through and written into by keys and mouse. */
package promedio.desktop.grid;
