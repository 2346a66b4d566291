package promedio.desktop.command;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.number.Exact;
import promedio.core.number.Root;
import promedio.core.number.SignificantText;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CommandsTest {
    @Test
    void every_key_of_a_list_stands_in_results_or_in_undefined() throws Exception {
        JsonNode json =
                CommandRun.of("minutes\n2\n3\n7\n\n7\n", "solve", "--json", "-").json();
        assertThat(json.path("source").asText()).isEqualTo("-");
        assertThat(json.path("kind").asText()).isEqualTo("values");
        assertThat(json.path("count").asText()).isEqualTo("4");
        assertThat(json.path("missing").asText()).isEqualTo("1");
        assertThat(json.path("heading").asText()).isEqualTo("minutes");
        assertThat(json.path("results").path("mode").toString()).isEqualTo("[\"7\"]");
        assertThat(json.path("results").path("mean").asText()).isEqualTo("4.75");
        assertThat(json.path("results").path("sd-sample").asText()).isEqualTo("2.62995563967658");
        // 15 of centre and ends, 15 · 8 by quartile rule, 9 · 11 by quantile definition, 6 of deviations, 10 with a
        // divisor, 9 more.
        assertThat(json.path("results").size() + json.path("undefined").size()).isEqualTo(259);
    }

    @Test
    void every_key_of_a_class_table_stands_in_results_or_in_undefined() throws Exception {
        String table = "class,frequency\n20-29,9\n10-19,4\n30–39,0\n";
        JsonNode json = CommandRun.of(table, "solve", "--kind", "classes", "--json", "-")
                .json();
        assertThat(json.path("kind").asText()).isEqualTo("classes");
        assertThat(json.path("count").asText()).isEqualTo("13");
        assertThat(json.path("heading").asText()).isEqualTo("class");
        assertThat(json.path("results").path("median/pn").asText()).isEqualTo("22.2777777777778");
        assertThat(json.path("results").path("mode/midpoint").toString()).isEqualTo("[\"24.5\"]");
        assertThat(json.path("results").path("mode/empirical").isTextual()).isTrue();
        // Of both positions 18 each, 4 modes, 8 of Σfx, n and the outer boundaries, 4 deviations, 7 with a divisor
        // twice,
        // 9 more.
        assertThat(json.path("results").size() + json.path("undefined").size()).isEqualTo(75);
    }

    @Test
    void people_are_shown_what_a_first_course_asks_for_and_programs_everything() throws Exception {
        String numbers = "item,minutes,mass\nlamp,2,1.5\nradio,3,2\nlamp,7,\n";
        CommandRun few = CommandRun.of(numbers, "solve", "--column", "minutes", "-");
        assertThat(few.out().lines())
                .hasSizeLessThan(16)
                .last()
                .asString()
                .endsWith("more with --all, one with --measure KEY");
        CommandRun all = CommandRun.of(numbers, "solve", "--column", "minutes", "--all", "-");
        long json = CommandRun.of(numbers, "solve", "--column", "minutes", "--json", "-")
                .json()
                .path("results")
                .size();
        assertThat(all.out().lines().count()).isGreaterThan(json);
        assertThat(all.out()).doesNotContain("more with --all");
        String[] each = CommandRun.of(numbers, "solve", "--each", "--json", "--measure", "mean", "-")
                .out()
                .strip()
                .split("\\R", -1);
        assertThat(each).hasSize(2);
        assertThat(each[0]).contains("\"heading\":\"minutes\"", "\"mean\":\"4\"");
        assertThat(each[1]).contains("\"heading\":\"mass\"", "\"missing\":\"1\"", "\"mean\":\"1.75\"");
        assertThat(CommandRun.of(numbers, "solve", "--each", "--column", "mass", "-")
                        .status())
                .isEqualTo(2);
        assertThat(CommandRun.of("a\nx\ny\n", "solve", "--each", "-").err())
                .contains("there is no column of numbers in it");
    }

    @Test
    void pairs_are_solved_with_every_key_of_theirs_and_marked() throws Exception {
        String table = "Hours,Score,n\n1,2,1\n2,3,2\n,9,1\n3,5,1\n4,n/a,3\n";
        JsonNode json = CommandRun.of(
                        table,
                        "solve",
                        "--kind",
                        "pairs",
                        "--column",
                        "Hours",
                        "--column",
                        "2",
                        "--frequency",
                        "n",
                        "--missing",
                        "n/a",
                        "--json",
                        "-")
                .json();
        assertThat(json.path("kind").asText()).isEqualTo("pairs");
        assertThat(json.path("count").asText()).isEqualTo("4");
        assertThat(json.path("missing").asText()).as("rows, by their frequency").isEqualTo("4");
        // By hand of 1;2 2;3 2;3 3;5: Sxx 2, Sxy 3, Syy 19/4.
        assertThat(json.path("results").path("slope").asText()).isEqualTo("1.5");
        assertThat(json.path("results").path("intercept").asText()).isEqualTo("0.25");
        assertThat(json.path("results").path("determination").asText()).isEqualTo("0.947368421052632");
        // 5 totals, 2 means, 4 deviations, 2 covariances, 6 of correlation, 5 of lines, 3 of the test.
        assertThat(json.path("results").size() + json.path("undefined").size()).isEqualTo(27);
        CommandRun two =
                CommandRun.of("x,y\n1,2\n2,3\n3,5\n", "solve", "--kind", "pairs", "--measure", "fitted=4", "-");
        assertThat(two.out()).contains("3 pairs", "6.33333333333333");
        assertThat(CommandRun.of(table, "solve", "--kind", "pairs", "-").err()).contains("choose the two of the pairs");
        assertThat(CommandRun.of("x,y\n1,2\n2,many\n", "solve", "--kind", "pairs", "-")
                        .err())
                .contains("row 3, column \"y\": \"many\" is not a number");
        JsonNode pasted = CommandRun.of("x\ty\n2\t\n1\t2\n", "read", "--pasted", "--json", "-")
                .json();
        assertThat(pasted.path("samples").path(0).path("pairs").toString()).isEqualTo("[[\"2\",null],[\"1\",\"2\"]]");
    }

    @Test
    void texts_are_counted_in_the_order_in_which_they_appear() throws Exception {
        String table = "item,bench\nlamp,1\n clock ,1.0\n,2\nlamp,n/a\nradio,2\n";
        String[] solve = {"solve", "--kind", "categories", "--missing", "n/a", "--json", "--column", "item", "-"};
        assertThat(CommandRun.of(table, solve).json())
                .hasToString(
                        "{\"source\":\"-\",\"kind\":\"categories\",\"count\":\"4\",\"missing\":\"1\","
                                + "\"heading\":\"item\",\"results\":{\"distinct\":\"3\",\"mode\":[\"lamp\"]},\"frequencies\":"
                                + "[[\"lamp\",\"2\",\"0.5\",\"50\"],[\"clock\",\"1\",\"0.25\",\"25\"],[\"radio\",\"1\",\"0.25\",\"25\"]]}");
        solve[7] = "bench";
        assertThat(CommandRun.of(table, solve).json().path("frequencies").toString())
                .as("equal numbers are one, and none is the mode")
                .isEqualTo("[[\"1\",\"2\",\"0.5\",\"50\"],[\"2\",\"2\",\"0.5\",\"50\"]]");
        CommandRun several = CommandRun.of(table, "solve", "--kind", "categories", "-");
        assertThat(several.status()).isEqualTo(3);
        assertThat(several.err()).contains("there are 2 columns; choose one with --column: item, bench");
        assertThat(CommandRun.of(table, "mark", "--kind", "categories", "--answers", "a.csv", "-")
                        .status())
                .isEqualTo(2);
    }

    @ParameterizedTest(name = "{0} holds {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    visitors,f\\n8,3\\n9,5                  | frequencies | 8
                    x;No. of students\\n8;3\\n9;5           | frequencies | 8
                    class,frequency\\n10-19,4\\n20-29,9     | classes     | 13
                    under 10,4\\n10-20,9                   | classes     | 13
                    "[0, 10)",4\\n"[10, 20)",9             | classes     | 13
                    minutes\\n12\\n15                       | values      | 2
                    """)
    void the_kind_is_told_by_what_the_input_holds(String text, String kind, String count) throws Exception {
        JsonNode json =
                CommandRun.of(text.replace("\\n", "\n"), "solve", "--json", "-").json();
        assertThat(json.path("kind").asText()).isEqualTo(kind);
        assertThat(json.path("count").asText()).isEqualTo(count);
    }

    /** By hand: 12.5, 17.5 and 22.5 make 52.5, a third of it 17.5; n/a is missing, the total is pointed out and stays. */
    @Test
    void a_file_is_read_as_a_table_with_its_columns_and_what_is_pointed_out() throws Exception {
        String log = "Repair cafe\nkept by hand\nItem;Minutes (min)\nlamp;12,5\nkettle;n/a\nlamp;17,5\nlamp;22,5\n";
        JsonNode json = CommandRun.of(log, "read", "--json", "--missing", "Minutes (min)=n/a", "-")
                .json();
        assertThat(json.path("delimiter").asText()).isEqualTo("semicolon");
        assertThat(json.path("skipped").asText()).isEqualTo("2");
        assertThat(json.path("heading").asBoolean()).isTrue();
        assertThat(json.path("decimal-mark").asText()).isEqualTo("comma");
        assertThat(json.path("rows").asText()).isEqualTo("4");
        assertThat(json.path("columns").get(0).toString())
                .isEqualTo(
                        "{\"name\":\"Item\",\"kind\":\"category\",\"count\":\"4\",\"missing\":\"0\",\"distinct\":\"2\","
                                + "\"commonest\":[[\"lamp\",\"3\"],[\"kettle\",\"1\"]]}");
        assertThat(json.path("columns").get(1).toString())
                .isEqualTo(
                        "{\"name\":\"Minutes (min)\",\"unit\":\"min\",\"kind\":\"number\",\"whole\":false,\"count\":\"3\","
                                + "\"missing\":\"1\",\"not-numbers\":\"0\",\"distinct\":\"3\",\"minimum\":\"12.5\",\"maximum\":\"22.5\","
                                + "\"mean\":\"17.5\"}");
        assertThat(json.path("first").get(1).toString()).isEqualTo("[\"kettle\",\"n/a\"]");
        assertThat(CommandRun.of(log, "read", "--json", "-")
                        .json()
                        .path("columns")
                        .get(1)
                        .path("kind")
                        .asText())
                .isEqualTo("text");
        assertThat(CommandRun.of(log, "read", "--delimiter", "comma,", "-").status())
                .isEqualTo(2);
        assertThat(CommandRun.of(
                                log,
                                "solve",
                                "--json",
                                "--missing",
                                "n/a",
                                "--column",
                                "Minutes (min)",
                                "--measure",
                                "mean",
                                "-")
                        .json()
                        .path("results")
                        .path("mean")
                        .asText())
                .isEqualTo("17.5");
    }

    /** By hand of 2, 3, 7: x̄ = 4, Σ(x − x̄)² = 14, s² = 7, s = 2.6457…, σ² = 14/3 = 4.67. */
    @Test
    void answers_are_marked_with_what_may_have_happened(@TempDir Path folder) throws Exception {
        Path answers = Files.writeString(
                folder.resolve("answers.csv"),
                "who,measure,answer,places\nA,mean,4,2\nA,variance,4.67,2\nA,sd,7.00,2\nB,variance,7.84,2\nB,sd,2.80,2\nB,range,x y,2\n");
        CommandRun run = CommandRun.of("2\n3\n7\n", "mark", "--json", "--answers", answers.toString(), "-");
        JsonNode json = new ObjectMapper().readTree(run.out());
        assertThat(json)
                .extracting(one ->
                        one.path("who").asText() + " " + one.path("verdict").asText())
                .containsExactly("A agrees", "A convention", "A slip", "B differs", "B follows", "B unreadable");
        assertThat(json.get(1).path("explanations").get(0).path("slip").asText())
                .isEqualTo("other-divisor");
        assertThat(json.get(2).path("explanations").get(0).toString())
                .isEqualTo("{\"slip\":\"no-root\",\"detail\":\"The root was not drawn.\",\"value\":\"7\"}");
        assertThat(json.get(2).path("expected").asText()).isEqualTo("2.65");
        Path odd = Files.writeString(folder.resolve("odd.csv"), "measure,answer\nmeen,4\nmean,4.00\n");
        CommandRun misspelt = CommandRun.of("2\n3\n7\n", "mark", "--json", "--answers", odd.toString(), "-");
        JsonNode marked = new ObjectMapper().readTree(misspelt.out());
        assertThat(marked.get(0).path("error").asText()).contains("no measure “meen”");
        assertThat(marked.get(1).path("verdict").asText()).isEqualTo("agrees");
        assertThat(misspelt.status()).isEqualTo(3);
        assertThat(misspelt.err()).contains("meen");
        Path other = Files.writeString(folder.resolve("other.csv"), "item,value\nmean,4\n");
        assertThat(CommandRun.of("2\n3\n7\n", "mark", "--answers", other.toString(), "-")
                        .status())
                .isEqualTo(3);
        // A student a row, and a column for each question; what was left empty was not answered.
        Path wide = Files.writeString(folder.resolve("wide.csv"), "Name,mean,sd\nAda,4,2.65\nBo,,7.00\n");
        assertThat(CommandRun.of("2\n3\n7\n", "mark", "--answers", wide.toString(), "-")
                        .out()
                        .lines())
                .filteredOn(line -> !line.startsWith(" "))
                .extracting(line -> line.replaceAll(" +", " "))
                .containsExactly("Ada: mean 4 agrees", "Ada: sd 2.65 agrees", "Bo: sd 7.00 a slip");
        assertThat(CommandRun.of("2\n3\n7\n", "mark", "-").status()).isEqualTo(2);
    }

    @Test
    void a_paste_is_read_as_the_window_reads_it() throws Exception {
        JsonNode json = CommandRun.of(
                        "Wages: under 10 10-20 20 & over\nWorkers: 4 p 3 n/a", "read", "--pasted", "--json", "-")
                .json();
        assertThat(json.path("told").toString()).as("a row too long").contains("No table and no list");
        JsonNode table = CommandRun.of(
                        "Wages (€): under 10 10-20 20 & over\nWorkers: 4 p 3", "read", "--pasted", "--json", "-")
                .json();
        assertThat(table.path("samples").toString())
                .isEqualTo("[{\"name\":\"Wages (€)\",\"unit\":\"€\",\"kind\":\"classes\","
                        + "\"classes\":[[null,\"10\"],[\"10\",\"20\"],[\"20\",null]],"
                        + "\"frequencies\":[\"4\",null,\"3\"],\"missing\":\"0\",\"not-numbers\":\"0\"}]");
        assertThat(table.path("told").path(0).asText())
                .isEqualTo("Read as a class table of 3 classes lying on its side.");
        JsonNode list = CommandRun.of("12,5 n/a 1.234,75", "read", "--pasted", "--json", "-")
                .json();
        assertThat(list.path("samples").path(0).path("values").toString()).isEqualTo("[\"12.5\",\"1234.75\"]");
        assertThat(list.path("samples").path(0).path("not-numbers").asText()).isEqualTo("1");
        CommandRun people = CommandRun.of("0 5\n1 8\n2 12", "read", "--pasted", "-");
        assertThat(people.out())
                .contains("Read as a frequency table of 3 values.", "or: 2 samples, one for each column");
        assertThat(CommandRun.of("  \n", "read", "--pasted", "--json", "-").status())
                .isEqualTo(3);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    10-19,4\\n15-24,3          | row 2: The classes 10-19 and 15-24 overlap
                    10-19,4\\n20-29,-3         | row 2: The class 20-29 has the frequency -3
                    10-19,4\\n20-29,2.5        | row 2: The class 20-29 has the frequency 2.5
                    10-19,4\\n20-29,           | row 2: an empty cell is not a frequency
                    10-19,4\\nteens,2          | row 2: "teens" is not a class
                    10-19,4,1\\n20-29,3,2      | row 1: a class table has the two columns
                    c,f\\n19-10,4             | row 2: The class 19-10 ends before it begins
                    """)
    void a_class_table_that_cannot_be_read_names_its_row(String table, String error) {
        CommandRun run = CommandRun.of(table.replace("\\n", "\n"), "solve", "--kind", "classes", "-");
        assertThat(run.status()).isEqualTo(3);
        assertThat(run.err()).contains(error);
        assertThat(run.err().lines()).hasSize(1);
    }

    @Test
    void inputs_are_answered_in_order_and_one_that_cannot_be_read_does_not_stop_the_others(@TempDir Path folder)
            throws Exception {
        Path good = Files.writeString(folder.resolve("good.csv"), "1\n2\n");
        Path bad = Files.writeString(folder.resolve("bad.csv"), "1\ntwo\n");
        CommandRun run = CommandRun.of("", "solve", "--json", "--measure", "mean", bad.toString(), good.toString());
        String[] lines = run.out().split("\\R", -1);
        assertThat(new ObjectMapper().readTree(lines[0]).path("error").asText()).contains("row 2", "\"two\"");
        assertThat(new ObjectMapper().readTree(lines[1]).path("results").toString())
                .isEqualTo("{\"mean\":\"1.5\"}");
        assertThat(run.status()).isEqualTo(3);
        assertThat(run.err().lines()).hasSize(1);
    }

    @Test
    void what_is_asked_for_comes_under_the_name_it_was_asked_by() throws Exception {
        CommandRun run = CommandRun.of(
                "1\n2\n3\n4\n9\n",
                "solve",
                "--json",
                "-",
                "--rule",
                "divisor=population",
                "--rule",
                "quartiles=hf7",
                "--measure",
                "variance",
                "--measure",
                "quartile-1",
                "--measure",
                "percentile-37/hf4",
                "--measure",
                "z-score=9",
                "--digits",
                "4");
        assertThat(run.json().path("results").toString())
                .isEqualTo(
                        "{\"variance\":\"7.76\",\"quartile-1\":\"2\",\"percentile-37/hf4\":\"1.85\",\"z-score=9\":\"1.867\"}");
    }

    @Test
    void a_frequency_table_is_solved_by_its_weights() throws Exception {
        JsonNode json = CommandRun.of("x,f\n1,2\n5,3\n", "solve", "--kind", "frequencies", "--json", "-")
                .json();
        assertThat(json.path("kind").asText()).isEqualTo("frequencies");
        assertThat(json.path("count").asText()).isEqualTo("5");
        assertThat(json.path("results").path("mean").asText()).isEqualTo("3.4");
        CommandRun weighted = CommandRun.of(
                "70,0.25\n80,0.75\n",
                "solve",
                "--kind",
                "frequencies",
                "--rule",
                "frequencies=relative",
                "--json",
                "-",
                "--measure",
                "weighted-mean");
        assertThat(weighted.json().path("results").path("weighted-mean").asText())
                .isEqualTo("77.5");
        assertThat(CommandRun.of("1\n2\n", "solve", "-", "--measure", "weighted-mean")
                        .out())
                .contains("second column of weights");
    }

    @ParameterizedTest(name = "solve {0} is wrong usage")
    @CsvSource({
        "--kind trees -",
        "--digits 0 -",
        "--digits x -",
        "--rule nonsense=1 -",
        "--rule divisor=none -",
        "--rule divisor -",
        "--frequency 2 -",
        "--kind pairs --column 1 -",
        "--measure none-such -",
        "--no-such-option -",
        "''"
    })
    void wrong_usage_is_told_and_ends_with_2(String arguments) {
        CommandRun run = CommandRun.of("1\n", ("solve " + arguments).strip().split(" ", -1));
        assertThat(run.status()).isEqualTo(2);
        assertThat(run.err()).endsWith("Try --help." + System.lineSeparator()).doesNotContain("\tat ");
        assertThat(run.out()).isEmpty();
    }

    @Test
    void without_a_command_the_window_is_opened() {
        assertThat(CommandRun.of("").status()).isEqualTo(42);
        assertThat(CommandRun.of("", "--version").out()).startsWith("Promedio " + Commands.VERSION);
        assertThat(CommandRun.of("", "--help").out()).contains("solve", "--demo");
    }

    @Test
    void plain_text_tells_the_same_for_people() {
        CommandRun run = CommandRun.of("1\n2\n4\n\n", "solve", "-", "--measure", "mean", "--measure", "mode");
        assertThat(run.out())
                .contains("-: 3 values")
                .contains("mean")
                .contains("2.33333333333333")
                .contains("undefined: There is no mode");
    }

    @ParameterizedTest(name = "{0}/{1} to 5 digits is {2}")
    @CsvSource({
        "1,3,0.33333", "2,1,2", "1,10000000,0.0000001", "1,100000000,1e-8", "12345678,1,12346000",
        "100000000000000000000,1,100000000000000000000", "999999,1,1000000", "-1,3,-0.33333", "0,1,0",
                "1000006,1,1000000"
    })
    void figures_are_written_to_the_letter(String top, String bottom, String text) {
        Exact value = Exact.ratio(new java.math.BigInteger(top), new java.math.BigInteger(bottom));
        assertThat(SignificantText.of(value, 5)).isEqualTo(text);
    }

    @Test
    void the_notation_changes_with_the_exponent_after_rounding() {
        assertThat(SignificantText.of(Exact.of(new java.math.BigInteger("999999999999999999999")), 3))
                .isEqualTo("1e+21");
        assertThat(SignificantText.of(Exact.ratio(999_999, 10_000_000_000_000L), 3))
                .isEqualTo("0.0000001");
        assertThat(SignificantText.of(Root.of(-1, Exact.TWO), 15)).isEqualTo("-1.4142135623731");
    }

    @Test
    void one_bad_input_keeps_no_other_from_being_answered_and_nothing_hidden_reaches_the_terminal(@TempDir Path folder)
            throws Exception {
        Path shares =
                Files.writeString(folder.resolve("a.csv"), "1,0.333333333333333333333\n2,0.666666666666666666667\n");
        Path hidden = Files.writeString(folder.resolve("b.csv"), "head\u001b[31m\u0007\u202e\u009b1m,f\n1,2\n2,1\n");
        Path bad = Files.writeString(folder.resolve("c.csv"), "x\u009b31mred,1\n2,\u0085\n");
        CommandRun run = CommandRun.of(
                "",
                "solve",
                "--kind",
                "frequencies",
                "--rule",
                "frequencies=relative",
                "--json",
                shares.toString(),
                bad.toString(),
                hidden.toString());
        assertThat(run.status()).isEqualTo(3);
        String[] lines = run.out().split("\n", -1);
        assertThat(lines).hasSize(4);
        assertThat(lines[0]).contains("\"error\"", "more than 18 digits together");
        assertThat(lines[1]).contains("\"error\"");
        assertThat(lines[2]).contains("\"results\"");
        assertThat(new ObjectMapper().readTree(lines[2]).path("heading").asText())
                .as("what it is called stays as it is in JSON")
                .isEqualTo("head\u001b[31m\u0007\u202e\u009b1m");
        CommandRun text = CommandRun.of("", "solve", "--kind", "frequencies", hidden.toString(), bad.toString());
        for (String printed : new String[] {run.out(), run.err(), text.out(), text.err()}) {
            assertThat(printed.codePoints().filter(character -> character != '\n'))
                    .noneMatch(promedio.core.sentence.Visible::isHidden);
        }
    }

    @Test
    void a_wrong_word_is_told_and_a_file_that_is_there_is_opened(@TempDir Path folder) throws Exception {
        CommandRun wrong = CommandRun.of("", "nonsense\u001b[1m");
        assertThat(wrong.status()).isEqualTo(2);
        assertThat(wrong.err()).startsWith("There is no command and no file \"nonsense\ufffd[1m\".");
        assertThat(CommandRun.of("", "--wrong").status()).isEqualTo(2);
        assertThat(CommandRun.of("", "solve").status()).isEqualTo(2);
        Path file = Files.writeString(folder.resolve("a.csv"), "1\n2\n");
        assertThat(CommandRun.of("", file.toString()).status()).isEqualTo(42);
    }
}
