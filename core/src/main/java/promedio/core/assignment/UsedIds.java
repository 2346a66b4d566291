package promedio.core.assignment;

import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * The ids that were ever given to samples and tables of an assignment. None is given twice: what a student did with a sample that is gone
 * stays known by its id, and must not come to belong to another.
 *
 * @param samples the largest number that an id of a sample had
 * @param tables the largest number that an id of a table had
 */
public record UsedIds(int samples, int tables) {
    /** None. */
    public static final UsedIds NONE = new UsedIds(0, 0);

    private static final String SAMPLES = "s";
    private static final String TABLES = "t";
    private static final int MOST_DIGITS = 9;

    /** These, and those of some samples and tables. */
    public UsedIds with(List<SampleSheet> sheets, List<DataTable> others) {
        UsedIds now = of(sheets, others);
        return now.samples <= samples && now.tables <= tables
                ? this
                : new UsedIds(Math.max(samples, now.samples), Math.max(tables, now.tables));
    }

    /** Those of some samples and tables. */
    public static UsedIds of(List<SampleSheet> sheets, List<DataTable> others) {
        return new UsedIds(
                largest(SAMPLES, sheets.stream().map(SampleSheet::id)),
                largest(TABLES, others.stream().map(DataTable::id)));
    }

    /** These, and those among some names of samples. */
    public UsedIds with(Stream<String> names) {
        return new UsedIds(Math.max(samples, largest(SAMPLES, names)), tables);
    }

    /** An id for a sample that none has or had. */
    public String freshSample(Predicate<String> isTaken) {
        return fresh(SAMPLES, samples, isTaken);
    }

    /** An id for a table that none has or had. */
    public String freshTable(Predicate<String> isTaken) {
        return fresh(TABLES, tables, isTaken);
    }

    private static String fresh(String letter, int last, Predicate<String> isTaken) {
        int next = last + 1;
        while (isTaken.test(letter + next)) {
            next++;
        }
        return letter + next;
    }

    private static int largest(String letter, Stream<String> ids) {
        return ids.mapToInt(id -> number(letter, id)).max().orElse(0);
    }

    private static int number(String letter, String id) {
        int digits = id.length() - letter.length();
        boolean numbered = digits > 0
                && digits <= MOST_DIGITS
                && id.startsWith(letter)
                && id.chars().skip(letter.length()).allMatch(sign -> sign >= '0' && sign <= '9');
        return numbered ? Integer.parseInt(id.substring(letter.length())) : 0;
    }
}
