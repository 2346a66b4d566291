/** The jotter at the foot of the window: a line, and what was asked before above it. */
package promedio.desktop.jotter;
