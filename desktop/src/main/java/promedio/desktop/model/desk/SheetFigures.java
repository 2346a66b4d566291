package promedio.desktop.model.desk;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.Task;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.marking.Clues;
import promedio.core.marking.Mark;
import promedio.core.marking.Marker;
import promedio.core.marking.Markers;
import promedio.core.marking.TwoWorkings;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.Numerals;
import promedio.core.ownwork.OwnLine;
import promedio.core.ownwork.OwnLines;
import promedio.core.ownwork.OwnMarks;
import promedio.core.report.MeasureLine;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.core.working.FigureText;
import promedio.core.working.Working;
import promedio.desktop.text.Words;

/** Everything computed from one sheet under one card; made once, shown often. */
public final class SheetFigures {
    private static final int LONGEST_NAME = 120;

    private final SampleSheet basis;
    private final Interpretation interpretation;
    private final CourseCard card;
    private final FigureText text;
    private final List<MeasureLine> lines = new ArrayList<>();
    private final Markers markers;
    private final Map<Attempt, Mark> marks = new ConcurrentHashMap<>();

    private SheetFigures(SampleSheet sheet, SampleSheet basis, CourseCard card, Collection<String> asked) {
        this.basis = basis;
        this.interpretation = Interpretation.of(sheet, card);
        this.card = card;
        Sample sample = interpretation.sample();
        this.text = new FigureText(card, sample.places());
        this.markers =
                new Markers(sample, other -> Interpretation.of(sheet, other).sample(), sheet.measuredIn());
        Evaluation evaluation = Evaluation.of(sample);
        for (Measure measure : Catalogue.of(sample).page(card)) {
            lines.add(line(measure, measure.outcome(evaluation)));
        }
        for (String question : asked) {
            boolean known = lines.stream().anyMatch(line -> line.question().equals(question));
            if (!known) {
                Catalogue.of(sample)
                        .find(question, card)
                        .ifPresent(measure -> lines.add(line(measure, measure.outcome(evaluation))));
            }
        }
    }

    /**
     * Computes a sheet under a card.
     *
     * @param asked questions that are to be on the page besides the usual ones, such as {@code percentile-37}
     */
    public static SheetFigures of(SampleSheet sheet, CourseCard card, Collection<String> asked) {
        return new SheetFigures(sheet, sheet, card, asked);
    }

    /** Computes a sheet that is only tried, made of one that is on the desk. */
    static SheetFigures tried(SampleSheet sheet, SampleSheet basis, CourseCard card, Collection<String> asked) {
        return new SheetFigures(sheet, basis, card, asked);
    }

    /** The sheet of the desk that whoever sees these figures means: itself, or the one that a tried one was made of. */
    public SampleSheet basis() {
        return basis;
    }

    private MeasureLine line(Measure measure, Outcome outcome) {
        return MeasureLine.of(measure, outcome, sample(), card, text, sheet().measuredIn());
    }

    /** A line with its figure to the places that a question asks for. */
    public MeasureLine asAsked(MeasureLine line, Task task) {
        CourseCard own = task.card(card);
        return own.equals(card)
                ? line
                : MeasureLine.of(
                        line.measure(),
                        line.outcome(),
                        sample(),
                        own,
                        new FigureText(own, sample().places()),
                        sheet().measuredIn());
    }

    /** The sheet. */
    public SampleSheet sheet() {
        return interpretation.sheet();
    }

    /** Why there is nothing to show: everything waits for a frequency, or there is no number yet. */
    public String whyEmpty() {
        return interpretation.waiting().map(Words::of).orElseGet(() -> Words.of("measures.empty"));
    }

    /** The sample's name, fit to be shown. */
    public String name() {
        return Visible.line(sheet().name(), LONGEST_NAME);
    }

    /** What its numbers are: the name with the unit, unless the name says it. */
    public String title() {
        return titled(name(), unit());
    }

    private static String titled(String name, String unit) {
        boolean said = unit.isEmpty() || name.matches(".*[\\s(\\[]" + Pattern.quote(unit) + "[)\\]]?");
        return said ? name : name + ", " + unit;
    }

    /** The unit of its values, fit to be shown; empty where there is none. */
    public String unit() {
        return Visible.line(sheet().unit(), LONGEST_NAME);
    }

    /** How its entries were read. */
    public Interpretation interpretation() {
        return interpretation;
    }

    /** The sample it makes. */
    public Sample sample() {
        return interpretation.sample();
    }

    /** The value of an entry that counts; empty for one that does not. */
    public Optional<Exact> valueOf(int entry) {
        if (interpretation.status(entry) != Interpretation.Status.NUMBER) {
            return Optional.empty();
        }
        return card.numerals().read(sheet().values().text(entry)).map(Numerals.Numeral::exact);
    }

    /** What the first or the second of the pairs are, with their unit: “x: Hours, h”; x or y alone where nobody says. */
    public String variable(boolean second) {
        SampleSheet.Variables of = sheet().variables().orElse(SampleSheet.Variables.UNNAMED);
        String called = Visible.line(second ? of.second() : of.first(), LONGEST_NAME);
        String unit = Visible.line(second ? of.secondUnit() : sheet().unit(), LONGEST_NAME);
        return titled(called.isEmpty() ? second ? "y" : "x" : called, unit);
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

    /** An answer beside the others, from which it may follow, and the card it is marked under. */
    private record Attempt(String question, String answer, Map<String, String> others, CourseCard card) {
        static Attempt of(String question, String answer, Answered answered) {
            return new Attempt(question, answer, answered.others(question), answered.card(question));
        }
    }

    /** The mark of an answer beside others, where it was marked before. */
    Optional<Mark> known(String question, String answer, Answered answered) {
        return Optional.ofNullable(marks.get(Attempt.of(question, answer, answered)));
    }

    /** Marks an answer, which can take a while the first time that a question is answered. */
    synchronized Mark mark(String question, String answer, Answered answered) {
        return marks.computeIfAbsent(Attempt.of(question, answer, answered), attempt -> {
            Marker marker = markers.under(attempt.card());
            FigureText written = new FigureText(attempt.card(), sample().places());
            return Mark.of(
                            marker.mark(question, answer, marker.above(question, attempt.others())),
                            attempt.card(),
                            written)
                    .with(marker.aboutUnit(question, answer));
        });
    }

    /** What is to be said of the lines below a student's own table, each beside those above it. */
    public List<OwnLine> linesBelow(OwnMarks marks, List<OwnLines.Line> lines) {
        return OwnLines.mark(marks, lines, markers.under(card), card);
    }

    /** What a learner is told one by one of an answer that is not right. */
    public Optional<Clues> clues(MeasureLine line, Mark mark) {
        return Clues.of(mark, twoWorkings(line.measure(), mark), working(line.measure(), ""));
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

    /** What a line's figure tells about the data; empty when it has none. */
    public String meaning(MeasureLine line) {
        return Words.of(line.meaning(text, sample().count()));
    }

    /** The rules of the card that a line follows, and its source, for the foot of its working. */
    public String rules(MeasureLine line) {
        String rules = Catalogue.of(sample()).conventions(line.question(), card).stream()
                .map(key -> Words.of(Sentence.of("card." + key.id())) + " " + Words.of(card.words(key)))
                .collect(Collectors.joining("; "));
        String source = Words.of(
                "working.source",
                Words.of(Sentence.of("source." + line.measure().traits().source())));
        return rules.isEmpty() ? source : Words.of("working.rules", rules) + " " + source;
    }

    /** The working of a measure beside that of the mistake which a mark names; empty where there is none to be worked through. */
    public Optional<TwoWorkings> twoWorkings(Measure measure, Mark mark) {
        return mark.likeliest().flatMap(mistake -> TwoWorkings.of(mistake, measure, sample(), card));
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
