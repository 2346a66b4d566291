package promedio.core.language;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import promedio.core.distribution.Distribution;
import promedio.core.language.grammar.StepsParser;
import promedio.core.number.Exact;

/** Distributions as a line asks for them: {@code t, 10 degrees of freedom}; {@code normal, mean 100, sd 15}. */
final class Families {
    private static final String FREEDOM = "degrees of freedom";
    private static final String BELOW = "degrees of freedom below";
    private static final String MEAN = "mean";
    private static final String SD = "sd";
    private static final String CHANCE = "chance";
    private static final String TRIALS = "trials";

    private Families() {}

    static Exact real(StepsParser.RealContext context) {
        Exact number = Formula.number(context.NUMBER().getSymbol());
        boolean minus = context.sign() != null && !context.sign().getText().equals("+");
        return minus ? number.negated() : number;
    }

    /** @throws Fault for a parameter that it does not have, or that cannot be, or that is not said */
    static Distribution of(StepsParser.FamilyContext family, List<StepsParser.ParameterContext> parameters) {
        Map<String, Exact> said = new HashMap<>();
        Place at = Grammar.place(family);
        List<String> known =
                switch (family.getStart().getText()) {
                    case "normal" -> List.of(MEAN, SD);
                    case "binomial" -> List.of(TRIALS, CHANCE);
                    case "f" -> List.of(FREEDOM, BELOW);
                    default -> List.of(FREEDOM);
                };
        for (StepsParser.ParameterContext parameter : parameters) {
            read(parameter, said, known);
        }
        return switch (family.getStart().getText()) {
            case "normal" ->
                Distribution.normal(
                        said.getOrDefault(MEAN, Exact.ZERO).toDouble(),
                        said.getOrDefault(SD, Exact.ONE).toDouble());
            case "t" -> Distribution.t(needed(said, FREEDOM, at));
            case "chi" -> Distribution.chiSquared(needed(said, FREEDOM, at));
            case "f" -> Distribution.f(needed(said, FREEDOM, at), needed(said, BELOW, at));
            default -> Distribution.binomial((int) needed(said, TRIALS, at), needed(said, CHANCE, at));
        };
    }

    private static double needed(Map<String, Exact> said, String what, Place at) {
        if (!said.containsKey(what)) {
            throw Fault.of(at, what.equals(BELOW) ? "language.needs-both-freedoms" : "language.needs-parameter", what);
        }
        return said.get(what).toDouble();
    }

    private static void read(StepsParser.ParameterContext parameter, Map<String, Exact> said, List<String> known) {
        Place at = Grammar.place(parameter);
        if (parameter.NUMBER() != null) {
            Exact trials = Formula.number(parameter.NUMBER().getSymbol());
            boolean whole = trials.isWhole() && trials.compareTo(Exact.of(Integer.MAX_VALUE)) < 0;
            say(said, known, TRIALS, trials, at, whole && trials.signum() > 0);
            return;
        }
        Exact first = real(parameter.real(0));
        String word = parameter.getStart().getText();
        switch (word) {
            case MEAN -> say(said, known, MEAN, first, at, true);
            case SD -> say(said, known, SD, first, at, first.signum() > 0);
            case CHANCE -> say(said, known, CHANCE, first, at, first.signum() >= 0 && first.compareTo(Exact.ONE) <= 0);
            default -> {
                say(said, known, FREEDOM, first, at, first.signum() > 0);
                if (parameter.real().size() > 1) {
                    Exact below = real(parameter.real(1));
                    say(said, known, BELOW, below, at, below.signum() > 0);
                }
            }
        }
    }

    private static void say(
            Map<String, Exact> said, List<String> known, String what, Exact value, Place at, boolean fits) {
        if (!known.contains(what)) {
            throw Fault.of(at, "language.no-parameter", what);
        }
        if (!fits) {
            throw Fault.of(at, "language.wrong-parameter." + what.replace(' ', '-'));
        }
        said.put(what, value);
    }
}
