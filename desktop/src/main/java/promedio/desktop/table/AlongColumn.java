package promedio.desktop.table;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntUnaryOperator;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import promedio.desktop.model.table.Along;
import promedio.desktop.model.table.Ticked;

/** A measure beside each row that is seen, at the right of all columns however far they are scrolled. */
final class AlongColumn extends Region {
    private static final double EMS = 8.5;

    private final Ticked ticked;
    private final Label head = new Label();
    private final List<Label> cells = new ArrayList<>();
    private int seen;
    private double headHeight;
    private double rowHeight;

    AlongColumn(Ticked ticked) {
        this.ticked = ticked;
        head.getStyleClass().add("along-head");
        head.setId("along-head");
        getChildren().add(head);
    }

    /** How wide it is; nothing while no measure is asked for. */
    double width(double em) {
        return ticked.alongProperty().get() == null ? 0 : Math.floor(EMS * em);
    }

    /** Has so many cells below its head. */
    void place(double height, double ofRow, int rows) {
        headHeight = height;
        rowHeight = ofRow;
        seen = rows;
        while (cells.size() < rows) {
            Label cell = new Label();
            cell.getStyleClass().add("along-cell");
            cells.add(cell);
            getChildren().add(cell);
        }
        layoutChildren();
    }

    @Override
    protected void layoutChildren() {
        head.resizeRelocate(0, 0, getWidth(), headHeight);
        for (int i = 0; i < cells.size(); i++) {
            cells.get(i).setVisible(i < seen);
            cells.get(i).resizeRelocate(0, headHeight + i * rowHeight, getWidth(), rowHeight);
        }
    }

    /** Brings the figures up to date; told for each cell which row of the table it stands beside. */
    void show(IntUnaryOperator rowOf) {
        Along along = ticked.alongProperty().get();
        setVisible(along != null);
        if (along == null) {
            return;
        }
        head.setText(along.head() + "\n" + along.of());
        for (int i = 0; i < seen; i++) {
            cells.get(i).setText(along.figure(rowOf.applyAsInt(i)));
        }
    }
}
