package promedio.core.report;

import java.util.ArrayList;
import java.util.List;
import promedio.core.document.Block;
import promedio.core.document.Document;
import promedio.core.document.Phrase;
import promedio.core.picture.Picture;
import promedio.core.picture.Telling;
import promedio.core.picture.ToPlot;
import promedio.core.working.FigureText;

/** A picture as it is handed out, and the table from which one draws it by hand. */
public final class PictureReport {
    private PictureReport() {}

    /**
     * The picture.
     *
     * @param text how its figures are written
     * @param width how wide it is, in pixels at 96 an inch
     */
    public static Document of(Picture picture, FigureText text, int width, int height) {
        Phrase alternative = Phrase.of(new Telling(text).all(picture));
        return Document.of(new Block.Drawn(picture, text, alternative, width, height));
    }

    /** The table of what has to be plotted. */
    public static Document of(ToPlot plot) {
        List<List<Phrase>> rows = new ArrayList<>();
        plot.rows().forEach(row -> rows.add(row.stream().map(Phrase::of).toList()));
        return Document.of(new Block.Table(
                Phrase.EMPTY, plot.headings().stream().map(Phrase::of).toList(), rows, List.of()));
    }
}
