/** The Line: values as dots on a number line with the measures on it. Read {@link promedio.desktop.line.LineView} first. */
package promedio.desktop.line;
