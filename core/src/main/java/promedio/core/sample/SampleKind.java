package promedio.core.sample;

import static promedio.core.sample.SampleKind.Use.BY_ENTRY;
import static promedio.core.sample.SampleKind.Use.CLASSED;
import static promedio.core.sample.SampleKind.Use.COMPARED;
import static promedio.core.sample.SampleKind.Use.COUNTED;
import static promedio.core.sample.SampleKind.Use.LINKED;
import static promedio.core.sample.SampleKind.Use.LISTED;
import static promedio.core.sample.SampleKind.Use.MEASURED;
import static promedio.core.sample.SampleKind.Use.MIDPOINTS;
import static promedio.core.sample.SampleKind.Use.PAIRED;
import static promedio.core.sample.SampleKind.Use.SHELVED;
import static promedio.core.sample.SampleKind.Use.TOTALLED;
import static promedio.core.sample.SampleKind.Use.TYPED_ON;
import static promedio.core.sample.SampleKind.Use.VARIABLES;
import static promedio.core.sample.SampleKind.Use.WORDS;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import promedio.core.sample.SampleKind.Use;

/**
 * What a sample is made of. All that is true of a kind is said here, once: nobody else asks which kind it is, only what can be
 * done with it, or has a case for each, which the compiler holds complete.
 */
public enum SampleKind {
    /** A list: a value a row. */
    VALUES(
            "values",
            List.of(Role.VALUE),
            List.of(),
            Above.LINE,
            EnumSet.of(SHELVED, MEASURED, LINKED, COMPARED, LISTED, TYPED_ON, PAIRED, TOTALLED, WORDS, CLASSED)),
    /** Values and their frequencies. */
    FREQUENCIES(
            "frequencies",
            List.of(Role.VALUE, Role.FREQUENCY),
            List.of(),
            Above.LINE,
            EnumSet.of(SHELVED, MEASURED, COMPARED, LISTED, TYPED_ON, TOTALLED, WORDS, COUNTED, CLASSED)),
    /** Classes and their frequencies. */
    CLASSES(
            "classes",
            List.of(Role.CLASS, Role.FREQUENCY),
            List.of(),
            Above.LINE,
            EnumSet.of(SHELVED, MEASURED, COMPARED, COUNTED, CLASSED, MIDPOINTS)),
    /** Two values of each of several things, and maybe how often each pair counts. */
    PAIRS(
            "pairs",
            List.of(Role.X, Role.Y),
            List.of(Role.FREQUENCY),
            Above.CROSS,
            EnumSet.of(SHELVED, MEASURED, LINKED, VARIABLES, BY_ENTRY)),
    /** A count and totals in place of the values that they are of. */
    TOTALS("totals"),
    /** Figures of values of which some were wrong, and the right ones. */
    CORRECTION("correction"),
    /** Groups that are put together, each by its count, mean and perhaps standard deviation. */
    COMBINATION("combination"),
    /** Measures of values to which a number is added, or that are multiplied by one. */
    TRANSFORM("transform"),
    /** Two of mean, median and mode, of which the third follows nearly. */
    EMPIRICAL("empirical"),
    /** Values out of several distributions, each with its mean and standard deviation. */
    SCORES("scores"),
    /** A list or table of which some figures are not known, and what is known of the whole. */
    MISSING("missing"),
    /** Words, which are counted. */
    CATEGORIES("categories", List.of(Role.WORD), List.of(), Above.NOTHING, EnumSet.noneOf(Use.class));

    /** How a sample is made, in as many ways as there is code for each: all questions that give figures in place of data are one. */
    public enum Form {
        /** A value a row. */
        VALUES,
        /** A value and its frequency a row. */
        FREQUENCIES,
        /** A class and its frequency a row. */
        CLASSES,
        /** Two values a row. */
        PAIRS,
        /** A word a row. */
        CATEGORIES,
        /** Something given a row. */
        GIVENS
    }

    /** What a column of a sample holds. */
    public enum Role {
        /** A value. */
        VALUE("value"),
        /** A class. */
        CLASS("class"),
        /** How often what stands before it counts. */
        FREQUENCY("frequency"),
        /** The first of a pair. */
        X("x"),
        /** The second of a pair. */
        Y("y"),
        /** A word. */
        WORD("word"),
        /** The name of what is given. */
        GIVEN("given"),
        /** The figures that are given under a name. */
        FIGURES("figures");

        private final String heading;

        Role(String heading) {
            this.heading = heading;
        }

        /** What stands over such a column in files. */
        public String heading() {
            return heading;
        }
    }

    /** What stands above the pages. */
    public enum Above {
        /** The Line. */
        LINE,
        /** Two axes that cross. */
        CROSS,
        /** Nothing. */
        NOTHING
    }

    /** What can be done with a sample. */
    public enum Use {
        /** It stands on the shelf. */
        SHELVED,
        /** It has measures. */
        MEASURED,
        /** Its entries can come from a data table, which they follow. */
        LINKED,
        /** It is set beside others, or is one of several groups. */
        COMPARED,
        /** Its values, each as often as it occurs, are a list that is computed with. */
        LISTED,
        /** Values that are typed are more of it. */
        TYPED_ON,
        /** With another of its kind and length it makes pairs. */
        PAIRED,
        /** A row at its end may be the total or the mean of the others, by mistake. */
        TOTALLED,
        /** Its entries may be words throughout. */
        WORDS,
        /** It is put into classes, or is in some. */
        CLASSED,
        /** Each of its rows has a frequency, which says how many it stands for. */
        COUNTED,
        /** Its values are taken at the midpoints of classes. */
        MIDPOINTS,
        /** What is measured are several variables, with a name and a unit each. */
        VARIABLES,
        /** What is lit up together is an entry, not a value. */
        BY_ENTRY,
        /** Its rows are what a question gives, each under a name, in place of data. */
        GIVEN
    }

    private final String id;
    private final List<Role> columns;
    private final List<Role> more;
    private final Above above;
    private final Set<Use> uses;

    SampleKind(String id, List<Role> columns, List<Role> more, Above above, Set<Use> uses) {
        this.id = id;
        this.columns = columns;
        this.more = more;
        this.above = above;
        this.uses = uses;
    }

    /** What a question gives. */
    SampleKind(String id) {
        this(
                id,
                List.of(Role.GIVEN, Role.FIGURES),
                List.of(),
                Above.NOTHING,
                EnumSet.of(Use.SHELVED, Use.MEASURED, Use.GIVEN));
    }

    /** The stable id, in files and on the command line. */
    public String id() {
        return id;
    }

    /** The kind with an id; empty where there is none. */
    public static Optional<SampleKind> find(String id) {
        return Arrays.stream(values()).filter(kind -> kind.id.equals(id)).findFirst();
    }

    /** What its columns hold. */
    public List<Role> columns() {
        return columns;
    }

    /** How it is made. */
    public Form form() {
        return switch (this) {
            case VALUES -> Form.VALUES;
            case FREQUENCIES -> Form.FREQUENCIES;
            case CLASSES -> Form.CLASSES;
            case PAIRS -> Form.PAIRS;
            case CATEGORIES -> Form.CATEGORIES;
            case TOTALS, CORRECTION, COMBINATION, TRANSFORM, EMPIRICAL, SCORES, MISSING -> Form.GIVENS;
        };
    }

    /** What stands over its columns in files, at least; of what a question gives its own id stands first. */
    public List<String> headings() {
        return can(Use.GIVEN)
                ? List.of(id, Role.FIGURES.heading())
                : columns.stream().map(Role::heading).toList();
    }

    /** How many columns it has, at least. */
    public int width() {
        return columns.size();
    }

    /** What its columns hold where there are so many of them; empty for a number that it cannot have. */
    public Optional<List<Role>> columns(int width) {
        boolean fits = width >= width() && width <= width() + more.size();
        return Optional.of(Stream.concat(columns.stream(), more.stream())
                        .limit(width)
                        .toList())
                .filter(roles -> fits);
    }

    /** What stands above its pages. */
    public Above above() {
        return above;
    }

    /** Whether something can be done with it. */
    public boolean can(Use use) {
        return uses.contains(use);
    }
}
