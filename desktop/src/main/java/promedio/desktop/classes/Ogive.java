package promedio.desktop.classes;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.BoundingBox;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.desktop.text.Words;

/** The cumulative frequencies, less than and more than, which cross at the median; quartiles are read across and down. */
final class Ogive extends Plot {
    private static final List<String> READ = List.of("quartile-1", "median", "quartile-3");

    private int lit = -1;
    private Optional<Exact> asked = Optional.empty();

    Ogive() {
        super("ogive");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    }

    void light(int index) {
        lit = index;
        draw();
    }

    /** Reads a value off the curve too: from below upwards and across. */
    void ask(Optional<Exact> value) {
        asked = value;
        draw();
    }

    @Override
    double highest() {
        return shown().table().count().toDouble();
    }

    @Override
    boolean countsWhole() {
        return !shown().table().isRelative();
    }

    @Override
    String title() {
        return Words.of("classes.cumulative");
    }

    @Override
    void drawInside(GraphicsContext g) {
        curve(g, false);
        curve(g, true);
        readings(g);
        asked.ifPresent(value -> ask(g, value));
        setAccessibleText(Words.of("classes.ogive.spoken", shown().axis(), shown().written("median")));
    }

    private void curve(GraphicsContext g, boolean moreThan) {
        ClassTable table = shown().table();
        Color colour = moreThan ? soft().deriveColor(0, 1, 1, 0.6) : ink();
        g.setStroke(colour);
        g.setFill(colour);
        g.setLineWidth(moreThan ? 1 : 1.6);
        double total = highest();
        for (int i = 0; i < table.size(); i++) {
            double before = table.before(i).toDouble();
            double through = before + table.at(i).frequency().toDouble();
            double from = moreThan ? total - before : before;
            double to = moreThan ? total - through : through;
            if (shown().isDashed(i)) {
                g.setLineDashes(4, 3);
            }
            g.strokeLine(x(shown().lower(i)), y(from), x(shown().upper(i)), y(to));
            g.setLineDashes();
            double radius = i == lit && !moreThan ? 4.5 : 2.6;
            g.setFill(i == lit && !moreThan ? accent() : colour);
            g.fillOval(x(shown().upper(i)) - radius, y(to) - radius, 2 * radius, 2 * radius);
        }
        g.setLineWidth(1);
        g.setFont(font(0.8, false));
        g.setFill(moreThan ? soft() : ink());
        g.setTextBaseline(VPos.BOTTOM);
        g.setTextAlign(moreThan ? TextAlignment.LEFT : TextAlignment.RIGHT);
        g.fillText(
                Words.of(moreThan ? "classes.more-than" : "classes.less-than"),
                moreThan ? left() + 0.4 * em() : right(),
                y(total) - 2);
    }

    private record Label(double x, String text, boolean main) {}

    private void readings(GraphicsContext g) {
        List<Label> labels = new ArrayList<>();
        for (int i = 0; i < READ.size(); i++) {
            String question = READ.get(i);
            Exact share = Exact.ratio(i + 1L, 4);
            Optional<Double> value = shown().figure(question).map(figure -> figure.toDouble());
            if (value.isPresent()) {
                boolean median = question.equals("median");
                double x = x(value.get());
                double y = y(shown().position(share));
                g.setStroke(median ? accent() : quartiles());
                g.setLineWidth(median ? 1.4 : 1);
                g.setLineDashes(4, 3);
                g.strokeLine(left(), y, x, y);
                g.strokeLine(x, y, x, bottom());
                g.setLineDashes();
                g.setLineWidth(1);
                labels.add(new Label(x, Words.of("classes.read." + question, shown().written(question)), median));
            }
        }
        place(g, labels);
    }

    /** Labels beside their lines, where neither a curve nor another label is in the way. */
    private void place(GraphicsContext g, List<Label> labels) {
        Font font = font(0.82, true);
        g.setFont(font);
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.BOTTOM);
        double least = left() + 2;
        double most = bottom() - 0.35 * em();
        LabelPlaces places = new LabelPlaces(
                new BoundingBox(least, top(), getWidth() - least, most - top()),
                pieces(),
                labels.stream().map(Label::x).toList());
        for (Label label : labels) {
            BoundingBox place = places.place(label.x(), width(label.text(), font) + 2, 1.1 * em());
            g.setFill(label.main() ? accent() : group());
            g.fillText(label.text(), place.getMinX() + 1, place.getMaxY());
        }
    }

    /** Both curves, piece by piece. */
    private List<LabelPlaces.Piece> pieces() {
        ClassTable table = shown().table();
        double total = highest();
        List<LabelPlaces.Piece> pieces = new ArrayList<>();
        for (int i = 0; i < table.size(); i++) {
            double before = table.before(i).toDouble();
            double through = before + table.at(i).frequency().toDouble();
            double from = x(shown().lower(i));
            double to = x(shown().upper(i));
            pieces.add(new LabelPlaces.Piece(from, y(before), to, y(through)));
            pieces.add(new LabelPlaces.Piece(from, y(total - before), to, y(total - through)));
        }
        return pieces;
    }

    private Color group() {
        return ink();
    }

    private void ask(GraphicsContext g, Exact value) {
        double at = Math.max(shown().least(), Math.min(shown().most(), value.toDouble()));
        ClassTable table = shown().table();
        int index = table.classOf(value);
        double share = (at - shown().lower(index)) / (shown().upper(index) - shown().lower(index));
        double below = table.before(index).toDouble()
                + share * table.at(index).frequency().toDouble();
        g.setStroke(spread());
        g.setLineWidth(1.6);
        g.strokeLine(x(at), bottom(), x(at), y(below));
        g.strokeLine(left(), y(below), x(at), y(below));
        g.setLineWidth(1);
    }
}
