/** The page Compare, of several samples. Read {@link promedio.desktop.compare.ComparePage} first. */
package promedio.desktop.compare;
