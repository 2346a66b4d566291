/** The page Measures with its working. Read {@link promedio.desktop.measures.MeasuresPage} first. */
package promedio.desktop.measures;
