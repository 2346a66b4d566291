package promedio.files.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.data.Column;
import promedio.core.data.DateForm;
import promedio.core.data.PointedOut;
import promedio.core.data.Summary;
import promedio.core.data.ThousandsMark;
import promedio.files.InputProblem;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TableFilesTest {
    /** A file of files.txt: its options, its text, and what must come of it. */
    record Awkward(String name, List<String> options, String text, List<String> expected) {
        static List<Awkward> all() throws IOException {
            String forms;
            try (var in = TableFilesTest.class.getResourceAsStream("files.txt")) {
                forms = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            }
            List<Awkward> all = new ArrayList<>();
            for (String form : forms.split("(?m)^### ", -1)) {
                if (form.contains("=>") && !form.startsWith("Awkward")) {
                    List<String> lines = Arrays.asList(form.split("\n", -1));
                    String[] head = lines.get(0).split(" \\| ", -1);
                    int first = 1;
                    while (!lines.get(first).startsWith("=> ")) {
                        first++;
                    }
                    String text = String.join("\n", lines.subList(1, first)) + (first > 1 ? "\n" : "");
                    all.add(new Awkward(
                            head[0],
                            head.length > 1 ? options(head[1]) : List.of(),
                            text.replace("\\t", "\t").replace("\\r", "\r").replace("\\0", "\0"),
                            lines.stream()
                                    .filter(line -> line.startsWith("=> "))
                                    .map(line -> line.substring(3))
                                    .toList()));
                }
            }
            return all;
        }

        /** An option and its value by turns; a value may have blanks. */
        private static List<String> options(String written) {
            List<String> options = new ArrayList<>();
            for (String one : written.split(" (?=--)", -1)) {
                int blank = one.indexOf(' ');
                options.add(one.substring(0, blank));
                options.add(one.substring(blank + 1));
            }
            return options;
        }

        ReadingOptions reading() {
            ReadingOptions said = ReadingOptions.GUESSED;
            List<String> columns = new ArrayList<>();
            for (int i = 0; i + 1 < options.size(); i += 2) {
                String value = options.get(i + 1);
                said = switch (options.get(i)) {
                    case "--skip" -> said.withSkip(OptionalInt.of(Integer.parseInt(value)));
                    case "--heading" -> said.withHeading(Optional.of(value.equals("yes")));
                    case "--delimiter" -> said.withDelimiter(Delimiter.find(value));
                    case "--rule" -> said.withDecimalMark(Optional.of(value.endsWith("comma") ? ',' : '.'));
                    case "--thousands" -> said.withThousands(ThousandsMark.find(value));
                    case "--dates" -> said.withDates(DateForm.find(value));
                    case "--missing" -> said.withMissing(value);
                    case "--sheet" -> said.withSheet(Optional.of(value));
                    default -> {
                        columns.add(value);
                        yield said;
                    }
                };
            }
            return said.withColumns(columns);
        }
    }

    private static TableFile read(byte[] bytes, ReadingOptions options) throws InputProblem {
        return TableFiles.read("-", new ByteArrayInputStream(bytes), options, Watch.NOBODY);
    }

    static List<String> told(TableFile file) {
        List<String> told = new ArrayList<>();
        String format = file.format() == TableFile.Format.DELIMITED
                ? file.delimiter().map(Delimiter::id).orElse("one column")
                : file.format().id() + file.sheet().map(sheet -> " " + sheet).orElse("");
        told.add(format
                + (file.preamble().isEmpty() ? "" : ", skip " + file.preamble().size())
                + (file.heading() ? ", heading" : ", no heading")
                + (file.reading().decimalMark() == ',' ? ", decimal comma" : "")
                + (file.reading().thousands() == ThousandsMark.NONE
                        ? ""
                        : ", thousands " + file.reading().thousands().id())
                + ", " + file.table().rows() + " rows");
        for (Column column : file.table().columns()) {
            String more = column instanceof Column.OfDates dates
                    ? " " + dates.form().id()
                    : (column.unit().isEmpty() ? "" : " " + column.unit())
                            + (column instanceof Column.OfNumbers numbers && numbers.isWhole() ? " whole" : "");
            told.add(column.name() + ": " + column.kind().id() + more + " " + column.count() + "/" + column.missing()
                    + "/" + column.others());
        }
        for (PointedOut notice : file.reading().pointedOut()) {
            StringBuilder said = new StringBuilder("! " + notice.what());
            notice.column().ifPresent(name -> said.append(' ').append(name));
            notice.row().ifPresent(row -> said.append(' ').append(row));
            notice.value().ifPresent(value -> said.append(' ').append(value));
            notice.cells().ifPresent(cells -> said.append(' ').append(cells));
            said.append(notice.readings().isEmpty() ? "" : " " + String.join(" or ", notice.readings()));
            told.add(said.toString());
        }
        return told;
    }

    @TestFactory
    Stream<DynamicTest> awkward_files_are_read_right_or_refused_in_a_sentence() throws IOException {
        List<Awkward> all = Awkward.all();
        assertThat(all).hasSizeGreaterThan(60);
        return all.stream()
                .map(one -> DynamicTest.dynamicTest(one.name(), () -> {
                    byte[] bytes = one.text().getBytes(StandardCharsets.UTF_8);
                    if (one.expected().get(0).startsWith("error ")) {
                        assertThatThrownBy(() -> read(bytes, one.reading()))
                                .isInstanceOf(InputProblem.class)
                                .hasMessageContaining(one.expected().get(0).substring(6));
                    } else {
                        TableFile file = read(bytes, one.reading());
                        assertThat(told(file)).isEqualTo(one.expected());
                        TableFile again = read(bytes, file.asRead(one.reading()));
                        assertThat(told(again)).as("read as it was told").isEqualTo(told(file));
                    }
                }));
    }

    @Test
    void json_ends_with_its_list_and_its_objects_have_names_in_common(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("a.json");
        for (String behind : List.of("x", "]", "[{\"a\":3}]", "{\"a\":3}", ",", "1")) {
            Files.writeString(file, "[{\"a\":1},{\"a\":2}]\n" + behind);
            assertThatThrownBy(() -> TableFiles.read(file, ReadingOptions.GUESSED, Watch.NOBODY))
                    .as(behind)
                    .isInstanceOf(InputProblem.class)
                    .hasMessageContaining("line 2");
        }
        Files.writeString(file, "[{\"a\":1},{\"a\":2}]  \n\n");
        assertThat(TableFiles.read(file, ReadingOptions.GUESSED, Watch.NOBODY)
                        .table()
                        .rows())
                .isEqualTo(2);
        Files.writeString(
                file,
                IntStream.range(0, 16_000)
                        .mapToObj(i -> "{\"k" + i + "\":" + i + "}")
                        .collect(Collectors.joining(",", "[", "]")));
        assertThatThrownBy(() -> TableFiles.read(file, ReadingOptions.GUESSED, Watch.NOBODY))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining("different names");
        String wide =
                IntStream.range(0, 1_200).mapToObj(i -> "\"k" + i + "\":" + i).collect(Collectors.joining(","));
        Files.writeString(file, "[{" + wide + "},{" + wide + "}]");
        assertThat(TableFiles.read(file, ReadingOptions.GUESSED, Watch.NOBODY)
                        .table()
                        .columns())
                .hasSize(1_200);
    }

    @Test
    void encodings_are_told_by_the_bytes() throws InputProblem {
        String text = "Größe;Stück\n12,5;3\n13,5;4\n";
        for (String name : List.of("UTF-8", "UTF-16LE", "UTF-16BE", "windows-1252")) {
            TableFile file = read(text.getBytes(Charset.forName(name)), ReadingOptions.GUESSED);
            assertThat(file.encoding()).contains(Charset.forName(name));
            assertThat(file.table().columns().get(0).name()).isEqualTo("Größe");
        }
        for (String name : List.of("UTF-8", "UTF-16LE", "UTF-16BE")) {
            TableFile marked = read(("\ufeff" + text).getBytes(Charset.forName(name)), ReadingOptions.GUESSED);
            assertThat(marked.encoding()).contains(Charset.forName(name));
            assertThat(marked.table().columns().get(0).name()).isEqualTo("Größe");
        }
        assertThatThrownBy(() -> read(
                        text.getBytes(Charset.forName("windows-1252")),
                        ReadingOptions.GUESSED.withEncoding(Optional.of(StandardCharsets.UTF_8))))
                .hasMessageContaining("not encoded as UTF-8");
    }

    @Test
    void other_formats_are_refused_by_their_first_bytes() {
        for (String first : List.of("%PDF-1.7", "GIF89a", "SQLite format 3", "{\\rtf1", "PK\u0003\u0004 no archive")) {
            assertThatThrownBy(() -> read(first.getBytes(StandardCharsets.ISO_8859_1), ReadingOptions.GUESSED))
                    .isInstanceOf(InputProblem.class);
        }
    }

    /** The figures of a column by hand: 12.5, 15 and 20.5 and 12.5 once more make 60.5, a quarter of it 15.125. */
    @Test
    void a_column_in_short() throws InputProblem {
        TableFile file = read(
                "minutes;at\n12,5;5.4.2031\n15;1.4.2031\n20,5;5.4.2031\n12,50;6.4.2031\n"
                        .getBytes(StandardCharsets.UTF_8),
                ReadingOptions.GUESSED);
        Summary minutes = Summary.of(file.table().columns().get(0));
        assertThat(minutes.distinct()).isEqualTo(3);
        assertThat(minutes.mean().orElseThrow()).hasToString("15.125");
        Summary at = Summary.of(file.table().columns().get(1));
        assertThat(at.distinct()).isEqualTo(3);
        assertThat(at.least().orElseThrow().date()).contains("2031-04-01");
        assertThat(at.largest().orElseThrow().date()).contains("2031-04-06");
    }

    /** Bytes changed, taken out and put in: it is read, or refused in a sentence. */
    @Property(tries = 400)
    void mutated_files_never_end_in_anything_but_a_table_or_a_sentence(@ForAll long seed) throws IOException {
        Random random = new Random(seed);
        List<Awkward> all = Awkward.all();
        Awkward one = all.get(random.nextInt(all.size()));
        byte[] bytes = one.text().getBytes(StandardCharsets.UTF_8);
        for (int i = 0; i < 1 + random.nextInt(4) && bytes.length > 1; i++) {
            int at = random.nextInt(bytes.length);
            switch (random.nextInt(3)) {
                case 0 -> bytes[at] = (byte) random.nextInt(256);
                case 1 ->
                    bytes = (new String(bytes, StandardCharsets.ISO_8859_1).substring(0, at)
                                    + new String(bytes, StandardCharsets.ISO_8859_1).substring(at + 1))
                            .getBytes(StandardCharsets.ISO_8859_1);
                default -> bytes[at] = (byte) ",;\"\n\t.".charAt(random.nextInt(6));
            }
        }
        try {
            TableFile file = read(bytes, one.reading());
            file.table().columns().forEach(column -> assertThat(column.count() + column.missing() + column.others())
                    .isEqualTo(file.table().rows()));
            file.table().columns().forEach(Summary::of);
        } catch (InputProblem problem) {
            assertThat(problem.sentence().toString())
                    .endsWith(problem.sentence().toString().endsWith("?") ? "?" : ".");
        }
    }
}
