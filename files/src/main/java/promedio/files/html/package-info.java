/** Tables in HTML, as browsers put them on the clipboard. Read {@link promedio.files.html.HtmlTables} first. */
package promedio.files.html;
