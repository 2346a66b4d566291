package promedio.desktop.gallery;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Hyperlink;
import promedio.core.assignment.Assignment;
import promedio.core.ownwork.CellPlace;
import promedio.core.ownwork.OwnMethod;
import promedio.desktop.demo.Demo;
import promedio.desktop.demo.DemoSheet;
import promedio.desktop.grid.CellsGrid;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.tutor.Classwork;
import promedio.desktop.theme.Theme;
import promedio.desktop.window.MainWindow;

/** My working: blank, worked with a mistake, with hints, brought from elsewhere. */
final class OwnScenes {
    private final MainWindow window;
    private final DeskModel model;
    private final List<Scenes.Shot> shots = new ArrayList<>();

    OwnScenes(MainWindow window) {
        this.window = window;
        this.model = window.model();
    }

    List<Scenes.Shot> all() {
        shot("own-none", () -> {
            model.show(Demo.assignment(), null);
            model.select("waiting");
            model.ownSetting().putAway();
            model.looking().pageProperty().set(Page.OWN);
        });
        shot("own-blank", () -> model.ownSetting().setOut(OwnMethod.STEP_DEVIATIONS));
        shot("own-working", () -> {
            model.undo();
            model.undo();
        });
        shot("own-marked", () -> goTo(3, 4));
        shot("own-total", () -> goTo(7, 5));
        shot("own-hints", () -> {
            model.margin().giveHints(true);
            model.ownWork().hint(new CellPlace(3, 4));
            goTo(3, 4);
        });
        shot("own-when-asked", () -> {
            model.margin().giveHints(false);
            model.margin().coverFigures(false);
            model.ownWork().markAtOnce(false);
        });
        shot("own-slate", () -> {
            model.ownWork().markAtOnce(true);
            window.setTheme(Theme.SLATE);
        });
        shot("own-large-text", () -> {
            window.setTheme(Theme.PAPER);
            window.setTextSize(150);
        });
        shot("own-taken", () -> {
            window.setTextSize(100);
            paste("2, 5, 7, 8, 11, 15");
            model.looking().pageProperty().set(Page.OWN);
            model.ownSetting()
                    .take(
                            "Minutes\tWith a very long heading of its own\t(x − x̄)²\n2\t-6\t36\n5\tthree\t6\n7\t-1\t1\n8\t0\t0\n11\t3\t9\n15\t7\t49\nΣ\t0\t101");
        });
        shot("own-long", () -> {
            StringBuilder many = new StringBuilder();
            for (int i = 0; i < 120; i++) {
                many.append(i * 7 % 101).append(' ');
            }
            paste(many.toString());
            model.looking().pageProperty().set(Page.OWN);
        });
        shot("own-long-blank", () -> model.ownSetting().setOut(OwnMethod.DEVIATIONS));
        shot("own-shown", () -> {
            goTo(1, 1);
            model.ownWork().fill(new CellPlace(1, 1));
        });
        shot("own-sheet", () -> paste(DemoSheet.SHEET));
        shot("own-pairs", () -> {
            model.assignment().sheets().stream()
                    .filter(sheet -> Page.has(sheet.kind(), Page.OWN)
                            && sheet.variables().isPresent())
                    .findFirst()
                    .ifPresent(sheet -> model.select(sheet.id()));
            model.looking().pageProperty().set(Page.OWN);
        });
        shot("own-pairs-blank", () -> model.ownSetting().setOut(OwnMethod.PRODUCTS));
        shot("workings-start", () -> {
            model.show(Demo.assignment(), null);
            model.classwork().open();
            model.classwork().pageProperty().set(Classwork.Side.WORKINGS);
        });
        shot("workings", () -> ((Hyperlink) window.scene().lookup("#tutor-workings-demo")).fire());
        shot("workings-slate", () -> window.setTheme(Theme.SLATE));
        shot("workings-end", () -> {
            window.setTheme(Theme.PAPER);
            model.close();
        });
        return shots;
    }

    private void goTo(int row, int column) {
        ((CellsGrid<?>) window.scene().lookup("#own-grid")).goTo(row, column);
    }

    private void paste(String text) {
        model.show(Assignment.EMPTY, null);
        model.intake().type(text);
    }

    private void shot(String name, Runnable arrange) {
        shots.add(new Scenes.Shot(name, arrange, () -> {}, false));
    }
}
