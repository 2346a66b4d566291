package promedio.desktop.classes;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.tabulate.Tabulation;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** Measures of the list beside those of its classes: what grouping costs, and how that grows with the width. */
final class CompareBox extends VBox {
    static final List<String> QUESTIONS = List.of("mean", "median", "quartile-1", "quartile-3", "sd");
    private static final int WIDTHS = 12;

    private final GridPane grid = new GridPane();
    private final ErrorPicture picture = new ErrorPicture();

    CompareBox() {
        getStyleClass().add("class-compare");
        Label head = new Label(Words.of("compare.grouped.head"));
        head.getStyleClass().add("rule-head");
        grid.getStyleClass().add("class-grid");
        getChildren().addAll(head, grid, picture);
    }

    void show(SheetFigures figures, Tabulation tabulation, ClassTable table) {
        grid.getChildren().clear();
        String[] heads = {"", "compare.raw", "compare.grouped", "compare.error"};
        for (int i = 1; i < heads.length; i++) {
            cell(Words.of(heads[i]), "class-head", i, 0);
        }
        int line = 1;
        for (String question : QUESTIONS) {
            Measure measure = Catalogue.lists().find(question, figures.card()).orElseThrow();
            Optional<Figure> raw = figure(Catalogue.lists(), question, figures.sample(), figures.card());
            Optional<Figure> grouped = figure(Catalogue.classes(), question, Sample.classes(table), figures.card());
            cell(Words.of(measure.label()), "class-cell", 0, line);
            cell(raw.map(figures.text()::answer).orElse("–"), "class-cell", 1, line);
            cell(grouped.map(figures.text()::answer).orElse("–"), "class-cell", 2, line);
            Optional<Figure> error = raw.flatMap(of -> grouped.map(by -> by.minus(of)));
            cell(error.map(figures.text()::answer).orElse("–"), "class-cell", 3, line++);
        }
        picture.show(points(figures, tabulation), figures);
    }

    private static Optional<Figure> figure(Catalogue catalogue, String question, Sample sample, CourseCard card) {
        return catalogue.find(question, card).flatMap(measure -> measure.outcome(Evaluation.of(sample))
                .single());
    }

    private void cell(String words, String style, int column, int row) {
        Label label = new Label(words);
        label.getStyleClass().add(style);
        label.setMaxWidth(Double.MAX_VALUE);
        label.setMinWidth(USE_PREF_SIZE);
        label.setAlignment(column == 0 ? Pos.CENTER_LEFT : Pos.CENTER_RIGHT);
        grid.add(label, column, row);
    }

    /** The errors of mean, median and standard deviation for classes of growing width from the same start. */
    private static List<ErrorPicture.Point> points(SheetFigures figures, Tabulation tabulation) {
        List<ErrorPicture.Point> points = new ArrayList<>();
        Sample sample = figures.sample();
        Exact start = tabulation.edges().get(0);
        Exact unit = tabulation.edges().get(1).minus(start).half();
        Exact most = sample.ranking().distinct().at(sample.ranking().distinct().size() - 1);
        for (int i = 1; i <= WIDTHS; i++) {
            Exact width = unit.times(i);
            int classes = Math.max(1, most.minus(start).over(width).floor().intValue() + 1);
            Optional<ClassTable> table = classes > 2_000
                            || start.compareTo(sample.ranking().distinct().at(0)) > 0
                    ? Optional.empty()
                    : Tabulation.of(start, width, classes, tabulation.inclusive())
                            .count(sample, figures.card().get(CardKey.CLOSED), Exact::toString)
                            .table();
            table.ifPresent(of -> points.add(new ErrorPicture.Point(
                    width.toDouble(),
                    error(figures, of, "mean"),
                    error(figures, of, "median"),
                    error(figures, of, "sd"))));
        }
        return points;
    }

    private static double error(SheetFigures figures, ClassTable table, String question) {
        Optional<Figure> raw = figures.figure(question);
        Optional<Figure> grouped = figure(Catalogue.classes(), question, Sample.classes(table), figures.card());
        return raw.isPresent() && grouped.isPresent()
                ? grouped.get().toDouble() - raw.get().toDouble()
                : 0;
    }
}
