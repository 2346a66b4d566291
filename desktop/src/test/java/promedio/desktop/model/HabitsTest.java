package promedio.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.Map;
import java.util.prefs.AbstractPreferences;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.desktop.model.desk.Habits;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class HabitsTest {
    /** Stands for what the system keeps from one start to the next. */
    private static final class Kept extends AbstractPreferences {
        private final Map<String, String> texts = new HashMap<>();

        Kept() {
            super(null, "");
        }

        @Override
        protected void putSpi(String key, String value) {
            texts.put(key, value);
        }

        @Override
        protected String getSpi(String key) {
            return texts.get(key);
        }

        @Override
        protected void removeSpi(String key) {
            texts.remove(key);
        }

        @Override
        protected void removeNodeSpi() {
            texts.clear();
        }

        @Override
        protected String[] keysSpi() {
            return texts.keySet().toArray(String[]::new);
        }

        @Override
        protected String[] childrenNamesSpi() {
            return new String[0];
        }

        @Override
        protected AbstractPreferences childSpi(String name) {
            throw new UnsupportedOperationException(name);
        }

        @Override
        protected void syncSpi() {}

        @Override
        protected void flushSpi() {}
    }

    private enum Fruit {
        APPLE,
        PEAR,
        PLUM
    }

    @Test
    void what_was_chosen_is_found_at_the_next_start_and_nonsense_is_as_usual() {
        Kept kept = new Kept();
        Habits first = Habits.in(kept);
        assertThat(first.some("fruits", EnumSet.of(Fruit.PEAR, Fruit.PLUM))).containsExactly(Fruit.PEAR, Fruit.PLUM);
        assertThat(first.one("best", Fruit.PLUM)).isEqualTo(Fruit.PLUM);
        assertThat(first.number("size", 100)).isEqualTo(100);
        first.keep("fruits", EnumSet.noneOf(Fruit.class));
        first.keep("best", Fruit.APPLE);
        first.keep("size", 150);
        Habits next = Habits.in(kept);
        assertThat(next.some("fruits", EnumSet.of(Fruit.PEAR)))
                .as("none is a choice, too")
                .isEmpty();
        assertThat(next.one("best", Fruit.PLUM)).isEqualTo(Fruit.APPLE);
        assertThat(next.number("size", 100)).isEqualTo(150);
        kept.put("size", "much");
        kept.put("best", "= banana");
        assertThat(next.number("size", 100)).isEqualTo(100);
        assertThat(next.one("best", Fruit.PLUM)).isEqualTo(Fruit.PLUM);
    }
}
