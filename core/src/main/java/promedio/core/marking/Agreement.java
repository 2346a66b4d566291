package promedio.core.marking;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.course.Accuracy;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.formula.Outcome;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;

/** Whether an answer agrees with a value, at the places asked or as far as it goes. */
final class Agreement {
    private final Accuracy accuracy;
    private final HalfRule halves;
    private final int tolerance;
    private final int dataPlaces;

    Agreement(CourseCard card, Sample sample) {
        this.accuracy = card.get(CardKey.ACCURACY);
        this.halves = card.halves();
        this.tolerance = card.get(CardKey.TOLERANCE);
        this.dataPlaces = sample.places();
    }

    /** The decimal places asked for a value. */
    int placesAsked(Figure value) {
        return accuracy.placesFor(value, dataPlaces);
    }

    /** The verdict of agreement with an outcome; empty when the answer does not agree. */
    Optional<Verdict> of(Answer answer, Outcome outcome) {
        if (answer instanceof Answer.None) {
            return outcome.figures().isEmpty() ? Optional.of(new Verdict.Agrees(false)) : Optional.empty();
        }
        if (!(answer instanceof Answer.Numbers given)
                || given.numbers().size() != outcome.figures().size()) {
            return Optional.empty();
        }
        return all(given.numbers(), outcome.figures());
    }

    /** Several numbers agree when each has a figure of its own, in any order. */
    private Optional<Verdict> all(List<Answer.Given> numbers, List<? extends Figure> figures) {
        List<Figure> left = new ArrayList<>(figures);
        Verdict weakest = new Verdict.Agrees(false);
        for (Answer.Given number : numbers) {
            Verdict best = null;
            Figure matched = null;
            for (Figure figure : left) {
                Optional<Verdict> verdict = one(number, figure);
                if (verdict.isPresent() && (best == null || !(best instanceof Verdict.Agrees))) {
                    best = verdict.get();
                    matched = figure;
                }
            }
            if (matched == null) {
                return Optional.empty();
            }
            left.remove(matched);
            if (!(best instanceof Verdict.Agrees agrees) || agrees.beyond()) {
                weakest = best;
            }
        }
        return Optional.of(weakest);
    }

    private Optional<Verdict> one(Answer.Given given, Figure value) {
        int asked = accuracy.placesFor(value, dataPlaces);
        if (given.places().isEmpty()) {
            boolean same = given.value().compare(value) == 0 || atPlaces(given.value(), value, asked);
            return same ? Optional.of(new Verdict.Agrees(false)) : Optional.empty();
        }
        if (given.value().compare(value) == 0) {
            return Optional.of(new Verdict.Agrees(false));
        }
        int places = given.places().get();
        boolean right = atPlaces(given.value(), value, places);
        if (places >= asked) {
            if (right) {
                return Optional.of(new Verdict.Agrees(false));
            }
            return atPlaces(given.value(), value, asked) || tolerated(given.value(), value, asked)
                    ? Optional.of(new Verdict.Agrees(places > asked))
                    : Optional.empty();
        }
        int needed = value.abs().compare(Exact.of(10)) >= 0 ? 2 : 1;
        return right && given.figures() >= needed ? Optional.of(new Verdict.AgreesRounded(places)) : Optional.empty();
    }

    private boolean atPlaces(Figure given, Figure value, int places) {
        return given.toPlaces(places, halves).compareTo(value.toPlaces(places, halves)) == 0;
    }

    private boolean tolerated(Figure given, Figure value, int asked) {
        BigDecimal off = given.toPlaces(asked, halves)
                .subtract(value.toPlaces(asked, halves))
                .abs();
        return tolerance > 0 && off.compareTo(BigDecimal.valueOf(tolerance).movePointLeft(asked)) <= 0;
    }
}
