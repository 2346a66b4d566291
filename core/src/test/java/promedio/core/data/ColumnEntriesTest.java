package promedio.core.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.core.number.Numerals;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ColumnEntriesTest {
    private static void taken(Column column, Optional<int[]> rows, String entries) {
        assertThat(ColumnEntries.of(column, rows, Numerals.POINT)).hasToString(entries);
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
        taken(column, Optional.empty(), "[1.5, 2.5, “12.5”, , -99, n/a, , 3, 4, 5, 6, 7, 8, 9, 10, 11, 12]");
        taken(column, Optional.of(new int[] {1, 2, 3, 4, 16}), "[2.5, “12.5”, , -99, 12]");
        assertThat(ColumnEntries.of(column, Optional.empty(), Numerals.COMMA).text(0))
                .isEqualTo("1,5");
        assertThat(ColumnEntries.cell(column, "7.25", Numerals.POINT)).isEqualTo("7,25");
        assertThat(ColumnEntries.cell(column, "n/a", Numerals.POINT)).isEqualTo("n/a");
    }
}
