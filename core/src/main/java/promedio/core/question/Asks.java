package promedio.core.question;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.assignment.Interpretation;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.DeviationCentre;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Numerals;
import promedio.core.pasted.Found;
import promedio.core.question.PrintedQuestion.Wanted;
import promedio.core.sample.SampleKind;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;

/** What the sentences of a question ask: of the program, and of a person. */
final class Asks {
    private static final Pattern WANTED = ReadingWords.words("wanted", true);
    private static final Pattern REQUIRED = ReadingWords.words("required", false);
    private static final Pattern ASK = ReadingWords.words("ask", true);
    private static final Pattern OPEN = ReadingWords.words("open", true);
    private static final Pattern USED = Pattern.compile("(?:" + ReadingWords.text("used") + ")$");
    private static final Pattern IS = Pattern.compile("^\\s*(?:" + ReadingWords.text("is") + ")");
    private static final Pattern DIRECTLY = Pattern.compile("^\\s*[-−]?[0-9]");
    private static final Pattern A_FIGURE = Pattern.compile("^ of [-−]?[0-9]");
    private static final Pattern BLANK = ReadingWords.words("blank", false);
    /** Names alone, for answers to stand behind: “Median: Range:”. */
    private static final Pattern HEADED = Pattern.compile("(?:\\s*[\\p{L}.']+(?: [\\p{L}.']+){0,4}\\s*[:=])+\\s*");

    private static final Pattern ABOUT = Pattern.compile("^ ?\\((?:taken )?(?:about|from) (?:the )?(mean|median)\\)");
    private static final Pattern SIDE = Pattern.compile("^ ?\\((population|sample)\\)");
    private static final Pattern FIGURE = Pattern.compile("[-−]?[0-9]+(?:[.,][0-9]+)?");
    private static final Pattern ORIGIN = ReadingWords.words("origin", false);
    private static final Pattern WIDTH = ReadingWords.words("width", false);
    private static final Pattern ANSWERS = ReadingWords.words("answers", true);
    private static final Pattern OF_LETTER = Pattern.compile("^ (?:of|for) ([xy])\\b");
    private static final Set<String> RULED =
            Set.of("skewness-bowley", "skewness-kelly", "skewness-pearson-median", "skewness-pearson-mode");
    private static final Map<String, List<String>> PARTS = Map.of(
            "quartiles", List.of("quartile-1", "quartile-3"),
            "three-quartiles", List.of("quartile-1", "median", "quartile-3"),
            "five-numbers", List.of("minimum", "quartile-1", "median", "quartile-3", "maximum"),
            "centres", List.of("mean", "median", "mode"),
            "fences", List.of("fence-lower", "fence-upper"),
            "line", List.of("slope", "intercept"),
            "line-x-on-y", List.of("slope/x-on-y", "intercept/x-on-y"),
            "lines", List.of("slope", "intercept", "slope/x-on-y", "intercept/x-on-y"),
            "slope-x-on-y", List.of("slope/x-on-y"),
            "slopes", List.of("slope", "slope/x-on-y"));
    private static final Set<String> OF_EACH = Set.of("mean", "sd", "sd-sample", "sd-population", "sum");

    private static final Pattern TESTED = ReadingWords.words("tested", true);
    private static final Set<String> OF_A_TEST = Set.of("t-statistic", "p-value");

    private static final int SHORT = 60;
    private static final int LOOKED_BEHIND = 120;
    private static final int LOOKED_BEFORE = 60;

    private final List<Found> samples;
    private final CourseCard card;
    private final Optional<Hypothesis> hypothesis;
    private final Map<String, String> given = new LinkedHashMap<>();
    private final List<Wanted> wanted = new ArrayList<>();
    private final List<String> open = new ArrayList<>();
    private final List<Sentence> told = new ArrayList<>();
    private String latest = "";
    private final Set<String> seen = new LinkedHashSet<>();

    Asks(Prose prose, List<Found> samples, CourseCard card) {
        this.samples = samples;
        this.card = card;
        boolean tested = prose.lines().stream()
                .anyMatch(line -> TESTED.matcher(line.text()).find());
        this.hypothesis = prose.lines().stream()
                .filter(line -> tested)
                .flatMap(line -> Hypothesis.in(small(line.text())).stream())
                .reduce((first, next) -> first.side().isEmpty() ? new Hypothesis(first.value(), next.side()) : first);
        boolean asking = false;
        for (Prose.Line line : prose.lines()) {
            asking = sentence(line, asking);
        }
        if (open.isEmpty() && wanted.isEmpty()) {
            return;
        }
        wanted.forEach(one -> one.method()
                .ifPresent(method ->
                        tellOnce(Sentence.of("question.method", Sentence.of("method." + shownMethod(method))))));
    }

    private static String shownMethod(String method) {
        return method.equals("totals") ? "short-cut" : method;
    }

    private void tellOnce(Sentence sentence) {
        if (!told.contains(sentence)) {
            told.add(sentence);
        }
    }

    Map<String, String> given() {
        return given;
    }

    List<Wanted> wanted() {
        return wanted;
    }

    List<String> open() {
        return open;
    }

    List<Sentence> told() {
        return told;
    }

    /** A stretch of a sentence that one verb governs. */
    private record Clause(int from, int to, boolean asks, boolean opens) {}

    /** What is said of how answers are to be given. */
    private record Manner(Optional<Integer> places, Optional<Integer> figures, Optional<String> method) {
        /** What is asked, in this manner where it has none of its own. */
        Wanted of(Wanted one, Optional<String> fitting) {
            boolean bare = one.places().isEmpty() && one.figures().isEmpty();
            return new Wanted(
                    one.measure(),
                    one.of(),
                    one.words(),
                    bare ? places : one.places(),
                    bare ? figures : one.figures(),
                    one.method().or(() -> fitting),
                    one.part());
        }

        boolean isRounding() {
            return places.isPresent() || figures.isPresent();
        }

        boolean isEmpty() {
            return !isRounding() && method.isEmpty();
        }
    }

    /**
     * Reads a sentence.
     *
     * @param asking whether a sentence before it asks for what is listed here
     * @return whether what follows is listed, too
     */
    private boolean sentence(Prose.Line line, boolean asking) {
        String text = line.text();
        String small = small(text);
        Manner manner = new Manner(places(small), figures(small), method(small));
        boolean listed = asking && (line.part().isPresent() || text.length() < SHORT)
                || line.part().isPresent() && line.first()
                || BLANK.matcher(small).find()
                || text.length() < SHORT && HEADED.matcher(text).matches();
        boolean silent = !listed
                && !WANTED.matcher(small).find()
                && !ASK.matcher(small).find()
                && !OPEN.matcher(small).find()
                && small.chars().noneMatch(Character::isDigit);
        if (silent && manner.isEmpty()) {
            return asking && line.part().isPresent();
        }
        List<Lexicon.Name> names = Lexicon.WORDS.names(small);
        List<Wanted> own = new ArrayList<>();
        int opened = -1;
        for (Clause clause : clauses(small, listed)) {
            if (opened >= 0 && clause.asks()) {
                addOpen(text.substring(opened, clause.from()));
                opened = -1;
            }
            if (clause.opens() && opened < 0) {
                opened = clause.from();
            }
            for (Lexicon.Name name : names) {
                if (name.from() >= clause.from() && name.from() < clause.to()) {
                    own.addAll(named(name, clause, line, small, manner));
                }
            }
        }
        if (opened >= 0) {
            addOpen(text.substring(opened));
        }
        own.stream().filter(one -> seen.add(one.measure() + " " + one.of())).forEach(wanted::add);
        spread(manner, own, ANSWERS.matcher(small).find(), line);
        origin(small);
        boolean asks = ASK.matcher(small).find();
        boolean stem = asks && (own.isEmpty() || text.strip().endsWith(":"));
        boolean leads = text.strip().endsWith(":")
                || small.contains("following")
                || text.strip().indexOf(' ') < 0;
        if (stem && opened < 0 && names.isEmpty() && manner.isEmpty() && !leads) {
            addOpen(text);
            tellOnce(Sentence.of("question.unknown", text));
        }
        return stem || asking && line.part().isPresent();
    }

    /** What a name in a clause asks for; nothing where it is given or used. */
    private List<Wanted> named(Lexicon.Name name, Clause clause, Prose.Line line, String small, Manner manner) {
        String before = small.substring(Math.max(clause.from(), name.from() - LOOKED_BEFORE), name.from());
        String after = small.substring(name.to(), Math.min(small.length(), name.to() + LOOKED_BEHIND));
        String words = line.text().substring(name.from(), name.to());
        if (isGiven(before, after, name)) {
            give(name, after, words);
            return List.of();
        }
        boolean asked = (clause.asks() || REQUIRED.matcher(after).find())
                && !USED.matcher(before).find()
                && !(isTested() && name.key().equals("mean") && Hypothesis.at(small, name.from()));
        return asked ? wanted(name, words, after, line, manner) : List.of();
    }

    /** Whether a mean is held against a number somewhere in the question. */
    private boolean isTested() {
        return hypothesis.isPresent();
    }

    /** What is said once of all answers holds for those that have nothing of their own. */
    private void spread(Manner manner, List<Wanted> own, boolean ofAll, Prose.Line line) {
        if (own.isEmpty() && line.text().startsWith("(")) {
            // A remark in brackets is about what stands before it.
            fill(one -> one.part().equals(line.part()) ? manner.of(one, fitting(one.measure(), manner.method())) : one);
            return;
        }
        boolean all = own.isEmpty() || ofAll && wanted.size() > own.size();
        if (!all) {
            return;
        }
        fill(one -> manner.of(one, fitting(one.measure(), manner.method())));
    }

    private void fill(UnaryOperator<Wanted> change) {
        wanted.replaceAll(change);
    }

    private void addOpen(String words) {
        String bare = words.strip().replaceFirst("(?i)[\\s,;]+(?:and|then|hence|also)?$", "");
        if (!bare.isEmpty() && !open.contains(bare)) {
            open.add(bare);
        }
    }

    /** The stretches that verbs govern; what stands before the first is asked only where the sentence is one of a list of asks. */
    private static List<Clause> clauses(String small, boolean listed) {
        record Verb(int from, int to, boolean opens) {}
        List<Verb> verbs = new ArrayList<>();
        Matcher opens = OPEN.matcher(small);
        while (opens.find()) {
            verbs.add(new Verb(opens.start(), opens.end(), true));
        }
        Matcher asks = ASK.matcher(small);
        while (asks.find()) {
            int from = asks.start();
            if (verbs.stream().noneMatch(verb -> verb.from() <= from && from < verb.to())) {
                verbs.add(new Verb(from, asks.end(), false));
            }
        }
        verbs.sort((one, other) -> Integer.compare(one.from(), other.from()));
        List<Clause> clauses = new ArrayList<>();
        int first = verbs.isEmpty() ? small.length() : verbs.get(0).from();
        clauses.add(new Clause(0, first, listed, false));
        for (int i = 0; i < verbs.size(); i++) {
            int to = i + 1 < verbs.size() ? verbs.get(i + 1).from() : small.length();
            Verb verb = verbs.get(i);
            clauses.add(new Clause(verb.from(), to, !verb.opens(), verb.opens()));
        }
        return clauses;
    }

    private static String small(String text) {
        StringBuilder small = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            char sign = text.charAt(i);
            small.append(sign < '\u0250' || sign >= '\u1e00' && sign < '\u1f00' ? Character.toLowerCase(sign) : sign);
        }
        return small.toString();
    }

    /** Whether a quantity is said, and not asked: “the mean is 28”, “a mean of 40”. */
    private static boolean isGiven(String before, String after, Lexicon.Name name) {
        boolean some = before.matches("(?s).*\\b(?:a|an|with) $")
                && A_FIGURE.matcher(after).find();
        boolean direct = name.number().isEmpty()
                && DIRECTLY.matcher(after).find()
                && !after.strip().startsWith("=");
        // The p of a test of μ = 50 is asked; the 50 is not it.
        boolean tested = OF_A_TEST.contains(name.key()) && after.startsWith(" of ");
        return IS.matcher(after).find() && !tested || some || direct;
    }

    private void give(Lexicon.Name name, String after, String words) {
        Matcher figure = FIGURE.matcher(after);
        String key = PARTS.containsKey(name.key()) ? name.key() : bare(name.key());
        if (figure.find()) {
            given.putIfAbsent(key, figure.group().replace('−', '-'));
            tellOnce(Sentence.of("question.given", words, figure.group()));
        }
    }

    private static String bare(String key) {
        int slash = key.indexOf('/');
        return slash < 0 ? key : key.substring(0, slash);
    }

    private List<Wanted> wanted(Lexicon.Name name, String words, String after, Prose.Line line, Manner manner) {
        List<Wanted> all = new ArrayList<>();
        int samplesAsked = Math.max(1, samples.size());
        for (String key : keys(name, after)) {
            latest = key;
            for (int of = 0; of < samplesAsked; of++) {
                int at = of;
                ruled(key, of, words)
                        .ifPresent(found -> all.add(new Wanted(
                                found,
                                at,
                                words,
                                manner.places(),
                                manner.figures(),
                                fitting(key, manner.method()),
                                line.part())));
            }
        }
        return all;
    }

    private SampleKind kind(int of) {
        return of < samples.size() ? samples.get(of).kind() : SampleKind.VALUES;
    }

    /** The keys that a name stands for. */
    private List<String> keys(Lexicon.Name name, String after) {
        Matcher side = SIDE.matcher(after);
        if ((name.key().equals("variance") || name.key().equals("sd")) && side.find()) {
            return List.of(name.key() + "-" + side.group(1));
        }
        Matcher about = ABOUT.matcher(after);
        if (name.key().equals("mean-deviation") && about.find()) {
            return List.of(about.group(1).equals("median") ? "mean-deviation-median" : "mean-deviation");
        }
        if (name.key().equals("coefficient")) {
            return coefficient();
        }
        boolean pairs = !samples.isEmpty() && kind(0).can(Use.VARIABLES);
        Optional<List<String>> certain = ofCertainty(name, pairs);
        if (certain.isPresent()) {
            return certain.get();
        }
        String key =
                switch (name.key()) {
                    case "percentile", "decile" -> name.key() + "-" + name.number();
                    case "z-score", "percentile-rank", "fitted" -> name.key() + "=" + name.number();
                    default -> bare(name.key()).equals("median") ? "median" : name.key();
                };
        if (key.equals("mean-deviation")
                && !after.isEmpty()
                && card.get(CardKey.DEVIATION_CENTRE) == DeviationCentre.MEDIAN) {
            return List.of("mean-deviation-median");
        }
        if (pairs && OF_EACH.contains(key)) {
            Matcher letter = OF_LETTER.matcher(after);
            return letter.find() ? List.of(key + "/" + letter.group(1)) : List.of(key + "/x", key + "/y");
        }
        return PARTS.getOrDefault(key, List.of(key));
    }

    /** What tells how sure a mean is; empty where a name is of something else. */
    private Optional<List<String>> ofCertainty(Lexicon.Name name, boolean pairs) {
        return switch (name.key()) {
            case "interval" -> Optional.of(interval(name.number()));
            case "t-statistic" -> Optional.of(pairs ? List.of("t") : against("t", ""));
            case "p-value" ->
                Optional.of(
                        pairs
                                ? List.of("p")
                                : against("p", hypothesis.map(Hypothesis::side).orElse("")));
            default -> Optional.empty();
        };
    }

    /** Both ends of the interval of the mean, of 95 % where no level is said. */
    private List<String> interval(String percent) {
        if (percent.isEmpty()) {
            tellOnce(Sentence.of("question.level-assumed"));
        }
        String level = Numerals.POINT
                .read(percent.isEmpty() ? "95" : percent)
                .map(number -> number.exact().over(100).toString())
                .orElse("");
        return List.of("interval-lower=" + level, "interval-upper=" + level);
    }

    /** t or p of the mean against what the question holds it against. */
    private List<String> against(String key, String side) {
        if (hypothesis.isEmpty()) {
            tellOnce(Sentence.of("question.against-nothing"));
        }
        return List.of(key + side + hypothesis.map(one -> "=" + one.value()).orElse(""));
    }

    /** The coefficient that belongs to what was asked last. */
    private List<String> coefficient() {
        String last = latest.isEmpty() ? "" : latest.replaceFirst("-(?:sample|population)$", "");
        return switch (last) {
            case "mean-deviation", "mean-deviation-median", "quartile-deviation", "range" ->
                List.of("coefficient-of-" + last);
            case "sd", "variance" -> List.of("cv");
            default -> List.of();
        };
    }

    /** A key as it is told: with its rule where the coefficient depends on one; empty where samples of this kind have none. */
    private Optional<String> ruled(String key, int of, String words) {
        boolean givens = kind(of).can(Use.GIVEN);
        Catalogue catalogue = givens
                ? Catalogue.of(
                        Interpretation.of(samples.get(of).sheet("s", ""), card).sample())
                : Catalogue.of(kind(of));
        // Of groups that are put together, their mean is that of all.
        Optional<Measure> found = catalogue.find(key, card).or(() -> catalogue.find("combined-" + key, card));
        if (givens && found.isPresent()) {
            return found.map(Measure::question);
        }
        if (found.isEmpty()) {
            tellOnce(Sentence.of("question.not-of-kind", key));
            addOpen(words);
            return Optional.empty();
        }
        return Optional.of(RULED.contains(key) ? found.get().key() : key);
    }

    private Optional<String> fitting(String key, Optional<String> method) {
        boolean worked = key.matches("(?:mean|variance|sd|cv|standard-error|covariance|correlation-pearson)(?:[-/].*)?")
                && !key.startsWith("mean-deviation");
        return worked ? method : Optional.empty();
    }

    private static Optional<Integer> places(String small) {
        Optional<Integer> said = number(ReadingWords.words("places", false), small);
        return said.or(() -> said("whole", small, 0))
                .or(() -> said("tenth", small, 1))
                .or(() -> said("hundredth", small, 2))
                .or(() -> said("thousandth", small, 3));
    }

    private static Optional<Integer> said(String key, String small, int places) {
        return ReadingWords.words(key, false).matcher(small).find() ? Optional.of(places) : Optional.empty();
    }

    private static Optional<Integer> figures(String small) {
        return number(ReadingWords.words("figures", false), small);
    }

    private static Optional<Integer> number(Pattern pattern, String small) {
        Matcher found = pattern.matcher(small);
        if (!found.find()) {
            return Optional.empty();
        }
        for (int group = 1; group <= found.groupCount(); group++) {
            if (found.group(group) != null) {
                return Optional.of(ReadingWords.number(found.group(group)));
            }
        }
        return Optional.empty();
    }

    private Optional<String> method(String small) {
        boolean classed = samples.stream().anyMatch(sample -> sample.kind().can(Use.MIDPOINTS));
        for (String method : List.of("step-deviation", "assumed-mean", "short-cut", "definition")) {
            if (ReadingWords.words("method." + method, false).matcher(small).find()) {
                boolean steps = method.equals("short-cut")
                        && classed
                        && WIDTH.matcher(small).find();
                return Optional.of(steps ? "step-deviation" : method.equals("short-cut") ? "totals" : method);
            }
        }
        return Optional.empty();
    }

    private void origin(String small) {
        Matcher origin = ORIGIN.matcher(small);
        boolean named = small.contains("assumed mean")
                || small.contains("working mean")
                || small.contains("a =")
                || small.contains("a=");
        if (named && origin.find()) {
            String at = origin.group(1) != null ? origin.group(1) : origin.group(2);
            given.putIfAbsent("A", at.replace('−', '-'));
        }
    }
}
