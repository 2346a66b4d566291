/** Import and export: core types in, core types out, one package per format. Read {@link promedio.files.InputProblem} first. */
package promedio.files;
