/** Typeset formulas. Read {@link promedio.desktop.formula.FormulaView} first. */
package promedio.desktop.formula;
