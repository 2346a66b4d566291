package promedio.core.question;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.course.CourseCard;
import promedio.core.number.Exact;
import promedio.core.pasted.Found;
import promedio.core.pasted.Pasted;
import promedio.core.pasted.Reading;
import promedio.core.question.PrintedQuestion.Wanted;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;

/**
 * Reads questions as they are printed: their data, wherever they stand, and what they ask, in its order. Whatever it decides it tells.
 */
public final class QuestionReader {
    private static final Pattern LINE_END = Pattern.compile("\r\n?|[\u000b\f\u0085\u2028\u2029]");
    private static final Pattern ASKS = ReadingWords.words("ask", true);
    private static final Pattern OPENS = ReadingWords.words("open", true);
    private static final Pattern COUNTED = ReadingWords.words("counted", true);
    private static final Pattern PAIRED = ReadingWords.words("paired", true);
    private static final Pattern SEVERAL = ReadingWords.words("several", true);
    private static final Pattern DRAWN = ReadingWords.words("drawn", false);
    private static final Pattern BEHIND = Pattern.compile("\\s+\\p{L}+$");
    private static final Pattern WANTED = ReadingWords.words("wanted", true);
    private static final Pattern BLANKS = ReadingWords.words("blank", false);
    private static final int LONGEST = 2_000_000;

    private final CourseCard card;
    private final Runnable pause;

    private QuestionReader(CourseCard card, Runnable pause) {
        this.card = card;
        this.pause = pause;
    }

    /** Whether what is left to a person is to be drawn. */
    public static boolean isDrawn(String open) {
        return DRAWN.matcher(open).find();
    }

    /** Whether a text looks as if it asked something: it has a word by which one asks. */
    public static boolean looksAsked(String text) {
        return text.length() <= LONGEST
                && (ASKS.matcher(text).find()
                        || OPENS.matcher(text).find()
                        || BLANKS.matcher(text).find()
                        || WANTED.matcher(text).find());
    }

    /** The questions of a text, one at least; a text that asks nothing is one that asks nothing. */
    public static List<PrintedQuestion> read(String text, CourseCard card) {
        return read(text, card, () -> {});
    }

    /**
     * The same of a text that may be long.
     *
     * @param pause what is asked again and again; it stops the work by throwing
     */
    public static List<PrintedQuestion> read(String text, CourseCard card, Runnable pause) {
        QuestionReader reader = new QuestionReader(card, pause);
        List<String> lines = List.of(LINE_END.matcher(text).replaceAll("\n").split("\n", -1));
        if (!looksAsked(text)) {
            return List.of(reader.plain(text, lines));
        }
        List<PrintedQuestion> read = new ArrayList<>();
        List<String> stem = List.of();
        for (Sheet.Numbered one : Sheet.questions(lines)) {
            pause.run();
            PrintedQuestion question = reader.question(one.number(), one.lines());
            if (!question.asks() && one.number().isEmpty()) {
                // A title, or data that stand above the questions about them.
                stem = question.readings().isEmpty() ? List.of() : one.lines();
            } else if (question.readings().isEmpty() && !stem.isEmpty()) {
                List<String> whole = new ArrayList<>(stem);
                whole.addAll(one.lines());
                read.add(reader.question(one.number(), whole));
            } else {
                read.add(question);
            }
        }
        return read.isEmpty() ? List.of(reader.plain(text, lines)) : read;
    }

    /** The question that a text is; empty where it is none, or several. */
    public static Optional<PrintedQuestion> single(String text, CourseCard card) {
        return Optional.of(text)
                .filter(QuestionReader::looksAsked)
                .map(asking -> read(asking, card))
                .filter(all -> all.size() == 1 && all.get(0).asks())
                .map(all -> all.get(0));
    }

    /** A text that asks nothing, read as a paste. */
    private PrintedQuestion plain(String text, List<String> lines) {
        List<Reading> readings = Pasted.read(String.join("\n", lines), card.numerals(), pause);
        List<Sentence> told = new ArrayList<>();
        readings.stream().limit(1).forEach(reading -> told.addAll(reading.told()));
        return new PrintedQuestion(text.strip(), Optional.empty(), readings, Map.of(), List.of(), List.of(), told);
    }

    private PrintedQuestion question(Optional<String> number, List<String> lines) {
        List<DataBlocks.Piece> pieces = DataBlocks.of(lines);
        List<Sentence> told = new ArrayList<>();
        StringBuilder prose = new StringBuilder();
        List<String> blocks = new ArrayList<>();
        for (DataBlocks.Piece piece : pieces) {
            String part = String.join("\n", piece.lines());
            if (piece.data()) {
                blocks.add(part);
                prose.append('\n');
            } else {
                prose.append(part).append('\n');
            }
        }
        Prose words = new Prose(prose.toString());
        List<Reading> readings = readings(blocks, words);
        Optional<Reading> missing = missing(blocks, readings, words);
        Optional<Reading> givens =
                missing.isPresent() || !blocks.isEmpty() ? missing : GivenWords.of(words.data(), card.numerals());
        if (givens.isPresent()) {
            // Figures of a sentence that are understood to the last are no data.
            readings = List.of(givens.get());
        }
        Optional<Exact> said = givens.isPresent() ? Optional.empty() : said(words);
        if (said.isPresent()) {
            readings = counting(readings, said.get());
        }
        if (givens.isPresent()) {
            pause.run();
        } else if (PAIRED.matcher(words.data()).find()) {
            readings = paired(readings);
        } else if (!SEVERAL.matcher(words.data()).find()) {
            readings = tabled(readings);
        }
        readings.stream().limit(1).forEach(reading -> told.addAll(reading.told()));
        if (said.isPresent() && !readings.isEmpty()) {
            count(said.get(), readings.get(0)).ifPresent(told::add);
        }
        Asks asks =
                new Asks(words, readings.isEmpty() ? List.of() : readings.get(0).samples(), card);
        // What is given in place of data was told as such.
        asks.told().stream()
                .filter(sentence -> givens.isEmpty() || !sentence.key().equals("question.given"))
                .forEach(told::add);
        String text = String.join("\n", lines).strip();
        List<Wanted> wanted = new ArrayList<>(asks.wanted());
        List<String> open = new ArrayList<>(asks.open());
        if (missing.isPresent()) {
            // What asks for the letters was asked of the program after all.
            open.stream()
                    .filter(GivenWords::asksForLetters)
                    .forEach(asking -> told.remove(Sentence.of("question.unknown", asking)));
            open.removeIf(GivenWords::asksForLetters);
            GivenWords.lettersAsked(missing.get(), words.data(), card)
                    .forEach((letter, asking) -> wanted.add(new Wanted(
                            letter,
                            0,
                            asking,
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty())));
        }
        return new PrintedQuestion(
                text, number, readings, givens.isPresent() ? Map.of() : asks.given(), wanted, open, told);
    }

    /** A table, or a list in a sentence, in which letters stand for what is asked. */
    private Optional<Reading> missing(List<String> blocks, List<Reading> readings, Prose words) {
        List<Found> samples = readings.isEmpty() ? List.of() : readings.get(0).samples();
        if (!blocks.isEmpty()) {
            return samples.size() == 1 && samples.get(0).columns().size() <= 2
                    ? GivenWords.missing(Optional.of(samples.get(0)), words.data(), card)
                    : Optional.empty();
        }
        return GivenWords.missing(Optional.empty(), words.data(), card);
    }

    /** The data of a question: what stands on lines of its own, else in its sentences. */
    private List<Reading> readings(List<String> blocks, Prose words) {
        List<Reading> readings = new ArrayList<>();
        for (String block : blocks) {
            pause.run();
            List<Reading> own = Pasted.read(block, card.numerals(), pause).stream()
                    .filter(reading -> !reading.samples().isEmpty())
                    .toList();
            readings = readings.isEmpty() ? new ArrayList<>(own) : own.isEmpty() ? readings : joined(readings, own);
        }
        if (!readings.isEmpty()) {
            return readings;
        }
        String points = DataBlocks.points(words.data());
        if (!points.isEmpty()) {
            return Pasted.read(points, card.numerals(), pause);
        }
        List<String> lists = DataBlocks.lists(words.data());
        boolean labelled = lists.size() > 1 && lists.stream().allMatch(list -> list.indexOf(':') > 0);
        if (labelled) {
            return Pasted.read(String.join("\n", lists), card.numerals(), pause);
        }
        for (String list : lists) {
            pause.run();
            List<Reading> own = listed(list);
            readings = readings.isEmpty() ? new ArrayList<>(own) : joined(readings, own);
        }
        return readings;
    }

    /** A list of a sentence; what is counted by it stands behind its last number, and is no value. */
    private List<Reading> listed(String list) {
        List<Reading> whole = Pasted.read(list, card.numerals(), pause);
        String bare = BEHIND.matcher(list).replaceFirst("");
        boolean longer = !bare.equals(list)
                && whole.stream()
                        .limit(1)
                        .flatMap(reading -> reading.samples().stream())
                        .anyMatch(found -> found.columns().get(0).texts().stream()
                                .anyMatch(list.substring(bare.length()).strip()::equals));
        return longer ? Pasted.read(bare, card.numerals(), pause) : whole;
    }

    /** Where what is asked is of pairs, two lists of one length are pairs; the other readings stay. */
    private static List<Reading> paired(List<Reading> readings) {
        Optional<Reading> pairs = readings.stream()
                .filter(reading -> reading.samples().stream()
                        .anyMatch(found -> found.kind().can(Use.VARIABLES)))
                .findFirst();
        boolean two = pairs.isEmpty()
                && !readings.isEmpty()
                && readings.get(0).samples().size() == 2
                && readings.get(0).samples().stream()
                        .allMatch(found -> found.columns().size() == 1)
                && readings.get(0).samples().get(0).size()
                        == readings.get(0).samples().get(1).size();
        if (pairs.isEmpty() && !two) {
            return readings;
        }
        return first(pairs.orElseGet(() -> Reading.ofPairs(readings.get(0))), readings);
    }

    /** Where one thing is asked about, values that count up one by one beside whole numbers are more likely a frequency table than two samples. */
    private List<Reading> tabled(List<Reading> readings) {
        boolean two = !readings.isEmpty()
                && readings.get(0).samples().size() == 2
                && readings.get(0).samples().stream()
                        .allMatch(found -> found.columns().size() == 1)
                && countsUp(readings.get(0).samples().get(0));
        Optional<Reading> table = readings.stream()
                .filter(reading -> reading.samples().size() == 1
                        && reading.samples().get(0).kind().can(Use.COUNTED))
                .findFirst();
        return two && table.isPresent() ? first(table.get(), readings) : readings;
    }

    private boolean countsUp(Found found) {
        Optional<Exact> before = Optional.empty();
        for (String text : found.columns().get(0).texts()) {
            Optional<Exact> value = card.numerals().read(text.strip()).map(number -> number.exact());
            boolean next = value.isPresent()
                    && (before.isEmpty() || value.get().equals(before.get().plus(Exact.ONE)));
            if (!next) {
                return false;
            }
            before = value;
        }
        return true;
    }

    /** Readings with one of them, or another, before the others. */
    private static List<Reading> first(Reading first, List<Reading> readings) {
        List<Reading> ordered = new ArrayList<>(readings);
        ordered.remove(first);
        ordered.add(0, first);
        return ordered;
    }

    /** The likeliest readings of two blocks, side by side. */
    private static List<Reading> joined(List<Reading> before, List<Reading> more) {
        Reading first = before.get(0);
        Reading second = more.get(0);
        List<Found> samples = new ArrayList<>(first.samples());
        samples.addAll(second.samples());
        List<Sentence> told = new ArrayList<>(first.told());
        told.addAll(second.told());
        return new ArrayList<>(List.of(new Reading(first.what(), samples, told, first.relative())));
    }

    /** How many things the words count, where they do. */
    private static Optional<Exact> said(Prose words) {
        return words.lines().stream()
                .map(line -> COUNTED.matcher(line.text()))
                .filter(Matcher::find)
                .findFirst()
                .map(found -> Exact.of(ReadingWords.number(found.group(1))));
    }

    /** Of several readings, the first that has as many values as the words count stands first. */
    private List<Reading> counting(List<Reading> readings, Exact said) {
        return readings.stream()
                .filter(reading -> reading.samples().size() == 1
                        && total(reading.samples().get(0)).filter(said::equals).isPresent())
                .findFirst()
                .map(first -> first(first, readings))
                .orElse(readings);
    }

    /** What is to be said where the words count other than the data are, or as they are. */
    private Optional<Sentence> count(Exact said, Reading reading) {
        return Optional.of(reading.samples())
                .filter(samples -> samples.size() == 1)
                .flatMap(samples -> total(samples.get(0)))
                .map(counted -> said.equals(counted)
                        ? Sentence.of("question.counted", said)
                        : Sentence.of("question.counted-other", said, counted));
    }

    private Optional<Exact> total(Found found) {
        if (found.kind().can(Use.COUNTED)) {
            Exact sum = Exact.ZERO;
            for (String cell : found.columns().get(1).texts()) {
                Optional<Exact> one = card.numerals().read(cell.strip()).map(number -> number.exact());
                if (one.isEmpty()) {
                    return Optional.empty();
                }
                sum = sum.plus(one.get());
            }
            return Optional.of(sum);
        }
        return Optional.of(Exact.of(found.size()));
    }
}
