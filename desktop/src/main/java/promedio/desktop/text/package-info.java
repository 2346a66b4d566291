/** The words of the window. Read {@link promedio.desktop.text.Words} first. */
package promedio.desktop.text;
