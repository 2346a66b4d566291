package promedio.desktop.table;

import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import promedio.desktop.control.Tip;

/** A cell of a data table, as it is written. */
final class TableCell extends Label {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass FOCUSED = PseudoClass.getPseudoClass("in-focus");
    private static final PseudoClass OTHER = PseudoClass.getPseudoClass("other");
    private static final PseudoClass MISSING = PseudoClass.getPseudoClass("missing");
    private static final PseudoClass OUT = PseudoClass.getPseudoClass("out");
    private static final PseudoClass BY_HAND = PseudoClass.getPseudoClass("by-hand");
    private static final PseudoClass NUMBER = PseudoClass.getPseudoClass("number");

    private int row = -1;
    private int column = -1;

    TableCell() {
        getStyleClass().add("data-cell");
        setMnemonicParsing(false);
        Tip.whenCut(this);
    }

    void at(int someRow, int someColumn) {
        row = someRow;
        column = someColumn;
    }

    /** Its place in the order of the rows as they are shown. */
    int row() {
        return row;
    }

    int column() {
        return column;
    }

    /** What is to be seen of a cell. */
    record Look(
            boolean number,
            boolean chosen,
            boolean inFocus,
            boolean other,
            boolean missing,
            boolean out,
            boolean byHand) {}

    void show(String text, Look look) {
        setText(text);
        pseudoClassStateChanged(NUMBER, look.number());
        pseudoClassStateChanged(CHOSEN, look.chosen());
        pseudoClassStateChanged(FOCUSED, look.inFocus());
        pseudoClassStateChanged(OTHER, look.other());
        pseudoClassStateChanged(MISSING, look.missing());
        pseudoClassStateChanged(OUT, look.out());
        pseudoClassStateChanged(BY_HAND, look.byHand());
    }
}
