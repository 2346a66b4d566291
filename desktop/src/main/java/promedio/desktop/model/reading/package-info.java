/** What is typed, pasted or read from files, until it lies on the shelf. Read {@link promedio.desktop.model.reading.Intake} first. */
package promedio.desktop.model.reading;
