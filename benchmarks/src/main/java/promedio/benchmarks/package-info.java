/** Timings of the core, with JMH; what they came to stands in docs/performance.md. */
package promedio.benchmarks;
