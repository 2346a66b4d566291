/** The student's own answers: reading them and saying what is right about them. Read {@link promedio.core.marking.Marker} first. */
package promedio.core.marking;
