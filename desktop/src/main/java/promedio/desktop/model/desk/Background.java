package promedio.desktop.model.desk;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/** Work that is slower than a blink: on a worker thread in the window, a plain call in tests. */
@FunctionalInterface
public interface Background {
    /**
     * Does the work elsewhere and hands its result to the thread of the window, or what it failed with: a fault of this program
     * or too little memory, since a mistake in what was entered is a result like any other.
     */
    <T> void run(Supplier<T> work, Consumer<T> done, Consumer<Throwable> failed);

    /** Everything at once, on the calling thread. */
    Background DIRECT = new Background() {
        @Override
        public <T> void run(Supplier<T> work, Consumer<T> done, Consumer<Throwable> failed) {
            T result;
            try {
                result = work.get();
            } catch (RuntimeException | Error failure) {
                failed.accept(failure);
                return;
            }
            done.accept(result);
        }
    };

    /** One worker thread, which ends with the program. */
    static Background worker(String name) {
        return worker(name, CompletableFuture.completedFuture(null));
    }

    /** One worker thread, which may begin before JavaFX has: its results wait until then. */
    static Background worker(String name, CompletableFuture<Void> started) {
        ExecutorService thread = Executors.newSingleThreadExecutor(work -> {
            Thread worker = new Thread(work, name);
            worker.setDaemon(true);
            return worker;
        });
        return new Background() {
            @Override
            public <T> void run(Supplier<T> work, Consumer<T> done, Consumer<Throwable> failed) {
                thread.execute(() -> DIRECT.run(
                        work,
                        result -> later(() -> done.accept(result)),
                        failure -> later(() -> failed.accept(failure))));
            }

            private void later(Runnable then) {
                started.join();
                Platform.runLater(then);
            }
        };
    }
}
