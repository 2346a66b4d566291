/** The window as a whole. Read {@link promedio.desktop.window.MainWindow} first. */
package promedio.desktop.window;
