/** Items of the shelf that belong together: pairs and groups. Read {@link promedio.desktop.model.shelf.PairWork} first. */
package promedio.desktop.model.shelf;
