package promedio.core.language;

import com.vmware.antlr4c3.CodeCompletionCore;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import org.antlr.v4.runtime.CharStreams;
import org.antlr.v4.runtime.CommonTokenStream;
import org.antlr.v4.runtime.ParserRuleContext;
import org.antlr.v4.runtime.Token;
import promedio.core.language.grammar.StepsLexer;
import promedio.core.language.grammar.StepsParser;

/** How a step or formula that is being written can go on: words of the language, names of columns, and their values. */
public final class Completion {
    private static final int MOST = 12;
    private static final int MOST_VALUES = 8;
    /** Words behind which nothing but the next word can stand. */
    private static final Set<String> TOGETHER = Set.of(
            "keep rows",
            "rows",
            "leave",
            "leave out rows",
            "work",
            "sort",
            "sort into",
            "replace",
            "name",
            "name values",
            "carry",
            "put",
            "put in",
            "put in order",
            "join",
            "standard",
            "standard score",
            "running",
            "running total",
            "joined",
            "starts",
            "ends",
            "row",
            "first",
            "largest",
            "smallest");

    private Completion() {}

    /**
     * A way to go on.
     *
     * @param text the whole line with it, up to its end
     * @param word what is put there
     */
    public record Way(String text, String word) {}

    /**
     * What can be named.
     *
     * @param names the names of columns
     * @param values the values of a column as they are written in the language, the likeliest first; none where nobody knows them yet
     */
    public record Known(List<String> names, Function<Awaited, List<String>> values) {
        /** Copies the names. */
        public Known {
            names = List.copyOf(names);
        }

        /** Names of lists whose values are not named one by one. */
        public static Known of(List<String> names) {
            return new Known(names, column -> List.of());
        }
    }

    /**
     * The ways to go on from the end of a line.
     *
     * @param step whether it is a step, else a formula
     */
    public static List<Way> of(String line, boolean step, Known known) {
        StepsLexer lexer = new StepsLexer(CharStreams.fromString(line));
        lexer.removeErrorListeners();
        CommonTokenStream tokens = new CommonTokenStream(lexer);
        tokens.fill();
        List<Token> all = tokens.getTokens();
        Token last = all.size() > 1 ? all.get(all.size() - 2) : null;
        int open = open(all);
        // A word that touches the end is still being written, as is what stands behind a quote that nobody closed.
        boolean begun =
                open < all.size() - 1 || last != null && last.getStopIndex() == line.length() - 1 && isWord(last);
        int place = open < all.size() - 1 ? open : all.size() - 1 - (begun ? 1 : 0);
        String begin = begun ? line.substring(all.get(place).getStartIndex()) : "";
        String before = line.substring(0, line.length() - begin.length());
        StepsParser parser = new StepsParser(tokens);
        parser.removeErrorListeners();
        CodeCompletionCore core =
                new CodeCompletionCore(parser, Set.of(StepsParser.RULE_column, StepsParser.RULE_fresh), Set.of());
        ParserRuleContext rule =
                step ? new StepsParser.WholeStepContext(null, 0) : new StepsParser.WholeFormulaContext(null, 0);
        rule.start = all.get(0);
        CodeCompletionCore.CandidatesCollection found = core.collectCandidates(place, rule);
        List<Way> ways = new ArrayList<>();
        if (found.tokens.containsKey(StepsParser.TEXT)) {
            Awaited.behind(all.subList(0, place)).stream()
                    .flatMap(column -> known.values().apply(column).stream())
                    .filter(value -> begins(value, begin))
                    .filter(value -> !value.equals(begin))
                    .limit(MOST_VALUES)
                    .forEach(value -> ways.add(new Way(spaced(before) + value, value)));
        }
        if (found.rules.containsKey(StepsParser.RULE_column)) {
            known.names().stream()
                    .map(Grammar::name)
                    .filter(name -> begins(name, begin))
                    .filter(name -> !name.equals(begin))
                    .forEach(name -> ways.add(new Way(spaced(before) + name, name)));
        }
        Set<String> words = new TreeSet<>();
        found.tokens.forEach((type, following) -> {
            String literal = StepsParser.VOCABULARY.getLiteralName(type);
            if (literal != null && Character.isLetter(literal.charAt(1))) {
                StringBuilder word = new StringBuilder(literal.substring(1, literal.length() - 1));
                for (int next : following) {
                    String more = StepsParser.VOCABULARY.getLiteralName(next);
                    if (TOGETHER.contains(word.toString()) && more != null) {
                        word.append(' ').append(more, 1, more.length() - 1);
                    }
                }
                words.add(word.toString());
            }
        });
        words.stream()
                .filter(word -> fits(word, begin) && !word.equals(begin))
                .forEach(word -> ways.add(new Way(spaced(before) + word, word)));
        return ways.subList(0, Math.min(MOST, ways.size()));
    }

    /** The place of a quote that is not closed; the end where there is none. */
    private static int open(List<Token> tokens) {
        int place = 0;
        while (place < tokens.size() - 1
                && !(tokens.get(place).getType() == StepsLexer.OTHER
                        && "\"'".contains(tokens.get(place).getText()))) {
            place++;
        }
        return place;
    }

    private static boolean isWord(Token token) {
        return Character.isLetter(token.getText().charAt(0)) || token.getText().startsWith("'");
    }

    /** Whether a name or value begins so, with its quotes or without them. */
    private static boolean begins(String written, String begin) {
        boolean quoted = begin.startsWith("\"") || begin.startsWith("'");
        return fits(written, begin) || fits(Grammar.unquoted(written), quoted ? begin.substring(1) : begin);
    }

    private static boolean fits(String word, String begin) {
        return word.toLowerCase(Locale.ROOT).startsWith(begin.toLowerCase(Locale.ROOT));
    }

    private static String spaced(String before) {
        boolean touches = before.isEmpty() || before.endsWith(" ") || before.endsWith("(");
        return touches ? before : before + " ";
    }
}
