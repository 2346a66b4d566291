package promedio.desktop.model;

import java.util.List;
import java.util.Optional;
import promedio.core.assignment.SampleSheet;
import promedio.core.compare.Comparison;
import promedio.core.sentence.Sentence;
import promedio.core.working.FigureText;

/**
 * Samples side by side, as their page shows them.
 *
 * @param sheets the sheets of the compared samples, in their order
 * @param comparison their measures; empty while fewer than two have values
 * @param one the sample that is held against another, by its place
 * @param other the other one
 * @param says what is to be said of them
 * @param sketch their picture
 * @param text how numbers are written
 */
public record Compared(
        List<SampleSheet> sheets,
        Optional<Comparison> comparison,
        int one,
        int other,
        List<Sentence> says,
        Sketch sketch,
        FigureText text) {
    /** Copies the lists. */
    public Compared {
        sheets = List.copyOf(sheets);
        says = List.copyOf(says);
    }
}
