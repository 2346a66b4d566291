package promedio.core.formula;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.MeanLetter;
import promedio.core.course.MedianLetter;
import promedio.core.measure.Catalogue;
import promedio.core.sample.Shape;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class NotationTest {
    private static Notation body(String key, Shape shape) {
        Formula.Named formula =
                Catalogue.lists().find(key, CourseCard.STANDARD).orElseThrow().formula(shape);
        return new Writer(Letters.AS_THEY_COME, shape.weighted(), Writer.SYMBOLS).write(formula.body());
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = ';',
            textBlock =
                    """
                    mean ; Σx/n
                    variance-sample ; Σ(x − x̄)²/(n − 1)
                    sd-population ; √(σ²)
                    median ; (x_(n/2) + x_(n/2 + 1))/2
                    quartile-1/halves-exclusive ; (x_(6) + x_(7))/2
                    quartile-1/hf6 ; x_(6) + (h − 6)(x_(7) − x_(6))
                    range ; max − min
                    cv/sample ; 100s/x̄
                    skewness-pearson-median/sample ; 3(x̄ − x̃)/s
                    skewness-bowley/hf6 ; (Q₃ + Q₁ − 2Q₂)/(Q₃ − Q₁)
                    kurtosis-moment ; m₄/m₂²
                    kurtosis-adjusted ; (n − 1)/((n − 2)(n − 3)) · ((n + 1)γ₂ + 6)
                    mean-deviation ; Σ|x − x̄|/n
                    harmonic-mean ; n/(Σ1/x)
                    fence-upper/hf6 ; Q₃ + 1.5IQR
                    trimmed-mean ; Σ_(3)…(22)x/(n − 4)
                    """)
    void formulas_read_as_in_a_book(String key, String text) {
        assertThat(body(key, Shape.list(24)).text())
                .isEqualTo(text.replace("x̃", "x\u0303").replace("x̄", "x\u0304"));
    }

    @Test
    void each_notation_comes_as_latex_mathml_and_words() {
        Notation variance = body("variance-sample", Shape.list(24));
        assertThat(variance.latex()).isEqualTo("\\frac{\\textstyle\\sum {\\left(x-\\bar{x}\\right)}^{2}}{n-1}");
        assertThat(variance.mathMl())
                .startsWith("<math xmlns=\"http://www.w3.org/1998/Math/MathML\">")
                .contains("<mfrac>", "<mover accent=\"true\"><mi>x</mi><mo>¯</mo></mover>", "<msup>");
        assertThat(variance.words())
                .isEqualTo(
                        "the fraction the sum of bracket x minus x bar close bracket squared over n minus 1 , end fraction,");
    }

    @Test
    void frequencies_are_written_only_where_there_are_some() {
        Shape table = new Shape(
                promedio.core.number.Exact.of(24),
                promedio.core.number.Exact.ONE,
                promedio.core.number.Exact.ONE,
                true,
                false,
                java.util.Optional.empty());
        assertThat(body("mean", table).text()).isEqualTo("Σfx/n");
        assertThat(body("variance-sample", table).text()).isEqualTo("Σf(x − x\u0304)²/(n − 1)");
    }

    @Test
    void letters_follow_the_card() {
        CourseCard card = CourseCard.STANDARD
                .with(CardKey.MEAN_LETTER, MeanLetter.MU)
                .with(CardKey.MEDIAN_LETTER, MedianLetter.ME);
        Formula.Named skewness =
                Catalogue.lists().find("skewness", card).orElseThrow().formula(Shape.list(5));
        String text = new Writer(card.letters(), false, Writer.SYMBOLS)
                .write(skewness.body())
                .text();
        assertThat(text).isEqualTo("3(μ − Me)/s");
    }

    @Test
    void negative_figures_are_put_in_brackets_where_they_would_be_misread() {
        Formula product = Formula.number(3).times(Formula.number(promedio.core.number.Exact.of(-2)));
        Formula difference = Formula.number(3).minus(Formula.number(promedio.core.number.Exact.of(-2)));
        assertThat(Writer.plain(product)).isEqualTo("3(−2)");
        assertThat(Writer.plain(difference)).isEqualTo("3 − (−2)");
        assertThat(Writer.plain(Formula.number(2).times(Formula.number(5)))).isEqualTo("2 · 5");
    }
}
