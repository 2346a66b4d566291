package promedio.core.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Chars;
import net.jqwik.api.constraints.StringLength;

/** No cell that is handed out is a formula elsewhere, and none is changed that is none. */
class GuardedTest {
    @Example
    void formulas_are_found_behind_blanks_and_signs_that_are_not_seen() {
        for (String before : List.of("", " ", "\t", "\n", "\r\n", "\u00a0", "\u200b", "\ufeff", "\u202e", "\u3000")) {
            for (String sign : List.of("=", "+", "-", "@", "\uff1d", "\uff0b", "\uff0d", "\uff20")) {
                assertThat(Guarded.isFormula(before + sign + "cmd|x"))
                        .as(before + sign)
                        .isTrue();
            }
        }
        assertThat(Guarded.cell("-")).as("a sign alone, too").isEqualTo("'-");
        for (String plain :
                List.of("", " ", "-5", "+5", " -5.5 ", "-1,5", "−3", "a=b", "5-9", "-1e-3", "'=1+1", "12 %")) {
            assertThat(Guarded.cell(plain)).isEqualTo(plain);
        }
    }

    @Property(tries = 500)
    void what_is_handed_out_is_no_formula(
            @ForAll
                    @StringLength(max = 8)
                    @Chars({' ', '=', '+', '-', '@', '\t', '\uff1d', '\u200b', '1', '.', 'a', '\''})
                    String cell) {
        String handed = Guarded.cell(cell);
        assertThat(Guarded.isFormula(handed)).isFalse();
        assertThat(handed).isIn(cell, "'" + cell);
    }
}
