package promedio.desktop.window;

import javafx.beans.binding.Bindings;
import javafx.beans.property.ObjectProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.desk.TablePage;
import promedio.desktop.text.Words;

/** The edges of the pages, to turn to one, and the head of the margin. */
final class PageEdges extends HBox {
    private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");

    private final DeskModel model;

    PageEdges(DeskModel model) {
        this.model = model;
        getStyleClass().add("edges");
        setAlignment(Pos.BOTTOM_LEFT);
        HBox names = new HBox();
        names.getStyleClass().add("edge-names");
        HBox.setHgrow(names, Priority.ALWAYS);
        for (Page page : Page.values()) {
            names.getChildren().add(edge(page, model.looking().pageProperty(), false));
        }
        for (TablePage page : TablePage.values()) {
            names.getChildren().add(edge(page, model.looking().tablePageProperty(), true));
        }
        getChildren().addAll(names, marginHead());
    }

    private <P extends Enum<P>> Node edge(P page, ObjectProperty<P> open, boolean ofTable) {
        Button edge = new Button(Words.of("page." + page));
        edge.getStyleClass().add("edge");
        edge.setId("page-" + page);
        edge.setOnAction(click -> open.set(page));
        Runnable show = () -> {
            edge.pseudoClassStateChanged(CURRENT, open.get() == page);
            boolean fits = model.sheet()
                    .filter(sheet -> page instanceof Page one && !Page.has(sheet.kind(), one))
                    .isEmpty();
            boolean shown = model.table().isPresent() == ofTable && fits;
            edge.setVisible(shown);
            edge.setManaged(shown);
        };
        open.addListener((property, before, now) -> show.run());
        model.selectedProperty().addListener((property, before, now) -> show.run());
        model.assignmentProperty().addListener((property, before, now) -> show.run());
        show.run();
        return edge;
    }

    private Node marginHead() {
        Label margin = new Label(Words.of("margin.head"));
        margin.getStyleClass().add("margin-name");
        CheckBox cover = new CheckBox(Words.of("cover.choose"));
        cover.setId("cover");
        cover.getStyleClass().add("cover-choice");
        Tip.on(cover, Words.of("cover.tip"));
        cover.setOnAction(click -> model.margin().coverFigures(cover.isSelected()));
        cover.setSelected(model.assignment().asking().covered());
        model.assignmentProperty()
                .addListener((property, before, now) ->
                        cover.setSelected(now.asking().covered()));
        CheckBox hints = new CheckBox(Words.of("hints.choose"));
        hints.setId("hints");
        hints.getStyleClass().add("cover-choice");
        Tip.on(hints, Words.of("hints.tip"));
        hints.setOnAction(click -> model.margin().giveHints(hints.isSelected()));
        hints.setSelected(model.margin().givesHints());
        model.assignmentProperty()
                .addListener((property, before, now) ->
                        hints.setSelected(model.margin().givesHints()));
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        cover.setMinWidth(USE_PREF_SIZE);
        hints.setMinWidth(USE_PREF_SIZE);
        HBox head = new HBox(margin, between, cover, hints);
        // Where there is no room for all of it, what can be done is worth more than what it is called.
        margin.visibleProperty()
                .bind(Bindings.createBooleanBinding(
                        () -> head.getWidth()
                                        - head.getInsets().getLeft()
                                        - head.getInsets().getRight()
                                >= margin.prefWidth(-1) + cover.getWidth() + hints.getWidth() + 2 * head.getSpacing(),
                        head.widthProperty(),
                        cover.widthProperty(),
                        hints.widthProperty()));
        margin.managedProperty().bind(margin.visibleProperty());
        head.setAlignment(Pos.BASELINE_LEFT);
        head.getStyleClass().add("margin-head");
        head.visibleProperty()
                .bind(Bindings.createBooleanBinding(
                        () -> model.looking().pageProperty().get() == Page.MEASURES
                                && model.table().isEmpty(),
                        model.looking().pageProperty(),
                        model.selectedProperty()));
        return head;
    }
}
