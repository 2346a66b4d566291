package promedio.desktop.grid;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import promedio.core.ownwork.CellMark;
import promedio.desktop.control.Tip;

/** A cell of a data table, as it is written. */
public final class TableCell extends Label {
    /** What is to be seen of a cell; the style sheet says how. */
    public enum Trait {
        /** It stands in a column of numbers. */
        NUMBER,
        /** It is chosen. */
        CHOSEN,
        /** Keys go on from it. */
        IN_FOCUS,
        /** It is none of the kind of its column. */
        OTHER,
        /** It is missing. */
        MISSING,
        /** Its row is left out. */
        OUT,
        /** It was written by hand. */
        BY_HAND,
        /** A step has made it. */
        LIT,
        /** A step takes its row away. */
        GONE,
        /** It is one of a row of totals. */
        TOTAL,
        /** A mark has its place beside it. */
        MARKABLE,
        /** It is right. */
        RIGHT,
        /** It is right as far as it goes. */
        ROUNDED,
        /** It follows from something that is wrong. */
        FOLLOWS,
        /** It is wrong. */
        WRONG,
        /** It cannot be read. */
        UNREADABLE,
        /** Others went wrong because of it. */
        FIRST,
        /** It was filled in by the program. */
        SHOWN;

        /** What is to be seen of a verdict; empty where nothing is written. */
        public static Optional<Trait> of(CellMark.Verdict verdict) {
            return switch (verdict) {
                case RIGHT -> Optional.of(RIGHT);
                case ROUNDED -> Optional.of(ROUNDED);
                case FOLLOWS -> Optional.of(FOLLOWS);
                case WRONG -> Optional.of(WRONG);
                case UNREADABLE -> Optional.of(UNREADABLE);
                case EMPTY -> Optional.empty();
            };
        }
    }

    private static final Map<Trait, PseudoClass> STATES = new EnumMap<>(Trait.class);

    static {
        for (Trait trait : Trait.values()) {
            STATES.put(
                    trait,
                    PseudoClass.getPseudoClass(
                            trait.name().toLowerCase(Locale.ROOT).replace('_', '-')));
        }
    }

    private Supplier<Optional<String>> inFull = Optional::empty;
    private int row = -1;
    private int column = -1;

    public TableCell() {
        getStyleClass().add("data-cell");
        setMnemonicParsing(false);
        Tip.whenCut(this, () -> inFull.get());
    }

    public void at(int someRow, int someColumn) {
        row = someRow;
        column = someColumn;
    }

    /** Its place in the order of the rows as they are shown. */
    public int row() {
        return row;
    }

    public int column() {
        return column;
    }

    /**
     * Shows a text.
     *
     * @param all what the tip says where the text is not all there is
     */
    public void show(String text, Set<Trait> traits, Supplier<Optional<String>> all) {
        inFull = all;
        setText(text);
        boolean markable = traits.contains(Trait.MARKABLE);
        if (markable != (getGraphic() != null)) {
            setGraphic(markable ? glyph() : null);
        }
        STATES.forEach((trait, state) -> pseudoClassStateChanged(state, traits.contains(trait)));
    }

    private static Region glyph() {
        Region glyph = new Region();
        glyph.getStyleClass().add("cell-mark");
        return glyph;
    }
}
