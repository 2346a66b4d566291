package promedio.core.question;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import promedio.core.course.CourseCard;
import promedio.core.data.Entries;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.pasted.Found;
import promedio.core.pasted.Reading;
import promedio.core.sample.GivenName;
import promedio.core.sample.GivensReader;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.LetteredReader;

/**
 * Finds what a question gives in place of data: a mean with wrong values and right ones, groups with a mean each, two of mean, median
 * and mode, totals. Only what is understood to the last number is taken: where one is left over, the question is of no such kind.
 */
final class GivenWords {
    private static final String NUMBER = "([-−]?[0-9]+(?:[.,][0-9]+)*)";
    private static final Pattern NUMBERS = Pattern.compile("(?<![\\p{L}0-9.,])" + NUMBER);
    private static final int LONGEST = 3_000;
    private static final int LONGEST_LABEL = 40;

    private final String text;
    private final Numerals numerals;
    private final BitSet understood = new BitSet();
    private final Map<GivenName, List<String>> given = new LinkedHashMap<>();

    private GivenWords(String text, Numerals numerals) {
        this.text = text;
        this.numerals = numerals;
    }

    /** What a text gives in place of data; empty where it gives data, or something that is not understood. */
    static Optional<Reading> of(String text, Numerals numerals) {
        if (text.length() > LONGEST) {
            return Optional.empty();
        }
        return new GivenWords(text, numerals)
                .correction()
                .or(() -> new GivenWords(text, numerals).combination())
                .or(() -> new GivenWords(text, numerals).totals())
                .or(() -> new GivenWords(text, numerals).empirical());
    }

    /**
     * What is known of the whole of a list or table in which letters stand for what is asked; empty where none do, or not all is
     * understood.
     *
     * @param found the table as it is read; empty where the list stands in the sentence
     */
    static Optional<Reading> missing(Optional<Found> found, String text, CourseCard card) {
        if (text.length() > LONGEST || !asksForLetters(text)) {
            return Optional.empty();
        }
        return new GivenWords(text, card.numerals()).missing(found, card);
    }

    /** Whether words ask for what letters stand for. */
    static boolean asksForLetters(String words) {
        return pattern("letters-asked").matcher(words).find();
    }

    private Optional<Reading> missing(Optional<Found> found, CourseCard card) {
        if (found.isPresent()) {
            GivenName[] names = {GivenName.VALUES, GivenName.FREQUENCIES};
            List<Entries> columns = found.get().columns();
            for (int i = 0; i < Math.min(names.length, columns.size()); i++) {
                add(names[i], String.join("; ", columns.get(i).texts()));
            }
        } else {
            Matcher list = pattern("letters-list").matcher(text);
            if (!list.find()) {
                return Optional.empty();
            }
            add(GivenName.VALUES, list.group(1).strip());
            understood.set(list.start(1), list.end(1));
        }
        if (!isLettered(card)) {
            return Optional.empty();
        }
        meanAndSpread();
        one("letters-mean", GivenName.MEAN);
        one("mean", GivenName.MEAN);
        one("letters-median", GivenName.MEDIAN);
        one("median", GivenName.MEDIAN);
        one("letters-mode", GivenName.MODE);
        one("mode", GivenName.MODE);
        one("sd", GivenName.SD);
        one("variance", GivenName.VARIANCE);
        one("sum", GivenName.SUM);
        one("total", GivenName.COUNT);
        one("n", GivenName.COUNT);
        count();
        boolean known = given.keySet().stream().anyMatch(name -> !name.isRow() && name != GivenName.COUNT)
                || given.containsKey(GivenName.COUNT) && given.containsKey(GivenName.FREQUENCIES);
        return known ? reading(SampleKind.MISSING) : Optional.empty();
    }

    private boolean isLettered(CourseCard card) {
        try {
            LetteredReader.read(
                    given.get(GivenName.VALUES).get(0),
                    given.getOrDefault(GivenName.FREQUENCIES, List.of()).stream()
                            .findFirst(),
                    card);
            return true;
        } catch (GivensReader.Fault none) {
            return false;
        }
    }

    /** The letters of such a reading, with the words that ask for them. */
    static Map<String, String> lettersAsked(Reading reading, String text, CourseCard card) {
        GivensReader reader = LetteredReader.givens(SampleKind.MISSING, card);
        List<Entries> columns = reading.samples().get(0).columns();
        for (int row = 0; row < columns.get(0).size(); row++) {
            try {
                reader.take(columns.get(0).text(row), columns.get(1).text(row));
            } catch (GivensReader.Fault fault) {
                return Map.of();
            }
        }
        Matcher asked = pattern("letters-asked").matcher(text);
        String words = asked.find() ? asked.group().strip() : "";
        Map<String, String> all = new LinkedHashMap<>();
        reader.givens().lettered().ifPresent(data -> data.letters().forEach(letter -> all.put(letter, words)));
        return all;
    }

    private static Pattern pattern(String key) {
        return ReadingWords.words("given." + key, true, NUMBER);
    }

    private Optional<Reading> correction() {
        meanAndSpread();
        one("mean", GivenName.MEAN);
        one("sd", GivenName.SD);
        one("variance", GivenName.VARIANCE);
        pairs("read-two", true);
        pairs("instead-two", false);
        pairs("read", true);
        pairs("instead", false);
        all("left-out", GivenName.LEFT_OUT);
        all("not-belonging", GivenName.NOT_BELONGING);
        boolean some = given.containsKey(GivenName.READ)
                || given.containsKey(GivenName.LEFT_OUT)
                || given.containsKey(GivenName.NOT_BELONGING);
        count();
        return some && has(GivenName.COUNT, GivenName.MEAN) ? reading(SampleKind.CORRECTION) : Optional.empty();
    }

    private Optional<Reading> empirical() {
        one("mean", GivenName.MEAN);
        one("median", GivenName.MEDIAN);
        one("mode", GivenName.MODE);
        return given.size() == 2 ? reading(SampleKind.EMPIRICAL) : Optional.empty();
    }

    private Optional<Reading> totals() {
        one("sum-squares", GivenName.SUM_SQUARES);
        one("sum", GivenName.SUM);
        one("n", GivenName.COUNT);
        if (!given.containsKey(GivenName.COUNT)) {
            count();
        }
        return has(GivenName.COUNT, GivenName.SUM) ? reading(SampleKind.TOTALS) : Optional.empty();
    }

    /** “The mean of 20 boys is 40 and that of 30 girls is 35”, perhaps with a standard deviation each. */
    private Optional<Reading> combination() {
        if (!pattern("of-means").matcher(text).find()) {
            return Optional.empty();
        }
        Matcher parts = pattern("part").matcher(text);
        while (parts.find()) {
            String label = parts.group(2).strip();
            String own =
                    label.length() > LONGEST_LABEL || taken(label) ? label + " " + (count(GivenName.PART) + 1) : label;
            String sd = parts.group(4) == null ? "" : "; " + number(parts, 4);
            add(GivenName.PART, own + "; " + number(parts, 1) + "; " + number(parts, 3) + sd);
        }
        if (count(GivenName.PART) > 1) {
            all();
        }
        return count(GivenName.PART) > 1 ? reading(SampleKind.COMBINATION) : Optional.empty();
    }

    /** How many all of them are may be named again. */
    private void all() {
        Exact all = given.get(GivenName.PART).stream()
                .map(part ->
                        numerals.read(GivensReader.parts(GivenName.PART, part).get(1)))
                .flatMap(Optional::stream)
                .map(Numerals.Numeral::exact)
                .reduce(Exact.ZERO, Exact::plus);
        Matcher again = NUMBERS.matcher(text);
        while (again.find()) {
            if (numerals.read(again.group(1))
                    .filter(one -> one.exact().equals(all))
                    .isPresent()) {
                understood.set(again.start(1));
            }
        }
    }

    private boolean taken(String label) {
        return given.getOrDefault(GivenName.PART, List.of()).stream().anyMatch(part -> part.startsWith(label + ";"));
    }

    private int count(GivenName name) {
        return given.getOrDefault(name, List.of()).size();
    }

    private boolean has(GivenName... names) {
        return List.of(names).stream().allMatch(given::containsKey);
    }

    private void add(GivenName name, String value) {
        given.computeIfAbsent(name, key -> new ArrayList<>()).add(value);
    }

    /** The number of a group, as it is typed; its place is understood. */
    private String number(Matcher found, int group) {
        understood.set(found.start(group));
        return found.group(group).replace('−', '-');
    }

    /** The mean and the standard deviation, or variance, in one breath. */
    private void meanAndSpread() {
        Matcher found = pattern("mean-and-spread").matcher(text);
        if (found.find()) {
            boolean variance = found.group(1).toLowerCase(Locale.ROOT).startsWith("v");
            add(GivenName.MEAN, number(found, 2));
            add(variance ? GivenName.VARIANCE : GivenName.SD, number(found, 3));
        }
    }

    private void one(String key, GivenName name) {
        Matcher found = pattern(key).matcher(text);
        while (!given.containsKey(name) && found.find()) {
            if (!understood.get(found.start(1))) {
                add(name, number(found, 1));
            }
        }
    }

    private void all(String key, GivenName name) {
        Matcher found = pattern(key).matcher(text);
        while (found.find()) {
            if (!understood.get(found.start(1))) {
                add(name, number(found, 1));
            }
        }
    }

    /** Values as they were read and as they are, one pair or two of them. */
    private void pairs(String key, boolean rightFirst) {
        Matcher found = pattern(key).matcher(text);
        while (found.find()) {
            if (understood.get(found.start(1))) {
                continue;
            }
            int half = found.groupCount() / 2;
            for (int i = 1; i <= half; i++) {
                String first = number(found, i);
                String second = number(found, half + i);
                add(GivenName.READ, rightFirst ? second + " : " + first : first + " : " + second);
            }
        }
    }

    private void count() {
        Matcher found = ReadingWords.words("counted", true).matcher(text);
        while (!given.containsKey(GivenName.COUNT) && found.find()) {
            if (Character.isDigit(found.group(1).charAt(0)) && !understood.get(found.start(1))) {
                add(GivenName.COUNT, number(found, 1));
            }
        }
        String n = count(GivenName.COUNT) == 1 ? given.get(GivenName.COUNT).get(0) : "";
        // The count may be named again.
        Matcher again = NUMBERS.matcher(text);
        while (again.find()) {
            if (again.group(1).equals(n)) {
                understood.set(again.start(1));
            }
        }
    }

    /** Whether every number is understood, but for those that say how answers are to be given. */
    private boolean isWhole() {
        Matcher places = ReadingWords.words("places", false).matcher(text);
        while (places.find()) {
            understood.set(places.start(), places.end());
        }
        Matcher figures = ReadingWords.words("figures", false).matcher(text);
        while (figures.find()) {
            understood.set(figures.start(), figures.end());
        }
        Matcher numbers = NUMBERS.matcher(text);
        while (numbers.find()) {
            if (!understood.get(numbers.start(1))) {
                return false;
            }
        }
        return given.values().stream()
                .flatMap(List::stream)
                .flatMap(value -> NUMBERS.matcher(value).results())
                .allMatch(one -> numerals.read(one.group(1)).isPresent());
    }

    private Optional<Reading> reading(SampleKind kind) {
        if (!isWhole()) {
            return Optional.empty();
        }
        List<String> names = new ArrayList<>();
        List<String> values = new ArrayList<>();
        given.forEach((name, all) -> all.forEach(value -> {
            names.add(name.id());
            values.add(value);
        }));
        String listed = given.entrySet().stream()
                .flatMap(entry ->
                        entry.getValue().stream().map(value -> entry.getKey().id() + " " + value))
                .collect(Collectors.joining(", "));
        Sentence what = Sentence.of("pasted.what.given." + kind.id(), listed);
        Found found = new Found("", "", kind, List.of(Entries.of(names), Entries.of(values)));
        return Optional.of(
                new Reading(what, List.of(found), List.of(Sentence.of("pasted.read.standing", what)), false));
    }
}
