/** The page Picture of a sample and of a data table. Read {@link promedio.desktop.picture.PicturePage} first. */
package promedio.desktop.picture;
