package promedio.core.pasted;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Interpretation;
import promedio.core.course.CourseCard;
import promedio.core.data.CellRules;
import promedio.core.data.Column;
import promedio.core.data.Entries;
import promedio.core.data.MissingCodes;
import promedio.core.data.Table;
import promedio.core.data.TableReading;
import promedio.core.number.Numerals;
import promedio.core.sample.Sample;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TableSamplesTest {
    private static Sample taken(Table table, Set<Integer> leftOut, String entries) {
        Found found = TableSamples.of("log", table, Set.of("x"), leftOut, Numerals.POINT, List.of())
                .samples()
                .get(0);
        assertThat(found.columns().get(0).toString()).isEqualTo(entries);
        return Interpretation.of(found.sheet("s1", "x"), CourseCard.STANDARD).sample();
    }

    /** A sample counts what its column counts: 12.5 is no number among decimal commas, and -99.0 is missing where -99 is. */
    @Test
    void a_cell_means_in_the_sample_what_it_means_in_the_table() {
        CellRules rules = new CellRules(
                Optional.of(','),
                Optional.empty(),
                Optional.empty(),
                new MissingCodes(Set.of("n/a"), Map.of("x", Set.of("-99"))));
        Entries cells = Entries.of(
                "1,5", "2,5", "12.5", "-99,0", "-99", "n/a", "", "3", "4", "5", "6", "7", "8", "9", "10", "11", "12");
        Table table =
                TableReading.of(List.of("x"), List.of(cells), rules, false).table();
        Column column = table.columns().get(0);
        assertThat(List.of(column.count(), column.missing(), column.others())).containsExactly(12, 4, 1);
        Sample all = taken(table, Set.of(), "[1.5, 2.5, “12.5”, , -99, n/a, , 3, 4, 5, 6, 7, 8, 9, 10, 11, 12]");
        assertThat(all.count()).hasToString("12");
        assertThat(all.missing()).hasToString("4");
        Sample some = taken(table, Set.of(0, 16), "[2.5, “12.5”, , -99, n/a, , 3, 4, 5, 6, 7, 8, 9, 10, 11]");
        assertThat(some.count()).hasToString("10");
    }
}
