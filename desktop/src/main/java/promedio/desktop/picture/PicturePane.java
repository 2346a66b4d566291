package promedio.desktop.picture;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import promedio.core.number.Exact;
import promedio.core.picture.Content;
import promedio.core.picture.Mark;
import promedio.core.picture.Picture;
import promedio.core.tabulate.Tabulation;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.model.desk.ValueInHand;
import promedio.desktop.model.picture.Sketch;
import promedio.desktop.text.Words;
import promedio.desktop.theme.Ink;
import promedio.files.picture.Drawing;
import promedio.files.picture.Look;
import promedio.files.picture.Placed;

/**
 * The picture itself: drawn off the thread of the window, with what is pointed at lit up over it. Edges of classes can be dragged, and
 * what is written on it can be clicked. By keyboard the arrows go from part to part.
 */
public final class PicturePane extends Ink {
    private static final double CATCH = 7;

    private final DeskModel model;
    private final ImageView view = new ImageView();
    private final Pane over = new Pane();
    private final Handles handles = new Handles();
    private Sketch sketch;
    private Rendered rendered;
    private boolean drawing;
    private boolean again;
    private Mark.Part lit;
    private int dragged = -1;
    private Tabulation moved;
    private Optional<ValueInHand> hand = Optional.empty();
    /** How the picture lay when a value was taken in hand; its scale stays that of the hand. */
    private Placed taken;

    private Consumer<Optional<Mark.Part>> pointed = part -> {};
    private Consumer<Placed.Spot> clicked = null;
    private Consumer<Integer> colour = series -> {};

    /** The picture of a desk. */
    public PicturePane(DeskModel model) {
        this.model = model;
        getStyleClass().add("picture");
        setId("picture");
        setMinHeight(0);
        setPrefHeight(0);
        over.setMouseTransparent(true);
        view.setPreserveRatio(false);
        getChildren().addAll(view, over, handles);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setFocusTraversable(true);
        focusVisibleProperty().addListener((property, before, now) -> light(lit));
        addEventHandler(MouseEvent.MOUSE_MOVED, this::move);
        addEventHandler(MouseEvent.MOUSE_EXITED, leave -> point(null));
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(MouseEvent.MOUSE_RELEASED, release -> letGo());
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    /** Who is told what is pointed at. */
    public void onPointed(Consumer<Optional<Mark.Part>> listener) {
        pointed = listener;
    }

    /** Who is told which words were clicked. */
    void onClicked(Consumer<Placed.Spot> listener) {
        clicked = listener;
    }

    /** Who is told whose colour in the legend was clicked. */
    void onColour(Consumer<Integer> listener) {
        colour = listener;
    }

    /** The same as a click on the colour of a series in the legend. */
    void pressColour(int series) {
        colour.accept(series);
    }

    /** Shows a picture. */
    public void show(Sketch now, String spoken) {
        sketch = now;
        setAccessibleText(spoken);
        draw();
    }

    /** Where words stand that can be edited; empty while nothing is drawn. */
    public Optional<Rectangle2D> place(Placed.Spot spot) {
        return Optional.ofNullable(rendered)
                .map(drawn -> drawn.placed().spots().get(spot))
                .map(area -> new Rectangle2D(area.getX(), area.getY(), area.getWidth(), area.getHeight()));
    }

    /** Where the lowest dot of a value lies; empty where there is none. */
    public Optional<Point2D> dot(Exact value) {
        return Optional.ofNullable(rendered)
                .map(Rendered::placed)
                .filter(placed -> placed.picture().content() instanceof Content.Dots)
                .map(placed -> new Point2D(placed.x(value.toDouble()), placed.y(0.5)));
    }

    /** How the picture looks on the page: the colours and the text size of the theme. */
    Look look() {
        Color paper = paper();
        Look themed = paper.getBrightness() < 0.5 ? Look.SLATE : Look.PAPER;
        return themed.on(new java.awt.Color((float) paper.getRed(), (float) paper.getGreen(), (float) paper.getBlue()))
                .sized(em());
    }

    @Override
    protected void layoutChildren() {
        over.resize(getWidth(), getHeight());
        draw();
    }

    @Override
    protected void draw() {
        if (view == null || sketch == null) {
            return;
        }
        if (sketch.picture().isEmpty() || getWidth() < 80 || getHeight() < 60) {
            rendered = null;
            view.setImage(null);
            over.getChildren().clear();
            handles.show(List.of(), 0, 0);
            return;
        }
        if (drawing) {
            again = true;
            return;
        }
        drawing = true;
        double width = getWidth();
        double height = getHeight();
        double scale = getScene() == null || getScene().getWindow() == null
                ? 1
                : getScene().getWindow().getRenderScaleX();
        Drawing one = new Drawing(sketch.picture().get(), look(), sketch.text());
        model.inBackground(
                Lane.DRAWING,
                () -> Rendered.of(one, width, height, scale),
                drawn -> {
                    drawing = false;
                    show(drawn, width, height);
                    if (again || width != getWidth() || height != getHeight()) {
                        again = false;
                        draw();
                    }
                },
                () -> drawing = false);
    }

    private void show(Rendered drawn, double width, double height) {
        if (sketch.picture().isEmpty()) {
            return;
        }
        rendered = drawn;
        view.setImage(drawn.image());
        view.setFitWidth(width);
        view.setFitHeight(height);
        light(lit);
        List<Double> edges = new ArrayList<>();
        Tabulation classes = classes();
        if (classes != null && drawn.placed().picture() == sketch.picture().get()) {
            classes.edges().forEach(edge -> edges.add(drawn.placed().x(edge.toDouble())));
        }
        handles.show(edges, drawn.placed().data().getMaxY(), em());
    }

    private Tabulation classes() {
        return sketch == null ? null : sketch.classes().orElse(null);
    }

    /** Lights up a part; null for none. */
    void light(Mark.Part part) {
        lit = part;
        over.getChildren().clear();
        if (rendered != null) {
            if (part != null) {
                over.getChildren().setAll(Lit.of(part, rendered.placed(), accent()));
            }
            if (isFocusVisible()) {
                over.getChildren().add(Lit.frame(getWidth(), getHeight(), accent()));
            }
        }
    }

    private void point(Mark.Part part) {
        if (part == null ? lit != null : !part.equals(lit)) {
            light(part);
            pointed.accept(Optional.ofNullable(part));
        }
    }

    private void move(MouseEvent move) {
        if (rendered == null) {
            return;
        }
        boolean edge = edgeAt(move).isPresent() || valueAt(move).isPresent();
        Optional<Placed.Spot> spot =
                clicked == null ? Optional.empty() : rendered.placed().spot(move.getX(), move.getY());
        setCursor(
                edge
                        ? Cursor.H_RESIZE
                        : spot.isEmpty()
                                ? Cursor.DEFAULT
                                : spot.get() == Placed.Spot.LEGEND ? Cursor.HAND : Cursor.TEXT);
        point(rendered.placed().part(move.getX(), move.getY()).orElse(null));
    }

    /** The edge of classes near a place at the foot of the picture. */
    private Optional<Integer> edgeAt(MouseEvent mouse) {
        Tabulation classes = classes();
        if (classes == null || rendered == null) {
            return Optional.empty();
        }
        double foot = rendered.placed().data().getMaxY();
        if (Math.abs(mouse.getY() - foot) > 1.2 * em()) {
            return Optional.empty();
        }
        for (int i = 0; i < classes.edges().size(); i++) {
            double x = rendered.placed().x(classes.edges().get(i).toDouble());
            if (Math.abs(x - mouse.getX()) <= CATCH) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /** The value whose dot is at a place and can be moved: of a list or frequency table that is looked at itself. */
    private Optional<ValueInHand> valueAt(MouseEvent mouse) {
        SheetFigures figures = model.figuresProperty().get();
        Placed placed = rendered.placed();
        boolean whole = clicked != null
                && figures != null
                && sketch.item().equals(figures.sheet().id())
                && placed.picture() == sketch.picture().orElse(null);
        return whole && placed.picture().content() instanceof Content.Dots dots
                ? placed.part(mouse.getX(), mouse.getY())
                        .filter(part -> part.item() >= 0)
                        .flatMap(part -> ValueInHand.of(
                                model,
                                figures,
                                dots.strips()
                                        .get(part.series())
                                        .dots()
                                        .get(part.item())
                                        .value()))
                : Optional.empty();
    }

    private void press(MouseEvent press) {
        requestFocus();
        if (rendered == null) {
            return;
        }
        hand = valueAt(press);
        taken = rendered.placed();
        dragged = edgeAt(press).orElse(-1);
        moved = classes();
        if (dragged < 0) {
            Optional<Integer> series = rendered.placed().legendAt(press.getX(), press.getY());
            if (clicked == null) {
                return;
            }
            if (series.isPresent()) {
                colour.accept(series.get());
            } else {
                rendered.placed().spot(press.getX(), press.getY()).ifPresent(clicked);
            }
        }
        press.consume();
    }

    private void drag(MouseEvent drag) {
        hand.ifPresent(value -> {
            BigDecimal to =
                    BigDecimal.valueOf(taken.valueAt(drag.getX())).setScale(sketch.places(), RoundingMode.HALF_EVEN);
            value.move(to);
            model.say(Words.of(
                    "picture.value-dragged",
                    sketch.text().carried(value.origin()),
                    sketch.text().plain(to)));
        });
        if (dragged < 0 || moved == null || rendered == null) {
            return;
        }
        Exact to = Exact.from(BigDecimal.valueOf(rendered.placed().valueAt(drag.getX()))
                .setScale(sketch.places(), RoundingMode.HALF_EVEN));
        moved.moved(dragged, to).ifPresent(now -> {
            moved = now;
            model.drawings().tryClasses(now);
            model.say(Words.of("picture.dragged", sketch.text().carried(to)));
        });
    }

    private void letGo() {
        hand.ifPresent(ValueInHand::letGo);
        hand = Optional.empty();
        if (dragged >= 0) {
            dragged = -1;
            model.drawings().keepClasses();
        }
    }

    private void key(KeyEvent key) {
        if (rendered == null || key.isShortcutDown() || key.isAltDown()) {
            return;
        }
        int step = key.getCode() == KeyCode.RIGHT ? 1 : key.getCode() == KeyCode.LEFT ? -1 : 0;
        if (step != 0) {
            List<Mark.Part> parts = parts(rendered.placed().picture());
            if (!parts.isEmpty()) {
                int now = parts.indexOf(lit);
                point(parts.get(now < 0 ? (step > 0 ? 0 : parts.size() - 1) : Math.floorMod(now + step, parts.size())));
            }
            key.consume();
        } else if (key.getCode() == KeyCode.F2 && clicked != null) {
            clicked.accept(Placed.Spot.TITLE);
            key.consume();
        } else if (key.getCode() == KeyCode.ESCAPE && hand.isPresent()) {
            hand = Optional.empty();
            model.trial().putBack();
            key.consume();
        } else if (key.getCode() == KeyCode.ESCAPE && lit != null) {
            point(null);
            key.consume();
        }
    }

    /** The parts one after another, as they are drawn. */
    private static List<Mark.Part> parts(Picture picture) {
        List<Mark.Part> parts = new ArrayList<>();
        for (Mark mark : picture.marks()) {
            boolean behind = mark instanceof Mark.Area area && area.role() == Mark.Role.BEHIND;
            if (mark instanceof Mark.Points points && !points.oneItem()) {
                for (int i = 0; i < points.places().size(); i++) {
                    parts.add(new Mark.Part(mark.part().series(), mark.part().item() + i));
                }
            } else if (!behind
                    && !(mark instanceof Mark.Words)
                    && mark.part().item() >= 0
                    && !parts.contains(mark.part())) {
                parts.add(mark.part());
            }
        }
        return parts;
    }
}
