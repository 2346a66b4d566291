/** Delimited text: comma, semicolon or tab. Read {@link promedio.files.delimited.SampleReader} first. */
package promedio.files.delimited;
