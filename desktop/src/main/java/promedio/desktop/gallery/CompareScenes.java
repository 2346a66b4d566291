package promedio.desktop.gallery;

import java.util.ArrayList;
import java.util.List;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Link;
import promedio.core.assignment.SampleSheet;
import promedio.core.data.Entries;
import promedio.core.picture.PictureKind;
import promedio.desktop.demo.Demo;
import promedio.desktop.model.DeskModel;
import promedio.desktop.theme.Theme;
import promedio.desktop.window.MainWindow;

/** The page Compare in every state. */
final class CompareScenes {
    private static final int MINUTES = 4;
    private static final int BENCH = 6;

    private final MainWindow window;
    private final DeskModel model;
    private final List<Scenes.Shot> shots = new ArrayList<>();

    CompareScenes(MainWindow window) {
        this.window = window;
        this.model = window.model();
    }

    List<Scenes.Shot> all() {
        shot("compare-read", () -> new TableScenes(window).read());
        shot("compare-taken", () -> {
            model.intake().page().say(said -> said.withMissing("Minutes (min)=n/a"));
            model.intake().takePage();
        });
        shot("compare-benches-taken", () -> {
            for (String bench : List.of("1", "2", "3")) {
                model.select("t1");
                model.taking().take(MINUTES, new Link.Where(BENCH, bench));
            }
        });
        shot("compare-boxes", () -> {
            List<String> ids = model.assignment().sheets().stream()
                    .map(sheet -> sheet.id())
                    .toList();
            model.comparing().compare(ids.get(ids.size() - 3), ids.get(ids.size() - 2));
            model.comparing().toggle(ids.get(ids.size() - 1));
        });
        kind("compare-dots", PictureKind.DOTS);
        kind("compare-histogram", PictureKind.HISTOGRAM);
        shot("compare-laid-over", () -> model.comparing().stack(false));
        shot("compare-two-units", () -> {
            model.show(Demo.assignment(), null);
            model.comparing().choose(PictureKind.BOXES);
            model.comparing().compare("minutes", "kilograms");
        });
        shot("compare-what-if", () -> {
            model.comparing().compare("minutes", "waiting");
            model.comparing().toggle("waiting");
            model.comparing().toggle("ages");
            model.comparing().tryOut("minutes", "75 120", "");
        });
        shot("compare-what-if-problem", () -> model.comparing().tryOut("minutes", "76", ""));
        shot("compare-scale-lengths", () -> {
            model.comparing().throwAway();
            model.comparing().compare("minutes", "kilograms");
            model.comparing().putOnScale(true);
        });
        shot("compare-scale", () -> {
            model.show(scored(), null);
            model.comparing().choose(PictureKind.BOXES);
            model.comparing().compare("a", "b");
            model.comparing().putOnScale(true);
        });
        shot("compare-scale-low", () -> model.comparing().lowIsGood("b", true));
        shot("compare-scale-list", () -> {
            model.show(Demo.assignment(), null);
            model.comparing().compare("minutes", "waiting");
            model.comparing().toggle("ages");
            model.comparing().putOnScale(true);
        });
        shot("compare-class-table", () -> {
            model.comparing().putOnScale(false);
            model.comparing().compare("minutes", "waiting");
        });
        shot("compare-one", () -> model.comparing().toggle("waiting"));
        shot("compare-covered", () -> {
            model.comparing().compare("minutes", "kilograms");
            model.margin().coverFigures(true);
        });
        shot("compare-slate", () -> {
            model.margin().coverFigures(false);
            window.setTheme(Theme.SLATE);
        });
        shot("compare-large-text", () -> {
            window.setTheme(Theme.PAPER);
            window.setTextSize(150);
        });
        shot("compare-closed", () -> {
            window.setTextSize(100);
            model.comparing().leave();
        });
        return shots;
    }

    /** Points and minutes of ten, in one row each. */
    private static Assignment scored() {
        return Assignment.of(
                "",
                SampleSheet.list("a", "Points", "", Entries.of("62 71 48 90 55 77 83 66 59 71".split(" "))),
                SampleSheet.list("b", "Time for it", "min", Entries.of("41 38 55 30 47 36 33 44 52 39".split(" "))));
    }

    private void kind(String name, PictureKind kind) {
        shot(name, () -> model.comparing().choose(kind));
    }

    private void shot(String name, Runnable set) {
        shots.add(new Scenes.Shot(name, set, () -> {}, false));
    }
}
