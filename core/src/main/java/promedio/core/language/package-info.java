/**
 * The language of formulas: parsed, checked, and worked out over whole columns. Read {@link promedio.core.language.Formula} first,
 * then {@link promedio.core.language.Expression}, the tree, and {@link promedio.core.language.Evaluator}.
 */
package promedio.core.language;
