/** Samples side by side. Read {@link promedio.desktop.model.compare.Comparing} first. */
package promedio.desktop.model.compare;
