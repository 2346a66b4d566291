package promedio.desktop.ownwork;

import java.util.List;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.ownwork.OwnMethod;
import promedio.core.sentence.Sentence;
import promedio.desktop.model.own.OwnSetting;
import promedio.desktop.text.Words;

/** Where nothing is worked yet: the methods by which this sample is worked, each with the columns of its table, to set a blank one out. */
final class OwnStart extends VBox {
    private final OwnSetting setting;
    private final Label how = words("own.start.how");
    private final VBox methods = new VBox();

    OwnStart(OwnSetting setting) {
        this.setting = setting;
        getStyleClass().add("own-start");
        methods.getStyleClass().add("own-methods");
        Label head = new Label(Words.of("own.start.head"));
        head.getStyleClass().add("empty-head");
        getChildren().addAll(head, how, methods, words("own.start.paste"));
    }

    private static Label words(String key) {
        Label words = new Label(Words.of(key));
        words.getStyleClass().add("own-words");
        words.setWrapText(true);
        words.setMinHeight(Region.USE_PREF_SIZE);
        return words;
    }

    void show() {
        List<OwnMethod> all = setting.methods();
        how.setText(Words.of(all.isEmpty() ? "own.start.none" : "own.start.how"));
        methods.getChildren().setAll(all.stream().map(this::method).toList());
    }

    private HBox method(OwnMethod method) {
        Hyperlink link = new Hyperlink(Words.of(Sentence.of("own.method." + method.id())));
        link.setId("own-method-" + method.id());
        link.setMinWidth(Region.USE_PREF_SIZE);
        link.setOnAction(press -> setting.setOut(method));
        Label columns = new Label(String.join("   ", setting.headings(method)));
        columns.getStyleClass().add("own-columns");
        HBox line = new HBox(link, columns);
        line.getStyleClass().add("own-method");
        return line;
    }
}
