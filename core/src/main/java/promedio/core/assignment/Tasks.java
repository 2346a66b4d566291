package promedio.core.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.course.CourseCard;

/**
 * What a tutor has set: the questions in their order, and the course card where it is to stay as it is.
 *
 * @param card the card as it was set; empty where it was left open
 * @param all the questions
 */
public record Tasks(Optional<CourseCard> card, List<Task> all) {
    /** Nothing was set. */
    public static final Tasks NONE = new Tasks(Optional.empty(), List.of());

    /** Copies the list. */
    public Tasks {
        all = List.copyOf(all);
    }

    /** A question as it was posed. */
    public Optional<Task> of(Assignment.Question question) {
        return all.stream().filter(task -> task.question().equals(question)).findFirst();
    }

    /** Its number among the questions, counted from 1. */
    public int number(Task task) {
        return all.indexOf(task) + 1;
    }

    Tasks set(Optional<CourseCard> other) {
        return new Tasks(other, all);
    }

    /** With a question at a place; one that asks the same goes. */
    Tasks posing(int at, Task task) {
        List<Task> tasks = new ArrayList<>(all);
        tasks.removeIf(one -> one.question().equals(task.question()));
        tasks.add(Math.max(0, Math.min(at, tasks.size())), task);
        return new Tasks(card, tasks);
    }

    Tasks without(Assignment.Question question) {
        return new Tasks(
                card,
                all.stream().filter(task -> !task.question().equals(question)).toList());
    }

    Tasks withoutSheet(String sheetId) {
        return new Tasks(
                card,
                all.stream()
                        .filter(task -> !task.question().sheetId().equals(sheetId))
                        .toList());
    }
}
