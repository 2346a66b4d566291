package promedio.desktop.command;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import picocli.CommandLine;
import picocli.CommandLine.Option;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;

/** The rules of a course, as options. */
final class RuleArguments {
    @Option(names = "--rule", paramLabel = "KEY=VALUE", description = "A rule of the course card.")
    private List<String> rules = new ArrayList<>();

    /** The decimal mark that is said; where none is, the cells of each input tell. */
    Optional<Character> decimalMark(CommandLine command) {
        return rules.stream()
                .filter(rule -> rule.startsWith("decimal-mark="))
                .map(rule -> ReadingArguments.decimalMark(command, rule))
                .reduce((first, second) -> second);
    }

    /** The card that the rules make. */
    CourseCard card(CommandLine command) {
        return card(command, CourseCard.STANDARD);
    }

    /** The card that the rules make of another. */
    CourseCard card(CommandLine command, CourseCard of) {
        CourseCard card = of;
        for (String rule : rules) {
            int equals = rule.indexOf('=');
            if (equals < 0) {
                throw usage(command, "--rule takes KEY=VALUE, not '" + rule + "'.");
            }
            String key = rule.substring(0, equals);
            Optional<CourseCard> changed = card.withRule(key, rule.substring(equals + 1));
            if (changed.isEmpty()) {
                throw usage(command, unknownRule(key, rule));
            }
            card = changed.get();
        }
        return card;
    }

    private static CommandLine.ParameterException usage(CommandLine command, String sentence) {
        return new CommandLine.ParameterException(command, sentence);
    }

    private static String unknownRule(String key, String rule) {
        return CardKey.find(key)
                .map(known -> "The rule " + rule + " has no such value; " + key + " takes "
                        + String.join(", ", ids(known)) + ".")
                .orElseGet(() -> "There is no rule '" + key + "'; there are "
                        + String.join(
                                ", ", CardKey.all().stream().map(CardKey::id).toList()) + ".");
    }

    private static <T> List<String> ids(CardKey<T> key) {
        return key.choices().stream().map(key::idOf).toList();
    }
}
