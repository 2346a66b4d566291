/** The window, and the command line in front of it. Read {@link promedio.desktop.Promedio} first. */
package promedio.desktop;
