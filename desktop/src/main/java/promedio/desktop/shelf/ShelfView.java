package promedio.desktop.shelf;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.VBox;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Link;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.shelf.ShelfSummary;
import promedio.desktop.text.Words;

/** The samples of the assignment, a card each, and a way to begin another. */
public final class ShelfView extends ScrollPane {
    /** A column of the chosen table that is dragged to the shelf. */
    public static final DataFormat COLUMN = new DataFormat("application/x-promedio-column");

    /** A sample that is dragged onto another, to be compared with it. */
    private static final DataFormat SAMPLE = new DataFormat("application/x-promedio-sample");

    private final DeskModel model;
    private final VBox shelf = new VBox();
    private final Button more = new Button(Words.of("shelf.new"));
    private final Button compare = new Button(Words.of("shelf.compare"));
    private final Map<String, ShelfCard> cards = new HashMap<>();
    private final Map<String, TableCard> tableCards = new HashMap<>();
    private final Map<String, GroupsHead> heads = new HashMap<>();
    private final Map<String, Basis> summed = new HashMap<>();

    /** What a summary was made from. */
    private record Basis(SampleSheet sheet, CourseCard card) {}

    /** The shelf of a desk. */
    public ShelfView(DeskModel model) {
        this.model = model;
        getStyleClass().add("shelf-scroll");
        shelf.getStyleClass().add("shelf");
        setContent(shelf);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        more.getStyleClass().add("shelf-new");
        more.setId("new-sample");
        more.setOnAction(click -> model.startSample());
        compare.getStyleClass().add("shelf-compare");
        compare.setId("compare-samples");
        compare.setOnAction(click -> model.comparing().start());
        Tip.on(compare, Words.of("shelf.compare.tip"));
        takeDrops();
        model.assignmentProperty().addListener((property, before, now) -> show());
        model.selectedProperty().addListener((property, before, now) -> show());
        show();
    }

    private void show() {
        Assignment assignment = model.assignment();
        List<Node> nodes = new ArrayList<>();
        for (DataTable table : assignment.tables()) {
            TableCard card = tableCards.computeIfAbsent(table.id(), this::tableCard);
            card.show(table, table.id().equals(model.selectedProperty().get()));
            nodes.add(card);
            add(
                    nodes,
                    table.id(),
                    assignment.sheets().stream()
                            .filter(sheet -> isOf(sheet, table))
                            .toList());
        }
        add(
                nodes,
                "",
                assignment.sheets().stream()
                        .filter(sheet -> assignment.tables().stream().noneMatch(table -> isOf(sheet, table)))
                        .toList());
        nodes.add(more);
        if (assignment.sheets().size() > 1) {
            nodes.add(compare);
        }
        if (!shelf.getChildren().equals(nodes)) {
            shelf.getChildren().setAll(nodes);
            cards.values().retainAll(nodes);
            tableCards.values().retainAll(nodes);
            heads.values().retainAll(nodes);
            summed.keySet().retainAll(cards.keySet());
        }
    }

    private static boolean isOf(SampleSheet sheet, DataTable table) {
        return sheet.link().filter(link -> link.tableId().equals(table.id())).isPresent();
    }

    /** Samples in their order; those that are groups stand together below what they are called. */
    private void add(List<Node> nodes, String of, List<SampleSheet> sheets) {
        Set<String> named = new HashSet<>();
        for (SampleSheet sheet : sheets) {
            if (sheet.groups().isEmpty()) {
                add(nodes, sheet);
            } else if (named.add(sheet.groups())) {
                nodes.add(
                        heads.computeIfAbsent(of + "/" + sheet.groups(), key -> new GroupsHead(model, sheet.groups())));
                sheets.stream()
                        .filter(other -> other.groups().equals(sheet.groups()))
                        .forEach(other -> add(nodes, other));
            }
        }
    }

    private void add(List<Node> nodes, SampleSheet sheet) {
        Assignment assignment = model.assignment();
        ShelfCard card = cards.computeIfAbsent(sheet.id(), this::card);
        card.show(sheet, sheet.id().equals(model.selectedProperty().get()));
        nodes.add(card);
        Basis basis = new Basis(sheet, assignment.card());
        Basis before = summed.put(sheet.id(), basis);
        if (before == null || before.sheet() != sheet || !before.card().equals(basis.card())) {
            model.inBackground(
                    Lane.FIGURES,
                    () -> ShelfSummary.of(sheet, basis.card()),
                    summary -> {
                        if (sheet == summed.getOrDefault(sheet.id(), basis).sheet()) {
                            card.show(summary);
                        }
                    },
                    () -> summed.remove(sheet.id()));
        }
    }

    private ShelfCard card(String sheetId) {
        ShelfCard card = new ShelfCard(sheetId);
        card.setOnAction(click -> model.select(sheetId));
        card.addEventFilter(MouseEvent.MOUSE_PRESSED, press -> {
            if (press.isShortcutDown()) {
                model.comparing().toggle(sheetId);
                press.consume();
            }
        });
        card.setOnDragDetected(drag -> {
            ClipboardContent content = new ClipboardContent();
            content.put(SAMPLE, sheetId);
            card.startDragAndDrop(TransferMode.LINK).setContent(content);
            drag.consume();
        });
        card.setOnDragOver(over -> {
            if (over.getDragboard().hasContent(SAMPLE)) {
                over.acceptTransferModes(TransferMode.LINK);
                over.consume();
            }
        });
        card.setOnDragDropped(drop -> {
            if (drop.getDragboard().getContent(SAMPLE) instanceof String other) {
                model.comparing().compare(sheetId, other);
                drop.setDropCompleted(true);
                drop.consume();
            }
        });
        return card;
    }

    private TableCard tableCard(String tableId) {
        TableCard card = new TableCard(tableId);
        card.setOnAction(click -> model.select(tableId));
        return card;
    }

    /** Takes a column that is dropped here. */
    private void takeDrops() {
        setOnDragOver(over -> {
            if (over.getDragboard().hasContent(COLUMN)) {
                over.acceptTransferModes(TransferMode.LINK);
                over.consume();
            }
        });
        setOnDragDropped(drop -> {
            if (drop.getDragboard().getContent(COLUMN) instanceof Integer column) {
                model.taking().take(column, new Link.All());
                drop.setDropCompleted(true);
                drop.consume();
            }
        });
    }
}
