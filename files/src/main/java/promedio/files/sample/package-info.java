/** One sample out of a file that was read as a table, strictly: no cell is taken for what it is not. Begin with {@link promedio.files.sample.SampleReader}. */
package promedio.files.sample;
