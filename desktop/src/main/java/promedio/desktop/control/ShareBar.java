package promedio.desktop.control;

import javafx.scene.layout.Region;

/** A bar over a part of the width that the style sheet gives it; where both ends are one, a thin line. */
public final class ShareBar extends Region {
    private final Region bar = new Region();
    private final double from;
    private final double to;

    /**
     * A bar.
     *
     * @param from where it begins, from 0 at the left end to 1 at the right
     * @param to where it ends
     */
    public ShareBar(double from, double to, String... styles) {
        this.from = from;
        this.to = to;
        getStyleClass().add("share-bar");
        bar.getStyleClass().addAll(styles);
        getChildren().add(bar);
    }

    @Override
    protected void layoutChildren() {
        double left = snapPositionX(from * getWidth());
        double right = snapPositionX(to * getWidth());
        double high = snapSizeY(bar.minHeight(-1));
        bar.resizeRelocate(left, (getHeight() - high) / 2, Math.max(1, right - left), high);
    }
}
