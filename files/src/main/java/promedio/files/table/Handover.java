package promedio.files.table;

import java.util.Arrays;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import promedio.files.InputProblem;

/**
 * Hands rows over to a second thread, which puts them where they belong while this one takes the file apart. A problem there
 * comes up here with the next batch of rows, or at the end.
 */
final class Handover implements RowTaker {
    private static final int BATCH = 1 << 16;
    private static final int WAITING = 4;
    /** Beside the length of a cell: a row ends. */
    private static final int ROW = -1;

    private final RowTaker to;
    private final BlockingQueue<Batch> full = new ArrayBlockingQueue<>(WAITING);
    private final BlockingQueue<Batch> empty = new ArrayBlockingQueue<>(WAITING + 2);
    private final Thread worker;
    private volatile Throwable failure;
    private Batch batch = new Batch();

    /** Cells one after another, with the ends of rows between them. */
    private static final class Batch {
        private char[] text = new char[BATCH + BATCH / 4];
        private int length;
        private int[] cells = new int[BATCH / 4];
        private int count;
        private long[] lines = new long[BATCH / 16];
        private int rows;
        private boolean last;

        void clear() {
            length = 0;
            count = 0;
            rows = 0;
        }
    }

    private Handover(RowTaker to) {
        this.to = to;
        this.worker = new Thread(this::work, "rows");
        worker.setDaemon(true);
        worker.start();
    }

    /** Something that hands out rows. */
    interface Giving {
        /** Hands them out. */
        void give(RowTaker rows) throws InputProblem, java.io.IOException;
    }

    /** Has rows handed out by this thread and taken by another; both are done when this returns. */
    static void through(RowTaker to, Giving giving) throws InputProblem, java.io.IOException {
        Handover handover = new Handover(to);
        boolean given = false;
        try {
            giving.give(handover);
            given = true;
        } finally {
            handover.end(given);
        }
        handover.check();
    }

    @Override
    public void cell(char[] text, int from, int length) {
        if (batch.length + length > batch.text.length) {
            batch.text = Arrays.copyOf(batch.text, Math.max(2 * batch.text.length, batch.length + length));
        }
        if (batch.count == batch.cells.length) {
            batch.cells = Arrays.copyOf(batch.cells, 2 * batch.count);
        }
        System.arraycopy(text, from, batch.text, batch.length, length);
        batch.length += length;
        batch.cells[batch.count++] = length;
    }

    @Override
    public void endRow(long line) throws InputProblem {
        if (batch.count == batch.cells.length) {
            batch.cells = Arrays.copyOf(batch.cells, 2 * batch.count);
        }
        if (batch.rows == batch.lines.length) {
            batch.lines = Arrays.copyOf(batch.lines, 2 * batch.rows);
        }
        batch.cells[batch.count++] = ROW;
        batch.lines[batch.rows++] = line;
        if (batch.length >= BATCH || batch.count >= BATCH / 4) {
            hand();
            check();
        }
    }

    private void hand() {
        try {
            full.put(batch);
            Batch used = empty.poll();
            batch = used == null ? new Batch() : used;
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    private void end(boolean whole) {
        if (!whole) {
            failure = failure == null ? new IllegalStateException("The rows broke off.") : failure;
        }
        batch.last = true;
        hand();
        try {
            worker.join();
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }

    private void check() throws InputProblem {
        if (failure instanceof InputProblem problem) {
            throw problem;
        }
        if (failure instanceof Error error) {
            throw error;
        }
        if (failure instanceof RuntimeException fault) {
            throw fault;
        }
    }

    private void work() {
        try {
            boolean last = false;
            while (!last) {
                Batch taken = full.take();
                last = taken.last;
                // Behind a failure the rest is only taken off the queue, so that nobody waits.
                if (failure == null) {
                    put(taken);
                }
                taken.clear();
                empty.offer(taken);
            }
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }

    private void put(Batch taken) {
        try {
            int at = 0;
            int row = 0;
            for (int i = 0; i < taken.count; i++) {
                int length = taken.cells[i];
                if (length == ROW) {
                    to.endRow(taken.lines[row++]);
                } else {
                    to.cell(taken.text, at, length);
                    at += length;
                }
            }
        } catch (InputProblem | RuntimeException | Error problem) {
            failure = problem;
        }
    }
}
