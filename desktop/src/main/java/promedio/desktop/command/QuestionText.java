package promedio.desktop.command;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import promedio.core.assignment.Interpretation;
import promedio.core.course.CourseCard;
import promedio.core.document.Block;
import promedio.core.document.Document;
import promedio.core.document.Phrase;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.measure.Catalogue;
import promedio.core.number.Figure;
import promedio.core.number.SignificantText;
import promedio.core.pasted.Found;
import promedio.core.question.PrintedQuestion;
import promedio.core.question.PrintedQuestion.Wanted;
import promedio.core.sample.GivenName;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;
import promedio.files.document.ConsoleText;

/** A question as it was read, with what comes out: in JSON and in words. */
final class QuestionText {
    private static final int DIGITS = 15;

    private final String source;
    private final PrintedQuestion question;
    private final CourseCard card;
    private final List<Evaluation> samples = new ArrayList<>();

    QuestionText(String source, PrintedQuestion question, CourseCard card) {
        this.source = source;
        this.question = question;
        this.card = card;
        for (Found found : question.samples()) {
            Sample sample = Interpretation.of(found.sheet("s1", ""), card).sample();
            samples.add(Evaluation.of(sample));
        }
    }

    /** What an asked quantity comes to; empty where there are no data to find it from. */
    private Optional<Outcome> outcome(Wanted wanted) {
        if (wanted.of() >= samples.size()) {
            return Optional.empty();
        }
        Evaluation evaluation = samples.get(wanted.of());
        return Catalogue.of(evaluation.sample())
                .find(wanted.measure(), card)
                .map(measure -> measure.outcome(evaluation));
    }

    private static String written(Figure figure) {
        return SignificantText.of(figure, DIGITS);
    }

    String json() {
        ObjectNode object = new ObjectMapper().createObjectNode();
        object.put("source", source)
                .put("number", question.number().orElse(null))
                .put("kind", givens().map(found -> found.kind().id()).orElse("measures"));
        ArrayNode found = object.putArray("samples");
        question.readings().stream().limit(1).forEach(reading -> PastedText.write(reading, found));
        ObjectNode given = object.putObject("given");
        question.given().forEach(given::put);
        givens().ifPresent(one -> write(one, given));
        ArrayNode asked = object.putArray("asked");
        for (Wanted wanted : question.asked()) {
            ObjectNode one = asked.addObject();
            one.put("measure", wanted.measure())
                    .put("of", wanted.of())
                    .put("words", wanted.words())
                    .put("places", text(wanted.places()))
                    .put("figures", text(wanted.figures()))
                    .put("method", wanted.method().orElse(null));
            wanted.part().ifPresent(part -> one.put("part", part));
            outcome(wanted).ifPresent(outcome -> write(outcome, one));
        }
        ArrayNode open = object.putArray("open");
        question.open().forEach(open::add);
        ArrayNode told = object.putArray("told");
        question.told().forEach(sentence -> told.add(sentence.toString()));
        return object.toString();
    }

    /** What is given in place of data. */
    private Optional<Found> givens() {
        return question.samples().stream()
                .filter(found -> found.kind().can(Use.GIVEN))
                .findFirst();
    }

    private static void write(Found found, ObjectNode given) {
        for (int row = 0; row < found.size(); row++) {
            String name = found.columns().get(0).text(row);
            String value = found.columns().get(1).text(row);
            boolean repeated = GivenName.find(found.kind(), name)
                    .filter(GivenName::isRepeated)
                    .isPresent();
            if (repeated) {
                given.withArray(name).add(value);
            } else {
                given.put(name, value);
            }
        }
    }

    private static String text(Optional<Integer> number) {
        return number.map(Object::toString).orElse(null);
    }

    private static void write(Outcome outcome, ObjectNode to) {
        if (outcome.whyUndefined().isPresent()) {
            to.put("undefined", outcome.whyUndefined().get().toString());
        } else if (outcome instanceof Outcome.Several several) {
            ArrayNode list = to.putArray("value");
            several.figures().forEach(figure -> list.add(written(figure)));
        } else {
            to.put("value", written(outcome.figures().get(0)));
        }
    }

    String text() {
        List<Block> blocks = new ArrayList<>();
        String number = question.number().map(one -> " " + one).orElse("");
        blocks.add(new Block.Heading(1, Phrase.of(source + number)));
        List<List<Phrase>> rows = question.asked().stream()
                .map(wanted -> List.of(Phrase.of(wanted.measure()), shown(wanted)))
                .toList();
        blocks.add(new Block.Table(Phrase.EMPTY, List.of(), rows, List.of()));
        question.open().forEach(open -> blocks.add(new Block.Paragraph(Phrase.of(Sentence.of("question.open", open)))));
        question.told().forEach(told -> blocks.add(new Block.Paragraph(Phrase.of(told))));
        return new ConsoleText(Sentence::toString).of(new Document(blocks));
    }

    private Phrase shown(Wanted wanted) {
        return outcome(wanted)
                .map(outcome -> outcome.whyUndefined()
                        .map(why -> Phrase.of(Sentence.of("solve.undefined", why)))
                        .orElseGet(() -> Phrase.of(outcome.figures().stream()
                                .map(QuestionText::written)
                                .collect(Collectors.joining("; ")))))
                .orElse(Phrase.of(Sentence.of("question.no-data")));
    }
}
