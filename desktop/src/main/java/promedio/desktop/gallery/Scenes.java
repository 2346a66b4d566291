package promedio.desktop.gallery;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import javafx.scene.control.Hyperlink;
import javafx.stage.PopupWindow;
import javafx.stage.Stage;
import javafx.stage.Window;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.History;
import promedio.core.assignment.SheetEdit;
import promedio.core.course.CardKey;
import promedio.core.course.Divisor;
import promedio.core.course.OpenEnds;
import promedio.desktop.demo.Demo;
import promedio.desktop.demo.DemoLog;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.reading.LeftBehind;
import promedio.desktop.theme.Theme;
import promedio.desktop.window.MainWindow;
import promedio.files.InputProblem;
import promedio.files.assignment.AssignmentFile;
import promedio.files.assignment.Journal;
import promedio.files.table.Delimiter;

/** Every view in every state: what the gallery shows. */
final class Scenes {
    /**
     * One picture.
     *
     * @param name its name
     * @param set how to bring the window there from the picture before
     * @param after what is to be put away once it is taken
     * @param screen whether it is of the screen, with all that stands over the window, and not of the window alone
     */
    record Shot(String name, Runnable set, Runnable after, boolean screen) {}

    private final Stage stage;
    private final MainWindow window;
    private final DeskModel model;
    private final List<Shot> shots = new ArrayList<>();

    Scenes(Stage stage, MainWindow window) {
        this.stage = stage;
        this.window = window;
        this.model = window.model();
    }

    List<Shot> all() {
        // First of all the window as it came up, before anything else was laid on the desk.
        shot("as-started", () -> {});
        start();
        measures();
        working();
        entries();
        classes();
        pastes();
        files();
        shots.addAll(new TableScenes(window).all());
        shots.addAll(new QuestionScenes(window).all());
        shots.addAll(new TutorScenes(window).all());
        shots.addAll(new PictureScenes(window).all());
        shots.addAll(new CompareScenes(window).all());
        shots.addAll(new TrailScenes(window).all());
        shots.addAll(new JotterScenes(window).all());
        shots.addAll(new PairScenes(window).all());
        shots.addAll(new OwnScenes(window).all());
        notices();
        states();
        slateAndSize();
        shots.addAll(new Overlays(stage, window).all());
        return shots;
    }

    private void shot(String name, Runnable set) {
        shots.add(new Shot(name, set, () -> {}, false));
    }

    private void demo(String sheet, Page page) {
        model.show(Demo.assignment(), null);
        model.select(sheet);
        model.looking().pageProperty().set(page);
    }

    /** Clicks a link by its words. */
    private void press(String words) {
        window.scene().getRoot().lookupAll(".hyperlink").stream()
                .map(Hyperlink.class::cast)
                .filter(link -> link.getText().equals(words))
                .findFirst()
                .ifPresent(Hyperlink::fire);
    }

    private int lastEntry(String typed) {
        return model.sheet().orElseThrow().values().texts().lastIndexOf(typed);
    }

    private void start() {
        shot("start", () -> {
            model.show(Assignment.EMPTY, null);
            window.focusTyping();
        });
        shot(
                "start-bring-back",
                () -> window.offer(new LeftBehind(
                        List.of(
                                new Journal.Kept(
                                        Path.of("none.journal"), new History(Demo.assignment()), Optional.empty(), 12),
                                new Journal.Kept(
                                        Path.of("odd.journal"),
                                        new History(new Edit.Retitle("Sheet 4").apply(Assignment.EMPTY)),
                                        Optional.empty(),
                                        1,
                                        Optional.of(2),
                                        List.of())),
                        496,
                        1,
                        2,
                        Path.of("/home/ada/.local/share/promedio/journals"),
                        null)));
        shot("first-sample", () -> {
            window.offer(LeftBehind.of(List.of()));
            model.intake().type("12 15 15 18");
        });
    }

    private void measures() {
        shot("measures", () -> demo("minutes", Page.MEASURES));
        shot("line-value-in-hand", () -> model.trial()
                .take(new SheetEdit.SetEntry("minutes", 0, lastEntry("120"), "60")));
        shot("line-what-if", () -> {
            demo("minutes", Page.MEASURES);
            model.trial().add(new SheetEdit.InsertRows("minutes", 26, List.of(List.of("100"))));
        });
        shot("line-broken-axis", () -> {
            demo("minutes", Page.MEASURES);
            model.make(new SheetEdit.SetEntry("minutes", 0, lastEntry("120"), "1200"));
            model.looking().pointedProperty().set("median");
        });
        shot("line-table-in-hand", () -> {
            demo("visitors", Page.MEASURES);
            model.trial().take(new SheetEdit.MoveUnit("visitors", 0, "16"));
        });
        shot("attempt-first", () -> {
            demo("minutes", Page.MEASURES);
            model.margin().coverFigures(true);
            model.margin().liftCover("range");
            model.margin().answer("iqr", "17");
            model.margin().answer("iqr", "16.5");
            model.looking().toggle("variance");
        });
        shot("measures-frequency-table", () -> demo("visitors", Page.MEASURES));
        shot("measures-all-centre", () -> {
            demo("kilograms", Page.MEASURES);
            model.looking().unfolded().add("CENTRE");
            model.looking().unfolded().add("POSITION");
        });
        shot("measures-all-shape", () -> {
            model.looking().unfolded().clear();
            model.looking().unfolded().add("SPREAD");
            model.looking().unfolded().add("SHAPE");
        });
        shot("card", () -> {
            demo("minutes", Page.MEASURES);
            window.card().setOpen(true);
        });
    }

    private void working() {
        shot("keys", () -> {
            window.card().setOpen(false);
            window.keys().setOpen(true);
        });
        shot("keys-large", () -> window.setTextSize(150));
        shot("working-sd", () -> {
            window.setTextSize(100);
            window.keys().setOpen(false);
            model.looking().toggle("sd");
        });
        shot("working-sd-short-cut", () -> model.looking().methods().put("sd", "short-cut"));
        shot("working-sd-rounded", () -> {
            model.looking().methods().put("sd", "definition");
            model.choose(CardKey.WORKING, Optional.of(2));
        });
        shot("working-median-mode", () -> {
            model.undo();
            model.looking().toggle("sd");
            model.looking().toggle("median");
            model.looking().toggle("mode");
        });
        shot("working-quartiles", () -> {
            model.looking().opened().clear();
            model.looking().toggle("quartile-1");
            model.looking().toggle("skewness-pearson-median");
        });
        shot("quartile-comparison", () -> {
            model.looking().opened().clear();
            model.looking().toggle("quartile-3");
        });
        shot("quartile-comparison-open", () -> press("compare all rules"));
        shot("asked", () -> {
            demo("kilograms", Page.MEASURES);
            model.looking().unfolded().add("POSITION");
            model.ask("percentile-37");
            model.ask("quantile/0.625");
            model.ask("z-score=4.5");
            model.ask("percentile-rank=2");
        });
        shot("certainty", () -> {
            demo("kilograms", Page.MEASURES);
            model.looking().unfolded().add("SPREAD");
            model.ask("interval-lower=0.95");
            model.ask("interval-upper=0.95");
            model.ask("t=4");
            model.ask("p=4");
            model.looking().toggle("interval-upper=0.95");
        });
        shot("working-mistake", () -> {
            demo("visitors", Page.MEASURES);
            model.looking().toggle("sd");
        });
        shot("working-mistake-classes", () -> {
            demo("waiting", Page.MEASURES);
            model.looking().toggle("median");
        });
        shot("working-frequency-table", () -> {
            demo("visitors", Page.MEASURES);
            model.looking().toggle("variance");
        });
        shot("population-letters", () -> {
            demo("minutes", Page.MEASURES);
            model.choose(CardKey.DIVISOR, Divisor.POPULATION);
            model.looking().toggle("variance");
        });
    }

    private void entries() {
        shot("entries", () -> demo("minutes", Page.ENTRIES));
        shot("entries-words-and-blanks", () -> model.select("ages"));
        shot("entries-frequency-table", () -> model.select("visitors"));
    }

    private void classes() {
        shot("classes-table", () -> demo("waiting", Page.CLASSES));
        shot("classes-open-end", () -> model.choose(CardKey.OPEN_ENDS, OpenEnds.UNDEFINED));
        shot("classes-measures", () -> {
            demo("waiting", Page.MEASURES);
            model.looking().toggle("median");
            model.looking().toggle("mode");
        });
        shot("classes-entries", () -> model.looking().pageProperty().set(Page.ENTRIES));
        shot("classes-tabulated", () -> demo("minutes", Page.CLASSES));
        shot("classes-tabulated-frequencies", () -> demo("visitors", Page.CLASSES));
        shot("classes-gaps", () -> {
            model.show(Assignment.EMPTY, null);
            model.intake().type("10-19: 4; 20-29: 9; 30-39: 12; 40-49: 5; 50-59: 2");
        });
        shot("classes-faults", () -> {
            model.show(Assignment.EMPTY, null);
            model.intake().type("0-10 4\n10-20 9\n15-30 12\n30-40 5 students\nforty 3\nTotal 33");
        });
        shot("classes-less-than", () -> {
            model.show(Assignment.EMPTY, null);
            model.intake().type("less than 10 4\nless than 20 13\nless than 30 25\nless than 40 30");
        });
    }

    private void pastes() {
        shot("paste-lying", () -> {
            model.show(Assignment.EMPTY, null);
            model.intake().type("Minutes waited: 0-10 10-20 20-30 30-40 40-50 Total\nNo. of visitors: 5 8 12 6 4 35");
        });
        shot("paste-other-readings", () -> {
            model.show(Assignment.EMPTY, null);
            model.intake().type("0 5\n1 8\n2 12\n3 4");
        });
        shot("paste-groups", () -> {
            model.show(Assignment.EMPTY, null);
            model.intake().type("Bench 1: 12, 15, 18, 22\nBench 2: 14, 16, 20 min");
        });
        shot("paste-open-frequency", () -> {
            model.show(Assignment.EMPTY, null);
            model.intake().type("Class\tf\n0-10\t5\n10-20\tp\n20-30\t12");
        });
        shot("paste-totals", () -> {
            model.show(Assignment.EMPTY, null);
            model.intake().type("n = 5, Σx = 40, Σx² = 350");
        });
    }

    /** Writes a file into a folder of its own and opens it. */
    private void file(String name, String text) {
        try {
            Path folder = Files.createTempDirectory("promedio");
            Path file = Files.writeString(folder.resolve(name), text);
            model.show(Assignment.EMPTY, null);
            model.intake().file(file);
        } catch (IOException full) {
            throw new java.io.UncheckedIOException(full);
        }
    }

    private void files() {
        shot("file-log", () -> file("repair-cafe-log.csv", DemoLog.text()));
        shots.add(new Shot(
                "file-choice",
                () -> ((Hyperlink) window.scene().lookup("#reading-delimiter")).fire(),
                () -> List.copyOf(Window.getWindows()).stream()
                        .filter(PopupWindow.class::isInstance)
                        .forEach(Window::hide),
                true));
        shot("file-log-mended", () -> {
            model.intake().page().say(said -> said.withMissing("Minutes (min)=n/a"));
            model.intake().page().leaveOut(140, true);
        });
        shot("file-log-taken", model.intake()::takePage);
        shot("file-wrong", () -> {
            file("two.csv", "a,b,c\n1,2,3\n4,5,6\n7,8,9,10\n");
        });
        shot("file-many-columns", () -> {
            StringBuilder text = new StringBuilder();
            for (int row = 0; row < 40; row++) {
                for (int column = 0; column < 90; column++) {
                    String head = "A very long heading of column " + column + " that somebody thought of (kg)";
                    text.append(row == 0 ? head : Integer.toString(row * column))
                            .append(column < 89 ? ',' : '\n');
                }
            }
            file("wide.csv", text.toString());
        });
        shot(
                "file-two-readings",
                () -> file(
                        "towns.csv",
                        "town;people;day\nUpper Bramble;1,234;4/5/2031\nLower Bramble;12,345;6/7/2031\nNettle Hill;2,500;1/2/2031\n"));
        shot("file-cannot-be-read-so", () -> model.intake()
                .page()
                .say(said -> said.withDelimiter(Delimiter.find("comma")).withSkip(OptionalInt.of(9))));
    }

    private void notices() {
        shot("entries-commas", () -> {
            model.show(Assignment.EMPTY, null);
            model.intake().type("12,5 13,1 12,9 14,0 12,2");
        });
        shot("entries-total", () -> {
            model.show(Assignment.EMPTY, null);
            model.intake().type("12 15 15 18 60");
        });
        shot("find", () -> {
            demo("minutes", Page.ENTRIES);
            window.find().open();
            window.find().type("dev");
        });
    }

    private void states() {
        shot("one-value", () -> {
            window.find().close();
            model.show(Assignment.EMPTY, null);
            model.intake().type("42");
            model.looking().pageProperty().set(Page.MEASURES);
        });
        shot("equal-values", () -> {
            model.show(Assignment.EMPTY, null);
            model.intake().type("7 7 7 7");
            model.looking().pageProperty().set(Page.MEASURES);
        });
        shot("words-only", () -> {
            model.show(Assignment.EMPTY, null);
            model.intake().type("red green blue green");
            model.looking().pageProperty().set(Page.MEASURES);
        });
        shot("ten-thousand", () -> {
            model.show(Assignment.EMPTY, null);
            SplittableRandom random = new SplittableRandom(5);
            model.intake()
                    .type(random.doubles(10_000)
                            .mapToObj(share -> String.format(java.util.Locale.ROOT, "%.3f", 40 + 30 * share * share))
                            .collect(Collectors.joining(" ")));
            model.looking().pageProperty().set(Page.MEASURES);
        });
        shot("long-names", () -> {
            demo("minutes", Page.MEASURES);
            model.make(
                    new Edit.Retitle("Descriptive statistics for the social sciences, second assignment of the term"));
            model.make(new SheetEdit.Rename(
                    "minutes", "Minutes each volunteer spent on one repair, waiting included", "minutes per repair"));
        });
        shot("error", () -> {
            demo("minutes", Page.MEASURES);
            model.margin().answer("range", "quite a lot");
            model.margin().answer("median", "34.29");
            model.filing().open(Path.of("no-such-file.promedio"), Runnable::run, () -> {});
        });
        shot("error-damaged", () -> {
            demo("minutes", Page.MEASURES);
            model.filing().open(damaged(), Runnable::run, () -> {});
        });
        unread();
    }

    private void unread() {
        shot("error-unread", () -> {
            model.show(Assignment.EMPTY, null);
            model.filing().open(OddFiles.unread(), Runnable::run, () -> {});
        });
    }

    /** A file of the demo that breaks off before its end. */
    private static Path damaged() {
        try {
            Path file = Files.createTempDirectory("promedio").resolve("sheet 3.promedio");
            AssignmentFile.write(Demo.assignment(), file);
            byte[] whole = Files.readAllBytes(file);
            Files.write(file, Arrays.copyOf(whole, whole.length * 3 / 5));
            return file;
        } catch (IOException | InputProblem broken) {
            throw new IllegalStateException(broken);
        }
    }

    private void slateAndSize() {
        shot("slate-measures", () -> {
            demo("minutes", Page.MEASURES);
            model.looking().toggle("sd");
            window.setTheme(Theme.SLATE);
        });
        shot("slate-entries", () -> {
            model.select("ages");
            model.looking().pageProperty().set(Page.ENTRIES);
        });
        shot("slate-classes", () -> {
            model.select("waiting");
            model.looking().pageProperty().set(Page.CLASSES);
        });
        shot("slate-paste", () -> {
            model.show(Assignment.EMPTY, null);
            model.intake().type("0 5\n1 8\n2 12\n3 4");
        });
        shot("slate-file", () -> file("repair-cafe-log.csv", DemoLog.text()));
        shot("slate-card", () -> window.card().setOpen(true));
        shot("large-measures", () -> {
            window.card().setOpen(false);
            window.setTheme(Theme.PAPER);
            window.setTextSize(150);
            demo("minutes", Page.MEASURES);
            model.looking().toggle("sd");
        });
        shot("large-entries", () -> {
            model.select("ages");
            model.looking().pageProperty().set(Page.ENTRIES);
        });
        shot("large-classes", () -> {
            model.select("waiting");
            model.looking().pageProperty().set(Page.CLASSES);
        });
        shot("large-paste", () -> {
            model.show(Assignment.EMPTY, null);
            model.intake()
                    .type("Table 2: Time that 35 visitors of the repair café waited\n"
                            + "Minutes waited: 0-10 10-20 20-30 30-40 40-50 Total\nNo. of visitors: 5 8 12 6 4 36");
        });
        shot("large-file", () -> file("repair-cafe-log.csv", DemoLog.text()));
        shot("large-start", () -> model.show(Assignment.EMPTY, null));
        shot("narrow", () -> {
            window.setTextSize(100);
            stage.setWidth(960);
            stage.setHeight(640);
            demo("minutes", Page.MEASURES);
        });
    }
}
