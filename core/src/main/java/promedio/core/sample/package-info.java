/** What was measured: values with their weights, and the same in order of size. Read {@link promedio.core.sample.Sample} first. */
package promedio.core.sample;
