package promedio.core.data;

import java.util.List;
import java.util.concurrent.ForkJoinTask;
import java.util.function.Function;

/** Works on columns several at a time, each for itself, so that heavy ones that stand beside each other are not one thread's. */
final class Abreast {
    private Abreast() {}

    /** What comes of each, in their order. */
    static <A, B> List<B> each(List<A> all, Function<A, B> work) {
        List<ForkJoinTask<B>> tasks = all.stream()
                .map(one -> ForkJoinTask.adapt(() -> work.apply(one)))
                .toList();
        ForkJoinTask.invokeAll(tasks);
        return tasks.stream().map(ForkJoinTask::join).toList();
    }
}
