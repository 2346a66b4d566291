/** Answers of many students in, from a table or a folder of assignments, and their marks out. */
package promedio.files.answers;
