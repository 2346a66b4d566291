package promedio.core.measure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.formula.Formula;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.number.Figure;

/** One or two letters out of equations of first degree, and perhaps one of second. */
final class LetterSolver {
    /**
     * A solution.
     *
     * @param values what each letter is
     * @param found how each comes about
     * @param used the equations that it comes from
     */
    record Solution(Map<String, Figure> values, Map<String, Formula.Named> found, List<LetterEquation> used) {
        /** The letters as numbers; empty where one is a root that is no fraction. */
        Optional<Map<String, Exact>> exact() {
            Map<String, Exact> all = new LinkedHashMap<>();
            values.forEach((letter, value) -> {
                if (value instanceof Exact exact) {
                    all.put(letter, exact);
                }
            });
            return all.size() == values.size() ? Optional.of(all) : Optional.empty();
        }
    }

    private final List<String> letters;
    private final Function<String, Symbol> symbols;
    private final Function<Formula, Figure> figures;
    /** What is 0 for the letters sought, of second degree in them; empty where there is no such thing. */
    private final Optional<Function<Map<String, Exact>, Exact>> second;

    LetterSolver(
            List<String> letters,
            Function<String, Symbol> symbols,
            Function<Formula, Figure> figures,
            Optional<Function<Map<String, Exact>, Exact>> second) {
        this.letters = letters;
        this.symbols = symbols;
        this.figures = figures;
        this.second = second;
    }

    /** All solutions; none where equations disagree, empty where they leave a choice without end. */
    Optional<List<Solution>> solve(List<LetterEquation> equations) {
        List<LetterEquation> used = independent(equations);
        if (used.size() == letters.size()) {
            return Optional.of(List.of(letters.size() == 1 ? one(used.get(0)) : two(used.get(0), used.get(1))));
        }
        if (used.size() + 1 < letters.size() || second.isEmpty()) {
            return Optional.empty();
        }
        return bySquares(used);
    }

    /** As many as there are letters, none of which follows from the others. */
    private List<LetterEquation> independent(List<LetterEquation> equations) {
        List<LetterEquation> used = new ArrayList<>();
        for (LetterEquation one : equations) {
            if (one.isEmpty() || used.size() == letters.size()) {
                continue;
            }
            if (used.isEmpty() || determinant(used.get(0), one).signum() != 0) {
                used.add(one);
            }
        }
        return used;
    }

    private Exact determinant(LetterEquation first, LetterEquation other) {
        String p = letters.get(0);
        String q = letters.get(1);
        return first.factor(p).times(other.factor(q)).minus(other.factor(p).times(first.factor(q)));
    }

    private Solution one(LetterEquation equation) {
        String p = letters.get(0);
        return new Solution(
                Map.of(p, equation.right().over(equation.factor(p))),
                Map.of(p, equation.solved(p).named(symbols.apply(p))),
                List.of(equation));
    }

    /** One letter is taken out, the other one found; then that is put in. */
    private Solution two(LetterEquation first, LetterEquation other) {
        // The letter that the first equation has is the one to put it in for.
        boolean plain = first.factor(letters.get(0)).signum() != 0;
        String p = letters.get(plain ? 0 : 1);
        String q = letters.get(plain ? 1 : 0);
        Exact below =
                first.factor(p).times(other.factor(q)).minus(other.factor(p).times(first.factor(q)));
        Exact qValue = first.factor(p)
                .times(other.right())
                .minus(other.factor(p).times(first.right()))
                .over(below);
        Exact pValue = first.right().minus(first.factor(q).times(qValue)).over(first.factor(p));
        Formula a = Formula.number(first.factor(p));
        Formula c = LetterEquation.times(a, other.found());
        Formula top = other.factor(p).signum() == 0
                ? c
                : c.minus(LetterEquation.times(Formula.number(other.factor(p)), first.found()));
        boolean both = other.factor(p).signum() != 0
                && other.factor(q).signum() != 0
                && first.factor(q).signum() != 0;
        Formula bottom = both
                ? LetterEquation.times(a, Formula.number(other.factor(q)))
                        .minus(LetterEquation.times(Formula.number(other.factor(p)), Formula.number(first.factor(q))))
                : Formula.number(below);
        Formula.Named found = (LetterEquation.isOne(bottom) ? top : top.over(bottom)).named(symbols.apply(q));
        return new Solution(
                Map.of(p, pValue, q, qValue), Map.of(p, putIn(first, p, q, found), q, found), List.of(first, other));
    }

    private Formula.Named putIn(LetterEquation equation, String p, String q, Formula known) {
        Formula rest = equation.factor(q).signum() == 0
                ? equation.found()
                : equation.found().minus(LetterEquation.times(Formula.number(equation.factor(q)), known));
        Formula a = Formula.number(equation.factor(p));
        return (LetterEquation.isOne(a) ? rest : rest.over(a)).named(symbols.apply(p));
    }

    /** At² + Bt + C = 0 for one letter t, which the others follow from. */
    private Optional<List<Solution>> bySquares(List<LetterEquation> used) {
        // The letter that others follow from is the one that is not put in for.
        String t = letters.get(letters.size() - 1);
        Optional<LetterEquation> line = used.stream().findFirst();
        if (line.isPresent() && line.get().factor(letters.get(0)).signum() == 0) {
            t = letters.get(0);
        }
        String last = t;
        Function<Exact, Map<String, Exact>> at = value -> with(last, value, line);
        Exact zero = second.get().apply(at.apply(Exact.ZERO));
        Exact one = second.get().apply(at.apply(Exact.ONE));
        Exact minusOne = second.get().apply(at.apply(Exact.ONE.negated()));
        Exact a = one.plus(minusOne).half().minus(zero);
        Exact b = one.minus(minusOne).half();
        if (a.signum() == 0) {
            return b.signum() == 0
                    ? Optional.empty()
                    : Optional.of(List.of(
                            solution(last, line, Formula.number(zero.negated()).over(Formula.number(b)))));
        }
        Exact under = b.squared().minus(a.times(zero).times(4));
        if (under.signum() < 0) {
            return Optional.of(List.of());
        }
        List<Solution> solutions = new ArrayList<>();
        Formula root = Formula.number(under).root();
        Formula below = Formula.number(a.times(2));
        Formula minus = Formula.number(b.negated());
        solutions.add(solution(last, line, minus.minus(root).over(below)));
        if (under.signum() > 0) {
            solutions.add(solution(last, line, minus.plus(root).over(below)));
        }
        return Optional.of(solutions);
    }

    private Map<String, Exact> with(String t, Exact value, Optional<LetterEquation> line) {
        Map<String, Exact> all = new LinkedHashMap<>();
        all.put(t, value);
        line.ifPresent(equation -> letters.stream()
                .filter(letter -> !letter.equals(t))
                .forEach(p -> all.put(
                        p,
                        equation.right().minus(equation.factor(t).times(value)).over(equation.factor(p)))));
        return all;
    }

    private Solution solution(String t, Optional<LetterEquation> line, Formula how) {
        Map<String, Figure> values = new LinkedHashMap<>();
        Map<String, Formula.Named> found = new LinkedHashMap<>();
        Formula.Named known = how.named(symbols.apply(t));
        found.put(t, known);
        values.put(t, figures.apply(how));
        for (String p : letters) {
            if (!p.equals(t)) {
                found.put(p, putIn(line.orElseThrow(), p, t, known));
                values.put(p, figures.apply(found.get(p)));
            }
        }
        return new Solution(values, found, line.stream().toList());
    }
}
