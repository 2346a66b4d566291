/** Class tables: classes read as people write them, and lists tabulated into classes. Read ClassReading first. */
package promedio.core.tabulate;
