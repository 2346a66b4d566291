/** The jotter. Read {@link promedio.desktop.model.jotter.Jots} first. */
package promedio.desktop.model.jotter;
