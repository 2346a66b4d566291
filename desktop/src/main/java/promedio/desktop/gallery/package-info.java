/** Pictures of every view in every state. Read {@link promedio.desktop.gallery.Gallery} first. */
package promedio.desktop.gallery;
