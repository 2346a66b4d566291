package promedio.core.question;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A sheet taken apart into its numbered questions. */
final class Sheet {
    private static final Pattern NUMBER = Pattern.compile(
            "\\s*(?:(?i:q|qn|question|exercise|problem|no)\\s?\\.?\\s?([0-9]{1,2})|([0-9]{1,2}))\\s*(?:\\(([a-h])\\)|([a-h]))?\\s*[.):]?(?:\\s+(.*)|)");
    private static final Pattern MARKED = Pattern.compile(
            "\\s*(?:(?i:q|qn|question|exercise|problem|no)\\s?\\.?\\s?[0-9]|[0-9]{1,2}\\s*(?:\\([a-h]\\)|[a-h])?\\s*[.):]\\s).*");
    private static final Pattern WORD = Pattern.compile("\\p{L}{2,}");
    private static final int WORDS = 3;

    private Sheet() {}

    /**
     * A question of it.
     *
     * @param number its number; empty where it has none
     * @param lines its lines without the number
     */
    record Numbered(Optional<String> number, List<String> lines) {}

    /** The questions, in order; one where nothing is numbered. */
    static List<Numbered> questions(List<String> lines) {
        List<Numbered> questions = new ArrayList<>();
        List<String> now = new ArrayList<>();
        Optional<String> number = Optional.empty();
        int last = 0;
        for (String line : lines) {
            Matcher head = NUMBER.matcher(line);
            if (MARKED.matcher(line).matches() && head.matches() && isHead(head, last)) {
                if (number.isPresent() || says(now)) {
                    questions.add(new Numbered(number, now));
                    now = new ArrayList<>();
                }
                last = counted(head);
                String letter = head.group(3) != null ? head.group(3) : head.group(4);
                number = Optional.of(letter == null ? Integer.toString(last) : last + " " + letter);
                now.add(head.group(5) == null ? "" : head.group(5));
            } else {
                now.add(line);
            }
        }
        questions.add(new Numbered(number, now));
        return questions;
    }

    private static int counted(Matcher head) {
        return Integer.parseInt(head.group(1) != null ? head.group(1) : head.group(2));
    }

    /** Whether a line begins a question: its number follows the one before, and words follow it. */
    private static boolean isHead(Matcher head, int last) {
        int number = counted(head);
        String text = head.group(5) == null ? "" : head.group(5);
        boolean follows = last == 0 || number == last || number == last + 1 || number == last + 2;
        boolean words = WORD.matcher(text).results().limit(WORDS).count() >= WORDS;
        return follows && (words || head.group(1) != null);
    }

    private static boolean says(List<String> lines) {
        return lines.stream().anyMatch(line -> WORD.matcher(line).find());
    }
}
