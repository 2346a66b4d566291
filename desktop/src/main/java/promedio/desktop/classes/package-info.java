/** The page Classes: class tables as they were read, lists put into classes, and their pictures. Read ClassesPage first. */
package promedio.desktop.classes;
