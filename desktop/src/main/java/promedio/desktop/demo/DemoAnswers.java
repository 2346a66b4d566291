package promedio.desktop.demo;

import java.util.List;
import promedio.core.assignment.AnswerEdit;
import promedio.core.assignment.Edit;

/** The answers of the demo’s imaginary student: some right, some rounded, some with a typical slip. */
final class DemoAnswers {
    private DemoAnswers() {}

    /** The edits that write them; what becomes of each is told beside it. */
    static List<Edit> written() {
        return List.of(
                write("minutes", "mean", "27.54"),
                write("minutes", "median", "16.5"),
                // The frequency of the mode in place of the mode.
                write("minutes", "mode", "4"),
                write("minutes", "quartile-1", "14.00"),
                // Divided by n, where the card says n − 1.
                write("minutes", "sd", "24.89"),
                write("minutes", "skewness-pearson-median", "1.3"),
                write("visitors", "mean", "14.35"),
                // Stopped at the variance.
                write("visitors", "sd", "2.97"),
                // Which follows from that: 100 · 2.97/x̄.
                write("visitors", "cv", "20.69 %"),
                // Two digits exchanged: 15.
                write("visitors", "median", "51"),
                write("waiting", "mean", "18.42"),
                // F through the class in place of F before it: 15 + (80 − 105)/34·5.
                write("waiting", "variance", "95.35"),
                write("waiting", "median", "11.32"),
                write("waiting", "mode", "15 to under 20"),
                write("waiting", "quartile-1", "9.07"));
    }

    private static Edit write(String sheet, String question, String answer) {
        return new AnswerEdit.WriteAnswer(sheet, question, answer);
    }
}
