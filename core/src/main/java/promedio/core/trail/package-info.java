/**
 * The trail of a data table: steps as sentences, from the original to the table shown. Read {@link promedio.core.trail.Trail} first, then
 * {@link promedio.core.trail.Step} and {@link promedio.core.trail.Preparing}.
 */
package promedio.core.trail;
