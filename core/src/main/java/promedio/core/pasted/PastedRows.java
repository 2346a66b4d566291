package promedio.core.pasted;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Lines taken apart into cells: at tabs, bars, semicolons or commas where these part every line alike, else piece by piece. */
final class PastedRows {
    /** A class that is written by its beginning, and its frequency: {@code 10-  5}. */
    private static final Pattern BEGINS = Pattern.compile("\\s*([0-9][0-9.,]*\\s?[-–—])\\s+([0-9]+)\\s*");
    /** A pair among several on one line: {@code 10–19: 4}. */
    private static final Pattern PARTS = Pattern.compile("(?<!\\s)\\s*+[;,]\\s+|(?<!\\s)\\s*+;\\s*");

    private static final Pattern WORDED = Pattern.compile(
            "(?i)((?:\\p{L}[\\p{L}.]*\\s+){1,3}?)((?:under|below|less than|fewer than|up to|at most|over|above|more than|at least|not).*)");
    /** Values and frequencies with nothing but a colon between: no times of day, which have two digits behind it. */
    private static final Pattern COLONS = Pattern.compile("\\s*[0-9.]+:[0-9]+\\s*");

    private static final Pattern BRACKET = Pattern.compile("[\\[(\\]]\\s?[0-9.]++\\s?[,;]");
    private static final Pattern CLASSED = Pattern.compile("\\p{L}|[0-9]\\s?[-–]\\s?[0-9]");

    private static final int MOST_PAIRS = 2_000;

    private final Lexer lexer;
    private final PastedCells cells;

    PastedRows(PastedCells cells) {
        this.cells = cells;
        this.lexer = cells.lexer();
    }

    /**
     * A line taken apart.
     *
     * @param cells its cells
     * @param labelled whether the first is a label with a colon
     * @param block the number of the block of lines, parted by blank lines, that it stands in
     * @param words whether it holds words only
     * @param goesOn whether a comma at its end says that the next line goes on
     */
    record Row(List<String> cells, boolean labelled, int block, boolean words, boolean goesOn) {
        int size() {
            return cells.size();
        }

        String cell(int index) {
            return index < cells.size() ? cells.get(index) : "";
        }
    }

    /** All lines that are not blank, taken apart; one line of pairs makes a row of each. */
    List<Row> of(List<String> lines) {
        List<String> filled = lines.stream().filter(line -> !line.isBlank()).toList();
        boolean colons = filled.stream().allMatch(line -> COLONS.matcher(line).matches())
                && !filled.stream().allMatch(line -> line.strip().matches(".*:[0-9]{2}"));
        if (colons) {
            return of(lines.stream().map(line -> line.replace(":", ": ")).toList());
        }
        List<String> pairs = filled.size() == 1 ? pairs(filled.get(0)) : List.of();
        List<String> source = pairs.isEmpty() ? lines : pairs;
        char delimiter = pairs.isEmpty() ? delimiter(filled) : 0;
        boolean begun = begun(filled);
        List<Row> rows = new ArrayList<>();
        int block = 0;
        for (String line : source) {
            Matcher begins = BEGINS.matcher(line);
            if (line.isBlank()) {
                block++;
            } else if (begun && begins.matches()) {
                rows.add(new Row(List.of(begins.group(1), begins.group(2)), false, block, false, false));
            } else {
                rows.add(delimiter == 0 ? pieces(line, block) : split(line, delimiter, block));
            }
        }
        return rows;
    }

    private Row pieces(String line, int block) {
        List<Item> items = unlabelled(lexer.items(line));
        List<String> texts = items.stream().map(Item::text).toList();
        boolean labelled =
                !items.isEmpty() && items.get(0).label() && items.get(0).is(Item.Kind.WORDS);
        return new Row(
                texts,
                labelled,
                block,
                items.stream().allMatch(item -> item.is(Item.Kind.WORDS) && !cells.isTally(item.text())),
                line.strip().endsWith(","));
    }

    /** In a row of classes, a word before the first of them is the label of the row and no part of it: {@code Marks below 10}. */
    private static List<Item> unlabelled(List<Item> items) {
        if (items.size() < 3
                || !items.get(0).is(Item.Kind.CLASS)
                || !items.get(1).is(Item.Kind.CLASS)) {
            return items;
        }
        Matcher worded = WORDED.matcher(items.get(0).text());
        if (!worded.matches()) {
            return items;
        }
        List<Item> apart = new ArrayList<>();
        apart.add(new Item(Item.Kind.WORDS, worded.group(1).strip(), false));
        apart.add(new Item(Item.Kind.CLASS, worded.group(2), false));
        apart.addAll(items.subList(1, items.size()));
        return apart;
    }

    private Row split(String line, char delimiter, int block) {
        String bare = line;
        if (delimiter == '|') {
            bare = line.strip().replaceFirst("^\\|", "").replaceFirst("\\|$", "");
        }
        List<String> parts = new ArrayList<>();
        StringBuilder cell = new StringBuilder();
        boolean quoted = false;
        for (int i = 0; i < bare.length(); i++) {
            char character = bare.charAt(i);
            if (character == '"' && (quoted || cell.toString().isBlank())) {
                quoted = !quoted;
            } else if (character == delimiter && !quoted) {
                parts.add(cell.toString().strip());
                cell.setLength(0);
            } else {
                cell.append(character);
            }
        }
        parts.add(cell.toString().strip());
        boolean labelled = parts.get(0).endsWith(":");
        boolean words = parts.stream().allMatch(part -> !cells.isNumber(part) && !cells.isClass(part));
        return new Row(parts, labelled, block, words, false);
    }

    /** What parts the cells of every line; 0 for nothing but blanks, or what a lexer sees. */
    private char delimiter(List<String> filled) {
        long tabbed = filled.stream().filter(line -> line.indexOf('\t') >= 0).count();
        if (tabbed * 2 >= filled.size() && tabbed > 0) {
            return '\t';
        }
        boolean strokes = filled.stream().anyMatch(line -> line.contains("||"));
        long barred = filled.stream().filter(line -> line.indexOf('|') >= 0).count();
        if (!strokes && barred * 10 >= filled.size() * 6L && filled.size() > 1) {
            return '|';
        }
        boolean brackets = filled.stream()
                .anyMatch(line -> line.indexOf('"') < 0 && BRACKET.matcher(line).find());
        boolean labelled = filled.stream().allMatch(line -> line.matches("[^,;:]*+:\\s*+[^\\s].*"));
        if (brackets || labelled) {
            return 0;
        }
        if (partsAlike(filled, ';')) {
            return ';';
        }
        boolean columns = filled.get(0).chars().noneMatch(Character::isDigit)
                || count(filled.get(0), ',') == 1
                || filled.stream().allMatch(line -> line.matches("\\s*[^0-9\\s+.\u2212-].*"));
        boolean ended = filled.stream().anyMatch(line -> line.strip().endsWith(","));
        boolean listed = filled.size() < 3
                && filled.stream().noneMatch(line -> CLASSED.matcher(line).find());
        return cells.style().commasPart() && columns && !ended && !listed && partsAlike(filled, ',') ? ',' : 0;
    }

    private static boolean partsAlike(List<String> filled, char delimiter) {
        long first = count(filled.get(0), delimiter);
        return filled.size() > 1 && first > 0 && filled.stream().allMatch(line -> count(line, delimiter) == first);
    }

    private static long count(String line, char wanted) {
        boolean quoted = false;
        long count = 0;
        for (int i = 0; i < line.length(); i++) {
            quoted ^= line.charAt(i) == '"';
            count += line.charAt(i) == wanted && !quoted ? 1 : 0;
        }
        return count;
    }

    private static boolean begun(List<String> filled) {
        long rows =
                filled.stream().filter(line -> BEGINS.matcher(line).matches()).count();
        return rows >= 2 && rows + 3 >= filled.size();
    }

    /** One line of classes or values, each with its frequency behind a colon or in brackets. */
    private List<String> pairs(String line) {
        String[] parts = PARTS.split(line);
        if (parts.length < 2 || parts.length > MOST_PAIRS) {
            return List.of();
        }
        int labelled = 0;
        for (String part : parts) {
            List<Item> items = lexer.items(part);
            boolean pair = items.size() == 2 && items.get(1).is(Item.Kind.NUMBER);
            boolean classed = pair && items.get(0).is(Item.Kind.CLASS);
            labelled += classed
                            || pair
                                    && items.get(0).is(Item.Kind.NUMBER)
                                    && items.get(0).label()
                    ? 1
                    : 0;
        }
        return labelled >= parts.length - 1 && labelled >= 2 ? Arrays.asList(parts) : List.of();
    }
}
