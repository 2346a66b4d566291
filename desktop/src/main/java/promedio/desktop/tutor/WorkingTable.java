package promedio.desktop.tutor;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import promedio.core.ownwork.CellPlace;
import promedio.core.ownwork.OwnSheet;
import promedio.core.ownwork.Quantity;
import promedio.core.sentence.Visible;
import promedio.desktop.grid.TableCell;
import promedio.desktop.grid.TableCell.Trait;
import promedio.desktop.model.own.OwnMarked;
import promedio.desktop.text.Words;

/** A student's table with the marks of its cells, to be looked at. */
final class WorkingTable extends GridPane {
    private static final int MOST_ROWS = 60;
    private static final int LONGEST = 40;

    WorkingTable(OwnMarked marked) {
        getStyleClass().addAll("own-grid", "working-handed");
        OwnSheet sheet = marked.sheet();
        for (int column = 0; column < sheet.columns().size(); column++) {
            Label head = new Label(Visible.line(sheet.columns().get(column).heading(), LONGEST));
            boolean words = marked.marks()
                    .columns()
                    .get(column)
                    .filter(Quantity.CLASS::equals)
                    .isPresent();
            head.getStyleClass().addAll("own-heading", words ? "handed-class" : "handed-head");
            head.setMaxWidth(Double.MAX_VALUE);
            add(head, column, 0);
        }
        int rows = Math.min(MOST_ROWS, sheet.rows().size());
        for (int row = 0; row < rows; row++) {
            addRow(marked, row, row + 1);
        }
        if (rows < sheet.rows().size()) {
            Label more =
                    new Label(Words.of("tutor.workings.more-rows", sheet.rows().size() - rows));
            more.getStyleClass().add("soft");
            add(more, 0, rows + 1, Math.max(1, sheet.columns().size()), 1);
        }
        if (sheet.table().totals().isPresent()) {
            addRow(marked, sheet.rows().size(), rows + 2);
        }
    }

    private void addRow(OwnMarked marked, int row, int at) {
        OwnSheet sheet = marked.sheet();
        List<Optional<Quantity>> columns = marked.marks().columns();
        for (int column = 0; column < sheet.columns().size(); column++) {
            CellPlace place = new CellPlace(row, column);
            String text = Visible.line(sheet.cell(place), LONGEST);
            Set<Trait> traits = EnumSet.of(Trait.MARKABLE);
            if (columns.get(column).filter(Quantity.CLASS::equals).isEmpty()) {
                traits.add(Trait.NUMBER);
            }
            if (sheet.isTotal(place)) {
                traits.add(Trait.TOTAL);
            }
            if (sheet.help(place).shown()) {
                traits.add(Trait.SHOWN);
            }
            marked.marks().at(place).ifPresent(mark -> {
                Trait.of(mark.verdict()).ifPresent(traits::add);
                if (mark.first()) {
                    traits.add(Trait.FIRST);
                }
            });
            TableCell cell = new TableCell();
            cell.show(text, traits, Optional::empty);
            cell.setMaxWidth(Double.MAX_VALUE);
            cell.setMinWidth(Region.USE_PREF_SIZE);
            add(cell, column, at);
        }
    }
}
