package promedio.core.course;

import java.math.BigDecimal;
import java.util.Optional;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;

/**
 * How far an answer is to be rounded.
 *
 * @param kind what {@code digits} counts
 * @param digits decimal places, significant figures, or places more than the data have
 */
public record Accuracy(Kind kind, int digits) {
    /** What is counted. */
    public enum Kind {
        /** Decimal places. */
        PLACES,
        /** Significant figures. */
        FIGURES,
        /** Decimal places more than the data have. */
        MORE_THAN_DATA
    }

    /** Two decimal places. */
    public static final Accuracy TWO_PLACES = places(2);

    private static final int MOST = 12;

    /** @throws IllegalArgumentException when the digits are not 0 to 12, or 0 figures */
    public Accuracy {
        if (digits < (kind == Kind.FIGURES ? 1 : 0) || digits > MOST) {
            throw new IllegalArgumentException("Between 0 and " + MOST + " places, or 1 and " + MOST
                    + " figures can be asked for, not " + digits + ".");
        }
    }

    /** Some decimal places. */
    public static Accuracy places(int places) {
        return new Accuracy(Kind.PLACES, places);
    }

    /** Reads {@code 2}, {@code data+1} (key places) or {@code 3} (key figures); empty when it is none of them. */
    public static Optional<Accuracy> parse(String text, boolean figures) {
        Kind kind = figures ? Kind.FIGURES : text.startsWith("data+") ? Kind.MORE_THAN_DATA : Kind.PLACES;
        String digits = kind == Kind.MORE_THAN_DATA ? text.substring("data+".length()) : text;
        if (!digits.matches("[0-9]{1,2}") || Integer.parseInt(digits) > MOST || figures && digits.matches("0+")) {
            return Optional.empty();
        }
        return Optional.of(new Accuracy(kind, Integer.parseInt(digits)));
    }

    /** The id on files and the command line: {@code 2}, {@code data+1}, {@code 3 figures}. */
    public String id() {
        return switch (kind) {
            case PLACES -> Integer.toString(digits);
            case MORE_THAN_DATA -> "data+" + digits;
            case FIGURES -> digits + " figures";
        };
    }

    /** The decimal places that a figure is rounded to, given the places of the data. */
    public int placesFor(Figure figure, int dataPlaces) {
        return switch (kind) {
            case PLACES -> digits;
            case MORE_THAN_DATA -> dataPlaces + digits;
            case FIGURES -> figure.signum() == 0 ? digits - 1 : digits - 1 - figure.magnitude();
        };
    }

    /** The figure rounded so far. */
    public BigDecimal round(Figure figure, int dataPlaces, HalfRule halves) {
        return kind == Kind.FIGURES
                ? figure.toFigures(digits, halves)
                : figure.toPlaces(placesFor(figure, dataPlaces), halves);
    }
}
