/** The assignment file {@code .promedio}: a zip of JSON and CSV. Read {@link promedio.files.assignment.AssignmentFile} first. */
package promedio.files.assignment;
