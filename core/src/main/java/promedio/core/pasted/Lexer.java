package promedio.core.pasted;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.number.Units;
import promedio.core.tabulate.ClassLabel;

/** Takes a line apart where nothing but blanks, commas or brackets part its pieces: classes, numbers with units, words. */
final class Lexer {
    /** No line of a table is longer; in a longer one no classes are looked for. */
    private static final int LONGEST_OF_CLASSES = 4_000;

    private static final int MOST_KNOWN = 2_000;
    private static final Pattern WORD = Pattern.compile("[^\\s,;|]+");

    private final Pattern number;
    private final Runnable pause;
    private final Map<String, List<Item>> known = new HashMap<>();

    /** A lexer for numbers of a style; it asks at every line whether to go on. */
    Lexer(NumberStyle style, Runnable pause) {
        this.pause = pause;
        String marks = style.commasPart() ? "\\." : "[.,]";
        this.number = Pattern.compile("(?:(?:[$£€₹¥]|Rs\\.?)\\s?)?[+\u2212–-]?" + "(?:[0-9]++(?:" + marks
                + "[0-9]++)*+(?:\\.(?=[\\s,;)\\]}]|$))?|[.,][0-9]++)" + "(?:[eE][+-]?[0-9]+)?"
                + "(?:\\s?(?:[%€$£₹]|(?i:" + Units.ALTERNATIVES + ")(?![\\p{L}])))?"
                + "(?=[\\s,;|)\\]}=]|:(?![0-9])|$|\\.(?:\\s|$))");
    }

    /** The pieces of a line; words with one blank between them are one. */
    List<Item> items(String line) {
        pause.run();
        if (known.size() > MOST_KNOWN) {
            known.clear();
        }
        return known.computeIfAbsent(line, this::taken);
    }

    private List<Item> taken(String line) {
        List<Item> items = new ArrayList<>();
        boolean plain = line.length() > LONGEST_OF_CLASSES || hasOnlyNumbers(line);
        Matcher numbers = number.matcher(line);
        Matcher words = WORD.matcher(line);
        int at = 0;
        int ended = -1;
        while (at < line.length()) {
            char character = line.charAt(at);
            if (Character.isWhitespace(character) || ",;|{}".indexOf(character) >= 0) {
                at++;
                continue;
            }
            if ((character == ':' || character == '=') && !items.isEmpty()) {
                label(items);
                at++;
                continue;
            }
            int classed =
                    plain || at > 0 && Character.isLetterOrDigit(line.charAt(at - 1)) ? -1 : ClassLabel.end(line, at);
            if (classed > 0) {
                items.add(new Item(Item.Kind.CLASS, line.substring(at, classed), false));
                at = classed;
            } else if (numbers.region(at, line.length()).lookingAt()) {
                items.add(new Item(Item.Kind.NUMBER, numbers.group(), false));
                at = numbers.end();
            } else if (("[(".indexOf(character) >= 0 && at + 1 < line.length() && isNumberAt(line, at + 1))
                    || ")]".indexOf(character) >= 0
                    || character == '.') {
                at++;
            } else {
                words.region(at, line.length()).lookingAt();
                String word = words.group();
                boolean labels = word.length() > 1 && (word.endsWith(":") || word.endsWith("="));
                word(items, labels ? word.substring(0, word.length() - 1) : word, at - ended == 1, labels);
                at = words.end();
                ended = at;
            }
        }
        return items;
    }

    /** Whether there are digits, blanks and separators only, and each dash is a sign: then no class stands there. */
    private static boolean hasOnlyNumbers(String line) {
        for (int i = 0; i < line.length(); i++) {
            char character = line.charAt(i);
            boolean sign = (character == '-' || character == '\u2212')
                    && (i == 0 || line.charAt(i - 1) == ' ' || line.charAt(i - 1) == ',')
                    && i + 1 < line.length()
                    && Character.isDigit(line.charAt(i + 1));
            if (!sign && " .,;0123456789\t".indexOf(character) < 0) {
                return false;
            }
        }
        return true;
    }

    private boolean isNumberAt(String line, int at) {
        Matcher found = number.matcher(line);
        int from = at;
        while (from < line.length() && line.charAt(from) == ' ') {
            from++;
        }
        return found.region(from, line.length()).lookingAt();
    }

    private static void label(List<Item> items) {
        Item last = items.remove(items.size() - 1);
        items.add(new Item(last.kind(), last.text(), true));
    }

    private static void word(List<Item> items, String word, boolean goesOn, boolean labels) {
        Item last = items.isEmpty() ? null : items.get(items.size() - 1);
        if (goesOn && last != null && last.is(Item.Kind.WORDS) && !last.label()) {
            items.set(items.size() - 1, new Item(Item.Kind.WORDS, last.text() + " " + word, labels));
        } else {
            items.add(new Item(Item.Kind.WORDS, word, labels));
        }
    }
}
