package promedio.core.pasted;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A text without what is only there for the eye of a printer: hidden characters, kinds of blanks, bullets, numbering, rules. */
final class Plain {
    private static final Pattern HIDDEN = Pattern.compile("[\u00ad\u200b-\u200f\u202a-\u202e\u2060-\u2064\ufeff]");
    private static final Pattern LINE_END = Pattern.compile("\r\n?|[\u000b\f\u0085\u2028\u2029]");
    /** Between thousands: narrow and thin blanks always, apostrophes too. */
    private static final Pattern THOUSANDS = Pattern.compile("(?<=[0-9])[\u2009\u202f'\u2019](?=[0-9]{3}(?![0-9]))");

    private static final Pattern NO_BREAK_THOUSANDS =
            Pattern.compile("(?<![0-9.,])[0-9]{1,3}(?:\u00a0[0-9]{3})+(?![0-9\u00a0])");
    private static final Pattern BLANK = Pattern.compile("[\u00a0\u1680\u2000-\u200a\u202f\u205f\u3000]");
    /** Runs of blanks say no more than a few do, and are dear to look through. */
    private static final Pattern LONG_BLANKS = Pattern.compile(" {8,}+");

    private static final Pattern BULLET = Pattern.compile("[•·*▪◦‣○●■□–—>-]\\s+(.*)");
    private static final Pattern NUMBERED = Pattern.compile("[(\\[]?([0-9]{1,4})[.)\\]]\\s+(.*)");
    private static final Pattern LETTERED = Pattern.compile("[(\\[]?([a-z])[.)\\]]\\s+(.*)");
    private static final Pattern RULE = Pattern.compile("(?=.*[-=_─═━+])[-=_─═━+:|│┃┼├┤┌┐└┘┬┴╞╡╪\\s]{3,}");
    private static final Pattern BOX = Pattern.compile("[│┃║¦]");

    private Plain() {}

    /** The lines of a text; blank lines at both ends are none, lines within may be blank. */
    static List<String> lines(String text) {
        String plain = LINE_END.matcher(HIDDEN.matcher(text).replaceAll("")).replaceAll("\n");
        plain = THOUSANDS.matcher(plain).replaceAll("");
        if (plain.indexOf('\u00a0') >= 0 && plain.chars().anyMatch(c -> c == ' ' || c == '\n' || c == '\t')) {
            plain = NO_BREAK_THOUSANDS.matcher(plain).replaceAll(found -> found.group()
                    .replace("\u00a0", ""));
        }
        plain = LONG_BLANKS.matcher(BLANK.matcher(plain).replaceAll(" ")).replaceAll("  ");
        List<String> lines = new ArrayList<>();
        for (String line : plain.split("\n", -1)) {
            if (!RULE.matcher(line).matches()) {
                lines.add(BOX.matcher(Signs.plain(line)).replaceAll("|"));
            }
        }
        while (!lines.isEmpty() && lines.get(lines.size() - 1).isBlank()) {
            lines.remove(lines.size() - 1);
        }
        while (!lines.isEmpty() && lines.get(0).isBlank()) {
            lines.remove(0);
        }
        return unnumbered(lines);
    }

    /** Without bullets or numbering, where every line that is not blank has them, or all but a heading. */
    private static List<String> unnumbered(List<String> lines) {
        List<Integer> filled = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            if (!lines.get(i).isBlank()) {
                filled.add(i);
            }
        }
        for (int heading = 0; heading <= 1 && filled.size() - heading >= 2; heading++) {
            String[] bare = new String[lines.size()];
            boolean headed = heading == 0 || lines.get(filled.get(0)).chars().noneMatch(Character::isDigit);
            if (headed && bared(lines, filled.subList(heading, filled.size()), bare)) {
                List<String> out = new ArrayList<>(lines);
                for (int i = 0; i < bare.length; i++) {
                    if (bare[i] != null) {
                        out.set(i, bare[i]);
                    }
                }
                return out;
            }
        }
        return lines;
    }

    private static boolean bared(List<String> lines, List<Integer> rows, String[] bare) {
        for (Pattern mark : Arrays.asList(BULLET, NUMBERED, LETTERED)) {
            int count = 0;
            for (int row : rows) {
                Matcher found = mark.matcher(lines.get(row).strip());
                if (!found.matches() || !counts(mark, found, count)) {
                    break;
                }
                bare[row] = found.group(found.groupCount());
                count++;
            }
            if (count == rows.size()) {
                return true;
            }
            Arrays.fill(bare, null);
        }
        return false;
    }

    /** Numbering counts up from 1 (or a); bullets need not. */
    private static boolean counts(Pattern mark, Matcher found, int before) {
        return mark == BULLET
                || (mark == NUMBERED
                        ? found.group(1).equals(Integer.toString(before + 1))
                        : found.group(1).charAt(0) == 'a' + before);
    }
}
