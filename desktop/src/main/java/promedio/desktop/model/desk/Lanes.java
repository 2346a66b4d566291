package promedio.desktop.model.desk;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.CompletableFuture;

/** Where work of each kind is done. */
@FunctionalInterface
public interface Lanes {
    /** Where work of a kind is done. */
    Background of(Lane lane);

    /** All of it in one place. */
    static Lanes one(Background all) {
        return lane -> all;
    }

    /** A worker thread for each, made when there is work for it; results wait until JavaFX has started. */
    static Lanes workers(CompletableFuture<Void> started) {
        Map<Lane, Background> made = new EnumMap<>(Lane.class);
        return lane -> {
            synchronized (made) {
                return made.computeIfAbsent(
                        lane, one -> Background.worker(one.name().toLowerCase(Locale.ROOT), started));
            }
        };
    }
}
