package promedio.core.picture;

import java.util.List;
import promedio.core.number.Decimals;

/** What a picture is made of. */
public sealed interface Subject {
    /** Who asks which kind it is. */
    interface Cases<R> {
        /** Of samples. */
        R samples(Samples samples);

        /** Of categories. */
        R categories(Categories categories);

        /** Of pairs. */
        R pairs(Pairs pairs);
    }

    /** Answers by kind. */
    <R> R fold(Cases<R> cases);

    /**
     * One sample, or several that are laid over one another or side by side.
     *
     * @param samples at least one, of different names where there are several
     * @param of what all of them measure, with its unit
     * @param name what they are called together
     * @param by what their names are of, where they are groups; empty where they are not
     */
    record Samples(List<Named> samples, String of, String name, String by) implements Subject {
        /** Copies the list. */
        public Samples {
            samples = List.copyOf(samples);
        }

        /** One sample. */
        public Samples(Named one) {
            this(List.of(one), one.title(), one.name(), "");
        }

        /** Whether all are lists or frequency tables. */
        public boolean areLists() {
            return samples.stream().allMatch(Named::isList);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.samples(this);
        }
    }

    /**
     * How often categories occur, or pairs of them.
     *
     * @param name what the categories are of
     * @param by what the groups are of; empty where there is one group
     * @param categories in their order
     * @param groups in their order; one without a name where there are none
     * @param counts for each category the counts by group
     */
    record Categories(String name, String by, List<String> categories, List<String> groups, List<List<Long>> counts)
            implements Subject {
        /** Copies the lists. */
        public Categories {
            categories = List.copyOf(categories);
            groups = List.copyOf(groups);
            counts = counts.stream().map(List::copyOf).toList();
        }

        /** The total of a category. */
        public long total(int category) {
            return counts.get(category).stream().mapToLong(Long::longValue).sum();
        }

        /** The total of all. */
        public long total() {
            long total = 0;
            for (int i = 0; i < categories.size(); i++) {
                total += total(i);
            }
            return total;
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.categories(this);
        }
    }

    /**
     * Pairs of numbers, in one group or several.
     *
     * @param x what is drawn across, with its unit
     * @param y what is drawn upwards, with its unit
     * @param by what the groups are of; empty where there is one
     * @param groups at least one
     */
    record Pairs(String x, String y, String by, List<Group> groups) implements Subject {
        /**
         * The pairs of a group.
         *
         * @param name its name; empty where there is one group
         * @param xs what is drawn across
         * @param ys what is drawn upwards, as many
         */
        public record Group(String name, Decimals xs, Decimals ys) {
            /** @throws IllegalArgumentException when there are not as many */
            public Group {
                if (xs.size() != ys.size()) {
                    throw new IllegalArgumentException(xs.size() + " and " + ys.size() + " numbers make no pairs.");
                }
            }
        }

        /** Copies the list. */
        public Pairs {
            groups = List.copyOf(groups);
        }

        /** How many pairs there are. */
        public int size() {
            return groups.stream().mapToInt(group -> group.xs().size()).sum();
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.pairs(this);
        }
    }
}
