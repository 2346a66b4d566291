package promedio.core.number;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** The units that may stand behind a number or an answer: the sample’s own, usual words and signs, and squares of them. */
public final class Units {
    /** What a percent sign counts. */
    public static final String PERCENT = "%";

    private static final List<List<String>> SAME = List.of(
            List.of(PERCENT, "percent", "per cent", "pct"),
            List.of("s", "sec", "secs", "second", "seconds"),
            List.of("min", "mins", "minute", "minutes"),
            List.of("h", "hr", "hrs", "hour", "hours"),
            List.of("day", "days", "d"),
            List.of("week", "weeks"),
            List.of("month", "months"),
            List.of("year", "years", "yr", "yrs", "y"),
            List.of("mg", "milligram", "milligrams"),
            List.of("g", "gram", "grams", "gramme", "grammes"),
            List.of("kg", "kgs", "kilo", "kilos", "kilogram", "kilograms", "kilogramme", "kilogrammes"),
            List.of("t", "tonne", "tonnes", "ton", "tons"),
            List.of("lb", "lbs", "pound", "pounds"),
            List.of("mm", "millimetre", "millimetres", "millimeter", "millimeters"),
            List.of("cm", "cms", "centimetre", "centimetres", "centimeter", "centimeters"),
            List.of("m", "metre", "metres", "meter", "meters"),
            List.of("km", "kms", "kilometre", "kilometres", "kilometer", "kilometers"),
            List.of("in", "inch", "inches"),
            List.of("ft", "foot", "feet"),
            List.of("mile", "miles"),
            List.of("ml", "millilitre", "millilitres", "milliliter", "milliliters"),
            List.of("l", "litre", "litres", "liter", "liters"),
            List.of("°c", "degrees", "degree", "deg", "°", "°f"),
            List.of("€", "eur", "euro", "euros"),
            List.of("$", "usd", "dollar", "dollars"),
            List.of("£", "gbp"),
            List.of("rs", "rs.", "₹", "rupee", "rupees"),
            List.of("ct", "cent", "cents"),
            List.of("km/h", "kph"),
            List.of("m/s"),
            List.of("point", "points", "pt", "pts", "mark", "marks", "score"),
            List.of(
                    "person",
                    "persons",
                    "people",
                    "student",
                    "students",
                    "pupil",
                    "pupils",
                    "child",
                    "children",
                    "visitor",
                    "visitors",
                    "customer",
                    "customers",
                    "worker",
                    "workers",
                    "employee",
                    "employees",
                    "family",
                    "families",
                    "household",
                    "households",
                    "patient",
                    "patients"),
            List.of("value", "values", "item", "items", "unit", "units", "piece", "pieces", "times", "time"));

    private static final Map<String, String> KNOWN = new HashMap<>();

    static {
        SAME.forEach(words -> words.forEach(word -> KNOWN.put(word, words.get(0))));
    }

    private static final Pattern SQUARE =
            Pattern.compile("(?:sq\\.?|square)\\s+(.+)|(.+?)\\s*(?:²|\\^2|\\s+squared|\\s+sq\\.?)");

    /** The usual units as alternatives of a regular expression, the longer first; signs of money, which stand before, are not among them. */
    public static final String ALTERNATIVES = KNOWN.keySet().stream()
            .filter(word -> !"$£€₹".contains(word))
            .sorted(Comparator.comparing(String::length).reversed().thenComparing(Comparator.naturalOrder()))
            .map(Pattern::quote)
            .collect(Collectors.joining("|"));

    private Units() {}

    /**
     * A unit.
     *
     * @param name the first of the words that mean the same
     * @param power 1, or 2 for its square
     */
    public record Unit(String name, int power) {}

    /** Whether a word or sign is a usual unit by itself. */
    public static boolean isKnown(String word) {
        return KNOWN.containsKey(plain(word));
    }

    /** The unit that a text is, for a sample in a unit; empty when it is none. */
    public static Optional<Unit> read(String text, String sampleUnit) {
        String plain = plain(text);
        Optional<Unit> whole = named(plain, sampleUnit).map(name -> new Unit(name, 1));
        if (whole.isPresent()) {
            return whole;
        }
        Matcher square = SQUARE.matcher(plain);
        if (!square.matches()) {
            return Optional.empty();
        }
        String base = square.group(1) == null ? square.group(2) : square.group(1);
        return named(plain(base), sampleUnit).map(name -> new Unit(name, 2));
    }

    /** What the sample’s own unit is called here. */
    public static String nameOf(String sampleUnit) {
        String plain = plain(sampleUnit);
        return KNOWN.getOrDefault(plain, plain);
    }

    private static Optional<String> named(String plain, String sampleUnit) {
        String own = plain(sampleUnit);
        boolean same =
                !own.isEmpty() && Arrays.asList(own, own + "s", own + "es").contains(plain)
                        || !plain.isEmpty() && (plain + "s").equals(own);
        return same ? Optional.of(nameOf(sampleUnit)) : Optional.ofNullable(KNOWN.get(plain));
    }

    private static String plain(String text) {
        String bare = text.strip().toLowerCase(Locale.ROOT).replaceAll("[\\s\u00a0]+", " ");
        boolean bracketed = bare.length() > 2 && (bare.startsWith("(") && bare.endsWith(")"));
        return bracketed ? bare.substring(1, bare.length() - 1).strip() : bare;
    }
}
