package promedio.desktop.model.picture;

import java.util.List;
import java.util.Optional;
import promedio.core.picture.Picture;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Pictured;
import promedio.core.picture.Wish;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.Tabulation;
import promedio.core.working.FigureText;

/**
 * A picture as the page shows it.
 *
 * @param item the sample or table it is of
 * @param kinds the kinds that suit, the best first
 * @param wish what is wished for, its kind with it
 * @param picture the picture; empty where there is none
 * @param why why there is none; empty where there is one
 * @param says what it says, and what is to be told of it
 * @param classes the classes whose edges can be dragged; empty where there are none of a list
 * @param text how numbers are written
 * @param places the decimal places of the data
 */
public record Sketch(
        String item,
        List<PictureKind> kinds,
        Wish wish,
        Optional<Picture> picture,
        Optional<Sentence> why,
        List<Sentence> says,
        Optional<Tabulation> classes,
        FigureText text,
        int places) {
    /** A picture whose classes cannot be dragged. */
    public static Sketch of(
            String item, List<PictureKind> kinds, Wish wish, Pictured pictured, FigureText text, int places) {
        return new Sketch(
                item,
                kinds,
                wish,
                pictured.picture(),
                pictured.why(),
                pictured.picture().map(Picture::told).orElse(List.of()),
                Optional.empty(),
                text,
                places);
    }

    /** Copies the lists. */
    public Sketch {
        kinds = List.copyOf(kinds);
        says = List.copyOf(says);
    }
}
