/** The measures, one file each, and the catalogue that lists them. Read {@link promedio.core.measure.Variance} first. */
package promedio.core.measure;
