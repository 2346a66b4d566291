package promedio.desktop.gallery;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.TextField;
import javafx.scene.input.ContextMenuEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.stage.PopupWindow;
import javafx.stage.Stage;
import javafx.stage.Window;
import promedio.desktop.demo.Demo;
import promedio.desktop.model.desk.Page;
import promedio.desktop.theme.Theme;
import promedio.desktop.window.MainWindow;
import promedio.desktop.window.Questions;

/** What stands over the window in windows of its own: questions, lists that open, menus, tips; on paper, on slate and large. */
final class Overlays {
    private final Stage stage;
    private final MainWindow window;
    private final List<Scenes.Shot> shots = new ArrayList<>();

    Overlays(Stage stage, MainWindow window) {
        this.stage = stage;
        this.window = window;
    }

    List<Scenes.Shot> all() {
        each("paper", Theme.PAPER, 100);
        each("slate", Theme.SLATE, 100);
        each("large", Theme.PAPER, 150);
        return shots;
    }

    private void each(String kind, Theme theme, int percent) {
        shots.add(new Scenes.Shot(
                kind + "-question-unsaved",
                () -> {
                    stage.setWidth(1280);
                    stage.setHeight(800);
                    window.setTheme(theme);
                    window.setTextSize(percent);
                    window.card().setOpen(false);
                    window.model().show(Demo.assignment(), null);
                    window.model().select("minutes");
                    window.model().looking().pageProperty().set(Page.MEASURES);
                    Questions.unsaved(stage, Demo.assignment().title()).alert().show();
                },
                Overlays::closeAll,
                true));
        over(kind + "-question-changed", () -> Questions.changedElsewhere(stage, "sheet 3.promedio")
                .alert()
                .show());
        over(kind + "-choices", () -> {
            window.card().setOpen(true);
            ComboBox<?> box = (ComboBox<?>) window.scene().lookup("#card-quartiles");
            Platform.runLater(box::show);
        });
        over(kind + "-menu", () -> {
            window.card().setOpen(false);
            TextField title = (TextField) window.scene().lookup("#title");
            title.requestFocus();
            Point2D at = title.localToScreen(40, 20);
            Event.fireEvent(
                    title,
                    new ContextMenuEvent(
                            ContextMenuEvent.CONTEXT_MENU_REQUESTED, 40, 20, at.getX(), at.getY(), false, null));
        });
        over(kind + "-tip", () -> tip(() -> window.scene().lookup("#bar-open")));
    }

    private void over(String name, Runnable show) {
        shots.add(new Scenes.Shot(name, show, Overlays::closeAll, true));
    }

    /** Shows the tip of a control as a pointer over it does. */
    private void tip(Supplier<Node> of) {
        if (of.get() instanceof Control control) {
            Event.fireEvent(
                    control,
                    new MouseEvent(
                            MouseEvent.MOUSE_ENTERED,
                            1,
                            1,
                            1,
                            1,
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
            Point2D at = control.localToScreen(10, control.getHeight() + 6);
            control.getTooltip().show(stage, at.getX(), at.getY());
        }
    }

    /** Puts away all that stands over the window. */
    static void closeAll() {
        for (Window one : List.copyOf(Window.getWindows())) {
            if (one instanceof PopupWindow || one instanceof Stage dialog && dialog.getOwner() != null) {
                one.hide();
            }
        }
    }
}
