package promedio.desktop.gallery;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.event.ActionEvent;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.TextField;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Setting;
import promedio.desktop.demo.Demo;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.desk.TablePage;
import promedio.desktop.model.picture.OfColumns;
import promedio.desktop.theme.Theme;
import promedio.desktop.window.MainWindow;

/** The page Picture in every state. */
final class PictureScenes {
    private static final int KIND = 2;
    private static final int BENCH = 6;
    private static final int MINUTES = 4;
    private static final int AGE = 3;

    private final MainWindow window;
    private final DeskModel model;
    private final List<Scenes.Shot> shots = new ArrayList<>();

    PictureScenes(MainWindow window) {
        this.window = window;
        this.model = window.model();
    }

    List<Scenes.Shot> all() {
        shot("picture-histogram", () -> {
            window.card().setOpen(false);
            sample("minutes", PictureKind.HISTOGRAM);
        });
        pointed("picture-bar-pointed", 0.15, 0.7);
        kind("picture-boxes", PictureKind.BOXES);
        pointed("picture-box-pointed", 0.18, 0.5);
        kind("picture-dots", PictureKind.DOTS);
        kind("picture-stems", PictureKind.STEMS);
        kind("picture-polygon", PictureKind.POLYGON);
        kind("picture-ogive-first", PictureKind.OGIVE);
        shot("picture-ogive", () -> model.drawings().say(Setting.DIRECTION, "both"));
        kind("picture-curve", PictureKind.CURVE);
        kind("picture-plain", PictureKind.HISTOGRAM);
        shot("picture-said", () -> {
            model.drawings().say(Setting.TITLE, "How long a repair takes");
            model.drawings().say(Setting.CAPTION, "Repair café, one spring; 24 repairs, 2 without a time.");
            model.drawings().say(Setting.BANDS, "short to 20; usual to 60; long");
            model.drawings().say(Setting.TO, "150");
        });
        shot("picture-writing", () -> ((Hyperlink) window.scene().lookup("#picture-bands")).fire());
        shot("picture-problem", () -> {
            TextField field = (TextField) window.scene().lookup("#picture-field");
            field.setText("short; usual to 60");
            field.fireEvent(new ActionEvent());
        });
        shot("picture-class-table", () -> sample("waiting", PictureKind.HISTOGRAM));
        shot("picture-frequency-table", () -> sample("visitors", PictureKind.DOTS));
        shot("picture-covered", () -> {
            sample("minutes", PictureKind.BOXES);
            model.margin().coverFigures(true);
        });
        shot("picture-empty", () -> {
            sample("minutes", PictureKind.HISTOGRAM);
            model.intake().type("");
            model.startSample();
            model.intake().type("n/a");
            model.looking().pageProperty().set(Page.PICTURE);
        });
        shot("picture-words", () -> {
            model.startSample();
            model.intake().type("lamp\nradio\nlamp\nbicycle\nlamp\nradio\ntoaster\n");
            model.looking().pageProperty().set(Page.PICTURE);
        });
        shot("picture-slate", () -> {
            window.setTheme(Theme.SLATE);
            sample("minutes", PictureKind.CURVE);
        });
        shot("picture-large-text", () -> {
            window.setTheme(Theme.PAPER);
            window.setTextSize(150);
            sample("minutes", PictureKind.HISTOGRAM);
        });
        shot("picture-table-read", () -> {
            window.setTextSize(100);
            new TableScenes(window).read();
        });
        shot("picture-table-taken", () -> {
            model.intake().page().say(said -> said.withMissing("Minutes (min)=n/a"));
            model.intake().takePage();
        });
        shot("picture-table-groups", () -> {
            model.select("t1");
            model.looking().tablePageProperty().set(TablePage.PICTURES);
            model.drawings().choose(new OfColumns(MINUTES, -1, BENCH));
        });
        shot("picture-table-laid-over", () -> model.drawings().choose(PictureKind.HISTOGRAM));
        shot("picture-table-points", () -> model.drawings().choose(new OfColumns(MINUTES, AGE, BENCH)));
        shot("picture-table-scatter", () -> {
            model.drawings().say(Setting.LINE, "yes");
            model.drawings().say(Setting.SMOOTH, "yes");
        });
        shot("picture-table-bars", () -> model.drawings().choose(new OfColumns(KIND, -1, BENCH)));
        return shots;
    }

    private void sample(String id, PictureKind kind) {
        model.show(Demo.assignment(), null);
        model.select(id);
        model.looking().pageProperty().set(Page.PICTURE);
        model.drawings().choose(kind);
    }

    private void kind(String name, PictureKind kind) {
        shot(name, () -> model.drawings().choose(kind));
    }

    /** With the pointer at a place of the picture, in shares of its width and height. */
    private void pointed(String name, double across, double down) {
        shot(name, () -> Optional.ofNullable(window.scene().lookup("#picture"))
                .ifPresent(picture -> move(picture, across, down)));
    }

    private static void move(Node picture, double across, double down) {
        Point2D at = picture.localToScene(
                picture.getLayoutBounds().getWidth() * across,
                picture.getLayoutBounds().getHeight() * down);
        double x = at.getX();
        double y = at.getY();
        picture.fireEvent(new MouseEvent(
                MouseEvent.MOUSE_MOVED,
                x,
                y,
                x,
                y,
                MouseButton.NONE,
                0,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                null));
    }

    private void shot(String name, Runnable set) {
        shots.add(new Scenes.Shot(name, set, () -> {}, false));
    }
}
