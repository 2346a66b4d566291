/** Trails and prepared tables in files. Read {@link promedio.files.trail.TrailFiles} and {@link promedio.files.trail.TableWriter}. */
package promedio.files.trail;
