package promedio.files.picture;

import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import org.jfree.chart.axis.AxisState;
import org.jfree.chart.axis.NumberAxis;
import org.jfree.chart.axis.NumberTick;
import org.jfree.chart.ui.RectangleEdge;
import org.jfree.chart.ui.TextAnchor;
import promedio.core.picture.Axis;

/** An axis of the charting library with the ticks of a picture; texts that would touch are left out, names are made shorter. */
final class GivenAxis extends NumberAxis {
    private static final long serialVersionUID = 1;
    private static final int LONGEST_NAME = 26;
    private static final double APART = 6;

    private final transient Axis axis;

    GivenAxis(Axis axis, String label) {
        super(label.isEmpty() ? null : label);
        this.axis = axis;
        setAutoRange(false);
        setRange(axis.from().toDouble(), axis.to().toDouble());
    }

    /** Turns names upright where they do not fit beside each other. */
    void fit(Graphics2D g, double width) {
        if (axis.names()) {
            Font font = getTickLabelFont();
            double widest = axis.ticks().stream()
                    .mapToDouble(tick -> g.getFontMetrics(font).stringWidth(shortened(tick.text())))
                    .max()
                    .orElse(0);
            setVerticalTickLabels((widest + APART) * axis.ticks().size() > width);
        }
    }

    private static String shortened(String name) {
        return name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME - 1) + "…" : name;
    }

    @Override
    @SuppressWarnings("rawtypes") // as the library has it
    public List refreshTicks(Graphics2D g, AxisState state, Rectangle2D area, RectangleEdge edge) {
        List<NumberTick> ticks = new ArrayList<>();
        boolean across = RectangleEdge.isTopOrBottom(edge);
        double last = Double.NEGATIVE_INFINITY;
        for (Axis.Tick tick : axis.ticks()) {
            double at = tick.at().toDouble();
            if (at >= getLowerBound() && at <= getUpperBound()) {
                String text = shortened(tick.text());
                double half = across
                        ? g.getFontMetrics(getTickLabelFont()).stringWidth(text) / 2.0
                        : g.getFontMetrics(getTickLabelFont()).getHeight() / 2.0;
                double place = across ? valueToJava2D(at, area, edge) : -valueToJava2D(at, area, edge);
                boolean fits = axis.names() || place - half > last + APART / 2;
                if (fits) {
                    last = place + half;
                }
                ticks.add(new NumberTick(
                        at,
                        fits ? text : "",
                        across
                                ? isVerticalTickLabels() ? TextAnchor.CENTER_RIGHT : TextAnchor.TOP_CENTER
                                : TextAnchor.CENTER_RIGHT,
                        TextAnchor.CENTER,
                        across && isVerticalTickLabels() ? -Math.PI / 2 : 0));
            }
        }
        return ticks;
    }
}
