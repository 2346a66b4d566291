package promedio.desktop.groups;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import promedio.core.assignment.Link;
import promedio.core.number.Figure;
import promedio.core.sentence.Visible;
import promedio.core.trail.Field;
import promedio.core.trail.GroupSentence;
import promedio.core.trail.Prepared;
import promedio.core.vector.Numbers;
import promedio.core.working.FigureText;
import promedio.desktop.control.CopiedCells;
import promedio.desktop.control.ShareBar;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.groups.Breakdown;
import promedio.desktop.text.Words;

/** The groups with how many rows each has, their measures, and bars of the first of them; small groups are pointed out. */
final class GroupsTable extends GridPane {
    private static final PseudoClass FEW = PseudoClass.getPseudoClass("few");
    private static final int MOST = 300;
    private static final int LONGEST = 40;
    private static final int DATA_PLACES = 2;

    private final DeskModel model;
    private Breakdown shown;

    GroupsTable(DeskModel model) {
        this.model = model;
        getStyleClass().addAll("working-table", "groups-table");
        setId("groups-table");
    }

    void show(Breakdown now) {
        shown = now;
        getChildren().clear();
        Optional<Prepared> made = now.made();
        if (made.isEmpty()) {
            return;
        }
        int by = now.asked().by().size();
        List<Field> fields = made.get().fields();
        for (int column = 0; column < fields.size(); column++) {
            add(head(fields.get(column).name(), column >= by), column, 0);
        }
        int rows = Math.min(MOST, made.get().rows());
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < fields.size(); column++) {
                add(cell(fields.get(column), column, row), column, row + 1);
            }
        }
        bars(fields, by, rows);
        if (made.get().rows() > MOST) {
            Label more = new Label(Words.of("groups.more", made.get().rows() - MOST));
            more.getStyleClass().add("soft");
            add(more, 0, rows + 1, Math.max(1, fields.size()), 1);
        }
    }

    private Node head(String name, boolean figure) {
        Optional<Breakdown.Order> order =
                shown.asked().order().filter(by -> by.column().equals(name));
        String arrow = order.map(by -> Words.of(by.largestFirst() ? "groups.largest" : "groups.smallest"))
                .orElse("");
        Button head = new Button((Visible.line(name, LONGEST) + " " + arrow).strip());
        head.setMnemonicParsing(false);
        head.setId("groups-head");
        head.getStyleClass().add("groups-head");
        head.setMaxWidth(Double.MAX_VALUE);
        head.setAlignment(figure ? Pos.CENTER_RIGHT : Pos.CENTER_LEFT);
        Tip.on(head, Words.of("groups.head.tip"));
        head.setOnAction(press -> model.breakdowns().order(name));
        return head;
    }

    private Node cell(Field field, int column, int row) {
        int by = shown.asked().by().size();
        boolean few = shown.count(row) < Breakdown.FEW;
        String text = text(field, column, row);
        Optional<GroupSentence.Measure> part =
                column > by ? Optional.of(shown.asked().parts().get(column - by - 1)) : Optional.empty();
        Optional<String> question = part.flatMap(GroupSentence.Measure::question);
        if (question.isPresent() && !field.written(row).isEmpty()) {
            Hyperlink open = new Hyperlink(text);
            open.setId("groups-figure");
            open.getStyleClass().add("groups-figure");
            Tip.on(open, Words.of("groups.figure.tip"));
            List<Link.Among> among = shown.among(row);
            open.setOnAction(press -> model.followers().open(part.get().column(), among, question.get()));
            GridPane.setHalignment(open, HPos.RIGHT);
            return open;
        }
        Label cell = new Label(text);
        cell.getStyleClass().add("table-cell");
        cell.setMaxWidth(Double.MAX_VALUE);
        cell.setAlignment(column >= by ? Pos.CENTER_RIGHT : Pos.CENTER_LEFT);
        if (column == by) {
            cell.pseudoClassStateChanged(FEW, few);
            if (few) {
                cell.setText(Words.of("groups.few", text));
            }
        }
        return cell;
    }

    private String text(Field field, int column, int row) {
        String written = field.written(row);
        if (written.isEmpty()) {
            return Words.of(column < shown.asked().by().size() ? "groups.missing" : "groups.undefined");
        }
        boolean counts = column <= shown.asked().by().size()
                || List.of("count", "distinct")
                        .contains(shown.asked()
                                .parts()
                                .get(column - shown.asked().by().size() - 1)
                                .word());
        if (!(field.vector() instanceof Numbers numbers)) {
            return Visible.line(written, LONGEST);
        }
        FigureText text = new FigureText(model.assignment().card(), DATA_PLACES);
        return numbers.figure(row)
                .map(figure -> counts ? text.carried(figure) : text.answer(figure))
                .orElse(written);
    }

    /** Bars of the first measure, from 0, beside the figures. */
    private void bars(List<Field> fields, int by, int rows) {
        int measured = fields.size() > by + 1 ? by + 1 : by;
        Field field = fields.get(measured);
        if (!(field.vector() instanceof Numbers numbers) || rows == 0) {
            return;
        }
        double[] values = IntStream.range(0, rows)
                .mapToDouble(row -> numbers.figure(row).map(Figure::toDouble).orElse(Double.NaN))
                .toArray();
        double most = known(values).map(Math::abs).max().orElse(0);
        if (most == 0) {
            return;
        }
        double zero = known(values).anyMatch(value -> value < 0) ? 0.5 : 0;
        Label head = new Label(Visible.line(field.name(), LONGEST));
        head.getStyleClass().addAll("soft", "groups-bars-head");
        add(head, fields.size(), 0);
        for (int row = 0; row < rows; row++) {
            // What is missing has no bar at all, and is told from a 0 by that.
            if (!Double.isNaN(values[row])) {
                double end = zero + values[row] / most * (1 - zero);
                add(
                        new ShareBar(Math.min(zero, end), Math.max(zero, end), "counts-bar", "counts-other"),
                        fields.size(),
                        row + 1);
            }
        }
    }

    private static DoubleStream known(double[] values) {
        return Arrays.stream(values).filter(value -> !Double.isNaN(value));
    }

    /** Puts the table on the clipboard, a line a group, tabs between. */
    void copy() {
        if (shown == null || shown.made().isEmpty()) {
            return;
        }
        Prepared made = shown.made().get();
        List<List<String>> rows = new ArrayList<>();
        rows.add(made.names());
        for (int row = 0; row < made.rows(); row++) {
            int at = row;
            rows.add(IntStream.range(0, made.fields().size())
                    .mapToObj(column -> text(made.fields().get(column), column, at))
                    .toList());
        }
        CopiedCells.put(rows);
        model.say(Words.of("groups.copied", made.rows()));
    }
}
