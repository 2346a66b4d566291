package promedio.desktop.table;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import promedio.core.assignment.Link;
import promedio.core.data.Column;
import promedio.core.data.Table;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Press;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.TablePage;
import promedio.desktop.model.table.RowOrder;
import promedio.desktop.text.Words;

/** What can be done with a column. */
final class ColumnMenu {
    private static final int LONGEST = 40;
    private static final int MOST_CATEGORIES = 12;

    private final DeskModel model;
    private final RowsGrid grid;
    private StepMenu steps;

    ColumnMenu(DeskModel model, RowsGrid grid) {
        this.model = model;
        this.grid = grid;
    }

    /** What offers the steps that fit a column. */
    void onSteps(StepMenu menu) {
        steps = menu;
    }

    void show(Node head, int column) {
        Table table = model.tables().figuresProperty().get().all();
        ContextMenu menu = new ContextMenu();
        menu.getItems().setAll(items(table, column));
        Menu next = new Menu(Words.of("step.next"));
        next.setId("column-steps");
        menu.getItems().addAll(Press.separator(), next);
        // What fits may take a moment to find out; it is there when somebody has come to it.
        next.setDisable(true);
        model.trail().offers(table.columns().get(column).name(), offers -> {
            next.getItems().setAll(steps.offered(table.columns().get(column).name(), offers));
            next.setDisable(false);
        });
        menu.show(head, Side.BOTTOM, 0, 0);
    }

    private List<MenuItem> items(Table table, int column) {
        Column cells = table.columns().get(column);
        List<MenuItem> items = new ArrayList<>();
        items.add(Press.item(
                "column-take", Words.of("table.take"), () -> model.taking().take(column, new Link.All())));
        if (cells instanceof Column.OfNumbers) {
            Menu parts = parts(table, column);
            if (!parts.getItems().isEmpty()) {
                items.add(parts);
            }
            Menu pairs = pairs(table, column);
            if (!pairs.getItems().isEmpty()) {
                items.add(pairs);
            }
        } else {
            items.add(Press.item("column-count", Words.of("table.count"), () -> model.tables()
                    .count(column)));
        }
        items.add(Press.separator());
        items.add(Press.item(
                "column-least", Words.of("table.least-first"), () -> grid.order(new RowOrder(column, false))));
        items.add(Press.item(
                "column-largest", Words.of("table.largest-first"), () -> grid.order(new RowOrder(column, true))));
        items.add(Press.item("column-file", Words.of("table.as-in-file"), () -> grid.order(RowOrder.OF_FILE)));
        items.add(Press.separator());
        items.add(Press.item("column-name", Words.of("table.name-column"), () -> model.looking()
                .tablePageProperty()
                .set(TablePage.COLUMNS)));
        return items;
    }

    /** Pairs of a column, x, and another one, y. */
    private Menu pairs(Table table, int column) {
        Menu pairs = new Menu(Words.of("table.take.pairs"));
        pairs.setId("column-pairs");
        for (int i = 0; i < table.columns().size() && pairs.getItems().size() < MOST_CATEGORIES; i++) {
            if (i != column && table.columns().get(i) instanceof Column.OfNumbers other) {
                int second = i;
                pairs.getItems()
                        .add(Press.item("column-pairs-with", Visible.line(other.name(), LONGEST), () -> model.pairs()
                                .take(column, second)));
            }
        }
        return pairs;
    }

    /** The parts of a column by the texts of a category. */
    private Menu parts(Table table, int column) {
        Menu parts = new Menu(Words.of("table.take.part"));
        parts.setId("column-part");
        for (int i = 0; i < table.columns().size() && parts.getItems().size() < MOST_CATEGORIES; i++) {
            if (table.columns().get(i) instanceof Column.OfCategories categories) {
                int category = i;
                Menu one = new Menu(Visible.line(categories.name(), LONGEST));
                one.setMnemonicParsing(false);
                for (String value : categories.counts().keySet()) {
                    MenuItem item = new MenuItem(Visible.line(value, LONGEST));
                    item.setMnemonicParsing(false);
                    item.setOnAction(press -> model.taking().take(column, new Link.Where(category, value.strip())));
                    one.getItems().add(item);
                }
                one.getItems().add(Press.separator());
                one.getItems().add(Press.item("column-each", Words.of("table.take.each"), () -> model.taking()
                        .takeEach(column, category)));
                parts.getItems().add(one);
            }
        }
        return parts;
    }
}
