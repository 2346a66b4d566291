package promedio.core.question;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The lines of a question told apart: blocks of data, and prose between them. */
final class DataBlocks {
    private static final String NUMBER = "[-−]?[0-9][0-9.,]*%?";
    private static final Pattern CLASS =
            Pattern.compile("[<>≤≥]?=?" + NUMBER + "\\s*(?:[-–—−]|to|\\|[-–—]*)\\s*" + NUMBER);
    private static final Pattern FIGURE =
            Pattern.compile("[(\\[{]?" + NUMBER + "[)\\]},;.]*|\\?|_+|[a-z][0-9]?,?|" + CLASS.pattern());
    private static final Pattern SURE = Pattern.compile("[(\\[{]?" + NUMBER + "[)\\]},;.]*|" + CLASS.pattern());
    private static final Pattern SPLIT = Pattern.compile("[\\s|]+");
    private static final Pattern WORD = Pattern.compile("\\p{L}{2,}");
    private static final Pattern VERB = Pattern.compile(
            "(?i)\\b(?:is|are|was|were|has|have|had|find|calculate|compute|determine|obtain|estimate|draw|give|gives|shows?|records?|recorded|represents?)\\b");
    private static final Pattern TIGHT = Pattern.compile("(?<=[0-9])\\s*(?:[-–—]|\\bto\\b)\\s*(?=[0-9])");
    private static final Pattern MARKS = Pattern.compile(
            "\\s*[\\[(]\\s*[0-9]{1,2}\\s*(?:marks?|points?|m)?\\s*[\\])]\\s*$", Pattern.CASE_INSENSITIVE);
    private static final String FIGURE_IN_WORDS =
            "[€$£]?[-−]?(?:[0-9]{1,3}(?:,[0-9]{3})+(?![0-9])|[0-9]+)(?:\\.[0-9]+)?(?![0-9])";
    private static final String UNIT =
            "(?:\\s?(?:%|°C|(?!(?:" + ReadingWords.text("no-unit") + ")\\b)[a-zA-Z]{1,8}\\b))?";
    private static final String COMMA = "(?:\\s*[,;]\\s*(?:and\\s+)?|\\s+(?:and|&)\\s+)";
    private static final Pattern RUN = Pattern.compile("(?<![0-9.,])(?:" + FIGURE_IN_WORDS + UNIT + "(?:" + COMMA
            + FIGURE_IN_WORDS + UNIT + "){2,}+|" + FIGURE_IN_WORDS + "(?:\\s+" + FIGURE_IN_WORDS + "){2,}+)");
    private static final Pattern LABEL = Pattern.compile(
            "(?:^|[.;,\\n]\\s*|\\b(?i:and|for|if|let|where|with|given)\\s+)(?!(?i:for|of|data|values)\\b)(\\p{L}[\\p{L}0-9]*(?: (?!for\\b|of\\b)\\p{L}[\\p{L}0-9]*){0,2})\\s*[:=]\\s*[{(\\[]?$");
    private static final Pattern POINT = Pattern.compile("[(]\\s*[-−]?[0-9.]+\\s*[,;]\\s*[-−]?[0-9.]+\\s*[)]");
    private static final Pattern BETWEEN = Pattern.compile("[\\s,;]*(?:and\\s*)?");
    private static final int LOOKED_BEFORE = 120;
    private static final int MOST_LISTS = 100;
    private static final int LONGEST_LABEL = 7;
    private static final int LONGEST_HEAD = 9;
    private static final int FEW = 3;

    /**
     * A part of the text.
     *
     * @param data whether it is data; prose otherwise
     */
    record Piece(boolean data, List<String> lines) {
        Piece {
            lines = List.copyOf(lines);
        }
    }

    private final List<String> lines;

    private DataBlocks(List<String> lines) {
        this.lines = lines;
    }

    /** The pieces, in order. */
    static List<Piece> of(List<String> lines) {
        return new DataBlocks(lines).pieces();
    }

    /** A line without what it is worth: “[4]”, “(3 marks)”. */
    static String withoutMarks(String line) {
        return MARKS.matcher(line).replaceFirst("");
    }

    private List<Piece> pieces() {
        boolean[] data = new boolean[lines.size()];
        for (int i = 0; i < data.length; i++) {
            data[i] = isData(lines.get(i));
        }
        for (int i = data.length - 2; i >= 0; i--) {
            data[i] |= data[i + 1] && isHead(i);
        }
        // A short word among rows is a cell of theirs.
        for (int i = 1; i + 1 < data.length; i++) {
            data[i] |= data[i - 1] && data[i + 1] && isShort(lines.get(i));
        }
        for (int i = 1; i < data.length; i++) {
            data[i] |= data[i - 1] && isTotal(lines.get(i));
        }
        List<Piece> pieces = new ArrayList<>();
        List<String> now = new ArrayList<>();
        for (int i = 0; i < data.length; i++) {
            if (i > 0 && data[i] != data[i - 1] && !now.isEmpty()) {
                pieces.add(new Piece(data[i - 1], now));
                now = new ArrayList<>();
            }
            now.add(lines.get(i));
        }
        if (!now.isEmpty()) {
            pieces.add(new Piece(data[data.length - 1], now));
        }
        return pieces;
    }

    private static boolean isTotal(String line) {
        return line.strip().matches("(?i)(?:total|sum)\\b.{0,30}[0-9].*");
    }

    private boolean isShort(String line) {
        return !line.isBlank()
                && WORD.matcher(line).results().limit(FEW).count() < FEW
                && !VERB.matcher(line).find();
    }

    /** Whether a line is a row of data: figures mostly, or figures behind a label. */
    private static boolean isData(String line) {
        String text = TIGHT.matcher(withoutMarks(line).replace('\t', ' ')).replaceAll("-");
        String[] pieces = SPLIT.split(text.strip(), -1);
        int figures = 0;
        int sure = 0;
        int tail = 0;
        for (String piece : pieces) {
            boolean figure = FIGURE.matcher(piece).matches();
            figures += figure ? 1 : 0;
            sure += SURE.matcher(piece).matches() ? 1 : 0;
            tail = figure ? tail + 1 : 0;
        }
        if (sure == 0) {
            return text.matches("\\s*(?:[(][0-9.]+\\s*[,;]\\s*[0-9.]+[)][\\s,;]*)+");
        }
        boolean verb = VERB.matcher(text).find();
        if (verb || text.strip().endsWith("?") && !text.strip().endsWith(" ?")) {
            return false;
        }
        boolean mostly = figures * 2 > pieces.length && pieces.length - figures <= LONGEST_LABEL;
        boolean labelled = tail >= 2 && pieces.length - tail <= LONGEST_LABEL;
        boolean cells = (line.indexOf('\t') >= 0 || line.indexOf('|') >= 0) && sure >= 1;
        boolean row = pieces.length <= FEW + 1
                && sure >= 1
                && FIGURE.matcher(pieces[pieces.length - 1]).matches();
        return mostly
                || labelled
                || cells
                || row && WORD.matcher(text).results().count() <= FEW;
    }

    /** Whether a line stands over a table as its head: names of columns, and no sentence. */
    private boolean isHead(int at) {
        String line = lines.get(at).strip();
        if (line.isEmpty()) {
            return at > 0 && isHead(at - 1) && isParted(lines.get(at - 1));
        }
        long words = WORD.matcher(line).results().limit(LONGEST_HEAD + 1).count();
        boolean sentence =
                line.endsWith(".") || line.endsWith(":") || VERB.matcher(line).find() || line.endsWith("?");
        return words <= LONGEST_HEAD && !sentence && (isParted(line) || standsAlone(at, line));
    }

    /** Whether it has several cells. */
    private static boolean isParted(String line) {
        return line.indexOf('\t') >= 0
                || line.indexOf('|') >= 0
                || line.strip().contains("  ")
                || line.indexOf(';') > 0
                || line.strip().matches("(?i)[xyuvf](?:\\s+[a-z]{1,2}){1,3}");
    }

    /** Whether it is one name above a column of numbers, one on each line; or two words over two columns. */
    private boolean standsAlone(int at, String line) {
        if (at + 1 >= lines.size()) {
            return false;
        }
        int cells = SPLIT.split(lines.get(at + 1).strip(), -1).length;
        long words = SPLIT.split(line, -1).length;
        return cells == 1
                || words == cells
                || cells == 2 && words <= LONGEST_HEAD && at + 2 < lines.size() && isData(lines.get(at + 2));
    }

    /** Three points or more that stand in a sentence one behind the other: “(1, 2), (2, 4) and (3, 5)”; empty where there are none. */
    static String points(String prose) {
        StringBuilder points = new StringBuilder();
        int count = 0;
        int end = -1;
        Matcher point = POINT.matcher(prose);
        while (point.find()) {
            boolean next = end >= 0
                    && BETWEEN.matcher(prose.substring(end, point.start())).matches();
            if (!next && count >= FEW) {
                break;
            }
            if (!next) {
                points.setLength(0);
                count = 0;
            }
            points.append(count == 0 ? "" : ", ").append(point.group());
            count++;
            end = point.end();
        }
        return count >= FEW ? points.toString() : "";
    }

    /** Lists of three numbers or more that stand in a sentence, each with the label before it; of very many the first. */
    static List<String> lists(String prose) {
        List<String> found = new ArrayList<>();
        Matcher runs = RUN.matcher(prose);
        while (found.size() < MOST_LISTS && runs.find()) {
            int from = Math.max(0, runs.start() - LOOKED_BEFORE);
            // From the line before, so that a label is not begun in the middle of a word.
            int begin = from == 0 ? 0 : prose.indexOf(' ', from);
            String before = begin < 0 || begin >= runs.start() ? "" : prose.substring(begin, runs.start());
            Matcher label = LABEL.matcher(before);
            found.add((label.find() ? label.group(1).strip() + ": " : "") + runs.group());
        }
        return found;
    }
}
