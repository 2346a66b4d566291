/** The working of a measure as it is done by hand: lines, columns and totals. Read {@link promedio.core.working.Working} first. */
package promedio.core.working;
