package promedio.desktop.model.table;

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
        String called = Visible.line(table.name(), LONGEST);
        return link instanceof Link.Made made ? made(made, called) : cells((Link.Cells) link, table, called);
    }

    private static String made(Link.Made link, String called) {
        String column = link.columns().stream()
                .map(name -> Visible.line(name, LONGEST))
                .reduce((one, other) -> Words.of("link.columns", one, other))
                .orElseThrow();
        return link.among().stream()
                .map(among -> Words.of(
                        "link.among",
                        Visible.line(among.column(), LONGEST),
                        among.value().isEmpty() ? Words.of("link.missing") : Visible.line(among.value(), LONGEST)))
                .reduce((one, other) -> Words.of("link.and", one, other))
                .map(where -> Words.of("link.made.among", column, called, where))
                .orElseGet(() -> Words.of("link.made", column, called));
    }

    private static String cells(Link.Cells link, DataTable table, String called) {
        String column = link.second()
                .map(second -> Words.of("link.columns", name(table, link.column()), name(table, second)))
                .orElseGet(() -> name(table, link.column()));
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
