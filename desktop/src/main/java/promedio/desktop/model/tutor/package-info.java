/** Questions, and the answers of many. Read {@link promedio.desktop.model.tutor.Classwork} first. */
package promedio.desktop.model.tutor;
