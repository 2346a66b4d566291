package promedio.core.formula;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.course.CourseCard;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Exact;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class LetteringTest {
    private static final Sample CLASSES = Sample.classes(ClassTable.of(
            List.of(of(0, 4, 0), of(10, 9, 1), of(20, 12, 2), of(30, 5, 3), of(40, 12, 4), of(50, 1, 5)),
            false,
            Exact.ONE));
    private static final Sample LIST = Sample.of("2", "4", "4", "7", "9", "12", "15", "18");

    private static ClassInterval of(int from, int frequency, int entry) {
        return new ClassInterval(
                from + "–" + (from + 10),
                Optional.of(Exact.of(from)),
                Optional.of(Exact.of(from + 10L)),
                Exact.of(frequency),
                false,
                entry);
    }

    private static Formula.Named formula(Sample sample, String key) {
        Measure measure = Catalogue.of(sample).find(key, CourseCard.STANDARD).orElseThrow();
        return measure.formula(sample.shape());
    }

    /** Every letter of a formula with what it stands for. */
    private static Map<String, List<Formula>> letters(Formula formula) {
        Map<String, List<Formula>> letters = new LinkedHashMap<>();
        formula.visit(node -> {
            if (node instanceof Formula.Named named) {
                List<Formula> things =
                        letters.computeIfAbsent(named.symbol().notation().text(), letter -> new ArrayList<>());
                if (!things.contains(named.body())) {
                    things.add(named.body());
                }
            }
        });
        return letters;
    }

    @ParameterizedTest(name = "{0} has {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    iqr/pn                | pos₃ L₃ F₃ f₃ h₃ pos₁ L₁ F₁ f₁ h₁
                    skewness-kelly/pn     | pos₉₀ L₉₀ pos₁₀ L₁₀
                    median/pn             | pos L F f h
                    mode/interpolated     | L₁ h₁ L₂ h₂
                    """)
    void what_belongs_to_different_quantities_has_their_index(String key, String letters) {
        Formula.Named lettered = Lettering.distinct(formula(CLASSES, key));
        assertThat(letters(lettered))
                .containsKeys(letters.split(" "))
                .allSatisfy((letter, things) -> assertThat(things).as(letter).hasSize(1));
    }

    @Test
    void a_formula_in_which_every_letter_is_one_thing_comes_back_as_it_is() {
        for (String key :
                List.of("mean", "variance-sample", "skewness-moment", "quartile-1/hf7", "iqr/halves-exclusive")) {
            Formula.Named formula = formula(LIST, key);
            assertThat(Lettering.distinct(formula)).as(key).isSameAs(formula);
        }
    }

    @Test
    void positions_of_both_quartiles_by_definition_are_told_apart() {
        Formula.Named lettered = Lettering.distinct(formula(LIST, "iqr/hf6"));
        assertThat(letters(lettered)).containsKeys("h₃", "h₁").doesNotContainKey("h");
        assertThat(Lettering.bare("position~quartile-1")).isEqualTo("position");
        assertThat(Lettering.bare("position")).isEqualTo("position");
    }

    @Test
    void the_value_is_the_same_under_whatever_letters() {
        for (Sample sample : List.of(CLASSES, LIST)) {
            for (Measure measure : Catalogue.of(sample).all()) {
                Formula.Named formula = measure.formula(sample.shape());
                assertThat(Evaluation.of(sample).outcome(Lettering.distinct(formula)))
                        .as(measure.key())
                        .isEqualTo(Evaluation.of(sample).outcome(formula));
            }
        }
    }

    /** A figure put in the place of one letter leaves what has another letter alone: the student’s own L of Q₁ is not that of Q₃. */
    @Test
    void a_figure_of_ones_own_for_one_letter_changes_nothing_else() {
        Formula.Named lettered = Lettering.distinct(formula(CLASSES, "iqr/pn"));
        Formula.Named upper = lettered.find("quartile-3").orElseThrow();
        Evaluation plain = Evaluation.of(CLASSES);
        Formula own = lettered.rewrite(
                node -> node instanceof Formula.Named line && line.symbol().id().equals("class-L~quartile-1")
                        ? Optional.of(new Formula.Given(line, Exact.of(0)))
                        : Optional.empty());
        assertThat(plain.outcome(own.find("quartile-3").orElseThrow())).isEqualTo(plain.outcome(upper));
        assertThat(plain.outcome(own)).isNotEqualTo(plain.outcome(lettered));
    }
}
