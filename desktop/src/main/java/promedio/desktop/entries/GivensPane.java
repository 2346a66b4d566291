package promedio.desktop.entries;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.SampleSheet;
import promedio.core.measure.GivenMeasures;
import promedio.core.report.MeasureLine;
import promedio.core.sample.GivenName;
import promedio.core.sample.GivensReader;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Press;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** What a question gives in place of data, a row of fields for each name, and beside it what follows. */
final class GivensPane extends HBox {
    /** Fields wrap only where the window is narrower. */
    private static final double WIDE = 700;

    private final DeskModel model;
    private final GridPane grid = new GridPane();
    private final VBox found = new VBox();
    private final Label head = new Label();
    private final List<Row> rows = new ArrayList<>();
    private List<Object> structure = List.of();
    private SampleSheet shown;

    GivensPane(DeskModel model) {
        this.model = model;
        head.getStyleClass().add("list-head");
        head.setMinWidth(Region.USE_PREF_SIZE);
        Label hint = new Label(Words.of("givens.hint"));
        hint.getStyleClass().add("soft");
        hint.setWrapText(true);
        grid.getStyleClass().add("givens-grid");
        ColumnConstraints names = new ColumnConstraints();
        names.setMinWidth(Region.USE_PREF_SIZE);
        grid.getColumnConstraints().setAll(names, new ColumnConstraints());
        VBox left = new VBox(head, hint, grid);
        left.getStyleClass().add("givens-left");
        ScrollPane scrolled = new ScrollPane(left);
        scrolled.getStyleClass().add("page-scroll");
        scrolled.setFitToWidth(true);
        scrolled.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        setHgrow(scrolled, Priority.ALWAYS);
        found.getStyleClass().add("givens-found");
        found.setId("givens-found");
        getStyleClass().add("givens");
        getChildren().addAll(scrolled, found);
    }

    /** The fields of a row, with what is said of it. */
    private final class Row {
        private final int at;
        private final Optional<GivenName> name;
        private final List<TextField> fields = new ArrayList<>();
        /** What was put into the fields last: what somebody is typing by now is left alone. */
        private final List<String> put = new ArrayList<>();

        private final Label remark = new Label();
        private final Node node;

        Row(int at, String id, boolean last, boolean alone) {
            this.at = at;
            this.name = GivenName.find(shown.kind(), id);
            FlowPane line = new FlowPane();
            line.getStyleClass().add("givens-fields");
            line.setPrefWrapLength(WIDE);
            int width =
                    name.map(one -> one.width() + (one.isLabelled() ? 1 : 0)).orElse(1);
            for (int i = 0; i < width; i++) {
                TextField field = field(id, i, width);
                fields.add(field);
                put.add("");
                line.getChildren().add(field);
            }
            remark.getStyleClass().add("givens-remark");
            remark.setWrapText(true);
            if (name.filter(GivenName::isRepeated).isPresent() && !alone) {
                line.getChildren().add(link("givens.remove", "remove-given-" + at, () -> model.givens()
                        .remove(shown.id(), at)));
            }
            if (name.filter(GivenName::isRepeated).isPresent() && last) {
                line.getChildren().add(link("givens.another", "another-" + id, () -> model.givens()
                        .another(shown.id(), at, id)));
            }
            VBox box = new VBox(line, remark);
            box.getStyleClass().add("givens-row");
            this.node = box;
        }

        private Hyperlink link(String key, String id, Runnable action) {
            return Press.link(key, id, action);
        }

        private TextField field(String id, int place, int width) {
            TextField field = new TextField();
            field.setId("given-" + id + "-" + at + (width > 1 ? "-" + place : ""));
            boolean label = name.filter(GivenName::isLabelled).isPresent() && place == 0;
            boolean row = name.filter(GivenName::isRow).isPresent();
            field.getStyleClass().add(row ? "givens-row-field" : label ? "givens-label" : "short-field");
            if (row) {
                field.setPromptText(Words.of("givens.prompt." + id));
            }
            name.filter(one -> width > 1)
                    .ifPresent(one -> field.setPromptText(Words.of("givens.prompt." + one.id() + "." + place)));
            field.setAccessibleText(words(id) + (width > 1 ? ", " + field.getPromptText() : ""));
            field.setOnAction(entered -> {
                commit();
                next(field);
            });
            field.focusedProperty().addListener((property, before, focused) -> {
                if (!focused) {
                    commit();
                }
            });
            return field;
        }

        private String written() {
            List<String> parts = new ArrayList<>(
                    fields.stream().map(field -> field.getText().strip()).toList());
            while (!parts.isEmpty() && parts.get(parts.size() - 1).isEmpty()) {
                parts.remove(parts.size() - 1);
            }
            return String.join(name.filter(one -> one == GivenName.READ).isPresent() ? " : " : "; ", parts);
        }

        /** What was typed counts, once; what was only passed through changes nothing. */
        private void commit() {
            Optional<SampleSheet> now =
                    model.sheet().filter(sheet -> shown != null && sheet.id().equals(shown.id()) && at < sheet.size());
            if (now.isEmpty()) {
                return;
            }
            // What is on the desk by now, not what is shown of it: figures come later.
            String before = now.get().columns().get(1).text(at);
            boolean same = IntStream.range(0, fields.size())
                    .allMatch(i -> fields.get(i).getText().equals(part(before, i)));
            if (!same && !written().equals(before)) {
                model.givens().give(shown.id(), at, written());
            }
        }

        private String part(String text, int place) {
            List<String> parts = name.map(one -> GivensReader.parts(one, text)).orElse(List.of(text));
            return place < parts.size() ? Visible.line(parts.get(place)) : "";
        }

        void fill() {
            for (int i = 0; i < fields.size(); i++) {
                String now = part(shown.columns().get(1).text(at), i);
                if (!now.equals(put.get(i))) {
                    put.set(i, now);
                    fields.get(i).setText(now);
                }
            }
        }

        void show(SheetFigures figures) {
            fill();
            Optional<Sentence> said = figures.interpretation().remark(at);
            boolean wrong = figures.interpretation().status(at) == Interpretation.Status.NOT_A_NUMBER;
            remark.setText(wrong ? said.map(Words::of).orElse("") : "");
            remark.setVisible(wrong);
            remark.setManaged(wrong);
        }
    }

    private String words(String id) {
        return GivenName.find(shown.kind(), id)
                .map(name -> Words.of(Sentence.of("given.name." + name.id())))
                .orElse(Visible.line(id));
    }

    /** Enter goes on to the next field, as a hand goes down a form. */
    private void next(TextField field) {
        List<TextField> all = rows.stream().flatMap(row -> row.fields.stream()).toList();
        int after = all.indexOf(field) + 1;
        if (after > 0 && after < all.size()) {
            all.get(after).requestFocus();
            all.get(after).selectAll();
        }
    }

    void show(SheetFigures figures) {
        lay(figures.sheet());
        rows.forEach(row -> row.show(figures));
        follow(figures);
    }

    /** Shows the fields of a question at once, for somebody who goes on typing before its figures are there. */
    void begin(SampleSheet sheet, String typedOn) {
        lay(sheet);
        rows.forEach(Row::fill);
        found.getChildren().clear();
        // What lies in a pane that scrolls is in the window only when that has its skin, and takes the cursor only
        // then.
        applyCss();
        focusTyping();
        rows.stream().flatMap(row -> row.fields.stream()).limit(1).forEach(field -> field.appendText(typedOn));
    }

    private void lay(SampleSheet sheet) {
        shown = sheet;
        head.setText(Words.of("givens.head." + sheet.kind().id()));
        List<Object> now = new ArrayList<>(List.of(sheet.id()));
        now.addAll(sheet.values().texts());
        if (!now.equals(structure)) {
            structure = now;
            build(sheet);
        }
    }

    private void build(SampleSheet sheet) {
        List<String> names = sheet.values().texts();
        rows.clear();
        grid.getChildren().clear();
        for (int i = 0; i < names.size(); i++) {
            String id = names.get(i);
            boolean last = names.lastIndexOf(id) == i;
            Row row = new Row(i, id, last, last && names.indexOf(id) == i);
            rows.add(row);
            Label label = new Label(words(id));
            label.setMinWidth(Region.USE_PREF_SIZE);
            if (!row.fields.isEmpty()) {
                label.setLabelFor(row.fields.get(0));
            }
            grid.addRow(i, label, row.node);
        }
    }

    /** What follows, a line each; why nothing does, once. */
    private void follow(SheetFigures figures) {
        List<Node> nodes = new ArrayList<>();
        Label title = new Label(Words.of("givens.found"));
        title.getStyleClass().add("list-head");
        nodes.add(title);
        List<String> reasons = new ArrayList<>();
        GridPane lines = new GridPane();
        lines.getStyleClass().add("givens-grid");
        int at = 0;
        for (MeasureLine line : figures.sample().isEmpty() ? List.<MeasureLine>of() : figures.lines()) {
            if (line.defined()) {
                boolean covered = model.margin().covers(line.question());
                Label figure = new Label(covered ? Words.of("givens.covered") : line.figure() + " " + line.unit());
                figure.getStyleClass().add("givens-figure");
                figure.setMinWidth(Region.USE_PREF_SIZE);
                Label name = new Label(Words.of(line.label()));
                name.setWrapText(true);
                lines.addRow(at++, name, figure);
            } else if (!reasons.contains(Words.of(line.note()))) {
                reasons.add(Words.of(line.note()));
            }
        }
        if (at > 0) {
            nodes.add(lines);
            best(figures).ifPresent(nodes::add);
            nodes.add(Press.link("givens.working", "givens-working", () -> model.looking()
                    .pageProperty()
                    .set(Page.MEASURES)));
        }
        if (figures.sample().isEmpty()) {
            nodes.add(note(Words.of("givens.nothing")));
        }
        reasons.forEach(reason -> nodes.add(note(reason)));
        found.getChildren().setAll(nodes);
    }

    private Optional<Node> best(SheetFigures figures) {
        List<String> best = figures.sample().givens().map(GivenMeasures::best).orElse(List.of());
        boolean covered =
                figures.lines().stream().anyMatch(line -> model.margin().covers(line.question()));
        return best.isEmpty() || covered
                ? Optional.empty()
                : Optional.of(note(
                        Words.of("givens.best", best.stream().map(Visible::line).collect(Collectors.joining(", ")))));
    }

    private static Label note(String words) {
        Label note = new Label(words);
        note.getStyleClass().add("soft");
        note.setWrapText(true);
        note.setMinHeight(Region.USE_PREF_SIZE);
        note.setAlignment(Pos.TOP_LEFT);
        return note;
    }

    /** Puts the cursor into the first field that is empty. */
    void focusTyping() {
        rows.stream()
                .flatMap(row -> row.fields.stream())
                .filter(field -> field.getText().isEmpty())
                .findFirst()
                .ifPresent(TextField::requestFocus);
    }
}
