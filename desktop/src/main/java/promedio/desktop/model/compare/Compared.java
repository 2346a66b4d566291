package promedio.desktop.model.compare;

import java.util.List;
import java.util.Optional;
import promedio.core.compare.Comparison;
import promedio.core.compare.Variant;
import promedio.core.sentence.Sentence;
import promedio.core.working.FigureText;
import promedio.desktop.model.picture.Sketch;

/**
 * Samples side by side, as their page shows them.
 *
 * @param items the compared samples, in their order
 * @param comparison their measures; empty while fewer than two have values
 * @param one the sample that is held against another, by its place
 * @param other the other one
 * @param whatIf what is tried of a sample; empty where nothing is
 * @param says what is to be said of them
 * @param sketch their picture
 * @param scaled their standard scores; empty while they are compared as they were measured
 * @param text how numbers are written
 */
public record Compared(
        List<Item> items,
        Optional<Comparison> comparison,
        int one,
        int other,
        Optional<WhatIf> whatIf,
        List<Sentence> says,
        Sketch sketch,
        Optional<Scaled> scaled,
        FigureText text) {
    /**
     * A sample that is compared.
     *
     * @param sheetId the sample on the shelf that it is, or is made of
     * @param name what it is called
     * @param tried whether it is only tried
     */
    public record Item(String sheetId, String name, boolean tried) {}

    /**
     * What a sample is tried with.
     *
     * @param sheetId which sample
     * @param without the values that are left out, as typed
     * @param with the values that are added, as typed
     * @param variant what it comes to
     */
    public record WhatIf(String sheetId, String without, String with, Variant variant) {}

    /** Copies the lists. */
    public Compared {
        items = List.copyOf(items);
        says = List.copyOf(says);
    }
}
