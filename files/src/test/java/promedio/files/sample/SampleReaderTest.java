package promedio.files.sample;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind;
import promedio.files.InputProblem;
import promedio.files.delimited.TextSource;
import promedio.files.table.ReadingOptions;
import promedio.files.table.TableFiles;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SampleReaderTest {
    /** A text read as a file of this name would be, with n/a for missing. */
    private static SampleReader of(String text) throws InputProblem {
        return of(text, ReadingOptions.GUESSED.withMissing(List.of("n/a")));
    }

    private static SampleReader of(String text, ReadingOptions options) throws InputProblem {
        return new SampleReader(TableFiles.ofText("log.csv", text, options));
    }

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
        SampleReader.Reading reading = of(lines(text)).values(Optional.empty());
        assertThat(reading.sample().toString()).isEqualTo(values);
        assertThat(reading.sample().missing()).isEqualTo(Exact.of(Long.parseLong(missing)));
        assertThat(reading.heading()).isEqualTo(Optional.ofNullable(heading));
    }

    @Test
    void a_code_that_is_a_number_means_that_number_however_it_is_written() throws InputProblem {
        SampleReader.Reading reading = of("12\n-99.0\n-99\n14\n", ReadingOptions.GUESSED.withMissing(List.of("-99")))
                .values(Optional.empty());
        assertThat(reading.sample().toString()).isEqualTo("12 14");
        assertThat(reading.sample().missing()).isEqualTo(Exact.of(2));
    }

    @Test
    void a_column_is_chosen_by_its_heading_or_its_number() throws InputProblem {
        String text = "name;minutes\nlamp;12\nradio;n/a\nclock;15\n";
        assertThat(of(text).values(Optional.of("minutes")).sample().toString()).isEqualTo("12 15");
        assertThat(of(text).values(Optional.of("2")).sample().toString()).isEqualTo("12 15");
        assertThat(of("1\t10\n2\t20\n").values(Optional.of("2")).sample().toString())
                .isEqualTo("10 20");
        assertThat(of("a;b\n1,5;2\n2,5;3\n").values(Optional.of("a")).sample().toString())
                .isEqualTo("1.5 2.5");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    a\\n1\\n17O            | log.csv, row 3, column "a": "17O" is not a number. Did you mean 170?
                    1\\n1e999999999\\n      | log.csv, row 2: "1e999999999" is not a number. A number has at most 34 digits that count, and is 0 or from 1e-308 to below 1e308 in size.
                    1e999999999\\n1\\n      | log.csv, row 1: "1e999999999" is not a number. A number has at most 34 digits that count, and is 0 or from 1e-308 to below 1e308 in size.
                    red\\ngreen           | log.csv, row 1: "red" is not a number.
                    n/a\\nn/a             | log.csv: there is not a single number in it.
                    ''                   | log.csv: it is empty; numbers are expected.
                    a;b\\n1;2             | log.csv: there are 2 columns; choose one with --column: 1 (a), 2 (b). Or read both as pairs, with --kind pairs.
                    """)
    void what_cannot_be_read_is_told_in_one_sentence(String text, String sentence) {
        assertThatThrownBy(() -> of(lines(text)).values(Optional.empty()))
                .isInstanceOf(InputProblem.class)
                .hasMessage(sentence);
    }

    /** One reading for every command: what {@code read} shows of a column is what is taken from it. */
    @ParameterizedTest(name = "“{0}”, column {1}: {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    ,age,height\\na,31,170\\nb,32,180  | age       | 31 32          | a blank heading is no fault
                    score;score\\n1;10\\n2;20            | score (2) | 10 20          | the name as it is shown
                    n;x\\n1;"-566,000"\\n2;"1,200.50"    | x         | -566000.00 1200.50 | commas that part thousands
                    n;x\\n1;1.200,50\\n2;1.234,25        | x         | 1200.50 1234.25 | points that part thousands
                    class;f\\n"[0, 10)";3                | f         | 3              | a class in quotes
                    class,f\\n[0, 10),3\\n[10, 20),4     | f         | 3 4            | a class with a comma of its own
                    a;b;\\n1;2;\\n3;4;                   | b         | 2 4            | a delimiter at the end of each row
                    """)
    void a_column_is_what_a_data_table_shows_of_it(String text, String column, String values, String why)
            throws InputProblem {
        assertThat(of(lines(text)).values(Optional.of(column)).sample().toString())
                .as(why)
                .isEqualTo(values);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    n,x\\n1,31\\n2,29,560\\n3,30      | log.csv, line 3: it has 3 cells, but the heading has 2. Is the delimiter right, or has the table no heading?
                    n;x\\n1;"1,234"\\n2;7          | log.csv, row 2, column "x": "1,234" is not a number. It is 1234 with --thousands comma, and 1.234 with --rule decimal-mark=comma.
                    n;x\\n1;12\\n2;NA              | log.csv, row 3, column "x": "NA" is not a number. If it means missing, say --missing "NA".
                    n;x\\n1;12\\n2;$12             | log.csv, row 3, column "x": "$12" is not a number. Did you mean 12?
                    n;x\\n1;12\\n2;1e309           | log.csv, row 3, column "x": "1e309" is not a number. A number has at most 34 digits that count, and is 0 or from 1e-308 to below 1e308 in size.
                    n;X\\n1;12                    | log.csv: there is no column "x"; there are 1 (n), 2 (X). Did you mean X?
                    """)
    void what_is_not_taken_is_told_with_what_would_do(String text, String sentence) {
        assertThatThrownBy(() -> of(lines(text)).values(Optional.of("x")))
                .isInstanceOf(InputProblem.class)
                .hasMessage(sentence);
    }

    @Test
    void a_row_of_totals_is_counted_and_told() throws InputProblem {
        SampleReader reader = of("item;minutes\nlamp;12\nradio;30\nTotal;42\n");
        SampleReader.Reading reading = reader.values(Optional.of("minutes"));
        assertThat(reading.sample().toString()).isEqualTo("12 30 42");
        assertThat(reader.told(SampleKind.VALUES, reading))
                .extracting(Object::toString)
                .containsExactly(
                        "Row 3 looks like a total or a mean of the others.",
                        "It is counted like the others here; take it out of the file if it does not belong to them.");
        assertThat(of("kept for nobody\n\nitem;minutes\nlamp;12\nradio;30\n")
                        .told(
                                SampleKind.VALUES,
                                new SampleReader.Reading(reading.sample(), Optional.empty(), List.of(1))))
                .extracting(Object::toString)
                .containsExactly("2 lines before the table are left out.");
    }

    @Test
    void a_column_that_is_not_there_is_told_with_those_that_are() {
        assertThatThrownBy(() -> of("a;b\n1;2\n").values(Optional.of("c")))
                .hasMessage("log.csv: there is no column \"c\"; there are 1 (a), 2 (b).");
    }

    @Test
    void a_frequency_table_adds_up_its_missing_values_and_leaves_out_rows_of_nought() throws InputProblem {
        Sample table = of("value,frequency\n12,3\n,4\n15,0\n18,2\n12,1\n")
                .frequencies(false)
                .sample();
        assertThat(table.count()).isEqualTo(Exact.of(6));
        assertThat(table.missing()).isEqualTo(Exact.of(4));
        assertThat(table.ranking().weight(0))
                .as("rows of the same value are added together")
                .isEqualTo(Exact.of(4));
        assertThat(of("1,0.25\n2,0.75\n").frequencies(true).sample().count()).isEqualTo(Exact.ONE);
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
        assertThatThrownBy(() -> of(lines(text)).frequencies(false)).hasMessage(sentence);
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
        assertThatThrownBy(() -> of("9".repeat(5_000_000)).values(Optional.empty()))
                .isInstanceOf(InputProblem.class)
                .message()
                .hasSizeLessThan(200);
        assertThatThrownBy(() -> of("1,".repeat(2_500_000)).values(Optional.empty()))
                .isInstanceOf(InputProblem.class)
                .message()
                .hasSizeLessThan(200);
    }
}
