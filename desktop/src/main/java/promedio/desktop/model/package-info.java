/** What the window shows, without anything that can be seen: the desk with all its parts. Read {@link promedio.desktop.model.DeskModel} first. */
package promedio.desktop.model;
