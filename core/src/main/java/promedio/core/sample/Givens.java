package promedio.core.sample;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;

/**
 * What a question gives in place of data: figures under names, in the order in which they stand. What its kind knows under which name
 * is said by {@link GivenName}.
 *
 * @param kind the kind of question
 * @param items what is given
 * @param lessOne whether the divisor of a standard deviation that is given is n − 1
 * @param lettered the list or table in which letters stand for what is sought; empty where there is none
 * @param unread what is wrong with that list or table
 */
public record Givens(
        SampleKind kind, List<Item> items, boolean lessOne, Optional<Lettered> lettered, Optional<Sentence> unread) {
    /** What is given in figures alone. */
    public Givens(SampleKind kind, List<Item> items, boolean lessOne) {
        this(kind, items, lessOne, Optional.empty(), Optional.empty());
    }

    /** Copies the list. */
    public Givens {
        items = List.copyOf(items);
    }

    /**
     * Something given.
     *
     * @param name what it is
     * @param label which of several of that name, or a row as it is written; empty where neither is there
     * @param figures its figures in their order; an empty one is not given
     * @param sought the places, from 0, of those that are sought
     */
    public record Item(GivenName name, String label, List<Optional<Exact>> figures, Set<Integer> sought) {
        /** Copies list and set. */
        public Item {
            figures = List.copyOf(figures);
            sought = Set.copyOf(sought);
        }

        /** A figure by its place, from 0; empty where it is not given. */
        public Optional<Exact> figure(int place) {
            return place < figures.size() ? figures.get(place) : Optional.empty();
        }

        /** Whether a figure is sought. */
        public boolean seeks(int place) {
            return sought.contains(place);
        }
    }

    /** The only figure under a name; empty where it is not given. */
    public Optional<Exact> figure(GivenName name) {
        return all(name).stream().findFirst().flatMap(item -> item.figure(0));
    }

    /** Whether what stands under a name is sought. */
    public boolean seeks(GivenName name) {
        return all(name).stream().anyMatch(item -> item.seeks(0));
    }

    /** Whether a figure is given under a name. */
    public boolean has(GivenName name) {
        return figure(name).isPresent();
    }

    /** All that is given under a name. */
    public List<Item> all(GivenName name) {
        return items.stream().filter(item -> item.name() == name).toList();
    }

    /** The decimal places that the figures were written with, at most. */
    public int places() {
        return items.stream()
                .flatMap(item -> item.figures().stream().flatMap(Optional::stream))
                .mapToInt(figure -> figure.placesInFull().orElse(0))
                .max()
                .orElse(0);
    }
}
