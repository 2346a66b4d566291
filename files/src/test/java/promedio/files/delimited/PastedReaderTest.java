package promedio.files.delimited;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.core.number.Numerals;
import promedio.core.pasted.Found;
import promedio.core.pasted.Pasted;
import promedio.core.pasted.Quoted;
import promedio.core.pasted.Reading;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind;
import promedio.files.InputProblem;
import promedio.files.sample.SampleReader;
import promedio.files.table.ReadingOptions;
import promedio.files.table.TableFiles;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PastedReaderTest {
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '§',
            quoteCharacter = '`',
            textBlock =
                    """
                    minutes\\n12\\n15                  § values minutes[[12, 15]]
                    12\\n\\n15\\n\\n                   § values [[12, , 15]]
                    a,b\\n1,2\\n\\n3,4\\n              § values a[[1, 3]] values b[[2, 4]]
                    a;b\\n1;5\\n3;                     § values a[[1, 3]] values b[[5]]
                    "a, b"\\n1\\n\\n3                 § values a, b[[1, , 3]]
                    "a; b",c\\n1,2\\n3,4            § values a; b[[1, 3]] values c[[2, 4]]
                    visitors,f\\n8,3\\n9,5            § frequencies visitors[[8, 9], [3, 5]]
                    class,f\\n0-9,3\\n10-19,5         § classes class[[0-9, 10-19], [3, 5]]
                    10-19: 4\\n20-29: 9               § classes [[10-19, 20-29], [4, 9]]
                    12 15\\n17 18                    § values [[12, 15, 17, 18]]
                    1 | 2 5\\n2 | 0                  § values [[12, 15, 20]]
                    12, 15, 15, 18                   § values [[12, 15, 15, 18]]
                    12,5\\n14,7\\n13,25               § values [[12.5, 14.7, 13.25]]
                    Masse;f\\n1,5;3\\n2,5;7           § frequencies Masse[[1.5, 2.5], [3, 7]]
                    "17,5","2"\\n"18,5","4"\\n"19,5","3" § frequencies [[17.5, 18.5, 19.5], [2, 4, 3]]
                    """)
    void a_text_file_is_taken_apart(String text, String parts, @TempDir Path folder) throws Exception {
        Path file = Files.writeString(folder.resolve("a.csv"), text.strip().replace("\\n", "\n"));
        Reading reading = PastedReader.read(file, Numerals.POINT).get(0);
        assertThat(reading.samples().stream()
                        .map(found -> found.kind().id() + " " + found.name() + found.columns())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(parts);
    }

    @Provide
    Arbitrary<List<List<String>>> tables() {
        Arbitrary<String> cell = Arbitraries.of("1", "2.5", "-3", "n/a", "0.10", "17O", "1e3", "word");
        return cell.list().ofSize(3).list().ofMinSize(2).ofMaxSize(9);
    }

    /** A table that is opened as a file is read as the same table is when it is pasted. */
    @Property(tries = 200)
    void a_file_is_read_as_the_same_text_is_when_pasted(@ForAll("tables") List<List<String>> rows) throws Exception {
        String text = rows.stream().map(row -> String.join("\t", row)).collect(Collectors.joining("\n"));
        Path file = Files.createTempFile("table", ".tsv");
        try {
            Files.writeString(file, text);
            assertThat(PastedReader.read(file, Numerals.POINT).get(0).samples())
                    .isEqualTo(Pasted.read(text, Numerals.POINT).get(0).samples());
        } finally {
            Files.delete(file);
        }
    }

    @Test
    void an_empty_file_is_refused_with_a_sentence(@TempDir Path folder) throws IOException {
        Path file = Files.writeString(folder.resolve("a.csv"), "\n \n");
        assertThatThrownBy(() -> PastedReader.read(file, Numerals.POINT))
                .isInstanceOf(InputProblem.class)
                .hasMessage("“a.csv”: it is empty; numbers are expected.");
    }

    @Provide
    Arbitrary<List<String>> columns() {
        return Arbitraries.of(
                        "12 %",
                        "0 %",
                        "7%",
                        "",
                        "1.50",
                        "-3",
                        "−2",
                        "+4",
                        ".5",
                        "5.",
                        "1e3",
                        "0.0",
                        "-0",
                        " 8 ",
                        "1e-7",
                        "123456789012345678901234")
                .list()
                .ofMinSize(1)
                .ofMaxSize(9);
    }

    /** One list is one list, whether the window opens it or the command line solves it. */
    @Property(tries = 400)
    void the_window_and_the_command_line_read_the_same_values(
            @ForAll("columns") List<String> lines, @ForAll boolean headed) throws Exception {
        String text = (headed ? "minutes\n" : "") + String.join("\n", lines) + "\n";
        Sample solved;
        try {
            solved = new SampleReader(TableFiles.ofText("a", text, ReadingOptions.GUESSED))
                    .values(Optional.empty())
                    .sample();
        } catch (InputProblem none) {
            return;
        }
        Path file = Files.createTempFile("list", ".csv");
        try {
            Files.writeString(file, text);
            List<Found> found = PastedReader.read(file, Numerals.POINT).get(0).samples();
            assertThat(found).hasSize(1);
            assertThat(found.get(0).kind()).isEqualTo(SampleKind.VALUES);
            Sample shown = Interpretation.of(
                            SampleSheet.list(
                                    "s1", "", "", found.get(0).columns().get(0)),
                            CourseCard.STANDARD)
                    .sample();
            assertThat(shown.rows()).isEqualTo(solved.rows());
            for (int i = 0; i < shown.rows(); i++) {
                assertThat(shown.value(i)).isEqualTo(solved.value(i));
            }
            assertThat(shown.missing()).isEqualTo(solved.missing());
        } finally {
            Files.delete(file);
        }
    }

    @Provide
    Arbitrary<String> awkward() {
        return Arbitraries.of(
                        " ",
                        "\t",
                        "\n",
                        "1",
                        "12.5",
                        "-",
                        "–",
                        ",",
                        ";",
                        ":",
                        "|",
                        "\"",
                        "e",
                        "×",
                        "to",
                        "under",
                        "and over",
                        "(",
                        "]",
                        "%",
                        "\u0007",
                        "\u0000",
                        "\ufeff",
                        "\u202e",
                        "a",
                        "10-19",
                        "f",
                        "Σ",
                        "0".repeat(400),
                        " ".repeat(3_000),
                        "\n".repeat(300),
                        "1 ".repeat(2_000),
                        "1,".repeat(2_000),
                        "5-6 ".repeat(500),
                        "\t".repeat(700),
                        ".".repeat(900),
                        "1e".repeat(900),
                        "less than 5 ".repeat(300))
                .list()
                .ofMaxSize(14)
                .map(parts -> String.join("", parts));
    }

    /** Far more than it takes; what it takes is told in docs/performance.md. */
    @Property(tries = 120)
    void whatever_is_typed_or_opened_is_read_in_the_end(@ForAll("awkward") String text) throws Exception {
        assertTimeoutPreemptively(Duration.ofSeconds(10), () -> {
            for (Numerals card : List.of(Numerals.POINT, Numerals.COMMA)) {
                for (Reading reading : Pasted.read(text, card)) {
                    assertThat(reading.told().toString()).isNotEmpty();
                    for (Found found : reading.samples()) {
                        assertThat(Interpretation.of(found.sheet("s1", ""), CourseCard.STANDARD)
                                        .leftOut())
                                .isNotNull();
                    }
                }
            }
            try {
                new SampleReader(TableFiles.ofText("a", text, ReadingOptions.GUESSED.withMissing(List.of("-"))))
                        .values(Optional.empty());
            } catch (InputProblem told) {
                assertThat(told.getMessage()).startsWith("a").hasSizeLessThan(400);
            }
        });
    }

    /** Long texts of every make: what they take grows with their length, and it can be stopped. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "This is a sentence about the number of visitors.\n",
                "this is a wrapped line of plain prose without any end and it goes on\n",
                "in the year 1931 they counted 250 persons, and then\n",
                "word 7\n",
                "\t",
                "\"a \"\"cell\"\"\"\t",
                "| 2",
                "and some words, ",
            })
    void a_long_text_of_any_make_is_read_soon_and_stopped_at_once(String piece) {
        String text = "12 13\n" + piece.repeat(10_000) + "\n14 15\n";
        assertTimeoutPreemptively(Duration.ofSeconds(20), () -> Pasted.read(text, Numerals.POINT));
        int[] asked = {0};
        assertThatThrownBy(() -> Pasted.read(text, Numerals.POINT, () -> {
                    asked[0]++;
                    if (asked[0] == 2) {
                        throw new CancellationException();
                    }
                }))
                .isInstanceOf(CancellationException.class);
    }

    @Test
    void words_before_numbers_are_left_out_however_many_lines_they_are() {
        String sentence = "The members of the club were asked how long they had waited.\n";
        for (int lines : new int[] {1, 12, 13, 10_000}) {
            Reading reading = Pasted.read(sentence.repeat(lines) + "12 15\n17 18\n", Numerals.POINT)
                    .get(0);
            assertThat(reading.samples().get(0).columns().get(0).texts()).containsExactly("12", "15", "17", "18");
            assertThat(reading.told()).hasSize(1 + Math.min(lines, 13));
            assertThat(reading.told().toString().contains("more lines of words"))
                    .isEqualTo(lines > 12);
        }
    }

    @Test
    void a_cell_in_quotation_marks_may_be_of_any_length() {
        String cell = "1".repeat(60_000) + "\"\"x\"\"\n".repeat(20_000);
        assertThat(Quoted.flat("a\t\"" + cell + "\"\tb"))
                .startsWith("a\t1111")
                .endsWith("\"x\" \tb")
                .doesNotContain("\n");
        assertThat(Quoted.flat("5\" pipe\n\"open")).isEqualTo("5\" pipe\n\"open");
    }

    @Test
    void a_ragged_table_and_an_open_quote_are_refused_with_line_and_reason(@TempDir Path folder) throws Exception {
        Path ragged = Files.writeString(
                folder.resolve("ragged.csv"), "1,2\n".repeat(5_000) + ",".repeat(4_000) + "\n" + "1,2\n".repeat(10));
        assertThatThrownBy(() -> PastedReader.read(ragged, Numerals.POINT))
                .hasMessage(
                        "“ragged.csv”, row 5001: it has 4001 cells where nearly all other rows have far fewer; is the"
                                + " separator right?");
        Path open = Files.writeString(folder.resolve("open.csv"), "a,b\n1,2\n3,\"4\n5,6\n");
        assertThatThrownBy(() -> PastedReader.read(open, Numerals.POINT))
                .hasMessage("“open.csv”, row 3: a quotation mark is opened in this row and never closed.");
        Path behind = Files.writeString(folder.resolve("behind.csv"), "a,b\n\"1\"x,2\n");
        assertThatThrownBy(() -> PastedReader.read(behind, Numerals.POINT))
                .hasMessage("“behind.csv”, row 2: behind a closing quotation mark stands 'x', where a separator or"
                        + " the end of the row is expected.");
    }
}
