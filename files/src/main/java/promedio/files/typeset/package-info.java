/** Typeset formulas, without a window. Read {@link promedio.files.typeset.Outline} first. */
package promedio.files.typeset;
