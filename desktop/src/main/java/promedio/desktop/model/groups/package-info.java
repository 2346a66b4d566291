/** Measures of a table by groups. Read {@link promedio.desktop.model.groups.Breakdowns} first. */
package promedio.desktop.model.groups;
