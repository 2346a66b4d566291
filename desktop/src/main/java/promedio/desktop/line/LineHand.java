package promedio.desktop.line;

import java.math.BigDecimal;
import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import promedio.core.assignment.Edit;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.desktop.model.DeskModel;

/**
 * The hand on the Line. Dragging a dot changes its value live; letting go keeps it and Escape puts it back. A double click
 * adds a value. By keyboard: arrows go from value to value, with Alt they move it, Enter keeps, Space switches it off.
 */
final class LineHand {
    private final LineView line;
    private final DeskModel model;
    private int entry = -1;
    private boolean moved;
    private Exact origin;

    LineHand(LineView line, DeskModel model) {
        this.line = line;
        this.model = model;
        line.setOnMouseMoved(move -> {
            if (line.isLive() && entry < 0) {
                line.light(line.nearest(move.getX()));
            }
        });
        line.setOnMouseExited(left -> {
            if (entry < 0 && !line.isFocused()) {
                line.light(-1);
            }
        });
        line.setOnMousePressed(this::take);
        line.setOnMouseDragged(drag -> {
            if (entry >= 0) {
                moved = true;
                move(line.snapped(drag.getX()));
            }
        });
        line.setOnMouseReleased(release -> {
            if (moved) {
                model.keepTrial();
            }
            letGo();
        });
        line.setOnMouseClicked(this::add);
        line.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    private void take(MouseEvent press) {
        line.requestFocus();
        letGo();
        if (press.getButton() == MouseButton.PRIMARY && line.isLive()) {
            int near = line.nearest(press.getX());
            line.light(near);
            entry = entryOf(near);
        }
    }

    private void letGo() {
        entry = -1;
        moved = false;
        origin = null;
    }

    /** The last entry that has a distinct value; −1 for none, and for frequency tables, whose rows are not dots. */
    private int entryOf(int distinct) {
        Sample sample = line.figures().sample();
        if (distinct < 0 || sample.weighted()) {
            return -1;
        }
        Exact value = sample.ranking().distinct().at(distinct);
        for (int row = sample.rows() - 1; row >= 0; row--) {
            if (sample.value(row).equals(value)) {
                return sample.entry(row);
            }
        }
        return -1;
    }

    private void move(BigDecimal to) {
        if (origin == null) {
            origin = line.litValue();
        }
        model.tryEntry(entry, written(to));
        line.light(Exact.from(to));
    }

    private String written(BigDecimal number) {
        String plain = number.toPlainString();
        return model.assignment().card().numerals().decimalMark() == ',' ? plain.replace('.', ',') : plain;
    }

    private void add(MouseEvent click) {
        boolean free = line.isLive()
                && line.nearest(click.getX()) < 0
                && !line.figures().sample().weighted();
        if (click.getClickCount() == 2 && click.getButton() == MouseButton.PRIMARY && free) {
            BigDecimal number = line.snapped(click.getX());
            model.make(new Edit.InsertRows(
                    line.figures().sheet().id(), line.figures().sheet().size(), List.of(List.of(written(number)))));
        }
    }

    private void key(KeyEvent key) {
        if (!line.isLive()) {
            return;
        }
        int step = key.getCode() == KeyCode.RIGHT ? 1 : key.getCode() == KeyCode.LEFT ? -1 : 0;
        if (step != 0 && key.isAltDown()) {
            nudge(step);
        } else if (step != 0) {
            model.keepTrial();
            letGo();
            int last = line.figures().sample().ranking().distinct().size() - 1;
            line.light(Math.max(0, Math.min(last, line.lit() < 0 ? (step > 0 ? 0 : last) : line.lit() + step)));
        } else if (key.getCode() == KeyCode.ENTER) {
            model.keepTrial();
            letGo();
        } else if (key.getCode() == KeyCode.ESCAPE) {
            model.dropTrial();
            if (origin != null) {
                line.light(origin);
            }
            letGo();
        } else if (key.getCode() == KeyCode.SPACE && entryOf(line.lit()) >= 0) {
            model.make(new Edit.SwitchEntry(line.figures().sheet().id(), entryOf(line.lit()), false));
        } else {
            return;
        }
        key.consume();
    }

    /** Moves the lit value by one recording unit. */
    private void nudge(int step) {
        if (entry < 0) {
            entry = entryOf(line.lit());
        }
        if (entry >= 0 && line.lit() >= 0) {
            Sample sample = line.figures().sample();
            BigDecimal now = sample.ranking().distinct().decimal(line.lit());
            move(now.add(BigDecimal.valueOf(step, sample.values().places())));
        }
    }
}
