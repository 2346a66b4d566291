package promedio.desktop.groups;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import promedio.core.sentence.Visible;
import promedio.core.trail.Field;
import promedio.desktop.control.Press;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.groups.Breakdown;
import promedio.desktop.model.groups.Breakdowns;
import promedio.desktop.model.picture.Sketch;
import promedio.desktop.picture.PicturePane;
import promedio.desktop.text.Words;

/** One row per group: columns are dropped where they make the groups or are measured; every figure opens its working. */
public final class GroupsPage extends HBox {
    private static final DataFormat COLUMN = new DataFormat("application/x-promedio-field");
    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");
    private static final int LONGEST = 40;
    /** A page less high, in ems, has no room for a picture. */
    private static final double LEAST_EMS = 36;

    private static final double ROOM_EMS = 6;
    private static final double BOX_EMS = 1.15;

    private final DeskModel model;
    private final VBox columns = new VBox();
    private final FlowPane by = new FlowPane();
    private final FlowPane measured = new FlowPane();
    private final ScrollPane scroll = new ScrollPane();
    private final GroupsTable table;
    private final PicturePane picture;
    private final Label steps = new Label();
    private final Label told = new Label();
    private final FlowPane ways = new FlowPane();

    /** The page of a desk. */
    public GroupsPage(DeskModel model) {
        this.model = model;
        getStyleClass().add("groups-page");
        setId("groups-page");
        table = new GroupsTable(model);
        picture = new PicturePane(model);
        picture.getStyleClass().add("groups-picture");
        VBox.setVgrow(picture, Priority.ALWAYS);
        ScrollPane list = new ScrollPane(columns);
        list.getStyleClass().addAll("reading-scroll", "groups-columns");
        list.setFitToWidth(true);
        list.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        columns.getStyleClass().add("groups-list");
        scroll.getStyleClass().add("reading-scroll");
        scroll.setContent(table);
        scroll.setFitToWidth(false);
        scroll.setMinHeight(0);
        VBox.setVgrow(scroll, Priority.SOMETIMES);
        for (Label sentence : List.of(steps, told)) {
            sentence.setWrapText(true);
            sentence.setMinHeight(USE_PREF_SIZE);
        }
        steps.setId("groups-steps");
        steps.getStyleClass().add("groups-steps");
        told.setId("groups-told");
        ways.getStyleClass().add("step-actions");
        ways.getChildren()
                .setAll(
                        Press.link("groups.to-trail", "groups-to-trail", model.breakdowns()::toTrail),
                        Press.link("groups.to-shelf", "groups-to-shelf", model.breakdowns()::toShelf),
                        Press.link("groups.copy", "groups-copy", table::copy));
        VBox paper = new VBox(
                zone("groups.by", "groups-by", by, model.breakdowns()::by),
                zone("groups.measured", "groups-measured", measured, this::measureFirst),
                told,
                scroll,
                picture,
                steps,
                ways);
        paper.getStyleClass().add("groups-paper");
        paper.setMinWidth(0);
        HBox.setHgrow(paper, Priority.ALWAYS);
        getChildren().addAll(list, paper);
        model.breakdowns().shownProperty().addListener((property, before, now) -> show(now));
        heightProperty().addListener((property, before, now) -> showPicture());
        show(model.breakdowns().shownProperty().get());
    }

    private void show(Breakdown now) {
        if (now == null) {
            return;
        }
        Label head = new Label(Words.of("groups.columns"));
        head.getStyleClass().add("trail-head");
        Label how = new Label(Words.of("groups.how"));
        how.setWrapText(true);
        how.getStyleClass().add("soft");
        columns.getChildren().setAll(head, how);
        now.base().fields().stream().map(this::column).forEach(columns.getChildren()::add);
        by.getChildren()
                .setAll(now.asked().by().stream()
                        .map(column -> chip(column, () -> model.breakdowns().notBy(column)))
                        .toList());
        if (now.asked().by().isEmpty()) {
            by.getChildren().add(soft("groups.by.none"));
        }
        measured.getChildren().setAll(chip(Words.of("groups.n"), null));
        now.asked().parts().forEach(part -> measured.getChildren()
                .add(chip(part.name(), () -> model.breakdowns().without(part))));
        table.show(now);
        String words = now.why()
                .map(Words::of)
                .orElseGet(() -> now.told().stream().map(Words::of).collect(Collectors.joining(" ")));
        int few = now.few();
        String small = few == 0 ? "" : Words.of(few == 1 ? "groups.few.one" : "groups.few.many", few, Breakdown.FEW);
        told.setText((words + " " + small).strip());
        told.pseudoClassStateChanged(
                PseudoClass.getPseudoClass("wrong"), now.why().isPresent());
        told.setVisible(!told.getText().isEmpty());
        told.setManaged(told.isVisible());
        showPicture();
        steps.setText(String.join("\n", now.asked().steps()));
        ways.setDisable(now.made().isEmpty());
    }

    /** The boxes, where there is room for them beside the table. */
    private void showPicture() {
        Optional<Sketch> boxes = Optional.ofNullable(
                        model.breakdowns().shownProperty().get())
                .flatMap(Breakdown::boxes)
                .filter(sketch -> sketch.picture().isPresent());
        double em = steps.getFont().getSize();
        boolean drawn = boxes.isPresent() && getHeight() > LEAST_EMS * em;
        picture.setVisible(drawn);
        picture.setManaged(drawn);
        if (drawn) {
            int lines = boxes.get().picture().orElseThrow().marks().stream()
                    .mapToInt(mark -> mark.part().series())
                    .max()
                    .orElse(0);
            double high = (ROOM_EMS + (lines + 1) * BOX_EMS) * em;
            picture.setMinHeight(high);
            picture.setPrefHeight(high);
            picture.show(boxes.get(), Words.of("groups.picture"));
        }
    }

    /** A column, to be dragged to where it is wanted, or pressed for what it can be. */
    private Node column(Field field) {
        Button column = new Button(Visible.line(field.name(), LONGEST));
        column.setMnemonicParsing(false);
        column.getStyleClass().add("groups-column");
        column.setMaxWidth(Double.MAX_VALUE);
        column.setAlignment(Pos.CENTER_LEFT);
        column.setOnAction(press -> menu(field).show(column, Side.RIGHT, 0, 0));
        column.setOnContextMenuRequested(ask -> {
            menu(field).show(column, Side.RIGHT, 0, 0);
            ask.consume();
        });
        column.setOnDragDetected(drag -> {
            ClipboardContent content = new ClipboardContent();
            content.put(COLUMN, field.name());
            column.startDragAndDrop(TransferMode.LINK).setContent(content);
            drag.consume();
        });
        Tip.on(column, Words.of("groups.column.tip"));
        return column;
    }

    private ContextMenu menu(Field field) {
        ContextMenu menu = new ContextMenu();
        menu.getItems()
                .addAll(
                        Press.item("groups-make", Words.of("groups.make"), () -> model.breakdowns()
                                .by(field.name())),
                        Press.separator());
        for (Breakdown.Part part : Breakdowns.measures(field)) {
            menu.getItems()
                    .add(Press.item("groups-measure", Words.of("groups.measure", part.word()), () -> model.breakdowns()
                            .measure(part)));
        }
        return menu;
    }

    /** The first measure that there is of a column that was dropped to be measured. */
    private void measureFirst(String column) {
        Optional.ofNullable(model.breakdowns().shownProperty().get())
                .map(now -> now.base().field(column))
                .flatMap(field -> Breakdowns.measures(field).stream().findFirst())
                .ifPresent(model.breakdowns()::measure);
    }

    private HBox zone(String key, String id, FlowPane chips, java.util.function.Consumer<String> take) {
        Label name = new Label(Words.of(key));
        name.getStyleClass().add("groups-zone-name");
        name.setMinWidth(USE_PREF_SIZE);
        chips.getStyleClass().add("groups-chips");
        HBox.setHgrow(chips, Priority.ALWAYS);
        HBox zone = new HBox(name, chips);
        zone.setId(id);
        // What has no room beside each other gets a line of its own, and the zone is as high.
        zone.setMinHeight(USE_PREF_SIZE);
        zone.setAlignment(Pos.CENTER_LEFT);
        zone.getStyleClass().add("groups-zone");
        zone.setOnDragOver(over -> {
            if (over.getDragboard().hasContent(COLUMN)) {
                over.acceptTransferModes(TransferMode.LINK);
                zone.pseudoClassStateChanged(OVER, true);
                over.consume();
            }
        });
        zone.setOnDragExited(left -> zone.pseudoClassStateChanged(OVER, false));
        zone.setOnDragDropped(drop -> {
            if (drop.getDragboard().getContent(COLUMN) instanceof String column) {
                take.accept(column);
                drop.setDropCompleted(true);
                drop.consume();
            }
        });
        return zone;
    }

    private static Node chip(String words, Runnable out) {
        Label name = new Label(Visible.line(words, LONGEST));
        HBox chip = new HBox(name);
        chip.setAlignment(Pos.BASELINE_LEFT);
        chip.getStyleClass().add("groups-chip");
        if (out != null) {
            Hyperlink take = new Hyperlink(Words.of("groups.out"));
            take.getStyleClass().add("groups-out");
            take.setAccessibleText(Words.of("groups.out.spoken", words));
            take.setOnAction(press -> out.run());
            chip.getChildren().add(take);
        }
        return chip;
    }

    private static Label soft(String key) {
        Label label = new Label(Words.of(key));
        label.getStyleClass().add("soft");
        return label;
    }
}
