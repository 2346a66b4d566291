package promedio.desktop.command;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.InputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** {@code promedio run} and {@code promedio jot}: definitions for tables, sections 10 and 11. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class RunCommandTest {
    private static final String LOG =
            """
            Repair café
            Day;Item;Minutes;Paid
            5.4.2031;lamp;12,5;yes
            6.4.2031;radio;n/a;no
            7.4.2031;"lamp; red";40;yes
            8.4.2031;;-99;yes
            """;

    @TempDir
    private Path folder;

    private Path log;

    @BeforeEach
    void write() throws Exception {
        log = Files.writeString(folder.resolve("log.csv"), LOG);
        Files.writeString(folder.resolve("items.csv"), "Item,Kind\nlamp,light\nradio,sound\n");
    }

    private record Run(int status, String out, String err) {}

    private static Run promedio(String... arguments) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int status = Commands.run(
                arguments,
                InputStream.nullInputStream(),
                new PrintWriter(out),
                new PrintWriter(err),
                (file, demo) -> 42);
        return new Run(status, out.toString(), err.toString());
    }

    private Run run(String steps, String... more) throws Exception {
        Path trail = Files.writeString(folder.resolve("a.trail"), "promedio trail 1\n" + steps);
        String[] arguments = new String[more.length + 3];
        arguments[0] = "run";
        arguments[1] = trail.toString();
        arguments[2] = log.toString();
        System.arraycopy(more, 0, arguments, 3, more.length);
        return promedio(arguments);
    }

    @Test
    void cells_are_written_exactly_dates_in_iso_and_codes_for_missing_empty() throws Exception {
        Run run = run(
                """
                reading: skip 1, delimiter semicolon, decimal-mark comma, missing "n/a", missing Minutes "-99"
                work out Third = Minutes / 3
                join with 'items.csv' by Item
                replace in Minutes: 12.5 with 12.5, "12 h" with 12
                """);
        assertThat(run.err().lines())
                .as("what a step tells is not lost beside the table")
                .containsExactly(
                        "Step 2: 1 row has no partner: its new cells are missing.",
                        "Step 2: 1 row has no value of Item: its new cells are missing.",
                        "Step 3: 1 cell of Minutes was replaced.",
                        "Step 3: Minutes has no “12 h”: nothing was replaced by that.");
        assertThat(run.status()).isZero();
        assertThat(run.out())
                .isEqualTo(
                        """
                        Day,Item,Minutes,Paid,Third,Kind\r
                        2031-04-05,lamp,12.5,yes,4.16666666666667,light\r
                        2031-04-06,radio,,no,,sound\r
                        2031-04-07,lamp; red,40,yes,13.3333333333333,\r
                        2031-04-08,,,yes,,\r
                        """);
    }

    @Test
    void a_step_joins_ordinary_files_beside_or_below_and_others_that_are_handed_over() throws Exception {
        Path elsewhere = Files.createDirectory(folder.resolve("elsewhere"));
        Path outside = Files.move(folder.resolve("items.csv"), elsewhere.resolve("items.csv"));
        folder = Files.createDirectory(folder.resolve("here"));
        log = Files.writeString(folder.resolve("log.csv"), LOG);
        Files.createSymbolicLink(folder.resolve("link.csv"), outside);
        for (String named : new String[] {
            "items.csv", outside.toString(), "../elsewhere/items.csv", "link.csv", "/dev/zero", "http://x/y.csv"
        }) {
            Run run = run("join with '" + named + "' by Item\n");
            assertThat(run.status()).as(named).isEqualTo(3);
            assertThat(run.err()).contains("Step 1, character 1: " + named + " is not here");
        }
        String joined = run("join with 'items.csv' by Item\n", "--with", outside.toString())
                .out();
        assertThat(joined).startsWith("Day,Item,Minutes,Paid,Kind");
        Path inner = Files.createDirectory(folder.resolve("data"));
        Files.copy(outside, inner.resolve("items.csv"));
        assertThat(run("join with 'data/items.csv' by Item\n").out()).isEqualTo(joined);
        Path beside = Files.copy(log, inner.resolve("log.csv"));
        log = beside;
        assertThat(run("join with 'items.csv' by Item\n").out())
                .as("beside the file that is prepared")
                .isEqualTo(joined);
    }

    @Test
    void what_each_step_did_is_json() throws Exception {
        JsonNode json = new ObjectMapper()
                .readTree(run("keep rows where Minutes > 20\noff: draw 1 rows, seed 1\n", "--missing", "n/a", "--json")
                        .out());
        JsonNode step = json.path("steps").path(0);
        assertThat(step.path("rows-before").asText() + " "
                        + step.path("rows-after").asText())
                .isEqualTo("4 1");
        assertThat(step.path("told").path(0).asText())
                .isEqualTo("The condition is missing in 1 row, which is left out.");
        assertThat(json.path("steps").path(1).path("off").asBoolean()).isTrue();
        assertThat(json.path("columns").path(2).path("mean").asText()).isEqualTo("40");
    }

    @Test
    void a_step_that_does_not_fit_is_told_with_its_number_and_place() throws Exception {
        Run run = run("carry down Item\nkeep rows where Minuts > 20\n", "--json");
        assertThat(run.status()).isEqualTo(3);
        assertThat(run.err())
                .isEqualToIgnoringNewLines("Step 2, character 17: There is no column “Minuts”. Did you mean Minutes?");
        JsonNode json = new ObjectMapper().readTree(run.out());
        assertThat(json.path("step").asText() + " " + json.path("place").asText())
                .isEqualTo("2 17");
        assertThat(run("keep rows where Item = lamp\n").err())
                .contains(
                        "Step 1, character 24: There is no column “lamp”. If it is a text, write \"lamp\" in double quotes.");
        assertThat(run("keep rows where Item = \"lamb\"\n").err())
                .contains("Step 1: No cell of “Item” is “lamb”. Did you mean “lamp”?");
        assertThat(run("reading: skip two\n").err()).contains("The reading of the trail says “skip two”");
        Files.writeString(folder.resolve("b.trail"), "some text\n");
        assertThat(promedio("run", folder.resolve("b.trail").toString(), log.toString())
                        .status())
                .isEqualTo(3);
    }

    @ParameterizedTest
    @ValueSource(strings = {"csv", "ods", "xlsx", "json"})
    void a_written_table_is_read_again_as_it_was(String ending) throws Exception {
        Path written = folder.resolve("out." + ending);
        Run run = run(
                "keep rows where Item is not missing\nwork out Half = Minutes / 2\n",
                "--missing",
                "n/a",
                "--to",
                written.toString());
        assertThat(run.err()).isEmpty();
        JsonNode json = new ObjectMapper()
                .readTree(promedio("read", written.toString(), "--json").out());
        assertThat(json.path("columns").path(4).path("name").asText()).isEqualTo("Half");
        assertThat(json.path("columns").path(4).path("maximum").asText()).isEqualTo("20");
        assertThat(json.path("columns").path(0).path("kind").asText()).isEqualTo("date");
        assertThat(json.path("first").path(0).path(3).asText()).isEqualTo("yes");
    }

    @Test
    void lines_are_asked_one_after_another() {
        Run run = promedio("jot", "-2^2", "it × 3", "1 +", "(1, missing, 1/3)", "root(2)", "--json");
        assertThat(run.status()).isEqualTo(3);
        assertThat(run.out())
                .isEqualToIgnoringNewLines(
                        """
                        {"text":"-2^2","value":"-4"}
                        {"text":"it × 3","value":"-12"}
                        {"text":"1 +","error":"It ends too early; expected a value.","place":"4"}
                        {"text":"(1, missing, 1/3)","value":["1",null,"0.333333333333333"]}
                        {"text":"root(2)","value":"1.4142135623731","approximate":true}
                        """);
        assertThat(promedio("jot", "2/3", "--digits", "4").out()).isEqualToIgnoringNewLines("0.6667");
        assertThat(promedio("jot", "quartile 1 of (1 to 5)", "--rule", "quartiles=no-such")
                        .status())
                .isEqualTo(2);
    }
}
