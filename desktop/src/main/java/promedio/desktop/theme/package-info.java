/** Fonts, the style sheet, paper and slate. Read {@link promedio.desktop.theme.Theme} first. */
package promedio.desktop.theme;
