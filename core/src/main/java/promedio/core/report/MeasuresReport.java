package promedio.core.report;

import java.util.List;
import promedio.core.document.Block;
import promedio.core.document.Document;
import promedio.core.document.Phrase;

/** Measures as a table: a row a measure, with its name, symbol, figure and unit. */
public final class MeasuresReport {
    private MeasuresReport() {}

    /**
     * A table of some measures.
     *
     * @param caption what they are of
     */
    public static Document of(String caption, List<MeasureLine> lines) {
        List<List<Phrase>> rows = lines.stream()
                .map(line -> List.of(
                        Phrase.of(line.label()), Phrase.of(line.symbol()), line.shown(), Phrase.of(line.unit())))
                .toList();
        return Document.of(new Block.Table(Phrase.of(caption), List.of(), rows, List.of()));
    }
}
