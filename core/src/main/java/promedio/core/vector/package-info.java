/**
 * Columns to compute with: numbers as ratios of machine words, texts by number, dates, yes and no. Read
 * {@link promedio.core.vector.Vector} first, then {@link promedio.core.vector.Register}.
 */
package promedio.core.vector;
