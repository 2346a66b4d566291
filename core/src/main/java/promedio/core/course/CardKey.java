package promedio.core.course;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * One convention of the course card: its key on the command line, its subject, its choices and which of them holds where
 * the card says nothing.
 *
 * @param <T> the type of its choices
 */
public final class CardKey<T> {
    /** What a convention is about; the card is grouped by it. */
    public enum Subject {
        /** Mean, median, mode. */
        CENTRE,
        /** Quartiles and other positions. */
        POSITION,
        /** Variance and its kin. */
        SPREAD,
        /** Skewness and kurtosis. */
        SHAPE,
        /** Class tables. */
        CLASSES,
        /** How answers and working are written. */
        WRITING
    }

    /** What a sum of squares is divided by. */
    public static final CardKey<Divisor> DIVISOR = of("divisor", Subject.SPREAD, Divisor.values());
    /** What it is divided by in class tables. */
    public static final CardKey<GroupedDivisor> GROUPED_DIVISOR =
            of("grouped-divisor", Subject.CLASSES, GroupedDivisor.values());
    /** How quartiles are read. */
    public static final CardKey<QuartileRule> QUARTILES = of("quartiles", Subject.POSITION, QuartileRule.values());
    /** How deciles, percentiles and other quantiles are read. */
    public static final CardKey<QuantileRule> QUANTILES =
            finite("quantiles", Subject.POSITION, QuantileRule.HF6, List.of(QuantileRule.values()), QuantileRule::id);
    /** The median of an even number of values. */
    public static final CardKey<MedianRule> MEDIAN = of("median", Subject.CENTRE, MedianRule.values());
    /** The mode of ties. */
    public static final CardKey<ModeTies> MODE_TIES = of("mode-ties", Subject.CENTRE, ModeTies.values());
    /** The position of quantiles in class tables. */
    public static final CardKey<GroupedPosition> GROUPED_POSITION =
            of("grouped-position", Subject.CLASSES, GroupedPosition.values());
    /** The mode of class tables. */
    public static final CardKey<GroupedMode> GROUPED_MODE = of("grouped-mode", Subject.CLASSES, GroupedMode.values());
    /** The boundaries of classes with gaps. */
    public static final CardKey<Boundaries> BOUNDARIES = of("boundaries", Subject.CLASSES, Boundaries.values());
    /** The end of open classes. */
    public static final CardKey<OpenEnds> OPEN_ENDS = of("open-ends", Subject.CLASSES, OpenEnds.values());
    /** The closed end of classes. */
    public static final CardKey<Closed> CLOSED = of("closed", Subject.CLASSES, Closed.values());
    /** The correction for grouping. */
    public static final CardKey<Sheppard> SHEPPARD = of("sheppard", Subject.CLASSES, Sheppard.values());
    /** The centre of the mean deviation. */
    public static final CardKey<DeviationCentre> DEVIATION_CENTRE =
            of("deviation-centre", Subject.SPREAD, DeviationCentre.values());
    /** The coefficient called skewness. */
    public static final CardKey<SkewnessChoice> SKEWNESS = of("skewness", Subject.SHAPE, SkewnessChoice.values());
    /** The coefficient called kurtosis. */
    public static final CardKey<KurtosisChoice> KURTOSIS = of("kurtosis", Subject.SHAPE, KurtosisChoice.values());
    /** The percentile rank of values that occur. */
    public static final CardKey<PercentileRankRule> PERCENTILE_RANK =
            of("percentile-rank", Subject.POSITION, PercentileRankRule.values());
    /** The fences for outliers. */
    public static final CardKey<OutlierRule> OUTLIERS = of("outliers", Subject.POSITION, OutlierRule.values());
    /** The unit of the coefficient of variation. */
    public static final CardKey<CvUnit> CV = of("cv", Subject.SPREAD, CvUnit.values());
    /** What happens to a half. */
    public static final CardKey<Rounding> ROUNDING = of("rounding", Subject.WRITING, Rounding.values());
    /** How far answers are rounded. */
    public static final CardKey<Accuracy> ACCURACY = new CardKey<>(
            "places",
            Subject.WRITING,
            Accuracy.TWO_PLACES,
            List.of(
                    Accuracy.places(0),
                    Accuracy.places(1),
                    Accuracy.TWO_PLACES,
                    Accuracy.places(3),
                    Accuracy.places(4),
                    new Accuracy(Accuracy.Kind.FIGURES, 3),
                    new Accuracy(Accuracy.Kind.FIGURES, 4),
                    new Accuracy(Accuracy.Kind.MORE_THAN_DATA, 1)),
            Accuracy::id,
            text -> text.endsWith(" figures")
                    ? Accuracy.parse(text.substring(0, text.indexOf(' ')), true)
                    : Accuracy.parse(text, false));
    /** How lines of working are carried: exactly, or rounded to some places. */
    public static final CardKey<Optional<Integer>> WORKING = new CardKey<>(
            "working",
            Subject.WRITING,
            Optional.empty(),
            List.of(Optional.empty(), Optional.of(0), Optional.of(1), Optional.of(2), Optional.of(3), Optional.of(4)),
            places -> places.map(Object::toString).orElse("exact"),
            text -> text.equals("exact")
                    ? Optional.of(Optional.empty())
                    : text.matches("[0-9]|1[0-2]")
                            ? Optional.of(Optional.of(Integer.valueOf(text)))
                            : Optional.empty());
    /** How many units of the last place an answer may be off. */
    public static final CardKey<Integer> TOLERANCE = new CardKey<>(
            "tolerance",
            Subject.WRITING,
            0,
            List.of(0, 1, 2, 5),
            Object::toString,
            text -> text.matches("[0-9]{1,3}") ? Optional.of(Integer.valueOf(text)) : Optional.empty());
    /** What frequencies are. */
    public static final CardKey<Frequencies> FREQUENCIES = of("frequencies", Subject.CLASSES, Frequencies.values());
    /** The decimal mark. */
    public static final CardKey<DecimalMark> DECIMAL_MARK = of("decimal-mark", Subject.WRITING, DecimalMark.values());
    /** The letter for the mean. */
    public static final CardKey<MeanLetter> MEAN_LETTER = of("mean-letter", Subject.WRITING, MeanLetter.values());
    /** The letter for the median. */
    public static final CardKey<MedianLetter> MEDIAN_LETTER =
            of("median-letter", Subject.WRITING, MedianLetter.values());
    /** The letters for the mode. */
    public static final CardKey<ModeLetter> MODE_LETTER = of("mode-letter", Subject.WRITING, ModeLetter.values());

    private static final List<CardKey<?>> ALL = List.of(
            DIVISOR,
            QUARTILES,
            QUANTILES,
            MEDIAN,
            MODE_TIES,
            DEVIATION_CENTRE,
            CV,
            OUTLIERS,
            PERCENTILE_RANK,
            SKEWNESS,
            KURTOSIS,
            GROUPED_DIVISOR,
            GROUPED_POSITION,
            GROUPED_MODE,
            BOUNDARIES,
            OPEN_ENDS,
            CLOSED,
            SHEPPARD,
            FREQUENCIES,
            ACCURACY,
            ROUNDING,
            WORKING,
            TOLERANCE,
            DECIMAL_MARK,
            MEAN_LETTER,
            MEDIAN_LETTER,
            MODE_LETTER);

    private final String id;
    private final Subject subject;
    private final T standard;
    private final List<T> choices;
    private final Function<T, String> naming;
    private final Function<String, Optional<T>> parsing;

    private CardKey(
            String id,
            Subject subject,
            T standard,
            List<T> choices,
            Function<T, String> naming,
            Function<String, Optional<T>> parsing) {
        this.id = id;
        this.subject = subject;
        this.standard = standard;
        this.choices = choices;
        this.naming = naming;
        this.parsing = parsing;
    }

    private static <T extends Choice> CardKey<T> of(String id, Subject subject, T[] choices) {
        return finite(id, subject, choices[0], Arrays.asList(choices), Choice::id);
    }

    private static <T> CardKey<T> finite(
            String id, Subject subject, T standard, List<T> choices, Function<T, String> naming) {
        return new CardKey<>(id, subject, standard, choices, naming, text -> choices.stream()
                .filter(choice -> naming.apply(choice).equals(text))
                .findFirst());
    }

    /** All keys, in the order of the card. */
    public static List<CardKey<?>> all() {
        return ALL;
    }

    /** The key with an id; {@code figures} is another way to say {@code places}. */
    public static Optional<CardKey<?>> find(String id) {
        String known = id.equals("figures") ? ACCURACY.id : id;
        return ALL.stream().filter(key -> key.id.equals(known)).findFirst();
    }

    /** The key on the command line and in files. */
    public String id() {
        return id;
    }

    /** What it is about. */
    public Subject subject() {
        return subject;
    }

    /** The choice where nothing is said. */
    public T standard() {
        return standard;
    }

    /** The choices to offer; of a number, the usual ones. */
    public List<T> choices() {
        return choices;
    }

    /** The id of a choice. */
    public String idOf(T choice) {
        return naming.apply(choice);
    }

    /** The choice with an id; empty when there is none. */
    public Optional<T> parse(String text) {
        return parsing.apply(text);
    }
}
