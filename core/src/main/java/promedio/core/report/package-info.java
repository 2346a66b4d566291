/** Documents of what is shown, without a window. Read {@link promedio.core.report.WorkingReport} first. */
package promedio.core.report;
