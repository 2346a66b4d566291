/** The document: samples as they were entered, the course card, the answers, and the edits that change them. Read {@link promedio.core.assignment.Assignment} first. */
package promedio.core.assignment;
