package promedio.desktop.groups;

import java.util.Optional;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import promedio.desktop.control.Press;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.groups.Breakdown;
import promedio.desktop.model.picture.Sketch;
import promedio.desktop.picture.PicturePane;
import promedio.desktop.text.Words;

/** One row per group: what they are and what is measured of them is said in a sentence; every figure opens its working. */
public final class GroupsPage extends VBox {
    /** A page less high, in ems, has no room for a picture. */
    private static final double LEAST_EMS = 36;

    private static final double ROOM_EMS = 6;
    private static final double BOX_EMS = 1.15;

    private final DeskModel model;
    private final GroupsSentence sentence;
    private final ScrollPane scroll = new ScrollPane();
    private final GroupsTable table;
    private final PicturePane picture;
    private final Label told = new Label();
    private final FlowPane ways = new FlowPane();

    /** The page of a desk. */
    public GroupsPage(DeskModel model) {
        this.model = model;
        getStyleClass().add("groups-page");
        setId("groups-page");
        sentence = new GroupsSentence(model);
        table = new GroupsTable(model);
        picture = new PicturePane(model);
        picture.getStyleClass().add("groups-picture");
        VBox.setVgrow(picture, Priority.ALWAYS);
        scroll.getStyleClass().add("reading-scroll");
        scroll.setContent(table);
        scroll.setFitToWidth(false);
        scroll.setMinHeight(0);
        VBox.setVgrow(scroll, Priority.SOMETIMES);
        told.setWrapText(true);
        told.setMinHeight(USE_PREF_SIZE);
        told.setId("groups-told");
        ways.getStyleClass().add("step-actions");
        ways.getChildren()
                .setAll(
                        Press.link("groups.to-trail", "groups-to-trail", model.breakdowns()::toTrail),
                        Press.link("groups.to-shelf", "groups-to-shelf", model.breakdowns()::toShelf),
                        Press.link("groups.copy", "groups-copy", table::copy));
        getChildren().addAll(sentence, told, scroll, picture, ways);
        model.breakdowns().shownProperty().addListener((property, before, now) -> show(now));
        heightProperty().addListener((property, before, now) -> showPicture());
        show(model.breakdowns().shownProperty().get());
    }

    private void show(Breakdown now) {
        if (now == null) {
            return;
        }
        sentence.show(now);
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
        ways.setDisable(now.made().isEmpty());
    }

    /** The boxes, where there is room for them beside the table. */
    private void showPicture() {
        Optional<Sketch> boxes = Optional.ofNullable(
                        model.breakdowns().shownProperty().get())
                .flatMap(Breakdown::boxes)
                .filter(sketch -> sketch.picture().isPresent());
        double em = told.getFont().getSize();
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
}
