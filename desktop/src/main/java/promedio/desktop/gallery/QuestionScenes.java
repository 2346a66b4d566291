package promedio.desktop.gallery;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Hyperlink;
import promedio.core.assignment.Assignment;
import promedio.core.sample.SampleKind;
import promedio.desktop.demo.DemoSheet;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Page;
import promedio.desktop.theme.Theme;
import promedio.desktop.window.MainWindow;

/** Questions as they are printed, pasted whole. */
final class QuestionScenes {
    private final MainWindow window;
    private final DeskModel model;
    private final List<Scenes.Shot> shots = new ArrayList<>();

    QuestionScenes(MainWindow window) {
        this.window = window;
        this.model = window.model();
    }

    List<Scenes.Shot> all() {
        shot("question", () -> paste(DemoSheet.ONE));
        shot("question-answered", () -> {
            model.margin().answer("mean", "14.0");
            model.margin().answer("median", "15");
        });
        shot("question-opened", () -> model.looking().opened().add("sd"));
        shot("question-all", () -> {
            model.looking().opened().clear();
            model.looking().unfolded().add("ALL");
        });
        shot("question-other-reading", () -> {
            model.looking().unfolded().clear();
            model.undo();
            model.undo();
        });
        shots.add(new Scenes.Shot(
                "question-corrected",
                () -> ((Hyperlink) window.scene().lookup("#asked-median")).fire(),
                Overlays::closeAll,
                true));
        shot("question-sheet", () -> paste(DemoSheet.SHEET));
        shot(
                "question-classes",
                () -> model.select(model.assignment().sheets().get(1).id()));
        shot("question-pairs", () -> select(SampleKind.PAIRS));
        shot("question-correction", () -> {
            select(SampleKind.CORRECTION);
            model.looking().opened().add("mean");
            model.margin().answer("mean", "39.5");
        });
        shot("question-groups", () -> {
            select(SampleKind.COMBINATION);
            model.looking().opened().add("combined-sd");
        });
        shot("givens", () -> model.looking().pageProperty().set(Page.ENTRIES));
        shot("givens-faults", () -> {
            String id = model.selectedProperty().get();
            model.givens().give(id, 0, "lamps; twenty; 40");
            model.givens().give(id, 2, "60; 37");
        });
        shot("givens-empty", () -> model.givens().begin(SampleKind.SCORES));
        shot("givens-missing", () -> {
            model.givens().begin(SampleKind.MISSING);
            String id = model.selectedProperty().get();
            model.givens().give(id, 0, "0-10, 10-20, 20-30, 30-40, 40-50");
            model.givens().give(id, 1, "5, f₁, 20, f₂, 7");
            model.givens().give(id, 2, "50");
            model.givens().give(id, 4, "26.2");
        });
        shot("missing-working", () -> {
            model.looking().pageProperty().set(Page.MEASURES);
            model.looking().opened().add("f2");
        });
        shot("missing-solutions", () -> {
            String id = model.selectedProperty().get();
            model.givens().give(id, 0, "4 7 x");
            model.givens().give(id, 1, "");
            model.givens().give(id, 2, "");
            model.givens().give(id, 4, "");
            model.givens().give(id, 8, "7");
            model.looking().pageProperty().set(Page.ENTRIES);
        });
        shot("missing-fault", () -> model.givens().give(model.selectedProperty().get(), 0, "4 7 9"));
        shot("givens-large-text", () -> {
            select(SampleKind.CORRECTION);
            model.looking().pageProperty().set(Page.ENTRIES);
            window.setTextSize(150);
        });
        shot("givens-end", () -> window.setTextSize(100));
        shot("question-no-data", () -> paste("Find the mean and the median of the marks below."));
        shot("question-slate", () -> {
            window.setTheme(Theme.SLATE);
            paste(DemoSheet.ONE);
        });
        shot("question-large-text", () -> {
            window.setTheme(Theme.PAPER);
            window.setTextSize(150);
        });
        shot("question-end", () -> window.setTextSize(100));
        return shots;
    }

    private void select(SampleKind kind) {
        model.assignment().sheets().stream()
                .filter(sheet -> sheet.kind() == kind)
                .findFirst()
                .ifPresent(sheet -> model.select(sheet.id()));
    }

    private void paste(String text) {
        model.show(Assignment.EMPTY, null);
        model.intake().type(text);
    }

    private void shot(String name, Runnable arrange) {
        shots.add(new Scenes.Shot(name, arrange, () -> {}, false));
    }
}
