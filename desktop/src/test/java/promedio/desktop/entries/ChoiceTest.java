package promedio.desktop.entries;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** What keys and pointer choose, held against a plain set. */
class ChoiceTest {
    @Property(tries = 400)
    void what_is_chosen_is_what_a_hand_expects(@ForAll long seed) {
        Random random = new Random(seed);
        int size = 1 + random.nextInt(12);
        ChosenRows choice = new ChosenRows();
        TreeSet<Integer> expected = new TreeSet<>();
        int anchor = -1;
        for (int i = 0; i < 20; i++) {
            int index = random.nextInt(size);
            switch (random.nextInt(5)) {
                case 0 -> {
                    choice.only(index);
                    expected.clear();
                    expected.add(index);
                    anchor = index;
                }
                case 1 -> {
                    choice.through(index);
                    anchor = anchor < 0 ? index : anchor;
                    expected.clear();
                    IntStream.rangeClosed(Math.min(anchor, index), Math.max(anchor, index))
                            .forEach(expected::add);
                }
                case 2 -> {
                    choice.turn(index);
                    if (!expected.remove(index)) {
                        expected.add(index);
                    }
                    anchor = index;
                }
                case 3 -> {
                    choice.all(size);
                    IntStream.range(0, size).forEach(expected::add);
                }
                default -> {
                    int left = 1 + random.nextInt(size);
                    choice.within(left);
                    expected.tailSet(left, true).clear();
                    anchor = Math.min(anchor, left - 1);
                }
            }
            assertThat(choice.chosen()).isEqualTo(List.copyOf(expected));
            assertThat(choice.focused()).isLessThan(size);
            expected.forEach(one -> assertThat(choice.isChosen(one)).isTrue());
        }
        choice.none();
        assertThat(choice.chosen()).isEmpty();
        assertThat(choice.focused()).isEqualTo(-1);
    }
}
