package promedio.desktop.table;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sentence.Sentence;
import promedio.core.trail.Cuts;
import promedio.core.trail.Field;
import promedio.core.vector.Numbers;
import promedio.desktop.text.Words;

/** A column as bars of equal width, with the edges of bands over it: they are dragged, or moved by keys. */
final class BandsPlot extends Pane {
    private static final int BARS = 48;
    private static final double CATCH = 9;
    private static final double SIDE = 14;

    private final List<Region> bars = new ArrayList<>();
    private final List<Region> edges = new ArrayList<>();
    private final List<Label> names = new ArrayList<>();
    private final Label low = new Label();
    private final Label high = new Label();
    private int[] heights = new int[0];
    private Cuts.Range range;
    private Cuts cuts;
    private BiConsumer<Integer, Exact> moved = (edge, to) -> {};
    private Consumer<Exact> cut = at -> {};

    BandsPlot() {
        getStyleClass().add("bands-plot");
        setId("bands-plot");
        low.getStyleClass().add("bands-end");
        high.getStyleClass().add("bands-end");
        setOnMouseClicked(click -> {
            if (click.getClickCount() == 2 && range != null) {
                cut.accept(at(click.getX()));
            }
        });
    }

    /** Who is told of an edge that was moved. */
    void onMoved(BiConsumer<Integer, Exact> listener) {
        moved = listener;
    }

    /** Who is told where a band was cut in two. */
    void onCut(Consumer<Exact> listener) {
        cut = listener;
    }

    /** Shows a column. */
    void column(Field field, Cuts.Range ends) {
        range = ends;
        heights = new int[BARS];
        double from = ends.from().toDouble();
        double width = ends.width().toDouble();
        Numbers numbers = (Numbers) field.vector();
        for (int row = 0; row < numbers.size(); row++) {
            if (!numbers.isMissing(row)) {
                double value = numbers.figure(row).map(Figure::toDouble).orElse(from);
                heights[Math.max(0, Math.min(BARS - 1, (int) ((value - from) / width * BARS)))]++;
            }
        }
        bars.clear();
        for (int i = 0; i < BARS; i++) {
            Region bar = new Region();
            bar.getStyleClass().add("bands-bar");
            bar.setMouseTransparent(true);
            bars.add(bar);
        }
        low.setText(Sentence.written(Cuts.written(ends.from())));
        high.setText(Sentence.written(Cuts.written(ends.to())));
    }

    /** Shows the bands. */
    void show(Cuts now) {
        cuts = now;
        while (edges.size() < now.edges().size()) {
            edges.add(edge(edges.size()));
            Label name = new Label();
            name.getStyleClass().add("bands-edge-name");
            name.setMouseTransparent(true);
            names.add(name);
        }
        int many = now.edges().size();
        for (int i = 0; i < many; i++) {
            names.get(i).setText(Cuts.written(now.edges().get(i)));
            edges.get(i).setAccessibleText(Words.of("bands.edge", names.get(i).getText()));
        }
        getChildren().setAll(bars);
        getChildren().addAll(low, high);
        getChildren().addAll(edges.subList(0, many));
        getChildren().addAll(names.subList(0, many));
        requestLayout();
    }

    private Region edge(int at) {
        Region edge = new Region();
        edge.getStyleClass().add("bands-edge");
        edge.setId("bands-edge-" + at);
        edge.setFocusTraversable(true);
        edge.setOnMousePressed(press -> {
            edge.requestFocus();
            press.consume();
        });
        edge.setOnMouseDragged(drag -> {
            moved.accept(at, at(sceneToLocal(drag.getSceneX(), drag.getSceneY()).getX()));
            drag.consume();
        });
        edge.setOnKeyPressed(key -> {
            int by = key.getCode() == KeyCode.LEFT ? -1 : key.getCode() == KeyCode.RIGHT ? 1 : 0;
            if (by != 0) {
                Exact step = range.rounded(range.width().over(key.isShiftDown() ? 10 : 100));
                Exact one = step.signum() == 0 ? Exact.ONE : step;
                moved.accept(at, cuts.edges().get(at).plus(one.times(by)));
                key.consume();
            }
        });
        return edge;
    }

    private double plotWidth() {
        return Math.max(1, getWidth() - 2 * SIDE);
    }

    private Exact at(double x) {
        double share = Math.max(0, Math.min(1, (x - SIDE) / plotWidth()));
        return range.rounded(range.from()
                .plus(range.width().times(Math.round(share * 10_000)).over(10_000)));
    }

    private double place(Exact value) {
        return SIDE
                + Math.max(
                                0,
                                Math.min(
                                        1,
                                        value.minus(range.from()).toDouble()
                                                / range.width().toDouble()))
                        * plotWidth();
    }

    @Override
    protected void layoutChildren() {
        if (range == null || cuts == null) {
            return;
        }
        double foot = low.prefHeight(-1);
        double top = foot;
        double floor = getHeight() - foot;
        int most = 1;
        for (int height : heights) {
            most = Math.max(most, height);
        }
        double wide = plotWidth() / BARS;
        for (int i = 0; i < BARS; i++) {
            double high = heights[i] * (floor - top - 4) / most;
            bars.get(i).resizeRelocate(SIDE + i * wide, floor - high, Math.max(1, wide - 1), high);
        }
        low.resizeRelocate(2, floor, low.prefWidth(-1), foot);
        high.resizeRelocate(getWidth() - high.prefWidth(-1) - 2, floor, high.prefWidth(-1), foot);
        for (int i = 0; i < cuts.edges().size(); i++) {
            double x = place(cuts.edges().get(i));
            edges.get(i).resizeRelocate(x - CATCH / 2, top, CATCH, floor - top);
            double width = names.get(i).prefWidth(-1);
            double left = Math.max(0, Math.min(getWidth() - width, x - width / 2));
            names.get(i).resizeRelocate(left, 0, width, foot);
        }
    }
}
