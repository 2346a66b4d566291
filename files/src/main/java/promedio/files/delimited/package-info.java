/** Texts read as pastes, and samples written as delimited text. Read {@link promedio.files.delimited.PastedReader} first. */
package promedio.files.delimited;
