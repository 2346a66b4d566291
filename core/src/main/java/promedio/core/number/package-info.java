/**
 * Exact numbers: text to number, ratios, signed roots, approximations with bounds, rounding and power sums. Read {@link
 * promedio.core.number.Figure} first, then {@link promedio.core.number.Numerals}.
 */
package promedio.core.number;
