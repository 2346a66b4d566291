/** A writer of documents for each format. Read {@link promedio.files.document.HtmlText} first. */
package promedio.files.document;
