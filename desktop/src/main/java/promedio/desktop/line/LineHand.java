package promedio.desktop.line;

import java.math.BigDecimal;
import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import promedio.core.assignment.Edit;
import promedio.core.assignment.SampleSheet;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.SheetFigures;

/**
 * The hand on the Line. Dragging a dot changes its value live, in a frequency table one unit of it; letting go keeps it and
 * Escape puts it back. A double click adds a value for a moment. By keyboard: arrows go from value to value, with Alt they
 * move it, Insert adds one, Enter keeps, Space switches it off, Up and Down go from measure to measure.
 */
final class LineHand {
    private final LineView line;
    private final DeskModel model;
    private int entry = -1;
    private boolean moved;
    private Exact origin;
    /** What was on the Line when the value was taken in hand. */
    private SheetFigures seen;

    LineHand(LineView line, DeskModel model) {
        this.line = line;
        this.model = model;
        line.setOnMouseMoved(move -> {
            if (line.isLive() && entry < 0) {
                line.point(move.getX(), move.getY());
            }
        });
        line.setOnMouseExited(left -> {
            if (entry < 0 && !line.isFocused()) {
                line.light(-1);
                model.looking().pointedProperty().set("");
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
                model.trial().letGo();
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
            seen = line.figures();
        }
    }

    private void letGo() {
        entry = -1;
        moved = false;
        origin = null;
    }

    /** The last entry, or row of a table, that has a distinct value; −1 for none, and for proportions, which have no unit. */
    private int entryOf(int distinct) {
        Sample sample = line.figures().sample();
        if (distinct < 0 || isFixed(sample)) {
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

    /** Proportions have no unit that could be moved, and of class tables the values are not known. */
    private static boolean isFixed(Sample sample) {
        return sample.shape().relative() || sample.classes().isPresent();
    }

    private void move(BigDecimal to) {
        if (origin == null) {
            origin = line.litValue();
        }
        String sheet = line.figures().sheet().id();
        model.trial()
                .take(
                        line.figures().sample().weighted()
                                ? new Edit.MoveUnit(sheet, entry, written(to))
                                : new Edit.SetEntry(sheet, 0, entry, written(to)),
                        seen);
        line.light(Exact.from(to));
    }

    private String written(BigDecimal number) {
        return model.assignment().card().numerals().write(number);
    }

    /** A double click where no value stands adds one for a moment. */
    private void add(MouseEvent click) {
        boolean free = line.isLive()
                && line.nearest(click.getX()) < 0
                && !isFixed(line.figures().sample());
        if (click.getClickCount() == 2 && click.getButton() == MouseButton.PRIMARY && free) {
            add(line.snapped(click.getX()));
        }
    }

    private void add(BigDecimal number) {
        SampleSheet sheet = line.figures().sheet();
        model.trial()
                .add(
                        line.figures().sample().weighted()
                                ? new Edit.MoveUnit(sheet.id(), -1, written(number))
                                : new Edit.InsertRows(sheet.id(), sheet.size(), List.of(List.of(written(number)))));
        line.light(Exact.from(number));
    }

    private void key(KeyEvent key) {
        if (!line.isLive()) {
            return;
        }
        int step = key.getCode() == KeyCode.RIGHT ? 1 : key.getCode() == KeyCode.LEFT ? -1 : 0;
        if (step != 0 && key.isAltDown()) {
            nudge(step);
        } else if (step != 0) {
            model.trial().letGo();
            letGo();
            int last = line.figures().sample().ranking().distinct().size() - 1;
            line.light(Math.max(0, Math.min(last, line.lit() < 0 ? (step > 0 ? 0 : last) : line.lit() + step)));
        } else if (key.getCode() == KeyCode.UP || key.getCode() == KeyCode.DOWN) {
            line.pointNext(key.getCode() == KeyCode.DOWN ? 1 : -1);
        } else if (key.getCode() == KeyCode.INSERT || key.getCode() == KeyCode.PLUS) {
            addBesideLit();
        } else if (key.getCode() == KeyCode.ENTER) {
            if (entry >= 0) {
                model.trial().letGo();
            } else {
                model.trial().keepAdded();
            }
            letGo();
        } else if (key.getCode() == KeyCode.ESCAPE) {
            if (entry >= 0) {
                model.trial().putBack();
            } else {
                model.trial().dropAdded();
            }
            if (origin != null) {
                line.light(origin);
            }
            letGo();
        } else if (key.getCode() == KeyCode.SPACE && entryOf(line.lit()) >= 0) {
            model.make(new Edit.SwitchEntries(line.figures().sheet().id(), entryOf(line.lit()), false), line.figures());
        } else {
            return;
        }
        key.consume();
    }

    /** Adds another value equal to the one that is lit up, or to the median, for a moment; Alt with arrows moves it on. */
    private void addBesideLit() {
        Sample sample = line.figures().sample();
        if (!isFixed(sample)) {
            int last = sample.ranking().distinct().size() - 1;
            add(sample.ranking().distinct().decimal(line.lit() >= 0 ? line.lit() : last / 2));
        }
    }

    /** Moves the lit value by one recording unit. */
    private void nudge(int step) {
        if (entry < 0) {
            entry = entryOf(line.lit());
            seen = line.figures();
        }
        if (entry >= 0 && line.lit() >= 0) {
            Sample sample = line.figures().sample();
            BigDecimal now = sample.ranking().distinct().decimal(line.lit());
            move(now.add(BigDecimal.valueOf(step, sample.values().places())));
        }
    }
}
