package promedio.core.language;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CompletionTest {
    private static final Map<String, List<String>> VALUES =
            Map.of("Bench", List.of("\"Oak\"", "\"Old \"\"one\"\"\"", "\"Elm\""));

    private static List<String> ways(String line) {
        Completion.Known known = new Completion.Known(
                List.of("Minutes (min)", "Bench", "month"),
                asked -> asked.cell() && asked.column().equals("Minutes (min)")
                        ? List.of("\"n/a\"")
                        : VALUES.getOrDefault(asked.column(), List.of()));
        return Completion.of(line, true, known).stream()
                .map(Completion.Way::text)
                .toList();
    }

    @Test
    void steps_columns_and_words_that_can_stand_there_are_offered() {
        assertThat(ways("ke")).containsExactly("keep");
        assertThat(ways("keep ")).containsExactly("keep columns", "keep rows where");
        assertThat(ways("keep rows where B")).containsExactly("keep rows where Bench");
        assertThat(ways("keep rows where mi")).startsWith("keep rows where 'Minutes (min)'");
        assertThat(ways("keep rows where mo")).startsWith("keep rows where 'month'");
        assertThat(ways("keep rows where Bench i")).containsExactly("keep rows where Bench is");
        assertThat(ways("put in order by Bench la")).containsExactly("put in order by Bench largest");
        assertThat(ways("one row per Bench: n, mean of ")).startsWith("one row per Bench: n, mean of 'Minutes (min)'");
        assertThat(ways("keep rows where 'Minutes (m")).containsExactly("keep rows where 'Minutes (min)'");
        assertThat(ways("keep rows where Bench = \"Oak\" a")).containsExactly("keep rows where Bench = \"Oak\" and");
    }

    @Test
    void values_of_the_column_that_is_compared_or_replaced_are_offered() {
        assertThat(ways("keep rows where Bench = "))
                .startsWith(
                        "keep rows where Bench = \"Oak\"",
                        "keep rows where Bench = \"Old \"\"one\"\"\"",
                        "keep rows where Bench = \"Elm\"",
                        "keep rows where Bench = 'Minutes (min)'");
        assertThat(ways("keep rows where Bench = \"Oa")).containsExactly("keep rows where Bench = \"Oak\"");
        assertThat(ways("keep rows where Bench = \"Old"))
                .containsExactly("keep rows where Bench = \"Old \"\"one\"\"\"");
        assertThat(ways("keep rows where month > 3 and 'Bench' <> el"))
                .containsExactly("keep rows where month > 3 and 'Bench' <> \"Elm\"");
        assertThat(ways("keep rows where Bench is not one of (\"Elm\", O"))
                .startsWith("keep rows where Bench is not one of (\"Elm\", \"Oak\"");
        assertThat(ways("keep rows where Bench starts with e")).contains("keep rows where Bench starts with \"Elm\"");
        assertThat(ways("keep rows where mean of Bench = ")).noneMatch(way -> way.contains("Oak"));
        assertThat(ways("replace in 'Minutes (min)', Bench: "))
                .startsWith("replace in 'Minutes (min)', Bench: \"n/a\"");
        assertThat(ways("replace in Bench: \"Oak\" with e")).containsExactly("replace in Bench: \"Oak\" with \"Elm\"");
        assertThat(ways("name values of Bench: \"Oak\" = \"tree\", "))
                .startsWith("name values of Bench: \"Oak\" = \"tree\", \"Oak\"");
    }
}
