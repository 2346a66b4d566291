package promedio.core.language;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.random.RandomGenerator;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import promedio.core.course.CourseCard;
import promedio.core.vector.Numbers;
import promedio.core.vector.Vector;

/** Formulas of any shape over any small table come to what the definitions say, cell by cell. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FormulaLawsTest {
    private static Vector of(String text, Sheet sheet) {
        RandomGenerator none = new Random(0);
        return new Evaluator(sheet, CourseCard.STANDARD, new Told(), () -> {}, none).of(Formula.of(text));
    }

    private static void holds(Phrase phrase, Sheet sheet) {
        Vector found = of(phrase.text(), sheet);
        for (int row = 0; row < sheet.rows(); row++) {
            assertThat(Plain.cell(found, row))
                    .as("%s in row %d", phrase.text(), row)
                    .isEqualTo(phrase.meaning().in(sheet, row));
        }
    }

    @Property(tries = 2000)
    void numbers_are_exact(@ForAll long seed) {
        Random random = new Random(seed);
        holds(new Phrases(random).number(1 + random.nextInt(4)), Sheet.any(random));
    }

    @Property(tries = 1000)
    void conditions_are_of_three_values(@ForAll long seed) {
        Random random = new Random(seed);
        holds(new Phrases(random).truth(1 + random.nextInt(4)), Sheet.any(random));
    }

    @Property(tries = 600)
    void texts_and_dates_are_taken_apart_and_joined(@ForAll long seed) {
        Random random = new Random(seed);
        Phrases phrases = new Phrases(random);
        Sheet sheet = Sheet.any(random);
        holds(phrases.text(1 + random.nextInt(4)), sheet);
        holds(phrases.date(1 + random.nextInt(3)), sheet);
    }

    /** What has no end in digits is within a hair of the same in floating point, once differences are taken exactly. */
    @Property(tries = 500)
    void roots_logarithms_and_scores_are_near(@ForAll long seed) {
        Random random = new Random(seed);
        Sheet sheet = Sheet.any(random);
        Phrase of = new Phrases(random).number(random.nextInt(3));
        Vector roots = of("root(" + of.text() + ")", sheet);
        Vector logarithms = of("ln(" + of.text() + ")", sheet);
        Vector scores = of("standard score of " + of.operand(), sheet);
        Vector mean = of("mean of " + of.operand(), sheet);
        Vector sd = of("sd of " + of.operand(), sheet);
        for (int row = 0; row < sheet.rows(); row++) {
            Fraction value = of.number(sheet, row);
            near(roots, row, value == null || value.signum() < 0 ? null : Math.sqrt(value.toDouble()));
            near(logarithms, row, value == null || value.signum() <= 0 ? null : Math.log(value.toDouble()));
            boolean scored = value != null && !sd.isMissing(row) && asDouble(sd, row) != 0;
            near(
                    scores,
                    row,
                    scored ? value.minus((Fraction) Plain.cell(mean, row)).toDouble() / asDouble(sd, row) : null);
        }
    }

    private static double asDouble(Vector vector, int row) {
        return ((Numbers) vector).figure(row).orElseThrow().toDouble();
    }

    private static void near(Vector vector, int row, Double expected) {
        assertThat(vector.isMissing(row)).isEqualTo(expected == null);
        if (expected != null) {
            assertThat(asDouble(vector, row)).isCloseTo(expected, within(1e-9 * Math.max(1, Math.abs(expected))));
        }
    }

    /** A letter lost on the way is read as something else, or told at its place; it never fails otherwise. */
    @Property(tries = 800)
    void a_formula_that_is_cut_is_read_or_told_where(@ForAll long seed) {
        Random random = new Random(seed);
        String text = new Phrases(random).number(3).text();
        int at = random.nextInt(text.length());
        String cut = text.substring(0, at) + text.substring(Math.min(text.length(), at + 1 + random.nextInt(3)));
        try {
            assertThat(of(cut, Sheet.any(random)).size()).isNotNegative();
        } catch (Fault fault) {
            assertThat(fault.at().from()).isBetween(0, cut.length());
            assertThat(fault.sentence().toString()).isNotBlank();
        }
    }
}
