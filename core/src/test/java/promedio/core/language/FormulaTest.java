package promedio.core.language;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.course.CourseCard;
import promedio.core.jotter.Jotted;
import promedio.core.jotter.Jotter;
import promedio.core.jotter.Jotting;
import promedio.core.jotter.Lists;

/** Formulas as definitions 11 have them, worked out in the jotter. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FormulaTest {
    private static Jotted ask(String text) {
        return new Jotter(1, () -> {}).ask(text, Lists.NONE, CourseCard.STANDARD);
    }

    private static String answer(String text) {
        Jotted jotted = ask(text);
        return jotted.fault()
                .map(fault -> "at " + (fault.at().from() + 1) + ": " + fault.sentence())
                .orElseGet(() -> (jotted.isApproximate() ? "≈" : "") + String.join(" ", jotted.values(15)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "0.1 + 0.2 | 0.3",
                "1/3 × 3 | 1",
                "-2^2 | -4",
                "2^3^2 | 512",
                "2^-1 | 0.5",
                "0^-1 | ``",
                "7 ÷ 0 | ``",
                "2 − −3 | 5",
                "root(9/16) | 0.75",
                "root(2)^2 | 2",
                "root(2) | ≈1.4142135623731",
                "root(-1) | ``",
                "exp(0) | ≈1",
                "9007199254740993 × 3 | 27021597764222979",
                "4e30 × 5e30 | 2e+61",
                "rounded(2.345, 2) | 2.35",
                "rounded(-2.5, 0) | -3",
                "rounded(1250, -2) | 1300",
                "down(-1.5) | -2",
                "up(-1.5) | -1",
                "remainder(-7, 3) | 2",
                "remainder(7, -3) | -2",
                "length(`µ😀x`) | at 8: “`” cannot stand here; expected a value.",
                "length(\"µ😀x\") | 3",
                "part(\"bench\", 2, 9) | ench",
                "part(\"bench\", 4, 2) | ``",
                "\"a\" joined with text(1/4) | a0.25",
                "number(\"12,5\") | ``",
                "upper(trimmed(\" oak \")) | OAK",
                "weekday(date \"2031-04-07\") | 1",
                "days(date \"2031-02-28\", date \"2031-03-01T12:00\") | 1.5",
                "hour(date \"2031-04-05\") | ``",
                "date(\"5/4/2031\", \"d/m/y\") | 2031-04-05",
                "date \"2031-02-29\" | at 6: “2031-02-29” is no date of the calendar. Write date \"2031-04-05\".",
                "if 3 > 2 then \"a\" else \"b\" | a",
                "if missing then 1 else 2 | ``",
                "no and missing | no",
                "yes or missing | yes",
                "not missing = 1 | ``",
                "5 between 6 and missing | no",
                "1 is one of (1, missing) | yes",
                "1 is one of (2, missing) | ``",
                "\"Oak\" = \"oak\" | no",
                "\"10\" > 9 | at 1: These cannot be compared: texts and numbers.",
                "first known(missing, 4) | 4",
                "mean of (3, 4, 5) | 4",
                "sd of (2, 4, 6) | 2",
                "variance of (1/3, 2/3) | 0.0555555555555556",
                "quartile 1 of (1 to 11) | 3",
                "percentile 100 of (3, 9, 4) | 9",
                "mode of (1, 1, 2, 2) | ``",
                "sum of (missing, missing) | 0",
                "count where (1, 2, missing) > 1 | 1",
                "share where (1, 2, missing) > 1 | 0.5",
                "rank of (3, 1, 3) from the largest | 1.5 3 1.5",
                "running total of (1, missing, 2) | 1 1 3",
                "(1, 2, 3) + (1, 2) | at 1: The lists have 3 and 2 values; only lists of one length go together.",
                "(1, 2, 3) × 2 | 2 4 6",
                "3 to 1 by -1 | 3 2 1",
                "mena of (3, 4) | at 1: There is no measure or function “mena”. Did you mean mean?",
                "1 < 2 < 3 | at 7: “<” cannot stand here; expected a sign such as + or × or the end.",
                "mean of (3, 4 5) | at 15: “5” cannot stand here; expected a comma or a closing bracket.",
                "yes or \"no\" | at 8: A condition is needed here, which is yes or no, but these are texts.",
                "critical t, 9 degrees of freedom, tail 0.95, 2 sides | at 40: A tail of 0.95 at two sides leaves 0.05 between them. For the middle 0.95 write tail 0.05, 2 sides.",
                "critical t, 9 degrees of freedom, tail 6/0.05 | at 40: A tail lies between 0 and 1, both excluded.",
                "date(\"Jan 1 2000\", \"d/m/y\") | 2000-01-01",
                "hour(date(\"5/4/2031 11:05 p.m.\", \"d/m/y\")) | 23",
                "date(\"5/4/2031 13:05 pm\", \"d/m/y\") | ``",
                "2 * if 1 = 1 then 2 else 3 | at 5: “if” cannot stand here; expected a value.",
                "minutes + 1 | at 1: Nothing here is called “minutes”.",
                "root(1, 2) | at 1: root takes one value in brackets, and here are 2.",
                "3 + | at 4: It ends too early; expected a value.",
            })
    void formulas_are_exact_and_faults_are_told_at_their_place(String text, String expected) {
        assertThat(answer(text)).isEqualTo(expected);
    }

    @Test
    void the_last_result_goes_on_and_a_seed_draws_the_same() {
        Jotter jotter = new Jotter(1, () -> {});
        jotter.ask("4 + 4", Lists.NONE, CourseCard.STANDARD);
        assertThat(jotter.ask("it × 3", Lists.NONE, CourseCard.STANDARD).values(15))
                .containsExactly("24");
        jotter.ask("nonsense", Lists.NONE, CourseCard.STANDARD);
        assertThat(jotter.ask("it", Lists.NONE, CourseCard.STANDARD).values(15)).containsExactly("24");
        jotter.ask("seed 7", Lists.NONE, CourseCard.STANDARD);
        Jotted first = jotter.ask("take 3 of (1 to 50)", Lists.NONE, CourseCard.STANDARD);
        jotter.ask("seed 7", Lists.NONE, CourseCard.STANDARD);
        assertThat(jotter.ask("take 3 of (1 to 50)", Lists.NONE, CourseCard.STANDARD)
                        .values(15))
                .isEqualTo(first.values(15));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1/3",
                "-7/3 * 10^40",
                "(1/3, missing, 2.50)",
                "\"a \"\"b\"\"\"",
                "date \"2031-04-05\"",
                "root(2/3)",
                "-root(2)",
                "ln(2)",
                "1 = 2",
                "missing",
                "1 to 9 by 2"
            })
    void what_is_kept_of_a_result_means_the_very_same(String text) {
        Jotter jotter = new Jotter(1, () -> {});
        Jotting kept = jotter.ask(text, Lists.NONE, CourseCard.STANDARD).kept(15);
        jotter.recall(kept, CourseCard.STANDARD);
        Jotting again = jotter.ask("it", Lists.NONE, CourseCard.STANDARD).kept(15);
        assertThat(again.result()).isEqualTo(kept.result());
        assertThat(again.exact()).isEqualTo(kept.exact());
        assertThat(again.approximate()).isEqualTo(kept.approximate());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '`',
            value = {
                "1/2 + 3 ; 1/2 + 3",
                "(1 + 2)/3^2 ; (1 + 2)/3²",
                "2 × (3 - 1) - (4 - 5)/-2^2 ; 2 × (3 − 1) − (4 − 5)/(−2²)",
                "(-2)^2 / 7 ; (−2)²/7",
                "root(sum of (x^2) / n) ; √((sum of (x²))/n)",
                "absolute(x - 1) ; |x − 1|",
                "not (x = 1 or y/2 > 3) and yes ; not (x = 1 or y/2 > 3) and yes",
                "if x/2 > 1 then 'a b' else mean of x within (g, h) ; if x/2 > 1 then a b else mean of x within g, h",
                "mean of (3, 4/2) ; mean of (3, 4/2)",
            })
    void a_formula_looks_as_it_was_understood(String text, String looks) {
        assertThat(Typeset.line(text).orElseThrow().text()).isEqualTo(looks);
    }

    @Test
    void deep_nesting_is_told_and_breaks_nothing() {
        assertThat(answer("(".repeat(5000) + "1")).contains("too deeply nested");
        assertThat(answer("not ".repeat(3000) + "yes"))
                .isIn(
                        "yes",
                        "at 1: This is too deeply nested, or too long, to be read. Work it out in several steps.",
                        "at 1: This becomes too large to be worked out.");
        assertThat(answer("-".repeat(500) + "1")).isEqualTo("1");
    }

    /** Whatever is put together of the words of the language is worked out or told. */
    @Property(tries = 1500)
    void anything_is_worked_out_or_told(@ForAll("pieces") String text) {
        Jotted jotted = ask(text);
        assertThat(jotted.fault().isPresent()
                        || jotted.result().isPresent()
                        || !jotted.told().isEmpty())
                .isTrue();
        jotted.fault().ifPresent(fault -> assertThat(fault.at().from()).isBetween(0, text.length()));
    }

    @Provide
    Arbitrary<String> pieces() {
        return Arbitraries.of(
                        "1",
                        "2",
                        "0.5",
                        "(",
                        ")",
                        ",",
                        "+",
                        "-",
                        "*",
                        "/",
                        "^",
                        "=",
                        "<",
                        "and",
                        "or",
                        "not",
                        "if",
                        "then",
                        "else",
                        "mean",
                        "of",
                        "count",
                        "where",
                        "sum",
                        "along",
                        "within",
                        "missing",
                        "yes",
                        "\"a\"",
                        "'b'",
                        "is",
                        "one",
                        "between",
                        "root",
                        "rounded",
                        "to",
                        "by",
                        "it",
                        "date",
                        "\"2031-04-05\"",
                        "contains",
                        "rank",
                        "row",
                        "number",
                        "first",
                        "known",
                        "take",
                        "seed",
                        "§",
                        "percentile",
                        "standard",
                        "score")
                .list()
                .ofMinSize(1)
                .ofMaxSize(12)
                .map(words -> String.join(" ", words));
    }
}
