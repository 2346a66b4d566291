package promedio.desktop.gallery;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.TextField;
import promedio.desktop.demo.Demo;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Page;
import promedio.desktop.theme.Theme;
import promedio.desktop.window.MainWindow;

/** The jotter in every state: nothing asked, a line being written, lines asked, a line that makes no sense. */
final class JotterScenes {
    private final MainWindow window;
    private final DeskModel model;
    private final List<Scenes.Shot> shots = new ArrayList<>();

    JotterScenes(MainWindow window) {
        this.window = window;
        this.model = window.model();
    }

    List<Scenes.Shot> all() {
        shot("jotter-begin", () -> {
            model.show(Demo.assignment(), null);
            model.select("minutes");
            model.looking().pageProperty().set(Page.MEASURES);
        });
        shot("jotter-none", () -> window.jotter().focus());
        shot("jotter-looked", () -> write("sum of 'Minutes at the bench' / cou"));
        ask("jotter-price", "18.90 / 0.75");
        ask("jotter-tax", "it × 1.19");
        ask("jotter-mean", "mean of 'Minutes at the bench'");
        ask("jotter-list", "(12, 15, 21) × 1.5");
        ask("jotter-third", "(12 + 15 + 21 + 7) / 12");
        shot("jotter-wrong", () -> write("mean of 'Minutes at the bank'"));
        shot("jotter-slate", () -> {
            write("");
            window.setTheme(Theme.SLATE);
        });
        shot("jotter-large-text", () -> {
            window.setTheme(Theme.PAPER);
            window.setTextSize(150);
        });
        shot("jotter-folded", () -> {
            window.setTextSize(100);
            window.jotter().openProperty().set(false);
        });
        return shots;
    }

    private void write(String text) {
        TextField field = (TextField) window.scene().lookup("#jotter-field");
        field.requestFocus();
        field.setText(text);
        field.end();
    }

    private void ask(String name, String text) {
        shot(name, () -> {
            write("");
            window.jotter().focus();
            model.jotter().ask(text, kept -> {});
        });
    }

    private void shot(String name, Runnable set) {
        shots.add(new Scenes.Shot(name, set, () -> {}, false));
    }
}
