package promedio.core.report;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.measure.Catalogue;
import promedio.core.measure.GivenMeasure;
import promedio.core.measure.Measure;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.working.Working;

/** What follows from what a question gives: every result, the lines that lead to them, and the check. */
public final class GivenReport {
    private final Sample sample;
    private final CourseCard card;
    private final Map<String, Measure> measures = new LinkedHashMap<>();
    private final Map<String, Outcome> outcomes = new LinkedHashMap<>();

    /** A report of a sample of givens, or of some measures of any other. */
    public GivenReport(Sample sample, CourseCard card) {
        this(sample, card, measures(sample, card));
    }

    /** A report of measures under their names. */
    public GivenReport(Sample sample, CourseCard card, Map<String, Measure> measures) {
        this.sample = sample;
        this.card = card;
        this.measures.putAll(measures);
        Evaluation evaluation = Evaluation.of(sample);
        measures.forEach((name, measure) -> outcomes.put(name, measure.outcome(evaluation)));
    }

    /** What there is under several conventions under each, all else by what it answers. */
    private static Map<String, Measure> measures(Sample sample, CourseCard card) {
        Catalogue catalogue = Catalogue.of(sample);
        boolean every = catalogue.all().size() > catalogue.page(card).size();
        Map<String, Measure> found = new LinkedHashMap<>();
        for (Measure measure : every ? catalogue.all() : catalogue.page(card)) {
            found.put(every ? measure.key() : measure.question(), measure);
        }
        return found;
    }

    /** What each comes to, by its name. */
    public Map<String, Outcome> outcomes() {
        return Map.copyOf(outcomes);
    }

    /** The names in their order. */
    public List<String> names() {
        return List.copyOf(outcomes.keySet());
    }

    /** Why nothing can be found: what is given cannot be, or disagrees; empty where something follows. */
    public Optional<Sentence> refused() {
        return outcomes.values().stream()
                .flatMap(outcome -> outcome.whyUndefined().stream())
                .filter(why -> why.key().contains(".impossible."))
                .findFirst();
    }

    /** The lines of all results, each once. */
    public List<Notation> lines() {
        Map<String, Notation> lines = new LinkedHashMap<>();
        measures.forEach((name, measure) -> {
            if (!outcomes.get(name).figures().isEmpty()) {
                for (Working.Line line :
                        working(measure.formula(sample.shape())).lines()) {
                    // A result is written to the places of the answer where it stands first; it is not written again as
                    // a part.
                    lines.putIfAbsent(
                            line.symbol().text() + "=" + line.inSymbols().text(), line.notation());
                }
            }
        });
        return List.copyOf(lines.values());
    }

    private Working working(Formula.Named formula) {
        return new Working(formula, sample, card);
    }

    /** The lines in which results are put in where they came from, each once. */
    public List<Notation> checks() {
        Map<String, Notation> checks = new LinkedHashMap<>();
        measures.keySet().stream()
                .filter(name -> !outcomes.get(name).figures().isEmpty())
                .flatMap(name -> check(measures.get(name), sample, card).stream())
                .map(Working.Line::notation)
                .forEach(check -> checks.putIfAbsent(check.text(), check));
        return List.copyOf(checks.values());
    }

    /** The line in which a result is put in where it came from; empty where there is nothing to put it in. */
    public static Optional<Working.Line> check(Measure measure, Sample sample, CourseCard card) {
        return measure instanceof GivenMeasure given
                ? given.check()
                        .map(check -> new Working(check.formula(), sample, card).lines())
                        .filter(lines -> !lines.isEmpty())
                        .map(lines -> lines.get(lines.size() - 1))
                : Optional.empty();
    }
}
