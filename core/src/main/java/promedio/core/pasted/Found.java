package promedio.core.pasted;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SampleSheet.Variables;
import promedio.core.data.Entries;
import promedio.core.sample.GivenName;
import promedio.core.sample.SampleKind;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;

/**
 * A sample found in a text.
 *
 * @param name what it is headed; empty where it is not
 * @param unit the unit that stands in its heading or behind its numbers; may be empty
 * @param kind what its columns hold
 * @param columns one column of values, or values or classes beside frequencies, or the two of pairs
 * @param missing entries that mean missing besides empty ones
 * @param variables what the two of pairs are; of pairs only
 */
public record Found(
        String name,
        String unit,
        SampleKind kind,
        List<Entries> columns,
        Set<String> missing,
        Optional<Variables> variables) {
    /** Copies them. */
    public Found {
        columns = List.copyOf(columns);
        missing = Set.copyOf(missing);
    }

    /** A sample in which only empty entries are missing. */
    public Found(String name, String unit, SampleKind kind, List<Entries> columns) {
        this(name, unit, kind, columns, Set.of(), Optional.empty());
    }

    static Found list(String name, String unit, List<String> values) {
        return new Found(name, unit, SampleKind.VALUES, List.of(Entries.of(values)));
    }

    static Found table(String name, String unit, SampleKind kind, List<String> first, List<String> frequencies) {
        return new Found(name, unit, kind, List.of(Entries.of(first), Entries.of(frequencies)));
    }

    /** Pairs; what they are called together follows from their variables. */
    static Found pairs(String unit, Variables variables, List<String> first, List<String> second) {
        String name = variables.first().isEmpty() || variables.second().isEmpty()
                ? ""
                : Sentence.of("pasted.pairs.name", variables.first(), variables.second())
                        .toString();
        List<Entries> columns = List.of(Entries.of(first), Entries.of(second));
        return new Found(name, unit, SampleKind.PAIRS, columns, Set.of(), Optional.of(variables));
    }

    /** The same as a sample of the shelf, under an id and a name. */
    public SampleSheet sheet(String id, String called) {
        if (kind.width() == 1) {
            return SampleSheet.list(id, called, unit, columns.get(0)).withMissingCodes(missing);
        }
        List<Entries> both = kind.can(Use.GIVEN) ? completed() : columns;
        SampleSheet table = SampleSheet.table(kind, id, called, unit, both.get(0), both.get(1));
        return variables.map(table::of).orElse(table);
    }

    /** What a question gives, with an empty row for every name under which it gives nothing. */
    private List<Entries> completed() {
        List<String> names = new ArrayList<>();
        List<String> figures = new ArrayList<>();
        for (GivenName name : GivenName.of(kind)) {
            for (int row = 0; row < size(); row++) {
                if (columns.get(0).text(row).equals(name.id())) {
                    names.add(name.id());
                    figures.add(columns.get(1).text(row));
                }
            }
            if (!names.contains(name.id())) {
                names.add(name.id());
                figures.add("");
            }
        }
        return List.of(Entries.of(names), Entries.of(figures));
    }

    /** How many rows it has. */
    public int size() {
        return columns.get(0).size();
    }
}
