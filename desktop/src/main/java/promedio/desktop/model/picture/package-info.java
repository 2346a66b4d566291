/** The pictures of what is chosen. Read {@link promedio.desktop.model.picture.Drawings} first. */
package promedio.desktop.model.picture;
