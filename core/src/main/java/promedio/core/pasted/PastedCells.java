package promedio.core.pasted;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.assignment.OpenFrequency;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.number.Units;
import promedio.core.tabulate.ClassLabel;

/** What single cells hold, in the numbers of their text, and how they are written in those of the course card. */
final class PastedCells {
    private static final Pattern WITH_UNIT = Pattern.compile(
            "(?:(?<money>[$£€₹¥]|Rs\\.?)\\s?)?(?<number>[+\u2212–-]?\\s?[0-9.,][0-9.,]*(?:[eE][+-]?[0-9]+)?)"
                    + "(?:\\s?(?<unit>[\\p{L}°][\\p{L}°/²³.]*|[%€$£₹]))?\\.?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern TOTAL = Pattern.compile(
            "(?i)(?:grand |sub-?)?totals?|sum|mean|average|all|altogether|[nN]|[ΣƩ∑]\\s*\\p{L}{0,2}|sum of .*|total .*");
    private static final Pattern TOTAL_OF =
            Pattern.compile("(?iu)(?:total|sum|[ΣƩ∑]\\s*f?[ᵢi]?|n)\\s*[=:]\\s*[0-9.,]+");
    private static final Pattern TALLY = Pattern.compile("[|/\\\\Il卌𝍸𝍷\\s-]{1,60}");
    private static final Pattern BEGINS = Pattern.compile("([0-9][0-9.,]*)\\s?[-–—−]");
    private static final Pattern IN_LABEL = Pattern.compile("[0-9][0-9.,]*[0-9]|[0-9]");
    private static final int LONGEST = 60;

    private final NumberStyle style;
    private final Numerals card;
    private final Lexer lexer;

    PastedCells(NumberStyle style, Numerals card) {
        this(style, card, () -> {});
    }

    /** @param pause what is asked at every line; it stops the work by throwing */
    PastedCells(NumberStyle style, Numerals card, Runnable pause) {
        this.style = style;
        this.card = card;
        this.lexer = new Lexer(style, pause);
    }

    /** Takes lines apart; it knows lines that were taken apart before. */
    Lexer lexer() {
        return lexer;
    }

    /**
     * A number with what stands about it.
     *
     * @param numeral the number
     * @param unit its unit; may be empty
     */
    record Quantity(Numerals.Numeral numeral, String unit) {
        Exact value() {
            return numeral.exact();
        }
    }

    NumberStyle style() {
        return style;
    }

    Numerals card() {
        return card;
    }

    Optional<Quantity> number(String cell) {
        Optional<Numerals.Numeral> bare = style.numerals().read(cell);
        if (bare.isPresent()) {
            return bare.map(numeral -> new Quantity(numeral, numeral.percent() ? "%" : ""));
        }
        String text = cell.strip();
        if (text.length() > LONGEST || text.isEmpty()) {
            return Optional.empty();
        }
        Matcher with = WITH_UNIT.matcher(text);
        if (!with.matches()) {
            return Optional.empty();
        }
        String unit = with.group("money") != null ? with.group("money") : with.group("unit");
        String number = with.group("number").replace(" ", "").replace('–', '-').replaceFirst("[.,]$", "");
        boolean word = unit == null || unit.length() > 1 || Units.isKnown(unit);
        return word
                ? style.numerals().read(number).map(numeral -> new Quantity(numeral, unit == null ? "" : unit.strip()))
                : Optional.empty();
    }

    boolean isNumber(String cell) {
        return number(cell).isPresent();
    }

    /** A number as it is typed under the card; other text as it stands. */
    String written(String cell) {
        String text = cell.strip();
        Optional<Quantity> number = number(text);
        if (number.isEmpty()
                || card.read(text).filter(read -> !read.percent()).isPresent()
                        && style.numerals().equals(card)) {
            return text;
        }
        return card.write(number.get().numeral().value()) + (number.get().unit().equals("%") ? " %" : "");
    }

    /** A class in the card's way to write numbers; empty when it is none, a single number being none here. */
    Optional<ClassLabel> label(String cell) {
        return ClassLabel.parse(cell, style.numerals()).filter(label -> label.kind() != ClassLabel.Kind.SINGLE);
    }

    /** A class as it is typed under the card. */
    String writtenClass(String cell) {
        String text = cell.strip();
        if (style.numerals().equals(card)) {
            return text;
        }
        return IN_LABEL.matcher(text).replaceAll(number -> style.numerals()
                .read(number.group())
                .map(read -> card.write(read.value()))
                .orElse(number.group()));
    }

    /** Where a class begins that is written by its beginning only: {@code 10-}. */
    Optional<Exact> begins(String cell) {
        Matcher begins = BEGINS.matcher(cell.strip());
        return begins.matches()
                ? style.numerals().read(begins.group(1)).map(Numerals.Numeral::exact)
                : Optional.empty();
    }

    boolean isClass(String cell) {
        return label(cell).isPresent();
    }

    /** A letter or a sign for a frequency that is to be found. */
    boolean isOpen(String cell) {
        return OpenFrequency.is(cell);
    }

    boolean isTotalWord(String cell) {
        String text = cell.strip().replaceFirst("\\s*[:=]$", "");
        return text.length() < LONGEST && TOTAL.matcher(text).matches();
    }

    /** {@code Σf = 50}. */
    boolean isTotalOf(String cell) {
        return cell.length() < LONGEST && TOTAL_OF.matcher(cell.strip()).matches();
    }

    boolean isTally(String cell) {
        return !cell.isBlank() && TALLY.matcher(cell.strip()).matches();
    }

    /** The one unit of all numbers, or of the last of them, for all; empty text where there is none, or not the same. */
    String commonUnit(List<String> texts) {
        String unit = null;
        boolean ended = false;
        for (String text : texts) {
            Optional<String> here = number(text).map(Quantity::unit);
            if (here.isPresent()) {
                boolean first = unit == null;
                boolean last = !first && unit.isEmpty() && !ended;
                if (ended || !first && !last && !unit.equals(here.get())) {
                    return "";
                }
                ended = last && !here.get().isEmpty();
                unit = here.get();
            }
        }
        return unit == null ? "" : unit;
    }

    /** Values as they are typed under the card: units that are all the same go, others make their cells no numbers. */
    List<String> values(List<String> texts) {
        boolean same = !commonUnit(texts).isEmpty();
        return texts.stream()
                .map(text -> same || !hasUnit(text) ? written(text) : text.strip())
                .toList();
    }

    private boolean hasUnit(String text) {
        return number(text)
                .filter(number -> !number.unit().isEmpty() && !number.unit().equals("%"))
                .isPresent();
    }

    /** Without the marks that a sentence puts behind a word. */
    static String bare(String text) {
        return text.strip().replaceFirst("\\s*[:=]+$", "").strip();
    }

    static String lower(String text) {
        return text.strip().toLowerCase(Locale.ROOT);
    }
}
