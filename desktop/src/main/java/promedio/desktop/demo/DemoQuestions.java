package promedio.desktop.demo;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.assignment.AnswerEdit;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Task;

/** The questions of the demo assignment, as its tutor poses them. */
final class DemoQuestions {
    private DemoQuestions() {}

    /** The edits that pose them. */
    static List<Edit> posed() {
        List<Task> tasks = List.of(
                task("minutes", "median", "Find the median of the minutes.", 2, 1),
                task("minutes", "sd", "Find the standard deviation of the minutes.", 2, 3),
                task("visitors", "mean", "How many visitors came on average?", 2, 1),
                task("visitors", "sd", "Find the standard deviation of the visitors.", 2, 2),
                task("waiting", "median", "Estimate the median waiting time.", 2, 2),
                task("waiting", "quartile-1", "Estimate the lower quartile of the waiting time.", 2, 2));
        List<Edit> posed = new ArrayList<>();
        for (int i = 0; i < tasks.size(); i++) {
            posed.add(new AnswerEdit.PoseTask(i, tasks.get(i)));
        }
        return posed;
    }

    private static Task task(String sheet, String measure, String text, int places, int points) {
        return new Task(
                new Assignment.Question(sheet, measure),
                text,
                Optional.of(places),
                Optional.of(BigDecimal.valueOf(points)),
                Optional.empty());
    }
}
