package promedio.core.compare;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Figure;
import promedio.core.picture.Named;
import promedio.core.sentence.Sentence;

/**
 * Measures of several samples side by side, a line each, and what is to be said of them.
 *
 * @param samples the samples, two at least
 * @param lines the measures
 */
public record Comparison(List<Named> samples, List<Line> lines) {
    /** What is compared, in the order of the table; the count and what is missing come first. */
    public static final List<String> QUESTIONS = List.of(
            "mean",
            "median",
            "mode",
            "sd",
            "cv",
            "minimum",
            "quartile-1",
            "quartile-3",
            "maximum",
            "iqr",
            "range",
            "skewness");

    /** Copies the lists. @throws IllegalArgumentException for fewer than two samples */
    public Comparison {
        samples = List.copyOf(samples);
        lines = List.copyOf(lines);
        if (samples.size() < 2) {
            throw new IllegalArgumentException("There is nothing to compare with.");
        }
    }

    /**
     * A measure of each sample.
     *
     * @param question the question it answers
     * @param label what it is called
     * @param counts whether it counts things, and is no measure in the unit of the values
     * @param outcomes its outcome for each sample
     */
    public record Line(String question, Sentence label, boolean counts, List<Outcome> outcomes) {
        /** Copies the outcomes. */
        public Line {
            outcomes = List.copyOf(outcomes);
        }

        /** The figure of a sample, where it has exactly one. */
        public Optional<Figure> figure(int sample) {
            return outcomes.get(sample).single();
        }

        /** The samples with the largest figure; none where all are equal, or fewer than two have one. */
        public Set<Integer> largest() {
            return extreme(1);
        }

        /** The samples with the smallest figure; none where all are equal, or fewer than two have one. */
        public Set<Integer> smallest() {
            return extreme(-1);
        }

        private Set<Integer> extreme(int way) {
            Set<Integer> found = new HashSet<>();
            Figure best = null;
            int some = 0;
            for (int i = 0; i < outcomes.size(); i++) {
                Optional<Figure> figure = figure(i);
                if (figure.isPresent()) {
                    some++;
                    int compared = best == null ? 1 : way * figure.get().compare(best);
                    if (compared > 0) {
                        found.clear();
                        best = figure.get();
                    }
                    if (compared >= 0) {
                        found.add(i);
                    }
                }
            }
            return found.size() == some ? Set.of() : found;
        }

        /** The figure of one sample less that of another. */
        public Optional<Figure> difference(int one, int other) {
            return figure(one).flatMap(first -> figure(other).map(first::minus));
        }

        /** The figure of one sample over that of another; empty where that is 0. */
        public Optional<Figure> ratio(int one, int other) {
            return figure(one)
                    .flatMap(first ->
                            figure(other).filter(second -> second.signum() != 0).map(first::over));
        }
    }

    /** Compares samples under a card. */
    public static Comparison of(List<Named> samples, CourseCard card) {
        List<Evaluation> evaluations =
                samples.stream().map(one -> Evaluation.of(one.sample())).toList();
        List<Line> lines = new ArrayList<>();
        lines.add(counted("count", samples, true));
        lines.add(counted("missing", samples, false));
        for (String question : QUESTIONS) {
            List<Outcome> outcomes = new ArrayList<>();
            Optional<Measure> first = Optional.empty();
            for (int i = 0; i < samples.size(); i++) {
                Evaluation evaluation = evaluations.get(i);
                Optional<Measure> measure =
                        Catalogue.of(samples.get(i).sample()).find(question, card);
                outcomes.add(measure.map(one -> one.outcome(evaluation))
                        .orElseGet(() -> new Outcome.Undefined(Sentence.of("compare.not-of-classes"))));
                first = first.or(() -> measure);
            }
            first.ifPresent(measure -> lines.add(
                    new Line(question, measure.label(), measure.symbol().counts(), outcomes)));
        }
        return new Comparison(samples, lines);
    }

    private static Line counted(String question, List<Named> samples, boolean values) {
        return new Line(
                question,
                Sentence.of("compare." + question),
                true,
                samples.stream()
                        .<Outcome>map(one -> new Outcome.Single(
                                values ? one.sample().count() : one.sample().missing()))
                        .toList());
    }

    /** The line of a question. */
    public Optional<Line> line(String question) {
        return lines.stream().filter(line -> line.question().equals(question)).findFirst();
    }

    /** Whether the values of two samples are in one unit, so that differences mean something. */
    public boolean haveOneUnit(int one, int other) {
        return samples.get(one).unit().equals(samples.get(other).unit());
    }
}
