package promedio.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import promedio.core.course.Accuracy;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;
import promedio.core.working.FigureText;

/** What holds for the mark of any answer to any question about any sample. */
class MarkingLawsTest {
    @Provide
    Arbitrary<Sample> samples() {
        return Arbitraries.integers()
                .between(1, 60)
                .map(BigDecimal::valueOf)
                .list()
                .ofMinSize(2)
                .ofMaxSize(9)
                .map(values -> Sample.list(Decimals.from(values)));
    }

    private static List<Measure> questions(CourseCard card) {
        return Catalogue.lists().page(card);
    }

    @Property(tries = 15)
    void what_the_program_itself_would_write_agrees(
            @ForAll("samples") Sample sample, @ForAll @IntRange(min = 0, max = 4) int places) {
        CourseCard card = CourseCard.STANDARD.with(CardKey.ACCURACY, Accuracy.places(places));
        Marker marker = new Marker(sample, card);
        FigureText text = new FigureText(card, sample.places());
        for (Measure measure : questions(card)) {
            var outcome = measure.outcome(Evaluation.of(sample));
            String answer = outcome.figures().isEmpty() ? "none" : text.answer(outcome);
            assertThat(marker.mark(measure.question(), answer))
                    .as("%s for %s of %s", answer, measure.key(), sample)
                    .isInstanceOf(Verdict.Agrees.class);
        }
    }

    @Property(tries = 15)
    void digits_beyond_the_places_asked_agree_when_they_are_right(@ForAll("samples") Sample sample) {
        Marker marker = new Marker(sample, CourseCard.STANDARD);
        for (Measure measure : questions(CourseCard.STANDARD)) {
            measure.outcome(Evaluation.of(sample))
                    .single()
                    .filter(Figure::isExact)
                    .ifPresent(figure -> {
                        String longer = figure.toPlaces(7, HalfRule.HALF_UP).toPlainString();
                        assertThat(marker.mark(measure.question(), longer))
                                .as("%s for %s of %s", longer, measure.key(), sample)
                                .isInstanceOfSatisfying(Verdict.Agrees.class, agrees -> assertThat(agrees.beyond())
                                        .isFalse());
                    });
        }
    }

    @Property(tries = 15)
    void an_answer_off_by_one_in_the_last_place_never_agrees(@ForAll("samples") Sample sample, @ForAll boolean up) {
        Marker marker = new Marker(sample, CourseCard.STANDARD);
        for (Measure measure : questions(CourseCard.STANDARD)) {
            measure.outcome(Evaluation.of(sample)).single().ifPresent(figure -> {
                BigDecimal right = figure.toPlaces(2, HalfRule.HALF_UP);
                BigDecimal wrong = up ? right.add(new BigDecimal("0.01")) : right.subtract(new BigDecimal("0.01"));
                assertThat(marker.mark(measure.question(), wrong.toPlainString()))
                        .as("%s for %s of %s", wrong, measure.key(), sample)
                        .isNotInstanceOf(Verdict.Agrees.class)
                        .isNotInstanceOf(Verdict.AgreesRounded.class);
            });
        }
    }

    @Property(tries = 5)
    void what_is_right_under_any_other_choice_of_the_card_is_never_just_different(@ForAll("samples") Sample sample) {
        Marker marker = new Marker(sample, CourseCard.STANDARD);
        for (Measure measure : questions(CourseCard.STANDARD)) {
            String question = measure.question();
            for (CardKey<?> key : Catalogue.lists().conventions(question, CourseCard.STANDARD)) {
                for (CourseCard other : otherChoices(key)) {
                    Measure asked = Catalogue.lists().find(question, other).orElseThrow();
                    asked.outcome(Evaluation.of(sample))
                            .single()
                            .filter(Figure::isExact)
                            .ifPresent(figure -> {
                                String answer =
                                        figure.toPlaces(4, HalfRule.HALF_UP).toPlainString();
                                assertThat(marker.mark(question, answer))
                                        .as("%s for %s of %s under %s", answer, question, sample, other.differences())
                                        .isNotInstanceOf(Verdict.Differs.class)
                                        .isNotInstanceOf(Verdict.Unreadable.class);
                            });
                }
            }
        }
    }

    private static <T> List<CourseCard> otherChoices(CardKey<T> key) {
        return key.choices().stream()
                .filter(choice -> !choice.equals(key.standard()))
                .map(choice -> CourseCard.STANDARD.with(key, choice))
                .toList();
    }

    @Property(tries = 15)
    void the_difference_told_is_the_answer_less_the_value(
            @ForAll("samples") Sample sample, @ForAll @IntRange(min = 100, max = 900) int far) {
        Marker marker = new Marker(sample, CourseCard.STANDARD);
        Exact mean = (Exact) Catalogue.lists()
                .find("mean", CourseCard.STANDARD)
                .orElseThrow()
                .outcome(Evaluation.of(sample))
                .single()
                .orElseThrow();
        if (marker.mark("mean", far + ".25") instanceof Verdict.Differs differs) {
            assertThat(differs.difference())
                    .isEqualTo(Exact.of(far).plus(Exact.ratio(1, 4)).minus(mean));
        }
    }

    @Property(tries = 80)
    void whatever_is_written_gets_some_mark(@ForAll String anything, @ForAll("scribbles") String scribble) {
        Marker marker = new Marker(Sample.of("3", "4", "4", "9"), CourseCard.STANDARD);
        for (String question : List.of("mean", "mode", "quartile-1", "sd", "skewness", "cv")) {
            assertThat(marker.mark(question, anything)).isNotNull();
            assertThat(marker.mark(question, scribble)).isNotNull();
        }
    }

    @Provide
    Arbitrary<String> scribbles() {
        return Arbitraries.of(
                        "4",
                        "0",
                        "-",
                        "−",
                        ".",
                        ",",
                        "/",
                        "√",
                        "(",
                        ")",
                        "%",
                        "x̄",
                        "=",
                        "≈",
                        "min",
                        " ",
                        ";",
                        "and",
                        "e",
                        "E5",
                        "²",
                        "none",
                        "π",
                        "1e9",
                        "999999999")
                .list()
                .ofMaxSize(7)
                .map(pieces -> String.join("", pieces));
    }
}
