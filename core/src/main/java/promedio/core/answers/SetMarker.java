package promedio.core.answers;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntPredicate;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.Accuracy;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.marking.Mark;
import promedio.core.marking.Marker;
import promedio.core.marking.Markers;
import promedio.core.marking.Verdict;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.sample.Sample;
import promedio.core.working.FigureText;

/** Marks the answers of many students to one assignment, under its card and by its questions. */
public final class SetMarker {
    private final Assignment assignment;
    private final Map<String, Marked> sheets = new HashMap<>();

    /** A marker of an assignment. */
    public SetMarker(Assignment assignment) {
        this.assignment = assignment;
    }

    private record Marked(Sample sample, Evaluation evaluation, Markers markers) {}

    /**
     * Marks answers; those to questions that nobody can answer are left out.
     *
     * @param goesOn asked with the number of answers marked, before each; false to stop
     * @return the marks, in the order of the answers; empty when it was stopped
     */
    public Optional<List<MarkedAnswer>> mark(List<Given> given, IntPredicate goesOn) {
        Map<String, Map<Assignment.Question, String>> byStudent = new LinkedHashMap<>();
        given.forEach(one -> byStudent
                .computeIfAbsent(one.who(), who -> new LinkedHashMap<>())
                .put(one.question(), one.answer()));
        List<MarkedAnswer> marked = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            if (!goesOn.test(i)) {
                return Optional.empty();
            }
            Given one = given.get(i);
            mark(one, byStudent.get(one.who())).ifPresent(marked::add);
        }
        return Optional.of(marked);
    }

    private Optional<MarkedAnswer> mark(Given given, Map<Assignment.Question, String> all) {
        Assignment.Question question = given.question();
        Optional<Marked> about = assignment.sheet(question.sheetId()).map(this::of);
        CourseCard card = card(given);
        Optional<Measure> measure =
                about.flatMap(sheet -> Catalogue.of(sheet.sample()).find(question.measure(), card));
        if (measure.isEmpty()) {
            return Optional.empty();
        }
        Marked sheet = about.get();
        Map<String, String> others = new LinkedHashMap<>();
        all.forEach((other, answer) -> {
            if (other.sheetId().equals(question.sheetId()) && !other.equals(question)) {
                others.put(other.measure(), answer);
            }
        });
        Marker marker = sheet.markers().under(card);
        Verdict verdict = marker.mark(question.measure(), given.answer(), marker.above(question.measure(), others));
        Outcome outcome = measure.get().outcome(sheet.evaluation());
        int places = sheet.sample().places();
        Mark mark = Mark.of(verdict, card, new FigureText(card, places))
                .with(marker.aboutUnit(question.measure(), given.answer()));
        return Optional.of(new MarkedAnswer(given, verdict, mark, outcome, card, places));
    }

    private CourseCard card(Given given) {
        CourseCard card = assignment.cardFor(given.question());
        return given.places()
                .map(places -> card.with(CardKey.ACCURACY, Accuracy.places(places)))
                .orElse(card);
    }

    private Marked of(SampleSheet sheet) {
        return sheets.computeIfAbsent(sheet.id(), id -> {
            Sample sample = Interpretation.of(sheet, assignment.card()).sample();
            Markers markers =
                    new Markers(sample, other -> Interpretation.of(sheet, other).sample(), sheet.measuredIn());
            return new Marked(sample, Evaluation.of(sample), markers);
        });
    }
}
