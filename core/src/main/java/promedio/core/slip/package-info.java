/** Mistakes of hand work: a changed computation, or a changed sample under the same one. Read {@link promedio.core.slip.Slip} first. */
package promedio.core.slip;
