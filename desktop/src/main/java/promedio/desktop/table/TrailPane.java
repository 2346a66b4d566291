package promedio.desktop.table;

import java.util.List;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import promedio.core.assignment.DataTable;
import promedio.core.data.PointedOut;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.table.TableFigures;
import promedio.desktop.text.Words;

/** The margin of a table: how it was read, what was changed by hand, and what should be looked at; each change can be taken back. */
final class TrailPane extends ScrollPane {
    private static final int LONGEST = 60;
    private static final int MOST = 60;
    /** More cells than these are not emptied by hand. */
    private static final int MOST_EMPTIED = 200;

    private final DeskModel model;
    private final RowsGrid grid;
    private final VBox steps = new VBox();
    private final StepsList list;

    TrailPane(DeskModel model, RowsGrid grid, StepsList list) {
        this.model = model;
        this.grid = grid;
        this.list = list;
        getStyleClass().add("trail-scroll");
        steps.getStyleClass().add("trail");
        setContent(steps);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
    }

    void show(TableFigures figures) {
        DataTable table = figures.table();
        // Steps stand first; before there are any, what should be looked at does.
        boolean prepared = !table.trail().steps().isEmpty();
        List<Node> ofSteps = List.of(head("trail.steps"), list);
        steps.getChildren().clear();
        if (prepared) {
            steps.getChildren().addAll(ofSteps);
        }
        steps.getChildren().add(head("trail.read"));
        if (!table.trail().closing().isEmpty()) {
            steps.getChildren().add(sentence(table.trail().closing()));
        }
        for (Sentence sentence : table.original().told()) {
            steps.getChildren().add(sentence(Words.of(sentence)));
        }
        byHand(table);
        pointedOut(figures);
        if (!prepared) {
            steps.getChildren().addAll(ofSteps);
        }
        Hyperlink remove = new Hyperlink(Words.of("trail.remove"));
        remove.setId("remove-table");
        remove.getStyleClass().add("trail-remove");
        Tip.on(remove, Words.of("trail.remove.tip"));
        remove.setOnAction(press -> model.amending().remove());
        steps.getChildren().add(remove);
    }

    private void byHand(DataTable table) {
        boolean changed = !table.byHand().isEmpty()
                || !table.off().isEmpty()
                || !table.heads().isEmpty();
        steps.getChildren().add(head("trail.by-hand"));
        if (!changed) {
            steps.getChildren().add(soft("trail.by-hand.none"));
            return;
        }
        int shown = 0;
        for (Map.Entry<DataTable.Place, String> cell : table.byHand().entrySet()) {
            if (++shown > MOST) {
                steps.getChildren()
                        .add(sentence(Words.of("trail.more", table.byHand().size() - MOST)));
                break;
            }
            steps.getChildren().add(cell(table, cell.getKey(), cell.getValue()));
        }
        table.heads().forEach((column, head) -> {
            String before =
                    table.original().read().table().columns().get(column).name();
            String unit = head.unit().isEmpty() || head.name().contains(head.unit()) ? "" : " (" + head.unit() + ")";
            String label = head.label().isEmpty() ? "" : ": " + head.label();
            String now = head.name() + unit + label;
            steps.getChildren()
                    .add(step(
                            Words.of("trail.head", Visible.line(before, LONGEST), Visible.line(now, LONGEST)),
                            Words.of("trail.put-back"),
                            "put-back-head-" + column,
                            () -> {
                                var original = table.original()
                                        .read()
                                        .table()
                                        .columns()
                                        .get(column);
                                model.amending().name(column, original.name(), original.unit(), "");
                            }));
        });
        if (!table.off().isEmpty()) {
            List<Integer> off = List.copyOf(table.off());
            String rows = off.size() == 1
                    ? Words.of("trail.out.one", off.get(0) + 1)
                    : Words.of("trail.out.many", off.size(), off.get(0) + 1);
            steps.getChildren()
                    .add(step(
                            rows,
                            Words.of(off.size() == 1 ? "trail.take.one" : "trail.take.many"),
                            "trail-take",
                            () -> model.amending().leaveOut(off, false)));
        }
    }

    private Node cell(DataTable table, DataTable.Place place, String now) {
        String column = table.all().columns().get(place.column()).name();
        String words = Words.of(
                "trail.cell", place.row() + 1, Visible.line(column, LONGEST), shown(table.before(place)), shown(now));
        Hyperlink go = new Hyperlink(words);
        go.setWrapText(true);
        go.getStyleClass().add("trail-go");
        go.setOnAction(press -> grid.goTo(place.row(), place.column()));
        Hyperlink back = new Hyperlink(Words.of("trail.put-back"));
        back.setId("put-back-" + place.row() + "-" + place.column());
        back.setOnAction(press -> model.amending().putBack(place));
        VBox step = new VBox(go, back);
        step.getStyleClass().add("trail-step");
        return step;
    }

    private static String shown(String text) {
        return text.isEmpty() ? Words.of("trail.nothing") : Visible.line(text, LONGEST);
    }

    /** What should be looked at, as far as nothing was done about it. */
    private void pointedOut(TableFigures figures) {
        if (figures.pointedOut().isEmpty()) {
            return;
        }
        steps.getChildren().add(head("trail.look"));
        for (PointedOut notice : figures.pointedOut()) {
            String words = Words.of(notice.sentence());
            if (notice.what().equals("total-row") && notice.row().isPresent()) {
                int row = (int) notice.row().getAsLong() - 1;
                steps.getChildren()
                        .add(step(words, Words.of("trail.leave-out"), "trail-leave-out", () -> model.amending()
                                .leaveOut(List.of(row), true)));
            } else if (notice.what().equals("number-as-text")
                    && !notice.readings().isEmpty()) {
                String column = notice.column().orElseThrow();
                String text = notice.value().orElseThrow();
                String number = notice.readings().get(0);
                steps.getChildren()
                        .add(step(words, Words.of("trail.write", number), "trail-write", () -> model.amending()
                                .replace(column, text, number)));
            } else if (notice.what().equals("code") && notice.cells().orElse(MOST_EMPTIED + 1) <= MOST_EMPTIED) {
                String column = notice.column().orElseThrow();
                String text = notice.value().orElseThrow();
                steps.getChildren().add(step(words, Words.of("trail.empty"), "trail-empty", () -> model.amending()
                        .replace(column, text, "")));
            } else {
                steps.getChildren().add(sentence(words));
            }
        }
    }

    private static Label head(String key) {
        Label head = new Label(Words.of(key));
        head.getStyleClass().add("trail-head");
        return head;
    }

    private static Label soft(String key) {
        Label soft = sentence(Words.of(key));
        soft.getStyleClass().add("soft");
        return soft;
    }

    private static Label sentence(String words) {
        Label sentence = new Label(words);
        sentence.setWrapText(true);
        sentence.setMinHeight(USE_PREF_SIZE);
        return sentence;
    }

    private static VBox step(String words, String remedy, String id, Runnable action) {
        Hyperlink link = new Hyperlink(remedy);
        link.setId(id);
        link.setOnAction(press -> action.run());
        VBox step = new VBox(sentence(words), new FlowPane(link));
        step.getStyleClass().add("trail-step");
        return step;
    }
}
