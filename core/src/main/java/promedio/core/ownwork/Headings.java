package promedio.core.ownwork;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.ResourceBundle;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;

/** What headings of columns mean, from {@code headings.properties}. */
final class Headings {
    private static final ResourceBundle WORDS = ResourceBundle.getBundle("promedio.core.ownwork.headings", Locale.ROOT);
    private static final Map<String, List<Quantity>> MEANINGS = new LinkedHashMap<>();
    /** x − 25, (x − 25)/5, f(x − 25)²: what is left of the letter, the number, and what is behind it. */
    private static final Pattern SHIFTED =
            Pattern.compile("(f?)\\(?x-([0-9]+(?:\\.[0-9]+)?)\\)?(?:/([0-9]+(?:\\.[0-9]+)?))?(2?)");

    static {
        for (Quantity one : Quantity.values()) {
            if (one.isColumn()) {
                add(one.id(), one);
                for (String way : WORDS.getString(one.id()).split(" \\| ", -1)) {
                    add(plain(way), one);
                }
            }
        }
    }

    private Headings() {}

    private static void add(String word, Quantity meaning) {
        List<Quantity> known = MEANINGS.computeIfAbsent(word, any -> new ArrayList<>());
        if (!word.isEmpty() && !known.contains(meaning)) {
            known.add(meaning);
        }
    }

    /** A heading with everything taken away that may be written so or otherwise. */
    private static String plain(String heading) {
        String text = heading.strip()
                .toLowerCase(Locale.ROOT)
                .replace("x̄", "m")
                .replace("x̅", "m")
                .replace("ȳ", "k")
                .replace("y̅", "k")
                .replaceAll("x[- ]?bar|\\bmean\\b", "m")
                .replaceAll("y[- ]?bar", "k")
                .replace('μ', 'm')
                .replace('µ', 'm')
                .replaceAll("[−–—]", "-")
                .replace("²", "2")
                .replace("³", "3")
                .replace("⁴", "4")
                .replaceAll("(?<=[0-9]),(?=[0-9])", ".")
                .replaceAll("[\\s·×*^_]", "")
                .replaceAll("[ᵢ]|(?<=[xfyud])i\\b", "");
        // Units in brackets behind a word say nothing of what it is.
        return text.replaceFirst("(?<=\\p{L}{3})\\((?!.*[-+|]).*\\)$", "");
    }

    /**
     * What a heading may mean.
     *
     * @param origin A where it stands in the heading
     * @param step h where it stands in the heading
     */
    record Meaning(List<Quantity> all, Optional<Exact> origin, Optional<Exact> step) {}

    /** What a heading may mean, the likeliest first; nothing where it says nothing that is known. */
    static Meaning of(String heading, Optional<Exact> mean) {
        String plain = plain(heading);
        List<Quantity> known = MEANINGS.getOrDefault(heading.strip().toLowerCase(Locale.ROOT), MEANINGS.get(plain));
        if (known != null) {
            return new Meaning(known, Optional.empty(), Optional.empty());
        }
        Matcher shifted = SHIFTED.matcher(plain);
        if (!shifted.matches()) {
            return new Meaning(List.of(), Optional.empty(), Optional.empty());
        }
        Exact origin = number(shifted.group(2));
        boolean scaled = shifted.group(3) != null;
        boolean aboutMean = !scaled
                && mean.filter(m -> new Written(origin, places(shifted.group(2)), 9).isRounded(m))
                        .isPresent();
        List<Quantity> family = scaled
                ? List.of(Quantity.U, Quantity.FU, Quantity.U2, Quantity.FU2)
                : aboutMean
                        ? List.of(Quantity.DEVIATION, Quantity.DEVIATION, Quantity.DEVIATION2, Quantity.F_DEVIATION2)
                        : List.of(Quantity.D, Quantity.FD, Quantity.D2, Quantity.FD2);
        int which = (shifted.group(1).isEmpty() ? 0 : 1) + (shifted.group(4).isEmpty() ? 0 : 2);
        return new Meaning(
                List.of(family.get(which)),
                Optional.of(origin),
                scaled ? Optional.of(number(shifted.group(3))) : Optional.empty());
    }

    private static OptionalInt places(String number) {
        int point = number.indexOf('.');
        return OptionalInt.of(point < 0 ? 0 : number.length() - point - 1);
    }

    private static Exact number(String text) {
        return Numerals.POINT.read(text).map(Numerals.Numeral::exact).orElse(Exact.ZERO);
    }

    /** The headings that are understood as one of these. */
    static List<String> of(Quantity one) {
        return Arrays.asList(WORDS.getString(one.id()).split(" \\| ", -1));
    }
}
