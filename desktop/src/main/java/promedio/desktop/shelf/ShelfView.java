package promedio.desktop.shelf;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.ShelfSummary;
import promedio.desktop.text.Words;

/** The samples of the assignment, a card each, and a way to begin another. */
public final class ShelfView extends ScrollPane {
    private final DeskModel model;
    private final VBox shelf = new VBox();
    private final Button more = new Button(Words.of("shelf.new"));
    private final Map<String, ShelfCard> cards = new HashMap<>();
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
        model.assignmentProperty().addListener((property, before, now) -> show());
        model.selectedProperty().addListener((property, before, now) -> show());
        show();
    }

    private void show() {
        Assignment assignment = model.assignment();
        List<Node> nodes = new ArrayList<>();
        for (SampleSheet sheet : assignment.sheets()) {
            ShelfCard card = cards.computeIfAbsent(sheet.id(), this::card);
            card.show(sheet, sheet.id().equals(model.selectedProperty().get()));
            nodes.add(card);
            Basis basis = new Basis(sheet, assignment.card());
            Basis before = summed.put(sheet.id(), basis);
            if (before == null || before.sheet() != sheet || !before.card().equals(basis.card())) {
                model.inBackground(
                        () -> ShelfSummary.of(sheet, basis.card()),
                        summary -> {
                            if (sheet == summed.getOrDefault(sheet.id(), basis).sheet()) {
                                card.show(summary);
                            }
                        },
                        () -> summed.remove(sheet.id()));
            }
        }
        nodes.add(more);
        if (!shelf.getChildren().equals(nodes)) {
            shelf.getChildren().setAll(nodes);
            cards.values().retainAll(nodes);
            summed.keySet().retainAll(cards.keySet());
        }
    }

    private ShelfCard card(String sheetId) {
        ShelfCard card = new ShelfCard(sheetId);
        card.setOnAction(click -> model.select(sheetId));
        return card;
    }
}
