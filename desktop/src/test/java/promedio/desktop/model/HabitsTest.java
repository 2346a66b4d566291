package promedio.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.Map;
import java.util.prefs.Preferences;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.desktop.model.desk.Habits;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class HabitsTest {
    private final Map<String, String> texts = new HashMap<>();

    /** What the system keeps from one start to the next. */
    private Preferences kept() {
        Preferences kept = mock(Preferences.class);
        when(kept.get(anyString(), anyString()))
                .thenAnswer(asked -> texts.getOrDefault(asked.<String>getArgument(0), asked.getArgument(1)));
        doAnswer(put -> texts.put(put.getArgument(0), put.getArgument(1)))
                .when(kept)
                .put(anyString(), anyString());
        return kept;
    }

    private enum Fruit {
        APPLE,
        PEAR,
        PLUM
    }

    @Test
    void what_was_chosen_is_found_at_the_next_start_and_nonsense_is_as_usual() {
        Habits first = Habits.in(kept());
        assertThat(first.some("fruits", EnumSet.of(Fruit.PEAR, Fruit.PLUM))).containsExactly(Fruit.PEAR, Fruit.PLUM);
        assertThat(first.one("best", Fruit.PLUM)).isEqualTo(Fruit.PLUM);
        assertThat(first.number("size", 100)).isEqualTo(100);
        first.keep("fruits", EnumSet.noneOf(Fruit.class));
        first.keep("best", Fruit.APPLE);
        first.keep("size", 150);
        Habits next = Habits.in(kept());
        assertThat(next.some("fruits", EnumSet.of(Fruit.PEAR)))
                .as("none is a choice, too")
                .isEmpty();
        assertThat(next.one("best", Fruit.PLUM)).isEqualTo(Fruit.APPLE);
        assertThat(next.number("size", 100)).isEqualTo(150);
        texts.put("size", "much");
        texts.put("best", "= banana");
        assertThat(next.number("size", 100)).isEqualTo(100);
        assertThat(next.one("best", Fruit.PLUM)).isEqualTo(Fruit.PLUM);
    }
}
