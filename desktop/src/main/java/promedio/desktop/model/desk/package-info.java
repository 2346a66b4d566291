/** The desk itself: the assignment, what is chosen of it, its figures, edits, undo and saving. It knows no part. Read {@link promedio.desktop.model.desk.Desk} first. */
package promedio.desktop.model.desk;
