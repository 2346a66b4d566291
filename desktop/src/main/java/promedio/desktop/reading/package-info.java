/** How a paste or a file was read, and its other readings; on every page that shows entries. Read {@link promedio.desktop.reading.HowReadLine} first. */
package promedio.desktop.reading;
