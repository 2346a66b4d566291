package promedio.core.marking;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import promedio.core.course.CourseCard;
import promedio.core.formula.Formula;
import promedio.core.formula.Letters;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;
import promedio.core.slip.Asked;
import promedio.core.slip.Changed;
import promedio.core.slip.Slip;
import promedio.core.slip.Slips;

/** Two mistakes made one after the other: another rule and a mistake, two mistakes that are not rare, a line rounded in either. */
final class Pairs {
    /** What is rarer than this is no part of a pair. */
    private static final int NOT_RARE = 3;
    /** From this on, lines are also rounded after it. */
    private static final int COMMON = 4;
    /** After a rule as common as this, entries may also be copied wrong. */
    private static final int VERY_COMMON = 5;

    /** What is less than so much of the last place asked off is the mistake alone. */
    private static final double SEEN = 0.1;

    private final Sample sample;
    private final RoundedWays ways;
    private final HalfRule halves;
    private final Letters letters;

    Pairs(Sample sample, RoundedWays ways, CourseCard card) {
        this.sample = sample;
        this.ways = ways;
        this.halves = card.halves();
        this.letters = card.letters();
    }

    /**
     * A first mistake, after which a second can be made.
     *
     * @param commonness how common it is
     * @param mistake what it is
     * @param asked the question with the mistake made
     * @param rule whether it is only another rule
     */
    record Start(int commonness, Changed mistake, Asked asked, boolean rule) {}

    /** All pairs for a question; each leads to another figure, at the places asked, than the question itself. */
    List<Tried> of(Asked asked, List<Start> otherRules, int places) {
        List<Start> starts = new ArrayList<>(otherRules);
        // The same mistake in another hand method is the same mistake.
        Set<String> seen = new HashSet<>();
        for (Slip slip : Slips.all()) {
            // Another divisor stands among the rules already, where it is one.
            boolean known =
                    otherRules.stream().anyMatch(rule -> rule.mistake().slip().equals(slip.id()));
            if (slip.commonness() >= NOT_RARE && !slip.blames() && !known) {
                for (Changed changed : slip.changes().apply(asked)) {
                    boolean fresh =
                            seen.add(changed.slip() + (float) changed.way().about());
                    Optional<Asked> after = fresh ? asked.after(changed) : Optional.empty();
                    after.ifPresent(next -> starts.add(new Start(slip.commonness(), changed, next, false)));
                }
            }
        }
        List<Tried> all = new ArrayList<>();
        for (Start start : starts) {
            for (Slip slip : Slips.all()) {
                boolean plausible = slip.blames()
                        ? start.commonness() >= VERY_COMMON && start.rule()
                        : start.rule() || slip.commonness() >= NOT_RARE;
                if (plausible && !slip.id().equals(start.mistake().slip())) {
                    slip.changes().apply(start.asked()).stream()
                            .forEach(second -> all.add(Tried.pair(
                                    start.commonness() + slip.commonness(),
                                    start.mistake(),
                                    second,
                                    second.way().after(start.mistake().way()))));
                }
            }
            if (start.commonness() >= COMMON) {
                rounded(start, places).forEach(all::add);
            }
        }
        return all;
    }

    /** The same with lines rounded on the way. */
    private Stream<Tried> rounded(Start start, int places) {
        Asked asked = start.asked();
        RoundedWays other = asked.sample() == sample ? ways : new RoundedWays(asked.sample(), halves);
        double unrounded = start.mistake().way().about();
        return other.ofFormulas(named(asked), 0, places + 1).stream()
                .filter(one -> Math.abs(one.way().about() - unrounded) > SEEN * Math.pow(10, -places))
                .map(one -> Tried.pair(
                        start.commonness() + COMMON,
                        start.mistake(),
                        new Changed("early-rounding", one.told(letters), one.way(), Optional.empty()),
                        one.way()));
    }

    private static List<Formula.Named> named(Asked asked) {
        return asked.formulas().stream()
                .map(formula -> formula instanceof Formula.Named named
                        ? named
                        : formula.named(asked.measure().symbol()))
                .toList();
    }
}
