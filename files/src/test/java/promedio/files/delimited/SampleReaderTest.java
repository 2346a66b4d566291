package promedio.files.delimited;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.Sample;
import promedio.files.InputProblem;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SampleReaderTest {
    private static final SampleReader READER =
            new SampleReader("log.csv", Numerals.POINT, Set.of("n/a"), Optional.empty());

    private static String lines(String text) {
        return text.replace("\\n", "\n").replace("\\t", "\t");
    }

    @ParameterizedTest(name = "“{0}” is {1} with {2} missing, headed {3}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    1\\n2\\n3          | 1 2 3    | 0 |
                    x\\n1\\n2          | 1 2      | 0 | x
                    1\\n\\n3\\n\\n\\n    | 1 3      | 1 |
                    1\\nn/a\\n3        | 1 3      | 1 |
                    "12.50"\\n3       | 12.50 3.00 | 0 |
                    1 \\n 2           | 1 2      | 0 |
                    12 %\\n13         | 12 13    | 0 |
                    """)
    void a_list_is_read_line_by_line(String text, String values, String missing, String heading) throws InputProblem {
        SampleReader.Reading reading =
                READER.values(Delimited.rows("log.csv", lines(text), Numerals.POINT), Optional.empty());
        assertThat(reading.sample().toString()).isEqualTo(values);
        assertThat(reading.sample().missing()).isEqualTo(Exact.of(Long.parseLong(missing)));
        assertThat(reading.heading()).isEqualTo(Optional.ofNullable(heading));
    }

    @Test
    void a_code_that_is_a_number_means_that_number_however_it_is_written() throws InputProblem {
        SampleReader reader = new SampleReader("log.csv", Numerals.POINT, Set.of("-99"), Optional.empty());
        SampleReader.Reading reading =
                reader.values(Delimited.rows("log.csv", "12\n-99.0\n-99\n14\n", Numerals.POINT), Optional.empty());
        assertThat(reading.sample().toString()).isEqualTo("12 14");
        assertThat(reading.sample().missing()).isEqualTo(Exact.of(2));
    }

    @Test
    void a_column_is_chosen_by_its_heading_or_its_number() throws InputProblem {
        String text = "name;minutes\nlamp;12\nradio;n/a\nclock;15\n";
        assertThat(READER.values(Delimited.rows("log.csv", text, Numerals.POINT), Optional.of("minutes"))
                        .sample()
                        .toString())
                .isEqualTo("12 15");
        assertThat(READER.values(Delimited.rows("log.csv", text, Numerals.POINT), Optional.of("2"))
                        .sample()
                        .toString())
                .isEqualTo("12 15");
        assertThat(READER.values(Delimited.rows("log.csv", "1\t10\n2\t20\n", Numerals.POINT), Optional.of("2"))
                        .sample()
                        .toString())
                .isEqualTo("10 20");
        SampleReader comma = new SampleReader("log.csv", Numerals.COMMA, Set.of(), Optional.empty());
        assertThat(comma.values(Delimited.rows("log.csv", "a;b\n1,5;2\n2,5;3\n", Numerals.COMMA), Optional.of("a"))
                        .sample()
                        .toString())
                .isEqualTo("1.5 2.5");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    a\\n1\\n17O            | log.csv, row 3, column "a": "17O" is not a number. Did you mean 170?
                    1\\n1e999999999\\n      | log.csv, row 2: "1e999999999" is not a number.
                    1e999999999\\n1\\n      | log.csv, row 1: "1e999999999" is not a number.
                    red\\ngreen           | log.csv, row 1: "red" is not a number.
                    n/a\\nn/a             | log.csv: there is not a single number in it.
                    ''                   | log.csv: it is empty; numbers are expected.
                    a;b\\n1;2             | log.csv: there are 2 columns; choose one with --column: 1 (a), 2 (b). Or read both as pairs, with --kind pairs.
                    """)
    void what_cannot_be_read_is_told_in_one_sentence(String text, String sentence) {
        assertThatThrownBy(
                        () -> READER.values(Delimited.rows("log.csv", lines(text), Numerals.POINT), Optional.empty()))
                .isInstanceOf(InputProblem.class)
                .hasMessage(sentence);
    }

    @Test
    void a_column_that_is_not_there_is_told_with_those_that_are() {
        assertThatThrownBy(
                        () -> READER.values(Delimited.rows("log.csv", "a;b\n1;2\n", Numerals.POINT), Optional.of("c")))
                .hasMessage("log.csv: there is no column \"c\"; there are 1 (a), 2 (b).");
    }

    @Test
    void a_frequency_table_adds_up_its_missing_values_and_leaves_out_rows_of_nought() throws InputProblem {
        Sample table = READER.frequencies(
                        Delimited.rows("log.csv", "value,frequency\n12,3\n,4\n15,0\n18,2\n12,1\n", Numerals.POINT),
                        false)
                .sample();
        assertThat(table.count()).isEqualTo(Exact.of(6));
        assertThat(table.missing()).isEqualTo(Exact.of(4));
        assertThat(table.ranking().weight(0))
                .as("rows of the same value are added together")
                .isEqualTo(Exact.of(4));
        assertThat(READER.frequencies(Delimited.rows("log.csv", "1,0.25\n2,0.75\n", Numerals.POINT), true)
                        .sample()
                        .count())
                .isEqualTo(Exact.ONE);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    3,2\\n5,        | log.csv, row 2: an empty cell is not a whole frequency of 0 or more.
                    3,2.5          | log.csv, row 1: "2.5" is not a whole frequency of 0 or more.
                    3,-2           | log.csv, row 1: "-2" is not a whole frequency of 0 or more.
                    3,0            | log.csv: there is not a single number with a frequency in it.
                    1,2,3          | log.csv, row 1: a frequency table has the two columns value and frequency, not 3.
                    3,9000000000000000000 | log.csv: the frequencies have more than 18 digits together, from the first of the largest to the last of the finest; write them with fewer.
                    """)
    void a_bad_frequency_is_named_with_its_row(String text, String sentence) {
        assertThatThrownBy(() -> READER.frequencies(Delimited.rows("log.csv", lines(text), Numerals.POINT), false))
                .hasMessage(sentence);
    }

    @Test
    void only_plain_utf_8_text_is_read(@TempDir Path folder) throws Exception {
        assertThat(text("1\n2\n".getBytes(StandardCharsets.UTF_8))).isEqualTo("1\n2\n");
        assertThat(text("\ufeff1\n".getBytes(StandardCharsets.UTF_8))).isEqualTo("1\n");
        assertThatThrownBy(() -> text(new byte[] {'1', 0, '2'})).hasMessageContaining("byte 2 is a NUL");
        assertThatThrownBy(() -> text("1\n2\n".getBytes(StandardCharsets.UTF_16)))
                .hasMessageContaining("NUL");
        assertThatThrownBy(() -> text(new byte[] {(byte) 0xff, (byte) 0xfe})).hasMessageContaining("not UTF-8");
        assertThatThrownBy(() -> TextSource.read(folder.toString(), InputStream.nullInputStream()))
                .hasMessageContaining("this is a folder");
        assertThatThrownBy(() -> TextSource.read(folder.resolve("gone.csv").toString(), InputStream.nullInputStream()))
                .hasMessageContaining("no such file");
        assertThatThrownBy(() -> TextSource.read("a\0b", InputStream.nullInputStream()))
                .isInstanceOf(InputProblem.class);
    }

    private static String text(byte[] bytes) throws InputProblem {
        return TextSource.read("-", new ByteArrayInputStream(bytes));
    }

    @Test
    void a_line_of_five_megabytes_is_refused_in_one_short_sentence() {
        assertThatThrownBy(() -> READER.values(
                        Delimited.rows("log.csv", "9".repeat(5_000_000), Numerals.POINT), Optional.empty()))
                .isInstanceOf(InputProblem.class)
                .message()
                .hasSizeLessThan(200);
        assertThatThrownBy(() -> READER.values(
                        Delimited.rows("log.csv", "1,".repeat(2_500_000), Numerals.POINT), Optional.empty()))
                .isInstanceOf(InputProblem.class)
                .message()
                .hasSizeLessThan(200);
    }
}
