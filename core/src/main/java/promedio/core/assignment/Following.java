package promedio.core.assignment;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import promedio.core.data.Column;
import promedio.core.data.ColumnEntries;
import promedio.core.data.Entries;
import promedio.core.number.Numerals;
import promedio.core.sentence.Sentence;
import promedio.core.trail.Field;
import promedio.core.trail.Walk;
import promedio.core.vector.Numbers;

/**
 * Samples that follow the steps of their table. The steps are walked elsewhere, since that may take a moment; what they make becomes the
 * entries then, which is no edit: whoever takes an edit back gets the entries of before with it.
 */
public final class Following {
    private Following() {}

    /**
     * Samples with the entries that the steps of a table make.
     *
     * @param assignment the assignment with them
     * @param told what is to be said of a sample as long as it is so, by its id
     * @param once what is to be said of what has just changed
     */
    public record Settled(Assignment assignment, Map<String, List<Sentence>> told, List<Sentence> once) {
        /** Copies what can change. */
        public Settled {
            told = Map.copyOf(told);
            once = List.copyOf(once);
        }
    }

    /** Whether samples follow the steps of a table. */
    public static boolean isFollowed(Assignment assignment, DataTable table) {
        return assignment.sheets().stream().anyMatch(sheet -> made(sheet, table).isPresent());
    }

    private static Optional<Link.Made> made(SampleSheet sheet, DataTable table) {
        return sheet.link()
                .filter(link -> link instanceof Link.Made && link.tableId().equals(table.id()))
                .map(Link.Made.class::cast);
    }

    /**
     * Gives the samples that follow a table the entries that its steps make. One whose column is not there keeps those it has.
     *
     * @param walk the steps of the table as they were walked
     */
    public static Settled settled(Assignment before, DataTable table, Walk walk) {
        Map<String, List<Sentence>> told = new LinkedHashMap<>();
        List<Sentence> once = new ArrayList<>();
        List<SampleSheet> sheets = before.sheets().stream()
                .map(sheet -> made(sheet, table)
                        .map(link ->
                                settled(sheet, link, table, walk, before.card().numerals(), told, once))
                        .orElse(sheet))
                .toList();
        return new Settled(sheets.equals(before.sheets()) ? before : before.withSheets(sheets), told, once);
    }

    /** Samples that follow steps with entries that were given to them before; others stay as they are. */
    public static Assignment given(Assignment before, Map<String, SampleSheet> given) {
        return before.withSheets(before.sheets().stream()
                .map(sheet -> given.getOrDefault(sheet.id(), sheet))
                .toList());
    }

    /** The entries of one sample, as {@link #settled(Assignment, DataTable, Walk)} does it. */
    public static SampleSheet settled(SampleSheet sheet, DataTable table, Walk walk, Numerals card) {
        return made(sheet, table)
                .map(link -> settled(sheet, link, table, walk, card, new LinkedHashMap<>(), new ArrayList<>()))
                .orElse(sheet);
    }

    private static SampleSheet settled(
            SampleSheet sheet,
            Link.Made link,
            DataTable table,
            Walk walk,
            Numerals card,
            Map<String, List<Sentence>> told,
            List<Sentence> once) {
        Optional<String> lost = Stream.concat(
                        link.columns().stream(), link.among().stream().map(Link.Among::column))
                .filter(column -> walk.find(column).isEmpty())
                .findFirst();
        if (lost.isPresent()) {
            told.put(
                    sheet.id(),
                    List.of(
                            walk.fault().isPresent()
                                    ? Sentence.of("follow.waits", lost.get(), table.name(), walk.faulty())
                                    : Sentence.of("follow.gone", lost.get(), table.name())));
            return sheet;
        }
        List<Field> fields = link.columns().stream()
                .map(name -> walk.find(name).orElseThrow())
                .toList();
        int[] rows = link.among().isEmpty() ? null : rows(link.among(), walk);
        long rounded = fields.stream()
                .filter(field -> !field.isOfOriginal())
                .mapToLong(field -> rounded(field, rows))
                .sum();
        if (rounded > 0) {
            told.put(
                    sheet.id(),
                    List.of(Sentence.of(rounded == 1 ? "follow.rounded.one" : "follow.rounded.many", rounded)));
        }
        List<Column> columns = fields.stream().map(Field::column).toList();
        List<Entries> entries = Links.beside(
                columns,
                columns.stream()
                        .map(column -> ColumnEntries.of(column, Optional.ofNullable(rows), card))
                        .toList());
        Set<String> codes = Links.codes(columns);
        if (entries.equals(sheet.columns()) && sheet.missingCodes().equals(codes)) {
            return sheet;
        }
        // Where rows came or went nobody can tell which entry was switched off.
        boolean unknown = entries.get(0).size() != sheet.size() && !sheet.off().isEmpty();
        if (unknown) {
            once.add(Sentence.of("follow.on-again", sheet.name(), sheet.off().size()));
        }
        boolean unnamed =
                sheet.variables().filter(SampleSheet.Variables.UNNAMED::equals).isPresent();
        SampleSheet named = unnamed ? sheet.of(Links.variables(columns)) : sheet;
        return named.withMissingCodes(codes)
                .linked(Optional.of(link), entries, unknown ? new TreeSet<>() : sheet.off());
    }

    private static int[] rows(List<Link.Among> among, Walk walk) {
        IntStream rows = IntStream.range(0, walk.last().rows());
        for (Link.Among one : among) {
            Field by = walk.find(one.column()).orElseThrow();
            rows = rows.filter(row -> by.written(row).equals(one.value()));
        }
        return rows.toArray();
    }

    /** How many numbers are not written exactly, since they do not end. */
    private static long rounded(Field field, int[] rows) {
        if (!(field.vector() instanceof Numbers numbers)) {
            return 0;
        }
        IntStream some = rows == null ? IntStream.range(0, numbers.size()) : IntStream.of(rows);
        return some.filter(row -> !numbers.isMissing(row) && !numbers.isInFull(row))
                .count();
    }
}
