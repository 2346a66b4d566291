package promedio.desktop.model.reading;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import promedio.core.assignment.SampleSheet;
import promedio.core.pasted.Reading;
import promedio.desktop.text.Words;

/**
 * How a paste or a file was read, and how else it could be.
 *
 * @param readings its sensible readings, the likeliest first
 * @param chosen which of them made the samples
 * @param made the samples as they were made
 * @param name what samples without a heading are called; may be empty
 * @param text what was pasted; empty where it came from a file
 */
public record HowRead(List<Reading> readings, int chosen, List<SampleSheet> made, String name, String text) {
    private static final int FIRST_NUMBERS = 3;

    private static final int FEWEST_ROWS = 3;
    private static final List<String> DELIMITERS = List.of("\t", ";", "|", ",");

    /** Copies the lists. */
    public HowRead {
        readings = List.copyOf(readings);
        made = List.copyOf(made);
    }

    /** The reading that made the samples. */
    public Reading reading() {
        return readings.get(chosen);
    }

    /** Whether what was pasted stands in columns with something between them, so that it could be kept as a data table. */
    public boolean isTable() {
        List<String> lines = text.lines().filter(line -> !line.isBlank()).toList();
        return DELIMITERS.stream().anyMatch(delimiter -> {
            long parts = lines.stream()
                    .mapToLong(line -> line.split(Pattern.quote(delimiter), -1).length)
                    .filter(count -> count > 1)
                    .count();
            return parts >= FEWEST_ROWS && parts == lines.size();
        });
    }

    /** Whether a sample is one of those made, and its entries stand as they were read. */
    boolean made(SampleSheet sheet) {
        return made.stream()
                .anyMatch(one -> one.id().equals(sheet.id())
                        && one.kind() == sheet.kind()
                        && one.columns().equals(sheet.columns()));
    }

    /** What a reading is; where there are several that are called so, with the numbers it begins with, which tell them apart. */
    public String words(int which) {
        String words = Words.of(readings.get(which).what());
        boolean alone = readings.stream()
                        .filter(one -> Words.of(one.what()).equals(words))
                        .count()
                == 1;
        return alone ? words : Words.of("entries.read-as.begins", words, begins(readings.get(which)));
    }

    private static String begins(Reading reading) {
        List<String> first = reading.samples().stream()
                .limit(1)
                .flatMap(found -> found.columns().get(0).texts().stream())
                .limit(FIRST_NUMBERS + 1L)
                .toList();
        String shown = first.stream().limit(FIRST_NUMBERS).collect(Collectors.joining("; "));
        return first.size() > FIRST_NUMBERS ? shown + " …" : shown;
    }
}
