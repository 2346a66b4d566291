package promedio.core.language;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CompletionTest {
    private static List<String> ways(String line) {
        return Completion.of(line, true, List.of("Minutes (min)", "Bench", "month")).stream()
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
        assertThat(ways("keep rows where Bench = \"Oa")).isEmpty();
    }
}
