/** The demo assignment. Read {@link promedio.desktop.demo.Demo} first. */
package promedio.desktop.demo;
