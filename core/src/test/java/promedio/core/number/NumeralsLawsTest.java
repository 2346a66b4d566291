package promedio.core.number;

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

/** The short way from text into a column comes to what the long way does. */
class NumeralsLawsTest {
    @Provide
    Arbitrary<List<String>> texts() {
        Arbitrary<String> written =
                Arbitraries.strings().withChars("0123456789.,-+").ofMinLength(0).ofMaxLength(22);
        Arbitrary<String> decimals = Arbitraries.bigDecimals()
                .between(new BigDecimal("-99999999"), new BigDecimal("99999999"))
                .ofScale(6)
                .map(value -> value.stripTrailingZeros().toPlainString());
        Arbitrary<String> odd = Arbitraries.of(
                "",
                "-",
                "+",
                ".",
                "5.",
                ".5",
                "-.5",
                "1.2.3",
                "--1",
                "1-",
                "007",
                "-0",
                "0.000",
                "1e3",
                "12 %",
                "−4",
                "999999999999999999",
                "9999999999999999999",
                "0.00000000000000000001",
                "123456789012345678");
        return Arbitraries.oneOf(written, decimals, odd).list().ofMaxSize(12);
    }

    @Property(tries = 1500)
    void what_is_added_at_once_is_what_is_read(@ForAll("texts") List<String> texts, @ForAll boolean comma) {
        Numerals numerals = comma ? Numerals.COMMA : Numerals.POINT;
        Decimals.Builder column = new Decimals.Builder(1);
        List<BigDecimal> values = new ArrayList<>();
        for (String text : texts) {
            Optional<Numerals.Numeral> read = numerals.read(text);
            if (numerals.addPlain(text, column)) {
                assertThat(read).as("“%s” is a number", text).isPresent();
                values.add(read.orElseThrow().value());
            } else if (read.isPresent()) {
                column.add(read.get().value());
                values.add(read.get().value());
            }
        }
        Decimals built = column.build();
        assertThat(built.size()).isEqualTo(values.size());
        int places = values.stream()
                .mapToInt(value -> Math.max(0, value.scale()))
                .max()
                .orElse(0);
        assertThat(built.places()).as("the places the data were written with").isEqualTo(places);
        for (int i = 0; i < values.size(); i++) {
            assertThat(built.decimal(i)).isEqualByComparingTo(values.get(i));
        }
    }

    /** Short and long units of any places by turns, as columns of files hold them, wide ones among them. */
    @Property(tries = 500)
    void a_column_holds_what_was_added_whatever_the_order(@ForAll List<Long> units, @ForAll List<Integer> places) {
        Decimals.Builder column = new Decimals.Builder(1);
        List<BigDecimal> added = new ArrayList<>();
        for (int i = 0; i < units.size(); i++) {
            int scale = places.isEmpty() ? 0 : Math.floorMod(places.get(i % places.size()), 19);
            column.add(units.get(i), scale);
            added.add(BigDecimal.valueOf(units.get(i), scale));
        }
        Decimals built = column.build();
        for (int i = 0; i < added.size(); i++) {
            assertThat(built.decimal(i)).isEqualByComparingTo(added.get(i));
        }
        assertThat(built.powerSums(1)[1])
                .isEqualTo(Exact.from(added.stream().reduce(BigDecimal.ZERO, BigDecimal::add)));
    }
}
