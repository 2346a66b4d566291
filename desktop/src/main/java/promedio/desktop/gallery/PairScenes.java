package promedio.desktop.gallery;

import java.util.ArrayList;
import java.util.List;
import promedio.core.assignment.AnswerEdit;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SheetEdit;
import promedio.core.data.Entries;
import promedio.core.picture.Setting;
import promedio.core.sample.SampleKind;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.desk.TablePage;
import promedio.desktop.theme.Theme;
import promedio.desktop.window.MainWindow;

/** Pairs in every state: made of two columns, of few points worked by hand, with faults, covered, answered. */
final class PairScenes {
    private static final int AGE = 3;
    private static final int MINUTES = 4;
    private static final int OUTCOME = 7;
    private static final int IN_HAND = 4;

    private final MainWindow window;
    private final DeskModel model;
    private final List<Scenes.Shot> shots = new ArrayList<>();

    PairScenes(MainWindow window) {
        this.window = window;
        this.model = window.model();
    }

    List<Scenes.Shot> all() {
        ofTable();
        fewPoints();
        states();
        return shots;
    }

    private void ofTable() {
        shot("pairs-read", () -> new TableScenes(window).read());
        shot("pairs-columns-taken", () -> {
            model.intake().page().say(said -> said.withMissing("Minutes (min)=n/a"));
            model.intake().takePage();
        });
        shot("pairs-table", () -> model.select("t1"));
        shot("pairs-columns", () -> {
            model.looking().tablePageProperty().set(TablePage.COLUMNS);
            for (int column : List.copyOf(model.tables().ticked().columns())) {
                model.tables().ticked().tick(column, column == AGE || column == MINUTES);
            }
        });
        shot("pairs-taken", () -> model.pairs().take(AGE, MINUTES));
        shot("pairs-of-table", () -> model.looking().pageProperty().set(Page.ENTRIES));
        shot("together-table", () -> model.select("t1"));
        shot("together-shelf", () -> model.taking().takeEach(MINUTES, OUTCOME));
        shot("together-compared", () -> model.groups()
                .compare(model.assignment()
                        .sheets()
                        .get(model.assignment().sheets().size() - 1)
                        .groups()));
    }

    private void fewPoints() {
        shot("pairs-measures", () -> show(hours(), Page.MEASURES));
        shot("pairs-lit", () -> model.looking().litEntryProperty().set(IN_HAND));
        shot("pairs-in-hand", () -> model.trial()
                .take(new Edit.Together(
                        "change-entry",
                        List.of(
                                new SheetEdit.SetEntry("p1", 0, IN_HAND, "5.5"),
                                new SheetEdit.SetEntry("p1", 1, IN_HAND, "52")))));
        shot("pairs-what-if", () -> {
            model.trial().putBack();
            model.looking().litEntryProperty().set(null);
            model.trial().add(new SheetEdit.InsertRows("p1", 8, List.of(List.of("6"), List.of("55"))));
        });
        shot("pairs-working", () -> {
            model.trial().dropAdded();
            open("correlation-pearson");
        });
        shot("pairs-working-ranks", () -> open("correlation-spearman"));
        shot("pairs-working-ties", () -> open("correlation-spearman-corrected"));
        shot("pairs-working-kendall", () -> open("correlation-kendall"));
        shot("pairs-working-p", () -> open("p"));
        shot("pairs-unfolded", () -> {
            model.looking().opened().clear();
            model.looking().unfolded().addAll(List.of("TOGETHER", "LINE", "TEST"));
            model.ask("fitted=4.5");
        });
        shot("pairs-entries", () -> {
            model.looking().unfolded().clear();
            model.looking().pageProperty().set(Page.ENTRIES);
        });
        shot("pairs-picture", () -> model.looking().pageProperty().set(Page.PICTURE));
        shot("pairs-picture-line", () -> model.drawings().say(Setting.LINE, "yes"));
    }

    private void states() {
        shot("pairs-marked", () -> {
            show(hours(), Page.MEASURES);
            answer("mean/x", "3.44");
            answer("mean/y", "65");
            answer("covariance", "13.81");
            answer("correlation-pearson", "0.95");
            answer("slope", "16.69");
            answer("intercept", "7.63");
        });
        shot("pairs-mistake", () -> window.reveal("slope"));
        shot("pairs-covered", () -> {
            show(hours(), Page.MEASURES);
            model.make(new AnswerEdit.CoverFigures(true));
        });
        shot(
                "pairs-faults",
                () -> show(
                        pairs(
                                "Hours",
                                "Score",
                                Entries.of("1", "2", "", "3O", "4"),
                                Entries.of("5", "many", "7", "8", "9")),
                        Page.ENTRIES));
        shot("pairs-one", () -> show(pairs("", "", Entries.of("3"), Entries.of("4")), Page.MEASURES));
        shot("pairs-empty", () -> show(pairs("", "", Entries.of("x"), Entries.of("y")), Page.MEASURES));
        shot(
                "pairs-long-names",
                () -> show(
                        pairs(
                                "Hours spent on the assignment between Monday and the evening before it was due",
                                "Points given by the second marker, out of one hundred and twenty, without the bonus",
                                Entries.of("1", "2", "3"),
                                Entries.of("4", "5", "7")),
                        Page.ENTRIES));
        shot("pairs-slate", () -> {
            show(hours(), Page.MEASURES);
            window.setTheme(Theme.SLATE);
        });
        shot("pairs-large-text", () -> {
            window.setTheme(Theme.PAPER);
            window.setTextSize(150);
        });
        shot("pairs-left", () -> window.setTextSize(100));
    }

    private void open(String question) {
        model.looking().opened().clear();
        window.reveal(question);
    }

    private void answer(String question, String text) {
        model.make(new AnswerEdit.WriteAnswer("p1", question, text));
    }

    /** Eight learners, made up: hours of work and points. */
    private static SampleSheet hours() {
        return pairs(
                "Hours",
                "Score",
                Entries.of("1.5", "2", "2.5", "3", "3", "4", "5", "6.5"),
                Entries.of("52", "55", "61", "60", "68", "71", "70", "83"));
    }

    private static SampleSheet pairs(String first, String second, Entries xs, Entries ys) {
        String name = first.isEmpty() ? "Pairs" : first + " and " + second;
        return SampleSheet.table(SampleKind.PAIRS, "p1", name, first.isEmpty() ? "" : "h", xs, ys)
                .of(new SampleSheet.Variables(first, second, first.isEmpty() ? "" : "points"));
    }

    private void show(SampleSheet sheet, Page page) {
        Assignment alone = new Edit.AddSheet(0, sheet).apply(Assignment.EMPTY);
        model.show(alone, null);
        model.select("p1");
        model.looking().pageProperty().set(page);
    }

    private void shot(String name, Runnable set) {
        shots.add(new Scenes.Shot(name, set, () -> {}, false));
    }
}
