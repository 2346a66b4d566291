/**
 * The expression tree that a measure is written in, and what is read off it: value, notation, substitution, columns and
 * rewritings. It takes a rounding, never a course card. Read {@link promedio.core.formula.Formula} first.
 */
package promedio.core.formula;
