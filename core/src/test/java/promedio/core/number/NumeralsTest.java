package promedio.core.number;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class NumeralsTest {
    @ParameterizedTest(name = "“{0}” is {1} with {2} places")
    @CsvSource(
            textBlock =
                    """
            0.1,    0.1,    1
            .5,     0.5,    1
            5.,     5,      0
            −3,     -3,     0
            +3,     3,      0
            12.50,  12.50,  2
            1e3,    1000,   0
            2.5E-2, 0.025,  3
            12 %,   12,     0
            ' 7 ',  7,      0
            -0,     0,      0
            1e-308, 1E-308, 308
            """)
    void numbers_are_read_exactly(String text, String value, int places) {
        Numerals.Numeral numeral = Numerals.POINT.read(text).orElseThrow();
        assertThat(numeral.value()).isEqualByComparingTo(value);
        assertThat(numeral.places()).isEqualTo(places);
    }

    @ParameterizedTest(name = "“{0}” is not a number")
    @ValueSource(
            strings = {
                "",
                "-",
                ".",
                "1,5",
                "1_000",
                "1 000",
                "1e",
                "e5",
                "1e999999999",
                "1e308",
                "1e-309",
                "17O",
                "0x10",
                "NaN",
                "Infinity",
                "1.2.3",
                "--1",
                "١٢",
                "½",
                "12345678901234567890123456789012345"
            })
    void anything_else_is_not_a_number(String text) {
        assertThat(Numerals.POINT.read(text)).isEmpty();
    }

    @Test
    void four_hundred_digits_are_refused_and_thirty_four_are_read() {
        assertThat(Numerals.POINT.read("1".repeat(400))).isEmpty();
        assertThat(Numerals.POINT.read("1".repeat(34))).isPresent();
        assertThat(Numerals.POINT.read("1" + "0".repeat(300))).isPresent();
        assertThat(Numerals.POINT.read("0." + "0".repeat(50) + "1")).isPresent();
    }

    @Test
    void a_comma_is_read_only_where_it_is_the_decimal_mark() {
        assertThat(Numerals.COMMA.read("1,5").orElseThrow().value()).isEqualByComparingTo("1.5");
        assertThat(Numerals.COMMA.read("1.5")).isEmpty();
        assertThat(new Numerals('.', ',').read("1,234.5").orElseThrow().value()).isEqualByComparingTo("1234.5");
        assertThat(new Numerals('.', ',').read("12,34")).isEmpty();
        assertThat(new Numerals(',', '.').read("1.234,5").orElseThrow().value()).isEqualByComparingTo("1234.5");
    }

    @Test
    void a_slip_of_the_pen_gets_a_hint() {
        assertThat(Numerals.POINT.hint("17O")).contains("170");
        assertThat(Numerals.POINT.hint("12,5")).contains("12.5");
        assertThat(Numerals.COMMA.hint("12.5")).contains("12,5");
        assertThat(Numerals.POINT.hint("Monday")).isEmpty();
        assertThat(Numerals.POINT.looksLikeNumber("1e999999999")).isTrue();
        assertThat(Numerals.POINT.looksLikeNumber("minutes")).isFalse();
    }
}
