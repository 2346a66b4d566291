package promedio.desktop.model.desk;

import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * Work of which only the latest counts: what was asked for before is stopped, skipped where it has not begun, and what comes of it is
 * dropped. Belongs to the thread of the window.
 */
public final class Latest {
    private final Desk desk;
    private final Lane lane;
    private Progress run = new Progress();

    /** Work of a kind on a desk. */
    public Latest(Desk desk, Lane lane) {
        this.desk = desk;
        this.lane = lane;
    }

    /** The same as {@link #run(Progress, Function, Consumer, Runnable)} for work that is short, with nothing to follow a failure. */
    public <T> void run(Supplier<T> work, Consumer<T> done) {
        run(new Progress(), progress -> work.get(), done, () -> {});
    }

    /**
     * Does some work in the place of all that was asked for before.
     *
     * @param mine how far it is
     * @param work may look whether it is stopped, or end with a {@link CancellationException} when it is
     * @param done takes what came of it, unless it was stopped or other work was asked for meanwhile
     * @param broken what follows where it fails and still counts
     */
    public <T> void run(Progress mine, Function<Progress, T> work, Consumer<T> done, Runnable broken) {
        run.stop();
        run = mine;
        desk.inBackground(
                lane,
                () -> unlessStopped(mine, work),
                made -> {
                    if (mine == run && !mine.isStopped()) {
                        made.ifPresent(done);
                    }
                },
                () -> {
                    if (mine == run) {
                        broken.run();
                    }
                });
    }

    private static <T> Optional<T> unlessStopped(Progress mine, Function<Progress, T> work) {
        try {
            return mine.isStopped() ? Optional.empty() : Optional.of(work.apply(mine));
        } catch (CancellationException stopped) {
            return Optional.empty();
        }
    }

    /** Nothing that was asked for counts any more. */
    public void stop() {
        run.stop();
    }

    /** How much is done, from 0 to 1; negative where that is not known. */
    public double share() {
        return run.share();
    }
}
