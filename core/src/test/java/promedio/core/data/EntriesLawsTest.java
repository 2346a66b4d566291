package promedio.core.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;

/** Cells come back as they were written, and are the numbers that the plain reader says. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class EntriesLawsTest {
    @Provide
    Arbitrary<List<String>> cells() {
        Arbitrary<String> numbers =
                Arbitraries.strings().withChars("0123456789.,-").ofMaxLength(22);
        Arbitrary<String> words =
                Arbitraries.strings().withChars("0123456789.,+-e% abO'").ofMaxLength(8);
        Arbitrary<String> plain =
                Arbitraries.integers().between(-99_999, 99_999).map(Object::toString);
        return Arbitraries.oneOf(numbers, words, plain).list().ofMaxSize(60);
    }

    @Property(tries = 600)
    void every_cell_comes_back_letter_by_letter_and_plain_ones_are_their_numbers(
            @ForAll("cells") List<String> cells, @ForAll boolean comma) {
        Entries entries = Entries.of(cells);
        assertThat(entries.texts()).isEqualTo(cells);
        Numerals numerals = comma ? Numerals.COMMA : Numerals.POINT;
        for (int row = 0; row < cells.size(); row++) {
            assertThat(entries.isBlank(row)).isEqualTo(cells.get(row).isEmpty());
            if (entries.isDecimal(row, numerals.decimalMark())) {
                BigDecimal read = numerals.read(cells.get(row)).orElseThrow().value();
                assertThat(BigDecimal.valueOf(entries.unit(row), entries.places(row)))
                        .isEqualTo(read);
            }
        }
    }

    @Property(tries = 300)
    void going_through_a_column_meets_every_cell_once_and_in_order(@ForAll("cells") List<String> cells) {
        List<String> met = new ArrayList<>();
        Entries.of(cells).walk('.', new Entries.Walk() {
            @Override
            public void plain(int row, long unit, int places) {
                assertThat(row).isEqualTo(met.size());
                met.add(BigDecimal.valueOf(unit, places).toPlainString());
            }

            @Override
            public void blank(int row) {
                assertThat(row).isEqualTo(met.size());
                met.add("");
            }

            @Override
            public void other(int row, String text) {
                assertThat(row).isEqualTo(met.size());
                met.add(text);
            }
        });
        assertThat(met).isEqualTo(cells);
    }

    /** A column is counted cell by cell, and its figures are those of the numbers read one by one. */
    @Property(tries = 300)
    void a_column_of_numbers_is_the_numbers_of_its_cells(@ForAll("cells") List<String> cells) {
        List<String> mostly = new ArrayList<>(cells);
        for (int i = 0; i < 10 * cells.size(); i++) {
            mostly.add(Integer.toString(i % 37));
        }
        Table table = TableReading.of(List.of("x"), List.of(Entries.of(mostly)), CellRules.GUESSED, true)
                .table();
        Column column = table.columns().get(0);
        assertThat(column.count() + column.missing() + column.others()).isEqualTo(mostly.size());
        if (column instanceof Column.OfNumbers numbers) {
            Exact sum = Exact.ZERO;
            int count = 0;
            for (int row = 0; row < mostly.size(); row++) {
                Optional<BigDecimal> value = numbers.number(row);
                sum = value.map(Exact::from).map(sum::plus).orElse(sum);
                count += value.isPresent() ? 1 : 0;
                assertThat(value.isPresent()).isEqualTo(!numbers.isMissing(row) && !numbers.isOther(row));
            }
            assertThat(numbers.count()).isEqualTo(count);
            Decimals all = numbers.numbers();
            assertThat(all.size()).isEqualTo(count);
            assertThat(all.powerSums(1)[1]).isEqualTo(sum);
        }
    }
}
