package promedio.desktop.demo;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import promedio.core.assignment.AnswerEdit;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.Divisor;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;

/** The answers of the demo's imaginary student: some right, some rounded, some with a typical slip. */
final class DemoAnswers {
    private final Assignment assignment;
    private final List<Edit> answers = new ArrayList<>();

    private DemoAnswers(Assignment assignment) {
        this.assignment = assignment;
    }

    static List<Edit> of(Assignment assignment) {
        DemoAnswers student = new DemoAnswers(assignment);
        student.minutes();
        student.visitors();
        student.waiting();
        return student.answers;
    }

    private void minutes() {
        CourseCard card = assignment.card();
        right("minutes", "mean", 2);
        right("minutes", "median", 1);
        // The frequency of the mode in place of the mode.
        write("minutes", "mode", sample("minutes").ranking().highestWeight().toString());
        right("minutes", "quartile-1", 2);
        write("minutes", "sd", text("minutes", "sd", card.with(CardKey.DIVISOR, Divisor.POPULATION), 2));
        right("minutes", "skewness-pearson-median", 1);
    }

    private void visitors() {
        right("visitors", "mean", 2);
        // Stopped at the variance.
        write("visitors", "sd", text("visitors", "variance", assignment.card(), 2));
        // Which follows from that: 100 · 2.97/x̄.
        Figure mean = figure("visitors", "mean", assignment.card());
        Exact own = Exact.from(new BigDecimal(text("visitors", "variance", assignment.card(), 2)));
        write(
                "visitors",
                "cv",
                own.times(100).over((Exact) mean).toPlaces(2, HalfRule.HALF_UP).toPlainString() + " %");
        // Two digits exchanged.
        String median = text("visitors", "median", assignment.card(), 0);
        write("visitors", "median", new StringBuilder(median).reverse().toString());
    }

    private void waiting() {
        right("waiting", "mean", 2);
        // F through the class in place of F before it: 15 + (80 − 105)/34·5.
        write("waiting", "median", "11.32");
        write("waiting", "mode", "15 to under 20");
        right("waiting", "quartile-1", 2);
    }

    private void right(String sheet, String question, int places) {
        write(sheet, question, text(sheet, question, assignment.card(), places));
    }

    private void write(String sheet, String question, String text) {
        answers.add(new AnswerEdit.WriteAnswer(sheet, question, text));
    }

    private Sample sample(String sheetId) {
        SampleSheet sheet = assignment.sheet(sheetId).orElseThrow();
        return Interpretation.of(sheet, assignment.card()).sample();
    }

    private Figure figure(String sheet, String question, CourseCard card) {
        return Catalogue.of(sample(sheet))
                .find(question, card)
                .orElseThrow()
                .outcome(Evaluation.of(sample(sheet)))
                .single()
                .orElseThrow();
    }

    private String text(String sheet, String question, CourseCard card, int places) {
        return figure(sheet, question, card).toPlaces(places, HalfRule.HALF_UP).toPlainString();
    }
}
