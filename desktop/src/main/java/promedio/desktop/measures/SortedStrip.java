package promedio.desktop.measures;

import java.util.List;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import promedio.core.number.Exact;
import promedio.core.sample.Ranking;
import promedio.core.working.Working;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** The values in order of size in one line of text, those that a measure reads picked out. */
final class SortedStrip {
    private static final int NEIGHBOURS = 2;
    private static final int MOST_IN_STRIP = 30;

    private final DeskModel model;

    SortedStrip(DeskModel model) {
        this.model = model;
    }

    /** The list in order of size, the values that are read in bold; of a long list only what stands around them. */
    TextFlow read(Working working, SheetFigures figures) {
        Ranking ranking = figures.sample().ranking();
        Exact count = figures.sample().count();
        TextFlow flow = new TextFlow();
        flow.getStyleClass().add("sorted-strip");
        flow.getChildren().add(text(Words.of("working.sorted") + "  ", "strip-lead"));
        boolean all = count.compareTo(Exact.of(MOST_IN_STRIP)) <= 0;
        List<Exact> read = working.ranksRead();
        Exact last = Exact.ZERO;
        long end = count.floor().longValueExact();
        for (long k = 1; k <= end; k++) {
            Exact rank = Exact.of(k);
            boolean near = all
                    || k == 1
                    || k == end
                    || read.stream().anyMatch(wanted -> wanted.minus(rank).abs().compareTo(Exact.of(NEIGHBOURS)) <= 0);
            if (!near) {
                k = skip(k, end, read);
                continue;
            }
            if (last.plus(Exact.ONE).compareTo(rank) < 0) {
                flow.getChildren().add(text("…  ", "strip-value"));
            }
            last = rank;
            String value = figures.text().carried(ranking.at(rank));
            Text shown = text(value, read.contains(rank) ? "strip-read" : "strip-value");
            Exact number = ranking.at(rank);
            shown.setOnMouseEntered(enter -> model.looking().litProperty().set(number));
            shown.setOnMouseExited(leave -> model.looking().litProperty().set(null));
            flow.getChildren().add(shown);
            flow.getChildren().add(text("  ", "strip-value"));
        }
        return flow;
    }

    /** The last rank before the next one worth showing. */
    private static long skip(long k, long end, List<Exact> read) {
        long next = end;
        for (Exact rank : read) {
            long from = rank.floor().longValueExact() - NEIGHBOURS;
            if (from > k && from < next) {
                next = from;
            }
        }
        return next - 1;
    }

    private static Text text(String words, String style) {
        Text text = new Text(words);
        text.getStyleClass().add(style);
        return text;
    }

    TextFlow frequencies(SheetFigures figures) {
        Ranking ranking = figures.sample().ranking();
        TextFlow flow = new TextFlow();
        flow.getStyleClass().add("sorted-strip");
        flow.getChildren().add(text(Words.of("working.modes") + "  ", "strip-lead"));
        Exact most = ranking.highestWeight();
        int size = Math.min(ranking.distinct().size(), 60);
        for (int i = 0; i < size; i++) {
            String words = figures.text().carried(ranking.distinct().at(i)) + "\u00a0×\u00a0"
                    + figures.text().carried(ranking.weight(i));
            flow.getChildren().add(text(words, ranking.weight(i).equals(most) ? "strip-read" : "strip-value"));
            flow.getChildren().add(text("   ", "strip-value"));
        }
        if (size < ranking.distinct().size()) {
            flow.getChildren().add(text("…", "strip-value"));
        }
        return flow;
    }
}
