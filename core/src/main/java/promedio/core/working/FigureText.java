package promedio.core.working;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import promedio.core.course.Accuracy;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.DecimalMark;
import promedio.core.formula.Outcome;
import promedio.core.number.Approximation;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.sentence.Sentence;

/**
 * Figures as text, the same everywhere on the paper: a true minus sign, the course's decimal mark, a narrow space between
 * thousands, and {@code …} wherever digits are cut.
 */
public final class FigureText {
    private static final int MOST_DIGITS_IN_FULL = 14;
    private static final int MOST_DIGITS_APPROXIMATE = 12;
    private static final int MOST_SHOWN = 20;
    private static final int FIRST_DIGITS = 2;
    private static final int MOST_NOUGHTS = 6;

    private final Accuracy accuracy;
    private final HalfRule halves;
    private final boolean comma;
    private final int dataPlaces;

    /**
     * A writer of figures.
     *
     * @param card says the places, the rounding and the decimal mark
     * @param dataPlaces the decimal places of the data
     */
    public FigureText(CourseCard card, int dataPlaces) {
        this.accuracy = card.get(CardKey.ACCURACY);
        this.halves = card.halves();
        this.comma = card.get(CardKey.DECIMAL_MARK) == DecimalMark.COMMA;
        this.dataPlaces = dataPlaces;
    }

    /** The figure as an answer: rounded as the card asks; a small probability, which would be 0, to its first digits. */
    public String answer(Figure figure) {
        BigDecimal rounded = accuracy.round(figure, dataPlaces, halves);
        boolean lost = figure instanceof Approximation && rounded.signum() == 0 && figure.signum() != 0;
        return lost ? small(figure.toFigures(FIRST_DIGITS, halves)) : plain(rounded);
    }

    /** So small a figure is written with a power of ten where there would be many noughts. */
    private String small(BigDecimal figure) {
        int exponent = figure.precision() - figure.scale() - 1;
        return exponent >= -MOST_NOUGHTS
                ? plain(figure)
                : plain(figure.movePointRight(-exponent).setScale(FIRST_DIGITS - 1, RoundingMode.HALF_UP)) + "e−"
                        + -exponent;
    }

    /** The figures of an outcome as an answer, several with a semicolon between, of many the first; empty when undefined. */
    public String answer(Outcome outcome) {
        List<? extends Figure> figures = outcome.figures();
        String shown = figures.stream()
                .limit(MOST_SHOWN)
                .map(outcome instanceof Outcome.Several ? this::oneOfSeveral : this::answer)
                .collect(Collectors.joining("; "));
        return figures.size() > MOST_SHOWN ? shown + "; …" : shown;
    }

    /** The same of a quantity that may be a count, which is whole however many places the card asks for. */
    public String answer(Outcome outcome, boolean counts) {
        return counts ? outcome.single().map(this::carried).orElseGet(() -> answer(outcome)) : answer(outcome);
    }

    /** Values of the sample stand as they were written; what was computed is rounded as the card asks. */
    private String oneOfSeveral(Figure figure) {
        boolean recorded = figure instanceof Exact exact
                && exact.placesInFull().isPresent()
                && exact.placesInFull().getAsInt() <= dataPlaces;
        return recorded ? carried(figure) : answer(figure);
    }

    /** Whether the answer as shown is the figure itself, so that = may stand before it. */
    public boolean answerIsExact(Figure figure) {
        return figure instanceof Exact exact
                && Exact.from(accuracy.round(figure, dataPlaces, halves)).equals(exact);
    }

    /**
     * The figure as exact working carries it: a decimal in full where it ends soon, else two places more than the answer
     * with {@code …}.
     */
    public String carried(Figure figure) {
        if (figure instanceof Approximation) {
            BigDecimal shown = figure.toFigures(MOST_DIGITS_APPROXIMATE, halves).stripTrailingZeros();
            return plain(shown.scale() < 0 ? shown.setScale(0) : shown);
        }
        if (figure instanceof Exact exact) {
            OptionalInt places = exact.placesInFull();
            if (places.isPresent() && places.getAsInt() + Math.max(0, exact.magnitude()) <= MOST_DIGITS_IN_FULL) {
                return plain(exact.toPlaces(places.getAsInt(), halves));
            }
        }
        return plain(cut(figure, Math.max(0, accuracy.placesFor(figure, dataPlaces) + 2))) + "…";
    }

    /** A sentence whose figures are written like all others on the paper. */
    public Sentence written(Sentence sentence) {
        return new Sentence(
                sentence.key(),
                sentence.facts().stream()
                        .map(fact -> fact instanceof Sentence inner
                                ? written(inner)
                                : fact instanceof Exact exact ? carried(exact) : fact)
                        .toList());
    }

    /** The figure rounded to some places, as a line of rounded working shows it. */
    public String rounded(Figure figure, int places) {
        return plain(figure.toPlaces(places, halves));
    }

    /** The first digits of a figure, the rest cut off and not rounded. */
    static BigDecimal cut(Figure figure, int places) {
        BigDecimal rounded = figure.toPlaces(places, HalfRule.HALF_UP);
        Figure size = figure.abs();
        if (size.compare(Exact.from(rounded.abs())) < 0) {
            BigDecimal step = BigDecimal.ONE.movePointLeft(places);
            return rounded.signum() < 0 ? rounded.add(step) : rounded.subtract(step);
        }
        return rounded;
    }

    /** A decimal with a true minus, the decimal mark and spaces between thousands. */
    public String plain(BigDecimal decimal) {
        String text = decimal.abs().toPlainString();
        int point = text.indexOf('.');
        String whole = point < 0 ? text : text.substring(0, point);
        StringBuilder grouped = new StringBuilder(Sentence.grouped(whole));
        if (point >= 0) {
            grouped.append(comma ? ',' : '.').append(text, point + 1, text.length());
        }
        return (decimal.signum() < 0 ? "−" : "") + grouped;
    }
}
