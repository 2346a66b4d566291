package promedio.files.answers;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.math.BigDecimal;
import java.util.List;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.formula.Outcome;
import promedio.core.marking.Mark;
import promedio.core.marking.Told;
import promedio.core.marking.Verdict;
import promedio.core.number.Figure;
import promedio.core.number.SignificantText;
import promedio.core.working.FigureText;

/** A marked answer as JSON: definitions, section 8. */
public final class MarksJson {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final int DIGITS = 15;

    private MarksJson() {}

    /** An answer without its mark. */
    public static ObjectNode answer(String who, String measure, String answer) {
        ObjectNode object = JSON.createObjectNode();
        if (!who.isEmpty()) {
            object.put("who", who);
        }
        return object.put("measure", measure).put("answer", answer);
    }

    /** Adds the mark of an answer, and what is right. */
    public static ObjectNode mark(ObjectNode to, Verdict verdict, Outcome outcome, CourseCard card, int dataPlaces) {
        Told told = Told.of(verdict);
        to.put("verdict", told.id());
        List<String> expected = expected(outcome, card, dataPlaces);
        if (expected.size() == 1) {
            to.put("expected", expected.get(0));
        } else {
            ArrayNode several = to.putArray("expected");
            expected.forEach(several::add);
        }
        ArrayNode explanations = to.putArray("explanations");
        Mark mark = Mark.of(verdict, card, new FigureText(card, dataPlaces));
        for (Told.Reason reason : told.explanations()) {
            ObjectNode node = explanations.addObject().put("slip", reason.slip());
            reason.also().ifPresent(also -> node.put("and", also));
            boolean bare = reason.detail().isEmpty() && !mark.details().isEmpty();
            node.put("detail", bare ? mark.details().get(0).toString() : reason.detail());
            reason.value().ifPresent(value -> node.put("value", SignificantText.of(value, DIGITS)));
            reason.where().ifPresent(where -> node.put("where", where));
        }
        return to;
    }

    /** What is right, at the places asked. */
    static List<String> expected(Outcome outcome, CourseCard card, int dataPlaces) {
        return outcome.figures().stream()
                .map(figure -> expected(figure, card, dataPlaces))
                .toList();
    }

    private static String expected(Figure figure, CourseCard card, int dataPlaces) {
        BigDecimal rounded = figure.toPlaces(card.get(CardKey.ACCURACY).placesFor(figure, dataPlaces), card.halves());
        return rounded.signum() == 0 ? rounded.abs().toPlainString() : rounded.toPlainString();
    }
}
