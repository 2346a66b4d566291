/** The page My working: the table and the lines that a student works by hand, marked as they are written. */
package promedio.desktop.ownwork;
