package promedio.core.pasted;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.number.Units;

/** What the heading of a column says that it holds. */
enum Role {
    /** Frequencies. */
    FREQUENCY(
            "f|f\\s?[_]?[iᵢ]|freq(?:uency|uencies|s|\\.)?|frequency\\s*[,:]?\\s*\\(?\\s*f.?\\s*\\)?|f.?\\s*\\(frequency\\)"
                    + "|\\(\\s*f.?\\s*\\)\\s*frequency|(?:no|nos|num|nr)\\b\\.?\\s*(?:of\\b|\\(f\\)).*|(?:no|num)\\.?\\s+\\S.*|numbers?\\s+of\\b.*"
                    + "|(?:count|frequency|freq\\.)\\s*of\\b.*|#\\s*\\S.*|counts?|number|times|how many|observed(?: frequency)?"
                    + "|(?:absolute|simple|class|total)\\s+freq\\S*|.*\\(\\s*f[iᵢ]?\\s*\\)"),
    /** Shares of the whole. */
    SHARE(
            "rel(?:ative)?\\.?\\s*(?:freq\\S*|f\\.?)|r\\.?\\s?f\\.?|proportions?.*|per\\s?cent(?:age)?s?(?:\\s.*)?|%.*|.*\\(%\\)|shares?|probabilit(?:y|ies)"),
    /** Running totals. */
    CUMULATIVE(
            "c\\.?\\s?f\\.?|c\\.?\\s?freq\\S*|cum(?:ulative|ul|m)?\\b\\.?.*|(?:less|more|greater)\\s+than(?:\\s+type)?\\s+(?:c\\.?\\s?f|cum).*|running totals?|.*\\(c\\.?f\\.?\\)"),
    /** Midpoints of classes. */
    MIDPOINT("mid.*|class\\s?-?\\s?(?:marks?|mid.*)|x\\s?_?[iᵢ]?|m\\s?_?[iᵢ]?|centres?|centers?|x\\s*\\(mid.*\\)"),
    /** Numbers that only count the rows. */
    SERIAL(
            "(?:s|sr|sl|ser|serial|roll|obs|observation|student|item|case|row|reg)\\b\\.?\\s*(?:no|nr|num|number|#)?\\b\\.?|#|no\\.?|nr\\.?|id|s\\.?n\\.?"),
    /** Products with the frequencies. */
    PRODUCT("(?:f[iᵢ]?|frequency)\\s?[·×*.]?\\s?[|(]?\\s?[xdmuyX].*|[xdmu][iᵢ]?²?\\s?[·×*.]?\\s?f[iᵢ]?|f\\s?\\(.*"),
    /** Deviations, and their squares. */
    DEVIATION(
            "[du]\\s?[iᵢ]?(?:[²2']|\\^2)?(?:\\s*=.*)?|\\|?\\(?\\s?[xXm][iᵢ]?\\s?[-–−].*|[x]\\s?[iᵢ]?(?:²|\\^2)|deviations?.*"),
    /** Strokes. */
    TALLY("tall(?:y|ies)(?:\\s+(?:marks?|bars?|strokes?))?|strokes"),
    /** Lower ends of classes in a column of their own. */
    LOWER("(?:class\\s+)?(?:lower|from|at least|start|begins?).*"),
    /** Upper ends. */
    UPPER("(?:class\\s+)?(?:upper|to|till|less than|below|up to|end|ends)(?:\\s+(?:limits?|bound.*|class.*))?"),
    /** Classes. */
    CLASS(
            "class(?:es)?(?:[\\s-]*(?:intervals?|groups?|limits?|boundaries))?(?:\\s*\\(.*\\))?|intervals?|groups?|age|c\\.?\\s?i\\.?|.*\\s(?:intervals?|groups?)");

    private static final Pattern PEOPLE = Pattern.compile(
            "(?:students?|people|persons|pupils|boys|girls|men|women|workers|employees|families|households|children|houses|homes"
                    + "|patients|customers|visitors|teachers|players|teams|farms|shops|firms|factories|companies|schools|days|weeks"
                    + "|games|matches|candidates|members|plants|trees|letters|books|calls|cars|vehicles|tickets|accidents)(?:\\s*\\(.*\\))?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern UNIT = Pattern.compile(
            ".*?[(\\[]\\s*(?:in\\s+)?([^()\\[\\]0-9]{1,20}?)\\s*[)\\]]|.*,\\s+(?:in\\s+)?(\\S{1,12})|.*\\bin\\s+(\\S{1,12})|.*\\s/\\s(\\S{1,12})");

    private final Pattern words;

    Role(String words) {
        this.words = Pattern.compile(words, Pattern.UNICODE_CASE);
    }

    /** What a heading says; empty where it only names something. */
    static Optional<Role> of(String heading) {
        String plain = PastedCells.bare(heading);
        if (plain.equals("F") || plain.equals("CF")) {
            return Optional.of(plain.equals("F") ? FREQUENCY : CUMULATIVE);
        }
        String lower = plain.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        for (Role role : List.of(
                SHARE, CUMULATIVE, TALLY, SERIAL, PRODUCT, MIDPOINT, DEVIATION, FREQUENCY, LOWER, UPPER, CLASS)) {
            if (role.words.matcher(lower).matches()) {
                return Optional.of(role);
            }
        }
        return Optional.empty();
    }

    /** Whether a heading names what is counted: people, days, matches. */
    static boolean isCounted(String heading) {
        return PEOPLE.matcher(PastedCells.bare(heading)).matches();
    }

    /** The unit in a heading: {@code Weight (kg)}, {@code Mass, kg}; empty where there is none. */
    static String unit(String heading) {
        Matcher found = UNIT.matcher(PastedCells.bare(heading));
        if (!found.matches()) {
            return "";
        }
        String bracketed = found.group(1);
        if (bracketed != null) {
            boolean symbol = bracketed.length() == 1 && !Units.isKnown(bracketed)
                    || bracketed.equals("f")
                    || bracketed.equals("x");
            return symbol ? "" : bracketed;
        }
        String behind =
                found.group(2) != null ? found.group(2) : found.group(3) != null ? found.group(3) : found.group(4);
        return Units.isKnown(behind) || "$£€₹".contains(behind) ? behind : "";
    }

    /** Words parted into the headings of so many columns, as headings are likeliest to read; empty where it cannot be. */
    static Optional<List<String>> headings(List<String> words, int columns) {
        if (words.size() < columns || columns < 1 || words.size() > 24) {
            return Optional.empty();
        }
        int[][] best = new int[columns + 1][words.size() + 1];
        int[][] from = new int[columns + 1][words.size() + 1];
        for (int[] row : best) {
            Arrays.fill(row, Integer.MIN_VALUE);
        }
        best[0][0] = 0;
        for (int column = 1; column <= columns; column++) {
            for (int end = column; end <= words.size(); end++) {
                for (int begin = column - 1; begin < end; begin++) {
                    if (best[column - 1][begin] > Integer.MIN_VALUE) {
                        int score = best[column - 1][begin] + score(words.subList(begin, end));
                        if (score > best[column][end]) {
                            best[column][end] = score;
                            from[column][end] = begin;
                        }
                    }
                }
            }
        }
        List<String> headings = new ArrayList<>();
        int end = words.size();
        for (int column = columns; column > 0; column--) {
            int begin = from[column][end];
            headings.add(0, String.join(" ", words.subList(begin, end)));
            end = begin;
        }
        return Optional.of(headings);
    }

    private static int score(List<String> words) {
        String first = words.get(0);
        String heading = String.join(" ", words);
        int score = words.size() == 1 ? 2 : 0;
        score += of(heading).isPresent() ? 4 + words.size() : 0;
        boolean starts = Character.isUpperCase(first.charAt(0)) || first.length() <= 2;
        score += starts ? 2 : 0;
        boolean dangling =
                first.startsWith("(") || first.equalsIgnoreCase("of") || first.equals("in") || first.equals("/");
        return score - (dangling ? 9 : 0) - (words.get(words.size() - 1).equalsIgnoreCase("of") ? 9 : 0);
    }
}
