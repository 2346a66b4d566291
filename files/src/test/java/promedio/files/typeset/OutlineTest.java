package promedio.files.typeset;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.GraphicsEnvironment;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.core.course.CourseCard;
import promedio.core.course.Divisor;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.measure.Variance;
import promedio.core.sample.Sample;
import promedio.core.working.Working;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class OutlineTest {
    static {
        System.setProperty("java.awt.headless", "true");
    }

    private static final Sample SAMPLE = Sample.of("2", "3", "7");

    @Test
    void the_working_of_a_measure_is_typeset_without_a_display() {
        assertThat(GraphicsEnvironment.isHeadless()).as("run without a display").isTrue();
        Working working =
                new Working(new Variance(Divisor.SAMPLE).methods(SAMPLE.shape()).get(0), SAMPLE, CourseCard.STANDARD);
        for (Working.Line line : working.lines()) {
            Outline outline = Outline.of(line.notation().latex());
            assertThat(outline.path()).startsWith("M").endsWith("Z");
            assertThat(outline.baseline()).isPositive().isLessThan(outline.height());
            assertThat(outline.width()).isGreaterThan(outline.height());
        }
    }

    @Test
    void the_parts_of_a_formula_lie_where_they_are_drawn() {
        List<Formula> origins = new ArrayList<>();
        Working working =
                new Working(new Variance(Divisor.SAMPLE).methods(SAMPLE.shape()).get(0), SAMPLE, CourseCard.STANDARD);
        Notation variance = working.lines().get(working.lines().size() - 1).notation();
        Outline outline = Outline.of(variance.latex(origins));
        assertThat(origins).isNotEmpty();
        assertThat(outline.places().keySet()).allMatch(place -> place >= 1 && place <= origins.size());
        assertThat(outline.places().values())
                .allMatch(place -> place.getMaxX() <= outline.width() && place.getMaxY() <= outline.height());
    }
}
