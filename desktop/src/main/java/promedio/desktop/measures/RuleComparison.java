package promedio.desktop.measures;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.QuartileRule;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.measure.Quartile;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.report.MeasureLine;
import promedio.core.sample.Ranking;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** All rules of one quartile on one small picture: the sorted values around it, and below them where each rule reads it. */
final class RuleComparison extends VBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double STRIP = 300;
    private static final double HEIGHT = 16;
    private static final double LABEL = 26;
    private static final int NEIGHBOURS = 2;

    private record Reading(QuartileRule rule, Outcome outcome) {}

    private final SheetFigures figures;
    private double low;
    private double high;

    RuleComparison(MeasureLine shown, SheetFigures figures) {
        this.figures = figures;
        getStyleClass().add("rule-comparison");
        int quarters = ((Quartile) shown.measure()).quarters();
        Evaluation evaluation = Evaluation.of(figures.sample());
        List<Reading> readings = new ArrayList<>();
        for (QuartileRule rule : QuartileRule.values()) {
            readings.add(new Reading(rule, new Quartile(quarters, rule).outcome(evaluation)));
        }
        Label head = new Label(Words.of("compare.head", Words.of(shown.label()).toLowerCase(Locale.getDefault())));
        head.getStyleClass().add("rule-head");
        getChildren().addAll(head, grid(readings));
    }

    private GridPane grid(List<Reading> readings) {
        List<Double> values = around(readings);
        low = values.get(0);
        high = values.get(values.size() - 1);
        if (high <= low) {
            low -= 1;
            high += 1;
        }
        GridPane grid = new GridPane();
        grid.getStyleClass().add("rule-grid");
        grid.add(values(values), 2, 0);
        QuartileRule card = figures.card().get(CardKey.QUARTILES);
        int line = 1;
        for (Reading reading : readings) {
            boolean chosen = reading.rule() == card;
            String words = Words.of(
                    CourseCard.wordsOf(CardKey.QUARTILES, reading.rule().id()));
            Label name = new Label(chosen ? words + " · " + Words.of("compare.card") : words);
            name.getStyleClass().add("rule-name");
            name.pseudoClassStateChanged(CHOSEN, chosen);
            Label figure = new Label(
                    reading.outcome().single().map(figures.text()::answer).orElse(Words.of("compare.undefined")));
            figure.getStyleClass().add("rule-figure");
            figure.setAlignment(Pos.CENTER_RIGHT);
            figure.setMaxWidth(Double.MAX_VALUE);
            figure.pseudoClassStateChanged(CHOSEN, chosen);
            grid.add(name, 0, line);
            grid.add(figure, 1, line);
            grid.add(strip(reading, values, chosen), 2, line++);
        }
        return grid;
    }

    /** The distinct values from a little below the lowest reading to a little above the highest. */
    private List<Double> around(List<Reading> readings) {
        Ranking ranking = figures.sample().ranking();
        Decimals distinct = ranking.distinct();
        int first = distinct.size() - 1;
        int last = 0;
        for (Reading reading : readings) {
            if (reading.outcome().single().orElse(null) instanceof Exact read) {
                int below = Math.min(ranking.distinctBelow(read), distinct.size() - 1);
                first = Math.min(first, below);
                last = Math.max(last, below);
            }
        }
        List<Double> values = new ArrayList<>();
        int from = Math.max(0, first - NEIGHBOURS);
        int to = Math.max(from, Math.min(distinct.size() - 1, last + NEIGHBOURS - 1));
        for (int i = from; i <= to; i++) {
            values.add(distinct.toDouble(i));
        }
        return values;
    }

    private double x(double value) {
        return 12 + (value - low) / (high - low) * (STRIP - 24);
    }

    /** The values themselves, with their numbers above where there is room. */
    private Region values(List<Double> values) {
        Pane pane = new Pane();
        pane.setPrefSize(STRIP, HEIGHT * 2);
        pane.setMinSize(STRIP, HEIGHT * 2);
        double last = Double.NEGATIVE_INFINITY;
        for (double value : values) {
            Circle dot = new Circle(x(value), HEIGHT * 1.5, 4);
            dot.getStyleClass().add("rule-value");
            pane.getChildren().add(dot);
            if (x(value) - last > LABEL) {
                BigDecimal bare = BigDecimal.valueOf(value).stripTrailingZeros();
                Label number = new Label(figures.text().plain(bare.scale() < 0 ? bare.setScale(0) : bare));
                number.getStyleClass().add("rule-number");
                number.setPrefWidth(60);
                number.setAlignment(Pos.CENTER);
                number.relocate(x(value) - 30, -1);
                pane.getChildren().add(number);
                last = x(value);
            }
        }
        return pane;
    }

    private Region strip(Reading reading, List<Double> values, boolean chosen) {
        Pane pane = new Pane();
        pane.setPrefSize(STRIP, HEIGHT);
        pane.setMinSize(STRIP, HEIGHT);
        for (double value : values) {
            Line tick = new Line(x(value), 0, x(value), HEIGHT);
            tick.getStyleClass().add("rule-tick");
            pane.getChildren().add(tick);
        }
        reading.outcome().single().map(Figure::toDouble).ifPresent(value -> {
            Circle mark = new Circle(x(value), HEIGHT / 2, 5);
            mark.getStyleClass().add("rule-mark");
            mark.pseudoClassStateChanged(CHOSEN, chosen);
            pane.getChildren().add(mark);
        });
        return pane;
    }
}
