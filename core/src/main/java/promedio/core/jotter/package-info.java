/** The jotter: what a pocket calculator would be picked up for. Read {@link promedio.core.jotter.Jotter} first. */
package promedio.core.jotter;
