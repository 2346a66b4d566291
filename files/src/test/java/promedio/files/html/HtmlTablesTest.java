package promedio.files.html;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.core.number.Numerals;
import promedio.core.pasted.Pasted;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class HtmlTablesTest {
    @Test
    void a_table_of_a_web_page_is_read_like_any_other() {
        String html =
                "<html><p>Waiting</p><table><tr><th colspan=2>Spring</th></tr><tr><th>Minutes</th><th>Visitors</th></tr>"
                        + "<tr><td>0&ndash;10</td><td>5<sup>[1]</sup></td></tr><tr><td>10&ndash;20</td><td>&nbsp;8 </td></tr></table>";
        String text = HtmlTables.text(html).orElseThrow();
        assertThat(text).isEqualTo("Spring\t\nMinutes\tVisitors\n0–10\t5\n10–20\t8");
        assertThat(Pasted.read(text, Numerals.POINT)
                        .get(0)
                        .samples()
                        .get(0)
                        .columns()
                        .toString())
                .isEqualTo("[[0–10, 10–20], [5, 8]]");
    }

    @Test
    void tables_within_tables_are_looked_at_once_and_the_innermost_are_those_that_count() {
        String deep =
                "<table><tr><td>".repeat(20_000) + "<table><caption>In</caption><tr><td>1<td>2<tr><td>3<td>4</table>";
        assertTimeoutPreemptively(Duration.ofSeconds(20), () -> assertThat(HtmlTables.all(deep))
                .extracting(HtmlTables.Found::rows)
                .containsExactly(List.of(List.of("1", "2"), List.of("3", "4"))));
        String beside = "<table><tr><td>a<td><table><tr><td>1<td>2</table><td><table><tr><td>3<td>4</table></table>"
                + "<table><tr><td>5<td>6</table>";
        assertThat(HtmlTables.all(beside))
                .extracting(found -> found.rows().get(0))
                .containsExactly(List.of("1", "2"), List.of("3", "4"), List.of("5", "6"));
    }

    @Test
    void text_without_a_table_is_left_to_be_read_as_text() {
        assertThat(HtmlTables.text("<b>12 15 18</b>")).isEmpty();
        assertThat(HtmlTables.text("<table><tr><td>12 15")).isEmpty();
    }
}
