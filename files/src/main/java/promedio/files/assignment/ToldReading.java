package promedio.files.assignment;

import java.util.ArrayList;
import java.util.List;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.files.table.Delimiter;
import promedio.files.table.ReadingOptions;
import promedio.files.table.TableFile;

/** How a file was read, in sentences. */
final class ToldReading {
    private static final int LONGEST = 40;

    private ToldReading() {}

    static List<Sentence> of(String source, TableFile file, ReadingOptions said) {
        String name = Visible.line(source, LONGEST);
        List<Sentence> told = new ArrayList<>();
        if (file.sheet().isPresent()) {
            told.add(Sentence.of(
                    "original.sheet", name, Visible.line(file.sheet().get(), LONGEST)));
        } else if (file.format() == TableFile.Format.JSON) {
            told.add(Sentence.of("original.json", name));
        } else if (file.delimiter().isEmpty()) {
            told.add(Sentence.of("original.column", name));
        } else {
            told.add(Sentence.of("original.text", name, words(file.delimiter().get())));
        }
        if (!file.heading()) {
            told.add(Sentence.of("original.no-heading"));
        }
        if (file.reading().decimalMark() == ',') {
            told.add(Sentence.of("original.comma"));
        }
        if (!said.missing().isEmpty()) {
            told.add(Sentence.of("original.missing", Visible.line(String.join("; ", said.missing()), LONGEST)));
        }
        told.addAll(file.told());
        return List.copyOf(told);
    }

    private static Object words(Delimiter delimiter) {
        return Delimiter.NAMED.contains(delimiter)
                ? Sentence.of("delimiter." + delimiter.id())
                : "“" + delimiter.id() + "”";
    }
}
