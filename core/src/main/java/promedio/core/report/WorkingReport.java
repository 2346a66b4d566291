package promedio.core.report;

import java.util.ArrayList;
import java.util.List;
import promedio.core.document.Block;
import promedio.core.document.Document;
import promedio.core.document.Phrase;
import promedio.core.formula.Columns;
import promedio.core.formula.Notation;
import promedio.core.sentence.Sentence;
import promedio.core.working.Working;

/** A working as it is handed out: a line for each of its lines, then its table with totals. */
public final class WorkingReport {
    private static final int MOST_ROWS = 2_000;
    private static final Notation F = Notation.letter("f");

    private WorkingReport() {}

    /**
     * A whole working.
     *
     * @param unit that of what is worked out; empty where it has none
     */
    public static Document of(Working working, String unit) {
        List<Block> blocks = new ArrayList<>();
        working.lines().forEach(line -> blocks.add(line(line, unit)));
        if (!working.columns().isEmpty()) {
            blocks.add(table(working));
        }
        return new Document(blocks);
    }

    /** A line, with the unit behind the last and what exact working has behind rounded ones. */
    public static Block.Mathematics line(Working.Line line, String unit) {
        Phrase inUnit = line.last() ? Phrase.of(unit) : Phrase.EMPTY;
        return new Block.Mathematics(
                line.notation(),
                line.exactly()
                        .map(exactly -> inUnit.and(Phrase.of(Sentence.of("working.exactly", exactly))))
                        .orElse(inUnit));
    }

    private static Block.Table table(Working working) {
        List<Columns.Column> columns = working.columns();
        List<Phrase> heads = new ArrayList<>();
        List<Phrase> totals = new ArrayList<>();
        for (Columns.Column column : columns) {
            heads.add(Phrase.of(working.head(column)));
            totals.add(Phrase.of(working.totalText(column).orElse("")));
        }
        List<List<Phrase>> rows = new ArrayList<>();
        for (int row = 0; row < Math.min(working.rows(), MOST_ROWS); row++) {
            List<Phrase> cells = new ArrayList<>();
            for (Columns.Column column : columns) {
                cells.add(Phrase.of(working.cellText(column, row)));
            }
            rows.add(weighted(working, cells, Phrase.of(working.weightText(row))));
        }
        return new Block.Table(
                Phrase.EMPTY,
                weighted(working, heads, Phrase.of(F)),
                rows,
                weighted(working, totals, Phrase.of(working.countText())));
    }

    /** Cells with that of the frequency in the second place, where rows have one. */
    private static List<Phrase> weighted(Working working, List<Phrase> cells, Phrase weight) {
        if (working.isWeighted()) {
            cells.add(1, weight);
        }
        return cells;
    }
}
