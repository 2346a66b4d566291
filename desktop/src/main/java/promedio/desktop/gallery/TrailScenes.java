package promedio.desktop.gallery;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.stage.Window;
import promedio.core.assignment.Assignment;
import promedio.core.trail.GroupSentence;
import promedio.core.trail.Step;
import promedio.desktop.demo.DemoLog;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.desk.TablePage;
import promedio.desktop.model.picture.OfColumns;
import promedio.desktop.theme.Theme;
import promedio.desktop.window.MainWindow;

/** The steps of a table in every state: the demo's log prepared to minutes by kind and bench. */
final class TrailScenes {
    private final MainWindow window;
    private final DeskModel model;
    private final List<Scenes.Shot> shots = new ArrayList<>();
    private Path folder;

    TrailScenes(MainWindow window) {
        this.window = window;
        this.model = window.model();
    }

    List<Scenes.Shot> all() {
        shot("trail-read", () -> new TableScenes(window).read());
        shot("trail-taken", model.intake()::takePage);
        shot("trail-chosen", () -> model.select("t1"));
        shot("trail-none", () -> model.looking().tablePageProperty().set(TablePage.ROWS));
        shot("trail-completed", () -> write("replace in 'Minutes (min)': \"n/a\" with missing, 12 w"));
        shot("trail-words", () -> ((Hyperlink) window.scene().lookup("#step-lexicon")).fire());
        shot("trail-words-closed", () -> ((Button) window.scene().lookup("#lexicon-close")).fire());
        step("trail-replaced", "replace in 'Minutes (min)': \"n/a\" with missing");
        step("trail-renamed", "rename 'Minutes (min)' to Minutes");
        step("trail-kept", "keep rows where Minutes is not missing and Minutes < 300");
        shot("trail-lost", () -> ((Hyperlink) window.scene().lookup("#prepared-lost")).fire());
        shot("trail-lost-hidden", () -> ((Hyperlink) window.scene().lookup("#prepared-lost")).fire());
        tools();
        step(
                "trail-bands",
                "sort into bands Minutes as Length: under 15 \"short\", 15 to under 45 \"usual\", 45 and over \"long\"");
        shot("trail-typed", () -> write("work out Share = Minutes / sum of Minutes within Item"));
        shot("trail-wrong", () -> write("work out Share = Minuets / 3"));
        step("trail-share", "work out Share = Minutes / sum of Minutes within Length");
        groups();
        step("trail-groups", "one row per Length, Bench: n, sum of Minutes, mean of Minutes as Mean");
        shot("trail-looked-back", () -> model.trail().look(3));
        shot("trail-contrast", () -> model.contrast().withOriginal());
        shot("trail-contrast-closed", () -> model.contrast().close());
        shot("trail-note", () -> model.trail().note(2, "longer than five hours is a lamp left on over night"));
        shot("trail-off", () -> model.trail().turn(1, true));
        shot("trail-slate", () -> {
            model.trail().turn(1, false);
            model.trail().look(4);
            window.setTheme(Theme.SLATE);
        });
        shot("trail-large-text", () -> {
            window.setTheme(Theme.PAPER);
            window.setTextSize(150);
        });
        shot("trail-left", () -> window.setTextSize(100));
        again();
        return shots;
    }

    /** The log prepared to minutes by kind and bench, the steps saved, and run on the files of another season. */
    private void again() {
        shot("again-read", () -> {
            model.show(Assignment.EMPTY, null);
            model.intake().file(logs().get(0));
        });
        shot("again-taken", model.intake()::takePage);
        shot("again-table", () -> model.select("t1"));
        shot("again-prepared", () -> DemoLog.STEPS.forEach(model.trail()::add));
        shot("again-saved", () -> model.trailFiling().save(logs().get(0).resolveSibling("minutes by kind.trail")));
        shot("again-run", () -> model.trailFiling().runOn(logs().get(1)));
        shot("again-unfit", () -> model.trailFiling().runOn(otherwise(logs().get(1))));
        shot("again-left", () -> model.select("t1"));
        shot("join-not-handed", () -> model.trail().append(List.of("join with 'floors.csv' by Bench")));
        shot("join-handed", () -> model.trail()
                .joins()
                .handOver(Step.Join.read("join with 'floors.csv' by Bench").orElseThrow(), floors()));
        shot("join-left", () -> {
            model.undo();
            model.undo();
        });
        shot("values-offered", () -> write("keep rows where Kind = "));
    }

    private List<Path> logs() {
        try {
            if (folder == null) {
                folder = Files.createTempDirectory("promedio");
            }
            return DemoLog.write(folder);
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    /** A table beside the log. */
    private static Path floors() {
        try {
            return Files.writeString(
                    Files.createTempDirectory("promedio").resolve("floors.csv"),
                    "Bench,Floor\nwindow,ground\nstairs,ground\nback,first\n");
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    /** The same file from somebody who calls a column otherwise. */
    private static Path otherwise(Path log) {
        try {
            return Files.writeString(
                    log.resolveSibling("repair-cafe-log-next-town.csv"),
                    Files.readString(log).replace(";Bench;", ";Table;"));
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    private void tools() {
        shots.add(new Scenes.Shot("trail-menu", () -> head("Minutes"), () -> {}, true));
        shot("bands", () -> choose("tool-bands"));
        shot("bands-labelled", () -> {
            List<String> labels = List.of("short", "usual", "long");
            for (int i = 0; i < labels.size(); i++) {
                ((TextField) window.scene().lookup("#bands-label-" + i)).setText(labels.get(i));
            }
        });
        shot("bands-large-text", () -> window.setTextSize(150));
        shot("bands-again", () -> window.setTextSize(100));
        shot("bands-closed", () -> ((Hyperlink) window.scene().lookup("#tools-close")).fire());
        shot("values-menu", () -> head("Outcome"));
        shot("values", () -> choose("tool-replace"));
        shot("values-slate", () -> {
            ((TextField) window.scene().lookup("#values-field-1")).setText("missing");
            window.setTheme(Theme.SLATE);
        });
        shot("values-closed", () -> {
            window.setTheme(Theme.PAPER);
            ((Hyperlink) window.scene().lookup("#tools-close")).fire();
        });
    }

    /** Presses the head of a column. */
    private void head(String column) {
        window.scene().getRoot().lookupAll(".prepared-head").stream()
                .map(Button.class::cast)
                .filter(button -> button.getText().equals(column))
                .findFirst()
                .ifPresent(Button::fire);
    }

    /** Chooses in the menu that is open. */
    private static void choose(String id) {
        List.copyOf(Window.getWindows()).stream()
                .filter(ContextMenu.class::isInstance)
                .map(ContextMenu.class::cast)
                .forEach(menu -> {
                    menu.getItems().stream()
                            .filter(item -> id.equals(item.getId()))
                            .findFirst()
                            .ifPresent(MenuItem::fire);
                    menu.hide();
                });
    }

    private void groups() {
        shot("groups", () -> model.looking().tablePageProperty().set(TablePage.GROUPS));
        shot("groups-measured", () -> {
            model.breakdowns().shownProperty().get().asked().parts().forEach(model.breakdowns()::without);
            for (String word : List.of("mean", "sd", "median")) {
                model.breakdowns().measure(new GroupSentence.Measure(word, "Minutes", Optional.of(word)));
            }
        });
        shot("groups-two", () -> model.breakdowns().by("Bench"));
        shot("groups-ordered", () -> model.breakdowns().order("mean of Minutes"));
        shot("groups-slate", () -> window.setTheme(Theme.SLATE));
        shot("groups-large-text", () -> {
            window.setTheme(Theme.PAPER);
            window.setTextSize(150);
        });
        shot("groups-in-one", () -> {
            window.setTextSize(100);
            List.copyOf(model.breakdowns().shownProperty().get().asked().by()).forEach(model.breakdowns()::notBy);
        });
        shot("trail-columns", () -> model.looking().tablePageProperty().set(TablePage.COLUMNS));
        shot("trail-counts", () -> model.looking().tablePageProperty().set(TablePage.COUNTS));
        shots.add(new Scenes.Shot(
                "trail-counts-steps",
                () -> ((Hyperlink) window.scene().lookup(".counts-value")).fire(),
                () -> List.copyOf(Window.getWindows()).stream()
                        .filter(ContextMenu.class::isInstance)
                        .forEach(Window::hide),
                true));
        shot("trail-picture", () -> {
            model.looking().tablePageProperty().set(TablePage.PICTURES);
            model.drawings().choose(new OfColumns(4, -1, 8));
        });
        shot("groups-left", () -> {
            model.looking().tablePageProperty().set(TablePage.ROWS);
            model.followers().takeEach("Minutes", "Length");
        });
        shot("trail-following", () -> {
            model.select(model.assignment()
                    .sheets()
                    .get(model.assignment().sheets().size() - 1)
                    .id());
            model.looking().pageProperty().set(Page.ENTRIES);
        });
        shot("trail-again", () -> model.select("t1"));
    }

    private void write(String text) {
        TextField field = (TextField) window.scene().lookup("#step-field");
        field.requestFocus();
        field.setText(text);
        field.end();
    }

    private void step(String name, String text) {
        shot(name, () -> {
            write("");
            model.trail().add(text);
        });
    }

    private void shot(String name, Runnable set) {
        shots.add(new Scenes.Shot(name, set, () -> {}, false));
    }
}
