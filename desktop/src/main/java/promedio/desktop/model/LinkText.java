package promedio.desktop.model;

import promedio.core.assignment.DataTable;
import promedio.core.assignment.Link;
import promedio.core.sentence.Visible;
import promedio.desktop.text.Words;

/** Where the entries of a sample come from, in words. */
public final class LinkText {
    private static final int LONGEST = 60;

    private LinkText() {}

    /** The sentence of a link to a table. */
    public static String of(Link link, DataTable table) {
        String column = name(table, link.column());
        String called = Visible.line(table.name(), LONGEST);
        if (link.part() instanceof Link.Where where) {
            String value = Visible.line(where.value(), LONGEST);
            return Words.of("link.where", column, called, name(table, where.column()), value);
        }
        return link.part() instanceof Link.Listed listed
                ? Words.of("link.rows", column, called, listed.rows().size())
                : Words.of("link.column", column, called);
    }

    private static String name(DataTable table, int column) {
        return Visible.line(table.all().columns().get(column).name(), LONGEST);
    }
}
