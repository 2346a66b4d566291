package promedio.core.language;

import java.util.List;
import java.util.Optional;
import promedio.core.vector.Vector;

/** What names mean where a formula is worked out. */
public interface Scope {
    /** How many rows there are; 1 where there are none, as in the jotter. */
    int rows();

    /** The names, in their order. */
    List<String> names();

    /** What a name stands for; the name is one of {@link #names()}. */
    Vector column(String name);

    /** Whether several values may stand in a bracket, and each formula has a length of its own: so in the jotter. */
    default boolean hasLists() {
        return false;
    }

    /** The name that is meant: the same, or the only one that is the same without regard to case. */
    static Optional<String> find(List<String> names, String name) {
        if (names.contains(name)) {
            return Optional.of(name);
        }
        List<String> alike =
                names.stream().filter(one -> one.equalsIgnoreCase(name)).toList();
        return alike.size() == 1 ? Optional.of(alike.get(0)) : Optional.empty();
    }

    /** The name that is meant. @throws Fault where there is none, with one that is near */
    static String find(List<String> names, Expression.Column column) {
        return find(names, column.name()).orElseThrow(() -> Grammar.near(column.name(), names)
                .map(near -> Fault.of(column.at(), "language.no-column.meant", column.name(), near))
                .orElseGet(() -> Fault.of(column.at(), "language.no-column", column.name())));
    }

    /** The columns that are meant, runs in their present order. @throws Fault where there is none, or a run goes backwards */
    static List<String> find(List<String> names, List<Expression.Run> runs) {
        return runs.stream()
                .flatMap(run -> {
                    int from = names.indexOf(find(names, run.from()));
                    int to =
                            run.to().map(end -> names.indexOf(find(names, end))).orElse(from);
                    if (to < from) {
                        throw Fault.of(run.at(), "language.backwards", names.get(from), names.get(to));
                    }
                    return names.subList(from, to + 1).stream();
                })
                .toList();
    }
}
