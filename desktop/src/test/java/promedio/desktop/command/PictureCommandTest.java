package promedio.desktop.command;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** {@code promedio picture}: definitions for relations, section 15. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PictureCommandTest {
    private static final String TABLE =
            "bench,kind,minutes,age\nOak,lamp,12,3\nElm,radio,15,\nOak,radio,9,8\nOak,lamp,30,2\n";

    private static CommandRun picture(String input, String... arguments) {
        List<String> all = new ArrayList<>(List.of("picture", "-"));
        all.addAll(List.of(arguments));
        return CommandRun.of(input, all.toArray(String[]::new));
    }

    @Test
    void a_histogram_of_given_classes_has_its_bars() throws Exception {
        JsonNode json = picture("minutes\n2\n3\n7\n12\n", "--as", "histogram", "--classes", "0,5,3", "--json")
                .json();
        assertThat(json.path("title").asText()).isEqualTo("Histogram of minutes");
        assertThat(json.path("x-title").asText()).isEqualTo("minutes");
        assertThat(json.path("series").path(0).path("bars").toString())
                .startsWith(
                        "[{\"from\":\"0\",\"to\":\"5\",\"frequency\":\"2\",\"height\":\"2\",\"assumed-end\":false}");
    }

    private static final String CODES = "bench,out\n2,1\n10,2\n1,1\n1,\n,2\n2,2\n";

    @Test
    void bars_of_codes_stand_in_order_of_size_with_names_of_their_own_and_tell_the_rows_left_out() throws Exception {
        String[] bars = {"--as", "bars", "--column", "bench", "--column", "out", "--json"};
        JsonNode json = picture(CODES, bars).json();
        assertThat(json.path("bars").findValuesAsText("category")).containsExactly("1", "1", "2", "2", "10", "10");
        assertThat(json.path("told").toString()).contains("2 rows miss one of the two cells");
        List<String> named = new ArrayList<>(List.of(bars));
        named.addAll(List.of("--names", "1 = Oak; 2 = Elm"));
        json = picture(CODES, named.toArray(String[]::new)).json();
        assertThat(json.path("bars").findValuesAsText("category")).startsWith("Oak", "Oak", "Elm");
        assertThat(json.path("bars").findValuesAsText("group")).startsWith("1", "2");
        named.set(named.size() - 1, "1 = Oak | 1 = mended; 2 = scrapped");
        json = picture(CODES, named.toArray(String[]::new)).json();
        assertThat(json.path("bars").findValuesAsText("category")).startsWith("Oak", "Oak", "2");
        assertThat(json.path("bars").findValuesAsText("group")).startsWith("mended", "scrapped");
    }

    @Test
    void no_axis_is_without_a_title() throws Exception {
        assertThat(picture("1\n2\n3\n", "--as", "histogram", "--json")
                        .json()
                        .path("x-title")
                        .asText())
                .isEqualTo("values");
        assertThat(picture(TABLE, "--as", "boxes", "--column", "minutes", "--column", "age", "--json")
                        .json()
                        .path("y-title")
                        .asText())
                .isEqualTo("sample");
    }

    @Test
    void a_class_table_whose_widths_differ_has_densities_and_its_assumed_end_is_told() throws Exception {
        JsonNode json = picture(
                        "class,frequency\n0-10,4\n10-30,8\n30 and over,2\n",
                        "--as",
                        "histogram",
                        "--rule",
                        "open-ends=same-width",
                        "--json")
                .json();
        JsonNode bars = json.path("series").path(0).path("bars");
        assertThat(bars.path(1).path("height").asText()).isEqualTo("0.4");
        assertThat(bars.path(2).path("assumed-end").asBoolean()).isTrue();
        assertThat(bars.path(2).path("to").asText()).isEqualTo("50");
    }

    @Test
    void values_are_parted_into_groups_in_the_order_of_their_first_appearance() throws Exception {
        JsonNode json = picture(
                        TABLE,
                        "--as",
                        "boxes",
                        "--column",
                        "minutes",
                        "--by",
                        "kind",
                        "--whiskers",
                        "extremes",
                        "--json")
                .json();
        assertThat(json.path("boxes").findValuesAsText("name")).containsExactly("lamp", "radio");
        assertThat(json.path("boxes").path(0).path("median").asText()).isEqualTo("21");
        assertThat(json.path("y-title").asText()).isEqualTo("kind");
    }

    @Test
    void columns_are_laid_over_one_another_in_shares_over_widths() throws Exception {
        JsonNode json = picture(
                        TABLE,
                        "--as",
                        "histogram",
                        "--column",
                        "minutes",
                        "--column",
                        "age",
                        "--edges",
                        "0,20,40",
                        "--json")
                .json();
        // By hand: 3 of 4 minutes lie in 0–20, 3 of 3 ages.
        assertThat(json.path("series")
                        .path(0)
                        .path("bars")
                        .path(0)
                        .path("height")
                        .asText())
                .isEqualTo("0.0375");
        assertThat(json.path("series")
                        .path(1)
                        .path("bars")
                        .path(0)
                        .path("height")
                        .asText())
                .isEqualTo("0.05");
    }

    @Test
    void two_columns_of_words_are_counted_and_a_table_of_counts_is_read_without_its_totals() throws Exception {
        JsonNode raw = picture(
                        TABLE, "--as", "bars", "--kind", "two-way", "--column", "bench", "--column", "kind", "--json")
                .json();
        assertThat(raw.path("bars").toString())
                .isEqualTo("[{\"category\":\"Oak\",\"group\":\"lamp\",\"height\":\"2\"},"
                        + "{\"category\":\"Oak\",\"group\":\"radio\",\"height\":\"1\"},"
                        + "{\"category\":\"Elm\",\"group\":\"lamp\",\"height\":\"0\"},"
                        + "{\"category\":\"Elm\",\"group\":\"radio\",\"height\":\"1\"}]");
        JsonNode counts = picture(
                        ",lamp,radio,total\nOak,2,1,3\nElm,0,1,1\ntotal,2,2,4\n",
                        "--as",
                        "bars",
                        "--kind",
                        "two-way",
                        "--height",
                        "percent",
                        "--json")
                .json();
        assertThat(counts.path("bars")).hasSize(4);
        assertThat(counts.path("bars").path(3).path("height").asText()).isEqualTo("100");
    }

    @Test
    void pairs_need_a_number_in_both_columns() throws Exception {
        JsonNode json = picture(
                        TABLE, "--as", "scatter", "--column", "age", "--column", "minutes", "--line", "yes", "--json")
                .json();
        assertThat(json.path("points").toString()).isEqualTo("[[\"3\",\"12\"],[\"8\",\"9\"],[\"2\",\"30\"]]");
        assertThat(json.path("left-out").asInt()).isZero();
        // By hand: x̄ = 13/3, ȳ = 17, Sxy = −53, Sxx = 62/3: −159/62.
        assertThat(json.path("line").path("slope").asText()).isEqualTo("-2.56451612903226");
    }

    @Test
    void files_are_written_in_the_format_that_their_name_tells(@TempDir Path folder) throws Exception {
        for (String ending : List.of("svg", "png", "pdf")) {
            Path file = folder.resolve("minutes." + ending);
            CommandRun run = picture("2\n3\n7\n", "--as", "dots", "--to", file.toString());
            assertThat(run.status()).as(run.err()).isZero();
            assertThat(Files.size(file)).isGreaterThan(1_000);
        }
        assertThat(folder.toFile().list()).hasSize(3);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "--as|pie|2|There is no picture 'pie'",
                "--as histogram --height|tall|2|--height takes frequency, relative, density, percent, not 'tall'.",
                "--as histogram --classes|0,5|2|--classes takes a start, a width above 0 and how many",
                "--as histogram --edges|5,1|2|--edges takes two boundaries or more, ascending",
                "--as dots --to|x.gif|2|ends in .svg, .png or .pdf",
                "--as dots --size|9x9|2|--size takes a width and a height from 120 to 8000",
                "--as histogram --classes|4,1,2|3|values lie outside the classes",
                "--as scatter --kind|pairs|3|A scatter needs two columns of numbers",
                "--as dots --from|ten|3|“ten” is no number",
                "--as dots --by|bench|3|there is no column"
            })
    void what_cannot_be_drawn_is_told_in_a_sentence(String options, String value, int status, String sentence) {
        List<String> all = new ArrayList<>(List.of(options.split(" ", -1)));
        all.add(value);
        CommandRun run = picture("2\n3\n7\n", all.toArray(String[]::new));
        assertThat(run.err()).containsIgnoringCase(sentence).doesNotContain("Exception");
        assertThat(run.status()).isEqualTo(status);
    }
}
