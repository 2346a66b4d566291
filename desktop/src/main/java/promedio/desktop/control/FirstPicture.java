package promedio.desktop.control;

import java.util.ArrayList;
import java.util.List;

/**
 * The first picture of the window after the program was started. What can do without is made after it; nobody who makes it need
 * know when that is, and when the window has been seen nothing waits any more.
 */
public final class FirstPicture {
    private static final List<Runnable> WAITING = new ArrayList<>();
    private static boolean awaited;

    private FirstPicture() {}

    /** The window is about to be shown for the first time. */
    public static void await() {
        awaited = true;
    }

    /** Does something after the first picture; at once when that has been seen. */
    public static void then(Runnable work) {
        if (awaited) {
            WAITING.add(work);
        } else {
            work.run();
        }
    }

    /** The first picture has been seen. */
    public static void seen() {
        awaited = false;
        List<Runnable> waiting = List.copyOf(WAITING);
        WAITING.clear();
        waiting.forEach(Runnable::run);
    }
}
