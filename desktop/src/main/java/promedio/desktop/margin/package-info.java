/** The student's answers and their marks. Read {@link promedio.desktop.margin.AnswerBox} first. */
package promedio.desktop.margin;
