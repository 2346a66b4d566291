package promedio.desktop.command;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A student's own working from files. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CheckCommandTest {
    @TempDir
    private Path folder;

    private String data;
    private String table;
    private String lines;
    private String points;

    private String file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text).toString();
    }

    @BeforeEach
    void write() throws IOException {
        data = file("data.csv", "2\n5\n7\n8\n11\n15\n");
        table = file(
                "table.csv",
                "x,x − x̄,(x − x̄)²,mood\n2,-6,36,a\n5,-3,6,b\n7,-1,1,c\n8,0,0,d\n11,3,9,e\n15,7,49,f\nΣ 48,0,101,\n");
        lines = file("lines.csv", "line,answer\nmean,8\nvariance,20.2\nsd,4.49\n");
        points = file("points.csv", "line,method,accuracy\nmean,1,1\nvariance,2,1\nsd,1,0.5\n");
    }

    @Test
    void every_cell_total_and_line_is_marked() throws IOException {
        CommandRun run =
                CommandRun.of("", "check", data, "--working", table, "--lines", lines, "--points", points, "--json");
        assertThat(run.status()).as(run.err()).isZero();
        JsonNode answer = run.json();
        assertThat(answer.path("columns").findValuesAsText("is"))
                .containsExactly("x", "deviation", "deviation2", "null");
        JsonNode wrong = answer.path("cells").get(1).get(2);
        assertThat(wrong)
                .isEqualTo(new ObjectMapper()
                        .readTree("{'verdict':'wrong','expected':'9','first':true,'slip':'doubled-for-square'}"
                                .replace('\'', '"')));
        assertThat(answer.path("cells").get(0).get(3).isNull()).isTrue();
        assertThat(answer.path("totals").get(2).path("verdict").asText()).isEqualTo("follows");
        assertThat(answer.path("totals").get(2).path("expected").asText()).isEqualTo("104");
        assertThat(answer.path("lines").findValuesAsText("verdict")).containsExactly("agrees", "follows", "follows");
        assertThat(answer.path("lines").get(1).path("expected").asText()).isEqualTo("20.80");
        assertThat(answer.path("summary").toString())
                .isEqualTo("{\"right\":19,\"rounded\":0,\"follows\":1,\"wrong\":1}");
        assertThat(answer.path("points").toString()).isEqualTo("{\"given\":\"5\",\"of\":\"6.5\"}");
        assertThat(answer.path("assumed-mean").isNull()).isTrue();
    }

    @Test
    void people_are_told_where_it_went_wrong() {
        CommandRun run = CommandRun.of("", "check", data, "--working", table, "--lines", lines, "--points", points);
        assertThat(run.out())
                .contains(
                        "Row 2, (x − x̄)²: 6 is wrong; it is 9 (doubled, not squared).",
                        "1 figure follows from what went wrong",
                        "variance = 20.2: follows from the total of (x − x̄)²",
                        "5 of 6.5 points.");
    }

    /** A class table by step deviation: A and h are found from the figures. */
    @Test
    void a_class_table_by_step_deviation_is_right() throws IOException {
        String classes = file("classes.csv", "class,frequency\n0-10,5\n10-20,8\n20-30,12\n30-40,9\n40-50,6\n");
        String working = file(
                "steps.csv",
                """
                Class,f,Mid-value,u,fu,fu²
                0-10,5,5,-2,-10,20
                10-20,8,15,-1,-8,8
                20-30,12,25,0,0,0
                30-40,9,35,1,9,9
                40-50,6,45,2,12,24
                Total,40,,,3,61
                """);
        JsonNode answer = CommandRun.of("", "check", classes, "--working", working, "--json")
                .json();
        assertThat(answer.path("assumed-mean").asText()).isEqualTo("25");
        assertThat(answer.path("summary").path("right").asInt()).isEqualTo(33);
        assertThat(answer.path("summary").path("wrong").asInt()).isZero();
    }

    @Test
    void a_class_set_is_a_line_each_and_one_that_cannot_be_read_keeps_no_other_back() throws IOException {
        CommandRun run = CommandRun.of(
                "", "check", data, "--working", folder.resolve("none.csv").toString(), "--working", table, "--json");
        assertThat(run.status()).isEqualTo(3);
        String[] answers = run.out().strip().split("\n", -1);
        assertThat(answers).hasSize(2);
        assertThat(answers[0]).contains("\"error\":");
        assertThat(answers[1]).contains("\"summary\":");
        String bare = file("bare.csv", "line,figure\nmean,8\n");
        CommandRun without = CommandRun.of("", "check", data, "--working", table, "--lines", bare);
        assertThat(without.status()).isEqualTo(3);
        assertThat(without.err()).contains("a table with the columns line, answer is expected");
        String unknown = file("unknown.csv", "line,answer\nmeen,8\n");
        assertThat(CommandRun.of("", "check", data, "--working", table, "--lines", unknown)
                        .status())
                .isEqualTo(3);
        assertThat(CommandRun.of("", "check", data).status()).as("no working").isEqualTo(2);
    }
}
