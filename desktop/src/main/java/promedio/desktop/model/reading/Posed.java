package promedio.desktop.model.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.assignment.AnswerEdit;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.Task;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.question.PrintedQuestion;
import promedio.core.question.PrintedQuestion.Wanted;
import promedio.core.question.QuestionReader;
import promedio.desktop.text.Words;

/** What a question that was pasted asks of the samples that were made of its data. */
final class Posed {
    private Posed() {}

    /** The edits that pose what a text asks; none where it is no question. */
    static List<Edit> edits(Assignment with, String text, List<SampleSheet> made) {
        CourseCard card = with.card();
        Optional<PrintedQuestion> question = QuestionReader.single(text, card);
        List<Edit> edits = new ArrayList<>();
        int at = with.tasks().all().size();
        for (Wanted wanted : question.map(PrintedQuestion::asked).orElse(List.of())) {
            if (wanted.of() < made.size()) {
                SampleSheet sheet = made.get(wanted.of());
                Optional<Measure> measure = measure(sheet, wanted, card);
                if (measure.isPresent()) {
                    Assignment.Question asked =
                            new Assignment.Question(sheet.id(), measure.get().question());
                    boolean one = question.orElseThrow().asked().stream()
                                    .filter(other -> other.words().equals(wanted.words()) && other.of() == wanted.of())
                                    .count()
                            == 1;
                    String called =
                            one ? wanted.words() : Words.of(measure.get().label());
                    String words = wanted.part().map(part -> part + ") ").orElse("") + called;
                    Task task = new Task(asked, words, wanted.places(), Optional.empty(), Optional.empty());
                    edits.add(new AnswerEdit.PoseTask(at + edits.size(), task));
                }
            }
        }
        return edits;
    }

    static Optional<Measure> measure(SampleSheet sheet, Wanted wanted, CourseCard card) {
        Evaluation evaluation = Evaluation.of(Interpretation.of(sheet, card).sample());
        return Catalogue.of(evaluation.sample()).find(wanted.measure(), card);
    }

    /** The hand method that is asked for, under the name that the measure has it by; empty where it has none such. */
    static Optional<String> method(SampleSheet sheet, Wanted wanted, CourseCard card) {
        if (wanted.method().isEmpty()) {
            return Optional.empty();
        }
        String named = wanted.method().get();
        List<String> ways = named.equals("totals") ? List.of("short-cut", "totals") : List.of(named, "direct");
        return measure(sheet, wanted, card)
                .flatMap(measure -> measure
                        .methods(Interpretation.of(sheet, card).sample().shape())
                        .stream()
                        .map(Measure.Method::id)
                        .filter(ways::contains)
                        .findFirst());
    }
}
