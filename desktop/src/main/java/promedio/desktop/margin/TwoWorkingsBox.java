package promedio.desktop.margin;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import promedio.core.marking.Explanation;
import promedio.core.marking.TwoWorkings;
import promedio.core.working.Working;
import promedio.desktop.formula.FormulaView;
import promedio.desktop.text.Words;

/** A working as it is and as it may have been done, line beside line; the line at which they part is lit up. */
public final class TwoWorkingsBox extends VBox {
    private static final PseudoClass PARTS = PseudoClass.getPseudoClass("parts");
    private static final PseudoClass SAME = PseudoClass.getPseudoClass("same");

    /** The two workings of a question. */
    public TwoWorkingsBox(String question, Explanation mistake, TwoWorkings two) {
        getStyleClass().add("two-workings");
        setId("two-workings-" + question);
        Label told = new Label(Words.of(mistake.told()));
        told.getStyleClass().add("two-told");
        told.setWrapText(true);
        told.setMinHeight(USE_PREF_SIZE);
        List<TwoWorkings.Row> different = two.rows().stream()
                .dropWhile(one -> one.state() == TwoWorkings.State.SAME)
                .toList();
        int same = two.rows().size() - different.size();
        Label before = new Label(
                same == 0
                        ? ""
                        : same == 1 ? Words.of("working.two.same.one") : Words.of("working.two.same.many", same));
        before.getStyleClass().add("soft");
        FlowPane both = new FlowPane(
                block("working.two.is", different, TwoWorkings.Row::is),
                block("working.two.may-be", different, TwoWorkings.Row::mayBe));
        both.getStyleClass().add("two-both");
        getChildren().add(told);
        if (same > 0) {
            getChildren().add(before);
        }
        getChildren().add(both);
    }

    /** One of the workings; beside the other where there is room, else above it. */
    private static VBox block(
            String key, List<TwoWorkings.Row> rows, Function<TwoWorkings.Row, Optional<Working.Line>> side) {
        Label head = new Label(Words.of(key));
        head.getStyleClass().add("two-head");
        VBox block = new VBox(head);
        for (TwoWorkings.Row row : rows) {
            side.apply(row).ifPresent(line -> block.getChildren().add(line(line, row.state())));
        }
        return block;
    }

    private static HBox line(Working.Line line, TwoWorkings.State state) {
        HBox box = new HBox(new FormulaView(line.notation()));
        box.getStyleClass().add("two-line");
        box.setAlignment(Pos.CENTER_LEFT);
        box.pseudoClassStateChanged(PARTS, state == TwoWorkings.State.PARTS);
        box.pseudoClassStateChanged(SAME, state == TwoWorkings.State.SAME);
        return box;
    }
}
