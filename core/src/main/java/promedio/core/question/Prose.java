package promedio.core.question;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The words of a question: its sentences, each with the letter of the part in which it stands. */
final class Prose {
    private static final Pattern PART =
            Pattern.compile("(?:^|(?<=[\\s:;.?]))\\(?([a-h]|i{1,3}|iv|vi{0,3}|v)\\s*[).]\\s+(?=\\S)");
    private static final Pattern END = Pattern.compile("(?<=[.?!;])\\s+(?=[\\p{Lu}(\"“])|(?<=\\?)\\s+");
    private static final Pattern SHORTENED = Pattern.compile(
            "(?i)(?:^|[^\\p{L}])(?:no|nos|q|fig|e\\.g|i\\.e|s\\.d|a\\.m|g\\.m|h\\.m|c\\.v|q\\.d|m\\.d|i\\.q\\.r|r\\.m\\.s|s\\.e|approx|resp|dev|mr|mrs|dr|vs|d\\.p|s\\.f|sig)\\.$");

    private final List<Line> lines = new ArrayList<>();

    /**
     * A sentence.
     *
     * @param text as it stands
     * @param part the letter of its part; empty where it stands in none
     * @param first whether it is the first of its part
     */
    record Line(String text, Optional<String> part, boolean first) {}

    Prose(String text) {
        String plain = text.replace('\u2019', '\'')
                .replace('\u2018', '\'')
                .replace('\u2010', '-')
                .replace('\u2011', '-')
                .replace('\u00a0', ' ');
        Optional<String> part = Optional.empty();
        for (String paragraph : plain.split("\n\\s*\n", -1)) {
            String flat = paragraph.strip().replaceAll("\\s*\n\\s*", " \n");
            int from = 0;
            Matcher marks = PART.matcher(flat);
            while (marks.find()) {
                if (!follows(part, marks.group(1))) {
                    continue;
                }
                add(flat.substring(from, marks.start()), part);
                part = Optional.of(marks.group(1));
                from = marks.end();
            }
            add(flat.substring(from), part);
        }
    }

    /** Whether a letter goes on from the part before: a, b, c or i, ii, iii. */
    private static boolean follows(Optional<String> before, String letter) {
        List<String> roman = List.of("i", "ii", "iii", "iv", "v", "vi", "vii", "viii");
        if (before.isEmpty()) {
            return letter.equals("a") || letter.equals("i");
        }
        int was = roman.indexOf(before.get());
        int is = roman.indexOf(letter);
        return is >= 0 && was >= 0 && is == was + 1
                || letter.length() == 1
                        && before.get().length() == 1
                        && letter.charAt(0) == before.get().charAt(0) + 1
                || letter.equals("a")
                || letter.equals("i");
    }

    private void add(String text, Optional<String> part) {
        String rest = "";
        boolean first = true;
        for (String sentence : END.split(text.replace("\n", ""), -1)) {
            String whole = rest.isEmpty() ? sentence : rest + " " + sentence;
            if (SHORTENED.matcher(whole).find()) {
                rest = whole;
                continue;
            }
            rest = "";
            if (!whole.isBlank()) {
                lines.add(new Line(DataBlocks.withoutMarks(whole.strip()), part, first));
                first = false;
            }
        }
        if (!rest.isBlank()) {
            lines.add(new Line(rest.strip(), part, first));
        }
    }

    List<Line> lines() {
        return lines;
    }

    /** The sentences in which data may stand, one below another. */
    String data() {
        StringBuilder all = new StringBuilder();
        lines.forEach(line -> all.append(line.text()).append('\n'));
        return all.toString();
    }
}
