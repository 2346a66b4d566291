package promedio.core.trail;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.course.CourseCard;
import promedio.core.language.Fault;
import promedio.core.language.Place;
import promedio.core.language.Told;
import promedio.core.sentence.Sentence;

/**
 * What came of walking a trail: the table after each step, as far as the steps fit. Walked again with other steps it begins at the
 * first that differs.
 *
 * @param trail the trail that was walked
 * @param card the card under which it was
 * @param states the table before the first step, and after each step that could be made
 * @param told what each of these steps told
 * @param fault the step that does not fit; those behind it wait
 */
public record Walk(
        Trail trail, CourseCard card, List<Prepared> states, List<List<Sentence>> told, Optional<Fault> fault) {
    /** Copies the lists. */
    public Walk {
        states = List.copyOf(states);
        told = List.copyOf(told);
    }

    /** A table before any step. */
    public static Walk of(Prepared table, CourseCard card) {
        return new Walk(Trail.NONE, card, List.of(table), List.of(), Optional.empty());
    }

    /**
     * Walks a trail from the table before the first step of this one.
     *
     * @param pause what is asked every few thousand rows; it stops the work by throwing
     */
    public Walk along(Trail other, CourseCard otherCard, Sources sources, Runnable pause) {
        int same = 0;
        while (card.equals(otherCard)
                && same < told.size()
                && same < other.steps().size()
                && other.steps()
                        .get(same)
                        .whole()
                        .equals(trail.steps().get(same).whole())) {
            same++;
        }
        List<Prepared> tables = new ArrayList<>(states.subList(0, same + 1));
        List<List<Sentence>> sentences = new ArrayList<>(told.subList(0, same));
        for (int i = same; i < other.steps().size(); i++) {
            Trail.Line line = other.steps().get(i);
            Prepared before = tables.get(i);
            Told saying = new Told();
            try {
                pause.run();
                tables.add(line.off() ? before : made(before, line, otherCard, sources, saying, pause));
                sentences.add(saying.sentences());
            } catch (Fault fault) {
                return new Walk(other, otherCard, tables, sentences, Optional.of(fault));
            }
        }
        return new Walk(other, otherCard, tables, sentences, Optional.empty());
    }

    private static Prepared made(
            Prepared before, Trail.Line line, CourseCard card, Sources sources, Told told, Runnable pause) {
        try {
            return new Preparing(before, card, sources, told, pause).make(StepReader.read(line.text()));
        } catch (ArithmeticException | StackOverflowError large) {
            throw Fault.of(new Place(0, line.text().length()), "step.too-large");
        }
    }

    /** The number of the step that does not fit, from 1. */
    public int faulty() {
        return told.size() + 1;
    }

    /** The table after the last step that could be made. */
    public Prepared last() {
        return states.get(states.size() - 1);
    }

    /** The column of the table after the last step that had a name after any of them, under the name that steps gave it since. */
    public Optional<Field> find(String name) {
        int state = states.size() - 1;
        while (state >= 0 && !states.get(state).names().contains(name)) {
            state--;
        }
        String called = name;
        for (int step = Math.max(0, state); state >= 0 && step < states.size() - 1; step++) {
            boolean there = states.get(step + 1).names().contains(called);
            called = there ? called : renamed(step, called);
        }
        String now = called;
        return last().fields().stream()
                .filter(field -> field.name().equals(now))
                .findFirst();
    }

    private String renamed(int step, String name) {
        try {
            return StepReader.read(trail.steps().get(step).text()) instanceof Step.Rename rename
                            && states.get(step)
                                    .names()
                                    .equals(states.get(step + 1).names().stream()
                                            .map(now -> now.equals(rename.name().name()) ? name : now)
                                            .toList())
                    ? rename.name().name()
                    : name;
        } catch (Fault none) {
            return name;
        }
    }

    /** The table before the first step. */
    public Prepared first() {
        return states.get(0);
    }

    /** What is wrong with a sentence as a step on a table, if anything is; nothing of its outcome is kept. */
    public static Optional<Fault> problem(Prepared before, String text, CourseCard card, Sources sources) {
        Walk tried = of(before, card).along(Trail.of(text), card, sources, () -> {});
        return tried.fault();
    }
}
