package promedio.desktop.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import promedio.core.assignment.Link;
import promedio.core.course.CourseCard;
import promedio.core.data.Column;
import promedio.core.number.Figure;
import promedio.core.working.FigureText;
import promedio.desktop.control.Press;
import promedio.desktop.control.Tip;
import promedio.desktop.grid.CellChoice;
import promedio.desktop.grid.CellsGrid;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Latest;
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
    private final Hyperlink which = Press.link("table.quick", "choose-quick", this::chooseFigures);
    private final Set<Quick> wanted;
    private final Latest counting;

    /** A figure of the chosen cells. */
    private enum Quick {
        SUM("sum"),
        MEAN("mean"),
        MEDIAN("median"),
        SD("sd"),
        LEAST("least"),
        LARGEST("largest"),
        RANGE("range");

        private final String key;

        Quick(String key) {
            this.key = key;
        }
    }

    ChosenFoot(DeskModel model, TwoGrids grids, StepMenu stepMenu) {
        this.model = model;
        wanted = model.habits().some("quick-figures", EnumSet.of(Quick.SUM, Quick.MEAN, Quick.LEAST, Quick.LARGEST));
        this.grids = grids;
        this.stepMenu = stepMenu;
        counting = new Latest(model, Lane.WALKING);
        getStyleClass().add("table-foot");
        setAlignment(Pos.BASELINE_LEFT);
        figures.setId("table-chosen");
        keys.getStyleClass().add("soft");
        for (Label words : List.of(figures, keys)) {
            words.setMinWidth(0);
            Tip.whenCut(words);
        }
        for (Hyperlink link : List.of(which, sample, fits, out)) {
            link.managedProperty().bind(link.visibleProperty());
        }
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        getChildren().setAll(figures, which, sample, fits, out, between, keys);
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
        boolean several = some && (choice.bottom() > choice.top() || !one);
        which.setVisible(several);
        // What is chosen says more than which keys choose it.
        keys.setVisible(!several);
        keys.setManaged(!several);
        fits.setVisible(some && one && grids.takesSteps());
        keys.setText(Words.of(grids.showsRead() ? "table.keys" : "prepared.keys"));
        counting.stop();
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
            counting.run(() -> of(columns, rows), found -> figures.setText(text(found)));
        }
    }

    private CellFigures of(List<Supplier<Column>> columns, int[] rows) {
        boolean all = wanted.contains(Quick.MEDIAN) || wanted.contains(Quick.SD) || wanted.contains(Quick.RANGE);
        return CellFigures.of(columns.stream().map(Supplier::get).toList(), rows, all);
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
            if (found.numbers() < found.cells()) {
                parts.add(Words.of("table.chosen.numbers", found.numbers()));
            }
            for (Quick one : wanted) {
                figure(one, found)
                        .ifPresent(figure -> parts.add(Words.of("table.chosen." + one.key, text.carried(figure))));
            }
        }
        return String.join(" · ", parts);
    }

    private Optional<? extends Figure> figure(Quick one, CellFigures found) {
        CourseCard card = model.assignment().card();
        return switch (one) {
            case SUM -> Optional.of(found.sum());
            case MEAN -> found.mean();
            case LEAST -> found.least();
            case LARGEST -> found.largest();
            default -> found.measure(one.key, card);
        };
    }

    /** The figures that can stand there, those that do with a tick. */
    private void chooseFigures() {
        ContextMenu menu = new ContextMenu();
        for (Quick one : Quick.values()) {
            CheckMenuItem item = new CheckMenuItem(Words.of("table.quick." + one.key));
            item.setId("quick-" + one.key);
            item.setSelected(wanted.contains(one));
            item.setOnAction(press -> {
                if (item.isSelected()) {
                    wanted.add(one);
                } else {
                    wanted.remove(one);
                }
                model.habits().keep("quick-figures", wanted);
                show();
            });
            menu.getItems().add(item);
        }
        menu.show(which, Side.TOP, 0, 0);
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
