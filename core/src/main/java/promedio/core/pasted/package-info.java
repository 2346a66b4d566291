/** What somebody typed or pasted, as it is printed anywhere, told apart: lists, tables standing or lying, groups, stems. Read {@link promedio.core.pasted.Pasted} first. */
package promedio.core.pasted;
