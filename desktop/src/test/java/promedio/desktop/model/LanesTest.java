package promedio.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import promedio.desktop.model.desk.Background;
import promedio.desktop.model.desk.Habits;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Latest;
import promedio.desktop.model.desk.Progress;

/** Work in lanes whose order is decided here. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class LanesTest {
    /** A lane in which work waits until it is let go. */
    private static final class Held implements Background {
        private final Deque<Runnable> waiting = new ArrayDeque<>();

        @Override
        public <T> void run(Supplier<T> work, Consumer<T> done, Consumer<Throwable> failed) {
            waiting.add(() -> DIRECT.run(work, done, failed));
        }

        void letGo() {
            while (!waiting.isEmpty()) {
                waiting.remove().run();
            }
        }
    }

    private final Map<Lane, Held> held = new EnumMap<>(Lane.class);
    private final DeskModel desk = new DeskModel(this::lane, Background.DIRECT, null, Habits.none());

    private Background lane(Lane lane) {
        return held.containsKey(lane) ? held.get(lane) : Background.DIRECT;
    }

    private Held hold(Lane lane) {
        return held.computeIfAbsent(lane, none -> new Held());
    }

    /** Whatever else takes long, a sample that is typed has its figures. */
    @ParameterizedTest
    @EnumSource(mode = EnumSource.Mode.EXCLUDE, names = "FIGURES")
    void figures_wait_for_nothing_else(Lane busy) {
        hold(busy);
        desk.inBackground(busy, () -> "long work", done -> {}, () -> {});
        assertThat(desk.isAtWork()).isTrue();
        desk.intake().type("12 15 15 18");
        assertThat(desk.figuresProperty().get().sample().count()).hasToString("4");
        held.get(busy).letGo();
        assertThat(desk.isAtWork()).isFalse();
    }

    @Test
    void only_the_latest_counts_and_older_work_is_not_even_begun() {
        Held lane = hold(Lane.WALKING);
        Latest latest = new Latest(desk, Lane.WALKING);
        List<String> begun = new ArrayList<>();
        List<String> done = new ArrayList<>();
        for (String name : List.of("first", "second", "third")) {
            latest.run(
                    () -> {
                        begun.add(name);
                        return name;
                    },
                    done::add);
        }
        lane.letGo();
        assertThat(begun).containsExactly("third");
        assertThat(done).containsExactly("third");
        latest.run(() -> "fourth", done::add);
        latest.stop();
        lane.letGo();
        assertThat(done).containsExactly("third");
    }

    @Test
    void work_that_is_under_way_is_stopped_and_what_comes_of_it_dropped() {
        Latest latest = new Latest(desk, Lane.WALKING);
        List<String> done = new ArrayList<>();
        latest.run(
                new Progress(),
                mine -> {
                    latest.run(() -> "newer", done::add);
                    mine.pause();
                    return "older";
                },
                done::add,
                () -> done.add("failed"));
        assertThat(done).containsExactly("newer");
        latest.<String>run(
                new Progress(4),
                mine -> {
                    mine.test(1);
                    done.add("share " + latest.share());
                    throw new CancellationException();
                },
                done::add,
                () -> done.add("failed"));
        assertThat(done).containsExactly("newer", "share 0.25");
    }

    /** A failure of work that still counts is followed up; one of work that is stale is said, and no more. */
    @Test
    void what_fails_is_followed_up_only_while_it_counts() {
        Held lane = hold(Lane.WALKING);
        Latest latest = new Latest(desk, Lane.WALKING);
        List<String> after = new ArrayList<>();
        for (String name : List.of("stale", "latest")) {
            latest.<String>run(
                    new Progress(),
                    mine -> {
                        throw new IllegalStateException(name);
                    },
                    none -> after.add("done"),
                    () -> after.add(name));
        }
        lane.letGo();
        assertThat(after).containsExactly("latest");
        assertThat(desk.messageProperty().get()).isNotEmpty();
        assertThat(desk.isAtWork()).isFalse();
    }
}
