/**
 * The student's own table: what its columns are, and what is to be said of each cell, total and line. Definitions for relations, section 16.
 */
package promedio.core.ownwork;
