package promedio.desktop.line;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** Where the key of the Line stands. */
class LineKeyTest {
    private static final LineKey.Room ROOM = new LineKey.Room(20, 1000, 13);

    /** Columns of dots or blocks: each from one place to another, up to a y. */
    private record Column(double from, double to, double top) {}

    private static LineKey.Contents contents(List<Column> columns) {
        return (from, to) -> columns.stream()
                .filter(column -> column.from() < to && column.to() > from)
                .mapToDouble(Column::top)
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    private static List<Spot> labels(Random random) {
        List<Spot> labels = new ArrayList<>();
        for (int i = random.nextInt(5); i > 0; i--) {
            double left = 20 + random.nextInt(900);
            labels.add(new Spot("mean", left, random.nextInt(60), left + 5 + random.nextInt(90), 90));
        }
        return labels;
    }

    @Property
    void it_never_lies_over_dots_blocks_or_labels(@ForAll long seed) {
        Random random = new Random(seed);
        List<Spot> labels = labels(random);
        List<Column> columns = new ArrayList<>();
        for (double x = 20; x < 1000; ) {
            double to = x + 5 + random.nextInt(200);
            if (random.nextInt(3) > 0) {
                columns.add(new Column(x, to, random.nextInt(100)));
            }
            x = to;
        }
        double width = 80 + random.nextInt(150);
        double height = 16 * (1 + random.nextInt(3));
        OptionalDouble place = ROOM.place(width, height, labels, contents(columns));
        if (place.isPresent()) {
            double left = place.getAsDouble();
            assertThat(left).isBetween(20.0, 1000 - width);
            assertThat(columns)
                    .filteredOn(column -> column.from() < left + width && column.to() > left)
                    .allMatch(column -> column.top() > height);
            assertThat(labels)
                    .filteredOn(label -> label.left() < left + width && label.right() > left)
                    .allMatch(label -> label.top() > height);
        } else {
            // Then every place is taken: seen here for one key after the other, a little wider apart.
            for (double x = 21; x + width < 1000; x += 13) {
                double from = x;
                boolean taken = columns.stream()
                                .anyMatch(column -> column.from() < from + width + 20
                                        && column.to() > from - 20
                                        && column.top() <= height + 8)
                        || labels.stream()
                                .anyMatch(label -> label.left() < from + width + 20
                                        && label.right() > from - 20
                                        && label.top() < height + 4);
                assertThat(taken).as("free at %s", from).isTrue();
            }
        }
    }

    @Test
    void it_stands_at_the_right_end_and_goes_left_only_as_far_as_it_must() {
        assertThat(ROOM.place(200, 48, List.of(), contents(List.of()))).hasValue(800);
        List<Column> high = List.of(new Column(900, 950, 10));
        double left = ROOM.place(200, 48, List.of(), contents(high)).orElseThrow();
        assertThat(left + 200).isBetween(875.0, 900.0);
        List<Column> low = List.of(new Column(20, 1000, 80));
        assertThat(ROOM.place(200, 48, List.of(), contents(low))).hasValue(800);
        assertThat(ROOM.place(200, 76, List.of(), contents(low))).isEmpty();
    }
}
