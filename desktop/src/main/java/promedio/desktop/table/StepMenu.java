package promedio.desktop.table;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import promedio.core.data.Column;
import promedio.core.sentence.Visible;
import promedio.core.trail.Field;
import promedio.core.trail.Prepared;
import promedio.core.trail.Recoding;
import promedio.desktop.control.Press;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Words;

/** What can be done with a column of a table that steps have made: a sample of it, and the steps that fit it. */
final class StepMenu {
    private static final int LONGEST = 90;
    private static final int MOST_CATEGORIES = 12;

    private final DeskModel model;
    private final StepBar steps;
    private final StepTools tools;

    StepMenu(DeskModel model, StepBar steps, StepTools tools) {
        this.model = model;
        this.steps = steps;
        this.tools = tools;
    }

    /** Shows it below the head of a column, as soon as it is known which steps fit. */
    void show(Node head, String column) {
        steps.offer(column);
        model.trail().offers(column, offers -> {
            ContextMenu menu = new ContextMenu();
            menu.getItems().setAll(items(column));
            menu.getItems().add(Press.separator());
            menu.getItems().addAll(offered(column, offers));
            if (head.getScene() != null) {
                menu.show(head, Side.BOTTOM, 0, 0);
            }
        });
    }

    private List<MenuItem> items(String column) {
        List<MenuItem> items = new ArrayList<>();
        items.add(Press.item("prepared-take", Words.of("prepared.take"), () -> model.followers()
                .take(column)));
        Prepared table = model.trail().troddenProperty().get().state();
        if (table.field(column).hasNumbers()) {
            Menu each = new Menu(Words.of("prepared.take.each"));
            each.setId("prepared-each");
            table.fields().stream()
                    .filter(field -> field.column() instanceof Column.OfCategories)
                    .map(Field::name)
                    .limit(MOST_CATEGORIES)
                    .forEach(by -> each.getItems()
                            .add(Press.item("prepared-each-of", Visible.line(by, LONGEST), () -> model.followers()
                                    .takeEach(column, by))));
            if (!each.getItems().isEmpty()) {
                items.add(each);
            }
            Menu pairs = new Menu(Words.of("table.take.pairs"));
            pairs.setId("prepared-pairs");
            table.fields().stream()
                    .filter(field -> field.hasNumbers() && !field.name().equals(column))
                    .map(Field::name)
                    .limit(MOST_CATEGORIES)
                    .forEach(other -> pairs.getItems()
                            .add(Press.item("prepared-pairs-with", Visible.line(other, LONGEST), () -> model.pairs()
                                    .takeMade(column, other))));
            if (!pairs.getItems().isEmpty()) {
                items.add(pairs);
            }
        }
        return items;
    }

    /** Steps as they would be written; one that is chosen is written into the line below the rows, to be changed or made. */
    List<MenuItem> offered(String column, List<String> offers) {
        List<MenuItem> items = new ArrayList<>();
        Field field = model.trail().troddenProperty().get().state().field(column);
        if (field.hasNumbers()) {
            items.add(Press.item("tool-bands", Words.of("bands.open"), () -> tools.bands(column)));
        }
        if (Recoding.suits(field)) {
            items.add(Press.item("tool-replace", Words.of("values.open.replace"), () -> tools.values(column, false)));
            items.add(Press.item("tool-name", Words.of("values.open.name"), () -> tools.values(column, true)));
            items.add(Press.separator());
        }
        items.addAll(offered(offers));
        return items;
    }

    /** The steps alone. */
    List<MenuItem> offered(List<String> offers) {
        List<MenuItem> items = new ArrayList<>();
        for (String offer : offers) {
            items.add(Press.item("offered-step", Visible.line(offer, LONGEST), () -> steps.write(offer)));
        }
        return items;
    }
}
