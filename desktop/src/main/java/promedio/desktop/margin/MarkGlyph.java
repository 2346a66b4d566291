package promedio.desktop.margin;

import java.util.Locale;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import promedio.core.marking.Mark;

/** The glyph of a mark; which one is told by the kind of mark that what is around it shows. */
public final class MarkGlyph extends Region {
    /** A glyph. */
    public MarkGlyph() {
        getStyleClass().add("mark-glyph");
    }

    /** Has something around glyphs and words, of the style class {@code marked}, show a kind of mark; empty for none. */
    public static void mark(Node around, Optional<Mark.Kind> shown) {
        for (Mark.Kind kind : Mark.Kind.values()) {
            boolean is = shown.filter(one -> one == kind).isPresent();
            around.pseudoClassStateChanged(
                    PseudoClass.getPseudoClass(kind.name().toLowerCase(Locale.ROOT)), is);
        }
    }
}
