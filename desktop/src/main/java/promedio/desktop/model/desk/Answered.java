package promedio.desktop.model.desk;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import promedio.core.assignment.Assignment;
import promedio.core.course.CourseCard;

/**
 * The answers about one sample, and what they are marked under.
 *
 * @param answers the answers by question
 * @param card the card of the course
 * @param cards the cards of questions that ask for other places or grant another tolerance
 */
record Answered(Map<String, String> answers, CourseCard card, Map<String, CourseCard> cards) {
    /** The answers of an assignment about a sample. */
    static Answered of(Assignment assignment, String sheetId) {
        Map<String, String> answers = new LinkedHashMap<>();
        Map<String, CourseCard> cards = new LinkedHashMap<>();
        assignment.answers().forEach((question, answer) -> {
            if (question.sheetId().equals(sheetId)) {
                answers.put(question.measure(), answer);
                cards.put(question.measure(), assignment.cardFor(question));
            }
        });
        return new Answered(answers, assignment.card(), cards);
    }

    Set<String> questions() {
        return answers.keySet();
    }

    /** The answers to other questions. */
    Map<String, String> others(String question) {
        Map<String, String> others = new LinkedHashMap<>(answers);
        others.remove(question);
        return others;
    }

    CourseCard card(String question) {
        return cards.getOrDefault(question, card);
    }
}
