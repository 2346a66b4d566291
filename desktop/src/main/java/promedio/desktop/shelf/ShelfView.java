package promedio.desktop.shelf;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.core.number.Exact;
import promedio.core.working.FigureText;
import promedio.desktop.model.Background;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.ShelfSummary;
import promedio.desktop.text.Words;

/** The samples of the assignment, a card each: name, how many values, and a strip of their dots. */
public final class ShelfView extends ScrollPane {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double STRIP = 104;

    private final DeskModel model;
    private final Background background;
    private final VBox cards = new VBox();
    private final Map<String, ShelfSummary> summaries = new HashMap<>();

    /** The shelf of a desk. */
    public ShelfView(DeskModel model, Background background) {
        this.model = model;
        this.background = background;
        getStyleClass().add("shelf-scroll");
        cards.getStyleClass().add("shelf");
        setContent(cards);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        model.assignmentProperty().addListener((property, before, now) -> show());
        model.selectedProperty().addListener((property, before, now) -> show());
        show();
    }

    private void show() {
        Assignment assignment = model.assignment();
        List<Node> nodes = new ArrayList<>();
        for (SampleSheet sheet : assignment.sheets()) {
            ShelfSummary summary = summaries.get(sheet.id());
            if (summary == null || summary.sheet() != sheet) {
                background.run(() -> ShelfSummary.of(sheet, assignment.card()), ready -> {
                    summaries.put(sheet.id(), ready);
                    if (model.assignment().sheets().contains(sheet)) {
                        show(ready);
                    }
                });
            }
            nodes.add(card(sheet));
        }
        Button more = new Button(Words.of("shelf.new"));
        more.getStyleClass().add("shelf-new");
        more.setId("new-sample");
        more.setOnAction(click -> model.startSample());
        nodes.add(more);
        cards.getChildren().setAll(nodes);
        assignment.sheets().forEach(sheet -> {
            ShelfSummary summary = summaries.get(sheet.id());
            if (summary != null && summary.sheet() == sheet) {
                show(summary);
            }
        });
    }

    private Button card(SampleSheet sheet) {
        Label name = new Label(sheet.name());
        name.getStyleClass().add("shelf-name");
        name.setWrapText(false);
        name.setTextOverrun(OverrunStyle.ELLIPSIS);
        Label facts = new Label(" ");
        facts.getStyleClass().add("shelf-facts");
        SVGPath dots = new SVGPath();
        dots.getStyleClass().add("shelf-dots");
        VBox box = new VBox(name, facts, dots);
        Button card = new Button(null, box);
        card.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        card.getStyleClass().add("shelf-card");
        card.setMaxWidth(Double.MAX_VALUE);
        card.setMinHeight(Button.USE_PREF_SIZE);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setMinWidth(0);
        card.setId("sample-" + sheet.id());
        card.setAccessibleText(sheet.name());
        card.pseudoClassStateChanged(
                CHOSEN, sheet.id().equals(model.selectedProperty().get()));
        card.setOnAction(click -> model.select(sheet.id()));
        return card;
    }

    private void show(ShelfSummary summary) {
        SampleSheet sheet = summary.sheet();
        for (Node node : cards.getChildren()) {
            if (("sample-" + sheet.id()).equals(node.getId()) && node instanceof Button card) {
                VBox box = (VBox) card.getGraphic();
                ((Label) box.getChildren().get(1)).setText(facts(summary));
                ((SVGPath) box.getChildren().get(2)).setContent(dots(summary));
            }
        }
    }

    private static String facts(ShelfSummary summary) {
        Exact count = summary.count();
        String number = new FigureText(CourseCard.STANDARD, 0).carried(count);
        if (count.signum() == 0) {
            return Words.of("shelf.none");
        }
        String values = summary.sheet().kind() == SampleSheet.Kind.CLASSES
                ? Words.of("shelf.classes", summary.sheet().size(), number)
                : summary.sheet().frequencies().isPresent()
                        ? Words.of("shelf.table", number)
                        : count.equals(Exact.ONE) ? Words.of("shelf.value") : Words.of("shelf.values", number);
        return summary.sheet().unit().isEmpty()
                ? values
                : values + " · " + summary.sheet().unit();
    }

    private static String dots(ShelfSummary summary) {
        return summary.places().stream()
                .map(place -> String.format(Locale.ROOT, "M%.1f 2a2 2 0 1 0 4 0a2 2 0 1 0 -4 0", place * STRIP))
                .collect(Collectors.joining());
    }
}
