package promedio.core.pasted;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;

/** Values, each with how often it occurs: {@code 12 (3 times), 15 ×2, 18}. */
final class Times {
    private static final Map<String, String> WORDS = Map.of(
            "once",
            "1",
            "twice",
            "2",
            "thrice",
            "3",
            "one time",
            "1",
            "two times",
            "2",
            "three times",
            "3",
            "four times",
            "4",
            "five times",
            "5");
    private static final Pattern TIMES = Pattern.compile(
            "(?<value>[+−-]?[0-9.,]+(?:\\s?[\\p{L}%]{1,6}(?<!x))??)\\s*(?:(?:[×x*]|occurs|appears|comes)\\s*(?<behind>[0-9]++)(?:\\s*times)?"
                    + "|[:(=-]?\\s*(?:occurs\\s+|appears\\s+)?(?<bracket>[0-9]+)\\s*(?:times|×|x)\\s*\\)?"
                    + "|\\(\\s*(?<alone>[0-9]+)\\s*\\)|[(:=-]?\\s*(?:occurs\\s+)?(?<word>once|twice|thrice|(?:one|two|three|four|five) times?)\\)?)\\s*\\.?",
            Pattern.CASE_INSENSITIVE);
    private static final int LONGEST = 10_000;
    private static final int LONGEST_PART = 60;
    private static final Pattern SIGNS = Pattern.compile("(?i)[×x*(]|times|once|twice|thrice");
    private static final Pattern PARTS = Pattern.compile("\\s?(?:;|,(?=\\s)|,?\\sand\\s|\n)\\s?");

    private Times() {}

    static Optional<Reading> read(List<String> lines, PastedCells cells) {
        String text = String.join("\n", lines);
        if (text.length() > LONGEST || !SIGNS.matcher(text).find()) {
            return Optional.empty();
        }
        List<String> values = new ArrayList<>();
        List<String> frequencies = new ArrayList<>();
        String name = "";
        int said = 0;
        for (String part : PARTS.split(text, -1)) {
            if (part.length() > LONGEST_PART) {
                return Optional.empty();
            }
            Matcher matcher = TIMES.matcher(part.strip());
            if (matcher.matches() && cells.isNumber(matcher.group("value"))) {
                values.add(matcher.group("value"));
                frequencies.add(frequency(matcher));
                said++;
            } else if (cells.isNumber(part)) {
                values.add(part);
                frequencies.add("1");
            } else if (values.isEmpty() && name.isEmpty() && part.chars().noneMatch(Character::isDigit)) {
                name = PastedCells.bare(part);
            } else if (!part.isBlank()) {
                return Optional.empty();
            }
        }
        if (said == 0 || said * 2 < values.size()) {
            return Optional.empty();
        }
        Found found =
                Found.table(name, cells.commonUnit(values), SampleKind.FREQUENCIES, cells.values(values), frequencies);
        Sentence what = Reading.what(SampleKind.FREQUENCIES, values.size());
        return Optional.of(Reading.of(what, Layout.STANDING, List.of(found), List.of()));
    }

    private static String frequency(Matcher matcher) {
        for (String group : List.of("behind", "bracket", "alone")) {
            if (matcher.group(group) != null) {
                return matcher.group(group);
            }
        }
        String word = matcher.group("word").toLowerCase(java.util.Locale.ROOT);
        return WORDS.getOrDefault(word, WORDS.getOrDefault(word + "s", "1"));
    }
}
