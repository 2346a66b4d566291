package promedio.core.language;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import org.antlr.v4.runtime.BaseErrorListener;
import org.antlr.v4.runtime.CharStreams;
import org.antlr.v4.runtime.CommonTokenStream;
import org.antlr.v4.runtime.Parser;
import org.antlr.v4.runtime.ParserRuleContext;
import org.antlr.v4.runtime.RecognitionException;
import org.antlr.v4.runtime.Recognizer;
import org.antlr.v4.runtime.Token;
import org.antlr.v4.runtime.misc.IntervalSet;
import promedio.core.language.grammar.StepsLexer;
import promedio.core.language.grammar.StepsParser;

/** What was written, taken apart by the grammar; the first thing that does not fit is a {@link Fault} at its place. */
public final class Grammar {
    /** Nobody writes brackets in brackets so deep. */
    private static final int DEEPEST = 100;

    private static final int LONGEST = 200_000;
    private static final int MOST_NAMED = 6;
    private static final int LONGEST_SHOWN = 40;

    private Grammar() {}

    /**
     * Takes a text apart.
     *
     * @param rule the rule it is to follow
     * @param make what is made of the tree
     * @throws Fault for a text that does not follow it
     */
    public static <C extends ParserRuleContext, R> R read(
            String text, Function<StepsParser, C> rule, Function<C, R> make) {
        checkDepth(text);
        StepsLexer lexer = new StepsLexer(CharStreams.fromString(text));
        lexer.removeErrorListeners();
        StepsParser parser = new StepsParser(new CommonTokenStream(lexer));
        parser.removeErrorListeners();
        parser.addErrorListener(new Listener());
        try {
            return make.apply(rule.apply(parser));
        } catch (StackOverflowError deep) {
            throw Fault.of(new Place(0, text.length()), "language.deep");
        }
    }

    private static void checkDepth(String text) {
        int depth = 0;
        boolean quoted = false;
        for (int i = 0; i < text.length(); i++) {
            char sign = text.charAt(i);
            quoted ^= sign == '"';
            depth += quoted ? 0 : sign == '(' ? 1 : sign == ')' ? -1 : 0;
            if (depth > DEEPEST || i > LONGEST) {
                throw Fault.of(new Place(i, i + 1), "language.deep");
            }
        }
    }

    /** Where a part of the tree was written. */
    public static Place place(ParserRuleContext context) {
        Token stop = context.getStop() == null ? context.getStart() : context.getStop();
        return new Place(context.getStart().getStartIndex(), Math.max(stop.getStopIndex() + 1, 0));
    }

    /** A name as it is meant: without quotes, a doubled one inside single. */
    public static String unquoted(String written) {
        char mark = written.charAt(0);
        boolean quoted = written.length() >= 2 && (mark == '\'' || mark == '"');
        String sign = Character.toString(mark);
        return quoted ? written.substring(1, written.length() - 1).replace(sign + sign, sign) : written;
    }

    /** A name as it is written: bare where that can be read again, else quoted. */
    public static String name(String name) {
        boolean bare = name.codePoints().allMatch(sign -> Character.isLetterOrDigit(sign) || sign == '_')
                && !name.isEmpty()
                && Character.isLetter(name.codePointAt(0))
                && name.codePoints().noneMatch(sign -> Character.isDigit(sign) && (sign < '0' || sign > '9'))
                && isBare(name);
        return bare ? name : "'" + name.replace("'", "''") + "'";
    }

    private static boolean isBare(String name) {
        StepsLexer lexer = new StepsLexer(CharStreams.fromString(name));
        lexer.removeErrorListeners();
        Token first = lexer.nextToken();
        return first.getType() == StepsLexer.BARE && first.getText().equals(name);
    }

    /** A text as it is written. */
    public static String text(String text) {
        return "\"" + text.replace("\"", "\"\"") + "\"";
    }

    /** The word that somebody may have meant: the nearest of some, if one is near. */
    public static Optional<String> near(String written, Iterable<String> known) {
        String best = null;
        int least = Math.max(1, written.length() / 3) + 1;
        for (String one : known) {
            int far = distance(written.toLowerCase(java.util.Locale.ROOT), one.toLowerCase(java.util.Locale.ROOT));
            if (far < least) {
                least = far;
                best = one;
            }
        }
        return Optional.ofNullable(best);
    }

    /** How many letters have to be changed, put in, taken out or swapped with the next. */
    private static int distance(String one, String two) {
        int[][] far = new int[one.length() + 1][two.length() + 1];
        for (int i = 0; i <= one.length(); i++) {
            for (int j = 0; j <= two.length(); j++) {
                if (i == 0 || j == 0) {
                    far[i][j] = i + j;
                    continue;
                }
                int change = one.charAt(i - 1) == two.charAt(j - 1) ? 0 : 1;
                far[i][j] = Math.min(far[i - 1][j - 1] + change, Math.min(far[i - 1][j], far[i][j - 1]) + 1);
                boolean swapped = i > 1
                        && j > 1
                        && one.charAt(i - 1) == two.charAt(j - 2)
                        && one.charAt(i - 2) == two.charAt(j - 1);
                if (swapped) {
                    far[i][j] = Math.min(far[i][j], far[i - 2][j - 2] + 1);
                }
            }
        }
        return far[one.length()][two.length()];
    }

    /** Makes a fault of the first thing that does not fit. */
    private static final class Listener extends BaseErrorListener {
        private static final Set<String> FORMULA = Set.of("wholeLine", "wholeFormula", "bracket", "primary");

        @Override
        public void syntaxError(
                Recognizer<?, ?> recognizer,
                Object offending,
                int line,
                int column,
                String message,
                RecognitionException thrown) {
            Parser parser = (Parser) recognizer;
            Token token = thrown != null && thrown.getOffendingToken() != null
                    ? thrown.getOffendingToken()
                    : (Token) offending;
            IntervalSet expected = thrown != null && thrown.getExpectedTokens() != null
                    ? thrown.getExpectedTokens()
                    : parser.getExpectedTokens();
            Token before = token.getTokenIndex() > 0 ? parser.getInputStream().get(token.getTokenIndex() - 1) : token;
            boolean called = before.getType() == StepsLexer.BARE
                    && (token.getText().equals("of")
                            || token.getText().equals("along")
                            || token.getText().equals("("));
            if (called) {
                unknownWord(before);
            }
            boolean end = token.getType() == Token.EOF;
            Place at = end
                    ? new Place(token.getStartIndex(), token.getStartIndex())
                    : new Place(token.getStartIndex(), token.getStopIndex() + 1);
            String found = token.getText();
            String shown = found.length() > LONGEST_SHOWN ? found.substring(0, LONGEST_SHOWN) + "…" : found;
            if (found.equals("\"") || found.equals("'")) {
                throw Fault.of(at, found.equals("'") ? "language.open-name" : "language.open-text");
            }
            Set<String> words = words(expected);
            Optional<String> meant = end || token.getType() != StepsLexer.BARE ? Optional.empty() : near(found, words);
            boolean formula = parser.getRuleInvocationStack().stream().anyMatch(FORMULA::contains);
            String wanted = wanted(expected, words, formula);
            throw meant.isPresent()
                    ? Fault.of(at, "language.meant", shown, wanted, meant.get())
                    : end ? Fault.of(at, "language.ends", wanted) : Fault.of(at, "language.unexpected", shown, wanted);
        }

        /** A word that is used as a measure or a function and is none. */
        private static void unknownWord(Token word) {
            List<String> known = new ArrayList<>();
            for (Measured measure : Measured.values()) {
                known.add(measure.word());
            }
            for (promedio.core.language.Function function : promedio.core.language.Function.values()) {
                known.add(function.word());
            }
            Place at = new Place(word.getStartIndex(), word.getStopIndex() + 1);
            throw near(word.getText(), known)
                    .map(meant -> Fault.of(at, "language.no-word.meant", word.getText(), meant))
                    .orElseGet(() -> Fault.of(at, "language.no-word", word.getText()));
        }

        private static Set<String> words(IntervalSet expected) {
            Set<String> words = new TreeSet<>();
            for (int type : expected.toList()) {
                String literal = type < 0 ? null : StepsParser.VOCABULARY.getLiteralName(type);
                if (literal != null && Character.isLetter(literal.charAt(1))) {
                    words.add(literal.substring(1, literal.length() - 1));
                }
            }
            return words;
        }

        /** A sign as it is typed; the grammar knows some by their numbers. */
        private static String sign(String literal) {
            String bare = literal.substring(1, literal.length() - 1);
            return bare.startsWith("\\u") ? Character.toString(Integer.parseInt(bare.substring(2), 16)) : bare;
        }

        /** What could have stood there, in words. */
        private static String wanted(IntervalSet expected, Set<String> words, boolean formula) {
            List<String> wanted = new ArrayList<>();
            if (expected.contains(StepsLexer.NUMBER) && expected.contains(StepsLexer.BARE)) {
                wanted.add("a value");
            } else if (expected.contains(StepsLexer.BARE)) {
                wanted.add("a name");
            } else {
                if (expected.contains(StepsLexer.NUMBER)) {
                    wanted.add("a number");
                }
                if (expected.contains(StepsLexer.TEXT)) {
                    wanted.add("a text in double quotes");
                }
                if (expected.contains(StepsLexer.QUOTED)) {
                    wanted.add("a name in single quotes");
                }
                // Behind a whole value much could stand: what people write there is a sign.
                boolean value = formula && (expected.contains(Token.EOF) || words.contains("to"));
                if (value) {
                    wanted.add("a sign such as + or ×");
                }
                words.stream().filter(word -> !value).limit(MOST_NAMED).forEach(word -> wanted.add("“" + word + "”"));
                for (int type : expected.toList()) {
                    String literal = type < 0 ? null : StepsParser.VOCABULARY.getLiteralName(type);
                    boolean sign = literal != null && !Character.isLetter(literal.charAt(1));
                    if (sign && wanted.size() < MOST_NAMED) {
                        wanted.add(called(sign(literal)));
                    }
                }
                if (expected.contains(Token.EOF) && wanted.size() < MOST_NAMED) {
                    wanted.add("the end");
                }
            }
            List<String> some = wanted.isEmpty() ? List.of("the end") : wanted;
            int last = some.size() - 1;
            return last == 0 ? some.get(0) : String.join(", ", some.subList(0, last)) + " or " + some.get(last);
        }

        /** What a sign is called. */
        private static String called(String sign) {
            return switch (sign) {
                case "," -> "a comma";
                case ":" -> "a colon";
                case "(" -> "an opening bracket";
                case ")" -> "a closing bracket";
                default -> "“" + sign + "”";
            };
        }
    }
}
