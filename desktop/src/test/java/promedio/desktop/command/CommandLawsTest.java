package promedio.desktop.command;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import promedio.core.assignment.Interpretation;
import promedio.core.number.SignificantText;
import promedio.core.sample.Sample;
import promedio.core.sentence.Visible;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Background;
import promedio.desktop.model.desk.SheetFigures;

/** Whatever is asked on the command line, of whatever input, it is answered in figures or one sentence. */
class CommandLawsTest {
    private static final List<String> WORDS = List.of(
            "solve",
            "-",
            "--json",
            "--kind",
            "values",
            "frequencies",
            "classes",
            "--measure",
            "mean",
            "sd",
            "median/pn",
            "no-such-measure",
            "--digits",
            "15",
            "0",
            "1000000",
            "--rule",
            "divisor=n",
            "decimal-mark=comma",
            "quartiles=nonsense",
            "=",
            "--missing",
            "n/a",
            "",
            "--column",
            "2",
            "-7",
            "\u202ename",
            "--help",
            "--version",
            "\u0000");

    private static final List<String> CELLS = List.of(
            "12",
            "15.5",
            "-3",
            "1e3",
            "1/3",
            "0",
            "7",
            "7",
            "n/a",
            "",
            " ",
            "12 %",
            "17O",
            "minutes",
            "1,234",
            "2,5",
            "10-20",
            "999999999999999999999",
            "\u22124",
            "\u009b1m",
            "\"8\"");

    /** Rows of one to three cells, under any delimiter. */
    private static String text(Random random, int widest) {
        String delimiter = List.of(",", ";", "\t").get(random.nextInt(3));
        StringBuilder text = new StringBuilder();
        int width = 1 + random.nextInt(widest);
        for (int row = random.nextInt(12); row >= 0; row--) {
            for (int cell = 0; cell < width; cell++) {
                text.append(cell > 0 ? delimiter : "").append(CELLS.get(random.nextInt(CELLS.size())));
            }
            text.append('\n');
        }
        return text.toString();
    }

    @Property(tries = 400)
    void any_words_end_in_figures_or_a_sentence(@ForAll long seed) {
        Random random = new Random(seed);
        List<String> arguments = new ArrayList<>(random.nextInt(4) > 0 ? List.of("solve", "-") : List.of());
        for (int i = random.nextInt(6); i > 0; i--) {
            arguments.add(WORDS.get(random.nextInt(WORDS.size())));
        }
        CommandRun run = CommandRun.of(text(random, 3), arguments.toArray(String[]::new));
        assertThat(run.status()).as("%s", arguments).isIn(0, 2, 3, CommandRun.OPENED);
        if (run.status() == 2) {
            assertThat(run.out()).isEmpty();
            assertThat(run.err()).isNotBlank();
        }
        assertThat(run.out() + run.err())
                .doesNotContain("Exception", "\tat ", "itself failed", "null")
                .matches(printed -> printed.codePoints()
                        .filter(character -> character != '\n')
                        .noneMatch(Visible::isHidden));
    }

    @Property(tries = 400)
    void every_input_has_one_line_of_json(@ForAll long seed) throws Exception {
        Random random = new Random(seed);
        String kind = List.of("values", "frequencies", "classes").get(random.nextInt(3));
        CommandRun run = CommandRun.of(text(random, 2), "solve", "--json", "--kind", kind, "-");
        assertThat(run.out().lines()).hasSize(1);
        JsonNode json = new ObjectMapper().readTree(run.out());
        assertThat(json.has("error")).isEqualTo(run.status() == 3);
        if (run.status() == 0) {
            assertThat(json.path("kind").asText()).isEqualTo(kind);
            assertThat(json.path("results").isObject()).isTrue();
        } else {
            assertThat(run.status()).isEqualTo(3);
            assertThat(json.path("error").asText()).isNotBlank();
            assertThat(run.err()).as("one sentence").hasLineCount(1);
        }
    }

    /**
     * One text has one reading: pasted into the window and given to the command it has as many values with the same sum.
     * (Commas, quotes, classes and blank lines before are left out: the window goes by what they seem, the command is told by options.)
     */
    @Property(tries = 400)
    void the_window_and_the_command_read_one_text_alike(@ForAll long seed) throws Exception {
        String text = text(new Random(seed), 1)
                .replace(',', '.')
                .replace("10-20", "11")
                .replace("\"", "")
                .stripLeading();
        CommandRun run =
                CommandRun.of(text, "solve", "--json", "--kind", "values", "--measure", "sum", "--digits", "40", "-");
        JsonNode json = new ObjectMapper().readTree(run.out());
        DeskModel desk = new DeskModel(Background.DIRECT);
        desk.intake().type(text);
        SheetFigures figures = desk.figuresProperty().get();
        if (figures == null || figures.sample().isEmpty()) {
            assertThat(json.path("count").asInt(0)).as("%s", text).isZero();
        } else if (run.status() == 0) {
            Sample sample = figures.sample();
            assertThat(sample.count())
                    .as("%s", text)
                    .hasToString(json.path("count").asText());
            assertThat(SignificantText.of(sample.powerSum(1), 40))
                    .as("%s", text)
                    .isEqualTo(json.path("results").path("sum").asText());
        } else {
            assertThat(figures.interpretation().count(Interpretation.Status.NOT_A_NUMBER))
                    .as("%s: what the command refuses, the window leaves out and tells", text)
                    .isPositive();
        }
    }
}
