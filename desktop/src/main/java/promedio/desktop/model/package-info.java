/** What the window shows, without anything that can be seen. Read {@link promedio.desktop.model.DeskModel} first. */
package promedio.desktop.model;
