/** The answers of many students to one assignment, marked together: who and what, mistakes that many made, points. */
package promedio.core.answers;
