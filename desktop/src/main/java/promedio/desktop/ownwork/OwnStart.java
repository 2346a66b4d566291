package promedio.desktop.ownwork;

import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.ownwork.OwnMethod;
import promedio.core.sentence.Sentence;
import promedio.desktop.model.own.OwnWork;
import promedio.desktop.text.Words;

/** Where nothing is worked yet: the methods by which this sample is worked, each with the columns of its table, to set a blank one out. */
final class OwnStart extends VBox {
    private final OwnWork work;
    private final VBox methods = new VBox();

    OwnStart(OwnWork work) {
        this.work = work;
        getStyleClass().add("own-start");
        methods.getStyleClass().add("own-methods");
        Label head = new Label(Words.of("own.start.head"));
        head.getStyleClass().add("empty-head");
        getChildren().addAll(head, words("own.start.how"), methods, words("own.start.paste"));
    }

    private static Label words(String key) {
        Label words = new Label(Words.of(key));
        words.getStyleClass().add("own-words");
        words.setWrapText(true);
        words.setMinHeight(Region.USE_PREF_SIZE);
        return words;
    }

    void show() {
        methods.getChildren().setAll(work.methods().stream().map(this::method).toList());
    }

    private HBox method(OwnMethod method) {
        Hyperlink link = new Hyperlink(Words.of(Sentence.of("own.method." + method.id())));
        link.setId("own-method-" + method.id());
        link.setMinWidth(Region.USE_PREF_SIZE);
        link.setOnAction(press -> work.setOut(method));
        Label columns = new Label(String.join("   ", work.headings(method)));
        columns.getStyleClass().add("own-columns");
        HBox line = new HBox(link, columns);
        line.getStyleClass().add("own-method");
        return line;
    }
}
