package promedio.core.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import promedio.core.formula.Formula;
import promedio.core.measure.LetterSolver.Solution;
import promedio.core.measure.Measure.Dimension;
import promedio.core.measure.Measure.Group;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.GivenName;
import promedio.core.sample.Givens;
import promedio.core.sample.Lettered;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;

/**
 * Values or frequencies that are not known, out of what is known of the whole: every measure given is an equation between the letters,
 * and what solves all of them is put in again.
 *
 * <p><b>By hand.</b> Of 5, 8, x, 12 with the mean 10: 25 + x = 4 · 10, x = 15. Of 10: 3, 20: f, 30: 5 with the mean 22:
 * 180 + 20f = 22 (8 + f), f = (22 · 8 − 180)/(20 − 22) = 2.
 * <p><b>Undefined</b> where nothing, or more than one thing, solves the equations, or a frequency would be below 0.
 * <p><b>Source.</b> The definitions of the measures that are given.
 */
final class GivenMissing {
    private static final SampleKind KIND = SampleKind.MISSING;
    private final Givens givens;
    private final Lettered data;
    private final List<String> letters;

    private GivenMissing(Givens givens) {
        this.givens = givens;
        this.data = givens.lettered().orElseThrow();
        this.letters = data.letters();
    }

    static List<Entry> of(Givens givens) {
        if (givens.lettered().isEmpty()) {
            Sentence why = givens.unread().orElse(Sentence.of("given.missing", "values"));
            return List.of(Entry.one(GivenResult.of(KIND, "letter", LetteredSolutions.symbol("x", false))
                    .without(why)
                    .made()));
        }
        GivenMissing missing = new GivenMissing(givens);
        LetteredSolutions result = LetteredSolutions.of(givens);
        return missing.letters.stream()
                .map(letter -> Entry.one(missing.measure(letter, result)))
                .toList();
    }

    /** Every solution where there is more than one: what each letter is, by the letters. */
    static List<Map<String, Figure>> solutions(Givens givens) {
        List<Solution> all = givens.lettered().isEmpty()
                ? List.of()
                : LetteredSolutions.of(givens).all();
        return all.size() < 2 ? List.of() : all.stream().map(Solution::values).toList();
    }

    /** Whether the only solution makes every frequency a whole number; empty where there is none, or nothing is counted. */
    static Optional<Boolean> whole(Givens givens) {
        return givens.lettered().flatMap(data -> whole(data, LetteredSolutions.of(givens)));
    }

    private static Optional<Boolean> whole(Lettered data, LetteredSolutions result) {
        if (!data.counted() || result.all().size() != 1) {
            return Optional.empty();
        }
        return Optional.of(result.all()
                .get(0)
                .exact()
                .filter(letters -> new LetteredFigures(data, letters).isWhole())
                .isPresent());
    }

    private GivenMeasure measure(String letter, LetteredSolutions result) {
        boolean counts = data.isFrequency(letter);
        GivenResult made = GivenResult.of(KIND, letter, LetteredSolutions.symbol(letter, counts))
                .called(Sentence.of(
                        "measure.given." + (counts ? "frequency" : "value"), LetterEquation.written(letter)))
                .in(Group.CENTRE, counts ? Dimension.NONE : Dimension.UNIT);
        if (result.why().isPresent()) {
            return made.without(result.why().get()).made();
        }
        Solution solution = result.all().get(0);
        made.as(solution.found().get(letter).body());
        if (letters.size() == 1) {
            solution.used().forEach(equation -> equation.mistakes()
                    .forEach(mistake -> made.slip(mistake.slip(), mistake.formula())));
        }
        check(solution.found(), made);
        String equations = solution.used().stream().map(LetterEquation::written).collect(Collectors.joining(", "));
        if (!equations.isEmpty()) {
            made.noted(Sentence.of(
                    whole(data, result).orElse(true) ? "note.given.missing.by" : "note.given.missing.part", equations));
        }
        return made.made();
    }

    /** The letters put into what was given of the whole: the mean, else the total or the count. */
    private void check(Map<String, Formula.Named> found, GivenResult made) {
        LetteredEquations equations = new LetteredEquations(givens);
        Optional<Exact> mean = givens.figure(GivenName.MEAN);
        Optional<Exact> sum = givens.figure(GivenName.SUM);
        Optional<Exact> count = givens.figure(GivenName.COUNT);
        if (mean.isPresent()) {
            made.checked(equations.total(found).over(equations.count(found)), GivenLetters.mean(""), mean.get());
        } else if (sum.isPresent()) {
            made.checked(equations.total(found), GivenLetters.sum(""), sum.get());
        } else if (count.isPresent() && data.counted()) {
            made.checked(equations.count(found), GivenLetters.count(""), count.get());
        }
    }
}
