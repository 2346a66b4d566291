package promedio.files.typeset;

import java.awt.Insets;
import java.awt.geom.Rectangle2D;
import java.util.Map;
import org.scilab.forge.jlatexmath.TeXConstants;
import org.scilab.forge.jlatexmath.TeXFormula;
import org.scilab.forge.jlatexmath.TeXIcon;

/**
 * A typeset formula as outlines, at {@link #SIZE}.
 *
 * @param path SVG path data
 * @param width its width
 * @param height its height, from the top to the lowest point
 * @param baseline from the top to the baseline
 * @param places where the parts of each colour lie
 */
public record Outline(String path, double width, double height, double baseline, Map<Integer, Rectangle2D> places) {
    /** The size in pixels that outlines are made for. */
    public static final float SIZE = 20;

    /** Copies the map. */
    public Outline {
        places = Map.copyOf(places);
    }

    /**
     * Typesets LaTeX, which takes some milliseconds, and a moment longer the first time.
     *
     * @throws org.scilab.forge.jlatexmath.ParseException when it is none
     */
    public static Outline of(String latex) {
        TeXIcon icon = new TeXFormula(latex).createTeXIcon(TeXConstants.STYLE_DISPLAY, SIZE);
        icon.setInsets(new Insets(1, 1, 1, 1));
        OutlineGraphics graphics = new OutlineGraphics();
        icon.paintIcon(null, graphics, 0, 0);
        double baseline = icon.getBaseLine() * icon.getIconHeight();
        return new Outline(graphics.path(), icon.getIconWidth(), icon.getIconHeight(), baseline, graphics.places());
    }
}
