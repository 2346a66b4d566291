package promedio.desktop.model.desk;

import java.util.concurrent.CancellationException;
import java.util.function.IntPredicate;
import promedio.files.table.Watch;

/** How far some work is that another thread does, until it is done or stopped. */
public final class Progress implements Watch, IntPredicate {
    private volatile long done;
    private volatile long all;
    private volatile boolean stopped;

    /** Work of which it is not known how much there is. */
    public Progress() {
        this(-1);
    }

    /** Work of so many parts. */
    public Progress(long all) {
        this.all = all;
    }

    @Override
    public void at(long read, long of) {
        done = read;
        all = of;
    }

    @Override
    public boolean isStopped() {
        return stopped;
    }

    /** So many parts are done. @return whether to go on */
    @Override
    public boolean test(int parts) {
        done = parts;
        return !stopped;
    }

    /** Goes on, unless it is stopped. @throws CancellationException where it is */
    public void pause() {
        if (stopped) {
            throw new CancellationException();
        }
    }

    /** Stops it. */
    public void stop() {
        stopped = true;
    }

    /** How much is done, from 0 to 1; negative where that is not known. */
    public double share() {
        return all <= 0 ? -1 : (double) done / all;
    }
}
