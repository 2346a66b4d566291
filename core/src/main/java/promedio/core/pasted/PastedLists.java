package promedio.core.pasted;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import promedio.core.data.Entries;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;

/** A list: one value after another, on one line or many, or one on each line. */
final class PastedLists {
    private static final Pattern AND = Pattern.compile("(?i)and|&|…|\\.{3}|etc\\.?");
    /** Quotes around a number, and a full stop behind it. */
    private static final Pattern AROUND = Pattern.compile("^[\"'“”]+(?=[0-9+-])|(?<=[0-9])[\"'“”]+$|(?<=[0-9])\\.$");

    private static final Pattern GENERAL = Pattern.compile(
            "(?i)(?:the )?(?:raw |given |sample |following )?(?:data(?: set)?|dataset|values?|numbers?|observations?|list|given|sample)");
    private static final Pattern QUESTION = Pattern.compile(
            "(?i)(?:(?:q|ex|no|question|exercise|task|problem|example|part)\\.?\\s?[0-9]{1,3}[a-z]?|[0-9]{1,3}[a-z]?|\\(?[a-z]\\))[.):]*");
    /** How a sentence about the numbers begins. */
    static final Pattern SENTENCE = Pattern.compile(
            "(?i)(?:find|calculate|compute|determine|the|these|here|given|following|what|from|for|draw|a|an|in|let|consider)\\b.*");

    private static final int LONGEST_NAME = 40;

    private final PastedCells cells;
    private String name = "";
    private boolean single;
    private final List<Sentence> told = new ArrayList<>();

    private PastedLists(PastedCells cells) {
        this.cells = cells;
    }

    /** Reads lines as a list, whatever they hold; empty only where nothing stands there. */
    static Optional<Reading> read(List<String> lines, PastedCells cells) {
        return lines.isEmpty() ? Optional.empty() : new PastedLists(cells).read(new ArrayList<>(lines));
    }

    private Optional<Reading> read(List<String> lines) {
        takeName(lines);
        Lexer lexer = cells.lexer();
        int filled = 0;
        int singles = 0;
        for (String line : lines) {
            if (!line.isBlank()) {
                filled++;
                singles += isSingle(line, lexer) ? 1 : 0;
            }
        }
        single = singles * 2 > filled && filled > 1;
        List<String> values = single ? byLines(lines) : byPieces(lines, lexer);
        if (values.isEmpty()) {
            return Optional.empty();
        }
        values = withoutWordsBefore(values);
        String unit = cells.commonUnit(values);
        String headed = Role.unit(name);
        List<String> written = cells.values(values);
        long numbers = written.stream()
                .filter(value -> cells.card().read(value).isPresent())
                .count();
        if (numbers * 2 < values.size()) {
            told.add(Sentence.of("pasted.unsure"));
        }
        Found found =
                new Found(name, headed.isEmpty() ? unit : headed, SampleKind.VALUES, List.of(Entries.of(written)));
        Sentence what = Reading.what(SampleKind.VALUES, values.size());
        return Optional.of(Reading.of(what, Layout.STANDING, List.of(found), told));
    }

    /** A line, or the beginning of one, that says what the numbers are. */
    private void takeName(List<String> lines) {
        String first = lines.get(0);
        boolean more = lines.size() > 1;
        int mark = firstMark(first);
        boolean labelled = mark > 0 && first.substring(0, mark).chars().anyMatch(Character::isLetter);
        String rest = first.substring(mark + 1);
        if (labelled && (more || !rest.isBlank())) {
            lines.set(0, rest);
            name(first.substring(0, mark));
            if (rest.isBlank()) {
                lines.remove(0);
            }
        } else if (more
                && first.chars().noneMatch(Character::isDigit)
                && first.chars().anyMatch(Character::isLetter)
                && !CellLines.isCode(first)
                && lines.stream().skip(1).anyMatch(line -> line.chars().anyMatch(Character::isDigit))) {
            name(first);
            lines.remove(0);
        }
    }

    /** Where the first colon or equals sign stands; −1 where there is none. */
    private static int firstMark(String line) {
        int at = 0;
        while (at < line.length() && line.charAt(at) != ':' && line.charAt(at) != '=') {
            at++;
        }
        return at == line.length() ? -1 : at;
    }

    /** Words before the first of many numbers are no values: few are its name, more are a sentence about it. */
    private List<String> withoutWordsBefore(List<String> values) {
        int words = 0;
        while (words < values.size() && values.get(words).matches("[\\p{L}(\"“‘][^\\s/]*")) {
            words++;
        }
        List<String> rest = values.subList(words, values.size());
        boolean clean = rest.size() >= 2 && rest.stream().allMatch(cells::isNumber);
        if (words == 0 || !clean || single || !name.isEmpty()) {
            return values;
        }
        name(String.join(" ", values.subList(0, words)));
        return rest;
    }

    private void name(String text) {
        String bare = PastedCells.bare(text).replaceFirst(",$", "");
        if (QUESTION.matcher(bare).matches() || GENERAL.matcher(bare).matches()) {
            return;
        }
        if (bare.length() > LONGEST_NAME
                || bare.split("\\s+").length > 5
                || bare.indexOf(' ') > 0 && SENTENCE.matcher(bare).matches()) {
            told.add(Sentence.of("pasted.left-out.line", bare));
        } else {
            name = bare;
        }
    }

    private boolean isSingle(String line, Lexer lexer) {
        String text = line.strip();
        return cells.isNumber(text)
                || text.indexOf(' ') < 0 && lexer.items(text).size() <= 1;
    }

    /** An entry a line; a blank line among them is a missing value, unless there is one behind every entry. */
    private List<String> byLines(List<String> lines) {
        List<String> values = new ArrayList<>();
        int blank = 0;
        int gaps = 0;
        int filled = 0;
        for (int i = 0; i < lines.size(); i++) {
            boolean empty = lines.get(i).isBlank();
            gaps += empty && i > 0 && !lines.get(i - 1).isBlank() ? 1 : 0;
            blank += empty ? 1 : 0;
            filled += empty ? 0 : 1;
        }
        boolean layout = blank > 0 && gaps >= filled - 1 && filled > 2;
        if (layout) {
            told.add(Sentence.of("pasted.blank-lines"));
        }
        for (String line : lines) {
            String text = line.strip();
            if (!text.isEmpty()) {
                values.add(cells.isNumber(text) ? text : unwrapped(text));
            } else if (!layout) {
                values.add("");
            }
        }
        while (!values.isEmpty() && values.get(values.size() - 1).isEmpty()) {
            values.remove(values.size() - 1);
        }
        while (!values.isEmpty() && values.get(0).isEmpty()) {
            values.remove(0);
        }
        return values;
    }

    /** Without a comma or semicolon that ends the line, and quotation marks about it. */
    private static String unwrapped(String text) {
        String bare = text.replaceFirst("[,;]$", "").strip();
        boolean quoted = bare.length() > 2 && bare.startsWith("\"") && bare.endsWith("\"");
        return quoted ? bare.substring(1, bare.length() - 1).strip() : bare;
    }

    /** The same with each word by itself. */
    private static List<Item> words(List<Item> items) {
        List<Item> words = new ArrayList<>();
        for (Item item : items) {
            if (!item.is(Item.Kind.WORDS) || item.text().indexOf(' ') < 0) {
                words.add(item);
            } else {
                for (String word : item.text().split(" ", -1)) {
                    words.add(new Item(Item.Kind.WORDS, word, false));
                }
            }
        }
        return words;
    }

    /** The numbers and words of all lines, one after another; “and” between numbers is none of them. */
    private List<String> byPieces(List<String> lines, Lexer lexer) {
        List<String> values = new ArrayList<>();
        for (String line : lines) {
            for (Item item : words(lexer.items(line))) {
                boolean and =
                        item.is(Item.Kind.WORDS) && AND.matcher(item.text()).matches();
                if (!and) {
                    values.add(AROUND.matcher(item.text()).replaceAll(""));
                }
            }
        }
        return values;
    }
}
