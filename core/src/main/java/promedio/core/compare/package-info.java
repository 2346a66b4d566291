/** Samples side by side: measures of each, and what differs. Read {@link promedio.core.compare.Comparison} first. */
package promedio.core.compare;
