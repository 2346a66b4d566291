/** The pages for the tutor: what is asked, and what was answered. */
package promedio.desktop.tutor;
