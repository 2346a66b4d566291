package promedio.desktop.ownwork;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import promedio.core.ownwork.Quantity;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Press;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.own.OwnWork;
import promedio.desktop.text.Words;

/** What stands over a column of an own table, and below it what it was taken for. A press offers what can be done with the column. */
final class OwnHead extends Button {
    private static final PseudoClass UNKNOWN = PseudoClass.getPseudoClass("unknown");
    private static final PseudoClass WORDS = PseudoClass.getPseudoClass("words");
    private static final int LONGEST = 60;

    private final DeskModel model;
    private final OwnWork work;
    private final Label heading = new Label();
    private final Label meaning = new Label();
    private final VBox box = new VBox(heading, meaning);
    private int column = -1;

    OwnHead(DeskModel model) {
        this.model = model;
        this.work = model.ownWork();
        getStyleClass().addAll("column-head", "own-head");
        heading.getStyleClass().add("own-heading");
        meaning.getStyleClass().add("column-facts");
        meaning.managedProperty().bind(meaning.textProperty().isNotEmpty());
        box.setMinWidth(0);
        setGraphic(box);
        setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        setFocusTraversable(false);
        Tip.on(this, Words.of("own.head.tip"));
        setOnAction(press -> menu().show(this, Side.BOTTOM, 0, 0));
        setOnContextMenuRequested(ask -> {
            menu().show(this, Side.BOTTOM, 0, 0);
            ask.consume();
        });
    }

    void show(int index, String written) {
        column = index;
        setId("own-column-" + index);
        heading.setText(Visible.line(written, LONGEST));
        Optional<Quantity> is = work.is(index);
        boolean known = is.isPresent();
        meaning.setText(meaning(work, index, written));
        pseudoClassStateChanged(UNKNOWN, !known);
        pseudoClassStateChanged(WORDS, is.filter(Quantity.CLASS::equals).isPresent());
        setAccessibleText(Words.of("own.column.spoken", written, says(is)));
    }

    /** What stands below a heading: what its column was taken for, where the heading does not say just that. */
    static String meaning(OwnWork work, int column, String written) {
        return work.is(column)
                .map(work::heading)
                .map(usual -> usual.equals(written) ? "" : usual)
                .orElseGet(() -> Words.of("own.column.unknown"));
    }

    private String says(Optional<Quantity> is) {
        return is.map(what -> Words.of(Sentence.of("own.says." + what.id()))).orElse(Words.of("own.column.unknown"));
    }

    private ContextMenu menu() {
        ContextMenu menu = new ContextMenu();
        Menu kinds = new Menu(Words.of("own.column.say"));
        kinds.setMnemonicParsing(false);
        kinds.setId("own-column-say");
        Optional<Quantity> now = work.is(column);
        for (Quantity what : model.ownSetting().columns()) {
            CheckMenuItem item = new CheckMenuItem(work.heading(what) + "   " + says(Optional.of(what)));
            item.setMnemonicParsing(false);
            item.setSelected(now.filter(what::equals).isPresent());
            item.setOnAction(press -> work.say(column, Optional.of(what)));
            kinds.getItems().add(item);
        }
        MenuItem find =
                Press.item("own-column-find", Words.of("own.column.find"), () -> work.say(column, Optional.empty()));
        kinds.getItems().addAll(List.of(Press.separator(), find));
        menu.getItems()
                .addAll(
                        kinds,
                        Press.item("own-column-name", Words.of("own.column.name"), this::rename),
                        Press.item("own-column-out", Words.of("own.column.out"), () -> work.removeColumn(column)));
        return menu;
    }

    /** Has what is written over the column written anew. */
    private void rename() {
        int at = column;
        String of = work.sample();
        TextField field = new TextField(heading.getText());
        field.setId("own-heading-field");
        field.getStyleClass().add("own-heading-field");
        setGraphic(field);
        boolean[] done = {false};
        Runnable end = () -> {
            if (!done[0]) {
                done[0] = true;
                setGraphic(box);
            }
        };
        field.focusedProperty().addListener((property, before, focused) -> {
            if (!focused && !done[0]) {
                end.run();
                work.head(of, at, field.getText());
            }
        });
        field.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ESCAPE || key.getCode() == KeyCode.ENTER) {
                String written = field.getText();
                end.run();
                if (key.getCode() == KeyCode.ENTER) {
                    work.head(of, at, written);
                }
                getParent().requestFocus();
                key.consume();
            }
        });
        field.requestFocus();
        field.selectAll();
    }
}
