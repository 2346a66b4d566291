package promedio.core.picture;

import java.util.List;
import java.util.Optional;
import promedio.core.sentence.Sentence;

/**
 * A picture, whatever draws it: the same on the screen, in a file and on the clipboard.
 *
 * @param kind what kind it is
 * @param title what stands over it
 * @param caption what stands below it; may be empty
 * @param across the axis across; empty where there are no axes
 * @param up the upright axis; empty where there are no axes
 * @param content what it shows, exactly
 * @param marks the same, ready to be drawn
 * @param series what the things are called that are laid over one another; one without a name where there is one
 * @param by what the names of the series are of, where they are groups; may be empty
 * @param colours the place in the palette of each series, from 0
 * @param told what was left out or chosen
 */
public record Picture(
        PictureKind kind,
        String title,
        String caption,
        Optional<Axis> across,
        Optional<Axis> up,
        Content content,
        List<Mark> marks,
        List<String> series,
        String by,
        List<Integer> colours,
        List<Sentence> told) {
    /** Copies the lists. */
    public Picture {
        marks = List.copyOf(marks);
        series = List.copyOf(series);
        colours = List.copyOf(colours);
        told = List.copyOf(told);
    }

    /** Whether its series are told apart by a legend. */
    public boolean hasLegend() {
        return series.size() > 1 || series.stream().anyMatch(name -> !name.isEmpty());
    }

    /** The same without what it shows: paper with axes, to be drawn on by hand. */
    public Picture empty() {
        return new Picture(
                kind,
                title,
                caption,
                across,
                up,
                content,
                marks.stream()
                        .filter(mark -> mark instanceof Mark.Area area && area.role() == Mark.Role.BEHIND)
                        .toList(),
                List.of(""),
                "",
                List.of(0),
                List.of());
    }
}
