/** What is handed out of anything that is shown, before it is written in a format. Read {@link promedio.core.document.Document} first. */
package promedio.core.document;
