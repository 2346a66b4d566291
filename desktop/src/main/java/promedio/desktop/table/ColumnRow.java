package promedio.desktop.table;

import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;
import promedio.core.assignment.Link;
import promedio.core.course.CourseCard;
import promedio.core.data.Column;
import promedio.core.sentence.Visible;
import promedio.core.working.FigureText;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.table.TableFigures;
import promedio.desktop.text.Words;

/** A column in a line: what it is called, what is in it, and one press to take it or to count its words. */
final class ColumnRow extends ListCell<Integer> {
    private static final int LONGEST = 120;

    private final DeskModel model;
    private final FigureText text = new FigureText(CourseCard.STANDARD, 2);
    private final CheckBox tick = new CheckBox();
    private final TextField name = field("column-name-field");
    private final TextField label = field("column-label-field");
    private final TextField unit = field("column-unit-field");
    private final Label kind = label("column-kind");
    private final SVGPath picture = new SVGPath();
    private final Label count = label("column-figure");
    private final Label missing = label("column-figure");
    private final Hyperlink others = new Hyperlink();
    private final Label distinct = label("column-figure");
    private final Label least = label("column-wide");
    private final Label mean = label("column-wide");
    private final Label largest = label("column-most");
    private final Hyperlink action = new Hyperlink();
    private final VBox box;
    private boolean showing;

    /**
     * A line of the page.
     *
     * @param look goes to the first cell of a column that is not of its kind
     */
    ColumnRow(DeskModel model, java.util.function.IntConsumer look) {
        this.model = model;
        getStyleClass().add("column-row");
        picture.getStyleClass().add("column-picture");
        StackPane drawn = new StackPane(picture);
        drawn.setAlignment(Pos.CENTER_LEFT);
        drawn.getStyleClass().add("column-drawn");
        others.getStyleClass().add("column-others");
        others.setOnAction(press -> look.accept(getItem()));
        Tip.on(others, Words.of("table.others.tip"));
        StackPane othersPlace = new StackPane(others);
        othersPlace.setAlignment(Pos.CENTER_RIGHT);
        othersPlace.getStyleClass().add("column-figure");
        action.setMinWidth(USE_PREF_SIZE);
        Tip.on(tick, Words.of("table.tick.tip"));
        Tip.whenCut(least);
        Tip.whenCut(largest);
        Tip.whenCut(mean);
        tick.selectedProperty().addListener((property, before, now) -> {
            if (!showing) {
                model.tables().ticked().tick(getItem(), now);
            }
        });
        for (TextField one : new TextField[] {name, label, unit}) {
            one.setOnAction(enter -> getListView().requestFocus());
            one.focusedProperty().addListener((property, before, focused) -> {
                if (!focused) {
                    rename();
                }
            });
        }
        HBox line = new HBox(
                tick, name, unit, kind, drawn, count, missing, othersPlace, distinct, least, mean, largest, action);
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().add("column-line");
        // A note has the width of the row below what it is about.
        box = new VBox(line, label);
        box.getStyleClass().add("column-lines");
    }

    private static Label label(String style) {
        Label label = new Label();
        label.getStyleClass().add(style);
        return label;
    }

    private static TextField field(String style) {
        TextField field = new TextField();
        field.getStyleClass().addAll("quiet-field", style);
        return field;
    }

    private void rename() {
        Integer index = getItem();
        TableFigures figures = model.tables().figuresProperty().get();
        if (index == null || figures == null || showing) {
            return;
        }
        Column column = figures.all().columns().get(index);
        boolean changed = !name.getText().equals(column.name())
                || !unit.getText().equals(column.unit())
                || !label.getText().equals(figures.table().label(index));
        if (changed) {
            model.amending().name(index, name.getText(), unit.getText(), label.getText());
            show(index);
        }
    }

    @Override
    protected void updateItem(Integer index, boolean empty) {
        super.updateItem(index, empty);
        TableFigures figures = model.tables().figuresProperty().get();
        if (empty || figures == null || index >= figures.columns().size()) {
            setGraphic(null);
            return;
        }
        show(index);
        setGraphic(box);
    }

    private void show(int index) {
        showing = true;
        TableFigures.InShort shown =
                model.tables().figuresProperty().get().columns().get(index);
        Column column = shown.column();
        boolean number = column instanceof Column.OfNumbers;
        name.setText(column.name());
        name.setId("name-of-" + index);
        label.setText(model.tables().figuresProperty().get().table().label(index));
        label.setId("label-of-" + index);
        label.setPromptText(Words.of("table.no-label"));
        unit.setText(column.unit());
        unit.setVisible(number);
        unit.setPromptText(Words.of("table.no-unit"));
        tick.setId("tick-" + index);
        tick.setVisible(number);
        tick.setSelected(model.tables().ticked().columns().contains(index));
        ColumnWords words = ColumnWords.of(shown, text::carried);
        kind.setText(words.kind());
        picture.setContent(ColumnHead.bars(shown.picture()));
        count.setText(words.count());
        missing.setText(words.missing());
        others.setText(words.others());
        others.setVisible(column.others() > 0);
        others.setId("others-" + index);
        distinct.setText(words.distinct());
        least.setText(words.least());
        mean.setText(words.mean());
        largest.setText(words.largest());
        action.setText(Words.of(number ? "table.action.sample" : "table.action.count"));
        action.setId("action-" + index);
        action.setOnAction(press -> {
            if (number) {
                model.taking().take(index, new Link.All());
            } else {
                model.tables().count(index);
            }
        });
        setAccessibleText(Visible.line(column.name(), LONGEST));
        showing = false;
    }
}
