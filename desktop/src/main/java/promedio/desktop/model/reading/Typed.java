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
 * @param bare whether it asks something, and neither in it nor in the whole as a paste there are data
 */
record Typed(String text, List<Reading> readings, List<PrintedQuestion> questions, boolean bare) {
    /** What a reading tells where it is none. */
    private static final String NOTHING = "pasted.unsure";

    static Typed of(String text, CourseCard card, Runnable pause) {
        if (!QuestionReader.looksAsked(text)) {
            return new Typed(text, Pasted.read(text, card.numerals(), pause), List.of(), false);
        }
        List<PrintedQuestion> asking = QuestionReader.read(text, card, pause).stream()
                .filter(one -> !one.asked().isEmpty())
                .toList();
        List<PrintedQuestion> whole =
                asking.stream().filter(one -> !one.samples().isEmpty()).toList();
        List<Reading> readings = whole.isEmpty() ? Pasted.read(text, card.numerals(), pause) : List.of();
        boolean nothing = readings.stream()
                .limit(1)
                .flatMap(reading -> reading.told().stream())
                .anyMatch(told -> told.key().equals(NOTHING));
        return new Typed(text, readings, whole, !asking.isEmpty() && whole.isEmpty() && nothing);
    }
}
