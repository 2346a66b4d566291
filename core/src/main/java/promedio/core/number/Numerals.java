package promedio.core.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Text to number, the only place where that happens: definitions, section 1. The decimal mark is always stated, so
 * {@code 1,5} is one and a half or not a number, never fifteen.
 *
 * @param decimalMark {@code '.'} or {@code ','}
 * @param thousandsMark what may stand between groups of three digits, or 0 for nothing
 */
public record Numerals(char decimalMark, char thousandsMark) {
    /** A point as decimal mark, and no thousands mark. */
    public static final Numerals POINT = new Numerals('.', (char) 0);
    /** A comma as decimal mark, and no thousands mark. */
    public static final Numerals COMMA = new Numerals(',', (char) 0);

    /** The most significant digits a number may have. */
    public static final int MOST_DIGITS = 34;

    private static final int MOST_CHARACTERS = 1_000;
    /** So many characters make less than 2⁶³. */
    private static final int MOST_PLAIN = 18;

    private static final int LARGEST_EXPONENT = 308;
    private static final Pattern NUMBER =
            Pattern.compile("([+\\-\u2212]?)([0-9]*)(?:\\.([0-9]*))?(?:[eE]([+\\-\u2212]?)([0-9]{1,9}))?(\\s*%)?");
    private static final Pattern NUMBER_LIKE =
            Pattern.compile("[+\\-\u2212]?[0-9][0-9.,]*+(?:[eE][+\\-\u2212]?[0-9]++)?");
    private static final Pattern WRITTEN =
            Pattern.compile("[+\\-\u2212]?[0-9]++(?:\\.[0-9]*+)?(?:[eE][+\\-\u2212]?[0-9]++)?");
    private static final Pattern GROUPED = Pattern.compile("[+\\-\u2212]?[0-9]{1,3}(?:_[0-9]{3})+(?:[.eE%\\s].*)?");

    /** @throws IllegalArgumentException when the decimal mark is neither point nor comma, or both marks are the same */
    public Numerals {
        if (decimalMark != '.' && decimalMark != ',' || decimalMark == thousandsMark) {
            throw new IllegalArgumentException("No such pair of marks: " + decimalMark + " and " + thousandsMark);
        }
    }

    /**
     * A number as it was written.
     *
     * @param value its exact value; for {@code 12 %} the value is 12
     * @param places the decimal places written; {@code 12.50} has two, {@code 1e3} none
     * @param percent whether a percent sign stood behind it
     */
    public record Numeral(BigDecimal value, int places, boolean percent) {
        /** The value as a ratio. */
        public Exact exact() {
            return Exact.from(value);
        }
    }

    /**
     * Reads one number; blanks at both ends do not matter.
     *
     * @return empty when the text is not a number, has more than {@value #MOST_DIGITS} significant digits, or its size
     *     is neither 0 nor from 1e-308 to below 1e308
     */
    public Optional<Numeral> read(String text) {
        String trimmed = text.strip();
        if (trimmed.isEmpty() || trimmed.length() > MOST_CHARACTERS) {
            return Optional.empty();
        }
        return plain(trimmed).flatMap(Numerals::readPlain);
    }

    /**
     * Reads a plain decimal, digits with a sign and this decimal mark and nothing else, straight into a column; most cells of
     * large files are such.
     *
     * @return false when the text is not one, and nothing was added; it may still be a number
     */
    public boolean addPlain(String text, Decimals.Builder to) {
        int length = text.length();
        int at = length > 0 && (text.charAt(0) == '-' || text.charAt(0) == '+') ? 1 : 0;
        if (length == at || length - at > MOST_PLAIN) {
            return false;
        }
        long unit = 0;
        int mark = -1;
        for (int i = at; i < length; i++) {
            char character = text.charAt(i);
            if (character >= '0' && character <= '9') {
                unit = 10 * unit + (character - '0');
            } else if (character == decimalMark && mark < 0 && length > at + 1) {
                mark = i;
            } else {
                return false;
            }
        }
        to.add(text.charAt(0) == '-' ? -unit : unit, mark < 0 ? 0 : length - 1 - mark);
        return true;
    }

    /** The text with a point as decimal mark and without thousands marks. */
    private Optional<String> plain(String text) {
        String plain = text;
        if (thousandsMark != 0 && text.indexOf(thousandsMark) >= 0) {
            if (text.indexOf('_') >= 0) {
                return Optional.empty();
            }
            plain = plain.replace(thousandsMark, '_').replace(decimalMark, '.');
            return GROUPED.matcher(plain).matches() ? Optional.of(plain.replace("_", "")) : Optional.empty();
        }
        if (decimalMark == ',') {
            return text.indexOf('.') >= 0 ? Optional.empty() : Optional.of(text.replace(',', '.'));
        }
        return Optional.of(plain);
    }

    /** Whether a sign that stands in no number tells at once that a text is something else, as most dates and times of day are. */
    public static boolean isOtherwise(String text) {
        for (int i = 1; i < text.length(); i++) {
            char sign = text.charAt(i);
            if (sign == ':' || sign == '/' || sign == '-' && "eE".indexOf(text.charAt(i - 1)) < 0) {
                return true;
            }
        }
        return false;
    }

    private static Optional<Numeral> readPlain(String text) {
        Matcher matcher = NUMBER.matcher(text);
        if (isOtherwise(text) || !matcher.matches()) {
            return Optional.empty();
        }
        String whole = matcher.group(2);
        String part = matcher.group(3) == null ? "" : matcher.group(3);
        String digits = whole + part;
        if (digits.isEmpty()) {
            return Optional.empty();
        }
        int exponent = matcher.group(5) == null ? 0 : Integer.parseInt(matcher.group(5));
        boolean smaller = matcher.group(4) != null
                && !matcher.group(4).isEmpty()
                && !matcher.group(4).equals("+");
        boolean negative = !matcher.group(1).isEmpty() && !matcher.group(1).equals("+");
        boolean percent = matcher.group(6) != null;
        return value(digits, part.length(), smaller ? -exponent : exponent, negative)
                .map(value -> new Numeral(value, Math.max(0, value.scale()), percent));
    }

    private static Optional<BigDecimal> value(String digits, int places, int exponent, boolean negative) {
        int first = 0;
        while (first < digits.length() && digits.charAt(first) == '0') {
            first++;
        }
        if (first == digits.length()) {
            return Optional.of(BigDecimal.ZERO.setScale(Math.min(places, MOST_DIGITS)));
        }
        int last = digits.length();
        while (digits.charAt(last - 1) == '0') {
            last--;
        }
        long firstExponent = (long) digits.length() - first - 1 - places + exponent;
        if (last - first > MOST_DIGITS || firstExponent < -LARGEST_EXPONENT || firstExponent >= LARGEST_EXPONENT) {
            return Optional.empty();
        }
        BigDecimal value = new BigDecimal(new BigInteger(digits), places).scaleByPowerOfTen(exponent);
        if (value.scale() > 2 * LARGEST_EXPONENT) {
            value = value.stripTrailingZeros();
        }
        return Optional.of(negative ? value.negate() : value);
    }

    /** Whether text is written like a number, be it too large, too small or too long to be read as one. */
    public boolean looksLikeNumber(String text) {
        return read(text).isPresent() || NUMBER_LIKE.matcher(text.strip()).matches();
    }

    /** Whether text is a number but for its size, or for more digits than a number may have. */
    public boolean isBeyond(String text) {
        return (decimalMark == '.' || text.indexOf('.') < 0)
                && read(text).isEmpty()
                && WRITTEN.matcher(text.strip().replace(decimalMark, '.')).matches();
    }

    /** A short hint for text that is nearly a number, such as {@code 17O} for 170; empty where none suggests itself. */
    public Optional<String> hint(String text) {
        String mended = text.strip()
                .replace('O', '0')
                .replace('o', '0')
                .replace('l', '1')
                .replace('I', '1')
                .replace(" ", "")
                .toLowerCase(Locale.ROOT);
        if (!mended.equals(text) && read(mended).isPresent()) {
            return Optional.of(mended);
        }
        String otherMark = decimalMark == '.' ? text.replace(',', '.') : text.replace('.', ',');
        return !otherMark.equals(text) && read(otherMark).isPresent() ? Optional.of(otherMark) : Optional.empty();
    }

    /** A decimal as it is typed with this decimal mark, so that reading it gives the same number back. */
    public String write(BigDecimal decimal) {
        return decimal.toPlainString().replace('.', decimalMark);
    }

    /** A ratio that ends as a decimal, as it is typed. @throws IllegalArgumentException for one that does not end */
    public String write(Exact value) {
        int places = value.placesInFull()
                .orElseThrow(() -> new IllegalArgumentException(value + " does not end as a decimal."));
        return write(value.toPlaces(places, HalfRule.HALF_UP));
    }
}
