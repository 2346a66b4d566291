package promedio.desktop.line;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import promedio.desktop.theme.Ink;

/**
 * What the bands, the blocks and the hollow dots mean: above the axis where neither labels nor what is drawn of the sample
 * are in the way, at the right if it can be; side by side below the axis where nothing is free.
 */
final class LineKey {
    private final List<Item> items = new ArrayList<>();
    private final Ink ink;

    LineKey(Ink ink) {
        this.ink = ink;
    }

    private record Item(Color colour, boolean hollow, String text, String question) {}

    /** How high what is drawn of the sample reaches between two places: its smallest y there. */
    interface Contents {
        double top(double from, double to);
    }

    /** The ends of the Line and, in em, what is kept free around the key. */
    record Room(double left, double right, double em) {

        /**
         * The place of a key's left edge nearest to the right end at which it is clear of labels and of the sample; empty if
         * there is none.
         */
        OptionalDouble place(double width, double height, List<Spot> spots, Contents contents) {
            for (double x = right - width; x >= left; x -= em) {
                double from = x;
                boolean free = spots.stream()
                                .noneMatch(spot -> spot.left() < from + width + 4
                                        && spot.right() > from - 4
                                        && spot.top() < height + 4)
                        && contents.top(from - 6, from + width + 6) > height + 0.6 * em;
                if (free) {
                    return OptionalDouble.of(x);
                }
            }
            return OptionalDouble.empty();
        }
    }

    /** What a colour means; the question opens when it is chosen. */
    void add(Color colour, boolean hollow, String text, String question) {
        items.add(new Item(colour, hollow, text, question));
    }

    /**
     * Draws the key clear of the spots, and adds its own to them.
     *
     * @return where it ends when it stands below the axis, so that what else is said there stands beside it; far left when
     *     it is above
     */
    double draw(GraphicsContext g, double top, double below, Room room, List<Spot> spots, Contents contents) {
        double em = room.em();
        Font font = ink.font(0.82, false);
        double line = 1.25 * em;
        double widest = items.stream()
                .mapToDouble(item -> Ink.width(item.text(), font))
                .max()
                .orElse(0);
        OptionalDouble place = room.place(widest + 1.4 * em, items.size() * line, List.copyOf(spots), contents);
        g.setFont(font);
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.LEFT);
        double x = place.orElse(room.left());
        double y = place.isPresent() ? top : below;
        for (Item item : items) {
            draw(g, item, x, y);
            double its = Ink.width(item.text(), font);
            spots.add(new Spot(item.question(), x, y - 0.6 * em, x + 1.3 * em + its, y + 0.6 * em));
            if (place.isPresent()) {
                y += line;
            } else {
                x += 2.6 * em + its;
            }
        }
        return place.isEmpty() ? x : Double.NEGATIVE_INFINITY;
    }

    private void draw(GraphicsContext g, Item item, double x, double y) {
        double em = ink.em();
        if (item.hollow()) {
            Dots.dot(g, x + 0.45 * em, y, 0.34 * em, true, item.colour());
        } else {
            g.setFill(item.colour());
            g.fillRect(x, y - 0.3 * em, 0.9 * em, 0.6 * em);
        }
        g.setFill(ink.soft());
        g.fillText(item.text(), x + 1.3 * em, y);
    }
}
