package promedio.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.measure.LetterSolver.Solution;
import promedio.core.number.Exact;
import promedio.core.number.SignificantText;
import promedio.core.sample.GivenName;
import promedio.core.sample.Givens;
import promedio.core.sample.Lettered;
import promedio.core.sentence.Sentence;

/**
 * What the letters of a list or table are: what solves all equations, put into the definitions again; else why there is no such thing,
 * or not one.
 *
 * @param all the solutions that hold
 * @param why why there is not just one; empty where there is
 */
record LetteredSolutions(List<Solution> all, Optional<Sentence> why) {
    /** Copies the list. */
    LetteredSolutions {
        all = List.copyOf(all);
    }

    /** What the letters of givens are. */
    static LetteredSolutions of(Givens givens) {
        return new Search(givens).result();
    }

    /**
     * A letter as it is written in formulas.
     *
     * @param counts whether it stands for a frequency
     */
    static Symbol symbol(String letter, boolean counts) {
        Symbol symbol = GivenLetters.of(
                "letter-" + letter.charAt(0), Notation.letter(letter.substring(0, 1)), letter.substring(1));
        return counts ? Symbol.counting(symbol.id(), symbol.notation()) : symbol;
    }

    private static LetteredSolutions none(Sentence why) {
        return new LetteredSolutions(List.of(), Optional.of(why));
    }

    /** Tries which row median and mode meet. */
    private static final class Search {
        private static final int DIGITS = 6;
        private static final double ROUNDING = 1e-9;
        private static final Exact NEAR = Exact.ratio(1, 7);
        private static final List<GivenName> KNOWN = List.of(
                GivenName.COUNT,
                GivenName.SUM,
                GivenName.MEAN,
                GivenName.MEDIAN,
                GivenName.MODE,
                GivenName.SD,
                GivenName.VARIANCE);

        private final Givens givens;
        private final Lettered data;
        private final List<String> letters;
        private final List<LetterEquation> plain;
        private final List<List<LetterEquation>> cases;

        Search(Givens givens) {
            this.givens = givens;
            this.data = givens.lettered().orElseThrow();
            this.letters = data.letters();
            LetteredEquations equations = new LetteredEquations(givens);
            this.plain = equations.plain();
            this.cases = equations.cases();
        }

        private Optional<Exact> variance() {
            return givens.figure(GivenName.VARIANCE)
                    .or(() -> givens.figure(GivenName.SD).map(Exact::squared));
        }

        private LetteredSolutions result() {
            if (givens.figure(GivenName.SD).filter(sd -> sd.signum() < 0).isPresent()) {
                return none(GivenResult.impossible(
                        "negative", "sd", givens.figure(GivenName.SD).get()));
            }
            if (KNOWN.stream().noneMatch(givens::has)) {
                return none(Sentence.of("given.unsolved.nothing"));
            }
            if (plain.stream().anyMatch(one -> one.isEmpty() && one.right().signum() != 0)) {
                return none(Sentence.of("given.unsolved.none"));
            }
            LetterSolver solver = new LetterSolver(
                    letters,
                    letter -> symbol(letter, data.isFrequency(letter)),
                    formula -> GivenBase.figure(givens, formula),
                    variance().map(said -> at -> new LetteredFigures(data, at).beyond(said)));
            List<Solution> found = new ArrayList<>();
            boolean negative = false;
            boolean endless = false;
            boolean any = false;
            for (List<LetterEquation> met : cases) {
                List<LetterEquation> all = new ArrayList<>(plain);
                all.addAll(met);
                Optional<List<Solution>> solved = solver.solve(all);
                endless |= solved.isEmpty() && met.isEmpty();
                any |= solved.isEmpty()
                        && met.stream()
                                .anyMatch(one -> one.isEmpty() && one.right().signum() == 0);
                for (Solution one : solved.orElse(List.of())) {
                    Optional<Map<String, Exact>> exact = one.exact();
                    if (exact.isPresent()) {
                        LetteredFigures figures = new LetteredFigures(data, exact.get());
                        negative |= figures.isNegative();
                        if (figures.isNegative() || !figures.agree(givens, !met.isEmpty())) {
                            continue;
                        }
                        if (!met.isEmpty() && isLoose(exact.get())) {
                            return none(Sentence.of("given.unsolved.many"));
                        }
                    }
                    if (found.stream().noneMatch(other -> isSame(one, other))) {
                        found.add(one);
                    }
                }
            }
            if (found.isEmpty()) {
                boolean open = endless && !negative && cases.size() == 1;
                return none(Sentence.of(
                        "given.unsolved." + (any ? "many" : negative ? "negative" : open ? "too-little" : "none")));
            }
            return found.size() == 1
                    ? new LetteredSolutions(found, Optional.empty())
                    : new LetteredSolutions(found, Optional.of(Sentence.of("given.unsolved.several", written(found))));
        }

        private static String written(List<Solution> solutions) {
            return solutions.stream()
                    .map(solution -> solution.values().entrySet().stream()
                            .map(one -> LetterEquation.written(one.getKey()) + " = "
                                    + SignificantText.of(one.getValue(), DIGITS))
                            .sorted()
                            .collect(Collectors.joining(", ")))
                    .collect(Collectors.joining("; "));
        }

        /** Whether all that is given holds, too, a little beside what was found: then it holds of a stretch of numbers. */
        private boolean isLoose(Map<String, Exact> letters) {
            if (letters.size() > 1) {
                return false;
            }
            String letter = letters.keySet().iterator().next();
            return List.of(NEAR, NEAR.negated()).stream().anyMatch(step -> {
                LetteredFigures beside = new LetteredFigures(
                        data, Map.of(letter, letters.get(letter).plus(step)));
                return !beside.isNegative() && beside.agree(givens, true);
            });
        }

        /** Whether two solutions are one, or one with the letters exchanged where that makes no other data. */
        private boolean isSame(Solution one, Solution other) {
            if (one.values().equals(other.values())) {
                return true;
            }
            if (letters.size() < 2 || data.counted()) {
                return false;
            }
            boolean alike = data.rows().stream()
                    .allMatch(row -> row.value().isNumber()
                            || row.value().constant().signum() == 0
                                    && row.value().factors().size() == 1
                                    && row.value().factors().values().stream().allMatch(Exact.ONE::equals));
            boolean swapped = isNear(one, 0, other, 1) && isNear(one, 1, other, 0);
            return alike && swapped;
        }

        private boolean isNear(Solution one, int letter, Solution other, int otherLetter) {
            double first = one.values().get(letters.get(letter)).toDouble();
            double second = other.values().get(letters.get(otherLetter)).toDouble();
            return Math.abs(first - second) <= ROUNDING * Math.max(1, Math.abs(first));
        }
    }
}
