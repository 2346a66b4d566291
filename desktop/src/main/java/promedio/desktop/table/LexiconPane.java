package promedio.desktop.table;

import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.language.Lexicon;
import promedio.desktop.text.Words;

/** Every word of the language with an example; a step that is pressed is put where the next one is written. */
final class LexiconPane extends VBox {
    private final Consumer<String> write;
    private final ScrollPane scroll = new ScrollPane();

    LexiconPane(Consumer<String> write) {
        this.write = write;
        getStyleClass().add("lexicon");
        setId("lexicon");
        setVisible(false);
        Label title = new Label(Words.of("lexicon.title"));
        title.getStyleClass().add("trail-head");
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        Button close = new Button(Words.of("lexicon.close"));
        close.setId("lexicon-close");
        close.getStyleClass().add("quiet-button");
        close.setOnAction(press -> setVisible(false));
        HBox head = new HBox(title, between, close);
        head.setAlignment(Pos.CENTER_LEFT);
        scroll.getStyleClass().add("reading-scroll");
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(head, scroll);
        addEventHandler(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                setVisible(false);
                key.consume();
            }
        });
    }

    /** Shows it, or hides it again. */
    void toggle() {
        if (scroll.getContent() == null) {
            scroll.setContent(entries());
        }
        setVisible(!isVisible());
        if (isVisible()) {
            scroll.requestFocus();
        }
    }

    private GridPane entries() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("lexicon-entries");
        int row = 0;
        Lexicon.Kind before = null;
        for (Lexicon.Entry entry : Lexicon.entries()) {
            if (entry.kind() != before) {
                before = entry.kind();
                Label kind = new Label(Words.of("lexicon." + before));
                kind.getStyleClass().add("column-name");
                grid.add(kind, 0, row++, 3, 1);
            }
            Hyperlink example = new Hyperlink(entry.example());
            example.setWrapText(true);
            example.setOnAction(press -> {
                setVisible(false);
                write.accept(
                        entry.kind() == Lexicon.Kind.STEP
                                ? entry.example()
                                : Words.of("lexicon.step", entry.example()));
            });
            Label result = new Label(entry.result().isEmpty() ? "" : "= " + entry.result());
            Label meaning = new Label(entry.meaning());
            meaning.setWrapText(true);
            meaning.getStyleClass().add("soft");
            GridPane.setHgrow(meaning, Priority.ALWAYS);
            grid.addRow(row++, example, result, meaning);
        }
        return grid;
    }
}
