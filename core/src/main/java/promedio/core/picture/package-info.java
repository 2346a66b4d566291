/**
 * Pictures as they are drawn, whatever draws them: what is drawn, titles, units, ticks. Read {@link promedio.core.picture.Picture} and
 * {@link promedio.core.picture.Pictures} first.
 */
package promedio.core.picture;
