/** The command line; nothing here loads the window. Read {@link promedio.desktop.command.SolveCommand} first. */
package promedio.desktop.command;
