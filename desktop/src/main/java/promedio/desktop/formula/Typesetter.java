package promedio.desktop.formula;

import java.awt.Insets;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.application.Platform;
import org.scilab.forge.jlatexmath.TeXConstants;
import org.scilab.forge.jlatexmath.TeXFormula;
import org.scilab.forge.jlatexmath.TeXIcon;

/** Typesets LaTeX into outlines on a thread of its own, each formula once. */
public final class Typesetter {
    /** The size in pixels that outlines are made for. */
    static final float SIZE = 20;

    private static final int MOST_KEPT = 4_000;
    private static final Map<String, Outline> DONE = new ConcurrentHashMap<>();
    private static final ExecutorService THREAD = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "typesetter");
        thread.setDaemon(true);
        return thread;
    });

    private static final List<Runnable> HELD = new ArrayList<>();
    private static boolean holding;

    private Typesetter() {}

    /** Keeps formulas waiting, in plain text, until the window can be used. To be called on the thread of the window. */
    public static void hold() {
        holding = true;
    }

    /** Typesets what was kept waiting, and all that comes, and loads what the first formula needs. */
    public static void release() {
        holding = false;
        HELD.forEach(THREAD::execute);
        HELD.clear();
        typeset("\\bar{x}=\\frac{\\textstyle\\sum x}{n}", outline -> {});
    }

    /**
     * A typeset formula.
     *
     * @param path SVG path data
     * @param width its width, at {@link #SIZE}
     * @param height its height, from the top to the lowest point
     * @param baseline from the top to the baseline
     * @param places where the parts of each colour lie
     */
    record Outline(String path, double width, double height, double baseline, Map<Integer, Rectangle2D> places) {
        Outline {
            places = Map.copyOf(places);
        }
    }

    /** Hands the outline to the JavaFX thread; at once when it is known already. */
    static void typeset(String latex, Consumer<Outline> ready) {
        Outline known = DONE.get(latex);
        if (known != null) {
            ready.accept(known);
            return;
        }
        Runnable work = () -> {
            Outline outline = DONE.computeIfAbsent(latex, Typesetter::make);
            if (DONE.size() > MOST_KEPT) {
                DONE.clear();
            }
            Platform.runLater(() -> ready.accept(outline));
        };
        if (holding) {
            HELD.add(work);
        } else {
            THREAD.execute(work);
        }
    }

    /** Completes when everything asked for so far is typeset. */
    public static CompletableFuture<Void> idle() {
        return CompletableFuture.runAsync(() -> {}, THREAD);
    }

    private static Outline make(String latex) {
        TeXIcon icon = new TeXFormula(latex).createTeXIcon(TeXConstants.STYLE_DISPLAY, SIZE);
        icon.setInsets(new Insets(1, 1, 1, 1));
        OutlineGraphics graphics = new OutlineGraphics();
        icon.paintIcon(null, graphics, 0, 0);
        double baseline = icon.getBaseLine() * icon.getIconHeight();
        return new Outline(graphics.path(), icon.getIconWidth(), icon.getIconHeight(), baseline, graphics.places());
    }
}
