package promedio.core.language;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antlr.v4.runtime.Token;

/**
 * The column whose values can be named where a line ends.
 *
 * @param column its name
 * @param cell whether a cell is named as it stands there, in a step that replaces or names values, or else a value to compare with
 */
public record Awaited(String column, boolean cell) {
    private static final Set<String> COMPARING = Set.of("=", "<>", "≠", "<", "<=", "≤", ">", ">=", "≥", "contains");
    private static final Set<String> ENDS = Set.of("starts", "ends");
    /** What stands before a column whose values are not those that are compared. */
    private static final Set<String> MADE = Set.of("of", "within");

    /** What is awaited behind some words, if that is a value at all. */
    static Optional<Awaited> behind(List<Token> tokens) {
        List<String> words = tokens.stream().map(Token::getText).toList();
        return cell(words).or(() -> compared(words));
    }

    private static Optional<Awaited> cell(List<String> words) {
        int colon = words.indexOf(":");
        boolean replaces = words.size() > 2 && words.subList(0, 2).equals(List.of("replace", "in"));
        boolean names = words.size() > 3 && words.subList(0, 3).equals(List.of("name", "values", "of"));
        int column = replaces ? 2 : 3;
        boolean old = replaces || names && !words.get(words.size() - 1).equals("=");
        return colon > column && old
                ? Optional.of(new Awaited(Grammar.unquoted(words.get(column)), true))
                : Optional.empty();
    }

    private static Optional<Awaited> compared(List<String> words) {
        int last = words.size() - 1;
        int column = -1;
        if (last >= 1 && COMPARING.contains(words.get(last))) {
            column = last - 1;
        } else if (last >= 2 && words.get(last).equals("with") && ENDS.contains(words.get(last - 1))) {
            column = last - 2;
        } else if (last >= 1 && (words.get(last).equals("(") || words.get(last).equals(","))) {
            int bracket = words.lastIndexOf("(");
            if (bracket >= 4 && words.subList(bracket - 2, bracket).equals(List.of("one", "of"))) {
                int is = words.get(bracket - 3).equals("not") ? bracket - 4 : bracket - 3;
                column = words.get(is).equals("is") ? is - 1 : -1;
            }
        }
        boolean itself = column >= 0
                && (Character.isLetter(words.get(column).codePointAt(0))
                        || words.get(column).startsWith("'"))
                && (column == 0 || !MADE.contains(words.get(column - 1)));
        return itself ? Optional.of(new Awaited(Grammar.unquoted(words.get(column)), false)) : Optional.empty();
    }
}
