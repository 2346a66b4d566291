package promedio.desktop.table;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import promedio.core.course.CourseCard;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.trail.Cuts;
import promedio.core.trail.Field;
import promedio.core.trail.Prepared;
import promedio.desktop.text.Words;

/** Bands cut on a column: edges dragged or typed, labels written; the step that comes of it stands in the line below. */
final class BandsPane extends HBox {
    private final StepBar steps;
    private final BandsPlot plot = new BandsPlot();
    private final GridPane rows = new GridPane();
    private final TextField name = new TextField();
    private Field field;
    private Cuts.Range range;
    private Cuts cuts;

    BandsPane(StepBar steps) {
        this.steps = steps;
        getStyleClass().add("bands-pane");
        setId("bands-pane");
        HBox.setHgrow(plot, Priority.ALWAYS);
        plot.setMinWidth(0);
        rows.getStyleClass().add("bands-rows");
        ScrollPane scroll = new ScrollPane(rows);
        scroll.getStyleClass().addAll("reading-scroll", "bands-scroll");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        getChildren().addAll(plot, scroll);
        plot.onMoved((edge, to) -> change(cuts.moved(edge, to)));
        plot.onCut(at -> change(cuts.cut(at)));
        name.setId("bands-name");
        name.setAccessibleText(Words.of("bands.name"));
        name.textProperty().addListener((property, before, now) -> {
            if (!now.isBlank() && cuts != null && !now.equals(cuts.name())) {
                cuts = cuts.named(now.strip());
                write();
            }
        });
        name.setOnAction(enter -> steps.make());
    }

    /** Begins to cut a column; false where there is nothing to cut. */
    boolean open(Prepared table, String column, String called, CourseCard card) {
        Optional<Cuts> first = Cuts.of(table, column, called, card);
        first.ifPresent(now -> {
            cuts = null;
            field = table.field(column);
            range = Cuts.Range.of(field).orElseThrow();
            plot.column(field, range);
            name.setText(called);
            change(now);
        });
        return first.isPresent();
    }

    private void change(Cuts now) {
        boolean same = cuts != null && cuts.edges().size() == now.edges().size();
        cuts = now;
        plot.show(now);
        if (same) {
            refresh();
        } else {
            build();
        }
        write();
    }

    private void write() {
        steps.put(cuts.step());
    }

    private void build() {
        rows.getChildren().clear();
        Label as = new Label(Words.of("bands.name"));
        as.getStyleClass().add("soft");
        Hyperlink more = new Hyperlink(Words.of("bands.more"));
        more.setId("bands-more");
        more.setOnAction(press -> widest());
        rows.addRow(0, as, name, more);
        for (int band = 0; band < cuts.labels().size(); band++) {
            int at = band;
            Label words = new Label();
            words.getStyleClass().add("bands-words");
            TextField label = new TextField(cuts.labels().get(band));
            label.setId("bands-label-" + band);
            label.setPromptText(Words.of("bands.label"));
            label.textProperty().addListener((property, before, now) -> {
                cuts = cuts.called(at, now);
                write();
            });
            label.setOnAction(enter -> steps.make());
            Label count = new Label();
            count.getStyleClass().add("bands-count");
            rows.addRow(band + 1, words, label, count);
            if (band < cuts.edges().size()) {
                rows.add(edge(band), 3, band + 1);
            }
        }
        refresh();
    }

    /** Where a band ends, to be typed; emptied, it becomes one with the next. */
    private HBox edge(int at) {
        TextField edge = new TextField();
        edge.setId("bands-edge-field-" + at);
        edge.getStyleClass().add("bands-edge-field");
        edge.setAccessibleText(Words.of("bands.edge.spoken"));
        edge.setOnAction(enter -> typed(at, edge));
        edge.focusedProperty().addListener((property, before, focused) -> {
            if (!focused) {
                typed(at, edge);
            }
        });
        Label to = new Label(Words.of("bands.to"));
        to.getStyleClass().add("soft");
        Hyperlink out = new Hyperlink(Words.of("bands.out"));
        out.setOnAction(press -> change(cuts.joined(at)));
        HBox box = new HBox(to, edge, out);
        box.setAlignment(Pos.BASELINE_LEFT);
        box.getStyleClass().add("bands-edge-box");
        return box;
    }

    private void typed(int at, TextField edge) {
        if (at < cuts.edges().size()) {
            Numerals.POINT
                    .read(edge.getText().strip())
                    .map(Numerals.Numeral::exact)
                    .filter(value -> !value.equals(cuts.edges().get(at)))
                    .ifPresent(value -> change(cuts.moved(at, value)));
            refresh();
        }
    }

    /** One more edge, in the middle of the band that holds most. */
    private void widest() {
        List<Integer> counts = cuts.counts(field);
        int band = 0;
        for (int i = 1; i < counts.size(); i++) {
            band = counts.get(i) > counts.get(band) ? i : band;
        }
        Exact from = band == 0 ? range.from() : cuts.edges().get(band - 1);
        Exact to = band == cuts.edges().size() ? range.to() : cuts.edges().get(band);
        change(cuts.cut(range.rounded(from.plus(to).half())));
    }

    private void refresh() {
        List<Integer> counts = cuts.counts(field);
        rows.getChildren().forEach(node -> {
            Integer row = GridPane.getRowIndex(node);
            int band = row == null ? -1 : row - 1;
            if (band >= 0 && node instanceof Label label) {
                label.setText(
                        label.getStyleClass().contains("bands-count")
                                ? Words.of("bands.count", counts.get(band))
                                : cuts.band(band));
            } else if (band >= 0
                    && node instanceof HBox box
                    && box.lookup(".bands-edge-field") instanceof TextField edge) {
                if (!edge.isFocused()) {
                    edge.setText(Cuts.written(cuts.edges().get(band)));
                }
            }
        });
    }
}
