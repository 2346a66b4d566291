package promedio.desktop.shelf;

import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Words;

/** What stands above samples that are kept together as groups: what they are called, and the ways to compare and to part them. */
final class GroupsHead extends VBox {
    private static final int LONGEST_NAME = 200;

    private final Label name = new Label();

    GroupsHead(DeskModel model, String groups) {
        getStyleClass().add("shelf-groups");
        name.getStyleClass().add("shelf-kind");
        Tip.whenCut(name);
        name.setText(Visible.line(groups, LONGEST_NAME));
        Hyperlink compare = new Hyperlink(Words.of("together.compare"));
        compare.setId("groups-compare");
        compare.setOnAction(press -> model.groups().compare(groups));
        Tip.on(compare, Words.of("together.compare.tip"));
        Hyperlink apart = new Hyperlink(Words.of("together.apart"));
        apart.setId("groups-apart");
        apart.setOnAction(press -> model.groups().apart(groups));
        Tip.on(apart, Words.of("together.apart.tip"));
        HBox ways = new HBox(compare, apart);
        ways.getStyleClass().add("shelf-groups-ways");
        getChildren().addAll(name, ways);
    }
}
