package promedio.desktop.formula;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.application.Platform;
import promedio.files.typeset.Outline;

/** Typesets LaTeX into outlines on a thread of its own, each formula once. */
public final class Typesetter {
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

    /** Hands the outline to the JavaFX thread; at once when it is known already. */
    static void typeset(String latex, Consumer<Outline> ready) {
        Outline known = DONE.get(latex);
        if (known != null) {
            ready.accept(known);
            return;
        }
        Runnable work = () -> {
            Outline outline = DONE.computeIfAbsent(latex, Outline::of);
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
}
