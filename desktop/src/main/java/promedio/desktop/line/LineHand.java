package promedio.desktop.line;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SheetEdit;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.model.desk.ValueInHand;

/**
 * The hand on the Line. Dragging a dot changes its value live, in a frequency table one unit of it; letting go keeps it and
 * Escape puts it back. A double click adds a value for a moment. By keyboard: arrows go from value to value, with Alt they
 * move it, Insert adds one, Enter keeps, Space switches it off, Up and Down go from measure to measure.
 */
final class LineHand {
    private final LineView line;
    private final DeskModel model;
    private Optional<ValueInHand> hand = Optional.empty();

    LineHand(LineView line, DeskModel model) {
        this.line = line;
        this.model = model;
        line.setOnMouseMoved(move -> {
            if (line.isLive() && hand.isEmpty()) {
                line.point(move.getX(), move.getY());
            }
        });
        line.setOnMouseExited(left -> {
            if (hand.isEmpty() && !line.isFocused()) {
                line.light(-1);
                model.looking().pointedProperty().set("");
            }
        });
        line.setOnMousePressed(this::take);
        line.setOnMouseDragged(drag -> {
            if (hand.isPresent()) {
                move(line.snapped(drag.getX()));
            }
        });
        line.setOnMouseReleased(release -> {
            hand.ifPresent(ValueInHand::letGo);
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
            hand = take(near);
        }
    }

    private void letGo() {
        hand = Optional.empty();
    }

    /** Takes a value in hand, told by its place among the distinct ones; none for a place below 0. */
    private Optional<ValueInHand> take(int distinct) {
        SheetFigures figures = line.figures();
        return distinct < 0
                ? Optional.empty()
                : ValueInHand.of(
                        model, figures, figures.sample().ranking().distinct().at(distinct));
    }

    private void move(BigDecimal to) {
        hand.ifPresent(value -> value.move(to));
        line.light(Exact.from(to));
    }

    private String written(BigDecimal number) {
        return model.assignment().card().numerals().write(number);
    }

    /** A double click where no value stands adds one for a moment. */
    private void add(MouseEvent click) {
        boolean free = line.isLive()
                && line.nearest(click.getX()) < 0
                && !ValueInHand.isFixed(line.figures().sample());
        if (click.getClickCount() == 2 && click.getButton() == MouseButton.PRIMARY && free) {
            add(line.snapped(click.getX()));
        }
    }

    private void add(BigDecimal number) {
        SampleSheet sheet = line.figures().sheet();
        model.trial()
                .add(
                        line.figures().sample().weighted()
                                ? new SheetEdit.MoveUnit(sheet.id(), -1, written(number))
                                : new SheetEdit.InsertRows(
                                        sheet.id(), sheet.size(), List.of(List.of(written(number)))));
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
            if (hand.isPresent()) {
                model.trial().letGo();
            } else {
                model.trial().keepAdded();
            }
            letGo();
        } else if (key.getCode() == KeyCode.ESCAPE) {
            if (hand.isPresent()) {
                model.trial().putBack();
            } else {
                model.trial().dropAdded();
            }
            hand.filter(ValueInHand::isMoved).ifPresent(value -> line.light(value.origin()));
            letGo();
        } else if (key.getCode() == KeyCode.SPACE && take(line.lit()).isPresent()) {
            int entry = take(line.lit()).get().entry();
            model.make(new SheetEdit.SwitchEntries(line.figures().sheet().id(), entry, false), line.figures());
        } else {
            return;
        }
        key.consume();
    }

    /** Adds another value equal to the one that is lit up, or to the median, for a moment; Alt with arrows moves it on. */
    private void addBesideLit() {
        Sample sample = line.figures().sample();
        if (!ValueInHand.isFixed(sample)) {
            int last = sample.ranking().distinct().size() - 1;
            add(sample.ranking().distinct().decimal(line.lit() >= 0 ? line.lit() : last / 2));
        }
    }

    /** Moves the lit value by one recording unit. */
    private void nudge(int step) {
        if (hand.isEmpty()) {
            hand = take(line.lit());
        }
        if (hand.isPresent() && line.lit() >= 0) {
            Sample sample = line.figures().sample();
            BigDecimal now = sample.ranking().distinct().decimal(line.lit());
            move(now.add(BigDecimal.valueOf(step, sample.values().places())));
        }
    }
}
