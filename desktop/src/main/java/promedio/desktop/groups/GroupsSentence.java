package promedio.desktop.groups;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.css.PseudoClass;
import javafx.geometry.Bounds;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import promedio.core.language.Completion;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.core.trail.Field;
import promedio.core.trail.GroupSentence;
import promedio.desktop.control.Press;
import promedio.desktop.control.Tip;
import promedio.desktop.control.Ways;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.groups.Breakdown;
import promedio.desktop.model.groups.Breakdowns;
import promedio.desktop.text.Words;

/**
 * The sentence of the page: “one row per Item, Bench: n, mean of Minutes”. Each word of it is pressed to be changed or taken out, and
 * dragged to another place; the whole can be typed.
 */
final class GroupsSentence extends VBox {
    private static final DataFormat WORD = new DataFormat("application/x-promedio-word");
    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");
    private static final int LONGEST = 40;
    private static final int MOST_GROUPS = 2;

    private final Breakdowns groups;
    private final FlowPane words = new FlowPane();
    private final TextField field = new TextField();
    private final Label says = new Label();
    private final VBox typed;
    private Breakdown shown;

    GroupsSentence(DeskModel model) {
        this.groups = model.breakdowns();
        getStyleClass().add("groups-sentence");
        words.getStyleClass().add("groups-words");
        words.setId("groups-words");
        field.setId("groups-field");
        field.getStyleClass().add("step-field");
        field.setAccessibleText(Words.of("groups.type"));
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        says.setId("groups-says");
        says.getStyleClass().add("groups-wrong");
        says.setWrapText(true);
        Ways ways = new Ways(field, true, () -> Optional.ofNullable(shown)
                .map(now -> Completion.Known.of(now.base().names())));
        typed = new VBox(field, says, ways);
        typed.getStyleClass().add("groups-typed");
        getChildren().addAll(words, typed);
        setTyping(false);
    }

    private void key(KeyEvent key) {
        if (key.getCode() == KeyCode.ENTER) {
            Optional<Sentence> why = groups.say(field.getText());
            says.setText(why.map(Words::of).orElse(""));
            if (why.isEmpty()) {
                setTyping(false);
            }
            key.consume();
        } else if (key.getCode() == KeyCode.ESCAPE) {
            setTyping(false);
            key.consume();
        }
    }

    private void setTyping(boolean typing) {
        words.setVisible(!typing);
        words.setManaged(!typing);
        typed.setVisible(typing);
        typed.setManaged(typing);
        says.setText("");
        if (typing) {
            field.setText(shown.asked().sentence());
            field.requestFocus();
            field.end();
        }
    }

    void show(Breakdown now) {
        shown = now;
        Breakdown.Asked asked = now.asked();
        List<Node> all = new ArrayList<>();
        all.add(plain(Words.of(asked.by().isEmpty() ? "groups.in-all" : "groups.per")));
        for (int i = 0; i < asked.by().size(); i++) {
            all.add(groupWord(asked.by(), i));
        }
        if (asked.by().size() < MOST_GROUPS) {
            all.add(more("groups.more-by", "groups-more-by", columns(asked.by(), groups::by)));
        }
        all.add(plain(": " + Words.of("groups.n") + (asked.parts().isEmpty() ? "" : ",")));
        for (int i = 0; i < asked.parts().size(); i++) {
            all.add(partWord(asked.parts(), i));
        }
        all.add(more("groups.more-measures", "groups-more-measures", columns(List.of(), this::measureFirst)));
        asked.order()
                .ifPresent(order -> all.add(plain(Words.of(
                        order.largestFirst() ? "groups.ordered.largest" : "groups.ordered.smallest", order.column()))));
        all.add(Press.link("groups.type", "groups-type", () -> setTyping(true)));
        words.getChildren().setAll(all);
        words.setAccessibleText(asked.sentence());
    }

    private static Label plain(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("groups-plain");
        return label;
    }

    private static Hyperlink more(String key, String id, List<MenuItem> items) {
        Hyperlink more = new Hyperlink(Words.of(key));
        more.setId(id);
        more.setMinWidth(USE_PREF_SIZE);
        more.setOnAction(press -> menu(items).show(more, Side.BOTTOM, 0, 0));
        return more;
    }

    private static ContextMenu menu(List<MenuItem> items) {
        ContextMenu menu = new ContextMenu();
        menu.getItems().setAll(items);
        return menu;
    }

    /** The columns of the table as items of a menu, but for some. */
    private List<MenuItem> columns(List<String> without, Consumer<String> take) {
        List<MenuItem> items = new ArrayList<>();
        for (Field one : shown.base().fields()) {
            if (!without.contains(one.name())) {
                items.add(Press.item("groups-take", Visible.line(one.name(), LONGEST), () -> take.accept(one.name())));
            }
        }
        return items;
    }

    /** The first measure that there is of a column. */
    private void measureFirst(String column) {
        Breakdowns.measures(shown.base().field(column)).stream().findFirst().ifPresent(groups::measure);
    }

    private HBox groupWord(List<String> all, int index) {
        String column = all.get(index);
        List<MenuItem> items = new ArrayList<>();
        items.add(Press.item("groups-out", Words.of("groups.out.spoken", column), () -> groups.notBy(column)));
        items.add(Press.separator());
        items.addAll(columns(List.of(column), other -> groups.by(column, other)));
        Button word = word(column, items, () -> groups.notBy(column));
        return chip("by", index, List.of(word), index < all.size() - 1, to -> groups.moveBy(column, to));
    }

    private HBox partWord(List<GroupSentence.Measure> all, int index) {
        GroupSentence.Measure part = all.get(index);
        Runnable out = () -> groups.without(part);
        List<MenuItem> measures = new ArrayList<>();
        measures.add(Press.item("groups-out", Words.of("groups.out.spoken", part.name()), out));
        measures.add(Press.separator());
        for (GroupSentence.Measure other : Breakdowns.measures(shown.base().field(part.column()))) {
            if (!other.equals(part)) {
                measures.add(Press.item("groups-measure", other.word(), () -> groups.measure(part, other)));
            }
        }
        Button measure = word(part.word(), measures, out);
        Button column = word(part.column(), columns(List.of(part.column()), other -> of(part, other)), out);
        return chip(
                "part",
                index,
                List.of(measure, plain(Words.of("groups.of")), column),
                index < all.size() - 1,
                to -> groups.move(part, to));
    }

    /** The same measure of another column; the first that there is of it where it has none such. */
    private void of(GroupSentence.Measure part, String column) {
        List<GroupSentence.Measure> measures = Breakdowns.measures(shown.base().field(column));
        measures.stream()
                .filter(one -> one.word().equals(part.word()))
                .findFirst()
                .or(() -> measures.stream().findFirst())
                .ifPresent(one -> groups.measure(part, one));
    }

    private static Button word(String text, List<MenuItem> items, Runnable out) {
        Button word = new Button(Visible.line(text, LONGEST));
        word.setMnemonicParsing(false);
        word.getStyleClass().add("groups-word");
        word.setOnAction(press -> {
            // Belonging to what the word stands in, a menu has the letters of all menus.
            Bounds at = word.localToScreen(word.getBoundsInLocal());
            menu(items).show(word.getParent(), at.getMinX(), at.getMaxY());
        });
        word.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.DELETE || key.getCode() == KeyCode.BACK_SPACE) {
                out.run();
                key.consume();
            }
        });
        Tip.on(word, Words.of("groups.word.tip"));
        return word;
    }

    /** Words that belong together, and are dragged among others of their sort. */
    private static HBox chip(String sort, int index, List<? extends Node> words, boolean comma, IntConsumer move) {
        HBox chip = new HBox();
        chip.setAlignment(Pos.BASELINE_LEFT);
        chip.getStyleClass().add("groups-chip");
        chip.getChildren().addAll(words);
        if (comma) {
            Label sign = plain(",");
            sign.getStyleClass().add("groups-comma");
            chip.getChildren().add(sign);
        }
        chip.setUserData(move);
        // Before the words themselves, which would keep it.
        chip.addEventFilter(MouseEvent.DRAG_DETECTED, drag -> {
            ClipboardContent content = new ClipboardContent();
            content.put(WORD, sort + " " + index);
            chip.startDragAndDrop(TransferMode.MOVE).setContent(content);
            drag.consume();
        });
        chip.setOnDragOver(over -> {
            boolean fits = over.getGestureSource() != chip
                    && over.getDragboard().getContent(WORD) instanceof String word
                    && word.startsWith(sort + " ");
            if (fits) {
                over.acceptTransferModes(TransferMode.MOVE);
                chip.pseudoClassStateChanged(OVER, true);
                over.consume();
            }
        });
        chip.setOnDragExited(left -> chip.pseudoClassStateChanged(OVER, false));
        chip.setOnDragDropped(drop -> {
            if (drop.getGestureSource() instanceof HBox other && other.getUserData() instanceof IntConsumer moved) {
                moved.accept(index);
                drop.setDropCompleted(true);
                drop.consume();
            }
        });
        chip.addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            int step = key.getCode() == KeyCode.LEFT ? -1 : key.getCode() == KeyCode.RIGHT ? 1 : 0;
            if (key.isAltDown() && step != 0) {
                move.accept(index + step);
                key.consume();
            }
        });
        return chip;
    }
}
