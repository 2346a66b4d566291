package promedio.desktop.line;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import promedio.core.assignment.Edit;
import promedio.core.assignment.SheetEdit;
import promedio.core.sample.Sample;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.SheetFigures;

/**
 * The hand on the cross-hair. Dragging a point changes its pair live; letting go keeps it and Escape puts it back. A double click adds a
 * pair for a moment. By keyboard: Left and Right go from point to point, arrows with Alt move it, Enter keeps, Space switches it off.
 */
final class CrossHand {
    private final CrossView cross;
    private final DeskModel model;
    /** The figures in which the point in hand was seen; null while none is in hand. */
    private SheetFigures seen;

    private int entry;
    private boolean moved;

    CrossHand(CrossView cross, DeskModel model) {
        this.cross = cross;
        this.model = model;
        cross.setOnMouseMoved(move -> {
            if (cross.isLive() && seen == null) {
                light(cross.nearest(move.getX(), move.getY()));
            }
        });
        cross.setOnMouseExited(left -> {
            if (seen == null && !cross.isFocused()) {
                cross.light(null);
            }
        });
        cross.setOnMousePressed(this::take);
        cross.setOnMouseDragged(drag -> move(cross.snappedX(drag.getX()), cross.snappedY(drag.getY())));
        cross.setOnMouseReleased(release -> letGo());
        cross.setOnMouseClicked(this::add);
        cross.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    private void light(int row) {
        cross.light(row < 0 ? null : cross.figures().sample().entry(row));
    }

    private void take(MouseEvent press) {
        cross.requestFocus();
        seen = null;
        if (press.getButton() == MouseButton.PRIMARY && cross.isLive()) {
            int row = cross.nearest(press.getX(), press.getY());
            light(row);
            take(row);
        }
    }

    private void take(int row) {
        if (row >= 0) {
            seen = cross.figures();
            entry = seen.sample().entry(row);
            moved = false;
        }
    }

    private void move(BigDecimal x, BigDecimal y) {
        if (seen != null) {
            moved = true;
            String sheet = seen.sheet().id();
            Edit both = new Edit.Together(
                    "change-entry",
                    List.of(
                            new SheetEdit.SetEntry(sheet, 0, entry, written(x)),
                            new SheetEdit.SetEntry(sheet, 1, entry, written(y))));
            model.trial().take(both, seen);
        }
    }

    private void letGo() {
        if (seen != null && moved) {
            model.trial().letGo();
        }
        seen = null;
    }

    private String written(BigDecimal number) {
        return model.assignment().card().numerals().write(number);
    }

    private void add(MouseEvent click) {
        boolean free = cross.isLive() && cross.nearest(click.getX(), click.getY()) < 0;
        if (click.getClickCount() == 2 && click.getButton() == MouseButton.PRIMARY && free) {
            SheetFigures figures = cross.figures();
            model.trial()
                    .add(new SheetEdit.InsertRows(
                            figures.sheet().id(),
                            figures.sheet().size(),
                            List.of(
                                    List.of(written(cross.snappedX(click.getX()))),
                                    List.of(written(cross.snappedY(click.getY()))))));
        }
    }

    private void key(KeyEvent key) {
        if (!cross.isLive()) {
            return;
        }
        int across = key.getCode() == KeyCode.RIGHT ? 1 : key.getCode() == KeyCode.LEFT ? -1 : 0;
        int up = key.getCode() == KeyCode.UP ? 1 : key.getCode() == KeyCode.DOWN ? -1 : 0;
        if (key.isAltDown() && (across != 0 || up != 0)) {
            nudge(across, up);
        } else if (across != 0) {
            letGo();
            goTo(across);
        } else if (key.getCode() == KeyCode.ENTER) {
            if (seen != null) {
                letGo();
            } else {
                model.trial().keepAdded();
            }
        } else if (key.getCode() == KeyCode.ESCAPE) {
            if (seen != null) {
                model.trial().putBack();
                seen = null;
            } else {
                model.trial().dropAdded();
            }
        } else if (key.getCode() == KeyCode.SPACE && cross.lit() >= 0) {
            SheetFigures figures = cross.figures();
            int lit = figures.sample().entry(cross.lit());
            model.make(new SheetEdit.SwitchEntries(figures.sheet().id(), lit, false), figures);
        } else {
            return;
        }
        key.consume();
    }

    /** Goes to the next point by x. */
    private void goTo(int step) {
        Sample sample = cross.figures().sample();
        List<Integer> rows = IntStream.iterate(0, row -> row < sample.rows(), row -> row + cross.step())
                .boxed()
                .sorted(Comparator.comparing(sample::value))
                .toList();
        int now = rows.indexOf(cross.lit());
        int next = now < 0 ? (step > 0 ? 0 : rows.size() - 1) : Math.max(0, Math.min(rows.size() - 1, now + step));
        light(rows.get(next));
    }

    /** Moves the point that is lit up by one recording unit. */
    private void nudge(int across, int up) {
        if (seen == null) {
            take(cross.lit());
        }
        int row = cross.lit();
        if (seen != null && row >= 0) {
            Sample sample = cross.figures().sample();
            Sample second = sample.paired().orElseThrow().second();
            BigDecimal x = sample.values().decimal(row);
            BigDecimal y = second.values().decimal(row);
            move(
                    x.add(BigDecimal.valueOf(across, sample.values().places())),
                    y.add(BigDecimal.valueOf(up, second.values().places())));
        }
    }
}
