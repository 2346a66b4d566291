package promedio.desktop.gallery;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import promedio.core.assignment.Assignment;
import promedio.core.course.CardKey;
import promedio.core.course.Divisor;
import promedio.desktop.demo.Demo;
import promedio.desktop.demo.DemoClass;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.tutor.Classwork;
import promedio.desktop.theme.Theme;
import promedio.desktop.window.MainWindow;

/** The hints way, and the pages for the tutor, in every state. */
final class TutorScenes {
    private final MainWindow window;
    private final DeskModel model;
    private final List<Scenes.Shot> shots = new ArrayList<>();

    TutorScenes(MainWindow window) {
        this.window = window;
        this.model = window.model();
    }

    List<Scenes.Shot> all() {
        shot("hints-none", () -> {
            model.show(Demo.assignment(), null);
            model.select("visitors");
            model.margin().coverFigures(true);
            model.margin().giveHints(true);
        });
        shot("hints-two", () -> {
            model.margin().takeHint("sd");
            model.margin().takeHint("sd");
            model.margin().takeHint("median");
        });
        shot("hints-all", () -> model.margin().takeHint("sd"));
        shot("tutor-empty", () -> {
            model.show(Assignment.EMPTY, null);
            model.classwork().pageProperty().set(Classwork.Side.ANSWERS);
            model.classwork().open();
        });
        shot("tutor-questions-none", () -> {
            model.show(Assignment.EMPTY, null);
            model.intake().type("12 15 15 18");
            model.classwork().open();
        });
        shot("tutor-questions", () -> {
            model.show(Demo.assignment(), null);
            model.classwork().setCard(true);
            model.classwork().pageProperty().set(Classwork.Side.QUESTIONS);
            model.classwork().open();
        });
        shot("tutor-start", () -> model.classwork().pageProperty().set(Classwork.Side.ANSWERS));
        shot("tutor-problem", () -> model.classwork().take(Path.of("no-such-answers.csv")));
        shot("tutor-marked", () -> model.classwork().take(answers()));
        shot("tutor-opened", () -> model.classwork()
                .chosenProperty()
                .set(new Classwork.Chosen(
                        "Carla", model.classwork().tasks().all().get(1).question())));
        shot("tutor-odd-files", () -> model.classwork().take(OddFiles.students()));
        shot("tutor-again", () -> model.classwork().take(answers()));
        shot("tutor-slate", () -> window.setTheme(Theme.SLATE));
        shot("tutor-large-text", () -> {
            window.setTheme(Theme.PAPER);
            window.setTextSize(150);
        });
        shot(
                "tutor-questions-large-text",
                () -> model.classwork().pageProperty().set(Classwork.Side.QUESTIONS));
        shot("card-set-changed", () -> {
            window.setTextSize(100);
            model.choose(CardKey.DIVISOR, Divisor.POPULATION);
            model.classwork().leave();
            window.card().setOpen(true);
        });
        return shots;
    }

    private static Path answers() {
        try {
            return DemoClass.write(Files.createTempDirectory("promedio"), Demo.assignment());
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private void shot(String name, Runnable arrange) {
        shots.add(new Scenes.Shot(name, arrange, () -> {}, false));
    }
}
