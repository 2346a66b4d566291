package promedio.core.marking;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoublePredicate;
import java.util.function.Function;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.DeviationCentre;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasuredIn;
import promedio.core.measure.Traits;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.slip.Asked;
import promedio.core.slip.Changed;
import promedio.core.slip.Way;
import promedio.core.tabulate.ClassLabel;

/**
 * Marks answers about one sample under one course card: agrees, agrees when rounded, right under another convention, the
 * value of another measure, or differs. Candidates for a question are computed once, so that marking again is a look-up.
 */
public final class Marker {
    /** Lines are tried with so many places more than asked. */
    private static final int MORE_PLACES = 3;

    private final Sample sample;
    private final MeasuredIn units;
    private final CourseCard card;
    private final Function<CourseCard, Sample> reading;
    private final Evaluation evaluation;
    private final Agreement agreement;
    private final Map<String, List<Candidate>> candidates = new HashMap<>();
    private final Map<String, List<RoundedWays.Rounded>> rounded = new HashMap<>();
    private final RoundedWays ways;
    private final Explainer explainer;
    /** Longer samples are not worked by hand, and no mistakes of hand work are looked for. */
    private static final int MOST_ROWS = 400;

    /** Other rules that are often met. */
    private static final Set<String> COMMON_RULES = Set.of("other-quartile-rule", "other-position");

    private List<OtherValue> others;

    /** A marker for a sample and a card; the sample is the same under every card. */
    public Marker(Sample sample, CourseCard card) {
        this(sample, card, other -> sample);
    }

    /**
     * A marker for a sample that was read under a card.
     *
     * @param reading the sample as it is read under another card: with other boundaries of its classes, say
     */
    public Marker(Sample sample, CourseCard card, Function<CourseCard, Sample> reading) {
        this(sample, card, reading, MeasuredIn.NOTHING);
    }

    /**
     * The same for a sample in a unit.
     *
     * @param units the units of its values
     */
    public Marker(Sample sample, CourseCard card, Function<CourseCard, Sample> reading, MeasuredIn units) {
        this.units = units;
        this.sample = sample;
        this.reading = reading;
        this.card = card;
        this.evaluation = Evaluation.of(sample);
        this.agreement = new Agreement(card, sample);
        this.ways = new RoundedWays(sample, card.halves());
        this.explainer =
                new Explainer(sample, evaluation, new Agreement(card.with(CardKey.TOLERANCE, 0), sample), card, ways);
    }

    private record Candidate(
            CardKey<?> key, String choiceId, CourseCard card, Measure measure, Outcome outcome, Sample sample) {}

    /** The keys under which a class table is read otherwise. */
    private static final Set<CardKey<?>> READINGS = Set.of(CardKey.BOUNDARIES, CardKey.OPEN_ENDS);

    private record OtherValue(Measure measure, Outcome outcome) {}

    /**
     * The mark of an answer.
     *
     * @param question a key of the catalogue without its convention, such as {@code variance} or {@code quartile-1}
     * @throws IllegalArgumentException when the catalogue has no such question
     */
    public Verdict mark(String question, String text) {
        return mark(question, text, Map.of());
    }

    /**
     * The same, where an answer may follow from answers to other questions.
     *
     * @param earlier the answers of the same student that come before, by question and in their order
     */
    public Verdict mark(String question, String text, Map<String, String> earlier) {
        Outcome outcome = measure(question).outcome(evaluation);
        return namesEnds(question, text)
                .or(() -> namesClass(text, outcome))
                .orElseGet(() -> mark(question, read(question, text), outcome, earlier));
    }

    /** What is to be said of the unit of an answer; nothing where it has none, or the right one. */
    public Optional<Sentence> aboutUnit(String question, String text) {
        return new UnitOfAnswer(units)
                .said(read(question, text), measure(question).traits().dimension());
    }

    private Answer read(String question, String text) {
        String base = units.base(measure(question).traits().dimension());
        return Answer.parse(text, base.isEmpty() ? units.unit() : base);
    }

    private Verdict mark(String question, Answer answer, Outcome outcome, Map<String, String> earlier) {
        if (answer instanceof Answer.Unreadable) {
            return new Verdict.Unreadable();
        }
        return agreement
                .of(answer, outcome)
                .or(() -> roundedWorking(question, answer))
                .or(() -> convention(question, answer))
                .or(() -> follows(question, answer, earlier))
                .or(() -> drift(question, answer, outcome))
                .or(() -> slip(question, answer))
                .or(() -> otherMeasure(question, answer))
                .or(() -> pair(question, answer))
                .orElseGet(() -> differs(answer, outcome));
    }

    /** What a known mistake leads to. */
    private Optional<Verdict> slip(String question, Answer answer) {
        if (sample.rows() > MOST_ROWS) {
            return Optional.empty();
        }
        List<Explanation> likely = explainer.of(measure(question), answer);
        return likely.isEmpty() ? Optional.empty() : Optional.of(new Verdict.Slipped(likely));
    }

    /** What two known mistakes lead to. */
    private Optional<Verdict> pair(String question, Answer answer) {
        if (sample.rows() > MOST_ROWS) {
            return Optional.empty();
        }
        List<Explanation> likely = explainer.pairs(measure(question), answer, () -> otherRules(question));
        return likely.isEmpty() ? Optional.empty() : Optional.of(new Verdict.Slipped(likely));
    }

    /** The question under every other choice of the card, as the first of two mistakes. */
    private List<Pairs.Start> otherRules(String question) {
        List<Pairs.Start> starts = new ArrayList<>();
        for (Candidate other : candidates.computeIfAbsent(question, this::candidates)) {
            Optional<Figure> value = other.outcome().single();
            if (value.isPresent() && other.key() != CardKey.ROUNDING) {
                Asked asked = Asked.of(
                        other.measure(), other.sample() == sample ? evaluation : Evaluation.of(other.sample()));
                String slip = Verdict.Convention.slip(other.key());
                Sentence detail = Sentence.of(
                        "slip.other-rule",
                        Sentence.of("card." + other.key().id()),
                        CourseCard.wordsOf(other.key(), other.choiceId()));
                Way way = Way.of(
                        value.get(), other.measure().formula(other.sample().shape()));
                starts.add(new Pairs.Start(
                        slip.equals("other-divisor") ? 5 : COMMON_RULES.contains(slip) ? 4 : 3,
                        new Changed(slip, detail, way, Optional.empty()),
                        asked,
                        true));
            }
        }
        return starts;
    }

    /** What follows from answers that are not right themselves, all of them or some. */
    private Optional<Verdict> follows(String question, Answer answer, Map<String, String> earlier) {
        if (earlier.isEmpty() || !hasTwoFigures(answer)) {
            return Optional.empty();
        }
        Map<Measure, Figure> own = new LinkedHashMap<>();
        earlier.forEach((other, text) ->
                wrongFigure(question, other, text).ifPresent(figure -> own.putIfAbsent(measure(other), figure)));
        return new FollowingOn(sample, evaluation, agreement).of(measure(question), answer, own);
    }

    /**
     * Of the answers to other questions about this sample, those that stand above one on the page: an answer follows from them, and from
     * none that comes later.
     */
    public Map<String, String> above(String question, Map<String, String> answers) {
        Map<String, String> above = new LinkedHashMap<>();
        for (Measure measure : Catalogue.of(sample).all()) {
            if (measure.question().equals(question)) {
                return above;
            }
            String answer = answers.get(measure.question());
            if (answer != null) {
                above.put(measure.question(), answer);
            }
        }
        // What is not on the page of itself stands below it.
        answers.forEach((other, answer) -> {
            if (!other.equals(question)) {
                above.putIfAbsent(other, answer);
            }
        });
        return above;
    }

    /** An answer to another question, where it is not right. */
    private Optional<Figure> wrongFigure(String question, String other, String text) {
        Optional<Measure> measure =
                other.equals(question) ? Optional.empty() : Catalogue.of(sample).find(other, card);
        if (measure.isEmpty()) {
            return Optional.empty();
        }
        Answer answer = read(other, text);
        boolean right = agreement.of(answer, measure.get().outcome(evaluation)).isPresent();
        return !right
                        && answer instanceof Answer.Numbers given
                        && given.numbers().size() == 1
                ? Optional.of(given.numbers().get(0).value())
                : Optional.empty();
    }

    private Measure measure(String question) {
        return Catalogue.of(sample)
                .find(question, card)
                .orElseThrow(() -> new IllegalArgumentException("There is no measure " + question + "."));
    }

    /** “3 to 12” for a range: its ends, which are not how far they are apart. */
    private Optional<Verdict> namesEnds(String question, String text) {
        Optional<ClassLabel> named = measure(question).question().equals("range")
                ? ClassLabel.parse(text, card.numerals())
                        .filter(label -> label.from().isPresent()
                                && label.to().isPresent()
                                && !label.from().equals(label.to()))
                : Optional.empty();
        return named.map(label -> new Verdict.DiffersInKind(Sentence.of(
                is("minimum", label.from().get()) && is("maximum", label.to().get())
                        ? "differs.ends"
                        : "differs.other-ends")));
    }

    private boolean is(String question, Exact figure) {
        return Catalogue.of(sample)
                .find(question, card)
                .flatMap(measure -> measure.outcome(evaluation).single())
                .filter(value -> value.compare(figure) == 0)
                .isPresent();
    }

    /** “15 to under 20” for a value of a class table: the class in which it lies, or another. */
    private Optional<Verdict> namesClass(String text, Outcome outcome) {
        Optional<ClassTable> table = sample.classes();
        Optional<ClassLabel> named =
                ClassLabel.parse(text, card.numerals()).filter(label -> label.kind() != ClassLabel.Kind.SINGLE);
        Optional<Figure> value = outcome.figures().stream().findFirst().map(Figure.class::cast);
        if (table.isEmpty() || named.isEmpty() || value.isEmpty()) {
            return Optional.empty();
        }
        for (ClassInterval one : table.get().classes()) {
            boolean within = one.lower()
                            .filter(low -> value.get().compare(low) < 0)
                            .isEmpty()
                    && one.upper().filter(high -> value.get().compare(high) > 0).isEmpty();
            Optional<ClassLabel> label = ClassLabel.parse(one.label(), card.numerals());
            boolean same = label.isPresent()
                    && label.get().from().equals(named.get().from())
                    && label.get().to().equals(named.get().to());
            if (within && same) {
                return Optional.of(new Verdict.NamesTheClass(one.label()));
            }
        }
        return Optional.of(new Verdict.DiffersInKind(Sentence.of("differs.class")));
    }

    /** Where the course rounds every line, what that leads to agrees as well as the exact value. */
    private Optional<Verdict> roundedWorking(String question, Answer answer) {
        return card.get(CardKey.WORKING).flatMap(places -> ways.everyLine(measure(question), places).stream()
                .flatMap(one -> one.way().figure().stream())
                .flatMap(value -> agreement.of(answer, new Outcome.Single(value)).stream())
                .findFirst());
    }

    /** What rounding on the way gives, to the places asked or a few more. */
    private Optional<Verdict> drift(String question, Answer answer, Outcome outcome) {
        Optional<Figure> exact = outcome.single();
        if (exact.isEmpty() || !hasTwoFigures(answer)) {
            return Optional.empty();
        }
        int asked = agreement.placesAsked(exact.get());
        Optional<DoublePredicate> near =
                answer instanceof Answer.Numbers given && given.numbers().size() == 1
                        ? Optional.of(given.numbers().get(0).near())
                        : Optional.empty();
        return rounded.computeIfAbsent(question, key -> ways.all(measure(key), asked, asked + MORE_PLACES)).stream()
                .filter(one -> near.filter(test -> test.test(one.way().about())).isPresent())
                .filter(one -> one.way()
                        .figure()
                        .flatMap(value -> agreement.of(answer, new Outcome.Single(value)))
                        .filter(Verdict.Agrees.class::isInstance)
                        .isPresent())
                .findFirst()
                .map(one -> new Verdict.Drift(
                        one.places(),
                        one.line(),
                        one.line().filter(RoundedWays.Rounded::isUnnamed).isPresent(),
                        one.way().value(),
                        exact.get()));
    }

    private Optional<Verdict> convention(String question, Answer answer) {
        for (Candidate candidate : candidates.computeIfAbsent(question, this::candidates)) {
            boolean agrees = new Agreement(candidate.card(), candidate.sample())
                    .of(answer, candidate.outcome())
                    .filter(verdict -> verdict instanceof Verdict.Agrees || hasTwoFigures(answer))
                    .isPresent();
            if (agrees && !candidate.outcome().figures().isEmpty()) {
                return Optional.of(new Verdict.Convention(
                        candidate.key(),
                        candidate.choiceId(),
                        candidate.measure(),
                        candidate.outcome().figures().get(0)));
            }
        }
        return Optional.empty();
    }

    /** One digit fits too many conventions and measures to say that it is one of them. */
    private static boolean hasTwoFigures(Answer answer) {
        return answer instanceof Answer.Numbers given
                && given.numbers().stream().allMatch(number -> number.figures() >= 2);
    }

    /** The question under every other choice of every key that changes it. */
    private List<Candidate> candidates(String question) {
        List<Candidate> found = new ArrayList<>();
        for (CardKey<?> key : CardKey.all()) {
            if (key.subject() != CardKey.Subject.WRITING || key == CardKey.ROUNDING) {
                addChoices(found, key, question);
            }
        }
        return found;
    }

    /** “Mean deviation” alone does not say from where, though it is what the one from the mean is called. */
    private static String under(String question, Object choice) {
        return question.equals("mean-deviation") && choice == DeviationCentre.MEDIAN
                ? "mean-deviation-median"
                : question;
    }

    private <T> void addChoices(List<Candidate> found, CardKey<T> key, String question) {
        for (T choice : key.choices()) {
            if (choice.equals(card.get(key))) {
                continue;
            }
            CourseCard other = card.with(key, choice);
            Optional<Measure> measure = Catalogue.of(sample).find(under(question, choice), other);
            boolean rereads = sample.classes().isPresent() && READINGS.contains(key);
            boolean changes = key == CardKey.ROUNDING
                    || rereads
                    || measure.isPresent() && !measure.get().equals(measure(question));
            if (measure.isPresent() && changes) {
                Sample read = rereads ? reading.apply(other) : sample;
                Outcome outcome = measure.get().outcome(rereads ? Evaluation.of(read) : evaluation);
                found.add(new Candidate(key, key.idOf(choice), other, measure.get(), outcome, read));
            }
        }
    }

    private Optional<Verdict> otherMeasure(String question, Answer answer) {
        if (!hasTwoFigures(answer)) {
            return Optional.empty();
        }
        if (others == null) {
            others = Catalogue.of(sample).page(card).stream()
                    .filter(measure -> !measure.traits().is(Traits.Known.COMMONPLACE))
                    .map(measure -> new OtherValue(measure, measure.outcome(evaluation)))
                    .toList();
        }
        return others.stream()
                .filter(other -> !other.measure().question().equals(question))
                .filter(other -> other.outcome().single().isPresent())
                .filter(other -> agreement
                        .of(answer, other.outcome())
                        .filter(Verdict.Agrees.class::isInstance)
                        .isPresent())
                .findFirst()
                .map(other -> new Verdict.OtherMeasure(
                        other.measure(), other.outcome().single().orElseThrow()));
    }

    private Verdict differs(Answer answer, Outcome outcome) {
        if (outcome.figures().isEmpty()) {
            return new Verdict.DiffersInKind(outcome.whyUndefined().orElseThrow());
        }
        if (answer instanceof Answer.Numbers numbers
                && numbers.numbers().size() == 1
                && outcome.figures().size() == 1) {
            Figure given = numbers.numbers().get(0).value();
            return new Verdict.Differs(given.minus(outcome.figures().get(0)));
        }
        int values = outcome.figures().size();
        return new Verdict.DiffersInKind(Sentence.of(values == 1 ? "differs.one" : "differs.several", values));
    }
}
