package promedio.desktop.command;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.OpenFrequency;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.core.data.Entries;
import promedio.core.number.Numerals;
import promedio.core.number.SignificantText;
import promedio.core.pasted.Found;
import promedio.core.pasted.Reading;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.core.tabulate.ClassLabel;

/** How a text was read as a paste, in JSON and in words. */
final class PastedText {
    private PastedText() {}

    static String json(String source, List<Reading> readings) {
        ObjectNode object = new ObjectMapper().createObjectNode();
        object.put("source", source);
        write(readings.get(0), object.putArray("samples"));
        ArrayNode told = object.putArray("told");
        readings.get(0).told().forEach(sentence -> told.add(sentence.toString()));
        ArrayNode others = object.putArray("others");
        readings.stream()
                .skip(1)
                .forEach(other -> write(other, others.addObject().putArray("samples")));
        return object.toString();
    }

    /** The samples of a reading. */
    static void write(Reading reading, ArrayNode samples) {
        for (Found found : reading.samples()) {
            // What is given in place of data stands by itself.
            if (found.kind().can(Use.GIVEN)) {
                continue;
            }
            ObjectNode sample = samples.addObject();
            sample.put("name", found.name())
                    .put("unit", found.unit())
                    .put("kind", found.kind().id());
            if (found.kind().can(Use.VARIABLES)) {
                writePairs(found, sample);
                continue;
            }
            Columns columns = Columns.of(found);
            if (found.kind().can(Use.MIDPOINTS)) {
                ArrayNode classes = sample.putArray("classes");
                columns.classes().forEach(limits -> {
                    ArrayNode one = classes.addArray();
                    limits.forEach(limit -> one.add(limit.orElse(null)));
                });
            } else {
                ArrayNode values = sample.putArray("values");
                columns.values().forEach(values::add);
            }
            if (found.columns().size() > 1) {
                ArrayNode frequencies = sample.putArray("frequencies");
                columns.frequencies().forEach(frequency -> frequencies.add(frequency.orElse(null)));
            }
            sample.put("missing", columns.missing()).put("not-numbers", columns.notNumbers());
        }
    }

    /** Pairs: what their two are called and in which units, and the pairs themselves; null for a cell that is no number. */
    private static void writePairs(Found found, ObjectNode sample) {
        SampleSheet.Variables of = found.variables().orElse(SampleSheet.Variables.UNNAMED);
        sample.putArray("names").add(of.first()).add(of.second());
        sample.putArray("units").add(found.unit()).add(of.secondUnit());
        ArrayNode pairs = sample.putArray("pairs");
        for (int row = 0; row < found.size(); row++) {
            ArrayNode pair = pairs.addArray();
            for (Entries column : found.columns()) {
                pair.add(Columns.number(column.text(row)).orElse(null));
            }
        }
        Interpretation reading = Interpretation.of(found.sheet("s1", ""), CourseCard.STANDARD);
        sample.put("missing", Integer.toString(reading.count(Interpretation.Status.MISSING)))
                .put("not-numbers", Integer.toString(reading.count(Interpretation.Status.NOT_A_NUMBER)));
    }

    static String text(String source, List<Reading> readings) {
        Reading reading = readings.get(0);
        StringBuilder text = new StringBuilder(Visible.line(source));
        for (Sentence told : reading.told()) {
            text.append(System.lineSeparator()).append("  ").append(told);
        }
        for (Found found : reading.samples()) {
            String unit = found.unit().isEmpty() ? "" : " (" + found.unit() + ")";
            text.append(System.lineSeparator()).append("  ").append(Visible.line(found.name() + unit));
            for (int row = 0; row < found.size(); row++) {
                int index = row;
                List<String> cells = found.columns().stream()
                        .map(column -> column.text(index))
                        .toList();
                text.append(System.lineSeparator()).append("    ").append(Visible.line(String.join("  ", cells)));
            }
        }
        for (Reading other : readings.subList(1, readings.size())) {
            text.append(System.lineSeparator()).append("  or: ").append(other.what());
        }
        return text.toString();
    }

    /**
     * The cells of a sample as they count.
     *
     * @param values the numbers, of a list or of the rows of a frequency table
     * @param classes the limits of each class as they are written; empty where it is open
     * @param frequencies the frequencies; empty where one is open or no number
     * @param missing how many values are missing
     * @param notNumbers how many cells are no numbers (or no classes)
     */
    private record Columns(
            List<String> values,
            List<List<Optional<String>>> classes,
            List<Optional<String>> frequencies,
            String missing,
            String notNumbers) {
        static Columns of(Found found) {
            Interpretation reading = Interpretation.of(found.sheet("s1", ""), CourseCard.STANDARD);
            List<String> values = new ArrayList<>();
            List<List<Optional<String>>> classes = new ArrayList<>();
            List<Optional<String>> frequencies = new ArrayList<>();
            Entries first = found.columns().get(0);
            int notNumbers = 0;
            for (int row = 0; row < first.size(); row++) {
                String text = first.text(row);
                Optional<String> number = number(text);
                Optional<ClassLabel> label = ClassLabel.parse(text, Numerals.POINT);
                boolean table = found.columns().size() > 1;
                boolean classed = found.kind().can(Use.MIDPOINTS);
                if (classed && label.isPresent()) {
                    classes.add(List.of(
                            label.get().from().map(Numerals.POINT::write),
                            label.get().to().map(Numerals.POINT::write)));
                } else if (!classed && number.isPresent()) {
                    values.add(number.get());
                } else {
                    notNumbers += text.isBlank() ? 0 : 1;
                    continue;
                }
                if (table) {
                    String frequency = found.columns().get(1).text(row);
                    frequencies.add(OpenFrequency.is(frequency) ? Optional.empty() : number(frequency));
                }
            }
            String missing = reading.waiting().isPresent()
                    ? "0"
                    : SignificantText.of(reading.sample().missing(), 15);
            return new Columns(values, classes, frequencies, missing, Integer.toString(notNumbers));
        }

        private static Optional<String> number(String text) {
            return Numerals.POINT
                    .read(text.strip())
                    .or(() -> Numerals.POINT.read(text.replaceFirst("(?<=[0-9])\\s*\\p{L}.*$", "")))
                    .map(numeral -> Numerals.POINT.write(numeral.value()));
        }
    }
}
