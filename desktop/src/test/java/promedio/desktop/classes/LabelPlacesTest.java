package promedio.desktop.classes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javafx.geometry.BoundingBox;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** Labels beside the lines along which a cumulative curve is read. */
class LabelPlacesTest {
    private static final BoundingBox AREA = new BoundingBox(40, 20, 250, 180);
    private static final double HEIGHT = 14;

    /** A rising curve and its mirror image, as cumulative frequencies are, of a few classes of any widths and heights. */
    private static List<LabelPlaces.Piece> curves(Random random) {
        int classes = 1 + random.nextInt(8);
        double[] xs = random.doubles(classes - 1L, 40, 280).sorted().toArray();
        double[] ys = random.doubles(classes - 1L, 20, 200).sorted().toArray();
        List<LabelPlaces.Piece> pieces = new ArrayList<>();
        double x = 40;
        double risen = 20;
        for (int i = 0; i < classes; i++) {
            double toX = i == classes - 1 ? 280 : xs[i];
            double to = i == classes - 1 ? 200 : ys[i];
            pieces.add(new LabelPlaces.Piece(x, 220 - risen, toX, 220 - to));
            pieces.add(new LabelPlaces.Piece(x, risen, toX, to));
            x = toX;
            risen = to;
        }
        return pieces;
    }

    /** Whether a curve comes into a place, seen point by point along it. */
    private static boolean isRunThrough(BoundingBox place, List<LabelPlaces.Piece> curves) {
        for (LabelPlaces.Piece piece : curves) {
            for (int i = 0; i <= 400; i++) {
                double part = i / 400.0;
                double x = piece.fromX() + part * (piece.toX() - piece.fromX());
                double y = piece.fromY() + part * (piece.toY() - piece.fromY());
                if (place.contains(x, y)) {
                    return true;
                }
            }
        }
        return false;
    }

    @Property(tries = 300)
    void a_label_stands_clear_of_curves_and_labels_unless_nothing_is_free(@ForAll long seed) {
        Random random = new Random(seed);
        List<LabelPlaces.Piece> curves = curves(random);
        List<Double> lines = random.doubles(3, 45, 275).sorted().boxed().toList();
        LabelPlaces places = new LabelPlaces(AREA, curves, lines);
        List<BoundingBox> placed = new ArrayList<>();
        for (double line : lines) {
            double width = 20 + random.nextInt(70);
            BoundingBox place = places.place(line, width, HEIGHT);
            assertThat(AREA.contains(place.getMinX(), place.getMinY(), width, HEIGHT))
                    .as("%s is within the picture", place)
                    .isTrue();
            if (isRunThrough(place, curves) || placed.stream().anyMatch(place::intersects)) {
                assertThat(freeOnAGrid(curves, placed, width))
                        .as("free though %s is not", place)
                        .isEmpty();
            }
            placed.add(place);
        }
    }

    /** The places that are free by a hand's breadth, on a coarse grid. */
    private static List<BoundingBox> freeOnAGrid(
            List<LabelPlaces.Piece> curves, List<BoundingBox> placed, double width) {
        List<BoundingBox> free = new ArrayList<>();
        for (double y = AREA.getMinY() + 10; y + HEIGHT < AREA.getMaxY() - 10; y += 10) {
            for (double x = AREA.getMinX() + 10; x + width < AREA.getMaxX() - 10; x += 10) {
                BoundingBox wide = new BoundingBox(x - 9, y - 9, width + 18, HEIGHT + 18);
                if (placed.stream().noneMatch(wide::intersects) && !isRunThrough(wide, curves)) {
                    free.add(wide);
                }
            }
        }
        return free;
    }

    /** Where there is room, no other line stands between a label and its own. */
    @Property(tries = 300)
    void a_label_is_not_read_as_another_lines(@ForAll long seed) {
        Random random = new Random(seed);
        double first = 60 + random.nextInt(25);
        List<Double> lines = List.of(first, first + 60 + random.nextInt(20), first + 145);
        LabelPlaces places = new LabelPlaces(AREA, List.of(), lines);
        for (double line : lines) {
            BoundingBox place = places.place(line, 45, HEIGHT);
            double to = line < place.getMinX() ? place.getMinX() : Math.min(line, place.getMaxX());
            assertThat(lines)
                    .filteredOn(other -> other != line)
                    .noneMatch(other -> other > Math.min(line, place.getMinX()) && other < Math.max(line, to));
            assertThat(place.getMaxY()).as("at the foot").isEqualTo(AREA.getMaxY());
        }
    }

    @Test
    void a_curve_that_jumps_or_passes_by_is_seen_for_what_it_is() {
        BoundingBox place = new BoundingBox(100, 100, 50, HEIGHT);
        assertThat(new LabelPlaces.Piece(120, 107, 120, 107).crosses(place)).isTrue();
        assertThat(new LabelPlaces.Piece(40, 20, 90, 200).crosses(place))
                .as("at its left")
                .isFalse();
        assertThat(new LabelPlaces.Piece(40, 10, 280, 60).crosses(place))
                .as("above it")
                .isFalse();
        assertThat(new LabelPlaces.Piece(40, 180, 280, 20).crosses(place)).isTrue();
    }
}
