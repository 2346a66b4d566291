/** Distributions of chance: what lies beyond a value, and the value beyond which a share lies. */
package promedio.core.distribution;
