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
 * @param bare how many questions ask something of which there are no data
 */
record Typed(String text, List<Reading> readings, List<PrintedQuestion> questions, int bare) {
    static Typed of(String text, CourseCard card, Runnable pause) {
        if (!QuestionReader.looksAsked(text)) {
            return new Typed(text, Pasted.read(text, card.numerals(), pause), List.of(), 0);
        }
        List<PrintedQuestion> asking = QuestionReader.read(text, card, pause).stream()
                .filter(PrintedQuestion::asks)
                .toList();
        List<PrintedQuestion> whole =
                asking.stream().filter(one -> !one.samples().isEmpty()).toList();
        List<Reading> readings = asking.isEmpty() ? Pasted.read(text, card.numerals(), pause) : List.of();
        return new Typed(text, readings, whole, asking.size() - whole.size());
    }
}
