/** The page Groups: measures by one or two categories. */
package promedio.desktop.groups;
