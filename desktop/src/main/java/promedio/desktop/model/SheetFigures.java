package promedio.desktop.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.marking.Marker;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Labels;
import promedio.core.measure.Measure;
import promedio.core.number.Figure;
import promedio.core.sample.Sample;
import promedio.core.working.FigureText;
import promedio.core.working.Working;
import promedio.desktop.text.Words;

/** Everything computed from one sheet under one card; made once, shown often. */
public final class SheetFigures {
    private final Interpretation interpretation;
    private final CourseCard card;
    private final FigureText text;
    private final List<MeasureLine> lines = new ArrayList<>();
    private final Marker marker;

    private SheetFigures(SampleSheet sheet, CourseCard card) {
        this.interpretation = Interpretation.of(sheet, card);
        this.card = card;
        Sample sample = interpretation.sample();
        this.text = new FigureText(card, sample.values().places());
        this.marker = new Marker(sample, card);
        Evaluation evaluation = Evaluation.of(sample);
        for (Measure measure : Catalogue.page(card)) {
            lines.add(line(measure, measure.outcome(evaluation)));
        }
    }

    /** Computes a sheet under a card. */
    public static SheetFigures of(SampleSheet sheet, CourseCard card) {
        return new SheetFigures(sheet, card);
    }

    private MeasureLine line(Measure measure, Outcome outcome) {
        boolean defined = !outcome.figures().isEmpty();
        return new MeasureLine(
                measure,
                Words.of(Labels.of(measure)),
                card.letters().of(measure.symbol()),
                outcome,
                defined ? text.answer(outcome) : "",
                defined ? unit(measure.dimension()) : "",
                Words.of(
                        defined
                                ? measure.note(sample(), outcome)
                                : outcome.whyUndefined().orElseThrow(),
                        text));
    }

    private String unit(Measure.Dimension dimension) {
        String unit = sheet().unit();
        return switch (dimension) {
            case UNIT -> unit;
            case SQUARED ->
                unit.isEmpty() ? "" : unit.length() > 3 && unit.contains(" ") ? "(" + unit + ")²" : unit + "²";
            case PERCENT -> "%";
            case NONE -> "";
        };
    }

    /** The sheet. */
    public SampleSheet sheet() {
        return interpretation.sheet();
    }

    /** How its entries were read. */
    public Interpretation interpretation() {
        return interpretation;
    }

    /** The sample it makes. */
    public Sample sample() {
        return interpretation.sample();
    }

    /** The card it was computed under. */
    public CourseCard card() {
        return card;
    }

    /** How figures are written. */
    public FigureText text() {
        return text;
    }

    /** The lines of the page Measures. */
    public List<MeasureLine> lines() {
        return lines;
    }

    /** Marks answers. */
    public Marker marker() {
        return marker;
    }

    /** The line of a question. */
    public Optional<MeasureLine> line(String question) {
        return lines.stream().filter(line -> line.question().equals(question)).findFirst();
    }

    /** The figure of a question, where it has exactly one. */
    public Optional<Figure> figure(String question) {
        return line(question).flatMap(line -> line.outcome().single());
    }

    /** The coefficient that the card means by skewness. */
    public String firstSkewness() {
        return card.get(CardKey.SKEWNESS).id();
    }

    /** The working of a measure by one of its methods; the first where there is none of that id. */
    public Working working(Measure measure, String methodId) {
        List<Measure.Method> methods = measure.methods(sample().shape());
        Measure.Method method = methods.stream()
                .filter(candidate -> candidate.id().equals(methodId))
                .findFirst()
                .orElse(methods.get(0));
        return new Working(method, sample(), card);
    }
}
