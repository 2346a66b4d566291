/** The page Entries. Read {@link promedio.desktop.entries.EntriesPage} first. */
package promedio.desktop.entries;
