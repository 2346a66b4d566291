package promedio.desktop.gallery;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.TextField;
import javafx.stage.PopupWindow;
import javafx.stage.Window;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Link;
import promedio.desktop.demo.DemoLog;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.desk.TablePage;
import promedio.desktop.theme.Theme;
import promedio.desktop.window.MainWindow;

/** A data table in every state. */
final class TableScenes {
    private static final int OUTCOME = 7;
    private static final int MINUTES = 4;

    private final MainWindow window;
    private final DeskModel model;
    private final List<Scenes.Shot> shots = new ArrayList<>();

    TableScenes(MainWindow window) {
        this.window = window;
        this.model = window.model();
    }

    List<Scenes.Shot> all() {
        shot("table-reading", this::read);
        shot("table-missing-said", () -> model.intake().page().say(said -> said.withMissing("Minutes (min)=n/a")));
        shot("table-taken", model.intake()::takePage);
        shot("table-rows", () -> model.select("t1"));
        shot("table-rows-chosen", () -> {
            window.scene().lookup("#rows-grid").requestFocus();
            model.amending().set(56, MINUTES, "40");
            model.amending().set(2, 2, "floor lamp");
            model.amending().leaveOut(List.of(140), true);
            ((TextField) window.scene().lookup("#table-row")).setText("57");
            ((TextField) window.scene().lookup("#table-row")).fireEvent(new javafx.event.ActionEvent());
        });
        shot("table-along", () -> model.tables().ticked().along("mean"));
        popup("table-column-menu", "#column-" + MINUTES);
        shot("table-columns", () -> {
            model.tables().ticked().along("");
            model.amending().name(MINUTES, "Minutes (min)", "min", "from the first look to the end");
            model.looking().tablePageProperty().set(TablePage.COLUMNS);
        });
        page("table-counts", TablePage.COUNTS);
        shot("table-linked-sample", () -> {
            model.taking().take(MINUTES, new Link.Where(OUTCOME, "mended"));
            model.select("s4");
            model.looking().pageProperty().set(Page.ENTRIES);
        });
        shot("table-slate", () -> {
            window.setTheme(Theme.SLATE);
            model.select("t1");
            model.looking().tablePageProperty().set(TablePage.ROWS);
        });
        page("table-columns-slate", TablePage.COLUMNS);
        shot("table-large-text", () -> {
            window.setTheme(Theme.PAPER);
            window.setTextSize(150);
            model.looking().tablePageProperty().set(TablePage.ROWS);
        });
        page("table-columns-large-text", TablePage.COLUMNS);
        shot("table-pasted", () -> {
            window.setTextSize(100);
            model.show(Assignment.EMPTY, null);
            model.intake().type("Item\tMinutes\tSaved\nlamp\t12\t1.25\nradio\t17\t0.5\nlamp\t20\t2\nclock\t41\t0.25\n");
        });
        shot("table-wide-reading", () -> {
            window.setTextSize(100);
            wide();
        });
        shot("table-wide-taken", model.intake()::takePage);
        shot("table-wide", () -> model.select("t1"));
        page("table-wide-columns", TablePage.COLUMNS);
        return shots;
    }

    private void shot(String name, Runnable set) {
        shots.add(new Scenes.Shot(name, set, () -> {}, false));
    }

    private void page(String name, TablePage page) {
        shot(name, () -> model.looking().tablePageProperty().set(page));
    }

    /** Presses something and shows the menu that comes. */
    private void popup(String name, String id) {
        shots.add(new Scenes.Shot(
                name,
                () -> {
                    if (window.scene().lookup(id) instanceof Button button) {
                        button.fire();
                    } else if (window.scene().lookup(id) instanceof Hyperlink link) {
                        link.fire();
                    }
                },
                () -> List.copyOf(Window.getWindows()).stream()
                        .filter(PopupWindow.class::isInstance)
                        .forEach(Window::hide),
                true));
    }

    void read() {
        open("repair-cafe-log.csv", DemoLog.text());
    }

    private void wide() {
        StringBuilder text = new StringBuilder();
        for (int row = 0; row < 40; row++) {
            for (int column = 0; column < 90; column++) {
                String head = "A very long heading of column " + column + " that somebody thought of (kg)";
                text.append(row == 0 ? head : Integer.toString(row * column)).append(column < 89 ? ',' : '\n');
            }
        }
        open("wide.csv", text.toString());
    }

    private void open(String name, String text) {
        try {
            Path folder = Files.createTempDirectory("promedio");
            Path file = Files.writeString(folder.resolve(name), text);
            model.show(Assignment.EMPTY, null);
            model.intake().file(file);
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }
}
