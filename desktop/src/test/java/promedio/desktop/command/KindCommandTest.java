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

/** Questions of kinds, by what they give. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class KindCommandTest {
    @TempDir
    private Path folder;

    /** Each worked by hand, as a line of standard input. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    correction n=20 mean=40 read=8:18                                       | mean | 40.5
                    correction n=5 sum=50 not-belonging=20                                  | mean | 7.5
                    correction n=4 mean=10 left-out=20                                      | count | 5
                    correction n=10 mean=50 sd=4 read=52:48 --rule divisor=population                | variance | 15.84
                    combination part=a,20,40 part=b,30,35                                   | combined-mean | 37
                    combination part=a,20,40 part=b,30,? whole=50,37                        | b/mean | 35
                    combination part=a,20,40 part=b,?,35 whole=,37                          | b/n | 30
                    combination part=a,20,40 part=b,30,35 whole=?                           | whole/n | 50
                    combination part=a,10,5,3 part=b,10,9,? whole=20,7,4 --rule divisor=population   | b/sd | 3.87298334620742
                    combination part='Ann B',10,5,3 part=b,10,9,5 --rule divisor=population          | combined-sd | 4.58257569495584
                    transform plus=32 times=1.8 mean=20 sd=5                                | cv | 13.2352941176471
                    transform times=-2 quartile-1=10 quartile-3=16                          | quartile-1 | -32
                    transform times=-2 quartile-1=10                                        | quartile-3 | -20
                    empirical mean=26 median=25                                             | mode | 23
                    empirical mean=26 mode=23                                               | median | 25
                    empirical median=25 mode=23                                             | mean | 26
                    scores score=art,70,60,10 score=maths,62,50,8                           | best | maths
                    totals n=5 sum=40 sum-squares=350                                       | variance-population | 6
                    totals n=10 assumed-mean=50 sum-deviations=-30 sum-deviations-squared=500 | mean | 47
                    missing --values "5 8 x 12" mean=10                                      | x | 15
                    missing --values "x + 2; 9; 2x" sum=20                                   | x | 3
                    missing --values 2,5;x;7 mean=5 --rule decimal-mark=comma                | x | 5.5
                    missing "values=0-20 20-40 40-60 60-80 80-100" "frequencies=17 f1 32 f2 19" n=120 mean=50 | f2 | 24
                    missing "values=0-10 10-20 20-30 30-40" "frequencies=5 ? 8 3" mode=16    | f | 14
                    within --values "2 3 7" k=1,2                                           | share/1 | 0.666666666666667
                    within --values "2, 3, 7" k=1,2                                         | least/2 | 0.75
                    within --values 2,5;3,5;7 --rule decimal-mark=comma k=2                 | count/2 | 3
                    """)
    void what_is_given_leads_to_what_is_sought(String call, String name, String value) throws Exception {
        CommandRun run = CommandRun.of(call + "\n", "question", "--as", "-");
        JsonNode answer = new ObjectMapper().readTree(run.out());
        assertThat(answer.path("results").path(name).asText()).as(run.out()).isEqualTo(value);
        assertThat(answer.path("lines")).isNotEmpty();
        assertThat(run.status()).isZero();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    correction n=20.5 mean=40               | n has to be a whole number above 0, and 20.5 is not.
                    correction n=1 mean=40 not-belonging=40 | After the correction 0 values would be left; there has to be 1 at least.
                    correction n=5 sum=40 sum-squares=300   | Σx² would be 300, and is at least (Σx)²/n, which is 320.
                    correction n=5 sum=40 mean=9            | The mean is said to be 9, and comes to 8.
                    correction n=20 mean=40 read=8          | “8” is not a value as it was read and as it is. Write them with a colon, for instance: 8 : 18.
                    combination part=a,20,40 part=b,30,35 whole=60,37 | The groups have 50 values together, and all are said to be 60.
                    combination part=a,20,40 part=b,?,35 whole=,20    | The number of values would be -26.6667, which is not a whole number above 0.
                    correction n=5 mean=8 read=?:8          | What “read” gives cannot be sought. Type a number.
                    totals n=5 sum=40 sum-squares=350 sd=4  | The standard deviation is said to be 4, and comes to 2.73861.
                    totals n=5 mean=8 sd=3 variance=4       | The variance is said to be 4, and comes to 9.
                    combination part=a,20,40,5 part=b,30,35,4 whole=50,37,9 | The standard deviation is said to be 9, and comes to 5.02849.
                    within --values "2.5 3,5" k=1           | “3,5” is not a number: left out. Did you mean 3.5?
                    within --values "2 3" k=-1              | “-1” is not a number of standard deviations; it has to be above 0.
                    combination part=a,20,40                | There have to be two groups at least, and there are 1.
                    transform plus=1 sd=-2                  | “sd” is -2, and cannot be below 0.
                    empirical mean=26 median=25 mode=24     | The mode is said to be 24, and comes to 23 by mean and median.
                    scores score=a,1,2,0                    | The standard deviation of a is 0, and has to be above 0.
                    totals n=5 sum=forty                    | “forty” under “sum” is not a number. Type a number, or ? for what is sought.
                    totals n=5 n=6                          | “n” is given twice. Leave one of them out.
                    totals median=5                         | “median” is not a name for what such a question gives. There are: n, sum, sum-squares, assumed-mean, sum-deviations, sum-deviations-squared, mean, sd, variance.
                    nonsense n=5                            | There is no kind of question “nonsense”. There are: totals, correction, combination, transform, empirical, scores, missing, within, grouping, weighted.
                    missing --values "4 5" mean=6           | Nothing is missing there. Write a letter or ? for the value or frequency that is sought.
                    missing --values "4, x; 5" mean=6       | “4, x” under “values” is neither a number nor a letter. Type numbers, and a letter for what is sought, such as x, f1 or p.
                    within k=2                              | Data are missing. Give them with --table FILE, or a list with --values.
                    """)
    void what_cannot_be_is_refused_in_a_sentence(String call, String sentence) throws Exception {
        CommandRun run = CommandRun.of("\n" + call + "\ntotals n=2 sum=5\n", "question", "--as", "-");
        String[] lines = run.out().split("\\R", -1);
        assertThat(new ObjectMapper().readTree(lines[0]).path("error").asText()).isEqualTo(sentence);
        assertThat(new ObjectMapper()
                        .readTree(lines[1])
                        .path("results")
                        .path("mean")
                        .asText())
                .as("the next is answered")
                .isEqualTo("2.5");
        assertThat(run.status()).isEqualTo(3);
    }

    /** A table out of a file, a frequency that is no whole number, and two solutions. */
    @Test
    void what_is_missing_in_a_file_is_found_and_what_is_odd_about_it_is_told() throws Exception {
        ObjectMapper json = new ObjectMapper();
        Path table = Files.writeString(folder.resolve("m.csv"), "class,f\n0-10,4\n10-20,p\n20-30,5\n30-40,8\n");
        JsonNode part = json.readTree(
                CommandRun.of("", "question", "--as", "missing", "--table", table.toString(), "mean=22.5", "--json")
                        .out());
        assertThat(part.path("results").path("p").asText()).isEqualTo("5.66666666666667");
        assertThat(part.path("whole").asBoolean(true)).isFalse();
        assertThat(part.path("check").asText()).endsWith("22.50");
        JsonNode two = json.readTree(
                CommandRun.of("", "question", "--as", "missing", "--values", "4 7 x", "variance=9", "--json")
                        .out());
        assertThat(two.path("solutions").toString()).isEqualTo("[{\"x\":\"1\"},{\"x\":\"10\"}]");
        assertThat(two.path("undefined").path("x").asText())
                .isEqualTo("There is more than one solution: x = 1; x = 10.");
        assertThat(two.path("results")).isEmpty();
    }

    @Test
    void tables_are_grouped_and_weighted_and_totals_are_solved_from_a_file() throws Exception {
        Path table = Files.writeString(folder.resolve("t.csv"), "x,f\n1,5\n2,9\n3,10\n4,8\n5,3\n");
        JsonNode grouping = new ObjectMapper()
                .readTree(CommandRun.of("", "question", "--as", "grouping", "--table", table.toString(), "--json")
                        .out());
        assertThat(grouping.path("results").path("mode").toString()).isEqualTo("[\"3\"]");
        assertThat(grouping.path("columns").toString())
                .isEqualTo(
                        "[[\"5\",\"9\",\"10\",\"8\",\"3\"],[\"14\",\"18\"],[\"19\",\"11\"],[\"24\"],[\"27\"],[\"21\"]]");
        assertThat(grouping.path("analysis").toString())
                .isEqualTo("[[\"1\",1],[\"2\",3],[\"3\",6],[\"4\",3],[\"5\",1]]");
        Path classes = Files.writeString(folder.resolve("c.csv"), "class,frequency\n0-10,4\n10-20,6\n20-30,2\n");
        assertThat(CommandRun.of("", "question", "--as", "grouping", "--table", classes.toString())
                        .out())
                .contains("Mo = L + (f₁ − f₀)/(2f₁ − f₀ − f₂) · h")
                .contains("13.3333333333333");
        assertThat(CommandRun.of("", "question", "--as", "weighted", "--table", table.toString())
                        .out())
                .contains("x̄_w = Σfx/n = 100/35 ≈ 2.86");
        Path totals = Files.writeString(folder.resolve("g.csv"), "name,value\nn,5\nsum,40\nsum-squares,350\n");
        JsonNode solved = new ObjectMapper()
                .readTree(CommandRun.of("", "solve", "--kind", "totals", "--json", totals.toString())
                        .out());
        assertThat(solved.path("results").path("variance-sample").asText()).isEqualTo("7.5");
        Path answers = Files.writeString(folder.resolve("a.csv"), "measure,answer\nmean,8\nvariance-population,62\n");
        CommandRun marked =
                CommandRun.of("", "mark", "--kind", "totals", "--answers", answers.toString(), totals.toString());
        assertThat(marked.out()).contains("agrees", "The mean was taken off without being squared.");
        Files.writeString(totals, "name,value\nmean,40\nn,20\nread,30 : 32\n");
        CommandRun corrected = CommandRun.of("", "solve", "--kind", "correction", totals.toString());
        assertThat(corrected.out()).contains("3 things given", "40.1").doesNotContain("is not a number");
        Files.writeString(totals, "name,value\nn,5\nsome,40\n");
        assertThat(CommandRun.of("", "solve", "--kind", "totals", totals.toString())
                        .err())
                .contains("row 3", "“some” is not a name");
    }

    @Test
    void a_question_is_answered_in_words_with_its_lines_and_its_check() {
        CommandRun run = CommandRun.of("", "question", "--as", "correction", "n=20", "mean=40", "read=8:18");
        assertThat(run.out())
                .contains("Σx = Σx_old − 8 + 18 = 800 − 8 + 18 = 810.00", "Check: Σx_old = Σx − 18 + 8", "40.5");
        assertThat(CommandRun.of("", "question", "--as", "correction").err()).contains("Nothing is given");
        assertThat(CommandRun.of("", "question").err()).contains("A text with questions is missing");
    }
}
