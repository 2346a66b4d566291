package promedio.core.pasted;

import java.util.ArrayList;
import java.util.List;
import promedio.core.assignment.SampleSheet;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;

/**
 * One way to read a text.
 *
 * @param what what it is read as, in a few words: “a class table of 5 classes”
 * @param samples what it holds, in order
 * @param told how it was read, and what was left out, in sentences; the first says what it was read as
 * @param relative whether its frequencies are shares of the whole
 */
public record Reading(Sentence what, List<Found> samples, List<Sentence> told, boolean relative) {
    private static final String GROUPS = "pasted.what.groups";

    /** Copies the lists. */
    public Reading {
        samples = List.copyOf(samples);
        told = List.copyOf(told);
    }

    /** A reading that says what it is, how it was laid out, and more. */
    static Reading of(Sentence what, Layout layout, List<Found> samples, List<Sentence> more) {
        List<Sentence> told = new ArrayList<>();
        told.add(Sentence.of("pasted.read." + layout.id(), what));
        told.addAll(more);
        return new Reading(what, samples, told, false);
    }

    /** A table or a list of so many rows, in a few words. */
    static Sentence what(SampleKind kind, int size) {
        return Sentence.of("pasted.what." + kind.id() + "." + (size == 1 ? "one" : "many"), size);
    }

    /** Whether neither a table nor a list was recognised, so that words and numbers were taken one after another. */
    public boolean isUnsure() {
        return told.stream().anyMatch(sentence -> sentence.key().equals("pasted.unsure"));
    }

    /** Two lists of one length, row by row: pairs. */
    public static Reading ofPairs(Reading lists) {
        Found first = lists.samples().get(0);
        Found second = lists.samples().get(1);
        Found pairs = Found.pairs(
                first.unit(),
                new SampleSheet.Variables(first.name(), second.name(), second.unit()),
                first.columns().get(0).texts(),
                second.columns().get(0).texts());
        List<Sentence> told = new ArrayList<>(lists.told());
        Sentence what = what(SampleKind.PAIRS, pairs.size());
        told.set(0, Sentence.of("pasted.read." + Layout.STANDING.id(), what));
        return new Reading(what, List.of(pairs), told, false);
    }

    Reading ofShares() {
        List<Sentence> more = new ArrayList<>(told);
        more.add(Sentence.of("pasted.shares"));
        return new Reading(what, samples, more, true);
    }

    Reading telling(Sentence sentence) {
        List<Sentence> more = new ArrayList<>(told);
        more.add(sentence);
        return new Reading(what, samples, more, relative);
    }

    /** Whether its samples are groups of one thing. */
    public boolean areGroups() {
        return samples.size() > 1 && what.key().equals(GROUPS);
    }

    /** Whether another reading makes the same samples. */
    boolean isSame(Reading other) {
        return relative == other.relative && samples.equals(other.samples);
    }
}
