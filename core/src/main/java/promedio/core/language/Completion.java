package promedio.core.language;

import com.vmware.antlr4c3.CodeCompletionCore;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import org.antlr.v4.runtime.CharStreams;
import org.antlr.v4.runtime.CommonTokenStream;
import org.antlr.v4.runtime.ParserRuleContext;
import org.antlr.v4.runtime.Token;
import promedio.core.language.grammar.StepsLexer;
import promedio.core.language.grammar.StepsParser;

/** How a step or formula that is being written can go on: words of the language, and names of columns. */
public final class Completion {
    private static final int MOST = 12;
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
     * The ways to go on from the end of a line.
     *
     * @param step whether it is a step, else a formula
     * @param names the names of columns
     */
    public static List<Way> of(String line, boolean step, List<String> names) {
        StepsLexer lexer = new StepsLexer(CharStreams.fromString(line));
        lexer.removeErrorListeners();
        CommonTokenStream tokens = new CommonTokenStream(lexer);
        tokens.fill();
        List<Token> all = tokens.getTokens();
        Token last = all.size() > 1 ? all.get(all.size() - 2) : null;
        // A word that touches the end is still being written.
        boolean begun = last != null && last.getStopIndex() == line.length() - 1 && isWord(last);
        String begin = begun ? last.getText() : "";
        String before = line.substring(0, line.length() - begin.length());
        StepsParser parser = new StepsParser(tokens);
        parser.removeErrorListeners();
        CodeCompletionCore core =
                new CodeCompletionCore(parser, Set.of(StepsParser.RULE_column, StepsParser.RULE_fresh), Set.of());
        ParserRuleContext rule =
                step ? new StepsParser.WholeStepContext(null, 0) : new StepsParser.WholeFormulaContext(null, 0);
        rule.start = all.get(0);
        CodeCompletionCore.CandidatesCollection found = core.collectCandidates(all.size() - 1 - (begun ? 1 : 0), rule);
        List<Way> ways = new ArrayList<>();
        if (found.rules.containsKey(StepsParser.RULE_column)) {
            names.stream()
                    .filter(name -> fits(name, begin) || fits(Grammar.name(name), begin))
                    .map(Grammar::name)
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

    private static boolean isWord(Token token) {
        return Character.isLetter(token.getText().charAt(0)) || token.getText().startsWith("'");
    }

    private static boolean fits(String word, String begin) {
        return word.toLowerCase(Locale.ROOT).startsWith(begin.toLowerCase(Locale.ROOT));
    }

    private static String spaced(String before) {
        boolean touches = before.isEmpty() || before.endsWith(" ") || before.endsWith("(");
        return touches ? before : before + " ";
    }
}
