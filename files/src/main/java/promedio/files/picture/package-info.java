/**
 * Pictures drawn: on a surface of whoever shows them, or into PNG, SVG, PDF; their content as JSON. Read {@link promedio.files.picture.Drawing}
 * first.
 */
package promedio.files.picture;
