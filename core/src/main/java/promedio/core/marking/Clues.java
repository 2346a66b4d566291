package promedio.core.marking;

import java.util.List;
import java.util.Optional;
import promedio.core.sentence.Sentence;
import promedio.core.working.Working;

/**
 * What a learner is told one by one, so that the mistake is found and not read: which step to look at, what kind of mistake it is;
 * what happened, and the figure, come last.
 *
 * @param step which step to look at
 * @param kind what kind of mistake it is
 */
public record Clues(Sentence step, Sentence kind) {
    /**
     * The clues to an answer that is not right; none where a mark finds no fault.
     *
     * @param two where the workings part, when the mistake can be worked through
     * @param working the usual working
     */
    public static Optional<Clues> of(Mark mark, Optional<TwoWorkings> two, Working working) {
        return mark.fault().map(kind -> new Clues(step(kind, two, working), kind));
    }

    private static Sentence step(Sentence kind, Optional<TwoWorkings> two, Working working) {
        if (kind.key().equals("hint.kind.answer")) {
            return Sentence.of("hint.step.answer");
        }
        if (kind.key().equals("hint.kind.measure") || kind.key().equals("hint.kind.number")) {
            return Sentence.of("hint.step.asked");
        }
        Optional<Working.Line> parting = two.flatMap(both -> both.rows().stream()
                .filter(row -> row.state() == TwoWorkings.State.PARTS)
                .findFirst()
                .flatMap(row -> row.is().or(row::mayBe)));
        List<Working.Line> lines = working.lines();
        return parting.map(line -> Sentence.of("hint.step.line", line.symbol().text()))
                .or(() -> lines.stream()
                        .findFirst()
                        .map(line -> Sentence.of("hint.step.from", line.symbol().text())))
                .orElseGet(() -> Sentence.of("hint.step.list"));
    }
}
