package promedio.desktop.compare;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import promedio.core.assignment.Assignment;
import promedio.core.compare.Comparison;
import promedio.core.number.Figure;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Choice;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.compare.Compared;
import promedio.desktop.text.Words;

/** The measures by sample, with the difference and the ratio of two of them; the largest and the smallest are marked. */
final class ComparedTable extends GridPane {
    private static final int LONGEST_NAME = 22;

    private final DeskModel model;

    ComparedTable(DeskModel model) {
        this.model = model;
        getStyleClass().add("compared-table");
        setId("compared-table");
    }

    void show(Compared compared) {
        getChildren().clear();
        if (compared.comparison().isEmpty()) {
            return;
        }
        Comparison comparison = compared.comparison().get();
        int size = compared.items().size();
        cell("", "compared-head", 0, 0, false);
        for (int i = 0; i < size; i++) {
            cell(Visible.line(compared.items().get(i).name(), LONGEST_NAME), "compared-head", i + 1, 0, true);
        }
        cell(Words.of("compare.difference"), "compared-head", size + 1, 0, true);
        cell(Words.of("compare.ratio"), "compared-head", size + 2, 0, true);
        int row = 1;
        for (Comparison.Line line : comparison.lines()) {
            cell(Words.of(line.label()), "compared-cell", 0, row, false);
            boolean open = true;
            for (int i = 0; i < size; i++) {
                boolean covered = isCovered(compared, line, i);
                open &= !covered;
                String mark = covered
                        ? ""
                        : line.largest().contains(i) ? " ▴" : line.smallest().contains(i) ? " ▾" : "";
                Label cell = cell(
                        covered ? Words.of("compare.hidden") : written(compared, line, i) + mark,
                        "compared-cell",
                        i + 1,
                        row,
                        true);
                if (!mark.isEmpty()) {
                    cell.getStyleClass().add("compared-extreme");
                    cell.setAccessibleText(written(compared, line, i)
                            + " "
                            + Words.of(line.largest().contains(i) ? "compare.largest" : "compare.smallest"));
                }
            }
            boolean differences = !line.counts()
                    && (comparison.haveOneUnit(compared.one(), compared.other())
                            || line.question().equals("cv"));
            cell(
                    open && differences ? figure(compared, line.difference(compared.one(), compared.other())) : "",
                    "compared-cell",
                    size + 1,
                    row,
                    true);
            cell(
                    open && differences
                            ? line.ratio(compared.one(), compared.other())
                                    .map(ratio -> compared.text().rounded(ratio, 2))
                                    .orElse("")
                            : "",
                    "compared-cell",
                    size + 2,
                    row,
                    true);
            row++;
        }
    }

    private boolean isCovered(Compared compared, Comparison.Line line, int sample) {
        Assignment assignment = model.assignment();
        // How many there are is never a secret.
        boolean counted = line.question().equals("count") || line.question().equals("missing");
        return !counted && assignment.covers(compared.items().get(sample).sheetId(), line.question());
    }

    private static String written(Compared compared, Comparison.Line line, int sample) {
        String text = compared.text().answer(line.outcomes().get(sample), line.counts());
        return text.isEmpty() ? "–" : text;
    }

    private static String figure(Compared compared, Optional<Figure> figure) {
        return figure.map(compared.text()::answer).orElse("");
    }

    private Label cell(String words, String style, int column, int row, boolean right) {
        Label cell = new Label(words);
        cell.getStyleClass().add(style);
        cell.setMaxWidth(Double.MAX_VALUE);
        cell.setMinWidth(Region.USE_PREF_SIZE);
        cell.setAlignment(right ? Pos.CENTER_RIGHT : Pos.CENTER_LEFT);
        add(cell, column, row);
        return cell;
    }

    /** Which two are held against each other, to be chosen. */
    List<Choice<String>> choices(Compared compared) {
        List<Choice<String>> both = new ArrayList<>();
        String one = compared.items().get(compared.one()).sheetId();
        String other = compared.items().get(compared.other()).sheetId();
        Choice<String> first =
                new Choice<>("compare-one", compared.items().get(compared.one()).name(), id -> model.comparing()
                        .hold(id, id.equals(other) ? one : other));
        Choice<String> second = new Choice<>(
                "compare-other", compared.items().get(compared.other()).name(), id -> model.comparing()
                        .hold(id.equals(one) ? other : one, id));
        compared.items().stream().filter(item -> !item.tried()).forEach(item -> {
            first.or(item.name(), item.sheetId());
            second.or(item.name(), item.sheetId());
        });
        both.add(first);
        both.add(second);
        return both;
    }

    /** The table as texts. */
    List<List<String>> texts(Compared compared) {
        List<List<String>> rows = new ArrayList<>();
        int columns = compared.items().size() + 3;
        for (int i = 0; i < getChildren().size(); i += columns) {
            rows.add(getChildren().subList(i, i + columns).stream()
                    .map(node -> ((Label) node).getText().replaceAll(" [▴▾]$", ""))
                    .toList());
        }
        return rows;
    }
}
