package promedio.desktop.model.reading;

import java.util.List;
import promedio.core.course.CourseCard;
import promedio.core.pasted.Pasted;
import promedio.core.pasted.Reading;
import promedio.core.question.PrintedQuestion;
import promedio.core.question.QuestionReader;

/**
 * What was typed or pasted, read.
 *
 * @param text as it was written
 * @param readings its sensible readings as data
 * @param questions the questions in it that have data; none where it asks nothing
 * @param left how many questions cannot be taken: without data, or without anything that is asked of the program
 */
record Typed(String text, List<Reading> readings, List<PrintedQuestion> questions, int left) {
    static Typed of(String text, CourseCard card, Runnable pause) {
        if (!QuestionReader.looksAsked(text)) {
            return new Typed(text, Pasted.read(text, card.numerals(), pause), List.of(), 0);
        }
        List<PrintedQuestion> read = QuestionReader.read(text, card, pause);
        List<PrintedQuestion> whole = read.stream()
                .filter(one -> !one.asked().isEmpty() && !one.samples().isEmpty())
                .toList();
        if (!whole.isEmpty()) {
            return new Typed(text, List.of(), whole, read.size() - whole.size());
        }
        List<Reading> readings = Pasted.read(text, card.numerals(), pause);
        boolean asks = read.stream().anyMatch(one -> !one.asked().isEmpty());
        boolean data = readings.stream().limit(1).noneMatch(Reading::isUnsure);
        return new Typed(text, asks && !data ? List.of() : readings, List.of(), asks && !data ? read.size() : 0);
    }
}
