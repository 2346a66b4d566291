/** The samples of the assignment. Read {@link promedio.desktop.shelf.ShelfView} first. */
package promedio.desktop.shelf;
