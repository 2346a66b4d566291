package promedio.desktop.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import promedio.core.assignment.Link;
import promedio.core.data.Column;
import promedio.core.working.FigureText;
import promedio.desktop.control.Press;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.table.CellFigures;
import promedio.desktop.model.table.TableFigures;
import promedio.desktop.text.Words;

/** What the chosen cells come to, and what can be done with them. */
final class ChosenFoot extends HBox {
    private static final int DATA_PLACES = 2;
    private static final int AT_ONCE = 2_000;

    private final DeskModel model;
    private final TwoGrids grids;
    private final StepMenu stepMenu;
    private final Label figures = new Label();
    private final Label keys = new Label();
    private final Hyperlink sample = Press.link("table.chosen.sample", "take-chosen", this::take);
    private final Hyperlink out = Press.link("table.chosen.out", "leave-out-chosen", this::leaveOut);
    private final Hyperlink fits = Press.link("table.chosen.steps", "chosen-steps", this::offerSteps);
    private long asked;

    ChosenFoot(DeskModel model, TwoGrids grids, StepMenu stepMenu) {
        this.model = model;
        this.grids = grids;
        this.stepMenu = stepMenu;
        getStyleClass().add("table-foot");
        setAlignment(Pos.BASELINE_LEFT);
        figures.setId("table-chosen");
        keys.getStyleClass().add("soft");
        for (Label words : List.of(figures, keys)) {
            words.setMinWidth(0);
            Tip.whenCut(words);
        }
        for (Hyperlink link : List.of(sample, fits, out)) {
            link.managedProperty().bind(link.visibleProperty());
        }
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        getChildren().setAll(figures, sample, fits, out, between, keys);
        show();
    }

    private TableFigures table() {
        return model.tables().figuresProperty().get();
    }

    /** Shows what is chosen now. */
    void show() {
        CellChoice choice = grids.seen().choice();
        boolean some = table() != null && !choice.isEmpty();
        boolean read = some && grids.showsRead();
        boolean one = choice.left() == choice.right();
        sample.setVisible(read && one && choice.bottom() > choice.top());
        out.setVisible(read);
        fits.setVisible(some && one && grids.takesSteps());
        keys.setText(Words.of(grids.showsRead() ? "table.keys" : "prepared.keys"));
        long mine = ++asked;
        if (!some) {
            figures.setText("");
            return;
        }
        if (read) {
            out.setText(Words.of(
                    isOut()
                            ? "table.chosen.take"
                            : choice.bottom() > choice.top() ? "table.chosen.out" : "table.chosen.out.one"));
        }
        int[] rows = grids.seen().chosenRows();
        List<Supplier<Column>> columns = grids.columns(choice.left(), choice.right());
        if (read && (long) rows.length * columns.size() < AT_ONCE) {
            figures.setText(text(of(columns, rows)));
        } else {
            figures.setText(Words.of("table.chosen.counting"));
            model.inBackground(
                    () -> of(columns, rows),
                    found -> {
                        if (mine == asked) {
                            figures.setText(text(found));
                        }
                    },
                    () -> {});
        }
    }

    private static CellFigures of(List<Supplier<Column>> columns, int[] rows) {
        return CellFigures.of(columns.stream().map(Supplier::get).toList(), rows);
    }

    private boolean isOut() {
        return Arrays.stream(grids.read().chosenRows())
                .allMatch(row -> table().table().off().contains(row));
    }

    private String text(CellFigures found) {
        FigureText text = new FigureText(model.assignment().card(), DATA_PLACES);
        List<String> parts = new ArrayList<>();
        parts.add(found.cells() == 1 ? Words.of("table.chosen.cell") : Words.of("table.chosen.cells", found.cells()));
        if (found.missing() > 0) {
            parts.add(Words.of("table.chosen.missing", found.missing()));
        }
        if (found.numbers() > 1) {
            parts.add(Words.of("table.chosen.numbers", found.numbers()));
            parts.add(Words.of("table.chosen.sum", text.carried(found.sum())));
            found.mean().ifPresent(mean -> parts.add(Words.of("table.chosen.mean", text.carried(mean))));
            found.least().ifPresent(least -> parts.add(Words.of("table.chosen.least", text.carried(least))));
            found.largest().ifPresent(largest -> parts.add(Words.of("table.chosen.largest", text.carried(largest))));
        }
        return String.join(" · ", parts);
    }

    private void take() {
        List<Integer> rows = Arrays.stream(grids.read().chosenRows()).boxed().toList();
        model.taking().take(grids.read().choice().left(), new Link.Listed(rows));
    }

    private void leaveOut() {
        List<Integer> rows = Arrays.stream(grids.read().chosenRows()).boxed().toList();
        model.amending().leaveOut(rows, !isOut());
    }

    /** Shows the steps that fit the chosen cells. */
    void offerSteps() {
        if (!fits.isVisible()) {
            return;
        }
        CellsGrid<?> of = grids.seen();
        int[] rows = of.chosenRows();
        if (grids.showsRead()) {
            // Rows that are left out are none of the table that the steps begin with.
            rows = Arrays.stream(rows)
                    .filter(row -> !table().table().off().contains(row))
                    .map(row -> row - table().table().off().headSet(row).size())
                    .toArray();
        }
        model.trail().offers(grids.name(of.choice().left()), rows, offers -> {
            ContextMenu menu = new ContextMenu();
            menu.getItems().setAll(stepMenu.offered(offers));
            of.cell()
                    .ifPresentOrElse(cell -> menu.show(cell, Side.BOTTOM, 0, 0), () -> menu.show(fits, Side.TOP, 0, 0));
        });
    }
}
