/** What a student works by hand, and what is to be said of it. */
package promedio.desktop.model.own;
